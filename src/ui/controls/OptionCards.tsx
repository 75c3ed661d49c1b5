'use client';

import { RadioButton, RadioField, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { LabelText } from './frame';
import { useWords } from '../KitchenContext';

const Cards = styled(RadioGroup)<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns}, minmax(0, 1fr));
  gap: 8px;
  @media (max-width: 640px) {
    grid-template-columns: repeat(${({ $columns }) => Math.min(2, $columns)}, minmax(0, 1fr));
  }
  @container (max-width: 460px) {
    grid-template-columns: repeat(${({ $columns }) => Math.min(2, $columns)}, minmax(0, 1fr));
  }
  > [data-ways-label] {
    grid-column: 1 / -1;
    margin: 0;
  }
`;

const Card = styled(RadioButton)`
  height: 100%;
  border: 2px solid var(--edge);
  background: var(--plate);
  border-radius: 12px;
  /* Five beside one another have room for their longest word. */
  padding: 9px clamp(6px, 8%, 12px);
  cursor: pointer;
  display: block;
  min-height: 48px;
  strong {
    display: block;
    overflow-wrap: anywhere;
    hyphens: auto;
  }
  small {
    display: block;
    overflow-wrap: anywhere;
    color: var(--mute);
    font-size: 0.8125rem;
    line-height: 1.3;
  }
  &[data-selected] {
    background: var(--enamel);
    border-color: var(--glow);
    color: var(--on-enamel);
  }
  &[data-selected] small {
    color: var(--on-enamel-mute);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
`;

/** One option: its name and a line of why. */
export interface OptionCard {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly isDefault?: boolean;
}

interface OptionCardsProps {
  readonly label: string;
  readonly value: string;
  readonly ways: readonly OptionCard[];
  readonly columns?: number;
  readonly hideLabel?: boolean;
  /** Only the chosen option says why. */
  readonly terse?: boolean;
  readonly onChange: (id: string) => void;
}

/** Named options of one technique, each with a line of why; the usual one is marked. */
export function OptionCards({
  label,
  value,
  ways,
  columns = ways.length,
  hideLabel = false,
  terse = false,
  onChange,
}: OptionCardsProps) {
  const w = useWords();
  return (
    <Cards
      $columns={columns}
      // While none is chosen, the first can be reached with Tab.
      value={ways.some((way) => way.id === value) ? value : null}
      onChange={onChange}
      aria-label={hideLabel ? label : undefined}
    >
      {hideLabel ? null : <LabelText data-ways-label>{label}</LabelText>}
      {ways.map((s) => (
        <RadioField key={s.id} value={s.id}>
          <Card>
            <strong>{s.name}</strong>
            {s.why === '' || (terse && s.id !== value) ? null : (
              <small>{s.isDefault === true ? w.text('way.usualWhy', { why: s.why }) : s.why}</small>
            )}
          </Card>
        </RadioField>
      ))}
    </Cards>
  );
}
