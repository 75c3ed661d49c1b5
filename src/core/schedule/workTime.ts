import { type Segment } from './solve';
import { normalQuantile } from '../numbers';

/** Between these minutes the work lies in eight days of ten. Whole minutes. */
export interface MinutesRange {
  readonly low: number;
  readonly high: number;
}

/**
 * Relative standard deviation of all that hands do: a cook is slow or quick the whole day long, so it is one factor, not
 * many that even out. Modeller's judgement: the usual minutes are met within a quarter four days of five.
 */
const PACE = 0.2;
/** Of each wait by itself (a pan heating, a face browning, wine boiling down), independent of the others. Modeller's judgement. */
const WAIT = 0.15;

/** Standard deviation of how long this work takes one after the other, min. */
export function spreadMin(segments: readonly Segment[]): number {
  const hands = segments.reduce((sum, s) => (s.hands ? sum + s.minutes : sum), 0);
  const waits = segments.reduce((sum, s) => (s.hands ? sum : sum + (WAIT * s.minutes) ** 2), 0);
  return Math.sqrt((PACE * hands) ** 2 + waits);
}

/** The minutes within which this work lies in eight days of ten; skewed to the long side (log-normal). */
export function rangeOf(segments: readonly Segment[]): MinutesRange {
  const total = segments.reduce((sum, s) => sum + s.minutes, 0);
  if (total <= 0) return { low: 0, high: 0 };
  const factor = Math.exp((normalQuantile(0.9) * spreadMin(segments)) / total);
  return { low: Math.round(total / factor), high: Math.round(total * factor) };
}

/**
 * Reserve, min, on top of `keptMin`, which is kept for the forecast already, so that both together, being
 * independent, hold in `confidence` (0 to 1) of all days.
 */
export function marginMin(segments: readonly Segment[], confidence: number, keptMin: number): number {
  const z = Math.max(0, normalQuantile(confidence));
  return Math.hypot(keptMin, z * spreadMin(segments)) - keptMin;
}
