'use client';

import { type RefObject } from 'react';
import { Menu, MenuItem } from 'react-aria-components';
import styled from 'styled-components';
import { PopBox } from './PopBox';
import { useThemeScope } from '../ThemeScope';

const List = styled(Menu)`
  outline: none;
  padding: 6px;
`;

const Item = styled(MenuItem)`
  display: grid;
  align-content: center;
  min-height: 48px;
  padding: 8px 12px;
  border-radius: 9px;
  cursor: pointer;
  outline: none;
  small {
    color: var(--mute);
    font-size: 0.875rem;
  }
  &[data-focused] {
    background: var(--well);
  }
  &[data-focus-visible] {
    box-shadow: inset 0 0 0 3px var(--ring);
  }
`;

interface MenuPopoverProps {
  /** The button it opens from. */
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly label: string;
  readonly widthPx: number;
  readonly items: readonly { readonly id: string; readonly name: string; readonly note?: string }[];
  readonly onChoose: (id: string) => void;
  readonly onClose: () => void;
}

/** An open menu beside its button. */
export function MenuPopover({ trigger, label, widthPx, items, onChoose, onClose }: MenuPopoverProps) {
  const theme = useThemeScope();
  return (
    <PopBox
      aria-label={label}
      $widthPx={widthPx}
      data-theme={theme}
      placement="bottom start"
      triggerRef={trigger}
      isOpen
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <List
        aria-label={label}
        autoFocus="first"
        onClose={onClose}
        onAction={(key) => {
          onChoose(String(key));
        }}
      >
        {items.map(({ id, name, note }) => (
          <Item key={id} id={id} textValue={name}>
            <b>{name}</b>
            {note === undefined ? null : <small>{note}</small>}
          </Item>
        ))}
      </List>
    </PopBox>
  );
}
