'use client';

import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { Button } from './Button';
import { Sheet } from './Sheet';
import { useWords } from '@/ui/KitchenContext';

const Choice = styled.div`
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
`;

interface ConfirmButtonProps {
  readonly label: string;
  readonly question: string;
  readonly consequence: string;
  readonly verb: string;
  readonly children: ReactNode;
  readonly onConfirm: () => void;
}

/** A button for something that cannot be undone: asks once, saying what will be lost. */
export function ConfirmButton({ label, question, consequence, verb, children, onConfirm }: ConfirmButtonProps) {
  const w = useWords();
  const [asking, setAsking] = useState(false);
  const close = (): void => {
    setAsking(false);
  };
  return (
    <>
      <Button
        aria-label={label}
        onPress={() => {
          setAsking(true);
        }}
      >
        {children}
      </Button>
      <Sheet title={question} isOpen={asking} onClose={close}>
        <p>{consequence}</p>
        <Choice>
          <Button
            $tone="danger"
            onPress={() => {
              close();
              onConfirm();
            }}
          >
            {verb}
          </Button>
          <Button onPress={close}>{w.text('confirmButton.keepIt')}</Button>
        </Choice>
      </Sheet>
    </>
  );
}
