import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { AsidePage } from '@/app/UnreadableNotice';
import { PlanEditor } from '../PlanEditor';
import { nowMs } from '@/server/clock';
import { work } from '@/server/engine';
import { pageDataSource } from '@/server/backupPreview';
import { readKitchen } from '@/server/kitchens';
import { findPlan } from '@/server/plans';
import { keptTitle, pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: (await keptTitle((db) => findPlan(db, id))) ?? (await pageWords()).text('page.plan') };
}

export default async function PlanPage({ params }: Props) {
  const { db } = await pageDataSource();
  const found = await findPlan(db, (await params).id);
  if (!found) notFound();
  if (!found.ok) return <AsidePage aside={found.aside} />;
  const plan = found.value;
  const kitchen = await readKitchen(db);
  const first = await work(plan.id, 'outlook', plan.input, nowMs(), kitchen.pots);
  return <PlanEditor kitchen={kitchen} start={plan.input} id={plan.id} updatedAtMs={plan.updatedAtMs} first={first} />;
}
