'use client';

import { I18nProvider } from 'react-aria-components';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';
import { kitchenNow } from './serverClock';
import { UNITS_COOKIE, unitsToText } from './unitChoice';
import { METRIC, type UnitChoice } from '@/core/quantity';
import { type LanguageId, languageOf } from '@/words/languages';
import { type Words, wordsFor } from '@/words/words';

export interface KitchenSetting {
  /** Zone in which clock times are shown. */
  readonly timeZone: string;
  /** The zone the cook has chosen; null where it is the machine's. */
  readonly ownTimeZone: string | null;
  /** The moment the page was made, so that server and browser agree on the first drawing. */
  readonly renderedAtMs: number;
  /** The build of the app that made the page. */
  readonly build: string;
  readonly units: UnitChoice;
  readonly language: LanguageId;
}

interface Kitchen extends KitchenSetting {
  readonly setUnits: (units: UnitChoice) => void;
}

const Context = createContext<Kitchen>({
  timeZone: 'UTC',
  ownTimeZone: null,
  renderedAtMs: 0,
  build: '',
  units: METRIC,
  language: 'en',
  setUnits: () => undefined,
});

export function KitchenProvider({ setting, children }: { setting: KitchenSetting; children: ReactNode }) {
  const [units, setUnits] = useState(setting.units);
  const { timeZone, ownTimeZone, renderedAtMs, build, language } = setting;
  const kitchen = useMemo(
    (): Kitchen => ({
      timeZone,
      ownTimeZone,
      renderedAtMs,
      build,
      units,
      language,
      setUnits: (next) => {
        setUnits(next);
        document.cookie = `${UNITS_COOKIE}=${unitsToText(next)}; path=/; max-age=31536000; samesite=lax`;
      },
    }),
    [timeZone, ownTimeZone, renderedAtMs, build, units, language],
  );
  const { locale } = wordsFor({ units, language: languageOf(language), timeZone });
  return (
    <Context value={kitchen}>
      <I18nProvider locale={locale}>{children}</I18nProvider>
    </Context>
  );
}

export function useKitchen(): Kitchen {
  return useContext(Context);
}

/** The units this cook reads and types. */
export function useUnits(): UnitChoice {
  return useContext(Context).units;
}

/** What turns codes into text for this reader: their language, units and clock. */
export function useWords(): Words {
  const { units, language, timeZone } = useContext(Context);
  return useMemo(() => wordsFor({ units, language: languageOf(language), timeZone }), [units, language, timeZone]);
}

/** The present moment by the kitchen's clock, ms, renewed every `everyMs` and whenever the page comes back into view. */
export function useNow(everyMs: number): number {
  const { renderedAtMs } = useKitchen();
  const [now, setNow] = useState(renderedAtMs);
  useEffect(() => {
    const tick = (): void => {
      setNow(kitchenNow());
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
