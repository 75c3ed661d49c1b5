import { toWire } from '@/contract/wire';
import { findCook } from '@/server/cooks';
import { database } from '@/server/database';
import { refuse } from '@/server/http';
import { listen, onClose } from '@/server/hub';
import { cookView } from '@/server/views';
import { say } from '@/core/message';

const HEARTBEAT_MS = 20_000;

/** Server-sent events: the whole view when it opens and after every change, `gone` when the cook is deleted. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
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
      const sendView = async (): Promise<void> => {
        const cook = await findCook(db, id);
        send(cook ? `event: view\ndata: ${toWire(cookView(cook, Date.now()))}\n\n` : 'event: gone\ndata: {}\n\n');
      };
      const tell = (): void => {
        sendView().catch((error: unknown) => {
          console.error('A cook’s view could not be sent', error);
        });
      };
      const heartbeat = setInterval(() => {
        send(': still here\n\n');
      }, HEARTBEAT_MS);
      const unlisten = listen(id, tell);
      const unclose = onClose(() => {
        stop();
      });
      stop = () => {
        if (closed) return;
        closed = true;
        clearInterval(heartbeat);
        unlisten();
        unclose();
        controller.close();
      };
      request.signal.addEventListener('abort', stop);
      tell();
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
}
