import { type UpdatedParameter, type Update, type ReadyMinutes } from './learning';
import { type SauceNow } from './sauceNow';
import { type CookState } from './state';
import { type Forecast, type ScaleBand } from '../forecast';
import { type Figure } from '../message';
import { hashOf } from '../numbers';
import { finishedFigures, type BegunPlan } from '../plan';
import { type Day } from '../schedule';

/** Stands for a time that never comes, or for the difference of two such times. */
type Maybe = number | null;

/** When it happened, or later, for what was not saved at the time. */
type WorkedOutWhen = 'then' | 'later';

/** What one record did to the forecast, as computed when it was recorded. */
export interface StoredUpdate {
  readonly eventId: string;
  /** Distinguishes this record after its predecessors from the same record after others. */
  readonly after: string;
  /** Version of the model that computed it. */
  readonly model: number;
  readonly workedOut: WorkedOutWhen;
  readonly shiftMin: Maybe;
  readonly widthMin: Maybe;
  readonly about: UpdatedParameter | null;
  readonly readyMin: { readonly p10: Maybe; readonly p50: Maybe; readonly p90: Maybe };
}

/** The plan of a braise as it was when the meat went in, as far as its log needs it. */
export interface PlannedSnapshot {
  readonly model: number;
  readonly workedOut: WorkedOutWhen;
  readonly day: Pick<Day, 'spans' | 'ready' | 'target' | 'serveMs' | 'startMs' | 'intoPotMs' | 'offHeatByMs'>;
  /** What was expected in the finished pot. */
  readonly figures: readonly Figure[];
}

/**
 * The frozen data of a log entry, in codes and SI: its plan, what every record did to the forecast, and the forecast
 * after the last. About 4 kB, plus 300 bytes per record.
 */
export interface LogSnapshot {
  readonly planned: PlannedSnapshot;
  readonly lessons: readonly StoredUpdate[];
  /** Where the forecast ended on the fork scale, and by which model version. */
  readonly band: ScaleBand;
  readonly bandModel: number;
  /** Fingerprint of the records it covers. */
  readonly after: string;
  /** The sauce as served; null before that, and in older snapshots. */
  readonly sauce: KeptSauce | null;
}

/** A sauce as served, from its records, with all its salt. */
export type KeptSauce = Pick<SauceNow, 'sauce' | 'measured' | 'saltFloorL' | 'salt' | 'inMeatG'>;

/** What was computed from a braise's records, and by which model version. */
interface WorkedOut {
  readonly forecast: Pick<Forecast, 'band'>;
  readonly sauce: KeptSauce | null;
  readonly lessons: readonly Update[];
  readonly model: number;
  readonly when: WorkedOutWhen;
}

const maybe = (value: number): Maybe => (Number.isFinite(value) ? value : null);
const thousandths = (values: readonly number[]): number[] => values.map((v) => Math.round(v * 1000) / 1000);

/** A fingerprint of every effective record after those before it, in order; the first one is of the pot itself. */
function marks(state: CookState): readonly string[] {
  let before = String(state.intoPotMs ?? 0);
  const after = state.events.map((e) => (before = hashOf(`${before}:${e.id}@${String(e.atMs)}`).toString(36)));
  return [String(state.intoPotMs ?? 0), ...after];
}

/** Fingerprint of a braise's effective records, as stored in a snapshot. */
export function recordsMark(state: CookState): string {
  return marks(state).at(-1) ?? '';
}

function keptLesson(lesson: Update, after: string, { model, when }: Pick<WorkedOut, 'model' | 'when'>): StoredUpdate {
  const { p10, p50, p90 } = lesson.ready;
  return {
    eventId: lesson.eventId,
    after,
    model,
    workedOut: when,
    shiftMin: maybe(lesson.shiftMin),
    widthMin: maybe(lesson.widthMin),
    about: lesson.about ?? null,
    readyMin: { p10: maybe(p10), p50: maybe(p50), p90: maybe(p90) },
  };
}

/** A plan as saved for its log. */
function plannedAccount(plan: BegunPlan, workedOut: WorkedOutWhen): PlannedSnapshot {
  const { spans, ready, target, serveMs, startMs, intoPotMs, offHeatByMs } = plan.day;
  return {
    model: plan.version,
    workedOut,
    day: { spans, ready, target, serveMs, startMs, intoPotMs, offHeatByMs },
    figures: finishedFigures(plan),
  };
}

/**
 * The log snapshot of a braise now. Anything computed earlier from the same records after the same predecessors stays
 * as it was, whatever the model has become since; so does the plan.
 */
export function logSnapshot(
  known: LogSnapshot | undefined,
  plan: BegunPlan,
  state: CookState,
  worked: WorkedOut,
): LogSnapshot {
  const all = marks(state);
  const markOf = (eventId: string): string => all[state.events.findIndex((e) => e.id === eventId) + 1] ?? '';
  const { band } = worked.forecast;
  const before = new Map(known?.lessons.map((l) => [l.after, l]));
  return {
    planned: known?.planned ?? plannedAccount(plan, worked.when),
    lessons: worked.lessons.map((lesson) => {
      const after = markOf(lesson.eventId);
      return before.get(after) ?? keptLesson(lesson, after, worked);
    }),
    band: {
      minutes: thousandths(band.minutes),
      p10: thousandths(band.p10),
      p50: thousandths(band.p50),
      p90: thousandths(band.p90),
    },
    bandModel: worked.model,
    after: all.at(-1) ?? '',
    sauce: worked.sauce,
  };
}

const unkept = (value: Maybe): number => value ?? Infinity;

/** Whether part of a snapshot was computed afterwards rather than when it happened. */
export function isLate({ planned, lessons }: LogSnapshot): boolean {
  return [planned, ...lessons].some((part) => part.workedOut === 'later');
}

/** When the meat would be as wanted after a record, as forecast then. */
export function keptReady({ readyMin }: StoredUpdate): ReadyMinutes {
  return { p10: unkept(readyMin.p10), p50: unkept(readyMin.p50), p90: unkept(readyMin.p90) };
}
