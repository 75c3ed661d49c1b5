import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PlanEditor } from '../PlanEditor';
import { database } from '@/server/database';
import { readKitchen } from '@/server/kitchens';
import { findPlan } from '@/server/plans';
import { pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const plan = await findPlan(await database(), (await params).id);
  return { title: plan?.input.title ?? (await pageWords()).text('page.plan') };
}

export default async function PlanPage({ params }: Props) {
  const db = await database();
  const plan = await findPlan(db, (await params).id);
  if (!plan) notFound();
  return <PlanEditor kitchen={await readKitchen(db)} start={plan.input} id={plan.id} updatedAtMs={plan.updatedAtMs} />;
}
