import { type Metadata } from 'next';
import { RecipeImport } from './RecipeImport';
import { meantMoment } from '@/calendar/calendar';
import { nowMs } from '@/server/clock';
import { pageDataSource } from '@/server/backupPreview';
import { readKitchen, timeZoneOf } from '@/server/kitchens';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.fromRecipe') };
}

export default async function ImportPage() {
  const kitchen = await readKitchen((await pageDataSource()).db);
  return <RecipeImport kitchen={kitchen} serveAtMs={meantMoment(undefined, undefined, nowMs(), timeZoneOf(kitchen))} />;
}
