'use client';

import { useEffect } from 'react';
import styled from 'styled-components';
import { type CookActKind } from '@/core/cook/events';
import { Sheet } from '@/ui/controls/Sheet';

const Keys = styled.dl`
  display: grid;
  grid-template-columns: 44px 1fr;
  gap: 8px 12px;
  margin: 0;
  dt {
    font-weight: 700;
  }
  dd {
    margin: 0;
  }
`;

/** One key per record, shown on its button. */
export const HOTKEYS: Readonly<Record<string, { readonly act: CookActKind; readonly says: string }>> = {
  f: { act: 'fork', says: 'Fork test' },
  p: { act: 'probe', says: 'Probe reading' },
  l: { act: 'liquid', says: 'Mark the liquid' },
  t: { act: 'turned', says: 'Pieces turned' },
  h: { act: 'heat', says: 'Heat or lid changed' },
  n: { act: 'note', says: 'Note' },
};

/** Listens for the keys wherever nothing is being typed. */
export function useHotkeys(onAct: (act: CookActKind) => void, onUndo: () => void, onHelp: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target instanceof HTMLElement ? event.target : null;
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target?.closest('input, textarea, select, [role="dialog"], [role="listbox"]')
      )
        return;
      const key = event.key.toLowerCase();
      const hotkey = HOTKEYS[key];
      if (hotkey) onAct(hotkey.act);
      else if (key === 'u') onUndo();
      else if (event.key === '?') onHelp();
      else return;
      event.preventDefault();
    };
    document.addEventListener('keydown', onKey);
    return () => {
      document.removeEventListener('keydown', onKey);
    };
  }, [onAct, onUndo, onHelp]);
}

function KeyRow({ name, says }: { name: string; says: string }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{says}</dd>
    </>
  );
}

/** The list of keys. */
export function KeysSheet({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <Sheet title="Keys" isOpen={isOpen} onClose={onClose}>
      <Keys>
        {Object.entries(HOTKEYS).map(([key, { says }]) => (
          <KeyRow key={key} name={key} says={says} />
        ))}
        <KeyRow name="u" says="Take the last record back" />
        <KeyRow name="?" says="This list" />
      </Keys>
    </Sheet>
  );
}
