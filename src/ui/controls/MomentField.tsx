'use client';

import { fromAbsolute, now } from '@internationalized/date';
import { useIsSSR } from 'react-aria';
import { DateField, DateInput, DateSegment } from 'react-aria-components';
import styled from 'styled-components';
import { ErrorText, frame, LabelText } from './frame';
import { useKitchen, useWords } from '@/ui/KitchenContext';

const Box = styled(DateInput)`
  ${frame}
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  padding: 4px 12px;
  font-weight: 650;
  &[data-focus-within] {
    border-color: var(--glow);
  }
  &[data-invalid] {
    border-color: var(--danger);
  }
`;

const Still = styled.div`
  ${frame}
`;

/** The field, and its day in words. */
const Beside = styled.div`
  position: relative;
  > span {
    position: absolute;
    right: 12px;
    top: 12px;
    font-size: 0.875rem;
    color: var(--mute);
    pointer-events: none;
  }
`;

const Segment = styled(DateSegment)`
  padding: 2px 1px;
  border-radius: 4px;
  outline: none;
  white-space: pre;
  &[data-placeholder] {
    color: var(--mute);
  }
  &[data-focused] {
    background: var(--enamel);
    color: var(--on-enamel);
  }
`;

interface MomentFieldProps {
  readonly label: string;
  /** The moment, ms; NaN if empty. */
  readonly value: number;
  readonly error?: string | undefined;
  readonly onChange: (ms: number) => void;
}

/** A day and a time on the kitchen's clock, typed or stepped segment by segment in the reader's format. */
export function MomentField({ label, value, error, onChange }: MomentFieldProps) {
  const { timeZone } = useKitchen();
  const w = useWords();
  // Server and browser render some segments with different spaces, so they are rendered in the browser only.
  if (useIsSSR()) {
    return (
      <div>
        <LabelText>{label}</LabelText>
        <Still />
      </div>
    );
  }
  return (
    <DateField
      value={Number.isFinite(value) ? fromAbsolute(value, timeZone) : null}
      placeholderValue={now(timeZone).set({ minute: 0, second: 0, millisecond: 0 })}
      granularity="minute"
      hourCycle={w.hours}
      hideTimeZone
      shouldForceLeadingZeros={w.hours === 24}
      isInvalid={error !== undefined}
      onChange={(moment) => {
        onChange(moment ? moment.toDate().getTime() : Number.NaN);
      }}
    >
      <LabelText>{label}</LabelText>
      <Beside>
        <Box>{(segment) => <Segment segment={segment} />}</Box>
        <span>{w.weekday(value)}</span>
      </Beside>
      <ErrorText>{error}</ErrorText>
    </DateField>
  );
}
