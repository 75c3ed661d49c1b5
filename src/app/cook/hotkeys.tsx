'use client';

import { useEffect } from 'react';
import styled from 'styled-components';
import { type CookActKind } from '@/core/cook';
import { Sheet } from '@/ui/controls/Sheet';
import { useWords } from '@/ui/KitchenContext';
import { KEYED_RECORDS, RECORD_UI } from './records';

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
      const kind = KEYED_RECORDS.find((k) => RECORD_UI[k].key === key);
      if (kind) onAct(kind);
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
  const w = useWords();
  return (
    <Sheet title={w.text('common.keys')} isOpen={isOpen} onClose={onClose}>
      <Keys>
        {KEYED_RECORDS.map((kind) => (
          <KeyRow key={kind} name={RECORD_UI[kind].key} says={w.text(`record.${kind}.key`)} />
        ))}
        <KeyRow name="u" says={w.text('hotkeys.takeTheLastRecordBack')} />
        <KeyRow name="?" says={w.text('hotkeys.thisList')} />
      </Keys>
    </Sheet>
  );
}
