import { type Ensemble, predictionOf } from './ensemble';
import { weights } from './resample';
import { readySample, stageTimes, targetOf } from './forecast';
import { LEVEL_SD_L, type Prediction, probeLaw, stageChances } from './observation';
import { type Cut } from '../larder';
import { numbers, WeightedSample } from '../numbers';
import { STAGES } from '../tenderness';

/** What a record at some moment would be expected to do to the 80 % window of the moment the fork twists. */
export interface InformationGain {
  readonly kind: 'fork' | 'probe' | 'level';
  readonly atMin: number;
  /** Width of the window now, min. */
  readonly widthMin: number;
  /** Width to expect after the record, min, averaged over what it might say. */
  readonly expectedWidthMin: number;
  /** Heat the look costs, min; what it narrows less what it costs is its worth. */
  readonly costMin: number;
}

/** Particles that do not turn by the horizon count as this much later, so that widths stay finite. */
const BEYOND = 1.1;

function widthOf(sample: WeightedSample): number {
  return sample.quantile(0.9) - sample.quantile(0.1);
}

/** What an ensemble says before a record, worked out once for all that might be recorded. */
interface Before {
  readonly w: Float64Array;
  readonly times: WeightedSample;
  readonly widthMin: number;
}

/** Expected window after a record with outcomes of likelihood `chance[outcome][particle]`. */
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

/** Mean and spread of what is read in one kitchen. */
interface Law {
  readonly mean: number;
  readonly sd: number;
}

/** Mean and spread of what a cook reads off a spoon's handle, l. */
const levelLaw = (prediction: Prediction): Law => ({
  mean: prediction.litres,
  sd: LEVEL_SD_L,
});

/** Readings of an instrument by which all that it may read is summed up. */
const READINGS = 12;
/** They reach from this quantile of what the kitchens predict, and so many spreads of the instrument beyond it. */
const OUTERMOST = 0.01;
const BEYOND_SPREADS = 1.5;

/** What an instrument may read over all kitchens, at even distances, so that each counts for its likelihood alone. */
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
  const finite = stageTimes(ensemble, targetOf(ensemble)).map((t) => (Number.isFinite(t) ? t : horizon * BEYOND));
  const times = new WeightedSample(finite, w);
  return { w, times, widthMin: widthOf(times) };
}

/** Likelihood of each outcome of a record in each kitchen that predicts `predictions`. */
function chancesOf(
  cut: Cut,
  kind: InformationGain['kind'],
  predictions: readonly Prediction[],
  w: Float64Array,
): Float64Array[] {
  if (kind === 'fork') {
    const rows = predictions.map((p) => stageChances(cut, p.progress));
    return STAGES.map((_, stage) => numbers(rows.length, (i) => (rows[i] as number[])[stage] as number));
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

const KINDS = ['fork', 'probe', 'level'] as const;

/** What a record of each kind at `atMin` would teach. `costMin` is what the look costs in heat. */
function teachingsAt(ensemble: Ensemble, known: Before, atMin: number, costMin: number): InformationGain[] {
  const { w, widthMin } = known;
  const predictions = Array.from({ length: ensemble.count }, (_, i) => predictionOf(ensemble, i, atMin));
  return KINDS.map((kind) => {
    const chance = chancesOf(ensemble.request.cut, kind, predictions, w);
    return { kind, atMin, widthMin, expectedWidthMin: expectedWidth(known, chance), costMin };
  });
}

/** What a fork test, a probe reading and a look at the level at `atMin` would teach. `costMin` is what a look costs in heat. */
export function teachingsOf(ensemble: Ensemble, atMin: number, costMin: number): InformationGain[] {
  return teachingsAt(ensemble, before(ensemble), atMin, costMin);
}

const CANDIDATES = 5;

/**
 * The record that is worth most: narrows the window by most for what it costs, among fork tests, probe readings and looks at
 * the level from `fromMin` to the high estimate or `untilMin`. Undefined when none is worth its cost.
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
