import { END_THICKENERS } from '../choices';
import { doseFor, starchLeft, type Sauce, type Thickener } from '../finish';
import { liquidById } from '../larder';
import { type BegunPlan } from '../plan';

/** One way to thicken a sauce: the amount, g, and the share of its effect left after fifteen minutes at the boil. */
export interface ThickenedBy {
  readonly by: Thickener;
  readonly grams: number;
  readonly left: number;
}

/** A sauce with wine, tomato or vinegar, and one without. Estimate, no source; acidity itself is not modelled. */
const SOUR_PH = 4.3;

const MILD_PH = 5.8;

const QUARTER_HOUR_MIN = 15;

/** What would give the wanted thickness, by thickener; empty where it is reached. */
export function thickenersOf(plan: BegunPlan, sauce: Sauce): ThickenedBy[] {
  const { finish, liquid } = plan.input;
  const isSour = liquid.parts.some((p) => p.litres > 0 && liquidById(p.id).acid);
  return END_THICKENERS.map((by) => ({
    by,
    grams: doseFor(sauce, finish.rung, by),
    left: starchLeft(by, isSour ? SOUR_PH : MILD_PH, QUARTER_HOUR_MIN),
  })).filter((t) => t.grams >= 0.5);
}
