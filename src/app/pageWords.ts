import 'server-only';
import { cookies, headers } from 'next/headers';
import { cache } from 'react';
import { type Kitchen } from '@/contract/kitchen';
import { type PlanInput } from '@/core/choices';
import { type Read } from '@/server/quarantine';
import { listBackups } from '@/server/backups';
import { dataFolder, type Database, startupError } from '@/server/database';
import { pageDataSource } from '@/server/backupPreview';
import { PLAIN_KITCHEN, readKitchen, timeZoneOf } from '@/server/kitchens';
import { guessedUnits, LANGUAGE_COOKIE, languageFromText } from '@/ui/languageChoice';
import { UNITS_COOKIE, unitsFromText } from '@/ui/unitChoice';
import { type LanguageId, languageOf } from '@/words/languages';
import { type Words, wordsFor } from '@/words/words';
import { type UnitChoice } from '@/core/quantity';

/** The saved kitchen, read once per request; a plain one while the data cannot be served. */
export const servedKitchen = cache(async (): Promise<Kitchen> =>
  (await startupError()) ? PLAIN_KITCHEN : readKitchen((await pageDataSource()).db),
);

/** When the previewed backup was made; undefined for the present data. */
export async function copyMadeMs(): Promise<number | undefined> {
  const { copy } = await pageDataSource();
  if (copy === undefined) return undefined;
  return (await listBackups(dataFolder())).find((c) => c.name === copy)?.madeMs;
}

/** Title of a saved row, for the page title; undefined where it cannot be read. */
export async function keptTitle(
  find: (db: Database) => Promise<Read<{ readonly input: PlanInput }> | undefined>,
): Promise<string | undefined> {
  if (await startupError()) return undefined;
  const found = await find((await pageDataSource()).db);
  return found?.ok ? found.value.input.title : undefined;
}

/** Language and units of a request: as chosen, else as the browser suggests. */
export const readerChoice = cache(async (): Promise<{ readonly language: LanguageId; readonly units: UnitChoice }> => {
  const jar = await cookies();
  const accepted = (await headers()).get('accept-language');
  return {
    language: languageFromText(jar.get(LANGUAGE_COOKIE)?.value, accepted),
    units: unitsFromText(jar.get(UNITS_COOKIE)?.value, guessedUnits(accepted)),
  };
});

/** The words for the reader of a request. */
export async function pageWords(): Promise<Words> {
  const { language, units } = await readerChoice();
  return wordsFor({ units, language: languageOf(language), timeZone: timeZoneOf(await servedKitchen()) });
}
