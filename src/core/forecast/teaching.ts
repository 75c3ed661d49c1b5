import { type Ensemble, predictionOf } from './ensemble';
import { weights } from './resample';
import { readySample, stageTimes, targetOf } from './forecast';
import { probeLaw, stageChances } from './observation';
import { normalQuantile, WeightedSample } from '../numbers';

/** What a record at some moment would be expected to do to the 80 % window of the moment the fork twists. */
export interface Teaching {
  readonly kind: 'fork' | 'probe';
  readonly atMin: number;
  /** Width of the window now, min. */
  readonly widthMin: number;
  /** Width to expect after the record, min, averaged over what it might say. */
  readonly expectedWidthMin: number;
  /** Heat the look costs, min; what it narrows less what it costs is its worth. */
  readonly costMin: number;
}

const PROBE_READINGS = 12;
/** Particles that do not turn by the horizon count as this much later, so that widths stay finite. */
const BEYOND = 1.1;

function widthOf(times: Float64Array, w: Float64Array): number {
  const sample = new WeightedSample(times, w);
  return sample.quantile(0.9) - sample.quantile(0.1);
}

/** Expected window after a record with outcomes of likelihood `chance[outcome][particle]`. */
function expectedWidth(times: Float64Array, w: Float64Array, chance: readonly Float64Array[]): number {
  let total = 0;
  let expected = 0;
  for (const likelihood of chance) {
    const posterior = w.map((x, i) => x * (likelihood[i] as number));
    const mass = posterior.reduce((a, b) => a + b, 0);
    if (mass < 1e-6) continue;
    total += mass;
    expected += mass * widthOf(times, posterior);
  }
  return total > 0 ? expected / total : widthOf(times, w);
}

/** What a fork test or a probe reading at `atMin` would teach. `costMin` is what the look costs in heat. */
export function teachingOf(ensemble: Ensemble, kind: Teaching['kind'], atMin: number, costMin: number): Teaching {
  const w = weights(ensemble);
  const horizon = (ensemble.assembly.grid.endS[ensemble.assembly.grid.count - 1] as number) / 60;
  const times = stageTimes(ensemble, targetOf(ensemble)).map((t) => (Number.isFinite(t) ? t : horizon * BEYOND));
  const predictions = Array.from({ length: ensemble.count }, (_, i) => predictionOf(ensemble, i, atMin));
  const { cut } = ensemble.request;
  let chance: Float64Array[];
  if (kind === 'fork') {
    const rows = predictions.map((p) => stageChances(cut, p.progress));
    chance = Array.from({ length: 6 }, (_, stage) => Float64Array.from(rows, (row) => row[stage] as number));
  } else {
    const laws = predictions.map((p) => probeLaw(p, false));
    const means = new WeightedSample(
      Float64Array.from(laws, (l) => l.mean),
      w,
    );
    const readings = Array.from({ length: PROBE_READINGS }, (_, i) => {
      const p = (i + 0.5) / PROBE_READINGS;
      return means.quantile(p) + 1.2 * normalQuantile(p);
    });
    chance = readings.map((reading) =>
      Float64Array.from(laws, (l) => Math.exp(-0.5 * ((reading - l.mean) / l.sd) ** 2) / l.sd),
    );
  }
  return { kind, atMin, widthMin: widthOf(times, w), expectedWidthMin: expectedWidth(times, w, chance), costMin };
}

const CANDIDATES = 5;

/**
 * The record that is worth most: narrows the window by most for what it costs, among fork tests and probe readings
 * from `fromMin` to the high estimate or `untilMin`. Undefined when none is worth its cost.
 */
export function bestRecord(
  ensemble: Ensemble,
  fromMin: number,
  costMin: number,
  untilMin = Infinity,
): Teaching | undefined {
  const sample = readySample(ensemble);
  const last = Math.min(untilMin, sample.quantile(0.9));
  const from = Math.max(fromMin, Math.min(sample.quantile(0.1) * 0.6, fromMin + 5));
  if (!Number.isFinite(last) || last <= from) return undefined;
  let best: Teaching | undefined;
  const worth = (t: Teaching): number => t.widthMin - t.expectedWidthMin - t.costMin;
  for (let i = 0; i < CANDIDATES; i++) {
    const atMin = from + ((last - from) * i) / (CANDIDATES - 1);
    for (const kind of ['fork', 'probe'] as const) {
      const teaching = teachingOf(ensemble, kind, atMin, costMin);
      if (worth(teaching) > Math.max(0, best ? worth(best) : 0)) best = teaching;
    }
  }
  return best;
}
