import { type Metadata } from 'next';
import { newPlan } from '../newPlan';
import { PlanEditor } from '../PlanEditor';
import { database } from '@/server/database';
import { readKitchen, timeZoneOf } from '@/server/kitchens';
import { presentMs } from '@/server/clock';

export const metadata: Metadata = { title: 'New plan' };

export default async function NewPlanPage() {
  const kitchen = await readKitchen(await database());
  return (
    <PlanEditor
      kitchen={kitchen}
      start={newPlan(kitchen, presentMs(), timeZoneOf(kitchen))}
      id={null}
      updatedAtMs={null}
    />
  );
}
