import 'server-only';
import { cookies } from 'next/headers';
import { openBackup } from './backups';
import { type Database, database, dataFolder } from './database';
import { startupMessage } from './openDatabaseFile';
import { BACKUP_COOKIE } from '../ui/backupCookie';

/** What a page reads: the present data, or a backup. */
export interface DataSource {
  readonly db: Database;
  /** The backup's name; undefined for the present. */
  readonly copy: string | undefined;
}

async function at(name: string | undefined): Promise<DataSource> {
  const present = await database();
  if (name === undefined) return { db: present, copy: undefined };
  try {
    const copy = await openBackup(dataFolder(), name);
    return copy ? { db: copy, copy: name } : { db: present, copy: undefined };
  } catch (error) {
    // A backup that cannot be opened: its own page says why.
    if (startupMessage(error)) return { db: present, copy: undefined };
    throw error;
  }
}

/** Data source of the requested page. */
export async function pageDataSource(): Promise<DataSource> {
  return at((await cookies()).get(BACKUP_COOKIE)?.value);
}

const IN_COOKIES = new RegExp(`(?:^|; )${BACKUP_COOKIE}=([^;]+)`);

/** Data source of a request. */
export async function requestDataSource(request: Request): Promise<DataSource> {
  return at(IN_COOKIES.exec(request.headers.get('cookie') ?? '')?.[1]);
}

/** True if the request previews a backup that still exists. */
export async function isPreviewing(request: Request): Promise<boolean> {
  return IN_COOKIES.test(request.headers.get('cookie') ?? '') && (await requestDataSource(request)).copy !== undefined;
}
