'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import styled from 'styled-components';
import { storedBatchesNow } from './storedBatchesNow';
import { Leftovers } from './Leftovers';
import { Button } from '@/ui/controls/Button';
import { useNow, useWords } from '@/ui/KitchenContext';
import { outbox, useOutbox } from '@/ui/outbox/useOutbox';
import { type Kept } from '@/server/shelf';

const Box = styled.div`
  margin-top: 10px;
  display: grid;
  gap: 6px;
  justify-items: start;
  > ul {
    width: 100%;
  }
`;

/** Leftovers of one braise shown away from the stove: each tap is recorded at once, and the last can be undone. */
export function LeftoversOf({ kept }: { readonly kept: Kept }) {
  const w = useWords();
  const router = useRouter();
  const now = useNow(5000);
  const { records, sent } = useOutbox();
  const { id, title, known } = kept;
  const taken = sent.filter((r) => r.cookId === id && !known.includes(r.event.id)).length;
  // The server has the records: read its stored boxes again.
  useEffect(() => {
    if (taken > 0) router.refresh();
  }, [taken, router]);
  const last = [...sent, ...records].findLast((r) => r.cookId === id && r.event.act.kind === 'box');
  const undone = [...sent, ...records].some(
    (r) => r.event.act.kind === 'undo' && r.event.act.eventId === last?.event.id,
  );
  return (
    <Box>
      <Leftovers
        cookId={id}
        title={title}
        lots={storedBatchesNow(kept, [...sent, ...records])}
        now={now}
        warmed={(grams) => kept.warmed.find((b) => b.grams === grams)}
        onRecord={(act) => {
          outbox().record(id, title, act);
        }}
      />
      {last && !undone ? (
        <Button
          onPress={() => {
            outbox().record(id, title, { kind: 'undo', eventId: last.event.id });
          }}
        >
          {w.text('shelf.takeBack')}
        </Button>
      ) : null}
    </Box>
  );
}
