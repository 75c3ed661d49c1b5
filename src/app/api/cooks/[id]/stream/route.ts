import { buildId } from '@/server/build';
import { findCook } from '@/server/cooks';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { refuse } from '@/server/http';
import { onClose } from '@/server/hub';
import { watch } from '@/server/live';
import { say } from '@/core/message';

const HEARTBEAT_MS = 20_000;

/** Server-sent events: which build it is when it opens, the whole view then and after every change, `gone` when the cook is deleted. */
export const GET = answering(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const { id } = await params;
    const db = await database();
    if (!(await findCook(db, id))) return refuse(404, say('http.noBraise'));
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
        let unwatch = (): void => undefined;
        const unclose = onClose(() => {
          stop();
        });
        stop = () => {
          if (closed) return;
          closed = true;
          clearInterval(heartbeat);
          unwatch();
          unclose();
          controller.close();
        };
        request.signal.addEventListener('abort', stop);
        send(`event: build\ndata: ${buildId()}\n\n`);
        unwatch = watch(db, id, ({ name, data }) => {
          send(`event: ${name}\ndata: ${data}\n\n`);
        });
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
  },
);
