import { allWords } from '#all-words';
import { type Code } from './en';
import { type Language } from './languages';
import { type Tables } from './tables';
import { type UnitChoice } from '../core/quantity';

export { type Code };

/** Words a page has brought with it, by code; null for a code that has none. */
export type Brought = Readonly<Record<string, string | null>>;

let brought: Brought = {};

/** Has what a page brought with it looked up until all words are at hand. */
export function bring(words: Brought): void {
  brought = { ...brought, ...words };
}

export const whenAllWords = (): Promise<void> => allWords.whenAll();

/** Whether there are words for what somebody else calls a code; ask once all words are at hand. */
export function isCode(code: string): code is Code {
  return Object.hasOwn(allWords.now('en')?.words ?? {}, code);
}

const FIGURE = /^figure\.(.+)\.(label|formula|changes)$/;

type Lookup = Readonly<Record<string, string | undefined>>;

function found(tables: Tables, code: string, units: UnitChoice): string | undefined {
  const figure = FIGURE.exec(code);
  if (figure) {
    const figures: Readonly<Record<string, Lookup | undefined>> = tables.figures as never;
    return figures[figure[1] ?? '']?.[figure[2] ?? ''];
  }
  const american: Lookup = units.weight === 'us' ? tables.american : {};
  return american[code] ?? (tables.words as Lookup)[code];
}

let edition = 0;
const listeners = new Set<() => void>();
let missed: Promise<void> | undefined;

/** Calls back when words have come that were asked for before they were there. Gives what ends it. */
export function onWords(listener: () => void): () => void {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}

/** Counts how often they have. */
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
 * Finds the words of a code in one language; those of US units first where those are read. Words that are still on
 * their way are empty until they have come; undefined where there are none.
 */
export function dictionary({ id }: Language, units: UnitChoice): (code: string) => string | undefined {
  return (code) => {
    const tables = allWords.now(id);
    if (tables) return found(tables, code, units);
    if (Object.hasOwn(brought, code)) return brought[code] ?? undefined;
    missing();
    return '';
  };
}
