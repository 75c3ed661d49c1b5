import 'server-only';
import { cookies } from 'next/headers';
import { database } from '@/server/database';
import { readKitchen, timeZoneOf } from '@/server/kitchens';
import { LANGUAGE_COOKIE, languageFromText } from '@/ui/languageChoice';
import { UNITS_COOKIE, unitsFromText } from '@/ui/unitChoice';
import { languageOf } from '@/words/languages';
import { type Words, wordsFor } from '@/words/words';

/** The words for whoever asks for a page. */
export async function pageWords(): Promise<Words> {
  const jar = await cookies();
  return wordsFor({
    units: unitsFromText(jar.get(UNITS_COOKIE)?.value),
    language: languageOf(languageFromText(jar.get(LANGUAGE_COOKIE)?.value)),
    timeZone: timeZoneOf(await readKitchen(await database())),
  });
}
