import { removeCook } from '@/server/cooks';
import { database } from '@/server/database';
import { refuse, sameOrigin } from '@/server/http';
import { announce } from '@/server/hub';

export async function DELETE(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  if (!sameOrigin(request)) return refuse(403, 'This request did not come from an Even Ember page.');
  const { id } = await params;
  if (!(await removeCook(await database(), id))) return refuse(404, 'This braise is not here any more.');
  announce(id);
  return new Response(null, { status: 204 });
}
