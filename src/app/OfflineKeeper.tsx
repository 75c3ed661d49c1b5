'use client';

import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { useKitchen } from '@/ui/KitchenContext';
import { prefetchLazy } from '@/ui/lazy';
import { registerServiceWorker, cachePages, offlinePaths } from '@/ui/offline';
import { isNeededOffline } from '@/addresses';
import { MINUTE_MS } from '@/core/quantity';

/** How often the offline cache is renewed while a page is open, ms. */
const RENEWS_EVERY_MS = 5 * MINUTE_MS;

/** How long after a page has loaded likely next pages are fetched, ms. */
const LATE_AFTER_MS = 1500;

/** Caches the pages that matter at the stove for offline use: Home, braises under way, the current plan. */
export function OfflineKeeper() {
  const path = usePathname();
  const { build } = useKitchen();
  useEffect(() => {
    // No caching in development.
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
    if (isNeededOffline(path)) void cachePages([path]);
  }, [path]);
  return null;
}
