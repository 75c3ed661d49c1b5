'use client';

import Link from 'next/link';
import { type ReactNode } from 'react';
import { CheckboxButton, CheckboxField, Input, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { type SheetMarks } from './useSheetMarks';
import { linkButton } from '@/ui/controls/Button';

export const Sheet = styled.main`
  max-width: 1000px;
  margin: 16px auto;
  padding: 20px 24px 28px;
  background: var(--plate);
  border: 2px solid var(--rim);
  border-radius: 16px;
  display: grid;
  gap: 18px;
  h2 {
    font-size: 1.25rem;
    border-bottom: 2px solid var(--rim);
    padding-bottom: 3px;
  }
  h3 {
    font-size: 0.9375rem;
    color: var(--mute);
    padding-top: 8px;
  }
  @media (max-width: 1032px) {
    margin: 12px;
    padding: 14px;
  }
  @media print {
    max-width: none;
    margin: 0;
    padding: 0;
    border: 0;
    font-size: 9pt;
    line-height: 1.25;
    gap: 6pt;
    h2 {
      font-size: 11.5pt;
      padding-bottom: 1pt;
      break-after: avoid;
    }
    h3 {
      font-size: 9pt;
      padding-top: 3pt;
      break-after: avoid;
    }
  }
`;

export const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  justify-content: space-between;
  align-items: start;
  h1 {
    font-size: 1.875rem;
    overflow-wrap: anywhere;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  @media print {
    h1 {
      font-size: 16pt;
    }
    nav {
      display: none;
    }
  }
`;

export const BackLink = styled(Link)`
  ${linkButton('plain')}
`;

export const Columns = styled.div`
  columns: 2 300px;
  column-gap: 28px;
  @media print {
    columns: 2;
    column-gap: 18pt;
  }
`;

const Line = styled(CheckboxButton)`
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr);
  gap: 10px;
  align-items: start;
  padding: 10px 0;
  cursor: pointer;
  break-inside: avoid;
  > i {
    width: 22px;
    height: 22px;
    border: 2px solid var(--rim);
    border-radius: 5px;
    background: var(--plate);
    display: grid;
    place-items: center;
  }
  [data-theme='dark'] & > i {
    border-color: var(--mute);
  }
  &[data-selected] > i::after {
    content: '';
    width: 12px;
    height: 6px;
    border-left: 3px solid var(--ember-ink);
    border-bottom: 3px solid var(--ember-ink);
    transform: rotate(-45deg) translate(1px, -2px);
  }
  &[data-selected] > span {
    color: var(--mute);
    text-decoration: line-through;
  }
  &[data-focus-visible] > i {
    outline: 3px solid var(--ring);
    outline-offset: 2px;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 0.875rem;
  }
  @media print {
    padding: 1.2pt 0;
    grid-template-columns: 11pt minmax(0, 1fr);
    gap: 4pt;
    > i {
      width: 9pt;
      height: 9pt;
      border: 1pt solid #000;
      border-radius: 2pt;
      margin-top: 1pt;
    }
    &[data-selected] > i::after {
      width: 6pt;
      height: 3pt;
      border-left: 1.5pt solid #000;
      border-bottom: 1.5pt solid #000;
      transform: rotate(-45deg) translate(0.5pt, -1pt);
    }
    small {
      display: inline;
      margin-left: 4pt;
      font-size: 8pt;
    }
  }
`;

export const Cuts = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 14px 24px;
  padding-top: 8px;
  li {
    display: grid;
    gap: 4px;
    align-content: end;
    justify-items: start;
    font-size: 0.875rem;
    break-inside: avoid;
  }
  @media print {
    gap: 4pt 12pt;
    padding-top: 2pt;
    li {
      font-size: 8pt;
    }
  }
`;

export const Checks = styled.table`
  border-collapse: collapse;
  width: 100%;
  th {
    text-align: left;
    font-size: 0.875rem;
    color: var(--mute);
    font-weight: 400;
    padding: 4px 8px 4px 0;
  }
  td {
    border-top: 1px solid var(--line);
    padding: 6px 8px 6px 0;
    vertical-align: top;
  }
  small {
    display: block;
    color: var(--mute);
    font-size: 0.875rem;
  }
  input {
    width: 100%;
    min-width: 64px;
    min-height: 44px;
    border: 2px solid var(--line);
    border-radius: 8px;
    background: var(--plate);
    padding: 0 8px;
  }
  tr {
    break-inside: avoid;
  }
  @media (max-width: 560px) {
    thead {
      display: none;
    }
    tr {
      display: grid;
      grid-template-columns: 1fr 1fr 1fr;
      gap: 6px;
      padding: 8px 0;
      border-top: 1px solid var(--line);
    }
    td {
      border: 0;
      padding: 0;
    }
    td:first-child {
      grid-column: 1 / -1;
    }
  }
  @media print {
    small {
      font-size: 8pt;
    }
    td {
      border-top: 0.5pt solid #999;
      padding: 1pt 6pt 1pt 0;
    }
    input {
      min-height: 15pt;
      border: 1pt solid #000;
      border-radius: 2pt;
    }
    input::placeholder {
      color: transparent;
    }
  }
`;

export function Tick({ marks, id, children }: { marks: SheetMarks; id: string; children: ReactNode }) {
  return (
    <CheckboxField
      isSelected={marks.isTicked(id)}
      onChange={(on) => {
        marks.tick(id, on);
      }}
    >
      <Line>
        <i aria-hidden />
        <span>{children}</span>
      </Line>
    </CheckboxField>
  );
}

/** Columns of the check table: when, how the fork felt, what the probe said. */
export const COLUMNS = ['reallyAt', 'fork', 'probe'] as const;

export function Blank({ marks, id, column, label }: { marks: SheetMarks; id: string; column: string; label: string }) {
  return (
    <TextField
      aria-label={label}
      value={marks.written(id)}
      onChange={(text) => {
        marks.write(id, text);
      }}
    >
      <Input maxLength={60} placeholder={column} />
    </TextField>
  );
}
