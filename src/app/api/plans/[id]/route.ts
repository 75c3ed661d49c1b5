import * as z from 'zod';
import { planInputSchema } from '@/contract/plan';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { readBody, errorResponse, sameOrigin } from '@/server/http';
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
  /** When it was last saved as far as the sender knows; null overwrites whatever is there. */
  basedOnMs: z.number().nullable(),
});

/** Saves a change; refused with 409 if another screen saved first. */
export const PUT = withErrorHandling(async (request: Request, { params }: Context): Promise<Response> => {
  const body = await readBody(request, changeSchema);
  if (!body.ok) return body.response;
  const fault = inputFault(body.value.input);
  if (fault) return errorResponse(422, fault);
  const { id } = await params;
  const kept = await savePlan(await database(), id, body.value.input, Date.now(), body.value.basedOnMs);
  if (kept.ok) return Response.json({ id, updatedAtMs: kept.updatedAtMs });
  return kept.why === 'gone' ? errorResponse(404, GONE) : errorResponse(409, CHANGED);
});

export const DELETE = withErrorHandling(async (request: Request, { params }: Context): Promise<Response> => {
  if (!sameOrigin(request)) return errorResponse(403, say('http.foreign'));
  const removed = await removePlan(await database(), (await params).id);
  return removed ? new Response(null, { status: 204 }) : errorResponse(404, GONE);
});
