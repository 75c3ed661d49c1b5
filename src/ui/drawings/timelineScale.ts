import { MINUTE_MS } from '@/core/quantity';

/** A span of time, ms. */
export interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}

/** A wait longer than this is folded to the shorter width. */
const LONGEST_WAIT_MIN = 180;
const FOLDED_MIN = 60;

/** A time scale with long waits folded, so that a night in the fridge leaves room for the work. */
export interface TimelineScale extends Span {
  readonly folds: readonly Span[];
  /** Drawn length, min: folded waits count as short ones. */
  readonly minutes: number;
  /** Position of a moment, from 0 at the start to 1 at the end. */
  readonly at: (ms: number) => number;
}

/** The scale for a span with activities `busy`; long waits between them are folded. */
export function timelineScale({ fromMs, toMs }: Span, busy: readonly Span[]): TimelineScale {
  const folds: Span[] = [];
  let doneMs = fromMs;
  for (const s of [...busy].sort((a, b) => a.fromMs - b.fromMs)) {
    if (s.fromMs - doneMs > LONGEST_WAIT_MIN * MINUTE_MS) folds.push({ fromMs: doneMs, toMs: s.fromMs });
    doneMs = Math.max(doneMs, s.toMs);
  }
  const drawn = (ms: number): number =>
    folds.reduce((sum, f) => {
      const inside = Math.min(Math.max(0, ms - f.fromMs), f.toMs - f.fromMs);
      return sum - inside * (1 - (FOLDED_MIN * MINUTE_MS) / (f.toMs - f.fromMs));
    }, ms - fromMs);
  const whole = drawn(toMs);
  return { fromMs, toMs, folds, minutes: whole / MINUTE_MS, at: (ms) => drawn(ms) / whole };
}

/** Zoom: all of the line, or this many minutes in its width. */
export interface Zoom {
  readonly id: 'all' | '180' | '60' | '30';
  readonly minutes: number;
}

const ZOOMS: readonly Zoom[] = [
  { id: '180', minutes: 180 },
  { id: '60', minutes: 60 },
  { id: '30', minutes: 30 },
];

/** The zooms that show less than the whole line of `minutes`, the whole first. */
export function zoomsFor(minutes: number): readonly Zoom[] {
  return [{ id: 'all', minutes }, ...ZOOMS.filter((z) => z.minutes < minutes * 0.8)];
}

/** Smallest distance between ticks, in units of the drawing. */
const TICK_UNITS = 74;
const TICK_STEPS_MIN = [5, 10, 15, 30, 60, 120, 180, 360, 720];

/** Minutes since midnight in `timeZone`. */
function minuteOfDay(ms: number, timeZone: string): number {
  const [hour = '0', minute = '0'] = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
    .format(ms)
    .split(':');
  return Number(hour) * 60 + Number(minute);
}

/** Moments at round clock times outside folds, as dense as can be read; `units` is the drawing's width. */
export function roundTimes({ fromMs, toMs, minutes, folds }: TimelineScale, units: number, timeZone: string): number[] {
  const step = TICK_STEPS_MIN.find((s) => (units * s) / minutes >= TICK_UNITS) ?? 1440;
  const wholeMinute = Math.ceil(fromMs / MINUTE_MS) * MINUTE_MS;
  const out: number[] = [];
  // The clock may jump on the way, so it is read again for each tick.
  for (let ms = wholeMinute; ms <= toMs;) {
    const off = minuteOfDay(ms, timeZone) % step;
    if (off === 0) {
      out.push(ms);
      ms += Math.min(step, 15) * MINUTE_MS;
    } else ms += (step - off) * MINUTE_MS;
  }
  return out.filter((ms) => !folds.some((f) => ms > f.fromMs && ms < f.toMs));
}

/** Rounds a moment to whole five minutes. */
export function roundToFiveMinutes(ms: number): number {
  return Math.round(ms / (5 * MINUTE_MS)) * 5 * MINUTE_MS;
}
