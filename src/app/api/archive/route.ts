import { Readable } from 'node:stream';
import { say } from '@/core/message';
import { isOwnHost, isStrange } from '@/guard';
import { withErrorHandling } from '@/server/withErrorHandling';
import { archiveLines, linesOf, importArchive } from '@/server/archive';
import { nowMs } from '@/server/clock';
import { database } from '@/server/database';
import { backfillEntries } from '@/server/entries';
import { errorResponse, sameOrigin } from '@/server/http';
import { requestDataSource } from '@/server/backupPreview';

/** All data as lines of JSON, streamed while it is read. */
export const GET = withErrorHandling(async (request: Request): Promise<Response> => {
  const turnedAway = strange(request);
  if (turnedAway) return turnedAway;
  const { db } = await requestDataSource(request);
  const lines = archiveLines(db, nowMs());
  const text = async function* (): AsyncGenerator<string> {
    for await (const line of lines) yield `${JSON.stringify(line)}\n`;
  };
  const day = new Date(nowMs()).toISOString().slice(0, 10);
  return new Response(Readable.toWeb(Readable.from(text()).map((t: string) => Buffer.from(t))) as ReadableStream, {
    headers: {
      'content-type': 'application/x-ndjson; charset=utf-8',
      'content-disposition': `attachment; filename="even-ember-${day}.jsonl"`,
      'cache-control': 'no-store',
    },
  });
});

/** Imports an archive of any length, a few lines at a time; answers with what came of it. */
export const POST = withErrorHandling(async (request: Request): Promise<Response> => {
  const turnedAway = strange(request);
  if (turnedAway) return turnedAway;
  if (!sameOrigin(request)) return errorResponse(403, say('http.foreign'));
  if (!request.body) return errorResponse(422, say('archive.notOurs'));
  const db = await database();
  const pieces = request.body.pipeThrough(new TextDecoderStream('utf-8', { fatal: true }));
  try {
    const taken = await importArchive(db, linesOf(pieces));
    if (!taken.ok) return errorResponse(422, taken.says);
    void backfillEntries(db);
    return Response.json(taken.came, { status: 201 });
  } catch (error) {
    // Not text, an endless line, or cut off by the sender: what came before is imported, and can be sent again.
    if (error instanceof TypeError || error instanceof RangeError) return errorResponse(400, say('archive.broken'));
    throw error;
  }
});

/** This path does not pass through the proxy, which would buffer all of it, so foreign hosts are refused here. */
function strange(request: Request): Response | undefined {
  return isOwnHost(request.headers.get('host')) && !isStrange(request)
    ? undefined
    : errorResponse(421, say('http.foreign'));
}
