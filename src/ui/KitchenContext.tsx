'use client';

import { createContext, type ReactNode, useContext, useEffect, useState } from 'react';

export interface KitchenSetting {
  /** Zone in which clock times are shown. */
  readonly timeZone: string;
  /** The moment the page was made, so that server and browser agree on the first drawing. */
  readonly renderedAtMs: number;
}

const Context = createContext<KitchenSetting>({ timeZone: 'UTC', renderedAtMs: 0 });

export function KitchenProvider({ setting, children }: { setting: KitchenSetting; children: ReactNode }) {
  return <Context value={setting}>{children}</Context>;
}

export function useKitchen(): KitchenSetting {
  return useContext(Context);
}

/** The present moment, ms, renewed every `everyMs` and whenever the page comes back into view. */
export function useNow(everyMs: number): number {
  const { renderedAtMs } = useKitchen();
  const [now, setNow] = useState(renderedAtMs);
  useEffect(() => {
    const tick = (): void => {
      setNow(Date.now());
    };
    const first = setTimeout(tick, 0);
    const timer = setInterval(tick, everyMs);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs]);
  return now;
}
