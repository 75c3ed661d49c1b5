'use client';

import { CheckboxButton, CheckboxField, CheckboxGroup } from 'react-aria-components';
import styled from 'styled-components';
import { LabelText } from './frame';

const Group = styled(CheckboxGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  > [data-label] {
    flex-basis: 100%;
    margin: 0;
  }
`;

const Chip = styled(CheckboxButton)`
  border: 2px solid var(--edge);
  border-radius: 999px;
  padding: 5px 12px;
  min-height: 34px;
  cursor: pointer;
  font-size: 0.875rem;
  background: var(--plate);
  display: block;
  &[data-selected] {
    background: var(--enamel);
    color: var(--on-enamel);
    border-color: var(--glow);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
`;

interface ChipsProps<Id extends string> {
  readonly label: string;
  /** If the text above it already says the label. */
  readonly hideLabel?: boolean;
  readonly options: readonly { readonly id: Id; readonly label: string }[];
  readonly chosen: readonly Id[];
  readonly isDisabled?: boolean;
  readonly onChange: (chosen: readonly Id[]) => void;
}

/** Multiple choice from a few items, each a chip that is on or off. */
export function Chips<Id extends string>({
  label,
  hideLabel = false,
  options,
  chosen,
  isDisabled = false,
  onChange,
}: ChipsProps<Id>) {
  return (
    <Group
      aria-label={hideLabel ? label : undefined}
      value={[...chosen]}
      isDisabled={isDisabled}
      onChange={(ids) => {
        onChange(ids.flatMap((id) => options.find((o) => o.id === id)?.id ?? []));
      }}
    >
      {hideLabel ? null : <LabelText data-label>{label}</LabelText>}
      {options.map((o) => (
        <CheckboxField key={o.id} value={o.id}>
          <Chip>{o.label}</Chip>
        </CheckboxField>
      ))}
    </Group>
  );
}
