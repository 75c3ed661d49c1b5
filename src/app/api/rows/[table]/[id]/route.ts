import { say } from '@/core/message';
import { ROW_TABLES, rowAsKept } from '@/server/aside';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { jsonFile, refuse } from '@/server/http';

/** A row exactly as it is kept, for what cannot be read any more. */
export const GET = answering(
  async (_: Request, { params }: { params: Promise<{ table: string; id: string }> }): Promise<Response> => {
    const { table, id } = await params;
    const known = ROW_TABLES.find((t) => t === table);
    const row = known && /^[\w-]{1,60}$/.test(id) ? await rowAsKept(await database(), known, id) : undefined;
    return row ? jsonFile(row, `${table}-${id}.json`) : refuse(404, say('http.noRow'));
  },
);
