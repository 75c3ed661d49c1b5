import { type Ensemble } from './ensemble';
import { placeAt, valueAt } from './places';
import { etaOf, type Forecast, slowestGroup } from './forecast';
import { levelMmAt, litresAt } from './pot';

/** The nominal course for drawing, one entry per sample. Levels over the base in mm, volumes in litres. */
export interface CourseSamples {
  readonly minutes: readonly number[];
  readonly liquidC: readonly number[];
  readonly coreC: readonly number[];
  readonly meanC: readonly number[];
  readonly levelMm: readonly number[];
  readonly litres: readonly number[];
}

const SAMPLES = 72;
/** After a jump the first step takes so long. */
const AFTER_JUMP_MIN = 1;

/** Samples of the nominal course, of the slowest group where there are several, up to a little after the meat falls apart. */
export function courseSamples(ensemble: Ensemble, forecast: Forecast): CourseSamples {
  const { nominal, assembly } = ensemble;
  const falls = etaOf(forecast, 'falls').p50;
  const endMin = Number.isFinite(falls) ? Math.min(forecast.horizonMin, falls * 1.1) : forecast.horizonMin;
  const last = slowestGroup(ensemble);
  const even = Array.from({ length: SAMPLES + 1 }, (_, i) => (endMin * i) / SAMPLES);
  // Where the pot was set to a reading it jumps: the moment before and the moment after are samples too.
  const jumps = (ensemble.request.corrections ?? []).flatMap(({ atMin }) => [atMin, atMin + AFTER_JUMP_MIN]);
  const minutes = [...new Set([...even, ...jumps.filter((m) => m > 0 && m < endMin)])].sort((a, b) => a - b);
  const places = minutes.map((m) => placeAt(assembly.grid, m));
  const pick = (series: Float64Array): number[] => places.map((place) => valueAt(series, place));
  return {
    minutes,
    liquidC: pick(nominal.liquidC),
    coreC: pick(nominal.coreC[last] as Float64Array),
    meanC: pick(nominal.meanC[last] as Float64Array),
    levelMm: places.map((place) => levelMmAt(ensemble, place)),
    litres: places.map((place) => litresAt(ensemble, place)),
  };
}

/** The nominal course at one moment, between two samples. */
export interface CourseMoment {
  readonly levelMm: number;
  readonly litres: number;
  readonly liquidC: number;
  readonly coreC: number;
  readonly meanC: number;
}

/** Where the course stands `atMin` after the pieces met the liquid; its end holds beyond it. */
export function sampleAt(course: CourseSamples, atMin: number): CourseMoment {
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
    liquidC: mix(course.liquidC),
    coreC: mix(course.coreC),
    meanC: mix(course.meanC),
  };
}
