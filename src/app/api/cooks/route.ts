import * as z from 'zod';
import { madeId } from '@/contract/fields';
import { say } from '@/core/message';
import { planInputSchema } from '@/contract/plan';
import { checkPlanInput, type PlanResult } from '@/core/plan';
import { work } from '@/server/engine';
import { type PlanFault } from '@/core/choices';
import { keepBegun } from '@/server/begun';
import { startCook } from '@/server/cooks';
import { log } from '@/server/log';
import { answering } from '@/server/answering';
import { database } from '@/server/database';
import { readBody, refuse } from '@/server/http';

/**
 * Starts a cook from a plan's input as it stands on the screen, under an id made by the page, so that sending it again does
 * not start a second one; `planId` names the plan it came from, if kept.
 */
export const POST = answering(async (request: Request): Promise<Response> => {
  const body = await readBody(
    request,
    z.strictObject({ id: madeId, input: planInputSchema, planId: madeId.nullable() }),
  );
  if (!body.ok) return body.response;
  const { id, input, planId } = body.value;
  const now = Date.now();
  const fault = checkPlanInput(input, now)[0] ?? faultOf(await work('trial', 'trial', input));
  if (fault) return refuse(422, fault.says);
  const db = await database();
  if (!(await startCook(db, id, input, planId, now))) return refuse(409, say('http.idTaken'));
  const logger = log();
  keepBegun(db, { id, input }).catch((err: unknown) => {
    logger.error({ err, cookId: id }, 'the plan a braise is begun with could not be kept');
  });
  return Response.json({ id }, { status: 201 });
});

function faultOf(result: PlanResult): PlanFault | undefined {
  return result.ok ? undefined : result.faults[0];
}
