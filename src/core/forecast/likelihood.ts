import { type CommonCourse } from './sharedTrace';
import { scheduledAt, valueAt } from './timeIndex';
import { logLikelihood, type Observation, type Prediction } from './observation';
import { cutOf } from './request';
import { type SimulationTrace, WATER_KG_PER_L } from '../heat';

/** What a trace predicts at a time index of its grid, if the meat needs `demand` times the usual cook value. */
export function predict(
  frame: Pick<CommonCourse, 'assembly' | 'boilC'>,
  course: SimulationTrace,
  demand: number,
  place: number,
): Prediction {
  const { request } = frame.assembly;
  let slow = Infinity;
  let core = Infinity;
  request.groups.forEach((group, g) => {
    const cookValue = valueAt(course.slowCookValue[g] as Float64Array, place, 0);
    slow = Math.min(slow, cookValue / cutOf(request, group).cookValue.twists);
    core = Math.min(core, valueAt(course.coreC[g] as Float64Array, place, group.startTempC));
  });
  return {
    progress: slow / demand,
    coreC: core,
    liquidC: valueAt(course.liquidC, place, request.liquidTempC),
    boilC: frame.boilC,
    litres: valueAt(course.liquidKg, place, request.liquidL * WATER_KG_PER_L) / WATER_KG_PER_L,
  };
}

/** A record with its time index on a grid. */
export interface TimedRecord {
  readonly observation: Observation;
  readonly place: number;
}

/** The records that count, with their time indices; those in `aside` do not. */
export function placeRecords(
  frame: CommonCourse,
  observations: readonly Observation[],
  aside: ReadonlySet<number>,
): TimedRecord[] {
  return observations.flatMap((observation, i) =>
    aside.has(i) ? [] : [{ observation, place: scheduledAt(frame.assembly.grid, observation.atMin) }],
  );
}

/** Log-likelihood of the records under one heat trace, as a function of the meat's demand. */
export function likelihoodOf(
  frame: CommonCourse,
  seen: readonly TimedRecord[],
  course: SimulationTrace,
): (demand: number) => number {
  const { cut } = frame.assembly.request;
  let fixed = 0;
  const forks: { witness: TimedRecord; prediction: Prediction }[] = [];
  for (const witness of seen) {
    const prediction = predict(frame, course, 1, witness.place);
    if (witness.observation.kind === 'fork') forks.push({ witness, prediction });
    else fixed += logLikelihood(cut, witness.observation, prediction);
  }
  return (demand) =>
    forks.reduce(
      (sum, { witness, prediction }) =>
        sum + logLikelihood(cut, witness.observation, { ...prediction, progress: prediction.progress / demand }),
      fixed,
    );
}
