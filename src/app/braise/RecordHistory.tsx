'use client';

import { Download, Trash2, Undo2 } from 'lucide-react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { columnOrder } from './columnOrder';
import { type LiveCook } from './useLiveCook';
import { actText, learnedText, updateText } from './recordText';
import { type CookState, type CookView, validateUndo } from '@/core/cook';
import { Button, linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

const HistoryHead = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  h2 {
    font-size: 1.25rem;
  }
  > div {
    display: flex;
    gap: 6px;
  }
  a,
  button {
    min-height: 40px;
    padding: 0 10px;
  }
`;

const History = styled.ul`
  li {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) 44px;
    gap: 2px 8px;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  li:first-child {
    border-top: 0;
  }
  time {
    font-weight: 700;
  }
  p {
    overflow-wrap: anywhere;
  }
  small {
    grid-column: 2 / -1;
    color: var(--mute);
    font-size: 0.875rem;
    margin-top: -4px;
  }
  button {
    width: 44px;
    height: 44px;
    border: 0;
    border-radius: 10px;
    background: none;
    color: var(--mute);
    display: grid;
    place-items: center;
    cursor: pointer;
  }
  button:hover {
    background: var(--well);
  }
`;

/** Rejected records, each with the reason. */
const RejectedList = styled(History)`
  margin-top: 6px;
  border: 2px dashed var(--warn);
  border-radius: 10px;
  padding: 0 8px;
`;

const FileLink = styled.a`
  ${linkButton('plain')}
`;

const HistoryPanel = styled(Panel)`
  ${columnOrder(3)}
  overflow-y: auto;
  scrollbar-width: thin;
  min-height: 120px;
`;

interface SoFarProps {
  readonly now: number;
  readonly state: CookState;
  readonly view: CookView;
  readonly pending: LiveCook['pending'];
  readonly onUndo: (eventId: string) => void;
  readonly onRemove: () => void;
  readonly onHelp: () => void;
}

/** Shown for a record whose forecast is not there yet: at the server, or whether this device has stored it. */
const WAITS = {
  yes: 'soFar.keptOnThisDeviceNot',
  no: 'soFar.notKept',
  'not yet': 'soFar.onItsWay',
  sent: 'soFar.sent',
} as const;

/** The records, newest first, with what each changed in the forecast. */
export function RecordHistory({ state, view, now, pending, onUndo, onRemove, onHelp }: SoFarProps) {
  const w = useWords();
  return (
    <HistoryPanel aria-labelledby="so-far" tabIndex={0}>
      <HistoryHead>
        <h2 id="so-far">{w.text('soFar.soFar')}</h2>
        <div>
          <FileLink href={`/api/braises/${view.id}/export`} download aria-label={w.text('soFar.exportThisBraise')}>
            <Download size={18} aria-hidden />
          </FileLink>
          <ConfirmButton
            label={w.text('soFar.deleteThisBraise')}
            question={w.text('common.delete', { title: view.plan.input.title })}
            consequence={w.text('soFar.everythingRecordedOfThisBraise')}
            verb={w.text('soFar.deleteTheBraise')}
            onConfirm={onRemove}
          >
            <Trash2 size={18} aria-hidden />
          </ConfirmButton>
          <Button aria-label={w.text('common.keys')} onPress={onHelp}>
            <kbd aria-hidden>?</kbd>
          </Button>
        </div>
      </HistoryHead>
      {state.rejected.length === 0 ? null : (
        <RejectedList aria-label={w.text('soFar.pointless')}>
          {state.rejected.map(({ event, why }) => (
            <li key={event.id}>
              <time dateTime={new Date(event.atMs).toISOString()}>{w.clockBeside(event.atMs, now)}</time>
              <p>{w.text('common.pointlessRecord', { act: actText(w, event.act), why })}</p>
              <AriaButton
                aria-label={w.text('soFar.takeBack', { act: actText(w, event.act) })}
                onPress={() => {
                  onUndo(event.id);
                }}
              >
                <Undo2 size={18} aria-hidden />
              </AriaButton>
            </li>
          ))}
        </RejectedList>
      )}
      {state.events.length === 0 ? (
        <p style={{ marginTop: 6 }}>{w.text('soFar.nothingRecordedYetTheClock')}</p>
      ) : (
        <History>
          {state.events.toReversed().map((event) => {
            const lesson = view.live.lessons.find((l) => l.eventId === event.id);
            const waiting = pending.get(event.id);
            const note = waiting
              ? w.text(WAITS[waiting])
              : [updateText(w, lesson), learnedText(w, lesson)].filter((t) => t !== '').join('. ');
            return (
              <li key={event.id}>
                <time dateTime={new Date(event.atMs).toISOString()}>{w.clockBeside(event.atMs, now)}</time>
                <p>{actText(w, event.act)}</p>
                {validateUndo(state, event.id) === undefined ? (
                  <AriaButton
                    aria-label={w.text('soFar.takeBack', { act: actText(w, event.act) })}
                    onPress={() => {
                      onUndo(event.id);
                    }}
                  >
                    <Undo2 size={18} aria-hidden />
                  </AriaButton>
                ) : (
                  <span />
                )}
                {note === '' ? null : <small>{note}</small>}
              </li>
            );
          })}
        </History>
      )}
    </HistoryPanel>
  );
}
