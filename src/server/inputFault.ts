import 'server-only';
import { type PlanInput } from '../core/choices';
import { type Message } from '../core/message';
import { checkPlanInput } from '../core/plan';

/**
 * What prevents an input from being saved: the core's own faults. A start that has passed, or a pot that is too small,
 * does not: a plan is saved in the state it is in.
 */
export function inputFault(input: PlanInput): Message | undefined {
  return checkPlanInput(input, -Infinity).find((f) => f.tooFull !== true && f.tooLate !== true)?.says;
}
