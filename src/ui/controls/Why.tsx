'use client';

import { CircleHelp } from 'lucide-react';
import { useRef, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { useWords } from '../KitchenContext';
import { late } from '../late';
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

const Plate = late(async () => (await import('./WhyPlate')).WhyPlate);

/** A small question mark that answers “why this number?”: formula, inputs, what would change it, how sure it is. */
export function Why({ figure }: { figure: Figure }) {
  const w = useWords();
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <Ask
        ref={button}
        aria-label={w.text('why.ask', { label: w.figureName(figure), value: w.figure(figure) })}
        aria-haspopup="dialog"
        aria-expanded={open}
        onPress={() => {
          setOpen(!open);
        }}
      >
        <CircleHelp size={17} aria-hidden />
      </Ask>
      {open ? (
        <Plate
          figure={figure}
          trigger={button}
          onClose={() => {
            setOpen(false);
          }}
        />
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

/** Figures one under the other, each with its why. */
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
