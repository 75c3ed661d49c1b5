import { sentEventSchema } from '@/contract/kept/act';
import { appendEvent } from '@/server/cooks';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { readBody, refuse } from '@/server/http';
import { keepEntry } from '@/server/entries';
import { log } from '@/server/log';
import { announce } from '@/server/live';

/** Appends one event; every open screen of the cook hears of it over its stream. */
export const POST = answering(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const body = await readBody(request, sentEventSchema);
    if (!body.ok) return body.response;
    const { id } = await params;
    const db = await database();
    const logger = log();
    const appended = await appendEvent(db, id, body.value, Date.now());
    if (!appended.ok) return refuse(appended.status, appended.says);
    announce(db, id);
    keepEntry(db, appended.cook, 'then').catch((err: unknown) => {
      logger.error({ err, cookId: id }, 'a forecast could not be kept');
    });
    return Response.json({ id: body.value.id }, { status: 201 });
  },
);
