import {
  bestRecord,
  type CourseSamples,
  courseSamples,
  type Forecast,
  lookCostMin,
  LOW_LITRES,
  readyEta,
  stepAt,
  summarise,
  type Teaching,
} from '../forecast';
import { type Learning, type Lesson } from './learning';
import { type PlanHeat } from '../choices';
import { type HeatWay, heatWays, OPEN_SECONDS } from '../plan';
import { finishedPot, type FinishedPot, type FinishQuestion } from '../finish';

/** The forecast of a cook as it now stands. Minutes count from the pieces meeting the liquid. */
export interface LiveForecast {
  readonly forecast: Forecast;
  readonly course: CourseSamples;
  readonly lessons: readonly Lesson[];
  /** What one look of a minute would cost, min. */
  readonly lookCostMin: number;
  /** When the liquid would fall to `LOW_LITRES` with nothing added; undefined if not before the meat falls apart. */
  readonly liquidLowMin: number | undefined;
  readonly finished: FinishedPot;
  /** The record that would narrow the window most for its cost; undefined when none is worth it. */
  readonly teachesMost: Teaching | undefined;
  /** Changes of heat that would help when the forecast misses the plate, each forecast from here. */
  readonly heatWays: readonly HeatWay[];
}

/** Where a live cook stands on the clock, min from the pieces meeting the liquid. */
export interface LiveMoment {
  readonly atMin: number;
  /** When finishing has to begin. */
  readonly readyByMin: number;
  readonly heat: PlanHeat;
  readonly cooking: boolean;
}

/** Sums up where a cook stands. */
export function liveForecast(following: Learning, finish: FinishQuestion, moment: LiveMoment): LiveForecast {
  const { ensemble } = following;
  const forecast = summarise(ensemble);
  const { horizonMin } = forecast;
  // Beyond the forecast's end a pot was forgotten; there is nothing to work out for it there.
  const atMin = Math.min(moment.atMin, horizonMin);
  const cooking = moment.cooking && moment.atMin < horizonMin;
  const course = courseSamples(ensemble, forecast);
  const low = course.litres.findIndex((l, i) => l < LOW_LITRES && (course.minutes[i] as number) >= atMin);
  const twists = readyEta(forecast);
  const ready = Number.isFinite(twists.p50) ? Math.max(twists.p50, atMin) : horizonMin;
  const lookCost = lookCostMin(
    ensemble.request,
    Math.max(atMin + 1, Math.min(twists.p10, twists.p50 - 5)),
    OPEN_SECONDS.fork,
  );
  return {
    forecast,
    course,
    lessons: following.lessons,
    lookCostMin: lookCost,
    liquidLowMin: low < 0 ? undefined : course.minutes[low],
    finished: finishedPot(ensemble, stepAt(ensemble.assembly.grid, ready), finish),
    teachesMost: cooking ? bestRecord(ensemble, atMin, lookCost, moment.readyByMin) : undefined,
    heatWays: cooking ? heatWays(ensemble, moment.heat, atMin, moment.readyByMin) : [],
  };
}
