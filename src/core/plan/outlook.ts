import { scheduleFixes } from './scheduleFixes';
import { type FitWay, fitFixes } from './fit';
import { makePlan, type Plan } from './plan';
import { type Alternative, waysOut } from './alternatives';
import { type PlanFault, type PlanInput } from '../choices';
import { type Pot } from '../larder';

/** Particles while the hand is still moving, and once it rests. */
const PARTICLES = { quick: 96, full: 512 } as const;

/** What an input comes to, with the ways on from one that does not work. */
export interface Outlook {
  /** Undefined where it cannot be cooked, or not any more. */
  readonly plan: Plan | undefined;
  readonly faults: readonly PlanFault[];
  /** When there is too little time: other ways that have been forecast and fit. */
  readonly waysOut: readonly Alternative[];
  /** When it does not fit the pot: other ways that do. */
  readonly fitWays: readonly FitWay[];
  /** When the day does not hold what it should: days that do. */
  readonly dayWays: readonly Alternative[];
}

/**
 * What an input comes to at a moment: its plan, or what keeps it from being one. While the hand moves a `quick` one,
 * with no ways out. `pots` are those of the kitchen.
 */
export function planOutlook(
  input: PlanInput,
  options: { readonly nowMs: number; readonly pots: readonly Pot[]; readonly how: keyof typeof PARTICLES },
): Outlook {
  const { nowMs, pots, how } = options;
  const result = makePlan(input, { nowMs, particles: PARTICLES[how] });
  const none = { waysOut: [], fitWays: [], dayWays: [] };
  if (result.ok) {
    return {
      plan: result.plan,
      faults: [],
      ...none,
      ...(how === 'full' ? { dayWays: scheduleFixes(result.plan, nowMs) } : {}),
    };
  }
  const { faults } = result;
  if (how === 'quick') return { plan: undefined, faults, ...none };
  return {
    plan: undefined,
    faults,
    waysOut: faults.some((f) => f.tooLate === true) ? waysOut(input, nowMs) : [],
    fitWays: faults.some((f) => f.tooFull === true) ? fitFixes(input, pots) : [],
    dayWays: [],
  };
}
