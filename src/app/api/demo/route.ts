import { database } from '@/server/database';
import { loadDemo } from '@/server/demo';
import { refuse, sameOrigin } from '@/server/http';

/** Loads the demo kitchen afresh. What the cook has made or touched stays as it is. */
export async function POST(request: Request): Promise<Response> {
  if (!sameOrigin(request)) return refuse(403, 'This request did not come from an Even Ember page.');
  await loadDemo(await database(), Date.now());
  return new Response(null, { status: 204 });
}
