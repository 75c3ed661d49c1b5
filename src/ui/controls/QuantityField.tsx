'use client';

import { Minus, Plus } from 'lucide-react';
import { Button as AriaButton, Group, Input, TextField as AriaTextField } from 'react-aria-components';
import { ErrorText, LabelText, StepperGroup } from './frame';
import { type QuantityFieldOptions, useQuantityField, useQuantityFieldState } from './useQuantityField';
import { useWords } from '../KitchenContext';

interface QuantityFieldProps extends QuantityFieldOptions {
  readonly label: string;
  /** What is wrong with the amount; the field itself reports what cannot be read. */
  readonly error?: string | undefined;
  /** What an empty field means. */
  readonly placeholder?: string;
  readonly hideLabel?: boolean;
}

/** An amount with its unit, and buttons for less and more. */
export function QuantityField({ label, error, placeholder, hideLabel = false, ...options }: QuantityFieldProps) {
  const w = useWords();
  const state = useQuantityFieldState(options);
  const { fieldProps, lessProps, moreProps } = useQuantityField(state);
  const wrong = state.unread ? w.say(state.unread) : error;
  return (
    <AriaTextField
      {...fieldProps}
      isInvalid={wrong !== undefined}
      inputMode="text"
      autoComplete="off"
      aria-label={hideLabel ? label : undefined}
    >
      {hideLabel ? null : <LabelText>{label}</LabelText>}
      <StepperGroup as={Group}>
        <AriaButton {...lessProps} slot={null} excludeFromTabOrder aria-label={w.text('common.less', { label })}>
          <Minus size={16} aria-hidden />
        </AriaButton>
        <Input placeholder={placeholder} />
        <AriaButton {...moreProps} slot={null} excludeFromTabOrder aria-label={w.text('common.more', { label })}>
          <Plus size={16} aria-hidden />
        </AriaButton>
      </StepperGroup>
      <ErrorText>{wrong}</ErrorText>
    </AriaTextField>
  );
}
