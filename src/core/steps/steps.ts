import { afterSteps } from './fromPot';
import { braiseSteps } from './inPot';
import { Sequence } from './sequence';
import { type Step } from './step';
import { baseSteps, liquidSteps, readySteps, searSteps } from './toPot';
import { type BegunPlan } from '../plan';

const made = new WeakMap<BegunPlan, readonly Step[]>();

/** Every step of a plan, from the fridge door to serving, in order. Pure; cached per plan. */
export function stepsOf(plan: BegunPlan): readonly Step[] {
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
