import { type Metadata } from 'next';
import { LogList } from './LogList';
import { logEntry } from './entry';
import { listCooks } from '@/server/cooks';
import { database } from '@/server/database';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.log') };
}
export const dynamic = 'force-dynamic';

export default async function LogPage() {
  const cooks = await listCooks(await database());
  const entries = cooks.map(logEntry).filter((e) => e !== undefined);
  return <LogList entries={entries.sort((a, b) => b.finishedMs - a.finishedMs)} />;
}
