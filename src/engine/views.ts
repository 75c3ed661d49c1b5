import { LRUCache } from 'lru-cache';
import { readPlanAtStart } from '../contract/stored/planAtStart';
import { type Message, say } from '../core/message';
import {
  type CookEvent,
  type CookState,
  type CookView,
  reduceEvents,
  type Learning,
  learnNothing,
  learnOne,
  liveForecast,
} from '../core/cook';
import { type LidKind } from '../core/larder';
import { type PlanInput } from '../core/choices';
import { composePlan, type BegunPlan, type PlanResult } from '../core/plan';
import { MINUTE_MS } from '../core/quantity';

/** A braise's forecast after some of its effective events. */
interface Followed {
  readonly after: number;
  /** Which events those were. */
  readonly key: string;
  readonly learning: Learning;
}

/** How many are cached: plans and views are small, steps are not. */
const MOST = { plans: 100, begun: 50, steps: 16, views: 50 } as const;
const LAST_STEPS = 2;

/**
 * What is worked out again when forgotten: adding a record is one incremental step; undo is free. Of each braise only
 * the first and last steps are held, since every step has hundreds of particles.
 */
const makeCache = () => ({
  plans: new LRUCache<string, PlanResult>({ max: MOST.plans }),
  begun: new LRUCache<string, { readonly text: string; readonly plan: BegunPlan | undefined }>({ max: MOST.begun }),
  steps: new LRUCache<string, readonly Followed[]>({ max: MOST.steps }),
  views: new LRUCache<string, { readonly key: string; readonly view: CookView }>({ max: MOST.views }),
});

declare global {
  var evenEmberForecasts: ReturnType<typeof makeCache> | undefined;
}

const cache = () => (globalThis.evenEmberForecasts ??= makeCache());

/** What a braise's forecast depends on. */
export interface ViewedCook {
  readonly id: string;
  readonly planId: string | null;
  readonly input: PlanInput;
  readonly createdAtMs: number;
  readonly events: readonly CookEvent[];
  /** The plan at start, as text of its version; null if it is planned anew. */
  readonly begun: { readonly text: string; readonly version: number } | null;
}

/** A saved braise that can no longer be planned, and why. */
export class UnplannableError extends Error {
  constructor(readonly says: Message) {
    super(says.code);
  }
}

/** A braise with what was promised at its start. */
type Begun = Pick<ViewedCook, 'id' | 'input'> & { readonly begun: NonNullable<ViewedCook['begun']> };

function readOrNone({ input, begun: { text, version } }: Begun): BegunPlan | undefined {
  try {
    return readPlanAtStart(text, version, input);
  } catch {
    return undefined;
  }
}

/** The saved plan a braise was started with, parsed once; undefined if it cannot be read. */
function planAtStart(braise: Begun): BegunPlan | undefined {
  const { text } = braise.begun;
  const known = cache().begun.get(braise.id);
  if (known?.text === text) return known.plan;
  const plan = readOrNone(braise);
  cache().begun.set(braise.id, { text, plan });
  return plan;
}

/**
 * The plan a braise was started with, or planned anew if that was not saved or cannot be read. Throws
 * `UnplannableError` if it can no longer be planned.
 */
export function planOf({ id, input, begun }: Pick<ViewedCook, 'id' | 'input' | 'begun'>): BegunPlan {
  const promised = begun && planAtStart({ id, input, begun });
  if (promised) return promised;
  const result = planFor(input);
  if (!result.ok) throw new UnplannableError(result.faults[0]?.says ?? say('fault.ours'));
  return result.plan;
}

/** The plan for an input, cached. */
export function planFor(input: PlanInput): PlanResult {
  const key = JSON.stringify(input);
  const known = cache().plans.get(key);
  if (known) return known;
  const made = composePlan(input);
  cache().plans.set(key, made);
  return made;
}

/** Fingerprint of the effective events a forecast has processed. */
function keyOf(state: CookState, after: number): string {
  const told = state.events.slice(0, after).map((e) => `${e.id}@${String(e.atMs)}`);
  return `${String(state.intoPotMs ?? 0)}:${told.join(',')}`;
}

/**
 * Follows a braise's effective events, continuing from an earlier forecast with the same beginning, for no longer than
 * `forMs` plus the step under way: undefined if it has not finished. The result is cached.
 */
function follow(id: string, state: CookState, forMs: number): Learning | undefined {
  const untilMs = performance.now() + forMs;
  const known = (cache().steps.get(id) ?? []).filter((s) => s.key === keyOf(state, s.after));
  const first = known[0] ?? { after: 0, key: keyOf(state, 0), learning: learnNothing(state.input) };
  const steps = known[0] ? [...known] : [first];
  for (let last = steps.at(-1) ?? first; last.after < state.events.length; last = steps.at(-1) ?? first) {
    const after = last.after + 1;
    const event = state.events[last.after] as CookState['events'][number];
    const learning = learnOne(last.learning, state, state.events.slice(0, after), event);
    steps.push({ after, key: keyOf(state, after), learning });
    // Of a long history only the first and last steps are held, also while it is being followed.
    if (steps.length > LAST_STEPS + 1) steps.splice(1, 1);
    if (performance.now() > untilMs) break;
  }
  cache().steps.set(id, [first, ...steps.slice(1).slice(-LAST_STEPS)]);
  const last = steps.at(-1) ?? first;
  return last.after === state.events.length ? last.learning : undefined;
}

/** What all effective events of a braise have taught. */
export function learningOf({ id }: Pick<ViewedCook, 'id'>, state: CookState): Learning {
  return follow(id, state, Infinity) as Learning;
}

/**
 * Follows a braise's events for a while, and returns whether more are left. Throws `UnplannableError` if its plan can
 * no longer be planned: then there is nothing to follow.
 */
export function isBehind(cook: ViewedCook, forMs: number): boolean {
  planOf(cook);
  return follow(cook.id, reduceEvents(cook.input, cook.events), forMs) === undefined;
}

/** The braise as a screen shows it at `nowMs`. Throws `UnplannableError` if its plan can no longer be planned. */
export function cookView(cook: ViewedCook, nowMs: number): CookView {
  // Within a minute a forecast stays the same.
  const key = JSON.stringify([Math.floor(nowMs / MINUTE_MS), cook.planId, cook.events]);
  const known = cache().views.get(cook.id);
  if (known?.key === key) return known.view;
  const view = newView(cook, nowMs);
  cache().views.set(cook.id, { key, view });
  return view;
}

/** The plan's lid in the present heat phase. */
function plannedLid({ input, stages, lid }: CookState): LidKind {
  return input.course[input.course.length - stages.length]?.lid ?? lid;
}

function newView(cook: ViewedCook, nowMs: number): CookView {
  const state = reduceEvents(cook.input, cook.events);
  const plan = planOf(cook);
  const startMs = state.intoPotMs ?? plan.day.intoPotMs;
  const minute = (ms: number): number => Math.max(0, (ms - startMs) / MINUTE_MS);
  return {
    id: cook.id,
    planId: cook.planId,
    plan,
    events: cook.events,
    live: liveForecast(learningOf(cook, state), plan.finishBy, {
      atMin: state.intoPotMs === undefined ? 0 : minute(state.offHeatMs ?? nowMs),
      readyByMin: minute(plan.day.offHeatByMs),
      heat: state.heat,
      lid: state.lid,
      plannedLid: plannedLid(state),
      cooking: state.phase === 'braising',
    }),
  };
}
