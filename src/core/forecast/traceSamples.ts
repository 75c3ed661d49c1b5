import { AFTER_JUMP_S } from './assemble';
import { type Ensemble } from './ensemble';
import { etaOf, type Forecast, slowestGroup } from './forecast';
import { scheduledAt, valueAt } from './timeIndex';
import { contentsAt, DRY_LITRES, litresAt, LOW_LITRES, steamLPerHourAt } from './pot';
import { levelForLitres, litresForLevel } from '../material';

/** The nominal trace for drawing, one entry per sample. Levels above the base in mm, volumes in litres. */
export interface TraceSamples {
  readonly minutes: readonly number[];
  readonly liquidC: readonly number[];
  readonly coreC: readonly number[];
  readonly meanC: readonly number[];
  readonly levelMm: readonly number[];
  readonly litres: readonly number[];
  /** Contents if the pot were at its initial level. */
  readonly lineL: readonly number[];
  /** Steam, litres per hour. */
  readonly steamLPerHour: readonly number[];
}

const SAMPLES = 72;
const AFTER_JUMP_MIN = AFTER_JUMP_S / 60;

/**
 * Samples of the nominal trace, of the slowest group if there are several, until a little after the meat falls apart.
 */
export function sampleTrace(ensemble: Ensemble, forecast: Forecast): TraceSamples {
  const { nominal, assembly, request } = ensemble;
  const falls = etaOf(forecast, 'falls').p50;
  const endMin = Number.isFinite(falls) ? Math.min(forecast.horizonMin, falls * 1.1) : forecast.horizonMin;
  const last = slowestGroup(ensemble);
  const at = (atMin: number): number => scheduledAt(assembly.grid, atMin);
  const samples = new Map<number, number>();
  for (let i = 0; i <= SAMPLES; i++) samples.set((endMin * i) / SAMPLES, at((endMin * i) / SAMPLES));
  // At additions, readings, and changes of heat or lid it jumps: the new value holds from then on.
  for (const { atMin } of [...request.topUps, ...(request.corrections ?? []), ...request.heats, ...request.lids]) {
    if (atMin <= 0 || atMin >= endMin) continue;
    samples.set(atMin - AFTER_JUMP_MIN, at(atMin - AFTER_JUMP_MIN));
    samples.set(atMin, at(atMin + AFTER_JUMP_MIN));
  }
  const minutes = [...samples.keys()].sort((a, b) => a - b);
  const places = minutes.map((m) => samples.get(m) as number);
  const contents = places.map((place) => contentsAt(ensemble, place));
  const litres = places.map((place) => litresAt(ensemble, place));
  const pick = (series: Float64Array): number[] => places.map((place) => valueAt(series, place));
  return {
    minutes,
    liquidC: pick(nominal.liquidC),
    coreC: pick(nominal.coreC[last] as Float64Array),
    meanC: pick(nominal.meanC[last] as Float64Array),
    levelMm: contents.map((held, i) => levelForLitres(held, litres[i] as number) * 1000),
    litres,
    lineL: contents.map((held) => litresForLevel(held, assembly.levelM)),
    steamLPerHour: places.map((place) => steamLPerHourAt(ensemble, place)),
  };
}

/** The nominal trace at one time, between two samples. */
export interface CourseMoment {
  readonly levelMm: number;
  readonly litres: number;
  readonly lineL: number;
  readonly steamLPerHour: number;
  readonly liquidC: number;
  readonly coreC: number;
  readonly meanC: number;
}

/** The trace `atMin` after the meat met the liquid; beyond its end the last value holds. */
export function sampleAt(course: TraceSamples, atMin: number): CourseMoment {
  const last = course.minutes.length - 1;
  const found = course.minutes.findIndex((m) => m >= atMin);
  const high = found < 0 ? last : found;
  const low = Math.max(0, high - 1);
  const from = course.minutes[low] as number;
  const to = course.minutes[high] as number;
  const share = to > from ? Math.min(1, Math.max(0, (atMin - from) / (to - from))) : 1;
  const mix = (values: readonly number[]): number =>
    (values[low] as number) + share * ((values[high] as number) - (values[low] as number));
  return {
    levelMm: mix(course.levelMm),
    litres: mix(course.litres),
    lineL: mix(course.lineL),
    steamLPerHour: mix(course.steamLPerHour),
    liquidC: mix(course.liquidC),
    coreC: mix(course.coreC),
    meanC: mix(course.meanC),
  };
}

/** Less than this is not worth lifting the lid for, l. */
const MIN_POUR_L = 0.1;

/** Liquid to bring the pot back to its level, litres. */
export function toLineL({ litres, lineL }: Pick<CourseMoment, 'litres' | 'lineL'>): number {
  return Math.max(MIN_POUR_L, lineL - litres);
}

/** When the liquid drops to `least` litres between two samples, min. */
function fallsTo({ minutes, litres }: TraceSamples, low: number, least: number): number {
  const [from, to] = [litres[low - 1] as number, litres[low] as number];
  const [before, after] = [minutes[low - 1] as number, minutes[low] as number];
  return before + ((after - before) * (from - least)) / (from - to);
}

/** A pot filled with less than this can be low at its own level: low is then this share of the level. */
const LOW_OF_LINE = 0.75;

/** With less than this the pot can scorch, litres: in a packed pot little liquid stands deep. */
export function lowL({ lineL }: TraceSamples): number {
  return Math.min(LOW_LITRES, LOW_OF_LINE * (lineL[0] as number));
}

/** When, from `fromMin` on, the pot first has less than `least` litres; undefined if never. */
export function lowMin(course: TraceSamples, fromMin: number, least = lowL(course)): number | undefined {
  const { minutes, litres } = course;
  if (sampleAt(course, fromMin).litres < least) return fromMin;
  const low = minutes.findIndex((m, i) => m > fromMin && (litres[i] as number) < least);
  return low < 0 ? undefined : Math.max(fromMin, fallsTo(course, low, least));
}

/** Since when the pot has been dry at `atMin`; undefined if it is not. */
export function drySinceMin(course: TraceSamples, atMin: number): number | undefined {
  if (sampleAt(course, atMin).litres >= DRY_LITRES) return undefined;
  const wet = course.minutes.findLastIndex((m, i) => m < atMin && (course.litres[i] as number) >= DRY_LITRES);
  return wet < 0 ? 0 : Math.min(atMin, fallsTo(course, wet + 1, DRY_LITRES));
}
