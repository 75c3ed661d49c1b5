import { type Code, type FigureId, FIGURES, WORDS } from './en';
import { american } from './en/us';
import { pseudo } from './pseudo';

/** What a figure is called, how it is worked out, and what would change it. */
export interface FigureWords {
  readonly label: string;
  readonly formula: string;
  readonly changes: string;
}

/** One language: all its words, as ICU messages. */
export interface Language {
  /** For numbers, lists, dates and plurals, a BCP 47 tag. */
  readonly tag: string;
  /** For dates and times of readers of US units. */
  readonly americanTag: string;
  /** As its readers call it. */
  readonly name: string;
  readonly words: Readonly<Record<Code, string>>;
  readonly figures: Readonly<Record<FigureId, FigureWords>>;
  /** Words that differ for a reader of US units. */
  readonly american?: Partial<Readonly<Record<Code, string>>>;
}

const ENGLISH: Language = {
  tag: 'en-GB',
  americanTag: 'en-US',
  name: 'English',
  words: WORDS,
  figures: FIGURES,
  american,
};

const mapped = <T extends Readonly<Record<string, string>>>(words: T): Record<keyof T, string> =>
  Object.fromEntries(Object.entries(words).map(([code, text]) => [code, pseudo(text)])) as Record<keyof T, string>;

/** English with accents, in brackets and longer: what is shown without brackets was not looked up. */
const pseudoLanguage = (): Language => ({
  tag: 'en-GB',
  americanTag: 'en-GB',
  name: 'Pseudo',
  words: mapped(WORDS),
  figures: Object.fromEntries(
    Object.entries<FigureWords>(FIGURES).map(([id, { label, formula, changes }]) => [
      id,
      { label: pseudo(label), formula: pseudo(formula), changes: pseudo(changes) },
    ]),
  ) as Record<FigureId, FigureWords>,
  american: mapped(american as Record<string, string>),
});

/** The pseudo-language is for tests alone. */
const MAKERS = { en: () => ENGLISH, pseudo: pseudoLanguage } as const;

export type LanguageId = keyof typeof MAKERS;

const made = new Map<LanguageId, Language>();

export function isLanguageId(id: string | undefined): id is LanguageId {
  return id !== undefined && Object.hasOwn(MAKERS, id);
}

export function languageOf(id: LanguageId): Language {
  let language = made.get(id);
  if (!language) {
    language = MAKERS[id]();
    made.set(id, language);
  }
  return language;
}
