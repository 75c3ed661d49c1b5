'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { Banner } from './Banner';
import { dayOfBox, storedBatchesNow } from './storedBatchesNow';
import { daysBetween } from '@/calendar/calendar';
import { useConnection } from '@/ui/connection';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { notify } from '@/ui/notice';
import { useOutbox } from '@/ui/outbox/useOutbox';
import { type KeptBoxes } from '@/server/shelf';
import { MINUTE_MS } from '@/core/quantity';

/** On every page: what in the fridge has to be eaten today, or thrown away. Asks the server again each day. */
export function LeftoversNotice({ kept }: { readonly kept: readonly KeptBoxes[] }) {
  const w = useWords();
  const now = useNow(MINUTE_MS);
  const router = useRouter();
  const { timeZone, renderedAtMs } = useKitchen();
  const { answers, lastMs } = useConnection();
  const { records, sent } = useOutbox();
  // Keyed by the server's answer: without one there is nothing to ask, and a cached page stays as it is.
  const isOtherDay = answers && lastMs !== undefined && daysBetween(renderedAtMs, lastMs, timeZone) !== 0;
  useEffect(() => {
    if (isOtherDay) router.refresh();
  }, [isOtherDay, router]);
  const dishes = (wanted: 'past' | 'last'): readonly string[] =>
    kept.flatMap((braise) =>
      storedBatchesNow(braise, [...sent, ...records]).some(
        (lot) => lot.fridge > 0 && dayOfBox(lot.useByMs, now, timeZone) === wanted,
      )
        ? [braise.title]
        : [],
    );
  const says = (['past', 'last'] as const)
    .map((day) => ({ day, dishes: dishes(day) }))
    .filter((told) => told.dishes.length > 0)
    .map((told) => w.text(`shelfNote.${told.day}`, { dishes: w.list(told.dishes, 'comma') }))
    .join(' ');
  useEffect(() => {
    if (says !== '') notify('shelf', says);
  }, [says]);
  if (says === '') return null;
  return (
    <Banner role="status" $glows>
      <span>{says}</span>
      <Link href="/#shelf">{w.text('shelfNote.toShelf')}</Link>
    </Banner>
  );
}
