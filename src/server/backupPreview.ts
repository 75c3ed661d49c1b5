import 'server-only';
import { cookies } from 'next/headers';
import { openCopy } from './backups';
import { type Database, database, dataFolder } from './database';
import { startSays } from './openDatabaseFile';
import { COPY_COOKIE } from '../ui/copyCookie';

/** What a page looks at: what is kept now, or a copy of it as it was. */
export interface DataSource {
  readonly db: Database;
  /** The copy's name; undefined where it is the present. */
  readonly copy: string | undefined;
}

async function at(name: string | undefined): Promise<DataSource> {
  const present = await database();
  if (name === undefined) return { db: present, copy: undefined };
  try {
    const copy = await openCopy(dataFolder(), name);
    return copy ? { db: copy, copy: name } : { db: present, copy: undefined };
  } catch (error) {
    // A copy that cannot be opened: its own page says why.
    if (startSays(error)) return { db: present, copy: undefined };
    throw error;
  }
}

/** What the page asked for looks at. */
export async function pageDataSource(): Promise<DataSource> {
  return at((await cookies()).get(COPY_COOKIE)?.value);
}

const IN_COOKIES = new RegExp(`(?:^|; )${COPY_COOKIE}=([^;]+)`);

/** What a request looks at. */
export async function requestedAt(request: Request): Promise<DataSource> {
  return at(IN_COOKIES.exec(request.headers.get('cookie') ?? '')?.[1]);
}

/** Whether a request looks at a copy; one that is not there any more is none. */
export async function looksAtCopy(request: Request): Promise<boolean> {
  return IN_COOKIES.test(request.headers.get('cookie') ?? '') && (await requestedAt(request)).copy !== undefined;
}
