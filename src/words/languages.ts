/** One language: how its numbers, lists and dates are written. Its words are in `tables.ts`. */
export interface Language {
  readonly id: LanguageId;
  /** For numbers, lists, dates and plurals, a BCP 47 tag. */
  readonly tag: string;
  /** For dates and times of readers of US units. */
  readonly americanTag: string;
}

/** The pseudo-language is for tests alone. */
const LANGUAGES = {
  en: { id: 'en', tag: 'en-GB', americanTag: 'en-US' },
  pseudo: { id: 'pseudo', tag: 'en-GB', americanTag: 'en-GB' },
} as const;

export type LanguageId = keyof typeof LANGUAGES;

export function isLanguageId(id: string | undefined): id is LanguageId {
  return id !== undefined && Object.hasOwn(LANGUAGES, id);
}

export function languageOf(id: LanguageId): Language {
  return LANGUAGES[id];
}
