'use client';

import { Minus, Plus } from 'lucide-react';
import { Button as AriaButton, Input, NumberField as AriaNumberField } from 'react-aria-components';
import { ErrorText, LabelText, StepperGroup } from './frame';
import { useWords } from '@/ui/KitchenContext';

interface NumberFieldProps {
  readonly label: string;
  readonly unit?: string;
  readonly value: number;
  readonly step: number;
  readonly decimals?: number;
  readonly error?: string | undefined;
  readonly hideLabel?: boolean;
  readonly onChange: (value: number) => void;
}

/**
 * A number with its unit. It accepts whatever is typed: the caller says what is allowed, in `error`. An emptied field
 * gives NaN.
 */
export function NumberField({
  label,
  unit,
  value,
  step,
  decimals = 0,
  error,
  hideLabel = false,
  onChange,
}: NumberFieldProps) {
  const w = useWords();
  return (
    <AriaNumberField
      value={value}
      onChange={onChange}
      step={step}
      isInvalid={error !== undefined}
      aria-label={hideLabel ? label : undefined}
      commitBehavior="validate"
      formatOptions={{ maximumFractionDigits: decimals, useGrouping: false }}
    >
      {hideLabel ? null : <LabelText>{label}</LabelText>}
      <StepperGroup>
        <AriaButton slot="decrement" aria-label={w.text('common.less', { label })}>
          <Minus size={16} aria-hidden />
        </AriaButton>
        <Input />
        {unit === undefined ? null : <span>{unit}</span>}
        <AriaButton slot="increment" aria-label={w.text('common.more', { label })}>
          <Plus size={16} aria-hidden />
        </AriaButton>
      </StepperGroup>
      <ErrorText>{error}</ErrorText>
    </AriaNumberField>
  );
}
