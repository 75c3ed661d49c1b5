import { removeCook } from '@/server/cooks';
import { database } from '@/server/database';
import { refuse, sameOrigin } from '@/server/http';
import { announce } from '@/server/hub';
import { say } from '@/core/message';

export async function DELETE(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  if (!sameOrigin(request)) return refuse(403, say('http.foreign'));
  const { id } = await params;
  if (!(await removeCook(await database(), id))) return refuse(404, say('http.noBraise'));
  announce(id);
  return new Response(null, { status: 204 });
}
