import { buildId } from '@/server/build';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { errorResponse } from '@/server/http';
import { onClose } from '@/server/hub';
import { isPreviewing } from '@/server/backupPreview';
import { type LiveUpdate, watch } from '@/server/live';
import { isId } from '@/contract/fields';
import { say } from '@/core/message';

const HEARTBEAT_MS = 20_000;

/** How many braises one stream can follow. */
const MAX_BRAISES_FOLLOWED = 100;

/** A message of the stream as it goes over the wire. */
const message = (name: string, data: string): string => `event: ${name}\ndata: ${data}\n\n`;

/** Turns the updates of one braise into messages, leaving out records already sent. */
function teller(cookId: string, send: (text: string) => void): (news: LiveUpdate) => void {
  let sent = 0;
  const id = JSON.stringify(cookId);
  return (news) => {
    if (news.name === 'gone') {
      send(message('gone', `{"cookId":${id}}`));
      return;
    }
    const { events, liveText } = news;
    const from = Math.min(sent, events.length);
    sent = events.length;
    const added = JSON.stringify(events.slice(from));
    send(message('view', `{"cookId":${id},"from":${String(from)},"events":${added},"live":${liveText}}`));
  };
}

/**
 * Server-sent events of the braises asked for by `?cook=ID` (repeatable). On opening: the build. For each braise: its
 * records and forecast, then after every change the new records and the forecast; `gone` when it is deleted or never
 * existed. Plans do not change and are not sent: pages come with them.
 */
export const GET = withErrorHandling(async (request: Request): Promise<Response> => {
  const ids = [...new Set(new URL(request.url).searchParams.getAll('cook'))];
  if (ids.length === 0 || ids.length > MAX_BRAISES_FOLLOWED || !ids.every(isId))
    return errorResponse(400, say('http.noBraise'));
  const db = await database();
  const isPast = await isPreviewing(request);
  const encoder = new TextEncoder();
  let stop = (): void => undefined;
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      let closed = false;
      const send = (text: string): void => {
        if (!closed) controller.enqueue(encoder.encode(text));
      };
      const heartbeat = setInterval(() => {
        send(': still here\n\n');
      }, HEARTBEAT_MS);
      const unclose = onClose(() => {
        stop();
      });
      let unwatch: readonly (() => void)[] = [];
      stop = () => {
        if (closed) return;
        closed = true;
        clearInterval(heartbeat);
        for (const forget of unwatch) forget();
        unclose();
        controller.close();
      };
      request.signal.addEventListener('abort', stop);
      send(message('build', buildId()));
      // Nothing changes in a backup.
      if (!isPast) unwatch = ids.map((id) => watch(db, id, teller(id, send)));
    },
    cancel() {
      stop();
    },
  });
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  });
});
