import { allWords } from '#all-words';
import { type Language, type LanguageId, languageOf } from './languages';
import { type Table } from './tables';
import { type Code } from '../core/message';

/** Words a page has brought, by code; null for a code that has none. */
export type Brought = Readonly<Record<string, string | null>>;

let brought: Brought = {};

/** Makes the words a page brought available until all words are loaded. */
export function bring(words: Brought): void {
  brought = { ...brought, ...words };
}

export const whenAllWords = (): Promise<void> => allWords.whenAll();

/** Whether there are words for a code from elsewhere; ask once all words are loaded. */
export function isCode(code: string): code is Code {
  return Object.hasOwn(allWords.now('en') ?? {}, code);
}

/** The sentence of a code in a language, or in its fallbacks; undefined if there is none. */
function found(table: Table, code: string, { fallback }: Language): string | undefined {
  const own = (table as Readonly<Record<string, string | undefined>>)[code];
  if (own !== undefined || fallback === null) return own;
  const next = allWords.now(fallback);
  return next && found(next, code, languageOf(fallback));
}

let edition = 0;
const listeners = new Set<() => void>();
let missed: Promise<void> | undefined;

/** Calls back when words that were needed early have arrived. Returns an unsubscribe function. */
export function onWords(listener: () => void): () => void {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}

/** Counts how often that happened. */
export const wordsEdition = (): number => edition;

function missing(): void {
  missed ??= allWords
    .whenAll()
    .then(() => {
      edition += 1;
      for (const listener of listeners) listener();
    })
    .catch(() => undefined)
    .finally(() => {
      missed = undefined;
    });
}

/**
 * Finds the sentence of a code for readers of one language: its own, else its fallback's. Sentences still loading are
 * empty; undefined if there is none.
 */
export function dictionary(id: LanguageId): (code: string) => string | undefined {
  return (code) => {
    const table = allWords.now(id);
    if (table) return found(table, code, languageOf(id));
    if (Object.hasOwn(brought, code)) return brought[code] ?? undefined;
    missing();
    return '';
  };
}
