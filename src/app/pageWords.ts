import 'server-only';
import { cookies } from 'next/headers';
import { cache } from 'react';
import { type Kitchen } from '@/contract/kitchen';
import { type PlanInput } from '@/core/choices';
import { type Read } from '@/server/aside';
import { type Database, database, startTrouble } from '@/server/database';
import { PLAIN_KITCHEN, readKitchen, timeZoneOf } from '@/server/kitchens';
import { LANGUAGE_COOKIE, languageFromText } from '@/ui/languageChoice';
import { UNITS_COOKIE, unitsFromText } from '@/ui/unitChoice';
import { languageOf } from '@/words/languages';
import { type Words, wordsFor } from '@/words/words';

/** The kitchen on record, read once a request; a plain one while nothing can be served. */
export const servedKitchen = cache(async (): Promise<Kitchen> =>
  (await startTrouble()) ? PLAIN_KITCHEN : readKitchen(await database()),
);

/** What something kept is called, for the title of its page; undefined where that cannot be told. */
export async function keptTitle(
  find: (db: Database) => Promise<Read<{ readonly input: PlanInput }> | undefined>,
): Promise<string | undefined> {
  if (await startTrouble()) return undefined;
  const found = await find(await database());
  return found?.ok ? found.value.input.title : undefined;
}

/** The words for whoever asks for a page. */
export async function pageWords(): Promise<Words> {
  const jar = await cookies();
  return wordsFor({
    units: unitsFromText(jar.get(UNITS_COOKIE)?.value),
    language: languageOf(languageFromText(jar.get(LANGUAGE_COOKIE)?.value)),
    timeZone: timeZoneOf(await servedKitchen()),
  });
}
