'use client';

import { I18nProvider } from 'react-aria-components';
import { useServerInsertedHTML } from 'next/navigation';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { kitchenNow, onClock } from './serverClock';
import { LANGUAGE_COOKIE } from './languageChoice';
import { UNITS_COOKIE, unitsToText } from './unitChoice';
import { METRIC, type UnitChoice } from '@/core/quantity';
import { type LanguageId, languageOf } from '@/words/languages';
import { bring, type Brought, onWords, whenAllWords, wordsEdition } from '@/words/dictionary';
import { type Audience, type Words, wordsFor, wordsHeard } from '@/words/words';

export interface KitchenSetting {
  /** Time zone for clock times. */
  readonly timeZone: string;
  /** The zone the cook has chosen; null for the machine's. */
  readonly ownTimeZone: string | null;
  /** When the page was made, so that server and browser agree on the first render. */
  readonly renderedAtMs: number;
  /** The build that made the page. */
  readonly build: string;
  readonly units: UnitChoice;
  readonly language: LanguageId;
}

interface Kitchen extends KitchenSetting {
  readonly words: Words;
  readonly setUnits: (units: UnitChoice) => void;
  readonly setLanguage: (language: LanguageId) => void;
}

/** Id of the element with the words a page brings, as JSON. */
const BROUGHT = 'data-words';

if (typeof document !== 'undefined') {
  for (const { textContent } of document.querySelectorAll(`script[${BROUGHT}]`)) {
    bring(JSON.parse(textContent) as Brought);
  }
}

/** The page's words; on the server they are recorded per page and sent with it. */
function usePageWords(audience: Audience): Words {
  const { units, language, timeZone } = audience;
  const [heard] = useState(() => (typeof window === 'undefined' ? new Map<string, string | null>() : undefined));
  useServerInsertedHTML(() => {
    if (heard === undefined || heard.size === 0) return null;
    const json = JSON.stringify(Object.fromEntries(heard)).replaceAll('<', '\\u003c');
    heard.clear();
    return <script type="application/json" {...{ [BROUGHT]: '' }} dangerouslySetInnerHTML={{ __html: json }} />;
  });
  // Rendered again if a text was needed before its words had arrived.
  const edition = useSyncExternalStore(onWords, wordsEdition, () => 0);
  return useMemo(() => {
    const one = { units, language, timeZone };
    return heard === undefined ? wordsFor(one, edition) : wordsHeard(one, heard);
  }, [units, language, timeZone, heard, edition]);
}

const Context = createContext<Kitchen>({
  timeZone: 'UTC',
  ownTimeZone: null,
  renderedAtMs: 0,
  build: '',
  units: METRIC,
  language: 'en',
  words: wordsFor({ units: METRIC, language: languageOf('en'), timeZone: 'UTC' }),
  setUnits: () => undefined,
  setLanguage: () => undefined,
});

function remember(cookie: string, value: string): void {
  document.cookie = `${cookie}=${value}; path=/; max-age=31536000; samesite=lax`;
}

/** Another language or other units need sentences the page did not bring. */
function whenWordsAreHere(then: () => void): void {
  void whenAllWords()
    .catch(() => undefined)
    .then(then);
}

export function KitchenProvider({ setting, children }: { setting: KitchenSetting; children: ReactNode }) {
  const [units, setUnits] = useState(setting.units);
  const [language, setLanguage] = useState(setting.language);
  const { timeZone, ownTimeZone, renderedAtMs, build } = setting;
  const words = usePageWords({ units, language: languageOf(language), timeZone });
  const kitchen = useMemo(
    (): Kitchen => ({
      timeZone,
      ownTimeZone,
      renderedAtMs,
      build,
      units,
      language,
      words,
      setUnits: (next) => {
        remember(UNITS_COOKIE, unitsToText(next));
        whenWordsAreHere(() => {
          setUnits(next);
        });
      },
      setLanguage: (next) => {
        remember(LANGUAGE_COOKIE, next);
        whenWordsAreHere(() => {
          document.documentElement.lang = languageOf(next).tag;
          setLanguage(next);
        });
      },
    }),
    [timeZone, ownTimeZone, renderedAtMs, build, units, language, words],
  );
  return (
    <Context value={kitchen}>
      <I18nProvider locale={words.locale}>{children}</I18nProvider>
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

/** Turns codes into text for this reader: language, units and clock. */
export function useWords(): Words {
  return useContext(Context).words;
}

/**
 * The current time on the kitchen's clock, ms, updated every `everyMs`, when the page becomes visible again and when
 * the clock is corrected.
 */
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
    const deaf = onClock(tick);
    return () => {
      deaf();
      clearTimeout(first);
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs]);
  return now;
}
