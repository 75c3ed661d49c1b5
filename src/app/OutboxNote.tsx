'use client';

import { usePathname } from 'next/navigation';
import { useNow } from '@/ui/KitchenContext';
import { lazyOnIdle } from '@/ui/lazy';
import { type OutboxRecord } from '@/ui/outbox/outbox';
import { happenedMs } from '@/ui/outbox/record';
import { useOutbox } from '@/ui/outbox/useOutbox';

/** How long a record may be on its way before it is mentioned, ms. */
const ON_ITS_WAY_MS = 6000;

const List = lazyOnIdle(async () => (await import('./OutboxList')).OutboxList);

/**
 * On every page: records of this device that the server does not have, why, and what can be done. Hidden when
 * everything is saved.
 */
export function OutboxNote() {
  const now = useNow(2000);
  const path = usePathname();
  /** On its own page, a waiting record is listed among the others and says so there. */
  const waitsElsewhere = ({ cookId, event }: OutboxRecord): boolean =>
    now - happenedMs(event) > ON_ITS_WAY_MS && path !== `/braise/${cookId}`;
  const shown = useOutbox().records.filter((r) => r.refused !== undefined || r.kept === 'no' || waitsElsewhere(r));
  if (shown.length === 0) return null;
  return <List shown={shown} now={now} />;
}
