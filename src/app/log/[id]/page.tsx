import { type Metadata } from 'next';
import { notFound, redirect } from 'next/navigation';
import { LogDetail } from '../LogDetail';
import { findBraise } from '@/server/braises';
import { pageDataSource } from '@/server/backupPreview';
import { saveEntry } from '@/server/entries';
import { AsidePage } from '@/app/UnreadableNotice';
import { keptTitle, pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: (await keptTitle((db) => findBraise(db, id))) ?? (await pageWords()).text('page.log') };
}

export default async function LogEntryPage({ params }: Props) {
  const { id } = await params;
  const { db } = await pageDataSource();
  const found = await findBraise(db, id);
  if (!found) notFound();
  if (!found.ok) return <AsidePage aside={found.aside} />;
  const cook = found.value;
  const kept = await saveEntry(db, cook, 'later');
  if (!kept.ok) return <AsidePage aside={kept.aside} />;
  if (!kept.value?.entry) redirect(`/braise/${id}`);
  const { input, events, aside } = cook;
  return <LogDetail entry={kept.value.entry} account={kept.value.account} {...{ input, events, aside }} />;
}
