import 'server-only';
import { randomUUID } from 'node:crypto';
import { errorResponse } from './http';
import { log, withRequestLog } from './log';
import { looksAtCopy } from './backupPreview';
import { dataFolder } from './database';
import { fileSays, startSays } from './openDatabaseFile';
import { say } from '../core/message';

/** A page that looks at a copy writes nothing: not to the copy, and not to a present it does not show. */
const isWriteToCopy = async (request: Request): Promise<boolean> =>
  request.method !== 'GET' && (await looksAtCopy(request));

/** The header in which the proxy gives every request its id. */
export const REQUEST_ID = 'x-request-id';

/**
 * A route's handler with the request's id in all it logs. What it throws is logged and answered as our fault, with the id
 * to look for.
 */
export function withErrorHandling<Rest extends readonly unknown[]>(
  handle: (request: Request, ...rest: Rest) => Promise<Response>,
): (request: Request, ...rest: Rest) => Promise<Response> {
  return (request, ...rest) => {
    const id = request.headers.get(REQUEST_ID) ?? randomUUID();
    return withRequestLog(id, async () => {
      const began = performance.now();
      const about = { method: request.method, path: new URL(request.url).pathname };
      try {
        const response = (await isWriteToCopy(request))
          ? errorResponse(503, say('copy.stays'))
          : await handle(request, ...rest);
        log().info({ ...about, status: response.status, ms: Math.round(performance.now() - began) }, 'answered');
        return response;
      } catch (err) {
        const file = fileSays(err, dataFolder());
        if (file) log().error({ ...about, err }, 'what is kept cannot be reached');
        const says = startSays(err) ?? file;
        if (says) return errorResponse(503, says);
        log().error({ ...about, err }, 'failed');
        return errorResponse(500, say('http.ours', { id }));
      }
    });
  };
}
