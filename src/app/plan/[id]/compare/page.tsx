import { modesOf } from '@/core/choices';
import { AsidePage } from '@/app/UnreadableNotice';
import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Compare } from '../../compare/Compare';
import { pageDataSource } from '@/server/backupPreview';
import { readKitchen } from '@/server/kitchens';
import { findPlan } from '@/server/plans';
import { keptTitle, pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  const title = (await keptTitle((db) => findPlan(db, id))) ?? '';
  return { title: (await pageWords()).text('page.compare', { title }) };
}

export default async function ComparePage({ params }: Props) {
  const { db } = await pageDataSource();
  const found = await findPlan(db, (await params).id);
  if (!found) notFound();
  if (!found.ok) return <AsidePage aside={found.aside} />;
  const plan = found.value;
  const kitchen = await readKitchen(db);
  return <Compare id={plan.id} updatedAtMs={plan.updatedAtMs} input={plan.input} modes={modesOf(kitchen)} />;
}
