import { type Segment } from './solve';
import { normalQuantile } from '../numbers';

/** 80% range of the work. Whole minutes. */
export interface MinutesRange {
  readonly low: number;
  readonly high: number;
}

/**
 * Relative standard deviation of all hands-on work: a cook is slow or quick all day, so it is one factor, not many that
 * even out. Estimate: the usual minutes are within a quarter four days out of five.
 */
const PACE = 0.2;
/**
 * Relative sd of each wait (a pan heating, a side browning, wine reducing), independent of the others. Estimate, no
 * source.
 */
const WAIT = 0.15;

/** Standard deviation of the total duration of this work, min. */
export function spreadMin(segments: readonly Segment[]): number {
  const hands = segments.reduce((sum, s) => (s.hands ? sum + s.minutes : sum), 0);
  const waits = segments.reduce((sum, s) => (s.hands ? sum : sum + (WAIT * s.minutes) ** 2), 0);
  return Math.sqrt((PACE * hands) ** 2 + waits);
}

/** The 80% range of this work's duration; skewed to the long side (log-normal). */
export function rangeOf(segments: readonly Segment[]): MinutesRange {
  const total = segments.reduce((sum, s) => sum + s.minutes, 0);
  if (total <= 0) return { low: 0, high: 0 };
  const factor = Math.exp((normalQuantile(0.9) * spreadMin(segments)) / total);
  return { low: Math.round(total / factor), high: Math.round(total * factor) };
}

/**
 * Spare time, min, on top of `keptMin`, which already covers the forecast, so that both together, being independent,
 * hold with probability `confidence` (0 to 1).
 */
export function marginMin(segments: readonly Segment[], confidence: number, keptMin: number): number {
  const z = Math.max(0, normalQuantile(confidence));
  return Math.hypot(keptMin, z * spreadMin(segments)) - keptMin;
}
