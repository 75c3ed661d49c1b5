import { type NextRequest, NextResponse } from 'next/server';
import { isOwnHost, isStrange, servedPort } from './guard';
import { COPY_COOKIE } from './ui/copyCookie';
import { METRIC } from './core/quantity';
import { languageOf } from './words/languages';
import { wordsFor } from './words/words';

const development = process.env.NODE_ENV === 'development';

/** Who comes by another name has told nothing of how they read. */
const words = wordsFor({ units: METRIC, language: languageOf('en'), timeZone: 'UTC' });

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
  const response = guarded(NextResponse.next({ request: { headers } }), csp);
  // What may be kept for when the server is away: no copy of the past.
  response.headers.set('x-even-ember-page', request.cookies.has(COPY_COOKIE) ? 'copy' : 'present');
  return response;
}

/** An archive is as long as a kitchen's life: it does not pass through here, where bodies are held until they are whole. */
export const config = { matcher: '/((?!api/archive$).*)' };
