import * as z from 'zod';
import { madeId } from '@/contract/fields';
import { say } from '@/core/message';
import { planInputSchema } from '@/contract/plan';
import { checkPlanInput, type PlanResult } from '@/core/plan';
import { work } from '@/server/engine';
import { type PlanFault } from '@/core/choices';
import { savePlanAtStart } from '@/server/planAtStart';
import { startBraise } from '@/server/braises';
import { log } from '@/server/log';
import { withErrorHandling } from '@/server/withErrorHandling';
import { database } from '@/server/database';
import { readBody, errorResponse } from '@/server/http';

/**
 * Starts a braise from a plan's input as shown on screen, under an id made by the page, so that sending it again does
 * not start a second one; `planId` names the saved plan it came from.
 */
export const POST = withErrorHandling(async (request: Request): Promise<Response> => {
  const body = await readBody(
    request,
    z.strictObject({ id: madeId, input: planInputSchema, planId: madeId.nullable() }),
  );
  if (!body.ok) return body.response;
  const { id, input, planId } = body.value;
  const now = Date.now();
  const fault = checkPlanInput(input, now)[0] ?? faultOf(await work('trial', 'trial', input));
  if (fault) return errorResponse(422, fault.says);
  const db = await database();
  if (!(await startBraise(db, id, input, planId, now))) return errorResponse(409, say('http.idTaken'));
  const logger = log();
  savePlanAtStart(db, { id, input }).catch((err: unknown) => {
    logger.error({ err, cookId: id }, 'the plan a braise is begun with could not be kept');
  });
  return Response.json({ id }, { status: 201 });
});

function faultOf(result: PlanResult): PlanFault | undefined {
  return result.ok ? undefined : result.faults[0];
}
