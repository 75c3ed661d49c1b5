import 'server-only';
import { subscribe } from 'node:diagnostics_channel';
import { type IncomingMessage, type ServerResponse } from 'node:http';
import { type Socket } from 'node:net';
import { MINUTE_MS } from '../core/quantity';

/** Longest a request may take to arrive whole, ms; an archive is as long as a kitchen's life. */
const SLOWEST_REQUEST_MS = 10_000;
const SLOWEST_ARCHIVE_MS = 15 * MINUTE_MS;

/** What every answer says, whoever gives it. Pages get a closer policy from the proxy. */
const ALWAYS = {
  'content-security-policy': "default-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
} as const;

/** Where a path leads that cannot be read as text: to nothing, as any other that does not exist. */
const NOWHERE = '/nowhere';

function readable(url: string): boolean {
  try {
    decodeURIComponent(url.split('?', 1)[0] ?? '');
    return true;
  } catch {
    return false;
  }
}

/** Cuts a request off whose body does not arrive. Next holds bodies until they are whole before any code of ours runs. */
function cutOffStalled(request: IncomingMessage, socket: Socket): void {
  if (request.complete || request.method === 'GET' || request.method === 'HEAD') return;
  const timer = setTimeout(
    () => {
      if (request.complete) return;
      socket.end('HTTP/1.1 408 Request Timeout\r\nConnection: close\r\nContent-Length: 0\r\n\r\n');
      socket.destroySoon();
    },
    request.url === '/api/archive' ? SLOWEST_ARCHIVE_MS : SLOWEST_REQUEST_MS,
  );
  timer.unref();
  request.once('close', () => {
    clearTimeout(timer);
  });
}

/** Sees to every request where Node itself tells of it, before Next does: some it answers without asking anybody. */
export function guardRequests(): void {
  subscribe('http.server.request.start', (message) => {
    const { request, response, socket } = message as {
      readonly request: IncomingMessage;
      readonly response: ServerResponse;
      readonly socket: Socket;
    };
    for (const [name, value] of Object.entries(ALWAYS)) response.setHeader(name, value);
    if (!readable(request.url ?? '')) request.url = NOWHERE;
    cutOffStalled(request, socket);
  });
}
