import { assemble, type Assembly } from './assemble';
import { chooseHorizonMin } from './horizon';
import { type Observation } from './observation';
import { type Prior, UNKNOWN_COUNT, unknownsOf } from './prior';
import { type BraiseRequest } from './request';
import {
  boilingPointC,
  type DetailedCourse,
  FAST_CELLS,
  FAST_STEPS,
  pressureAtAltitudePa,
  runDetailed,
  type TimeGrid,
} from '../heat';

/** Index of the step that ends at or just after `atMin`. */
export function stepAt(grid: TimeGrid, atMin: number): number {
  const target = atMin * 60 - 1e-6;
  let low = 0;
  let high = grid.count - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((grid.endS[middle] as number) < target) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** How far into the step that ends at or after `atMin` that moment lies, 0 to 1. */
export function shareOfStep(grid: TimeGrid, step: number, atMin: number): number {
  return Math.min(1, Math.max(0, 1 - ((grid.endS[step] as number) - atMin * 60) / (grid.stepS[step] as number)));
}

/**
 * Where a moment lies among the ends of the steps: 3.25 is a quarter of the way from the end of step 3 to that of step 4, and
 * -1 is the start.
 */
export function placeAt(grid: TimeGrid, atMin: number): number {
  const step = stepAt(grid, atMin);
  return step - 1 + shareOfStep(grid, step, atMin);
}

/** What a course has at a place among the ends of its steps, linear between them; it began with `start`. */
export function valueAt(series: ArrayLike<number>, place: number, start = series[0] as number): number {
  const before = Math.floor(place);
  const from = before < 0 ? start : (series[before] as number);
  return place === before ? from : from + (place - before) * ((series[before + 1] as number) - from);
}

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
