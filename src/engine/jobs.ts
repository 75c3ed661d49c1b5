import { type DemoCook, demoScene } from './demo/scene';
import { type KeptAccount, keptAccount } from './keptAccount';
import { cookView, isBehind, planFor, planOf, UnplannableError, type ViewedCook } from './views';
import { begunPlanText } from '../contract/kept/begunPlan';
import { toWire } from '../contract/wire';
import { type PlanInput } from '../core/choices';
import { type LogSnapshot, type BoxWarmed, type CookView, reheatBox } from '../core/cook';
import { type Message } from '../core/message';
import { type Pot } from '../core/larder';
import { composePlan, makePlan, type Outlook, planOutlook, type PlanResult } from '../core/plan';

/** What is worked out of a kept braise, or why it cannot be any more. */
export type Worked<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly why: Message };

function worked<T>(work: () => T): Worked<T> {
  try {
    return { ok: true, value: work() };
  } catch (error) {
    if (error instanceof UnplannableError) return { ok: false, why: error.says };
    throw error;
  }
}

/** A box of one weight, and how it is warmed. */
export interface WarmedBox extends BoxWarmed {
  readonly grams: number;
}

/** How long a braise of many records has a worker for itself, ms. */
const ONE_TURN_MS = 1500;

/** Everything heavy the server asks for; none of it runs on the server's own thread. */
export const JOBS = {
  /** The plan for an input, from memory where it was worked out before. */
  plan: (input: PlanInput): PlanResult => planFor(input),
  /** What an input comes to at a moment in a kitchen with these pots, as the plan's page opens with it. */
  outlook: (input: PlanInput, nowMs: number, pots: readonly Pot[]): Outlook =>
    planOutlook(input, { nowMs, pots, how: 'full' }),
  /** Whether an input can be planned: the plan with few particles. */
  trial: (input: PlanInput): PlanResult => composePlan(input, 64),
  /** The plan for a bench sheet, which stays readable when the hour to begin has passed. */
  sheet: (input: PlanInput): PlanResult => makePlan(input, { nowMs: 0 }),
  /** Follows a cook's records for a moment, so that others have their turn; says whether more are still to be followed. */
  behind: (cook: ViewedCook): Worked<boolean> => worked(() => isBehind(cook, ONE_TURN_MS)),
  /** A cook as a screen shows it at a moment. */
  view: (cook: ViewedCook, nowMs: number): Worked<CookView> => worked(() => cookView(cook, nowMs)),
  /** Its forecast as the text that goes over a stream. */
  liveText: (cook: ViewedCook, nowMs: number): Worked<string> => worked(() => toWire(cookView(cook, nowMs).live)),
  /** The plan for an input as text that is kept while a braise is under way. */
  begunPlan: (input: PlanInput): Worked<string> => worked(() => begunPlanText(planOf({ id: '', input, begun: null }))),
  /** What is kept of a braise for its log; what was kept before stays where the same was recorded. */
  account: (cook: ViewedCook, known: LogSnapshot | undefined, when: 'then' | 'later'): Worked<KeptAccount> =>
    worked(() => keptAccount(cook, known, when)),
  /** How a box of each of these weights is warmed again. */
  warmed: (input: PlanInput, grams: readonly number[]): readonly WarmedBox[] =>
    grams.map((g) => ({ grams: g, ...reheatBox({ input }, g) })),
  /** The demo kitchen's plans and braises, seen from a moment. */
  demo: (nowMs: number, timeZone: string): { readonly planned: PlanInput; readonly cooks: readonly DemoCook[] } =>
    demoScene(nowMs, timeZone),
} as const;

export type JobKind = keyof typeof JOBS;
export type JobInput<Kind extends JobKind> = Parameters<(typeof JOBS)[Kind]>;
export type JobResult<Kind extends JobKind> = ReturnType<(typeof JOBS)[Kind]>;
