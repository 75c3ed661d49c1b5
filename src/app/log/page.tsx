import { type Metadata } from 'next';
import { LogList } from './LogList';
import { logEntry } from './entry';
import { parted, readRow } from '@/server/aside';
import { listCooks } from '@/server/cooks';
import { database } from '@/server/database';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.log') };
}
export const dynamic = 'force-dynamic';

export default async function LogPage() {
  const { cooks, aside } = await listCooks(await database());
  const lines = parted(
    cooks.map((cook) => readRow({ table: 'cooks', id: cook.id, title: cook.input.title }, () => logEntry(cook))),
  );
  const entries = lines.read.filter((e) => e !== undefined).sort((a, b) => b.finishedMs - a.finishedMs);
  return <LogList entries={entries} aside={[...aside, ...lines.aside]} />;
}
