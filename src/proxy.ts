import { type NextRequest, NextResponse } from 'next/server';
import { METRIC } from './core/quantity';
import { languageOf } from './words/languages';
import { wordsFor } from './words/words';

const development = process.env.NODE_ENV === 'development';

/** Names by which this machine calls itself. */
const OWN_NAMES = ['127.0.0.1', 'localhost', '[::1]'];

/** The port it is served at; undefined while developing, where any will do. */
const servedPort = (): string | undefined => process.env.EVEN_EMBER_PORT;

/** Who comes by another name has told nothing of how they read. */
const words = wordsFor({ units: METRIC, language: languageOf('en'), timeZone: 'UTC' });

/**
 * Whether a request was meant for this server: sent to this machine's own names at the port that is served. A page of
 * another site that has its own name lead here (DNS rebinding) sends that name along.
 */
function isOwnHost(host: string | null): boolean {
  if (host === null) return false;
  const port = servedPort();
  const match = /^(.+?)(?::(\d+))?$/.exec(host);
  return match !== null && OWN_NAMES.includes(match[1] ?? '') && (port === undefined || match[2] === port);
}

/**
 * Whether another site's page asks. A browser says so itself; what a person follows or types comes as a navigation of the
 * whole window by GET, and is let in.
 */
function isStrange(request: NextRequest): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site === null || site === 'same-origin' || site === 'none') return false;
  const whole =
    request.method === 'GET' &&
    request.headers.get('sec-fetch-mode') === 'navigate' &&
    request.headers.get('sec-fetch-dest') === 'document';
  return !whole;
}

function policy(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' ${development ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

function guarded<T extends Response>(response: T, csp: string): T {
  response.headers.set('content-security-policy', csp);
  return response;
}

/** Turns away what is not for this server; gives every request an id, every page its own nonce, every answer its headers. */
export function proxy(request: NextRequest): Response {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const csp = policy(nonce);
  if (!isOwnHost(request.headers.get('host'))) {
    return guarded(new Response(words.text('http.elsewhere', { port: servedPort() ?? '' }), { status: 421 }), csp);
  }
  if (isStrange(request)) return guarded(new Response(words.text('http.foreign'), { status: 403 }), csp);
  const { pathname } = request.nextUrl;
  if (pathname.length > 1 && pathname.endsWith('/')) {
    const to = new URL(request.nextUrl);
    to.pathname = pathname.replace(/\/+$/, '') || '/';
    return guarded(NextResponse.redirect(to, 308), csp);
  }
  // Scripts and fonts of the build run under what every answer says: a worker's policy is that of its own file.
  if (pathname.startsWith('/_next/')) return NextResponse.next();
  const headers = new Headers(request.headers);
  headers.set('x-request-id', crypto.randomUUID());
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', csp);
  return guarded(NextResponse.next({ request: { headers } }), csp);
}
