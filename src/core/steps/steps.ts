import { afterSteps } from './fromPot';
import { braiseSteps } from './inPot';
import { Sequence } from './sequence';
import { type Step } from './step';
import { baseSteps, liquidSteps, readySteps, searSteps } from './toPot';
import { type Plan } from '../plan';

const made = new WeakMap<Plan, readonly Step[]>();

/** Every step of a plan, from the fridge door to the plate, in the order of the work. Pure; kept for each plan. */
export function stepsOf(plan: Plan): readonly Step[] {
  const known = made.get(plan);
  if (known) return known;
  const seq = new Sequence('ready');
  readySteps(plan, seq);
  searSteps(plan, seq);
  baseSteps(plan, seq);
  liquidSteps(plan, seq);
  braiseSteps(plan, seq);
  afterSteps(plan, seq);
  made.set(plan, seq.steps);
  return seq.steps;
}
