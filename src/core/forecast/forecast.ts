import { type Ensemble } from './ensemble';
import { shareOfStep, stepAt } from './timeIndex';
import { slowest, slowestGroupAt, slowestIn } from './horizon';
import { weights } from './resample';
import { numbers, WeightedSample } from '../numbers';
import { type Doneness, donenessIndex, DONENESS_STAGES, donenessThresholds, type TargetDoneness } from '../tenderness';
import { type Observation } from './observation';

/** When a doneness begins, min after the meat met the liquid; Infinity if not by the horizon. */
export interface StageEta {
  readonly stage: Exclude<Doneness, 'holds'>;
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
  /** Share of particles in which it begins by the horizon. */
  readonly reached: number;
}

/** Position on the fork scale over time: 0 raw, 1 Drags, 2 Gives, 3 Twists, 4 Falls, 5 Stringy. */
export interface ScaleBand {
  readonly minutes: readonly number[];
  readonly p10: readonly number[];
  readonly p50: readonly number[];
  readonly p90: readonly number[];
}

/** A pot that runs dry before the meat is as wanted: the share of particles, and the median time in those, min. */
export interface DryPot {
  readonly chance: number;
  /** Infinity if it runs dry in none. */
  readonly p50: number;
}

/** From this probability on, running dry is reported. */
export const DRY_WORTH_SAYING = 0.1;

export interface Forecast {
  /** The doneness the cook waits for. */
  readonly target: TargetDoneness;
  readonly etas: readonly StageEta[];
  /** Percentiles 1 to 99 of the time the target is reached, min. */
  readonly readyPercentiles: readonly number[];
  readonly horizonMin: number;
  readonly band: ScaleBand;
  readonly dry: DryPot;
}

const TIMED_STAGES = DONENESS_STAGES.slice(1) as Exclude<Doneness, 'holds'>[];

/**
 * Time in minutes at which `values` first reaches `target`, linear within a step; Infinity if never. Ascending values.
 */
export function crossingMin(values: Float64Array, endS: Float64Array, target: number): number {
  let low = 0;
  let high = values.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((values[middle] as number) < target) low = middle + 1;
    else high = middle;
  }
  if (low === values.length) return Infinity;
  const to = values[low] as number;
  const from = low === 0 ? 0 : (values[low - 1] as number);
  const start = low === 0 ? 0 : (endS[low - 1] as number);
  const end = endS[low] as number;
  return (start + ((end - start) * (target - from)) / (to - from)) / 60;
}

/** Index of the group that is nominally last to be tender. */
export function slowestGroup(ensemble: Ensemble): number {
  const { nominal, request, assembly } = ensemble;
  const at = crossingMin(slowest(nominal, request), assembly.grid.endS, request.cut.cookValue.twists);
  const step = Number.isFinite(at) ? stepAt(assembly.grid, at) : assembly.grid.count - 1;
  return slowestGroupAt(nominal, request, step);
}

/**
 * Time of the last fork test that fell short of a doneness, min; 0 if none. A test that found it may have been a slip
 * and binds nothing: the likelihood weighs it.
 */
function shortUntil(observations: readonly Observation[], stage: Exclude<Doneness, 'holds'>): number {
  const short = observations.filter((o) => o.kind === 'fork' && donenessIndex(o.stage) < donenessIndex(stage));
  return Math.max(0, ...short.map((o) => o.atMin));
}

/** When this cook's fork finds each particle at `stage`, min; never at a time when a test fell short. */
export function donenessTimes(ensemble: Ensemble, stage: Exclude<Doneness, 'holds'>): Float64Array {
  return timesOf(ensemble, ensemble.courses.map(slowestIn(ensemble.request)), stage);
}

/** The same, with each particle's slowest group given. */
function timesOf(ensemble: Ensemble, slow: readonly Float64Array[], stage: Exclude<Doneness, 'holds'>): Float64Array {
  const threshold = donenessThresholds(ensemble.request.cut)[TIMED_STAGES.indexOf(stage)] ?? 0;
  const { endS } = ensemble.assembly.grid;
  const short = shortUntil(ensemble.observations, stage);
  return numbers(slow.length, (i) =>
    Math.max(short, crossingMin(slow[i] as Float64Array, endS, threshold * (ensemble.demand[i] as number))),
  );
}

/** Position on the fork scale, 0 to 5 and beyond, of a slowest quarter at `progress` of fork-tender. */
export function scalePosition(thresholds: readonly number[], twists: number, progress: number): number {
  const cookValue = progress * twists;
  let from = 0;
  for (let k = 0; k < thresholds.length; k++) {
    const to = thresholds[k] as number;
    if (cookValue < to) return k + (cookValue - from) / (to - from);
    from = to;
  }
  return thresholds.length;
}

const BAND_POINTS = 60;
/** Bins on the scale from 0 to 5; quantiles are interpolated within a bin. */
const BAND_BINS = 250;

