'use client';

import { Input, TextArea as AriaTextArea, TextField as AriaTextField } from 'react-aria-components';
import styled from 'styled-components';
import { ErrorText, frame, LabelText } from './frame';
import { ENDING_KEYS, useDebouncedCommit } from './useDebouncedCommit';

const TextBox = styled(Input)`
  ${frame}
  width: 100%;
  padding: 0 12px;
  font-weight: 650;
`;

const AreaBox = styled(AriaTextArea)`
  ${frame}
  width: 100%;
  padding: 10px 12px;
  min-height: 84px;
  resize: vertical;
`;

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly error?: string | undefined;
  readonly multiline?: boolean;
  readonly maxLength?: number;
  /** Takes the cursor when it appears. */
  readonly autoFocus?: boolean;
  readonly onChange: (value: string) => void;
}

/** Text; commits after a pause, or at once on Enter or blur. */
export function TextField({
  label,
  value,
  error,
  multiline = false,
  maxLength,
  autoFocus = false,
  onChange,
}: TextFieldProps) {
  const { entered, enter, handOn } = useDebouncedCommit(onChange);
  return (
    <AriaTextField
      value={entered ? entered.value : value}
      onChange={enter}
      onBlur={handOn}
      onKeyDown={(e) => {
        if (ENDING_KEYS.includes(e.key)) handOn();
        // The key also means something to the sheet and the page.
        e.continuePropagation();
      }}
      isInvalid={error !== undefined}
      autoFocus={autoFocus}
      {...(maxLength === undefined ? {} : { maxLength })}
    >
      <LabelText>{label}</LabelText>
      {multiline ? <AreaBox /> : <TextBox />}
      <ErrorText>{error}</ErrorText>
    </AriaTextField>
  );
}
