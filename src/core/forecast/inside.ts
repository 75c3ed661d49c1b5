import { scheduledAt } from './timeIndex';
import { type Ensemble } from './ensemble';
import { slowestGroup, donenessTimes, targetOf } from './forecast';
import { UNKNOWN_COUNT, parametersOf } from './prior';
import { cutOf } from './request';
import { weights } from './resample';
import { FAST_CELLS, profileAt, runDetailed } from '../heat';
import { WeightedSample } from '../numbers';

/** The inside of the thickest piece at one time, from the middle out: for early, likely and late particles. */
export interface InsideMoment {
  readonly atMin: number;
  readonly tempC: readonly (readonly number[])[];
  /** Share of the collagen needed for fork-tender that has melted, 0 to 1. */
  readonly gone: readonly (readonly number[])[];
}

/** The inside of the thickest piece now and later, sampled from the posterior. */
export interface Inside {
  /** Position of each value, from 0 in the middle to 1 at the surface. */
  readonly depth: readonly number[];
  readonly moments: readonly InsideMoment[];
}

/** Particles whose meat is early, likely and late. */
const KITCHENS = [0.9, 0.5, 0.1] as const;

/** The particle at a quantile of the ready times. */
function particleAt(times: Float64Array, w: Float64Array, of: number): number {
  const wanted = new WeightedSample(times, w).quantile(1 - of);
  let best = 0;
  for (let i = 1; i < times.length; i++) {
    if (Math.abs((times[i] as number) - wanted) < Math.abs((times[best] as number) - wanted)) best = i;
  }
  return best;
}

/** The inside of the slowest piece at these times, min after the meat met the liquid. */
export function insideOf(ensemble: Ensemble, atMins: readonly number[]): Inside {
  const { assembly, request, prior, z, ajar } = ensemble;
  const group = slowestGroup(ensemble);
  const { twists } = cutOf(request, request.groups[group] ?? {}).cookValue;
  const horizon = (assembly.grid.endS[assembly.grid.count - 1] as number) / 60;
  // A test makes many particles alike; their traces still tell early from late.
  const times = donenessTimes({ ...ensemble, observations: [] }, targetOf(ensemble)).map((t) =>
    Number.isFinite(t) ? t : horizon * 1.1,
  );
  const w = weights(ensemble);
  const runs = KITCHENS.map((of) => {
    const i = particleAt(times, w, of);
    const row = i * UNKNOWN_COUNT;
    const demand = ensemble.demand[i] as number;
    const setup = assembly.setup(parametersOf(prior, z, row, ajar[i] === 1), demand);
    return { course: runDetailed(setup, assembly.grid, FAST_CELLS), needed: twists * demand };
  });
  const depth = [...(runs[1]?.course.depths[group] ?? [])];
  const moments = atMins.map((atMin): InsideMoment => {
    const place = scheduledAt(assembly.grid, Math.min(atMin, horizon));
    const each = runs.map(({ course, needed }) => {
      const { tempC, cookValue } = profileAt(course, group, place);
      return { tempC: [...tempC], gone: Array.from(cookValue, (cooked) => Math.min(1, cooked / needed)) };
    });
    return { atMin, tempC: each.map((e) => e.tempC), gone: each.map((e) => e.gone) };
  });
  return { depth, moments };
}
