import { sentEventSchema } from '@/contract/kept/act';
import { appendEvent } from '@/server/cooks';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { readBody, refuse } from '@/server/http';
import { keepLater } from '@/server/entries';
import { announce } from '@/server/live';

/** Appends one event; every open screen of the cook hears of it over its stream. */
export const POST = answering(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const body = await readBody(request, sentEventSchema);
    if (!body.ok) return body.response;
    const { id } = await params;
    const db = await database();
    const appended = await appendEvent(db, id, body.value);
    if (!appended.ok) return refuse(appended.status, appended.says);
    announce(db, id);
    keepLater(db, id);
    return Response.json({ id: body.value.id }, { status: 201 });
  },
);
