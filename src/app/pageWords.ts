import 'server-only';
import { cookies, headers } from 'next/headers';
import { cache } from 'react';
import { type Kitchen } from '@/contract/kitchen';
import { type PlanInput } from '@/core/choices';
import { type Read } from '@/server/quarantine';
import { listBackups } from '@/server/backups';
import { dataFolder, type Database, startTrouble } from '@/server/database';
import { pageDataSource } from '@/server/backupPreview';
import { PLAIN_KITCHEN, readKitchen, timeZoneOf } from '@/server/kitchens';
import { guessedUnits, LANGUAGE_COOKIE, languageFromText } from '@/ui/languageChoice';
import { UNITS_COOKIE, unitsFromText } from '@/ui/unitChoice';
import { type LanguageId, languageOf } from '@/words/languages';
import { type Words, wordsFor } from '@/words/words';
import { type UnitChoice } from '@/core/quantity';

/** The kitchen on record, read once a request; a plain one while nothing can be served. */
export const servedKitchen = cache(async (): Promise<Kitchen> =>
  (await startTrouble()) ? PLAIN_KITCHEN : readKitchen((await pageDataSource()).db),
);

/** When the copy was made that is looked at; undefined where it is the present. */
export async function copyMadeMs(): Promise<number | undefined> {
  const { copy } = await pageDataSource();
  if (copy === undefined) return undefined;
  return (await listBackups(dataFolder())).find((c) => c.name === copy)?.madeMs;
}

/** What something kept is called, for the title of its page; undefined where that cannot be told. */
export async function keptTitle(
  find: (db: Database) => Promise<Read<{ readonly input: PlanInput }> | undefined>,
): Promise<string | undefined> {
  if (await startTrouble()) return undefined;
  const found = await find((await pageDataSource()).db);
  return found?.ok ? found.value.input.title : undefined;
}

/** Language and units of whoever asks for a page: as they chose, else as their browser suggests. */
export const readerChoice = cache(async (): Promise<{ readonly language: LanguageId; readonly units: UnitChoice }> => {
  const jar = await cookies();
  const accepted = (await headers()).get('accept-language');
  return {
    language: languageFromText(jar.get(LANGUAGE_COOKIE)?.value, accepted),
    units: unitsFromText(jar.get(UNITS_COOKIE)?.value, guessedUnits(accepted)),
  };
});

/** The words for whoever asks for a page. */
export async function pageWords(): Promise<Words> {
  const { language, units } = await readerChoice();
  return wordsFor({ units, language: languageOf(language), timeZone: timeZoneOf(await servedKitchen()) });
}
