import { type Sentences } from '../core/message';
import { german } from './de';
import { FIGURES, WORDS } from './en';
import { american } from './en/us';
import { type LanguageId } from './languages';
import { pseudo } from './pseudo';

/** Sentences of one language by code, as ICU messages. Those it lacks are looked for in its fallback. */
export type Table = Readonly<Partial<Record<keyof Sentences, string>>>;

/** Where the words are: at hand on the server, on their way in a browser. */
export interface AllWords {
  /** The sentences a language has itself; undefined while they are on their way. */
  now(id: LanguageId): Table | undefined;
  /** Settled once they are at hand. Rejects where they cannot be fetched. */
  whenAll(): Promise<void>;
}

const figureSentences = Object.fromEntries(
  Object.entries(FIGURES).flatMap(([id, parts]) =>
    Object.entries(parts).map(([part, text]) => [`figure.${id}.${part}`, text]),
  ),
);

/** Every sentence there is. */
export const BRITISH: Sentences = { ...WORDS, ...(figureSentences as Omit<Sentences, keyof typeof WORDS>) };

/** English with accents, in brackets and longer: what is shown without brackets was not looked up. Units stay as they are. */
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
