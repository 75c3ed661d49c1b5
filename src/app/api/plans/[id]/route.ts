import * as z from 'zod';
import { planInputSchema } from '@/contract/plan';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { readBody, refuse, sameOrigin } from '@/server/http';
import { inputFault } from '@/server/inputFault';
import { removePlan, savePlan } from '@/server/plans';
import { say } from '@/core/message';

interface Context {
  readonly params: Promise<{ id: string }>;
}

const GONE = say('http.noPlan');

const CHANGED = say('http.changedElsewhere');

const changeSchema = z.strictObject({
  input: planInputSchema,
  /** When it was kept last, as far as the sender knows; null keeps it over whatever is there. */
  basedOnMs: z.number().nullable(),
});

/** Keeps a change; refused with 409 where another screen was first. */
export const PUT = answering(async (request: Request, { params }: Context): Promise<Response> => {
  const body = await readBody(request, changeSchema);
  if (!body.ok) return body.response;
  const fault = inputFault(body.value.input);
  if (fault) return refuse(422, fault);
  const { id } = await params;
  const kept = await savePlan(await database(), id, body.value.input, Date.now(), body.value.basedOnMs);
  if (kept.ok) return Response.json({ id, updatedAtMs: kept.updatedAtMs });
  return kept.why === 'gone' ? refuse(404, GONE) : refuse(409, CHANGED);
});

export const DELETE = answering(async (request: Request, { params }: Context): Promise<Response> => {
  if (!sameOrigin(request)) return refuse(403, say('http.foreign'));
  const removed = await removePlan(await database(), (await params).id);
  return removed ? new Response(null, { status: 204 }) : refuse(404, GONE);
});
