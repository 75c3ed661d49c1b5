import {
  assemble,
  type BraiseRequest,
  chooseHorizonMin,
  crossingMin,
  requiredCookValue,
  kitchenPrior,
  slowest,
  stepAt,
  UNKNOWN_COUNT,
  parametersOf,
} from '../forecast';
import { normalQuantile, randomStream } from '../numbers';
import { PLAIN_CELLS, PLAIN_STEPS, runBraise } from '../heat';
import { type Doneness, donenessAt } from '../tenderness';

/** A pot with known truth: one draw of all parameters, cooked on the full grid. */
export interface SimulatedPot {
  /** When the meat is truly fork-tender, min; Infinity if not within the horizon. */
  readonly twistsMin: number;
  donenessAt(atMin: number): Doneness;
  coreC(atMin: number): number;
  liquidC(atMin: number): number;
}

/** Cooks `request` with a hidden truth drawn from the kitchen prior by `truthSeed`. */
export function simulatePot(request: BraiseRequest, truthSeed: number): SimulatedPot {
  const prior = kitchenPrior(request);
  const random = randomStream(truthSeed);
  const z = Float64Array.from({ length: UNKNOWN_COUNT }, () => normalQuantile(random()));
  const assembly = assemble(request, chooseHorizonMin(request, []), PLAIN_STEPS, []);
  const course = runBraise(assembly.setup(parametersOf(prior, z, 0)), assembly.grid, PLAIN_CELLS);
  const slow = slowest(course, request);
  const demand = requiredCookValue(prior, z, 0);
  const at = (series: Float64Array, atMin: number): number => series[stepAt(assembly.grid, atMin)] as number;
  return {
    twistsMin: crossingMin(slow, assembly.grid.endS, request.cut.cookValue.twists * demand),
    donenessAt: (atMin) => donenessAt(request.cut, at(slow, atMin), demand),
    coreC: (atMin) => at(course.coreC[0] as Float64Array, atMin),
    liquidC: (atMin) => at(course.liquidC, atMin),
  };
}
