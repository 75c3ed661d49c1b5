import { type TargetStage } from '../tenderness/stages';

/** A stretch of the day. Hands are needed in `hands`; `heat` works alone; `wait` is slack. Times in ms since 1970. */
export interface DaySpan {
  readonly id: 'prep' | 'sear' | 'base' | 'liquid' | 'braise' | 'hold' | 'finish' | 'plate';
  readonly label: string;
  readonly kind: 'hands' | 'heat' | 'wait' | 'serve';
  readonly fromMs: number;
  readonly toMs: number;
}

/** A moment on the way: something to do or look at. */
export interface DayMark {
  readonly id: string;
  readonly kind: 'look' | 'turn' | 'test' | 'oven';
  readonly label: string;
  readonly atMs: number;
  readonly why: string;
}

/** The whole day from the first act to the plate, worked out backwards. */
export interface Day {
  readonly spans: readonly DaySpan[];
  readonly marks: readonly DayMark[];
  readonly startMs: number;
  readonly lightBurnerMs: number;
  readonly intoPotMs: number;
  /** What the meat is cooked to, and when it is there. */
  readonly target: TargetStage;
  readonly ready: { readonly p10Ms: number; readonly p50Ms: number; readonly p90Ms: number };
  readonly serveMs: number;
  readonly handsOnMinutes: number;
}

/** Minutes each part of the work takes. */
export interface WorkMinutes {
  readonly prep: number;
  readonly sear: number;
  readonly base: number;
  readonly liquid: number;
  readonly finish: number;
  readonly plate: number;
}

const MIN = 60_000;
const OVEN_WARM_MIN = 20;

const plus = (ms: number, minutes: number): number => ms + minutes * MIN;

/** When the pieces must meet the liquid so that `readyMin` later there is still time to finish and plate. */
export function latestIntoPotMs(serveMs: number, readyMin: number, work: WorkMinutes): number {
  return serveMs - (work.plate + work.finish + readyMin) * MIN;
}

/**
 * Lays the day out around the moment the pieces meet the liquid. `ready` holds minutes from that moment at which the
 * meat is as wanted (10th, 50th, 90th percentile).
 */
export function layOutDay(options: {
  readonly serveMs: number;
  readonly intoPotMs: number;
  readonly ready: { readonly p10: number; readonly p50: number; readonly p90: number };
  readonly work: WorkMinutes;
  readonly oven: boolean;
  readonly heatLabel: string;
  readonly target: TargetStage;
  /** When the pieces are turned, min; undefined if they need not be. */
  readonly turnAtMin: number | undefined;
}): Day {
  const { serveMs, intoPotMs, ready, work, oven, heatLabel } = options;
  const liquidStart = plus(intoPotMs, -work.liquid);
  const baseStart = plus(liquidStart, -work.base);
  const searStart = plus(baseStart, -work.sear);
  const prepStart = plus(searStart, -work.prep);
  const finishStart = plus(serveMs, -(work.plate + work.finish));
  const tenderMs = Math.min(plus(intoPotMs, ready.p50), finishStart);
  const spans: DaySpan[] = [
    { id: 'prep', label: 'prepare', kind: 'hands', fromMs: prepStart, toMs: searStart },
    { id: 'sear', label: 'sear', kind: 'hands', fromMs: searStart, toMs: baseStart },
    { id: 'base', label: 'base', kind: 'hands', fromMs: baseStart, toMs: liquidStart },
    { id: 'liquid', label: 'liquid', kind: 'hands', fromMs: liquidStart, toMs: intoPotMs },
    { id: 'braise', label: heatLabel, kind: 'heat', fromMs: intoPotMs, toMs: tenderMs },
    { id: 'hold', label: 'in hand', kind: 'wait', fromMs: tenderMs, toMs: finishStart },
    { id: 'finish', label: 'strain, reduce', kind: 'hands', fromMs: finishStart, toMs: plus(serveMs, -work.plate) },
    { id: 'plate', label: 'plate', kind: 'serve', fromMs: plus(serveMs, -work.plate), toMs: serveMs },
  ];
  return {
    spans: spans.filter((s) => s.toMs > s.fromMs),
    marks: dayMarks(intoPotMs, ready, oven, options.turnAtMin, searStart),
    startMs: prepStart,
    lightBurnerMs: searStart,
    intoPotMs,
    target: options.target,
    ready: {
      p10Ms: plus(intoPotMs, ready.p10),
      p50Ms: plus(intoPotMs, ready.p50),
      p90Ms: plus(intoPotMs, ready.p90),
    },
    serveMs,
    handsOnMinutes: work.prep + work.sear + work.base + work.liquid + work.finish + work.plate,
  };
}

function dayMarks(
  intoPotMs: number,
  ready: { readonly p10: number; readonly p50: number },
  oven: boolean,
  turnAtMin: number | undefined,
  searStart: number,
): DayMark[] {
  const marks: DayMark[] = [];
  if (oven) {
    marks.push({
      id: 'oven',
      kind: 'oven',
      label: 'oven on',
      atMs: Math.max(searStart, plus(intoPotMs, -OVEN_WARM_MIN)),
      why: 'A cold oven costs about eight minutes of braising.',
    });
  }
  const half = turnAtMin ?? ready.p50 / 2;
  if (!oven) {
    marks.push({
      id: 'simmer',
      kind: 'look',
      label: 'bubbles',
      atMs: plus(intoPotMs, 15),
      why: 'On the stove the flame settles in the first quarter hour: lazy bubbles, no more.',
    });
  }
  marks.push({
    id: 'half',
    kind: turnAtMin !== undefined ? 'turn' : 'look',
    label: turnAtMin !== undefined ? 'turn' : 'level',
    atMs: plus(intoPotMs, half),
    why:
      turnAtMin !== undefined
        ? 'What stands out of the liquid cooks slower and dries; turned at half time it evens out.'
        : 'Half way: see that the liquid stands where it should.',
  });
  marks.push({
    id: 'test1',
    kind: 'test',
    label: 'fork test',
    atMs: plus(intoPotMs, Math.max(ready.p10, half + 15)),
    why: 'One kitchen in ten is ready by now: the first test that can pay for the heat it costs.',
  });
  if (ready.p50 - ready.p10 > 15) {
    marks.push({
      id: 'test2',
      kind: 'test',
      label: 'fork test',
      atMs: plus(intoPotMs, ready.p50),
      why: 'The middle of the forecast.',
    });
  }
  return marks;
}
