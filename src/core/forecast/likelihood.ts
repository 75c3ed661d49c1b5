import { type CommonCourse } from './commonCourse';
import { placeAt, valueAt } from './places';
import { logLikelihood, type Observation, type Prediction } from './observation';
import { cutOf } from './request';
import { type RunCourse, WATER_KG_PER_L } from '../heat';

/** What a course predicts at a place of its grid, where the meat demands `demand` of the usual cook value. */
export function predict(
  frame: Pick<CommonCourse, 'assembly' | 'boilC'>,
  course: RunCourse,
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

/** A record placed on a grid. */
export interface PlacedRecord {
  readonly observation: Observation;
  readonly place: number;
}

/** The records that count, with their places; those whose place is in `aside` do not. */
export function placeRecords(
  frame: CommonCourse,
  observations: readonly Observation[],
  aside: ReadonlySet<number>,
): PlacedRecord[] {
  return observations.flatMap((observation, i) =>
    aside.has(i) ? [] : [{ observation, place: placeAt(frame.assembly.grid, observation.atMin) }],
  );
}

/** Log-likelihood of the records under one heat course, as a function of what the meat demands. */
export function likelihoodOf(
  frame: CommonCourse,
  seen: readonly PlacedRecord[],
  course: RunCourse,
): (demand: number) => number {
  const { cut } = frame.assembly.request;
  let fixed = 0;
  const forks: { witness: PlacedRecord; prediction: Prediction }[] = [];
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
