import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { CopyDetail } from '../CopyDetail';
import { pageWords } from '../../pageWords';
import { Trouble } from '../../Trouble';
import { difference } from '@/server/backupDiff';
import { findCopy, listBackups, openCopy } from '@/server/backups';
import { database, dataFolder } from '@/server/database';
import { startSays } from '@/server/openDatabaseFile';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('copies.copies') };
}

export default async function CopyPage({ params }: { params: Promise<{ name: string }> }) {
  const { name } = await params;
  const folder = dataFolder();
  const copy = (await listBackups(folder)).find((c) => c.name === name);
  const path = await findCopy(folder, name);
  if (!copy || path === undefined) notFound();
  const opened = await openCopy(folder, name).catch((error: unknown) => {
    const says = startSays(error);
    if (!says) throw error;
    return says;
  });
  if (!opened) notFound();
  if ('code' in opened) return <Trouble says={opened} />;
  return <CopyDetail copy={copy} path={path} difference={await difference(await database(), opened)} />;
}
