'use client';

import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { useKitchen } from '@/ui/KitchenContext';
import { prefetchLazy } from '@/ui/lazy';
import { registerServiceWorker, cachePages, offlinePaths } from '@/ui/offline';
import { MINUTE_MS } from '@/core/quantity';

/** How often what is kept for when the server is away is renewed while a page is open, ms. */
const RENEWS_EVERY_MS = 5 * MINUTE_MS;

/** Pages that matter at the stove, wherever they are come to from. */
const MATTERS = /^\/$|^\/cook\/|^\/plan\/[\da-f-]{36}$/;

/** When a page has answered and what may be wanted next is fetched, ms. */
const LATE_AFTER_MS = 1500;

/** Has the pages that matter at the stove ready for when the server is away: Home, what is on the fire, the current plan. */
export function OfflineKeeper() {
  const path = usePathname();
  const { build } = useKitchen();
  useEffect(() => {
    // While developing nothing stays as it was.
    if (build === 'development') return undefined;
    const keep = async (): Promise<void> => {
      await cachePages(await offlinePaths());
    };
    void registerServiceWorker().then(keep);
    const timer = setInterval(() => void keep(), RENEWS_EVERY_MS);
    return () => {
      clearInterval(timer);
    };
  }, [build]);
  useEffect(() => {
    const timer = setTimeout(() => void prefetchLazy(), LATE_AFTER_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [path]);
  useEffect(() => {
    if (MATTERS.test(path)) void cachePages([path]);
  }, [path]);
  return null;
}
