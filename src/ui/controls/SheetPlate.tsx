'use client';

import { X } from 'lucide-react';
import { type ReactNode } from 'react';
import { Button as AriaButton, Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { useThemeScope } from '../ThemeScope';
import { useBackCloses } from '../backCloses';
import { useWords } from '@/ui/KitchenContext';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(7 18 22 / 62%);
  display: grid;
  place-items: center;
  padding: 12px;
  z-index: 50;
  @media (max-width: 560px) {
    place-items: end stretch;
    padding: 0;
  }
`;

const Box = styled(Modal)`
  background: var(--plate);
  color: var(--ink);
  border: 2px solid var(--rim);
  border-radius: 18px;
  width: min(560px, 100%);
  max-height: 92vh;
  overflow: auto;
  @media (max-width: 560px) {
    border-radius: 18px 18px 0 0;
    width: 100%;
  }
`;

const Body = styled(Dialog)`
  outline: none;
  padding: 18px 20px 22px;
  display: grid;
  gap: 14px;
`;

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: start;
  gap: 12px;
  h2 {
    font-size: 1.375rem;
  }
  button {
    width: 44px;
    height: 44px;
    border: 0;
    border-radius: 10px;
    background: var(--well);
    display: grid;
    place-items: center;
    cursor: pointer;
    flex: none;
  }
`;

export interface SheetProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** An open dialog: in the middle on wide screens, from the bottom edge on a phone. */
export function SheetPlate({ title, onClose, children }: SheetProps) {
  const w = useWords();
  const theme = useThemeScope();
  useBackCloses(true, onClose);
  return (
    <Overlay
      data-theme={theme}
      isOpen
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
      isDismissable
    >
      <Box>
        <Body>
          <Head>
            <Heading slot="title" level={2}>
              {title}
            </Heading>
            <AriaButton aria-label={w.text('sheet.close')} onPress={onClose}>
              <X size={20} aria-hidden />
            </AriaButton>
          </Head>
          {children}
        </Body>
      </Box>
    </Overlay>
  );
}
