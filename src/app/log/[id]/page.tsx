import { type Metadata } from 'next';
import { notFound, redirect } from 'next/navigation';
import { LogDetail } from '../LogDetail';
import { logEntry } from '../entry';
import { findCook } from '@/server/cooks';
import { database } from '@/server/database';
import { cookView } from '@/server/views';
import { presentMs } from '@/server/clock';
import { pageWords } from '@/app/pageWords';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const cook = await findCook(await database(), (await params).id);
  return { title: cook?.input.title ?? (await pageWords()).text('page.log') };
}

export default async function LogEntryPage({ params }: Props) {
  const { id } = await params;
  const cook = await findCook(await database(), id);
  if (!cook) notFound();
  const entry = logEntry(cook);
  if (!entry) redirect(`/cook/${id}`);
  return <LogDetail view={cookView(cook, presentMs())} entry={entry} />;
}
