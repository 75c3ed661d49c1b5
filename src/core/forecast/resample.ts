import { normalQuantile, type RandomStream } from '../numbers';

/** Weights normalised to sum 1. */
export function weights(ensemble: { readonly logWeight: Float64Array }): Float64Array {
  const largest = Math.max(...ensemble.logWeight);
  const raw = ensemble.logWeight.map((w) => Math.exp(w - largest));
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((w) => w / sum);
}

/** Effective sample size of these weights. */
export function effectiveCount(w: Float64Array): number {
  return 1 / w.reduce((sum, x) => sum + x * x, 0);
}

const KEEP = 0.7;
const FRESH = Math.sqrt(1 - KEEP * KEEP);

/** A move that leaves the prior invariant, on the first `moving` parameters. */
export function perturb(from: Float64Array, to: Float64Array, moving: number, random: RandomStream): void {
  to.set(from);
  for (let k = 0; k < moving; k++) to[k] = KEEP * (from[k] as number) + FRESH * normalQuantile(random());
}

/** `count` parents drawn by weights that sum to 1, each within one of its share (systematic resampling). */
export function systematicResample(w: Float64Array, random: RandomStream, count = w.length): Int32Array {
  const out = new Int32Array(count);
  const offset = random();
  let cumulative = w[0] as number;
  let j = 0;
  for (let i = 0; i < count; i++) {
    const target = (i + offset) / count;
    while (cumulative < target && j < w.length - 1) {
      j++;
      cumulative += w[j] as number;
    }
    out[i] = j;
  }
  return out;
}
