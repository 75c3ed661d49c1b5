'use client';

import { Download, Trash2, Undo2 } from 'lucide-react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { place } from './place';
import { actWords, learnedWords, lessonWords } from './words';
import { type CookState, undoRefusal } from '@/core/cook/state';
import { type CookView } from '@/core/cook/view';
import { Button, linkButton } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { Panel } from '@/ui/controls/Panel';
import { useUnits } from '@/ui/KitchenContext';
import { clock } from '@/ui/time';

const HistoryHead = styled.div`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  h2 {
    font-size: 20px;
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
    font-size: 14px;
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

const FileLink = styled.a`
  ${linkButton('plain')}
`;

const HistoryPanel = styled(Panel)`
  ${place(3)}
  overflow-y: auto;
  scrollbar-width: thin;
  min-height: 120px;
`;

interface SoFarProps {
  readonly state: CookState;
  readonly view: CookView;
  readonly pendingIds: ReadonlySet<string>;
  readonly timeZone: string;
  readonly onUndo: (eventId: string) => void;
  readonly onRemove: () => void;
  readonly onHelp: () => void;
}

/** What has been recorded, newest first, with what each record taught. */
export function SoFar({ state, view, pendingIds, timeZone, onUndo, onRemove, onHelp }: SoFarProps) {
  const units = useUnits();
  return (
    <HistoryPanel aria-labelledby="so-far" tabIndex={0}>
      <HistoryHead>
        <h2 id="so-far">So far</h2>
        <div>
          <FileLink href={`/api/cooks/${view.id}/export`} download aria-label="Export this braise">
            <Download size={18} aria-hidden />
          </FileLink>
          <ConfirmButton
            label="Delete this braise"
            question={`Delete “${view.plan.input.title}”?`}
            consequence="Everything recorded of this braise goes for good. Export it first to keep a copy."
            verb="Delete the braise"
            onConfirm={onRemove}
          >
            <Trash2 size={18} aria-hidden />
          </ConfirmButton>
          <Button aria-label="Keys" onPress={onHelp}>
            <kbd aria-hidden>?</kbd>
          </Button>
        </div>
      </HistoryHead>
      {state.events.length === 0 ? (
        <p style={{ marginTop: 6 }}>Nothing recorded yet. The clock starts when the pieces meet the simmer.</p>
      ) : (
        <History>
          {state.events.toReversed().map((event) => {
            const lesson = view.live.lessons.find((l) => l.eventId === event.id);
            const note = pendingIds.has(event.id)
              ? 'kept on this device, not yet sent'
              : [lessonWords(lesson), learnedWords(lesson, units)].filter((t) => t !== '').join('. ');
            return (
              <li key={event.id}>
                <time dateTime={new Date(event.atMs).toISOString()}>{clock(event.atMs, timeZone)}</time>
                <p>{actWords(event.act, units)}</p>
                {undoRefusal(state, event.id) === undefined ? (
                  <AriaButton
                    aria-label={`Take back: ${actWords(event.act, units)}`}
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
