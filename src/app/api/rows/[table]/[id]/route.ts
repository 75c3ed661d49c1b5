import { say } from '@/core/message';
import { ROW_TABLES, rawRow } from '@/server/quarantine';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { jsonFile, errorResponse } from '@/server/http';

/** A row exactly as stored, for rows that can no longer be read. */
export const GET = withErrorHandling(
  async (_: Request, { params }: { params: Promise<{ table: string; id: string }> }): Promise<Response> => {
    const { table, id } = await params;
    const known = ROW_TABLES.find((t) => t === table);
    const row = known && /^[\w-]{1,60}$/.test(id) ? await rawRow(await database(), known, id) : undefined;
    return row ? jsonFile(row, `${table}-${id}.json`) : errorResponse(404, say('http.noRow'));
  },
);
