'use client';

import { type ReactNode, type RefObject } from 'react';
import { Dialog } from 'react-aria-components';
import styled from 'styled-components';
import { PopBox } from './PopBox';
import { useThemeScope } from '../ThemeScope';

const Body = styled(Dialog)`
  outline: none;
  padding: 14px 16px 16px;
  display: grid;
  gap: 10px;
  font-size: 15px;
`;

export interface PopPlateProps {
  /** The button it opens from. */
  readonly trigger: RefObject<HTMLButtonElement | null>;
  readonly widthPx: number;
  /** What it is called where it has no heading of its own. */
  readonly label?: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** An open plate with a small form or an answer, beside the button it was asked from. */
export function PopPlate({ trigger, widthPx, label, onClose, children }: PopPlateProps) {
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
      <Body aria-label={label}>{children}</Body>
    </PopBox>
  );
}
