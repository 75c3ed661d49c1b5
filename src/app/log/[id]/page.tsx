import { type Metadata } from 'next';
import { notFound, redirect } from 'next/navigation';
import { LogDetail } from '../LogDetail';
import { findCook } from '@/server/cooks';
import { database } from '@/server/database';
import { keepEntry } from '@/server/entries';
import { readView } from '@/server/views';
import { AsidePage } from '@/app/AsideNote';
import { presentMs } from '@/server/clock';
import { keptTitle, pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params;
  return { title: (await keptTitle((db) => findCook(db, id))) ?? (await pageWords()).text('page.log') };
}

export default async function LogEntryPage({ params }: Props) {
  const { id } = await params;
  const found = await findCook(await database(), id);
  if (!found) notFound();
  if (!found.ok) return <AsidePage aside={found.aside} />;
  const cook = found.value;
  const view = await readView(cook, presentMs());
  if (!view.ok) return <AsidePage aside={view.aside} />;
  const entry = await keepEntry(await database(), cook, 'later');
  if (!entry.ok) return <AsidePage aside={entry.aside} />;
  if (!entry.value) redirect(`/cook/${id}`);
  return <LogDetail view={view.value} aside={cook.aside} entry={entry.value} />;
}
