'use client';

import { WifiOff } from 'lucide-react';
import { useEffect } from 'react';
import { Banner } from './Banner';
import { useKitchen, useNow, useWords } from '@/ui/KitchenContext';
import { useConnection } from '@/ui/connection';
import { askClock } from '@/ui/serverClock';
import { MINUTE_MS } from '@/core/quantity';

/** How often the server is asked for its clock while it answers, and while it does not, ms. */
const ASKS_EVERY_MS = 10 * MINUTE_MS;
const ASKS_AGAIN_MS = 5000;

/**
 * Keeps in touch with the server, whose clock is the kitchen's: asks when a page opens, when it becomes visible again,
 * and at intervals. Says on every page since when the server has not answered.
 */
export function ConnectionNotice() {
  const w = useWords();
  const now = useNow(15_000);
  const { renderedAtMs } = useKitchen();
  const { answers, lastMs = renderedAtMs } = useConnection();
  useEffect(() => {
    const ask = (): void => {
      if (document.visibilityState === 'visible') void askClock();
    };
    ask();
    const timer = setInterval(ask, answers ? ASKS_EVERY_MS : ASKS_AGAIN_MS);
    for (const name of ['online', 'offline']) addEventListener(name, ask);
    document.addEventListener('visibilitychange', ask);
    return () => {
      clearInterval(timer);
      for (const name of ['online', 'offline']) removeEventListener(name, ask);
      document.removeEventListener('visibilitychange', ask);
    };
  }, [answers]);
  if (answers) return null;
  return (
    <Banner role="status">
      <WifiOff size={18} aria-hidden /> {w.text('touch.away', { since: w.clockBeside(lastMs, now) })}
    </Banner>
  );
}
