import { type Ensemble, predictionOf } from './ensemble';
import { weights } from './resample';
import { readySample, donenessTimes, targetOf } from './forecast';
import { stageChances } from './forkLaw';
import { LEVEL_SD_L, type Prediction, probeLaw } from './observation';
import { type Cut } from '../larder';
import { numbers, WeightedSample } from '../numbers';
import { DONENESS_STAGES } from '../tenderness';

/** What a record at some time is expected to do to the 80% range of the fork-tender time. */
export interface InformationGain {
  readonly kind: 'fork' | 'probe' | 'level';
  readonly atMin: number;
  /** Width of the range now, min. */
  readonly widthMin: number;
  /** Expected width after the record, min. */
  readonly expectedWidthMin: number;
  /** Heat lost by the check, min; its value is what it narrows less what it costs. */
  readonly costMin: number;
}

/** Particles not tender by the horizon count as this much later, so that widths stay finite. */
const BEYOND = 1.1;

function widthOf(sample: WeightedSample): number {
  return sample.quantile(0.9) - sample.quantile(0.1);
}

/** What an ensemble says before a record, computed once for all possible records. */
interface Before {
  readonly w: Float64Array;
  readonly times: WeightedSample;
  readonly widthMin: number;
}

/** Expected range after a record with outcomes of likelihood `chance[outcome][particle]`. */
function expectedWidth({ w, times, widthMin }: Before, chance: readonly Float64Array[]): number {
  const posterior = new Float64Array(w.length);
  let total = 0;
  let expected = 0;
  for (const likelihood of chance) {
    let mass = 0;
    for (let i = 0; i < w.length; i++) {
      const here = (w[i] as number) * (likelihood[i] as number);
      posterior[i] = here;
      mass += here;
    }
    if (mass < 1e-6) continue;
    total += mass;
    expected += mass * widthOf(times.weighing(posterior));
  }
  return total > 0 ? expected / total : widthMin;
}

/** Mean and sd of a reading in one particle. */
interface Law {
  readonly mean: number;
  readonly sd: number;
}

/** Mean and sd of the volume a cook reads with a spoon handle, l. */
const levelLaw = (prediction: Prediction): Law => ({
  mean: prediction.litres,
  sd: LEVEL_SD_L,
});

/** Number of readings by which an instrument's distribution is integrated. */
const READINGS = 12;
/** They extend from this quantile of the predictions, by this many instrument sd beyond it. */
const OUTERMOST = 0.01;
const BEYOND_SPREADS = 1.5;

/** Possible readings over all particles, evenly spaced, so that each counts only by its likelihood. */
function readingsOf(laws: readonly Law[], w: Float64Array): number[] {
  const means = new WeightedSample(
    numbers(laws.length, (i) => (laws[i] as Law).mean),
    w,
  );
  const beyond = BEYOND_SPREADS * laws.reduce((sum, l, i) => sum + l.sd * (w[i] as number), 0);
  const from = means.quantile(OUTERMOST) - beyond;
  const to = means.quantile(1 - OUTERMOST) + beyond;
  return Array.from({ length: READINGS }, (_, i) => from + ((to - from) * (i + 0.5)) / READINGS);
}

function before(ensemble: Ensemble): Before {
  const w = weights(ensemble);
  const horizon = (ensemble.assembly.grid.endS[ensemble.assembly.grid.count - 1] as number) / 60;
  const finite = donenessTimes(ensemble, targetOf(ensemble)).map((t) => (Number.isFinite(t) ? t : horizon * BEYOND));
  const times = new WeightedSample(finite, w);
  return { w, times, widthMin: widthOf(times) };
}

/** Likelihood of each outcome of a record in each particle that predicts `predictions`. */
function chancesOf(
  cut: Cut,
  kind: InformationGain['kind'],
  predictions: readonly Prediction[],
  w: Float64Array,
): Float64Array[] {
  if (kind === 'fork') {
    const rows = predictions.map((p) => stageChances(cut, p.progress));
    return DONENESS_STAGES.map((_, stage) => numbers(rows.length, (i) => (rows[i] as number[])[stage] as number));
  }
  const laws = predictions.map((p) => (kind === 'probe' ? probeLaw(p, false) : levelLaw(p)));
  return readingsOf(laws, w).map((reading) =>
    numbers(laws.length, (i) => {
      const { mean, sd } = laws[i] as Law;
      const off = (reading - mean) / sd;
      return Math.exp(-0.5 * off * off) / sd;
    }),
  );
}

const RECORD_KINDS = ['fork', 'probe', 'level'] as const;

/** Information gain of each kind of record at `atMin`. `costMin` is the heat lost, as minutes. */
function teachingsAt(ensemble: Ensemble, known: Before, atMin: number, costMin: number): InformationGain[] {
  const { w, widthMin } = known;
  const predictions = Array.from({ length: ensemble.count }, (_, i) => predictionOf(ensemble, i, atMin));
  return RECORD_KINDS.map((kind) => {
    const chance = chancesOf(ensemble.request.cut, kind, predictions, w);
    return { kind, atMin, widthMin, expectedWidthMin: expectedWidth(known, chance), costMin };
  });
}

/**
 * Information gain of a fork test, a probe reading and a level check at `atMin`. `costMin` is the cost of lifting the
 * lid.
 */
export function informationGains(ensemble: Ensemble, atMin: number, costMin: number): InformationGain[] {
  return teachingsAt(ensemble, before(ensemble), atMin, costMin);
}

const CANDIDATES = 5;

/**
 * The most valuable record: it narrows the range most for its cost, among fork tests, probe readings and level checks
 * from `fromMin` to the high estimate or `untilMin`. Undefined if none is worth its cost.
 */
export function bestMeasurement(
  ensemble: Ensemble,
  fromMin: number,
  costMin: number,
  untilMin = Infinity,
): InformationGain | undefined {
  const sample = readySample(ensemble);
  const last = Math.min(untilMin, sample.quantile(0.9));
  const from = Math.max(fromMin, Math.min(sample.quantile(0.1) * 0.6, fromMin + 5));
  if (!Number.isFinite(last) || last <= from) return undefined;
  const known = before(ensemble);
  let best: InformationGain | undefined;
  const worth = (t: InformationGain): number => t.widthMin - t.expectedWidthMin - t.costMin;
  for (let i = 0; i < CANDIDATES; i++) {
    const atMin = from + ((last - from) * i) / (CANDIDATES - 1);
    for (const teaching of teachingsAt(ensemble, known, atMin, costMin)) {
      if (worth(teaching) > Math.max(0, best ? worth(best) : 0)) best = teaching;
    }
  }
  return best;
}
