import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { loadDemo } from '@/server/demo';
import { refuse, sameOrigin } from '@/server/http';
import { say } from '@/core/message';

/** Loads the demo kitchen afresh. What the cook has made or touched stays as it is. */
export const POST = answering(async (request: Request): Promise<Response> => {
  if (!sameOrigin(request)) return refuse(403, say('http.foreign'));
  await loadDemo(await database(), Date.now());
  return new Response(null, { status: 204 });
});
