import {
  anchored,
  bestMeasurement,
  type CourseSamples,
  courseSamples,
  type Forecast,
  type Inside,
  insideOf,
  lookCostMin,
  lowMin,
  readyEta,
  placeAt,
  summarise,
  type InformationGain,
} from '../forecast';
import { type Learning, type Update } from './learning';
import { type PlanHeat } from '../choices';
import { LIDS, type LidKind } from '../larder';
import { type HeatWay, heatWays, type LidWay, lidWay, OPEN_SECONDS } from '../plan';
import { finishedPot, type FinishedPot, type FinishQuestion } from '../finish';

/** The forecast of a cook as it now stands. Minutes count from the pieces meeting the liquid. */
export interface LiveForecast {
  readonly forecast: Forecast;
  readonly course: CourseSamples;
  readonly lessons: readonly Update[];
  /** What one look of a minute would cost, min. */
  readonly lookCostMin: number;
  /** When the liquid falls so far that it can catch, with nothing added, from now on; undefined if not before the meat falls apart. */
  readonly liquidLowMin: number | undefined;
  readonly finished: FinishedPot;
  /** The record that would narrow the window most for its cost; undefined when none is worth it. */
  readonly teachesMost: InformationGain | undefined;
  /** The thickest piece inside, now, half way from here and when it is most likely as wanted; null off the heat. */
  readonly inside: Inside | null;
  /** Changes of heat that would help when the forecast misses the plate, each forecast from here. */
  readonly heatWays: readonly HeatWay[];
  /** How it would go with the lid that is planned back on from now; undefined where it is on. */
  readonly lidBack: LidWay | undefined;
}

/** Where a live cook stands on the clock, min from the pieces meeting the liquid. */
export interface LiveMoment {
  readonly atMin: number;
  /** When finishing has to begin. */
  readonly readyByMin: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** The closest lid of the plan's stages: what is left off by accident. */
  readonly plannedLid: LidKind;
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
  const drawn = anchored(ensemble);
  const course = courseSamples(drawn, forecast);
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
    liquidLowMin: lowMin(course, atMin),
    finished: finishedPot(drawn, placeAt(drawn.assembly.grid, ready), finish),
    teachesMost: cooking ? bestMeasurement(ensemble, atMin, lookCost, moment.readyByMin) : undefined,
    lidBack:
      cooking && LIDS[moment.lid].leak > 2 * LIDS[moment.plannedLid].leak
        ? lidWay(ensemble, moment.plannedLid, atMin)
        : undefined,
    inside: cooking ? insideOf(ensemble, [atMin, (atMin + ready) / 2, ready]) : null,
    heatWays: cooking ? heatWays(ensemble, moment.heat, atMin, moment.readyByMin) : [],
  };
}
