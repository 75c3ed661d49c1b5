import { type ScheduledTask, type Resources } from './solve';
import { type MinutesRange } from './workTime';
import { type Reserve } from './tasks';
import { type DayPlan } from './segments';
import { type Message } from '../message';
import { type TargetDoneness } from '../tenderness';
import { type LockedTask } from '../choices';
import { MINUTE_MS } from '../quantity';

/** A stretch of the day. `hands` needs a person; `heat` works alone; `wait` is spare time. Times in ms since 1970. */
export interface DaySpan {
  readonly id: string;
  readonly label: Message;
  readonly kind: 'hands' | 'heat' | 'wait' | 'serve';
  /** What is done in it, if the label names only the dish. */
  readonly doing?: Message;
  readonly fromMs: number;
  readonly toMs: number;
}

/** A scheduled task. */
export interface DayTask {
  readonly id: string;
  readonly label: Message;
  readonly place: ScheduledTask['task']['place'];
  /** Its side dish; undefined for the braise's own tasks. */
  readonly sideId: string | undefined;
  /** What is done, if the label names the dish too. */
  readonly doing: Message | undefined;
  /** Which burner, from 1; undefined elsewhere. */
  readonly burner: number | undefined;
  readonly handsMinutes: number;
  /** 80% range of its length, min; for the braise, from the forecast. */
  readonly rangeMin: MinutesRange;
  readonly fromMs: number;
  readonly toMs: number;
  /** One piece, or several if it is interrupted. */
  readonly pieces: readonly { readonly fromMs: number; readonly toMs: number }[];
}

/** A conflict: which task, when, and why. */
export interface DayConflict {
  readonly task: string;
  readonly atMs: number;
  readonly says: Message;
}

/** The whole day from the first act to serving, scheduled backwards. */
export interface Day {
  /** The braise itself, in order. */
  readonly spans: readonly DaySpan[];
  /** What goes on alongside: chopping during waits, side dishes. */
  readonly beside: readonly DaySpan[];
  readonly tasks: readonly DayTask[];
  readonly marks: readonly DayMark[];
  readonly startMs: number;
  readonly intoPotMs: number;
  /** Latest time the pot can come off the heat for everything that follows. */
  readonly offHeatByMs: number;
  /** The wanted doneness, and when it is reached. */
  readonly target: TargetDoneness;
  readonly ready: { readonly p10Ms: number; readonly p50Ms: number; readonly p90Ms: number };
  readonly serveMs: number;
  readonly handsOnMinutes: number;
  /** 80% range of hands-on minutes. */
  readonly handsOnRangeMin: MinutesRange;
  readonly reserve: Reserve;
  /** Tasks locked to a time, as far as possible. */
  readonly fixed: readonly string[];
  readonly conflicts: readonly DayConflict[];
}

export const MIN = MINUTE_MS;

export const plus = (ms: number, minutes: number): number => ms + minutes * MIN;

export interface DayInput {
  readonly serveMs: number;
  /** When the meat is as wanted: 10th, 50th, 90th percentile, min after the meat met the liquid. */
  readonly ready: { readonly p10: number; readonly p50: number; readonly p90: number };
  readonly work: DayPlan;
  readonly target: TargetDoneness;
  /** When the pieces are turned, min; undefined if not needed. */
  readonly turnAtMin: number | undefined;
  /** Hot liquid to add before the pot gets low, l; undefined if it never does. */
  readonly topUp: { readonly atMin: number; readonly litres: number } | undefined;
  readonly resources: Resources;
  /** Tasks the cook has locked, first come first served. */
  readonly fixed: readonly LockedTask[];
}

/** A moment on the way: something to do or check. */
export interface DayMark {
  readonly id: string;
  readonly kind: 'look' | 'turn' | 'test' | 'add' | 'oven' | 'heat';
  readonly label: Message;
  readonly atMs: number;
  readonly why: Message;
}
