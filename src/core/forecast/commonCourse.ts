import { assemble, type Assembly } from './assemble';
import { chooseHorizonMin } from './horizon';
import { type Observation } from './observation';
import { type Prior, UNKNOWN_COUNT, unknownsOf } from './prior';
import { type BraiseRequest } from './request';
import { boilingPointC, type DetailedCourse, FAST_CELLS, FAST_STEPS, pressureAtAltitudePa, runDetailed } from '../heat';

/** Moments of records, which the grid must meet. */
function recordMinutes(observations: readonly Observation[]): number[] {
  return [...new Set(observations.map((o) => o.atMin))].filter((m) => m > 0);
}

/** What all particles of a forecast share: the grid, and the course without surprises on it. */
export interface CommonCourse {
  readonly assembly: Assembly;
  readonly nominal: DetailedCourse;
  readonly boilC: number;
}

/** One kitchen of the law: its normals, whether its lid fails to sit, and what its meat demands of the usual. */
export interface Kitchen {
  readonly z: Float64Array;
  readonly ajar: boolean;
  readonly demand: number;
}

/** The kitchen without surprises. */
const USUAL: Kitchen = { z: new Float64Array(UNKNOWN_COUNT), ajar: false, demand: 1 };

/** The course of one kitchen, in every detail. */
export function courseIn({ z, ajar, demand }: Kitchen, assembly: Assembly, prior: Prior): DetailedCourse {
  return runDetailed(assembly.setup(unknownsOf(prior, z, 0, ajar), demand), assembly.grid, FAST_CELLS);
}

/** The common course of a request, its records' moments on the grid; that of another kitchen than the usual where one is given. */
export function commonCourse(
  request: BraiseRequest,
  observations: readonly Observation[],
  prior: Prior,
  kitchen = USUAL,
): CommonCourse {
  const horizon = chooseHorizonMin(request, observations);
  const assembly = assemble(request, horizon, FAST_STEPS, recordMinutes(observations));
  return {
    assembly,
    nominal: courseIn(kitchen, assembly, prior),
    boilC: boilingPointC(pressureAtAltitudePa(request.altitudeM)),
  };
}
