'use client';

import { useEffect } from 'react';
import { Dialog, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { stepSigns, stepTitle } from './stepText';
import { type ScheduledStep } from '@/core/cook';
import { Button } from '@/ui/controls/Button';
import { useThemeScope } from '@/ui/ThemeScope';
import { useWords } from '@/ui/KitchenContext';
import { DISPLAY } from '@/ui/theme';

const Cover = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 50;
  background: linear-gradient(150deg, var(--glow), #ee6a3c);
  color: #1d0c04;
`;

const Whole = styled(Modal)`
  height: 100%;
  > section {
    height: 100%;
    outline: none;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
  }
`;

const Target = styled.button`
  border: 0;
  background: none;
  color: inherit;
  padding: 4vmin;
  text-align: left;
  cursor: pointer;
  font: inherit;
  strong {
    font-family: ${DISPLAY};
    font-size: clamp(32px, 9vmin, 96px);
    line-height: 1.08;
    display: block;
  }
  span {
    display: block;
    font-size: clamp(20px, 4.5vmin, 44px);
    margin-top: 2vmin;
  }
  small {
    display: block;
    font-size: clamp(16px, 3vmin, 28px);
    margin-top: 4vmin;
  }
`;

/** The whole screen is one button: a knuckle, an elbow, space, enter or any foot switch works. */
export function TapAnywhere({
  placed,
  onDone,
  onClose,
}: {
  placed: ScheduledStep | undefined;
  onDone: (placed: ScheduledStep) => void;
  onClose: () => void;
}) {
  const w = useWords();
  const scope = useThemeScope();
  useEffect(() => {
    if (!placed) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.key === 'Escape' || event.key === 'Tab' || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      if (!event.repeat) onDone(placed);
    };
    document.addEventListener('keydown', onKey, true);
    return () => {
      document.removeEventListener('keydown', onKey, true);
    };
  }, [placed, onDone]);
  if (!placed) return null;
  const { sign } = stepSigns(w, placed.step);
  return (
    <Cover isOpen onOpenChange={onClose} data-theme={scope}>
      <Whole>
        <Dialog aria-label={w.text('stepCard.handsFull')}>
          <div style={{ padding: '10px 4vmin 0' }}>
            <Button onPress={onClose}>{w.text('stepCard.leaveHandsFull')}</Button>
          </div>
          <Target
            onClick={() => {
              onDone(placed);
            }}
          >
            <strong>{stepTitle(w, placed.step)}</strong>
            {placed.step.what ? <span>{w.title(placed.step.what)}</span> : null}
            {sign === undefined ? null : <span>{sign}</span>}
            <small>{w.text('stepCard.anywhere')}</small>
          </Target>
        </Dialog>
      </Whole>
    </Cover>
  );
}
