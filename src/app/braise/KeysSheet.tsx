'use client';

import styled from 'styled-components';
import { setKeysOn, useKeysOn } from './hotkeys';
import { KEYED_RECORDS, RECORD_UI } from './records';
import { Sheet } from '@/ui/controls/Sheet';
import { Switch } from '@/ui/controls/Switch';
import { useWords } from '@/ui/KitchenContext';

const Keys = styled.dl`
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 8px 12px;
  margin: 0;
  dt {
    font-weight: 700;
  }
  dd {
    margin: 0;
  }
`;

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
  const on = useKeysOn();
  return (
    <Sheet title={w.text('common.keys')} isOpen={isOpen} asks={false} onClose={onClose}>
      <Switch value={on} onChange={setKeysOn}>
        {w.text('hotkeys.on')}
      </Switch>
      <Keys>
        {KEYED_RECORDS.map((kind) => (
          <KeyRow key={kind} name={RECORD_UI[kind].key} says={w.text(`record.${kind}.key`)} />
        ))}
        <KeyRow name={w.text('hotkeys.space')} says={w.text('hotkeys.doneNow')} />
        <KeyRow name="x" says={w.text('trouble')} />
        <KeyRow name="u" says={w.text('hotkeys.takeTheLastRecordBack')} />
        <KeyRow name="?" says={w.text('hotkeys.thisList')} />
      </Keys>
    </Sheet>
  );
}
