import { z } from 'zod';
import { planInputSchema } from '@/contract/plan';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { readBody } from '@/server/http';
import { addPlan } from '@/server/plans';

export const POST = answering(async (request: Request): Promise<Response> => {
  const body = await readBody(request, z.strictObject({ input: planInputSchema }));
  if (!body.ok) return body.response;
  const now = Date.now();
  const id = await addPlan(await database(), body.value.input, now);
  return Response.json({ id, updatedAtMs: now }, { status: 201 });
});
