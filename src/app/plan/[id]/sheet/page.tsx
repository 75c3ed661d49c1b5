import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { AsidePage } from '@/app/UnreadableNotice';
import { PrepSheet } from '../../sheet/PrepSheet';
import { SheetFaults } from '../../sheet/SheetFaults';
import { work } from '@/server/engine';
import { pageDataSource } from '@/server/backupPreview';
import { findPlan } from '@/server/plans';
import { keptTitle, pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  const title = (await keptTitle((db) => findPlan(db, id))) ?? '';
  return { title: (await pageWords()).text('page.sheet', { title }) };
}

export default async function SheetPage({ params }: Props) {
  const found = await findPlan((await pageDataSource()).db, (await params).id);
  if (!found) notFound();
  if (!found.ok) return <AsidePage aside={found.aside} />;
  const stored = found.value;
  const made = await work(stored.id, 'sheet', stored.input);
  return made.ok ? (
    <PrepSheet id={stored.id} updatedAtMs={stored.updatedAtMs} plan={made.plan} />
  ) : (
    <SheetFaults id={stored.id} title={stored.input.title} faults={made.faults} />
  );
}
