import { type Metadata } from 'next';
import { newPlan } from '../newPlan';
import { PlanEditor } from '../PlanEditor';
import { lookedAt } from '@/server/looking';
import { readKitchen, timeZoneOf } from '@/server/kitchens';
import { presentMs } from '@/server/clock';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.newPlan') };
}

export default async function NewPlanPage() {
  const kitchen = await readKitchen((await lookedAt()).db);
  const words = await pageWords();
  return (
    <PlanEditor
      kitchen={kitchen}
      start={newPlan(kitchen, words.text('newPlan.title'), presentMs(), timeZoneOf(kitchen))}
      id={null}
      updatedAtMs={null}
    />
  );
}
