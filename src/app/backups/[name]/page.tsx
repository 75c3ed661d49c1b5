import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { BackupDetail } from '../BackupDetail';
import { pageWords } from '../../pageWords';
import { Trouble } from '../../Trouble';
import { difference } from '@/server/backupDiff';
import { findBackup, listBackups, openBackup } from '@/server/backups';
import { database, dataFolder } from '@/server/database';
import { startupMessage } from '@/server/openDatabaseFile';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('copies.copies') };
}

export default async function BackupPage({ params }: { params: Promise<{ name: string }> }) {
  const { name } = await params;
  const folder = dataFolder();
  const copy = (await listBackups(folder)).find((c) => c.name === name);
  const path = await findBackup(folder, name);
  if (!copy || path === undefined) notFound();
  const opened = await openBackup(folder, name).catch((error: unknown) => {
    const says = startupMessage(error);
    if (!says) throw error;
    return says;
  });
  if (!opened) notFound();
  if ('code' in opened) return <Trouble says={opened} />;
  return <BackupDetail copy={copy} path={path} difference={await difference(await database(), opened)} />;
}
