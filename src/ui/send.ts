/** What a write came to: its answer, or a sentence to show. */
export type Sent<T> =
  { readonly ok: true; readonly data: T } | { readonly ok: false; readonly status: number; readonly message: string };

/** Sends a write to the server. A server that cannot be reached gives status 0 and says so. */
export async function send<T>(method: 'POST' | 'PUT' | 'DELETE', url: string, body?: unknown): Promise<Sent<T>> {
  try {
    const response = await fetch(url, {
      method,
      ...(body === undefined
        ? {}
        : {
            body: typeof body === 'string' ? body : JSON.stringify(body),
            headers: { 'content-type': 'application/json' },
          }),
    });
    const text = await response.text();
    const data: unknown = text === '' ? {} : JSON.parse(text);
    if (response.ok) return { ok: true, data: data as T };
    const message = (data as { message?: unknown }).message;
    return {
      ok: false,
      status: response.status,
      message: typeof message === 'string' ? message : 'The server could not do that. Try again.',
    };
  } catch {
    return { ok: false, status: 0, message: 'The server does not answer. Nothing is lost: start it again and repeat.' };
  }
}
