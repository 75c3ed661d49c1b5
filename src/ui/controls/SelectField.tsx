'use client';

import { ChevronDown } from 'lucide-react';
import {
  Autocomplete,
  Button as AriaButton,
  Header,
  Input,
  ListBox,
  ListBoxItem,
  ListBoxSection,
  Popover,
  SearchField,
  Select,
  SelectValue,
  Text,
  useFilter,
} from 'react-aria-components';
import { type ReactNode } from 'react';
import styled from 'styled-components';
import { ErrorText, frame, LabelText } from './frame';
import { useThemeScope } from '../ThemeScope';
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
  [slot='description'] {
    display: none;
  }
`;

const List = styled(Popover)`
  background: var(--plate);
  color: var(--ink);
  border: 2px solid var(--rim);
  border-radius: 12px;
  overflow: auto;
  padding: 6px;
  min-width: var(--trigger-width);
  box-shadow: 0 10px 30px rgb(7 18 22 / 30%);
`;

const Item = styled(ListBoxItem)`
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
  [slot='label'] {
    display: block;
  }
  [slot='description'] {
    display: block;
    max-width: 340px;
    font-size: 0.8125rem;
    line-height: 1.3;
    font-weight: 400;
    color: var(--mute);
  }
`;

const Look = styled(SearchField)`
  position: sticky;
  top: 0;
  z-index: 1;
  background: var(--plate);
  padding-bottom: 6px;
  input {
    ${frame}
    width: 100%;
    padding: 0 12px;
    font: inherit;
    color: inherit;
  }
`;

const SectionHeader = styled(Header)`
  padding: 8px 12px 2px;
  color: var(--mute);
  font-size: 0.875rem;
`;

export interface Option {
  readonly id: string;
  readonly label: string;
  /** A line under the label in the open list. */
  readonly why?: string;
}

interface SelectFieldProps {
  readonly label: string;
  readonly value: string;
  readonly sections: readonly { readonly title?: string; readonly options: readonly Option[] }[];
  readonly error?: string | undefined;
  readonly hideLabel?: boolean;
  /** Shown while nothing is chosen (`value` empty). */
  readonly placeholder?: string;
  readonly onChange: (id: string) => void;
}

/** A longer list has a line to look in. */
const LONG = 24;

/** A list, and over a long one a line in which to type what is looked for. */
function Searched({ label, isLong, children }: { label: string; isLong: boolean; children: ReactNode }) {
  const w = useWords();
  const { contains } = useFilter({ sensitivity: 'base' });
  return isLong ? (
    <Autocomplete filter={contains}>
      <Look aria-label={w.text('select.lookFor', { label })} autoFocus>
        <Input placeholder={w.text('select.typeToFind')} />
      </Look>
      {children}
    </Autocomplete>
  ) : (
    children
  );
}

/** One of a list, in sections. */
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
  const theme = useThemeScope();
  return (
    <Select
      value={value === '' ? null : value}
      placeholder={placeholder ?? w.text('select.choose')}
      aria-label={hideLabel ? label : undefined}
      onChange={(key) => {
        if (key !== null) onChange(String(key));
      }}
      isInvalid={error !== undefined}
    >
      {hideLabel ? null : <LabelText>{label}</LabelText>}
      <SelectButton>
        <SelectValue />
        <ChevronDown size={18} aria-hidden />
      </SelectButton>
      <ErrorText>{error}</ErrorText>
      <List data-theme={theme}>
        <Searched label={label} isLong={sections.reduce((sum, s) => sum + s.options.length, 0) > LONG}>
          <ListBox>
            {sections.map((section, i) => (
              <ListBoxSection key={section.title ?? i} aria-label={section.title ?? label}>
                {section.title === undefined ? null : <SectionHeader>{section.title}</SectionHeader>}
                {section.options.map((o) => (
                  <Item key={o.id} id={o.id} textValue={o.label}>
                    {o.why === undefined || o.why === '' ? (
                      o.label
                    ) : (
                      <>
                        <Text slot="label">{o.label}</Text>
                        <Text slot="description">{o.why}</Text>
                      </>
                    )}
                  </Item>
                ))}
              </ListBoxSection>
            ))}
          </ListBox>
        </Searched>
      </List>
    </Select>
  );
}
