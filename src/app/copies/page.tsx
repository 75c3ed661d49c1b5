import { type Metadata } from 'next';
import { join } from 'node:path';
import { CopyList } from './CopyList';
import { pageWords } from '../pageWords';
import { listBackups } from '@/server/backups';
import { dataFolder } from '@/server/database';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await pageWords()).text('copies.copies') };
}

export default async function CopiesPage() {
  const folder = dataFolder();
  return <CopyList copies={await listBackups(folder)} folder={join(folder, 'copies')} />;
}
