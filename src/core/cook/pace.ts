import { type CookState } from './state';
import { type Step } from '../steps';
import { MINUTE_MS } from '../quantity';

/**
 * How far pans and burners differ from their ratings, and one side from the next: log-standard deviations. Estimate, no
 * source.
 */
export const PACE = { prior: 0.25, face: 0.25 } as const;
/**
 * A side that seems to have taken less or more than this share of the expected time was not recorded when it was
 * turned.
 */
const BELIEVED = [0.3, 3] as const;

/** What sides already browned say about those to come. */
export interface Pace {
  /** Factor on the minutes of a side. */
  readonly factor: number;
  /** Log-standard deviation. */
  readonly logSd: number;
  readonly faces: number;
}

/**
 * The pan's pace from the sides browned so far: the logarithm of the true factor is normal about 0 with the prior's sd,
 * each side's is normal about it; the mean of the rest is exact.
 */
export function paceFrom(ratios: readonly number[]): Pace {
  const kept = ratios.filter((r) => r >= BELIEVED[0] && r <= BELIEVED[1]);
  const precision = 1 / PACE.prior ** 2 + kept.length / PACE.face ** 2;
  const mean = kept.reduce((sum, r) => sum + Math.log(r), 0) / PACE.face ** 2 / precision;
  return { factor: Math.exp(mean), logSd: Math.sqrt(1 / precision), faces: kept.length };
}

const isFace = (step: Step): boolean => step.kind === 'leaveFace' || step.kind === 'turnFace';

/** The pace of this braise's pan: each side timed from when the step before it was done. */
export function paceOf(steps: readonly Step[], state: CookState): Pace {
  const at = (id: string | undefined): number | undefined => {
    const was = id === undefined ? undefined : state.steps.get(id);
    return was?.how === 'done' ? was.atMs : undefined;
  };
  return paceFrom(
    steps.filter(isFace).flatMap((step) => {
      const [from, to] = [at(step.after[0]), at(step.id)];
      return from === undefined || to === undefined || to <= from
        ? []
        : [(to - from) / MINUTE_MS / step.minutes.likely];
    }),
  );
}

/** The steps, with the sides still to come at the pan's own pace. */
export function atPace(steps: readonly Step[], pace: Pace): readonly Step[] {
  if (pace.faces === 0) return steps;
  const { factor } = pace;
  return steps.map((step) => {
    if (!isFace(step)) return step;
    const { low, likely, high } = step.minutes;
    return { ...step, minutes: { low: low * factor, likely: likely * factor, high: high * factor } };
  });
}
