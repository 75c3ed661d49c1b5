import { cookView, learningOf, planOf, type ViewedCook } from './views';
import { type LogSnapshot, logSnapshot, type CookState, reduceEvents, type KeptSauce, sauceNow } from '../core/cook';
import { readyEta, summarise } from '../core/forecast';
import { type BegunPlan, PLAN_VERSION } from '../core/plan';

/** A braise's saved forecast: minutes after the meat met the liquid, and by which model version. */
export interface KeptForecast {
  readonly plannedMin: number;
  readonly plannedP10Min: number;
  readonly plannedP90Min: number;
  readonly model: number;
}

/** A plan's forecast, as saved. */
export function keptForecast({ forecast, version }: BegunPlan): KeptForecast {
  const { p10, p50, p90 } = readyEta(forecast);
  return { plannedMin: p50, plannedP10Min: p10, plannedP90Min: p90, model: version };
}

/** Everything saved about a braise for its log. */
export interface SavedSnapshot {
  readonly forecast: KeptForecast;
  readonly account: LogSnapshot;
}

/**
 * The log data of a braise now; `known` is what was saved before, which stays where the records are the same. Throws
 * `UnplannableError` if its plan can no longer be planned.
 */
export function savedSnapshot(cook: ViewedCook, known: LogSnapshot | undefined, when: 'then' | 'later'): SavedSnapshot {
  const plan = planOf(cook);
  const state = reduceEvents(cook.input, cook.events);
  const { ensemble, lessons } = learningOf(cook, state);
  const account = logSnapshot(known, plan, state, {
    forecast: summarise(ensemble),
    lessons,
    model: PLAN_VERSION,
    when,
    sauce: sauceServed(cook, state),
  });
  return { forecast: keptForecast(plan), account };
}

/** The sauce as served; if that was not recorded, as it was when the braise was finished. */
function sauceServed(cook: ViewedCook, state: CookState): KeptSauce | null {
  const servedMs = state.servedMs ?? state.finishedMs;
  if (state.offHeatMs === undefined || servedMs === undefined) return null;
  const { plan, live } = cookView(cook, servedMs);
  const { sauce, measured, saltFloorL, salt, inMeatG } = sauceNow(plan, state, live, servedMs);
  return { sauce, measured, saltFloorL, salt, inMeatG };
}
