import { type Sentences } from '../core/message';
import { german } from './de';
import { FIGURES, WORDS } from './en';
import { american } from './en/us';
import { type LanguageId } from './languages';
import { pseudo } from './pseudo';

/** Sentences of one language by code, as ICU messages. Missing ones come from its fallback. */
export type Table = Readonly<Partial<Record<keyof Sentences, string>>>;

/** Where the words are: loaded on the server, loading in a browser. */
export interface AllWords {
  /** A language's own sentences; undefined while loading. */
  now(id: LanguageId): Table | undefined;
  /** Resolves once they are loaded. Rejects if they cannot be fetched. */
  whenAll(): Promise<void>;
}

const figureSentences = Object.fromEntries(
  Object.entries(FIGURES).flatMap(([id, parts]) =>
    Object.entries(parts).map(([part, text]) => [`figure.${id}.${part}`, text]),
  ),
);

/** Every sentence there is. */
export const BRITISH: Sentences = { ...WORDS, ...(figureSentences as Omit<Sentences, keyof typeof WORDS>) };

/** English with accents, in brackets and longer: text without brackets was not looked up. Units are unchanged. */
const pseudoTable = (): Table =>
  Object.fromEntries(
    Object.entries<string>(BRITISH).flatMap(([code, text]) => (code.startsWith('unit.') ? [] : [[code, pseudo(text)]])),
  );

const MAKERS: Readonly<Record<LanguageId, () => Table>> = {
  en: () => BRITISH,
  'en-US': () => american,
  de: () => german,
  pseudo: pseudoTable,
};

const made = new Map<LanguageId, Table>();

export function tableOf(id: LanguageId): Table {
  let table = made.get(id);
  if (!table) {
    table = MAKERS[id]();
    made.set(id, table);
  }
  return table;
}
