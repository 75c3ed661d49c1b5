'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type NewEvent } from '@/contract/cook';
import { type CookEvent, type CookView } from '@/core/cook';
import { useKitchen } from '@/ui/KitchenContext';
import { noteConnection } from '@/ui/connection';
import { followCook } from '@/ui/live/followCook';
import { reloadForBuild } from '@/ui/newerBuild';
import { type OutboxRecord } from '@/ui/outbox/outbox';
import { happenedMs } from '@/ui/outbox/record';
import { outbox, useOutbox } from '@/ui/outbox/useOutbox';
import { kitchenNow } from '@/ui/serverClock';

export interface LiveCook {
  readonly view: CookView;
  /** Events, including those the server does not have yet. */
  readonly events: readonly CookEvent[];
  /** Those the view does not show yet, by id: at the server, or whether this device has stored them. */
  readonly pending: ReadonlyMap<string, OutboxRecord['kept'] | 'sent'>;
  /** Records an act, now or this many minutes ago. */
  readonly record: (act: NewEvent['act'], agoMin?: number) => void;
}

/** A record of this device as an event on the kitchen's clock. */
function asEvent({ cookId, event }: Pick<OutboxRecord, 'cookId' | 'event'>): CookEvent {
  const { id, act, by } = event;
  return { id, cookId, atMs: happenedMs(event), act, ...(by && { by }) };
}

/**
 * A braise under way: follows the server's stream and records through this device's outbox, so that a lost connection
 * or a stopped server loses nothing. The same id sent twice is one event. `onGone` is called when the braise is
 * deleted.
 */
export function useLiveCook(first: CookView, onGone: () => void): LiveCook {
  const [told, setTold] = useState<Pick<CookView, 'events' | 'live'>>(first);
  const gone = useRef(onGone);
  useEffect(() => {
    gone.current = onGone;
  }, [onGone]);
  const { id: cookId, plan } = first;
  const { title } = plan.input;
  const { build } = useKitchen();
  const { records, sent } = useOutbox();

  useEffect(
    () =>
      followCook(cookId, (news) => {
        if (news.kind === 'view') {
          setTold({ events: news.events, live: news.live });
        } else if (news.kind === 'connected') {
          noteConnection(news.connected, kitchenNow());
          if (news.connected) void outbox().flush();
        } else if (news.kind === 'build') reloadForBuild(build, news.build);
        else gone.current();
      }),
    [cookId, build],
  );

  const record = useCallback(
    (act: NewEvent['act'], agoMin = 0) => {
      outbox().record(cookId, title, act, agoMin);
    },
    [cookId, title],
  );

  return useMemo(() => {
    const known = new Set(told.events.map((e) => e.id));
    const own = (row: { readonly cookId: string; readonly event: { readonly id: string } }): boolean =>
      row.cookId === cookId && !known.has(row.event.id);
    const waiting = records.filter((r) => own(r) && r.refused === undefined);
    const taken = sent.filter(own);
    return {
      view: { ...first, ...told },
      events: [...told.events, ...[...taken, ...waiting].map(asEvent)],
      pending: new Map([
        ...taken.map((r) => [r.event.id, 'sent'] as const),
        ...waiting.map((r) => [r.event.id, r.kept] as const),
      ]),
      record,
    };
  }, [first, told, records, sent, cookId, record]);
}
