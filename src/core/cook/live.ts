import { type Following, type Lesson } from './follow';
import { type CourseSamples, courseSamples } from '../forecast/course';
import { etaOf, type Forecast, summarise } from '../forecast/forecast';
import { lookCostMin } from '../forecast/look';
import { finishedPot, type FinishedPot } from '../sauce/finish';
import { stepAt } from '../forecast/ensemble';

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
}

/** Less than this in the pot can catch, litres. */
export const LOW_LITRES = 0.25;

/** Sums up where a cook stands; `atMin` is how long the pieces have been in. */
export function liveForecast(following: Following, eaters: number, atMin: number): LiveForecast {
  const { ensemble } = following;
  const forecast = summarise(ensemble);
  const course = courseSamples(ensemble, forecast);
  const low = course.litres.findIndex((l, i) => l < LOW_LITRES && (course.minutes[i] as number) >= atMin);
  const turns = etaOf(forecast, 'turns');
  const ready = Number.isFinite(turns.p50) ? Math.max(turns.p50, atMin) : forecast.horizonMin;
  return {
    forecast,
    course,
    lessons: following.lessons,
    lookCostMin: lookCostMin(ensemble.request, Math.max(atMin + 1, Math.min(turns.p10, turns.p50 - 5)), 60),
    liquidLowMin: low < 0 ? undefined : course.minutes[low],
    finished: finishedPot(ensemble, stepAt(ensemble.assembly.grid, ready), eaters),
  };
}
