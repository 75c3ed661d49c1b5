import 'server-only';
import { AsyncLocalStorage } from 'node:async_hooks';
import { type Logger, pino } from 'pino';

/**
 * The server's log: one line of JSON per event, from warnings up unless `EVEN_EMBER_LOG` names another level (`info`
 * adds a line for every request, `silent` logs nothing).
 */
const root = pino({
  level: process.env.EVEN_EMBER_LOG ?? 'warn',
  base: { app: 'even-ember' },
  timestamp: pino.stdTimeFunctions.isoTime,
  formatters: { level: (label) => ({ level: label }) },
});

const requests = new AsyncLocalStorage<Logger>();

/** The current request's log, its lines carrying the request's id; outside a request, the server's own. */
export function log(): Logger {
  return requests.getStore() ?? root;
}

/** Runs `work` with a log whose lines carry `requestId`. */
export function withRequestLog<T>(requestId: string, work: () => T): T {
  return requests.run(root.child({ requestId }), work);
}
