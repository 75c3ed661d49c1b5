import { type DemoCook, demoScene } from './demo/scene';
import { type SavedSnapshot, savedSnapshot } from './savedSnapshot';
import { cookView, isBehind, planFor, planOf, UnplannableError, type ViewedCook } from './views';
import { planAtStartText } from '../contract/stored/planAtStart';
import { toWire } from '../contract/wire';
import { type PlanInput } from '../core/choices';
import { type LogSnapshot, type BoxReheating, type CookView, reheatBox } from '../core/cook';
import { type Message } from '../core/message';
import { type Pot } from '../core/larder';
import { composePlan, makePlan, type Outlook, planOutlook, type PlanResult } from '../core/plan';

/** What is computed for a saved braise, or why it no longer can be. */
export type Worked<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly why: Message };

function worked<T>(work: () => T): Worked<T> {
  try {
    return { ok: true, value: work() };
  } catch (error) {
    if (error instanceof UnplannableError) return { ok: false, why: error.says };
    throw error;
  }
}

/** A box of one weight, and how it is reheated. */
export interface WarmedBox extends BoxReheating {
  readonly grams: number;
}

/** How long a braise of many records may occupy a worker, ms. */
const ONE_TURN_MS = 1500;

/** Every heavy computation of the server; none of it runs on the server's own thread. */
export const JOBS = {
  /** The plan for an input, cached. */
  plan: (input: PlanInput): PlanResult => planFor(input),
  /** The result for an input now in a kitchen with these pots, for the plan page. */
  outlook: (input: PlanInput, nowMs: number, pots: readonly Pot[]): Outlook =>
    planOutlook(input, { nowMs, pots, how: 'full' }),
  /** Whether an input can be planned: the plan with few particles. */
  trial: (input: PlanInput): PlanResult => composePlan(input, 64),
  /** The plan for a prep sheet, which stays readable after its start has passed. */
  sheet: (input: PlanInput): PlanResult => makePlan(input, { nowMs: 0 }),
  /** Follows a braise's records for a while, so that others get their turn; returns whether more are left. */
  behind: (cook: ViewedCook): Worked<boolean> => worked(() => isBehind(cook, ONE_TURN_MS)),
  /** A braise as a screen shows it at a moment. */
  view: (cook: ViewedCook, nowMs: number): Worked<CookView> => worked(() => cookView(cook, nowMs)),
  /** Its forecast as text for the stream. */
  liveText: (cook: ViewedCook, nowMs: number): Worked<string> => worked(() => toWire(cookView(cook, nowMs).live)),
  /** The plan for an input as text, saved while a braise is under way. */
  begunPlan: (input: PlanInput): Worked<string> =>
    worked(() => planAtStartText(planOf({ id: '', input, begun: null }))),
  /** The log snapshot of a braise; earlier results stay where the records are the same. */
  account: (cook: ViewedCook, known: LogSnapshot | undefined, when: 'then' | 'later'): Worked<SavedSnapshot> =>
    worked(() => savedSnapshot(cook, known, when)),
  /** How a box of each of these weights is reheated. */
  warmed: (input: PlanInput, grams: readonly number[]): readonly WarmedBox[] =>
    grams.map((g) => ({ grams: g, ...reheatBox({ input }, g) })),
  /** The demo kitchen's plans and braises, seen from a moment. */
  demo: (nowMs: number, timeZone: string): { readonly planned: PlanInput; readonly braises: readonly DemoCook[] } =>
    demoScene(nowMs, timeZone),
} as const;

export type JobKind = keyof typeof JOBS;
export type JobInput<Kind extends JobKind> = Parameters<(typeof JOBS)[Kind]>;
export type JobResult<Kind extends JobKind> = ReturnType<(typeof JOBS)[Kind]>;
