import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { loadDemo } from '@/server/demo';
import { keepMissing } from '@/server/entries';
import { refuse, sameOrigin } from '@/server/http';
import { say } from '@/core/message';

/** Loads the demo kitchen afresh. What the cook has made or touched stays as it is. */
export const POST = answering(async (request: Request): Promise<Response> => {
  if (!sameOrigin(request)) return refuse(403, say('http.foreign'));
  const db = await database();
  await loadDemo(db, Date.now());
  void keepMissing(db);
  return new Response(null, { status: 204 });
});
