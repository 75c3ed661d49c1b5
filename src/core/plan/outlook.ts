import { scheduleFixes } from './scheduleFixes';
import { type FitFix, fitFixes } from './fit';
import { makePlan, type Plan } from './plan';
import { type Alternative, alternatives } from './alternatives';
import { type PlanFault, type PlanInput } from '../choices';
import { type Pot } from '../larder';

/** Particles while something is being changed, and once it is not. */
const PARTICLES = { quick: 96, full: 512 } as const;

/** The result for an input, with alternatives if it does not work. */
export interface Outlook {
  /** Undefined if it cannot be cooked, or no longer. */
  readonly plan: Plan | undefined;
  readonly faults: readonly PlanFault[];
  /** If there is too little time: other ways, forecast and found to fit. */
  readonly alternatives: readonly Alternative[];
  /** If it does not fit the pot: other ways that do. */
  readonly fitFixes: readonly FitFix[];
  /** If the schedule has conflicts: days without them. */
  readonly scheduleFixes: readonly Alternative[];
}

/**
 * The result for an input now: its plan, or what prevents one. `quick` while something is being changed, without
 * alternatives. `pots` are the kitchen's.
 */
export function planOutlook(
  input: PlanInput,
  options: { readonly nowMs: number; readonly pots: readonly Pot[]; readonly how: keyof typeof PARTICLES },
): Outlook {
  const { nowMs, pots, how } = options;
  const result = makePlan(input, { nowMs, particles: PARTICLES[how] });
  const none = { alternatives: [], fitFixes: [], scheduleFixes: [] };
  if (result.ok) {
    return {
      plan: result.plan,
      faults: [],
      ...none,
      ...(how === 'full' ? { scheduleFixes: scheduleFixes(result.plan, nowMs) } : {}),
    };
  }
  const { faults } = result;
  if (how === 'quick') return { plan: undefined, faults, ...none };
  return {
    plan: undefined,
    faults,
    alternatives: faults.some((f) => f.tooLate === true) ? alternatives(input, nowMs) : [],
    fitFixes: faults.some((f) => f.tooFull === true) ? fitFixes(input, pots) : [],
    scheduleFixes: [],
  };
}
