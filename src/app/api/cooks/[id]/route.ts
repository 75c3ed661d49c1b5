import { removeCook } from '@/server/cooks';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { refuse, sameOrigin } from '@/server/http';
import { announce } from '@/server/live';
import { say } from '@/core/message';

export const DELETE = answering(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    if (!sameOrigin(request)) return refuse(403, say('http.foreign'));
    const { id } = await params;
    const db = await database();
    if (!(await removeCook(db, id))) return refuse(404, say('http.noBraise'));
    announce(db, id);
    return new Response(null, { status: 204 });
  },
);
