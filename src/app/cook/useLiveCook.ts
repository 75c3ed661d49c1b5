'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { dequeue, enqueue, waiting } from './queue';
import { type NewEvent } from '@/contract/cook';
import { type CookEvent, type CookView } from '@/core/cook';
import { type Message } from '@/core/message';
import { fromWire } from '@/contract/wire';
import { useKitchen } from '@/ui/KitchenContext';
import { reloadForBuild } from '@/ui/newerBuild';
import { send } from '@/ui/send';

const RETRY_MS = 4000;

export interface LiveCook {
  readonly view: CookView;
  /** Events with those the server does not have yet. */
  readonly events: readonly CookEvent[];
  readonly pendingIds: ReadonlySet<string>;
  readonly connected: boolean;
  /** Why the last record was refused, until the next one. */
  readonly refusal: Message | undefined;
  readonly record: (act: NewEvent['act'], atMs?: number) => void;
}

/**
 * A cook as it goes: follows the server's stream, and records through a queue on this device, so that a lost connection
 * or a stopped server loses nothing. The same id sent twice is one event. `onGone` is called when the cook is deleted.
 */
export function useLiveCook(first: CookView, onGone: () => void): LiveCook {
  const [view, setView] = useState(first);
  /** Recorded here and not refused; some the server has by now. */
  const [pending, setPending] = useState<readonly NewEvent[]>([]);
  const [connected, setConnected] = useState(true);
  const [refusal, setRefusal] = useState<Message>();
  const sending = useRef(false);
  const gone = useRef(onGone);
  useEffect(() => {
    gone.current = onGone;
  }, [onGone]);
  const cookId = first.id;
  const { build } = useKitchen();

  const flush = useCallback(async (): Promise<void> => {
    if (sending.current) return;
    sending.current = true;
    try {
      for (;;) {
        const queued = await waiting(cookId);
        // What has been sent stays here until the server's own view shows it: it must not vanish in between.
        setPending((before) => {
          const found = queued.filter((q) => !before.some((b) => b.id === q.id));
          return found.length === 0 ? before : [...before, ...found];
        });
        const event = queued[0];
        if (!event) break;
        const sent = await send('POST', `/api/cooks/${cookId}/events`, event);
        if (!sent.ok && (sent.status === 0 || sent.status >= 500)) {
          setConnected(false);
          break;
        }
        if (!sent.ok) {
          setRefusal(sent.says);
          setPending((before) => before.filter((b) => b.id !== event.id));
        }
        await dequeue(event.id);
      }
    } finally {
      sending.current = false;
    }
  }, [cookId]);

  useEffect(() => {
    const source = new EventSource(`/api/cooks/${cookId}/stream`);
    source.addEventListener('build', (message: MessageEvent<string>) => {
      reloadForBuild(build, message.data);
    });
    source.addEventListener('view', (message: MessageEvent<string>) => {
      setView(fromWire(message.data) as CookView);
      setConnected(true);
    });
    source.addEventListener('gone', () => {
      source.close();
      gone.current();
    });
    source.addEventListener('open', () => {
      setConnected(true);
      void flush();
    });
    source.addEventListener('error', () => {
      setConnected(false);
    });
    const timer = setInterval(() => {
      void flush();
    }, RETRY_MS);
    return () => {
      clearInterval(timer);
      source.close();
    };
  }, [cookId, build, flush]);

  const record = useCallback(
    (act: NewEvent['act'], atMs?: number) => {
      const event: NewEvent = { id: crypto.randomUUID(), atMs: atMs ?? Date.now(), act };
      setRefusal(undefined);
      setPending((before) => [...before, event]);
      void enqueue(cookId, event).then(flush);
    },
    [cookId, flush],
  );

  const known = new Set(view.events.map((e) => e.id));
  const unsent = pending.filter((e) => !known.has(e.id));
  return {
    view,
    events: [...view.events, ...unsent.map((e) => ({ ...e, cookId }))],
    pendingIds: new Set(unsent.map((e) => e.id)),
    connected,
    refusal,
    record,
  };
}
