'use client';

import { X } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Button as AriaButton, Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from './Button';
import { useThemeScope } from '../ThemeScope';
import { useCloseOnBack } from '../closeOnBack';
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

const Content = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
`;

const Question = styled.div`
  position: sticky;
  top: 0;
  z-index: 2;
  margin: -4px -6px 0;
  padding: 12px 14px;
  border: 2px solid var(--warn);
  border-radius: 12px;
  background: var(--warn-ground);
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  p {
    flex: 1 1 200px;
  }
`;

export interface SheetProps {
  readonly title: string;
  /** Whether closing loses what was entered; omitted if changes take effect at once. */
  readonly asks?: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/**
 * An open dialog: in the middle on wide screens, from the bottom edge on a phone. Once something was entered, closing
 * it asks first.
 */
export function SheetSurface({ title, asks = true, onClose, children }: SheetProps) {
  const w = useWords();
  const theme = useThemeScope();
  const [entered, setEntered] = useState(false);
  const [asking, setAsking] = useState(false);
  const leave = (): void => {
    if (entered && asks) setAsking(true);
    else onClose();
  };
  const goOn = (): void => {
    setAsking(false);
  };
  useCloseOnBack(!asking, leave);
  useCloseOnBack(asking, goOn);
  return (
    <Overlay
      data-theme={theme}
      isOpen
      onOpenChange={(open) => {
        if (!open) leave();
      }}
      isDismissable
    >
      <Box>
        <Body>
          <Head>
            <Heading slot="title" level={2}>
              {title}
            </Heading>
            <AriaButton aria-label={w.text('sheet.close')} onPress={leave}>
              <X size={20} aria-hidden />
            </AriaButton>
          </Head>
          {asking ? (
            <Question role="alertdialog" aria-label={w.text('sheet.unkept')}>
              <p>{w.text('sheet.unkept')}</p>
              <Button autoFocus $tone="main" onPress={goOn}>
                {w.text('sheet.goOn')}
              </Button>
              <Button onPress={onClose}>{w.text('sheet.throwAway')}</Button>
            </Question>
          ) : null}
          <Content
            onInput={() => {
              setEntered(true);
            }}
          >
            {children}
          </Content>
        </Body>
      </Box>
    </Overlay>
  );
}
