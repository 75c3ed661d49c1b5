import 'server-only';
import { randomUUID } from 'node:crypto';
import { errorResponse } from './http';
import { log, withRequestLog } from './log';
import { isPreviewing } from './backupPreview';
import { dataFolder } from './database';
import { fileMessage, startupMessage } from './openDatabaseFile';
import { say } from '../core/message';

/** A page that previews a backup writes nothing: neither to the backup, nor to present data it does not show. */
const isWriteToPreview = async (request: Request): Promise<boolean> =>
  request.method !== 'GET' && (await isPreviewing(request));

/** The header in which the proxy gives every request its id. */
export const REQUEST_ID = 'x-request-id';

/**
 * A route's handler with the request's id in all its log lines. Anything it throws is logged and answered as our fault,
 * with the id to look for.
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
        const response = (await isWriteToPreview(request))
          ? errorResponse(503, say('copy.stays'))
          : await handle(request, ...rest);
        log().info({ ...about, status: response.status, ms: Math.round(performance.now() - began) }, 'answered');
        return response;
      } catch (err) {
        const file = fileMessage(err, dataFolder());
        if (file) log().error({ ...about, err }, 'database unavailable');
        const says = startupMessage(err) ?? file;
        if (says) return errorResponse(503, says);
        log().error({ ...about, err }, 'request failed');
        return errorResponse(500, say('http.ours', { id }));
      }
    });
  };
}
