import { type NextRequest, NextResponse } from 'next/server';
import { presentPath } from './addresses';
import { isOwnHost, isStrange, servedPort } from './guard';
import { BACKUP_COOKIE } from './ui/backupCookie';
import { METRIC } from './core/quantity';
import { languageOf } from './words/languages';
import { wordsFor } from './words/words';

const development = process.env.NODE_ENV === 'development';

/** A request under another host name has no language setting. */
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

/**
 * Refuses requests not meant for this server; gives every request an id, every page its own nonce, every answer its
 * headers.
 */
export function proxy(request: NextRequest): Response {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const csp = policy(nonce);
  if (!isOwnHost(request.headers.get('host'))) {
    return guarded(new Response(words.text('http.elsewhere', { port: servedPort() ?? '' }), { status: 421 }), csp);
  }
  if (isStrange(request)) return guarded(new Response(words.text('http.foreign'), { status: 403 }), csp);
  const { pathname } = request.nextUrl;
  const present = presentPath(pathname);
  if (present !== pathname) {
    const to = new URL(request.nextUrl);
    to.pathname = present;
    return guarded(NextResponse.redirect(to, 308), csp);
  }
  // The build's scripts and fonts use the policy of every answer: a worker's policy is that of its own file.
  if (pathname.startsWith('/_next/')) return NextResponse.next();
  const headers = new Headers(request.headers);
  headers.set('x-request-id', crypto.randomUUID());
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', csp);
  const response = guarded(NextResponse.next({ request: { headers } }), csp);
  // Which pages may be cached for offline use: no backups.
  response.headers.set('x-even-ember-page', request.cookies.has(BACKUP_COOKIE) ? 'copy' : 'present');
  return response;
}

/** An archive can be very long: it bypasses the proxy, which buffers bodies whole. */
export const config = { matcher: '/((?!api/archive$).*)' };
