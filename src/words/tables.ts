import { type Code, type FigureId, FIGURES, WORDS } from './en';
import { american } from './en/us';
import { type LanguageId } from './languages';
import { pseudo } from './pseudo';

/** What a figure is called, how it is worked out, and what would change it. */
interface FigureWords {
  readonly label: string;
  readonly formula: string;
  readonly changes: string;
}

/** All words of one language, as ICU messages. */
export interface Tables {
  readonly words: Readonly<Record<Code, string>>;
  readonly figures: Readonly<Record<FigureId, FigureWords>>;
  /** Words that differ for a reader of US units. */
  readonly american: Partial<Readonly<Record<Code, string>>>;
}

/** Where the words are: at hand on the server, on their way in a browser. */
export interface AllWords {
  /** All words of a language; undefined while they are on their way. */
  now(id: LanguageId): Tables | undefined;
  /** Settled once they are at hand. Rejects where they cannot be fetched. */
  whenAll(): Promise<void>;
}

const ENGLISH: Tables = { words: WORDS, figures: FIGURES, american };

const mapped = <T extends Readonly<Record<string, string>>>(words: T): Record<keyof T, string> =>
  Object.fromEntries(Object.entries(words).map(([code, text]) => [code, pseudo(text)])) as Record<keyof T, string>;

/** English with accents, in brackets and longer: what is shown without brackets was not looked up. */
const pseudoTables = (): Tables => ({
  words: mapped(WORDS),
  figures: Object.fromEntries(
    Object.entries<FigureWords>(FIGURES).map(([id, { label, formula, changes }]) => [
      id,
      { label: pseudo(label), formula: pseudo(formula), changes: pseudo(changes) },
    ]),
  ) as Record<FigureId, FigureWords>,
  american: mapped(american as Record<string, string>),
});

const MAKERS: Readonly<Record<LanguageId, () => Tables>> = { en: () => ENGLISH, pseudo: pseudoTables };

const made = new Map<LanguageId, Tables>();

export function tablesOf(id: LanguageId): Tables {
  let tables = made.get(id);
  if (!tables) {
    tables = MAKERS[id]();
    made.set(id, tables);
  }
  return tables;
}
