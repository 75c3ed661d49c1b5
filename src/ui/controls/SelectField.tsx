'use client';

import { ChevronDown } from 'lucide-react';
import { useId } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { errorText, frame, labelText } from './frame';
import { type OptionSection } from './options';
import { ListPlate, usePopover } from './usePopover';
import { useWords } from '../KitchenContext';

const SelectButton = styled(AriaButton)`
  ${frame}
  width: 100%;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  padding: 0 12px;
  text-align: left;
  cursor: pointer;
  font-weight: 650;
  min-width: 0;
  > span {
    min-width: 0;
    overflow-wrap: anywhere;
  }
  &[data-invalid] {
    border-color: var(--danger);
  }
`;

const Name = styled.span`
  ${labelText}
`;

const Fault = styled.span`
  ${errorText}
`;

export interface SelectFieldProps {
  readonly label: string;
  readonly value: string;
  readonly sections: readonly OptionSection[];
  readonly error?: string | undefined;
  readonly hideLabel?: boolean;
  /** Shown while nothing is chosen (`value` empty). */
  readonly placeholder?: string;
  readonly onChange: (id: string) => void;
}

/** One item of a list, in sections. The list itself is created when opened. */
export function SelectField({
  label,
  value,
  sections,
  error,
  hideLabel = false,
  placeholder,
  onChange,
}: SelectFieldProps) {
  const w = useWords();
  const id = useId();
  const { open, triggerProps: face, plate } = usePopover('listbox');
  const chosen = sections.flatMap((s) => s.options).find((o) => o.id === value);
  return (
    <div>
      {hideLabel ? null : (
        <Name
          id={`${id}-label`}
          onClick={() => {
            face.ref.current?.focus();
          }}
        >
          {label}
        </Name>
      )}
      <SelectButton
        {...face}
        id={`${id}-button`}
        aria-label={hideLabel ? `${chosen?.label ?? ''} ${label}`.trim() : undefined}
        aria-labelledby={hideLabel ? undefined : `${id}-value ${id}-label`}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        data-invalid={error === undefined ? undefined : ''}
        onKeyDown={(e) => {
          if (!open && (e.key === 'ArrowDown' || e.key === 'ArrowUp')) face.onPress();
          else e.continuePropagation();
        }}
      >
        <span id={`${id}-value`}>{chosen?.label ?? placeholder ?? w.text('select.choose')}</span>
        <ChevronDown size={18} aria-hidden style={{ flex: 'none' }} />
      </SelectButton>
      {error === undefined ? null : <Fault id={`${id}-error`}>{error}</Fault>}
      {open ? <ListPlate {...plate} label={label} value={value} sections={sections} onChoose={onChange} /> : null}
    </div>
  );
}
