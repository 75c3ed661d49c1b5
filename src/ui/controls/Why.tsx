'use client';

import { CircleHelp } from 'lucide-react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { Popover, usePopover } from './usePopover';
import { useWords } from '../KitchenContext';
import { type Figure } from '@/core/message';

const Ask = styled(AriaButton)`
  border: 0;
  background: none;
  padding: 0;
  width: 28px;
  height: 28px;
  display: inline-grid;
  place-items: center;
  border-radius: 50%;
  color: var(--mute);
  cursor: pointer;
  vertical-align: middle;
  &:hover {
    color: var(--ink);
    background: var(--well);
  }
`;

const Answer = styled.div`
  display: grid;
  gap: 8px;
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 12px;
    margin: 0;
    padding: 6px 0;
    border-block: 1px solid var(--line);
  }
  dt {
    color: var(--mute);
  }
  dd {
    margin: 0;
    font-weight: 650;
    text-align: right;
  }
`;

/** A small question mark that answers “why this number?”: formula, inputs, what would change it, how sure it is. */
export function Why({ figure }: { figure: Figure }) {
  const w = useWords();
  const { open, triggerProps: face, plate } = usePopover('dialog');
  const value = w.figure(figure);
  return (
    <>
      <Ask {...face} aria-label={w.text('why.ask', { label: w.figureName(figure), value })}>
        <CircleHelp size={17} aria-hidden />
      </Ask>
      {open ? (
        <Popover {...plate} widthPx={360} title={w.text('why.title', { label: w.about(figure, 'label'), value })}>
          <Answer>
            <p>{w.about(figure, 'formula')}</p>
            {figure.inputs.length > 0 ? (
              <dl>
                {figure.inputs.map((i, n) => (
                  <div key={`${i.id}${String(n)}`} style={{ display: 'contents' }}>
                    <dt>{w.inputLabel(i)}</dt>
                    <dd>{w.quantity(i.value, i.as)}</dd>
                  </div>
                ))}
              </dl>
            ) : null}
            {figure.range ? (
              <p>
                {w.text('why.range', {
                  low: w.quantity(figure.range[0], figure.as),
                  high: w.quantity(figure.range[1], figure.as),
                })}
              </p>
            ) : null}
            <p>
              <b>{w.text('why.whatWouldChangeIt')}</b> {w.about(figure, 'changes')}
            </p>
            <p style={{ color: 'var(--mute)' }}>{w.text(`sure.${figure.sure}`)}</p>
          </Answer>
        </Popover>
      ) : null}
    </>
  );
}

const Grid = styled.dl<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns}, minmax(0, 1fr));
  gap: 2px 24px;
  margin: 0;
  > div {
    display: flex;
    align-items: center;
    gap: 6px;
    border-top: 1px solid var(--line);
    padding: 3px 0;
    min-height: 34px;
  }
  dt {
    flex: 1;
    min-width: 0;
    line-height: 1.25;
  }
  dd {
    margin: 0;
    font-weight: 700;
    white-space: nowrap;
    display: flex;
    align-items: center;
    gap: 6px;
  }
  @media (max-width: 560px) {
    grid-template-columns: minmax(0, 1fr);
  }
  @container (max-width: 460px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** A column of figures, each with its why. */
export function Figures({ figures, columns = 2 }: { figures: readonly Figure[]; columns?: number }) {
  const w = useWords();
  return (
    <Grid $columns={columns}>
      {figures.map((f) => (
        <div key={f.id}>
          <dt>{w.about(f, 'label')}</dt>
          <dd>
            {w.figure(f)} <Why figure={f} />
          </dd>
        </div>
      ))}
    </Grid>
  );
}
