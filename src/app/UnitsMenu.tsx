'use client';

import { useRef, useState } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { late } from '@/ui/late';

const Open = styled(Button)`
  align-self: center;
  min-height: 44px;
  padding: 0 12px;
  border: 0;
  border-radius: 10px;
  background: none;
  color: inherit;
  font-size: 15px;
  white-space: nowrap;
  cursor: pointer;
  &:hover {
    background: rgb(252 252 248 / 12%);
  }
`;

const Board = late(async () => (await import('./UnitsBoard')).UnitsBoard);

/** What amounts are shown in and, typed without a unit, taken for; where the kitchen's clock runs. */
export function UnitsMenu() {
  const w = useWords();
  const { units } = useKitchen();
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const shown = `${units.weight === 'us' ? w.text('unitsMenu.lb') : 'g'} · °${units.temperature}`;
  return (
    <>
      <Open
        ref={button}
        aria-label={w.text('unitsMenu.unitsAndClock', { shown })}
        aria-haspopup="dialog"
        aria-expanded={open}
        onPress={() => {
          setOpen(!open);
        }}
      >
        {shown}
      </Open>
      {open ? (
        <Board
          trigger={button}
          onClose={() => {
            setOpen(false);
          }}
        />
      ) : null}
    </>
  );
}
