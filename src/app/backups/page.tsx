import { type Metadata } from 'next';
import { join } from 'node:path';
import { BackupList } from './BackupList';
import { pageWords } from '../pageWords';
import { listBackups } from '@/server/backups';
import { dataFolder } from '@/server/database';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('copies.copies') };
}

export default async function BackupsPage() {
  const folder = dataFolder();
  return <BackupList copies={await listBackups(folder)} folder={join(folder, 'copies')} />;
}
