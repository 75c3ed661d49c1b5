import { type CommonCourse, shareOfStep, stepAt } from './commonCourse';
import { logLikelihood, type Observation, type Prediction } from './observation';
import { cutOf } from './request';
import { type RunCourse, WATER_KG_PER_L } from '../heat';

/** Where a moment lies on a grid. */
export interface Moment {
  readonly step: number;
  readonly share: number;
}

/** The moment `atMin` on the grid of a common course. */
export function momentOn(commonCourse: Pick<CommonCourse, 'assembly'>, atMin: number): Moment {
  const { grid } = commonCourse.assembly;
  const step = stepAt(grid, atMin);
  return { step, share: shareOfStep(grid, step, atMin) };
}

/** A series at a moment, linear within the step. */
function valueAt(series: Float64Array, { step, share }: Moment, start: number): number {
  const to = series[step] as number;
  if (share === 1) return to;
  const from = step === 0 ? start : (series[step - 1] as number);
  return from + share * (to - from);
}

/** What a course predicts for a moment, where the meat demands `demand` of the usual cook value. */
export function predict(
  frame: Pick<CommonCourse, 'assembly' | 'boilC'>,
  course: RunCourse,
  demand: number,
  moment: Moment,
): Prediction {
  const { request } = frame.assembly;
  let slow = Infinity;
  let core = Infinity;
  request.groups.forEach((group, g) => {
    const cookValue = valueAt(course.slowCookValue[g] as Float64Array, moment, 0);
    slow = Math.min(slow, cookValue / cutOf(request, group).cookValue.twists);
    core = Math.min(core, valueAt(course.coreC[g] as Float64Array, moment, group.startTempC));
  });
  return {
    progress: slow / demand,
    coreC: core,
    liquidC: valueAt(course.liquidC, moment, request.liquidTempC),
    boilC: frame.boilC,
    litres: valueAt(course.liquidKg, moment, request.liquidL * WATER_KG_PER_L) / WATER_KG_PER_L,
  };
}

/** A record placed on a grid. */
export interface PlacedRecord {
  readonly observation: Observation;
  readonly moment: Moment;
}

/** The records that count, with their moments; those whose place is in `aside` do not. */
export function placeRecords(
  frame: CommonCourse,
  observations: readonly Observation[],
  aside: ReadonlySet<number>,
): PlacedRecord[] {
  return observations.flatMap((observation, i) =>
    aside.has(i) ? [] : [{ observation, moment: momentOn(frame, observation.atMin) }],
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
    const prediction = predict(frame, course, 1, witness.moment);
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
