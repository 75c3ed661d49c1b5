import {
  anchored,
  bestMeasurement,
  type TraceSamples,
  sampleTrace,
  type Forecast,
  type Inside,
  insideOf,
  lidLiftCostMin,
  lowMin,
  readyEta,
  scheduledAt,
  summarise,
  type InformationGain,
} from '../forecast';
import { type Learning, type Update } from './learning';
import { type PlanHeat, OPEN_SECONDS } from '../choices';
import { LIDS, type LidKind } from '../larder';
import { type HeatOption, heatOptions, type LidWay, lidWay } from '../plan';
import { finishedPot, type FinishedPot, type FinishInput } from '../finish';

/** The forecast of a braise now. Minutes count from when the meat met the liquid. */
export interface LiveForecast {
  readonly forecast: Forecast;
  readonly course: TraceSamples;
  readonly lessons: readonly Update[];
  /** Cost of a one-minute lift of the lid, min. */
  readonly lookCostMin: number;
  /**
   * When the liquid gets so low that it can scorch if nothing is added; undefined if not before the meat falls apart.
   */
  readonly liquidLowMin: number | undefined;
  readonly finished: FinishedPot;
  /** The record that would narrow the range most for its cost; undefined if none is worth it. */
  readonly mostInformative: InformationGain | undefined;
  /** Inside of the thickest piece: now, halfway, and when it is most likely as wanted; null off the heat. */
  readonly inside: Inside | null;
  /** Heat changes that would help if the forecast misses serving time, each forecast from here. */
  readonly heatOptions: readonly HeatOption[];
  /** The forecast with the planned lid back on from now; undefined where it is on. */
  readonly lidBack: LidWay | undefined;
}

/** Where a braise is on the clock, min after the meat met the liquid. */
export interface LiveMoment {
  readonly atMin: number;
  /** When finishing has to start. */
  readonly readyByMin: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** The tightest lid in the plan's phases: the one that could be left off by accident. */
  readonly plannedLid: LidKind;
  readonly cooking: boolean;
}

/** Sums up the state of a braise. */
export function liveForecast(following: Learning, finish: FinishInput, moment: LiveMoment): LiveForecast {
  const { ensemble } = following;
  const forecast = summarise(ensemble);
  const { horizonMin } = forecast;
  // Beyond the forecast's end the pot was forgotten; nothing is computed there.
  const atMin = Math.min(moment.atMin, horizonMin);
  const cooking = moment.cooking && moment.atMin < horizonMin;
  const drawn = anchored(ensemble);
  const course = sampleTrace(drawn, forecast);
  const twists = readyEta(forecast);
  const ready = Number.isFinite(twists.p50) ? Math.max(twists.p50, atMin) : horizonMin;
  const lookCost = lidLiftCostMin(
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
    finished: finishedPot(drawn, scheduledAt(drawn.assembly.grid, ready), finish),
    mostInformative: cooking ? bestMeasurement(ensemble, atMin, lookCost, moment.readyByMin) : undefined,
    lidBack:
      cooking && LIDS[moment.lid].leak > 2 * LIDS[moment.plannedLid].leak
        ? lidWay(ensemble, moment.plannedLid, atMin)
        : undefined,
    inside: cooking ? insideOf(ensemble, [atMin, (atMin + ready) / 2, ready]) : null,
    heatOptions: cooking ? heatOptions(ensemble, moment.heat, atMin, moment.readyByMin) : [],
  };
}
