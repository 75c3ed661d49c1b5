import { vi } from 'vitest';

export interface Call {
  readonly method: string;
  readonly url: string;
  readonly body: unknown;
}

type Answer = { readonly status?: number; readonly data?: unknown } | 'down';

/** Replaces the server: answers every call as told, and records what it was asked. */
export function stubServer(answer: (call: Call) => Answer): { readonly calls: readonly Call[] } {
  const calls: Call[] = [];
  vi.stubGlobal('fetch', (url: string, init: { method: string; body?: string }) => {
    const call = {
      method: init.method,
      url,
      body: init.body === undefined ? undefined : (JSON.parse(init.body) as unknown),
    };
    calls.push(call);
    const given = answer(call);
    if (given === 'down') return Promise.reject(new TypeError('fetch failed'));
    return Promise.resolve(new Response(JSON.stringify(given.data ?? {}), { status: given.status ?? 200 }));
  });
  return { calls };
}
