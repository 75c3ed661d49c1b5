'use client';

import { type ReactNode, type RefObject } from 'react';
import {
  Autocomplete,
  Header,
  Input,
  ListBox,
  ListBoxItem,
  ListBoxSection,
  Popover,
  SearchField,
  Text,
  useFilter,
} from 'react-aria-components';
import styled from 'styled-components';
import { frame, listItem, listPlate } from './frame';
import { type OptionSection } from './options';
import { useWords } from '../KitchenContext';
import { useThemeScope } from '../ThemeScope';

const List = styled(Popover)`
  ${listPlate}
`;

const Item = styled(ListBoxItem)`
  ${listItem}
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

/** A longer list gets a search field. */
const LONG = 24;

/** A list with a search field if it is long. */
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

interface ListPopoverProps {
  /** The button it opens from; it is at least as wide. */
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly label: string;
  readonly value: string;
  readonly sections: readonly OptionSection[];
  readonly onChoose: (id: string) => void;
  readonly onClose: () => void;
}

/** An open list to choose one item from, in sections. */
export function ListPopover({ trigger, label, value, sections, onChoose, onClose }: ListPopoverProps) {
  const theme = useThemeScope();
  return (
    <List
      aria-label={label}
      data-theme={theme}
      triggerRef={trigger}
      placement="bottom start"
      style={{ minWidth: trigger.current?.offsetWidth }}
      isOpen
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <Searched label={label} isLong={sections.reduce((sum, s) => sum + s.options.length, 0) > LONG}>
        <ListBox
          aria-label={label}
          autoFocus
          selectionMode="single"
          selectedKeys={value === '' ? [] : [value]}
          onSelectionChange={(keys) => {
            // Choosing the selected item again deselects it in the list, but not for us.
            const id = keys === 'all' ? undefined : [...keys][0];
            if (id !== undefined) onChoose(String(id));
            onClose();
          }}
        >
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
  );
}
