'use client';

import { CircleHelp } from 'lucide-react';
import { Button as AriaButton, Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { PopBox } from './PopBox';
import { useSay, useUnits } from '../KitchenContext';
import { useThemeScope } from '../ThemeScope';
import { type Figure, formatFigure, formatMeasure, SURENESS_WORDS } from '@/core/explain/figure';

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

const Body = styled(Dialog)`
  outline: none;
  padding: 14px 16px 16px;
  display: grid;
  gap: 8px;
  font-size: 15px;
  h3 {
    font-size: 18px;
  }
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
  const units = useUnits();
  const say = useSay();
  const theme = useThemeScope();
  const value = formatFigure(figure, units);
  return (
    <DialogTrigger>
      <Ask aria-label={`Why ${figure.label.toLowerCase()} ${value}?`}>
        <CircleHelp size={17} aria-hidden />
      </Ask>
      <PopBox $widthPx={360} data-theme={theme} placement="bottom end">
        <Body>
          <Heading slot="title" level={3}>
            {figure.label}: {value}
          </Heading>
          <p>{say(figure.formula)}</p>
          {figure.inputs.length > 0 ? (
            <dl>
              {figure.inputs.map((i) => (
                <div key={i.label} style={{ display: 'contents' }}>
                  <dt>{i.label}</dt>
                  <dd>{formatMeasure(i.value, i.as, units)}</dd>
                </div>
              ))}
            </dl>
          ) : null}
          {figure.range ? (
            <p>
              Between {formatMeasure(figure.range[0], figure.as, units)} and{' '}
              {formatMeasure(figure.range[1], figure.as, units)}.
            </p>
          ) : null}
          <p>
            <b>What would change it:</b> {say(figure.changes)}
          </p>
          <p style={{ color: 'var(--mute)' }}>{SURENESS_WORDS[figure.sure]}</p>
        </Body>
      </PopBox>
    </DialogTrigger>
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
`;

/** Figures one under the other, each with its why. */
export function Figures({ figures, columns = 2 }: { figures: readonly Figure[]; columns?: number }) {
  const units = useUnits();
  return (
    <Grid $columns={columns}>
      {figures.map((f) => (
        <div key={f.label}>
          <dt>{f.label}</dt>
          <dd>
            {formatFigure(f, units)} <Why figure={f} />
          </dd>
        </div>
      ))}
    </Grid>
  );
}
