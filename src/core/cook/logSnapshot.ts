import { type LearnedUnknown, type Update, type ReadyMinutes } from './learning';
import { type SauceNow } from './sauceNow';
import { type CookState } from './state';
import { type Forecast, type ScaleBand } from '../forecast';
import { type Figure } from '../message';
import { hashOf } from '../numbers';
import { finishedFigures, type Plan } from '../plan';
import { type Day } from '../schedule';

/** What stands in the place of a moment that does not come, or of a difference of two such. */
type Maybe = number | null;

/** When it happened, or later, for what was not kept then. */
type WorkedOutWhen = 'then' | 'later';

/** What one record did to the forecast, as it was worked out when it was recorded. */
export interface KeptLesson {
  readonly eventId: string;
  /** Tells this record after just those before it from the same after others. */
  readonly after: string;
  /** Version of the model that worked it out. */
  readonly model: number;
  readonly workedOut: WorkedOutWhen;
  readonly shiftMin: Maybe;
  readonly widthMin: Maybe;
  readonly about: LearnedUnknown | null;
  readonly readyMin: { readonly p10: Maybe; readonly p50: Maybe; readonly p90: Maybe };
}

/** The plan of a braise as it stood when its meat went in, as much as its log needs. */
export interface PlannedSnapshot {
  readonly model: number;
  readonly workedOut: WorkedOutWhen;
  readonly day: Pick<Day, 'spans' | 'ready' | 'target' | 'serveMs' | 'startMs' | 'intoPotMs' | 'offHeatByMs'>;
  /** What was to be in the finished pot. */
  readonly figures: readonly Figure[];
}

/**
 * What is kept of a braise for its log, in codes and SI: its plan, what every record did to the forecast, and the forecast
 * after the last. About 4 kB, and 300 bytes a record.
 */
export interface LogSnapshot {
  readonly planned: PlannedSnapshot;
  readonly lessons: readonly KeptLesson[];
  /** Where the forecast ended up on the fork scale, and by which model. */
  readonly band: ScaleBand;
  readonly bandModel: number;
  /** Tells the records it speaks of from any others. */
  readonly after: string;
  /** The sauce as it went to the table; null until it did, and where that was not kept then. */
  readonly sauce: KeptSauce | null;
}

/** A sauce as it went to the table, by its records, with its salt from the first pinch to the last. */
export type KeptSauce = Pick<SauceNow, 'sauce' | 'measured' | 'saltFloorL' | 'salt' | 'inMeatG'>;

/** What was worked out of a braise's records, and by which model. */
interface WorkedOut {
  readonly forecast: Pick<Forecast, 'band'>;
  readonly sauce: KeptSauce | null;
  readonly lessons: readonly Update[];
  readonly model: number;
  readonly when: WorkedOutWhen;
}

const maybe = (value: number): Maybe => (Number.isFinite(value) ? value : null);
const thousandths = (values: readonly number[]): number[] => values.map((v) => Math.round(v * 1000) / 1000);

/** A mark of every standing record after those before it, in their order; before them one of the pot itself. */
function marks(state: CookState): readonly string[] {
  let before = String(state.intoPotMs ?? 0);
  const after = state.events.map((e) => (before = hashOf(`${before}:${e.id}@${String(e.atMs)}`).toString(36)));
  return [String(state.intoPotMs ?? 0), ...after];
}

/** Tells a braise's standing records from any others, as an account does. */
export function recordsMark(state: CookState): string {
  return marks(state).at(-1) ?? '';
}

function keptLesson(lesson: Update, after: string, { model, when }: Pick<WorkedOut, 'model' | 'when'>): KeptLesson {
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

/** A plan as its log keeps it. */
function plannedAccount(plan: Plan, workedOut: WorkedOutWhen): PlannedSnapshot {
  const { spans, ready, target, serveMs, startMs, intoPotMs, offHeatByMs } = plan.day;
  return {
    model: plan.version,
    workedOut,
    day: { spans, ready, target, serveMs, startMs, intoPotMs, offHeatByMs },
    figures: finishedFigures(plan),
  };
}

/**
 * The account of a braise as it now stands. What was worked out before of the same records after the same others stays as it
 * was, whatever the model has become since; so does the plan.
 */
export function logSnapshot(
  known: LogSnapshot | undefined,
  plan: Plan,
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

/** Whether something of an account was worked out afterwards, not when it happened. */
export function isLate({ planned, lessons }: LogSnapshot): boolean {
  return [planned, ...lessons].some((part) => part.workedOut === 'later');
}

/** When the meat would be as wanted after a record, as it was forecast then. */
export function keptReady({ readyMin }: KeptLesson): ReadyMinutes {
  return { p10: unkept(readyMin.p10), p50: unkept(readyMin.p50), p90: unkept(readyMin.p90) };
}
