import { type Message, say } from '@/core/message';
import { isCode, whenAllWords } from '@/words/dictionary';

/** Result of a write: its answer, or why it failed. */
export type Sent<T> =
  { readonly ok: true; readonly data: T } | { readonly ok: false; readonly status: number; readonly says: Message };

/** Sends a file as it is. */
export function sendFile<T>(url: string, file: Blob): Promise<Sent<T>> {
  return ask<T>(url, { method: 'POST', body: file });
}

/** Sends a write to the server. If the server cannot be reached the status is 0, with a message. */
export function send<T>(method: 'POST' | 'PUT' | 'DELETE', url: string, body?: unknown): Promise<Sent<T>> {
  return ask<T>(url, {
    method,
    ...(body === undefined
      ? {}
      : {
          body: typeof body === 'string' ? body : JSON.stringify(body),
          headers: { 'content-type': 'application/json' },
        }),
  });
}

async function ask<T>(url: string, request: RequestInit): Promise<Sent<T>> {
  try {
    const response = await fetch(url, request);
    const text = await response.text();
    const data: unknown = text === '' ? {} : JSON.parse(text);
    if (response.ok) return { ok: true, data: data as T };
    const { says } = data as { says?: Message };
    await whenAllWords();
    // A page older than the server may not have these.
    const known = says !== undefined && isCode(says.code);
    return { ok: false, status: response.status, says: known ? says : say('http.failed') };
  } catch {
    return { ok: false, status: 0, says: say('http.noAnswer') };
  }
}
