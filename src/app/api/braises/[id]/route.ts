import { deleteBraise } from '@/server/braises';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { errorResponse, sameOrigin } from '@/server/http';
import { publish } from '@/server/live';
import { say } from '@/core/message';

export const DELETE = withErrorHandling(
  async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> => {
    if (!sameOrigin(request)) return errorResponse(403, say('http.foreign'));
    const { id } = await params;
    const db = await database();
    if (!(await deleteBraise(db, id))) return errorResponse(404, say('http.noBraise'));
    publish(db, id);
    return new Response(null, { status: 204 });
  },
);
