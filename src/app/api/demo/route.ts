import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { loadDemo } from '@/server/demo';
import { backfillEntries } from '@/server/entries';
import { errorResponse, sameOrigin } from '@/server/http';
import { say } from '@/core/message';

/** Reloads the demo kitchen. What the cook has made or changed stays. */
export const POST = withErrorHandling(async (request: Request): Promise<Response> => {
  if (!sameOrigin(request)) return errorResponse(403, say('http.foreign'));
  const db = await database();
  await loadDemo(db, Date.now());
  void backfillEntries(db);
  return new Response(null, { status: 204 });
});
