import { readBegunPlan } from '../contract/kept/begunPlan';
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
import { composePlan, type Plan, type PlanResult } from '../core/plan';
import { MINUTE_MS } from '../core/quantity';

/** A cook's forecast after so many of its standing events. */
interface Followed {
  readonly after: number;
  /** Which events those were. */
  readonly key: string;
  readonly learning: Learning;
}

/**
 * What was worked out of late, so that a new record costs one step and taking one back none. Derived: may be dropped. Of the
 * steps of a cook only the first and the last are held: every one has hundreds of kitchens in it.
 */
interface Cache {
  readonly plans: Map<string, PlanResult>;
  readonly begun: Map<string, { readonly text: string; readonly plan: Plan | undefined }>;
  readonly steps: Map<string, readonly Followed[]>;
  readonly views: Map<string, { readonly key: string; readonly view: CookView }>;
}

declare global {
  var evenEmberForecasts: Cache | undefined;
}

/** So many are remembered: plans and views are small, steps are not. */
const MOST = { plans: 100, begun: 50, steps: 16, views: 50 } as const;
const LAST_STEPS = 2;

function cache(): Cache {
  globalThis.evenEmberForecasts ??= { plans: new Map(), begun: new Map(), steps: new Map(), views: new Map() };
  return globalThis.evenEmberForecasts;
}

function keep<T>(map: Map<string, T>, id: string, value: T, most: number): T {
  map.delete(id);
  map.set(id, value);
  for (const oldest of map.keys()) {
    if (map.size <= most) break;
    map.delete(oldest);
  }
  return value;
}

/** What of a cook its forecast goes by. */
export interface ViewedCook {
  readonly id: string;
  readonly planId: string | null;
  readonly input: PlanInput;
  readonly createdAtMs: number;
  readonly events: readonly CookEvent[];
  /** The plan it was begun with, as text of its version; null where it is planned anew. */
  readonly begun: { readonly text: string; readonly version: number } | null;
}

/** A kept braise that cannot be planned any more, and why. */
export class UnplannableError extends Error {
  constructor(readonly says: Message) {
    super(says.code);
  }
}

function readOrNone({ text, version }: NonNullable<ViewedCook['begun']>): Plan | undefined {
  try {
    return readBegunPlan(text, version);
  } catch {
    return undefined;
  }
}

/** The plan a cook was begun with, read from what was kept of it once; undefined where that cannot be read. */
function begunPlan(cookId: string, begun: NonNullable<ViewedCook['begun']>): Plan | undefined {
  const known = cache().begun.get(cookId);
  if (known?.text === begun.text) return known.plan;
  const plan = readOrNone(begun);
  return keep(cache().begun, cookId, { text: begun.text, plan }, MOST.begun).plan;
}

/**
 * The plan a cook was begun with, or planned anew where that was not kept or cannot be read. Throws `UnplannableError` where it cannot be
 * planned any more.
 */
export function planOf(cook: Pick<ViewedCook, 'id' | 'input' | 'begun'>): Plan {
  const begun = cook.begun && begunPlan(cook.id, cook.begun);
  if (begun) return begun;
  const result = planFor(cook.input);
  if (!result.ok) throw new UnplannableError(result.faults[0]?.says ?? say('fault.ours'));
  return result.plan;
}

/** The plan for an input, from memory when it has been worked out before. */
export function planFor(input: PlanInput): PlanResult {
  const key = JSON.stringify(input);
  return cache().plans.get(key) ?? keep(cache().plans, key, composePlan(input), MOST.plans);
}

/** Which standing events a forecast has heard of, told apart from any others. */
function keyOf(state: CookState, after: number): string {
  const told = state.events.slice(0, after).map((e) => `${e.id}@${String(e.atMs)}`);
  return `${String(state.intoPotMs ?? 0)}:${told.join(',')}`;
}

/**
 * Follows a cook's standing events, taking up where an earlier forecast with the same beginning left off, for no longer than
 * `forMs` and the step begun by then: undefined where it has not come to the end. What it came to is held.
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
    // Of a long way only the first step and the last are held, also while it is gone.
    if (steps.length > LAST_STEPS + 1) steps.splice(1, 1);
    if (performance.now() > untilMs) break;
  }
  keep(cache().steps, id, [first, ...steps.slice(1).slice(-LAST_STEPS)], MOST.steps);
  const last = steps.at(-1) ?? first;
  return last.after === state.events.length ? last.learning : undefined;
}

/** What all standing events of a cook have taught. */
export function learningOf({ id }: Pick<ViewedCook, 'id'>, state: CookState): Learning {
  return follow(id, state, Infinity) as Learning;
}

/**
 * Follows a cook's events for a while, and says whether more are still to be followed. Throws `UnplannableError` where its
 * plan cannot be planned any more: then there is nothing to follow.
 */
export function isBehind(cook: ViewedCook, forMs: number): boolean {
  planOf(cook);
  return follow(cook.id, reduceEvents(cook.input, cook.events), forMs) === undefined;
}

/** The cook as a screen shows it at `nowMs`. Throws `UnplannableError` where its plan cannot be planned any more. */
export function cookView(cook: ViewedCook, nowMs: number): CookView {
  // Within a minute a forecast says the same.
  const key = JSON.stringify([Math.floor(nowMs / MINUTE_MS), cook.planId, cook.events]);
  const known = cache().views.get(cook.id);
  if (known?.key === key) return known.view;
  const view = newView(cook, nowMs);
  keep(cache().views, cook.id, { key, view }, MOST.views);
  return view;
}

/** The lid the plan has on in the stage of heat that is on. */
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
