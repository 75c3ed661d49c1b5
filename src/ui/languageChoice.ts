import { isLanguageId, type LanguageId } from '@/words/languages';

export const LANGUAGE_COOKIE = 'even-ember-language';

/** A choice from a cookie; English where it says nothing we know. */
export function languageFromText(text: string | undefined): LanguageId {
  return isLanguageId(text) ? text : 'en';
}
