import { cookView, learningOf, planOf, type ViewedCook } from './views';
import { type LogSnapshot, logSnapshot, type CookState, reduceEvents, type KeptSauce, sauceNow } from '../core/cook';
import { readyEta, summarise } from '../core/forecast';
import { type Plan, PLAN_VERSION } from '../core/plan';

/** What was forecast of a braise, to be kept: minutes from the pieces meeting the liquid, and by which model. */
export interface KeptForecast {
  readonly plannedMin: number;
  readonly plannedP10Min: number;
  readonly plannedP90Min: number;
  readonly model: number;
}

/** What a plan forecasts, as it is kept. */
export function keptForecast({ forecast, version }: Plan): KeptForecast {
  const { p10, p50, p90 } = readyEta(forecast);
  return { plannedMin: p50, plannedP10Min: p10, plannedP90Min: p90, model: version };
}

/** All that is kept of a braise for its log. */
export interface KeptAccount {
  readonly forecast: KeptForecast;
  readonly account: LogSnapshot;
}

/**
 * What is kept of a braise as it now stands; `known` is what was kept before, which stays where the same was recorded. Throws
 * `UnplannableError` where its plan cannot be planned any more.
 */
export function keptAccount(cook: ViewedCook, known: LogSnapshot | undefined, when: 'then' | 'later'): KeptAccount {
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

/** The sauce as it went to the table; where that was not said, as it was when the braise was finished. */
function sauceServed(cook: ViewedCook, state: CookState): KeptSauce | null {
  const servedMs = state.servedMs ?? state.finishedMs;
  if (state.offHeatMs === undefined || servedMs === undefined) return null;
  const { plan, live } = cookView(cook, servedMs);
  const { sauce, measured, saltFloorL, salt, inMeatG } = sauceNow(plan, state, live, servedMs);
  return { sauce, measured, saltFloorL, salt, inMeatG };
}
