import { sentEventSchema } from '@/contract/stored/act';
import { appendEvent } from '@/server/braises';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { readBody, errorResponse } from '@/server/http';
import { saveEntryDeferred } from '@/server/entries';
import { publish } from '@/server/live';

/** Appends one event; every open screen of the braise gets it over its stream. */
export const POST = withErrorHandling(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    const body = await readBody(request, sentEventSchema);
    if (!body.ok) return body.response;
    const { id } = await params;
    const db = await database();
    const appended = await appendEvent(db, id, body.value);
    if (!appended.ok) return errorResponse(appended.status, appended.says);
    publish(db, id);
    saveEntryDeferred(db, id);
    return Response.json({ id: body.value.id }, { status: 201 });
  },
);
