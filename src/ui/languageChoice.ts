import { METRIC, type UnitChoice } from '@/core/quantity';
import { isLanguageId, type LanguageId } from '@/words/languages';

export const LANGUAGE_COOKIE = 'even-ember-language';

/** Regions that measure in cups and ounces. */
const US_REGION = /^[a-z]{2,3}(?:-[a-z]{4})?-(us|lr)\b/i;
const AMERICAN = /^en-(us|lr|ph|pr)\b/i;

/** The first language a browser asks for, e.g. "en-US" of "en-US,en;q=0.9". */
const firstOf = (accepted: string | null | undefined): string => (accepted ?? '').split(/[,;]/)[0]?.trim() ?? '';

/** The language in a cookie; until one is chosen, American or British English as the browser suggests. */
export function languageFromText(text: string | undefined, accepted?: string | null): LanguageId {
  if (isLanguageId(text)) return text;
  return AMERICAN.test(firstOf(accepted)) ? 'en-US' : 'en';
}

/** The units of a browser's region, for a reader who has chosen none. */
export function guessedUnits(accepted: string | null | undefined): UnitChoice {
  return US_REGION.test(firstOf(accepted)) ? { weight: 'us', temperature: 'F' } : METRIC;
}
