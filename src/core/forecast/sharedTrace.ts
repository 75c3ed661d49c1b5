import { assemble, type Assembly } from './assemble';
import { chooseHorizonMin } from './horizon';
import { type Observation } from './observation';
import { type Prior, UNKNOWN_COUNT, parametersOf } from './prior';
import { type BraiseRequest } from './request';
import { boilingPointC, type DetailedTrace, FAST_CELLS, FAST_STEPS, pressureAtAltitudePa, runDetailed } from '../heat';

/** Times of records, which the grid must include. */
function recordMinutes(observations: readonly Observation[]): number[] {
  return [...new Set(observations.map((o) => o.atMin))].filter((m) => m > 0);
}

/** What all particles of a forecast share: the grid, and the nominal trace on it. */
export interface CommonCourse {
  readonly assembly: Assembly;
  readonly nominal: DetailedTrace;
  readonly boilC: number;
}

/** One draw from the prior: its normals, whether its lid fails to fit, and its meat's demand relative to usual. */
export interface Kitchen {
  readonly z: Float64Array;
  readonly ajar: boolean;
  readonly demand: number;
}

/** The nominal particle. */
const USUAL: Kitchen = { z: new Float64Array(UNKNOWN_COUNT), ajar: false, demand: 1 };

/** The trace of one particle, in full detail. */
export function traceIn({ z, ajar, demand }: Kitchen, assembly: Assembly, prior: Prior): DetailedTrace {
  return runDetailed(assembly.setup(parametersOf(prior, z, 0, ajar), demand), assembly.grid, FAST_CELLS);
}

/**
 * The shared trace of a request, with its records' times on the grid; for another particle than the nominal one if
 * given.
 */
export function sharedTrace(
  request: BraiseRequest,
  observations: readonly Observation[],
  prior: Prior,
  kitchen = USUAL,
): CommonCourse {
  const horizon = chooseHorizonMin(request, observations);
  const assembly = assemble(request, horizon, FAST_STEPS, recordMinutes(observations));
  return {
    assembly,
    nominal: traceIn(kitchen, assembly, prior),
    boilC: boilingPointC(pressureAtAltitudePa(request.altitudeM)),
  };
}
