import { Readable } from 'node:stream';
import { say } from '@/core/message';
import { isOwnHost, isStrange } from '@/guard';
import { withErrorHandling } from '@/server/withErrorHandling';
import { archiveLines, linesOf, importArchive } from '@/server/archive';
import { presentMs } from '@/server/clock';
import { database } from '@/server/database';
import { backfillEntries } from '@/server/entries';
import { errorResponse, sameOrigin } from '@/server/http';
import { requestedAt } from '@/server/backupPreview';

/** All that is kept as lines of JSON, read while it is sent. */
export const GET = withErrorHandling(async (request: Request): Promise<Response> => {
  const turnedAway = strange(request);
  if (turnedAway) return turnedAway;
  const { db } = await requestedAt(request);
  const lines = archiveLines(db, presentMs());
  const text = async function* (): AsyncGenerator<string> {
    for await (const line of lines) yield `${JSON.stringify(line)}\n`;
  };
  const day = new Date(presentMs()).toISOString().slice(0, 10);
  return new Response(Readable.toWeb(Readable.from(text()).map((t: string) => Buffer.from(t))) as ReadableStream, {
    headers: {
      'content-type': 'application/x-ndjson; charset=utf-8',
      'content-disposition': `attachment; filename="even-ember-${day}.jsonl"`,
      'cache-control': 'no-store',
    },
  });
});

/** Takes an archive in, a few lines at a time however long it is; answers what came of it. */
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
    // No text, a line without end, or cut off by the sender: what came before it is taken in, and can come again.
    if (error instanceof TypeError || error instanceof RangeError) return errorResponse(400, say('archive.broken'));
    throw error;
  }
});

/** This path does not go by the proxy, which would hold the whole of it: who comes by another name is turned away here. */
function strange(request: Request): Response | undefined {
  return isOwnHost(request.headers.get('host')) && !isStrange(request)
    ? undefined
    : errorResponse(421, say('http.foreign'));
}
