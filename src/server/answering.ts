import 'server-only';
import { randomUUID } from 'node:crypto';
import { refuse } from './http';
import { log, withRequestLog } from './log';
import { startSays } from './openFile';
import { say } from '../core/message';

/** The header in which the proxy gives every request its id. */
export const REQUEST_ID = 'x-request-id';

/**
 * A route's handler with the request's id in all it logs. What it throws is logged and answered as our fault, with the id
 * to look for.
 */
export function answering<Rest extends readonly unknown[]>(
  handle: (request: Request, ...rest: Rest) => Promise<Response>,
): (request: Request, ...rest: Rest) => Promise<Response> {
  return (request, ...rest) => {
    const id = request.headers.get(REQUEST_ID) ?? randomUUID();
    return withRequestLog(id, async () => {
      const began = performance.now();
      const about = { method: request.method, path: new URL(request.url).pathname };
      try {
        const response = await handle(request, ...rest);
        log().info({ ...about, status: response.status, ms: Math.round(performance.now() - began) }, 'answered');
        return response;
      } catch (err) {
        const says = startSays(err);
        if (says) return refuse(503, says);
        log().error({ ...about, err }, 'failed');
        return refuse(500, say('http.ours', { id }));
      }
    });
  };
}
