import 'server-only';
import { type z } from 'zod';
import { shapeFault } from '../contract/shapeFault';
import { type Message, say } from '../core/message';

/** Largest body a route reads, bytes; a braise file may hold thousands of records. */
const MAX_BYTES = 1_000_000;
export const MAX_FILE_BYTES = 8_000_000;

/** An error response for the person at the screen. */
export function errorResponse(status: number, says: Message): Response {
  return Response.json({ says }, { status });
}

/**
 * Whether a write comes from one of our own pages. A browser always names the origin of a cross-site write; a request
 * that names none, or another host than it was sent to, is refused.
 */
export function sameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin');
  const host = request.headers.get('host');
  if (!origin || !host) return false;
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}

/** A body's text, or the response that refuses it: too large, or not text. */
async function limitedText(request: Request, mostBytes: number): Promise<string | Response> {
  const reader = request.body?.getReader();
  if (!reader) return '';
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let text = '';
  let size = 0;
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return text + decoder.decode();
      size += value.byteLength;
      if (size > mostBytes) {
        await reader.cancel();
        return errorResponse(413, say('http.tooLarge', { most: mostBytes / 1_000_000 }));
      }
      text += decoder.decode(value, { stream: true });
    }
  } catch {
    // Not UTF-8, or cut off by the sender.
    return errorResponse(400, say('http.notJson'));
  }
}

export type Body<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** Reads a write's text after the origin and size checks. */
export async function readText(request: Request, mostBytes = MAX_BYTES): Promise<Body<string>> {
  if (!sameOrigin(request)) return { ok: false, response: errorResponse(403, say('http.foreign')) };
  const text = await limitedText(request, mostBytes);
  return typeof text === 'string' ? { ok: true, value: text } : { ok: false, response: text };
}

/** Reads a write's JSON, validated by `schema`. */
export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<Body<T>> {
  const text = await readText(request);
  if (!text.ok) return text;
  let data: unknown;
  try {
    data = JSON.parse(text.value);
  } catch {
    return { ok: false, response: errorResponse(400, say('http.notJson')) };
  }
  const parsed = schema.safeParse(data);
  if (parsed.success) return { ok: true, value: parsed.data };
  return { ok: false, response: errorResponse(400, shapeFault(parsed.error)) };
}

/** A JSON file to save under `name`. */
export function jsonFile(data: object, name: string): Response {
  return new Response(`${JSON.stringify(data, null, 2)}\n`, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
}
