import 'server-only';
import { type PlanInput } from '../core/choices';
import { type Message } from '../core/message';
import { checkPlanInput } from '../core/plan';

/**
 * What keeps an input from being kept: what the core itself says against it. That its hour has passed, or that it does not
 * fit the pot, does not: a plan is kept in the state it is in.
 */
export function inputFault(input: PlanInput): Message | undefined {
  return checkPlanInput(input, -Infinity).find((f) => f.tooFull !== true && f.tooLate !== true)?.says;
}
