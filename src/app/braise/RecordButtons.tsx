'use client';

import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { anyTime, KEYED_RECORDS, type KeyedRecord, RECORD_UI } from './records';
import { columnOrder } from './columnOrder';
import { type CookActKind, type CookState, eventsOf } from '@/core/cook';
import { nameOf, tempC } from '@/core/message';
import { heatSays } from '@/core/choices';
import { useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';
import { DISPLAY } from '@/ui/theme';

const Records = styled.div`
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 10px;
  flex: none;
  @media (max-width: 1100px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  ${columnOrder(1)}
`;

const RecordButton = styled(AriaButton)`
  border: 2px solid var(--line);
  border-radius: 14px;
  background: var(--plate);
  color: var(--ink);
  && {
    min-height: 68px;
  }
  padding: 8px 12px;
  text-align: left;
  cursor: pointer;
  strong {
    font-family: ${DISPLAY};
    font-size: 1.125rem;
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 6px;
  }
  kbd {
    font: inherit;
    font-size: 0.875rem;
    color: var(--mute);
    border: 1px solid var(--line);
    border-radius: 5px;
    padding: 0 6px;
  }
  small {
    color: var(--mute);
    font-size: 0.875rem;
  }
  &:hover {
    border-color: var(--glow);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  @media (max-width: 1150px) {
    kbd {
      display: none;
    }
  }
`;

/** The last record of this kind, or what it asks. */
function recordHint(w: Words, kind: KeyedRecord, state: CookState): string {
  const last = eventsOf(state.events, kind).at(-1)?.act;
  if (last?.kind === 'fork') return w.text('record.last', { what: nameOf('stage', last.stage) });
  if (last?.kind === 'probe') return w.text('record.last', { what: tempC(last.tempC) });
  if (kind === 'heat') return w.say(heatSays(state.heat));
  return w.text(kind === 'turned' && state.turned ? 'record.turned.again' : `record.${kind}.hint`);
}

/** The six record buttons, one tap each. */
export function RecordButtons({ state, onAct }: { state: CookState; onAct: (act: CookActKind) => void }) {
  const w = useWords();
  return (
    <Records>
      {KEYED_RECORDS.map((kind) => (
        <RecordButton
          key={kind}
          isDisabled={state.phase === 'finished' || (state.intoPotMs === undefined && !anyTime(kind))}
          onPress={() => {
            onAct(kind);
          }}
        >
          <strong>
            {w.text(`record.${kind}`)} <kbd aria-hidden>{RECORD_UI[kind].key}</kbd>
          </strong>
          <small>{recordHint(w, kind, state)}</small>
        </RecordButton>
      ))}
    </Records>
  );
}
