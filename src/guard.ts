/** Names of this machine. */
const OWN_NAMES = ['127.0.0.1', 'localhost', '[::1]'];

/** The port it is served at; undefined in development, where any will do. */
export const servedPort = (): string | undefined => process.env.EVEN_EMBER_PORT;

/**
 * Whether a request was meant for this server: sent to this machine's own names at the served port. A page of another
 * site whose name resolves here (DNS rebinding) sends that name.
 */
export function isOwnHost(host: string | null): boolean {
  if (host === null) return false;
  const port = servedPort();
  const match = /^(.+?)(?::(\d+))?$/.exec(host);
  return match !== null && OWN_NAMES.includes(match[1] ?? '') && (port === undefined || match[2] === port);
}

/**
 * Whether another site's page sent it. The browser says so; links followed or addresses typed arrive as a GET
 * navigation of the whole window, and are allowed.
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
