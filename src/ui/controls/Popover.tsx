'use client';

import { type ReactNode, type RefObject } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { PopBox } from './PopBox';
import { useThemeScope } from '../ThemeScope';

const Body = styled(Dialog)`
  outline: none;
  padding: 14px 16px 16px;
  display: grid;
  gap: 8px;
  font-size: 0.9375rem;
  h3 {
    font-size: 1.125rem;
  }
`;

interface PopoverProps {
  /** The button it opens from. */
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly widthPx: number;
  /** Its heading. */
  readonly title?: string;
  /** Its name if it has no heading. */
  readonly label?: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** An open popover with a small form or an answer, beside its button. */
export function Popover({ trigger, widthPx, title, label, onClose, children }: PopoverProps) {
  const theme = useThemeScope();
  return (
    <PopBox
      $widthPx={widthPx}
      data-theme={theme}
      placement="bottom end"
      triggerRef={trigger}
      isOpen
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <Body aria-label={label}>
        {title === undefined ? null : (
          <Heading slot="title" level={3}>
            {title}
          </Heading>
        )}
        {children}
      </Body>
    </PopBox>
  );
}