function scaleBand(ensemble: Ensemble, slow: readonly Float64Array[], w: Float64Array, horizonMin: number): ScaleBand {
  const thresholds = donenessThresholds(ensemble.request.cut);
  const twists = ensemble.request.cut.cookValue.twists;
  const minutes = Array.from({ length: BAND_POINTS + 1 }, (_, i) => (horizonMin * i) / BAND_POINTS);
  const bins = new Float64Array(BAND_BINS + 1);
  const short = TIMED_STAGES.map((stage) => shortUntil(ensemble.observations, stage));
  const binOf = (position: number): number => Math.floor((position * BAND_BINS) / thresholds.length);
  const rows = minutes.map((m) => {
    if (m === 0) return [0, 0, 0];
    const after = stepAt(ensemble.assembly.grid, m);
    const share = shareOfStep(ensemble.assembly.grid, after, m);
    bins.fill(0);
    // Each doneness starts a bin; one that a test fell short of is still to come.
    const most = binOf(short.filter((until) => until < m).length + 1) - 1;
    slow.forEach((c, i) => {
      const before = after === 0 ? 0 : (c[after - 1] as number);
      const cookValue = before + share * ((c[after] as number) - before);
      const position = scalePosition(thresholds, twists, cookValue / (twists * (ensemble.demand[i] as number)));
      const bin = Math.min(most, binOf(position));
      bins[bin] = (bins[bin] as number) + (w[i] as number);
    });
    return [0.1, 0.5, 0.9].map((p) => (binQuantile(bins, p) * thresholds.length) / BAND_BINS);
  });
  return {
    minutes,
    p10: rows.map((r) => r[0] as number),
    p50: rows.map((r) => r[1] as number),
    p90: rows.map((r) => r[2] as number),
  };
}

function binQuantile(bins: Float64Array, p: number): number {
  let sum = 0;
  for (let i = 0; i < bins.length; i++) {
    const here = bins[i] as number;
    if (sum + here >= p) return i === bins.length - 1 ? i : i + (here > 0 ? (p - sum) / here : 0);
    sum += here;
  }
  return bins.length - 1;
}

/** The doneness the braise aims for. */
export function targetOf(ensemble: Pick<Ensemble, 'request'>): TargetDoneness {
  return ensemble.request.target ?? 'twists';
}

/** Sample of the target time, for any share or quantile. */
export function readySample(ensemble: Ensemble): WeightedSample {
  return new WeightedSample(donenessTimes(ensemble, targetOf(ensemble)), weights(ensemble));
}

/** Whether and when the pot runs dry before that. */
function dryPot(ensemble: Ensemble, w: Float64Array, ready: Float64Array): DryPot {
  const dries = ensemble.courses.map((course, i) => course.dryS / 60 < (ready[i] as number));
  const chance = w.reduce((sum, x, i) => sum + (dries[i] === true ? x : 0), 0);
  if (chance === 0) return { chance, p50: Infinity };
  const moments = numbers(ensemble.count, (i) => (ensemble.courses[i] as Ensemble['courses'][number]).dryS / 60);
  const among = w.map((x, i) => (dries[i] === true ? x / chance : 0));
  return { chance, p50: new WeightedSample(moments, among).quantile(0.5) };
}

/** When the target is reached and whether the pot runs dry first: what two options are compared by. */
export interface Readiness {
  /** Min after the meat met the liquid; Infinity if not by the horizon. */
  readonly p50: number;
  readonly p90: number;
  readonly dry: DryPot;
}

/** The part of `summarise` by which two options are compared. */
export function readiness(ensemble: Ensemble): Readiness {
  const w = weights(ensemble);
  const ready = donenessTimes(ensemble, targetOf(ensemble));
  const sample = new WeightedSample(ready, w);
  return { p50: sample.quantile(0.5), p90: sample.quantile(0.9), dry: dryPot(ensemble, w, ready) };
}

/** Summarises an ensemble. All times in minutes after the meat met the liquid. */
export function summarise(ensemble: Ensemble): Forecast {
  const w = weights(ensemble);
  const slow = ensemble.courses.map(slowestIn(ensemble.request));
  const horizonMin = (ensemble.assembly.grid.endS[ensemble.assembly.grid.count - 1] as number) / 60;
  const etas = TIMED_STAGES.map((stage): StageEta => {
    const sample = new WeightedSample(timesOf(ensemble, slow, stage), w);
    return {
      stage,
      p10: sample.quantile(0.1),
      p50: sample.quantile(0.5),
      p90: sample.quantile(0.9),
      reached: sample.shareBelow(horizonMin),
    };
  });
  const ready = timesOf(ensemble, slow, targetOf(ensemble));
  const sample = new WeightedSample(ready, w);
  const falls = etas.find((e) => e.stage === 'falls')?.p90 ?? Infinity;
  return {
    target: targetOf(ensemble),
    etas,
    readyPercentiles: Array.from({ length: 99 }, (_, i) => sample.quantile((i + 1) / 100)),
    horizonMin,
    band: scaleBand(ensemble, slow, w, Number.isFinite(falls) ? Math.min(horizonMin, falls * 1.1) : horizonMin),
    dry: dryPot(ensemble, w, ready),
  };
}

/** The row of one doneness. */
export function etaOf(forecast: Pick<Forecast, 'etas'>, stage: Exclude<Doneness, 'holds'>): StageEta {
  const found = forecast.etas.find((e) => e.stage === stage);
  if (!found) throw new RangeError(`The forecast has no stage "${stage}".`);
  return found;
}

/** When the target is reached. */
export function readyEta(forecast: Pick<Forecast, 'etas' | 'target'>): StageEta {
  return etaOf(forecast, forecast.target);
}

/** Probability that the target is reached by `atMin`, from the forecast's percentiles; 0.01 to 0.99, interpolated. */
export function chanceBy(forecast: Pick<Forecast, 'readyPercentiles'>, atMin: number): number {
  const p = forecast.readyPercentiles;
  if (atMin <= (p[0] as number)) return atMin < (p[0] as number) ? 0 : 0.01;
  for (let i = 1; i < p.length; i++) {
    const high = p[i] as number;
    if (atMin < high) {
      const low = p[i - 1] as number;
      return (i + (Number.isFinite(high) ? (atMin - low) / (high - low) : 0)) / 100;
    }
  }
  return 0.99;
}
