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

/** The common course of a request, its records' moments on the grid. */
export function commonCourse(request: BraiseRequest, observations: readonly Observation[], prior: Prior): CommonCourse {
  const horizon = chooseHorizonMin(request, observations);
  const assembly = assemble(request, horizon, FAST_STEPS, recordMinutes(observations));
  const centre = unknownsOf(prior, new Float64Array(UNKNOWN_COUNT), 0);
  const nominal = runDetailed(assembly.setup(centre), assembly.grid, FAST_CELLS);
  return {
    assembly,
    nominal,
    boilC: boilingPointC(pressureAtAltitudePa(request.altitudeM)),
  };
}
