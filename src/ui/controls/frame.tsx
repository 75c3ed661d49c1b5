'use client';

import { FieldError, Group, Label } from 'react-aria-components';
import styled, { css } from 'styled-components';

export const labelText = css`
  display: block;
  font-size: 0.875rem;
  color: var(--mute);
  margin-bottom: 4px;
`;

export const errorText = css`
  display: block;
  font-size: 0.875rem;
  color: var(--danger);
  margin-top: 4px;
`;

/** The surface of a list to choose from, and one line of it. */
export const listPlate = css`
  background: var(--plate);
  color: var(--ink);
  border: 2px solid var(--rim);
  border-radius: 12px;
  overflow: auto;
  padding: 6px;
  box-shadow: 0 10px 30px rgb(7 18 22 / 30%);
`;

export const listItem = css`
  padding: 9px 12px;
  border-radius: 8px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: var(--well);
  }
  &[data-selected] {
    font-weight: 700;
  }
`;

export const LabelText = styled(Label)`
  ${labelText}
`;

export const ErrorText = styled(FieldError)`
  ${errorText}
`;

/** The look of everything that can be typed into. */
export const frame = css`
  background: var(--plate);
  border: 2px solid var(--edge);
  border-radius: 10px;
  min-height: 44px;
`;

/** An input between a less and a more button. */
export const StepperGroup = styled(Group)`
  ${frame}
  display: flex;
  align-items: stretch;
  overflow: hidden;
  &[data-focus-within] {
    border-color: var(--glow);
  }
  &[data-invalid] {
    border-color: var(--danger);
  }
  input {
    flex: 1;
    min-width: 0;
    width: 100%;
    border: 0;
    background: none;
    padding: 0;
    text-align: center;
    font-weight: 650;
    outline: none;
  }
  button {
    width: 32px;
    flex: none;
    border: 0;
    background: var(--well);
    display: grid;
    place-items: center;
    cursor: pointer;
  }
  span {
    align-self: center;
    color: var(--mute);
    padding-right: 8px;
    font-size: 0.875rem;
  }
`;

/** Fields side by side where there is room. */
export const FieldRow = styled.div<{ $columns?: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns ?? 2}, minmax(0, 1fr));
  gap: 10px;
  align-items: start;
`;
