import { database } from '@/server/database';

/** Answers once the server can read its database. */
export async function GET(): Promise<Response> {
  await (await database()).plans.count();
  return Response.json({ ok: true });
}
