import 'server-only';
import { subscribe } from 'node:diagnostics_channel';
import { type IncomingMessage, type ServerResponse } from 'node:http';
import { type Socket } from 'node:net';
import { MINUTE_MS } from '../core/quantity';

/** Longest time a request may take to arrive completely, ms; an archive can be very long. */
const SLOWEST_REQUEST_MS = 10_000;
const SLOWEST_ARCHIVE_MS = 15 * MINUTE_MS;

/** Headers of every answer, whoever sends it. Pages get a stricter policy from the proxy. */
const ALWAYS = {
  'content-security-policy': "default-src 'self'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
} as const;

/** A path that cannot be decoded leads nowhere, like any other that does not exist. */
const NOWHERE = '/nowhere';

function readable(url: string): boolean {
  try {
    decodeURIComponent(url.split('?', 1)[0] ?? '');
    return true;
  } catch {
    return false;
  }
}

/** Cuts off a request whose body does not arrive. Next buffers bodies completely before any code of ours runs. */
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

/** Handles every request at the Node level, before Next does: Next answers some of them on its own. */
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
