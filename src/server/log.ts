import 'server-only';
import { AsyncLocalStorage } from 'node:async_hooks';
import { type Logger, pino } from 'pino';

/**
 * What the server writes: a line of JSON for each thing, from warnings up unless `EVEN_EMBER_LOG` names another level
 * (`info` adds a line for every request, `silent` nothing).
 */
const root = pino({
  level: process.env.EVEN_EMBER_LOG ?? 'warn',
  base: { app: 'even-ember' },
  timestamp: pino.stdTimeFunctions.isoTime,
  formatters: { level: (label) => ({ level: label }) },
});

const requests = new AsyncLocalStorage<Logger>();

/** The log of the request at hand, its lines carrying the request's id; outside of one the server's own. */
export function log(): Logger {
  return requests.getStore() ?? root;
}

/** Does `work` with a log whose lines carry `requestId`. */
export function withRequestLog<T>(requestId: string, work: () => T): T {
  return requests.run(root.child({ requestId }), work);
}
