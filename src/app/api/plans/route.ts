import * as z from 'zod';
import { madeId } from '@/contract/fields';
import { planInputSchema } from '@/contract/plan';
import { say } from '@/core/message';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { readBody, errorResponse } from '@/server/http';
import { inputFault } from '@/server/inputFault';
import { addPlan } from '@/server/plans';

/** Adds a plan under an id made by the page, so that sending it again does not add a second one. */
export const POST = withErrorHandling(async (request: Request): Promise<Response> => {
  const body = await readBody(request, z.strictObject({ id: madeId, input: planInputSchema }));
  if (!body.ok) return body.response;
  const fault = inputFault(body.value.input);
  if (fault) return errorResponse(422, fault);
  const { id, input } = body.value;
  const updatedAtMs = await addPlan(await database(), id, input, Date.now());
  if (updatedAtMs === undefined) return errorResponse(409, say('http.idTaken'));
  return Response.json({ id, updatedAtMs }, { status: 201 });
});
