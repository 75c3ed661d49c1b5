import { type Message, say } from '../core/message';
import {
  type CookEvent,
  type CookState,
  type CookView,
  foldCook,
  type Learning,
  learnNothing,
  learnOne,
  liveForecast,
} from '../core/cook';
import { type PlanInput } from '../core/choices';
import { composePlan, type Plan, type PlanResult } from '../core/plan';

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
  readonly steps: Map<string, readonly Followed[]>;
  readonly views: Map<string, { readonly key: string; readonly view: CookView }>;
}

declare global {
  var evenEmberForecasts: Cache | undefined;
}

/** So many are remembered: plans and views are small, steps are not. */
const MOST = { plans: 100, steps: 16, views: 50 } as const;
const LAST_STEPS = 2;

function cache(): Cache {
  globalThis.evenEmberForecasts ??= { plans: new Map(), steps: new Map(), views: new Map() };
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
}

/** A kept braise that cannot be planned any more, and why. */
export class UnplannableError extends Error {
  constructor(readonly says: Message) {
    super(says.code);
  }
}

/** The plan a cook was started from, as it was then. Throws `UnplannableError` where it cannot be planned any more. */
export function planOf(cook: Pick<ViewedCook, 'input'>): Plan {
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

/** Follows a cook's standing events, taking up where an earlier forecast with the same beginning left off. */
function follow(cookId: string, state: CookState): Learning {
  const known = (cache().steps.get(cookId) ?? []).filter((s) => s.key === keyOf(state, s.after));
  const first = known[0] ?? { after: 0, key: keyOf(state, 0), learning: learnNothing(state.input) };
  const steps = known[0] ? [...known] : [first];
  for (let last = steps.at(-1) ?? first; last.after < state.events.length; last = steps.at(-1) ?? first) {
    const after = last.after + 1;
    const event = state.events[last.after] as CookState['events'][number];
    const learning = learnOne(last.learning, state, state.events.slice(0, after), event);
    steps.push({ after, key: keyOf(state, after), learning });
  }
  keep(cache().steps, cookId, [first, ...steps.slice(1).slice(-LAST_STEPS)], MOST.steps);
  return (steps.at(-1) ?? first).learning;
}

/** The cook as a screen shows it at `nowMs`. Throws `UnplannableError` where its plan cannot be planned any more. */
export function cookView(cook: ViewedCook, nowMs: number): CookView {
  // Within a minute a forecast says the same.
  const key = JSON.stringify([Math.floor(nowMs / 60_000), cook.planId, cook.events]);
  const known = cache().views.get(cook.id);
  if (known?.key === key) return known.view;
  const view = newView(cook, nowMs);
  keep(cache().views, cook.id, { key, view }, MOST.views);
  return view;
}

function newView(cook: ViewedCook, nowMs: number): CookView {
  const state = foldCook(cook.input, cook.events);
  const plan = planOf(cook);
  const startMs = state.intoPotMs ?? plan.day.intoPotMs;
  const minute = (ms: number): number => Math.max(0, (ms - startMs) / 60_000);
  return {
    id: cook.id,
    planId: cook.planId,
    plan,
    events: cook.events,
    live: liveForecast(follow(cook.id, state), plan.finishBy, {
      atMin: state.intoPotMs === undefined ? 0 : minute(state.offHeatMs ?? nowMs),
      readyByMin: minute(plan.day.offHeatByMs),
      heat: state.heat,
      cooking: state.phase === 'braising',
    }),
  };
}
