'use client';

import { Send, Trash2 } from 'lucide-react';
import Link from 'next/link';
import styled from 'styled-components';
import { actText } from './braise/recordText';
import { type NewEvent } from '@/contract/cook';
import { Button } from '@/ui/controls/Button';
import { ConfirmButton } from '@/ui/controls/ConfirmButton';
import { FaultNote } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { type OutboxRecord } from '@/ui/outbox/outbox';
import { happenedMs } from '@/ui/outbox/record';
import { outbox } from '@/ui/outbox/useOutbox';
import { type Words } from '@/words/words';

const Note = styled(FaultNote).attrs({ as: 'section' })`
  max-width: 1288px;
  margin: 10px auto 0;
  display: grid;
  gap: 8px;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 4px 14px;
    align-items: center;
    padding: 4px 0;
  }
  span {
    overflow-wrap: anywhere;
  }
  @media (max-width: 1320px) {
    margin-inline: 16px;
  }
  @media (max-width: 560px) {
    margin-inline: 10px;
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

const Ways = styled.div`
  display: flex;
  gap: 8px;
`;

const said = (w: Words, act: NewEvent['act']): string =>
  act.kind === 'undo' ? w.text('outbox.undo') : actText(w, act);

function why(w: Words, { refused, kept }: OutboxRecord): string {
  if (refused) return w.text('outbox.refused', { why: w.say(refused) });
  return w.text(kept === 'no' ? 'outbox.unkept' : 'outbox.waits');
}

interface OutboxListProps {
  readonly shown: readonly OutboxRecord[];
  readonly now: number;
}

/** Records the server does not have, each with the reason and what can be done. */
export function OutboxList({ shown, now }: OutboxListProps) {
  const w = useWords();
  return (
    <Note aria-labelledby="outbox" role="status">
      <h2 id="outbox" style={{ fontSize: 'calc(18rem / 16)' }}>
        {w.text('outbox.head', { count: shown.length })}
      </h2>
      <ul>
        {shown.map((record) => {
          const { event, cookId, title = '', refused } = record;
          const what = said(w, event.act);
          return (
            <li key={event.id}>
              <span>
                <Link href={`/braise/${cookId}`}>{title === '' ? w.text('outbox.braise') : title}</Link>,{' '}
                {w.clockBeside(happenedMs(event), now)}: <b>{what}</b>. {why(w, record)}
              </span>
              {refused === undefined ? null : (
                <Ways>
                  <Button onPress={() => void outbox().retry(event.id)}>
                    <Send size={16} aria-hidden /> {w.text('outbox.again')}
                  </Button>
                  <ConfirmButton
                    label={w.text('outbox.discardIt', { what })}
                    question={w.text('outbox.discardQuestion', { what })}
                    consequence={w.text('outbox.discardMeans')}
                    verb={w.text('outbox.discard')}
                    onConfirm={() => void outbox().discard(event.id)}
                  >
                    <Trash2 size={16} aria-hidden />
                  </ConfirmButton>
                </Ways>
              )}
            </li>
          );
        })}
      </ul>
    </Note>
  );
}
