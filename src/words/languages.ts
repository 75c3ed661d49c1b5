/** One language: how its numbers, lists and dates are written. Its words are in `tables.ts`. */
export interface Language {
  readonly id: LanguageId;
  /** For numbers, lists, dates and plurals, a BCP 47 tag. */
  readonly tag: string;
  /** The fallback for missing sentences; British English has them all. */
  readonly fallback: LanguageId | null;
  /** Its own name for itself, as Settings lists it. */
  readonly name: string;
}

const LANGUAGES = {
  en: { id: 'en', tag: 'en-GB', fallback: null, name: 'English (UK)' },
  'en-US': { id: 'en-US', tag: 'en-US', fallback: 'en', name: 'English (US)' },
  de: { id: 'de', tag: 'de-DE', fallback: 'en', name: 'Deutsch (the stove’s first screen so far)' },
  /** For tests only. */
  pseudo: { id: 'pseudo', tag: 'en-GB', fallback: 'en', name: 'Pseudo' },
} as const satisfies Record<string, Language>;

export type LanguageId = 'en' | 'en-US' | 'de' | 'pseudo';

/** The languages a cook can choose. */
export const CHOOSABLE_LANGUAGES: readonly Language[] = [LANGUAGES.en, LANGUAGES['en-US'], LANGUAGES.de];

export function isLanguageId(id: string | undefined): id is LanguageId {
  return id !== undefined && Object.hasOwn(LANGUAGES, id);
}

export function languageOf(id: LanguageId): Language {
  return LANGUAGES[id];
}
