'use client';

import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { Popover, usePopover } from '@/ui/controls/usePopover';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { lazyOnIdle } from '@/ui/lazy';

const Open = styled(Button)`
  align-self: center;
  min-height: 44px;
  padding: 0 12px;
  border: 0;
  border-radius: 10px;
  background: none;
  color: inherit;
  font-size: 0.9375rem;
  white-space: nowrap;
  cursor: pointer;
  &:hover {
    background: rgb(252 252 248 / 12%);
  }
`;

const Settings = lazyOnIdle(async () => (await import('./SettingsPanel')).SettingsPanel);

/** Language, units and the kitchen's clock. */
export function SettingsMenu() {
  const w = useWords();
  const { units } = useKitchen();
  const { open, triggerProps: face, plate } = usePopover('dialog');
  const shown = `${units.weight === 'us' ? w.text('unitsMenu.lb') : 'g'} · °${units.temperature}`;
  return (
    <>
      <Open {...face} aria-label={w.text('unitsMenu.unitsAndClock', { shown })}>
        {shown}
      </Open>
      {open ? (
        <Popover {...plate} widthPx={320} label={w.text('unitsMenu.unitsAndClock2')}>
          <Settings />
        </Popover>
      ) : null}
    </>
  );
}
