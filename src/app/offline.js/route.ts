import { readFile } from 'node:fs/promises';
import { join } from 'node:path';

/** It is built after the pages. */
export const dynamic = 'force-dynamic';

/** The service worker of this build; none in development. */
export async function GET(): Promise<Response> {
  const text = await readFile(join(process.cwd(), '.next', 'offline.js'), 'utf8').catch(() => undefined);
  if (text === undefined) return new Response(null, { status: 404 });
  return new Response(text, {
    headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
  });
}
