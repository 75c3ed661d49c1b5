'use client';

import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { Button as AriaButton, Group, Input, TextField as AriaTextField } from 'react-aria-components';
import { ErrorText, LabelText, StepperGroup } from './frame';
import { useUnits, useWords } from '../KitchenContext';
import { parseQuantity } from '@/core/intake';
import { type UnitChoice } from '@/core/quantity';

type Dimension = 'mass' | 'volume' | 'length' | 'temperature';

interface QuantityFieldProps {
  readonly label: string;
  readonly dimension: Dimension;
  /** kg, l, mm or °C; NaN while nothing is entered. */
  readonly value: number;
  readonly error?: string | undefined;
  /** Left empty it means something, said here. */
  readonly placeholder?: string;
  readonly hideLabel?: boolean;
  readonly onChange: (si: number) => void;
}

/** What one press of less or more changes, SI: a round step of the shown unit, growing with the amount. */
function stepOf(dimension: Dimension, value: number, units: UnitChoice): number {
  const us = units.weight === 'us';
  const size = Number.isFinite(value) ? Math.abs(value) : 0;
  switch (dimension) {
    case 'mass':
      return us ? (size < 0.45 ? 0.028349523125 : 0.11339809) : size < 0.1 ? 0.005 : size < 1 ? 0.05 : 0.1;
    case 'volume':
      return us ? 0.0295735295625 : size < 0.1 ? 0.01 : size < 1 ? 0.05 : 0.1;
    case 'length':
      return us ? 25.4 / 8 : size < 100 ? 1 : 5;
    case 'temperature':
      return units.temperature === 'F' ? (size > 105 ? 25 / 1.8 : 5 / 9) : size > 105 ? 5 : 1;
  }
}

/**
 * An amount typed as people say it: “2 lb 3 oz”, “1½ in”, “gas 3”, or a bare number in the unit shown. It takes whatever
 * is typed; what is allowed is for the caller to say in `error`. Emptied, or left with a text that cannot be read, it gives
 * NaN. The amount itself only changes when the text does, so changing units back and forth never moves it.
 */
export function QuantityField({
  label,
  dimension,
  value,
  error,
  placeholder,
  hideLabel = false,
  onChange,
}: QuantityFieldProps) {
  const units = useUnits();
  const w = useWords();
  const [draft, setDraft] = useState<string>();
  const shown = Number.isFinite(value) ? w.quantity(value, dimension) : '';
  const parsed = draft === undefined ? undefined : parseQuantity(draft, dimension, units);
  const unread = parsed && !parsed.ok ? w.say(parsed.says) : undefined;

  const onType = (text: string): void => {
    setDraft(text);
    const read = parseQuantity(text, dimension, units);
    if (read.ok) onChange(read.si);
  };
  const leave = (): void => {
    if (unread === undefined) setDraft(undefined);
    // Left as it is, what cannot be read is no amount: nothing may be recorded from a half of it.
    else onChange(Number.NaN);
  };
  const step = (sign: 1 | -1): void => {
    const by = stepOf(dimension, value, units);
    setDraft(undefined);
    const from = Number.isFinite(value) ? value : 0;
    onChange(Math.max(0, Math.round((from + sign * by) / (by / 4)) * (by / 4)));
  };

  return (
    <AriaTextField
      value={draft ?? shown}
      onChange={onType}
      onBlur={leave}
      onKeyDown={(e) => {
        if (e.key === 'Enter') leave();
        if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
          e.preventDefault();
          step(e.key === 'ArrowUp' ? 1 : -1);
        }
      }}
      isInvalid={(unread ?? error) !== undefined}
      inputMode="text"
      autoComplete="off"
      aria-label={hideLabel ? label : undefined}
    >
      {hideLabel ? null : <LabelText>{label}</LabelText>}
      <StepperGroup as={Group}>
        <AriaButton
          slot={null}
          excludeFromTabOrder
          aria-label={w.text('common.less', { label })}
          onPress={() => {
            step(-1);
          }}
        >
          <Minus size={16} aria-hidden />
        </AriaButton>
        <Input placeholder={placeholder} />
        <AriaButton
          slot={null}
          excludeFromTabOrder
          aria-label={w.text('common.more', { label })}
          onPress={() => {
            step(1);
          }}
        >
          <Plus size={16} aria-hidden />
        </AriaButton>
      </StepperGroup>
      <ErrorText>{unread ?? error}</ErrorText>
    </AriaTextField>
  );
}
