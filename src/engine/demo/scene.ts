import { OXTAIL, PAST, planInput, SHANKS } from './dishes';
import { finishedRecords, planFor, recordsOf } from './script';
import { type KeptForecast, keptForecast } from '../savedSnapshot';
import { hourOn } from '../../calendar/calendar';
import { type NewEvent } from '../../contract/cook';
import { readyEta } from '../../core/forecast';
import { type PlanInput } from '../../core/choices';
import { MINUTE_MS } from '../../core/quantity';

/** How long after the low estimate the braise under way is shown: just past its first fork test. */
const AFTER_FIRST_TEST_MIN = 7;
const ON_THE_FIRE_TRUTH = 97;
const QUARTER_MS = 15 * MINUTE_MS;

/** A demo braise and its records. */
export interface DemoCook {
  readonly input: PlanInput;
  readonly planId: string | null;
  readonly createdAtMs: number;
  readonly events: readonly NewEvent[];
  /** The forecast when its meat went in. */
  readonly forecast: KeptForecast;
}

/** The braise under way: its serving time is set so that its first fork test has just been made at `nowMs`. */
function onTheFire(nowMs: number): DemoCook {
  const trial = planFor(planInput(OXTAIL, nowMs));
  const intoPotMs = nowMs - Math.round(readyEta(trial.forecast).p10 + AFTER_FIRST_TEST_MIN) * MINUTE_MS;
  const serveMs = Math.ceil((intoPotMs + (trial.day.serveMs - trial.day.intoPotMs)) / QUARTER_MS) * QUARTER_MS;
  const input = planInput(OXTAIL, serveMs);
  const plan = planFor(input);
  return {
    input,
    planId: null,
    createdAtMs: intoPotMs - 70 * MINUTE_MS,
    events: recordsOf(plan, ON_THE_FIRE_TRUTH, intoPotMs, nowMs),
    forecast: keptForecast(plan),
  };
}

function past(nowMs: number, timeZone: string): DemoCook[] {
  return PAST.map(({ dish, daysAgo, hour, truth, verdict, leftOnMin, frozenBoxes }) => {
    const input = planInput(dish, hourOn(nowMs, -daysAgo, hour, timeZone));
    const plan = planFor(input);
    return {
      input,
      planId: null,
      createdAtMs: plan.day.startMs,
      events: finishedRecords(plan, truth, verdict, leftOnMin, frozenBoxes),
      forecast: keptForecast(plan),
    };
  });
}

/** The demo kitchen's plans and braises, seen from `nowMs` in a kitchen of that zone. */
export function demoScene(
  nowMs: number,
  timeZone: string,
): { readonly planned: PlanInput; readonly braises: readonly DemoCook[] } {
  return {
    planned: planInput(SHANKS, hourOn(nowMs, 1, 19, timeZone)),
    braises: [onTheFire(nowMs), ...past(nowMs, timeZone)],
  };
}
