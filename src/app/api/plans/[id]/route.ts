import { z } from 'zod';
import { planInputSchema } from '@/contract/plan';
import { database } from '@/server/database';
import { readBody, refuse, sameOrigin } from '@/server/http';
import { findPlan, removePlan, savePlan } from '@/server/plans';

interface Context {
  readonly params: Promise<{ id: string }>;
}

const GONE = 'This plan is not here any more.';

export async function PUT(request: Request, { params }: Context): Promise<Response> {
  const body = await readBody(request, z.strictObject({ input: planInputSchema }));
  if (!body.ok) return body.response;
  const { id } = await params;
  const db = await database();
  if (!(await findPlan(db, id))) return refuse(404, GONE);
  await savePlan(db, id, body.value.input, Date.now());
  return Response.json({ id });
}

export async function DELETE(request: Request, { params }: Context): Promise<Response> {
  if (!sameOrigin(request)) return refuse(403, 'This request did not come from an Even Ember page.');
  const removed = await removePlan(await database(), (await params).id);
  return removed ? new Response(null, { status: 204 }) : refuse(404, GONE);
}
