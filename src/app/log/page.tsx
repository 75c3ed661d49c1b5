import { type Metadata } from 'next';
import { LogList } from './LogList';
import { parted } from '@/server/aside';
import { listCooks } from '@/server/cooks';
import { readEntry } from '@/server/views';
import { database } from '@/server/database';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.log') };
}
export const dynamic = 'force-dynamic';

export default async function LogPage() {
  const { cooks, aside } = await listCooks(await database());
  const lines = parted(await Promise.all(cooks.map(readEntry)));
  const entries = lines.read.filter((e) => e !== undefined).sort((a, b) => b.finishedMs - a.finishedMs);
  return <LogList entries={entries} aside={[...aside, ...lines.aside]} />;
}
