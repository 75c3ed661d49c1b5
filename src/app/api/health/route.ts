import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';

/** Answers once the server can read its database, with the server's clock. */
export const GET = withErrorHandling(async (): Promise<Response> => {
  await (await database()).plans.count();
  return Response.json({ ok: true, nowMs: Date.now() });
});
