import { type Metadata } from 'next';
import { LogList } from './LogList';
import { listEntries } from '@/server/entries';
import { pageNumber } from '@/app/pageNumber';
import { pageDataSource } from '@/server/backupPreview';
import { pageWords } from '@/app/pageWords';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('page.log') };
}
export const dynamic = 'force-dynamic';

interface Props {
  readonly searchParams: Promise<{ readonly page?: string | string[] }>;
}

export default async function LogPage({ searchParams }: Props) {
  const page = pageNumber((await searchParams).page);
  return <LogList {...await listEntries((await pageDataSource()).db, page)} />;
}
