import { assemble, NOMINAL_PARAMETERS } from './assemble';
import { stepAt } from './timeIndex';
import { type Observation } from './observation';
import { demandSd, kitchenPrior } from './prior';
import { type BraiseRequest, cutOf } from './request';
import { numbers } from '../numbers';
import { boilingPointC, FAST_CELLS, FAST_STEPS, pressureAtAltitudePa, runBraise, type SimulationTrace } from '../heat';

const SHORTEST_HORIZON_MIN = 180;
/** How far the nominal pot is followed to find that animal; if it is still cooking then, that is far enough. */
const LONGEST_HORIZON_MIN = 120 * 60;
/** A pot that gains less than this share of what is needed in the second half of a run will not get there. */
const STANDS_STILL = 0.001;
const HORIZON_WHEN_NEVER_MIN = 24 * 60;
/** The forecast runs until an animal this many sd tougher than usual, as felt by a hand, is stringy. */
const HORIZON_SPREADS = 1.5;
/** How much longer than the nominal pot the forecast runs, to include slow kitchens. */
const HORIZON_MARGIN = 1.2;
/** The same where the liquid stays below the boil: there a few degrees make hours. */
const COOL_HORIZON_MARGIN = 2.5;
const BOILS_WITHIN_K = 1;

function latestMin(request: BraiseRequest, observations: readonly Observation[]): number {
  return Math.max(
    0,
    ...observations.map((o) => o.atMin),
    ...request.openings.map((o) => o.atMin),
    ...request.turnsAtMin,
    ...request.topUps.map((t) => t.atMin),
    ...request.heats.map((h) => h.atMin),
    ...request.lids.map((l) => l.atMin),
  );
}

/** End of the forecast in minutes: the request's own, or late enough for the toughest likely animal in a slow kitchen. */
export function chooseHorizonMin(request: BraiseRequest, observations: readonly Observation[]): number {
  const after = latestMin(request, observations) + 30;
  if (request.horizonMin !== undefined) return Math.max(request.horizonMin, after);
  const needed = request.cut.cookValue.strings * Math.exp(HORIZON_SPREADS * demandSd(kitchenPrior(request)));
  let horizon = Math.max(12 * 60, 2 * after);
  for (;;) {
    const assembly = assemble(request, horizon, FAST_STEPS, []);
    const course = runBraise(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, FAST_CELLS);
    const { count, endS } = assembly.grid;
    const slow = slowest(course, request);
    const found = slow.findIndex((c) => c >= needed);
    const lateBy = (slow[count - 1] as number) - (slow[stepAt(assembly.grid, horizon / 2)] as number);
    if (found < 0 && lateBy < needed * STANDS_STILL) return Math.max(HORIZON_WHEN_NEVER_MIN, after);
    if (found >= 0 || horizon >= LONGEST_HORIZON_MIN) {
      const step = found >= 0 ? found : count - 1;
      const boilC = boilingPointC(pressureAtAltitudePa(request.altitudeM));
      const boils = (course.liquidC[step] as number) > boilC - BOILS_WITHIN_K;
      const held = request.heats.at(-1)?.heat.kind === 'simmer';
      const margin = boils || held ? HORIZON_MARGIN : COOL_HORIZON_MARGIN;
      const wanted = ((endS[step] as number) / 60) * margin;
      return Math.max(SHORTEST_HORIZON_MIN, after, Math.ceil(wanted / 30) * 30);
    }
    horizon = Math.min(LONGEST_HORIZON_MIN, horizon * 4);
  }
}

/** Factors that convert each group's cook value to its equivalent for the cut being forecast. */
function inLeadTerms(request: BraiseRequest): number[] {
  return request.groups.map((group) => request.cut.cookValue.twists / cutOf(request, group).cookValue.twists);
}

/**
 * Cook value of the slowest group at each step of a trace of `request`; other cuts count by their own progress towards
 * tender.
 */
export function slowestIn(request: BraiseRequest): (course: SimulationTrace) => Float64Array {
  const factors = inLeadTerms(request);
  const [only] = factors;
  if (factors.length === 1 && only === 1) return (course) => course.slowCookValue[0] as Float64Array;
  return ({ slowCookValue, liquidC }) =>
    numbers(liquidC.length, (step) => {
      let least = Infinity;
      for (let g = 0; g < factors.length; g++) {
        least = Math.min(least, ((slowCookValue[g] as Float64Array)[step] as number) * (factors[g] as number));
      }
      return least;
    });
}

/** The same for one trace. */
export function slowest(course: SimulationTrace, request: BraiseRequest): Float64Array {
  return slowestIn(request)(course);
}

/** Index of the group that is least far on its way to tender at `step`. */
export function slowestGroupAt(course: SimulationTrace, request: BraiseRequest, step: number): number {
  const factors = inLeadTerms(request);
  const values = course.slowCookValue.map((c, g) => (c[step] as number) * (factors[g] as number));
  return values.indexOf(Math.min(...values));
}
