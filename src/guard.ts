/** Names by which this machine calls itself. */
const OWN_NAMES = ['127.0.0.1', 'localhost', '[::1]'];

/** The port it is served at; undefined while developing, where any will do. */
export const servedPort = (): string | undefined => process.env.EVEN_EMBER_PORT;

/**
 * Whether a request was meant for this server: sent to this machine's own names at the port that is served. A page of
 * another site that has its own name lead here (DNS rebinding) sends that name along.
 */
export function isOwnHost(host: string | null): boolean {
  if (host === null) return false;
  const port = servedPort();
  const match = /^(.+?)(?::(\d+))?$/.exec(host);
  return match !== null && OWN_NAMES.includes(match[1] ?? '') && (port === undefined || match[2] === port);
}

/**
 * Whether another site's page asks. A browser says so itself; what a person follows or types comes as a navigation of the
 * whole window by GET, and is let in.
 */
export function isStrange(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site === null || site === 'same-origin' || site === 'none') return false;
  const whole =
    request.method === 'GET' &&
    request.headers.get('sec-fetch-mode') === 'navigate' &&
    request.headers.get('sec-fetch-dest') === 'document';
  return !whole;
}
