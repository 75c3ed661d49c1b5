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

interface Followed {
  readonly key: string;
  readonly following: Learning;
}

/** Forecasts of recent cooks, step by step, so that a new record costs one step and an undo none. Derived: may be dropped. */
interface Cache {
  readonly plans: Map<string, PlanResult>;
  readonly steps: Map<string, Followed[]>;
}

declare global {
  var evenEmberForecasts: Cache | undefined;
}

const MOST_COOKS = 200;

function cache(): Cache {
  globalThis.evenEmberForecasts ??= { plans: new Map(), steps: new Map() };
  return globalThis.evenEmberForecasts;
}

function keep<T>(map: Map<string, T>, id: string, value: T): T {
  map.delete(id);
  map.set(id, value);
  for (const oldest of map.keys()) {
    if (map.size <= MOST_COOKS) break;
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
  return cache().plans.get(key) ?? keep(cache().plans, key, composePlan(input));
}

/** Follows a cook's standing events, taking up where an earlier forecast with the same beginning left off. */
function follow(cookId: string, state: CookState): Learning {
  const known = cache().steps.get(cookId) ?? [];
  const start = String(state.intoPotMs ?? 0);
  const keys = state.events.map(
    (_, i) =>
      `${start}:${state.events
        .slice(0, i + 1)
        .map((e) => `${e.id}@${String(e.atMs)}`)
        .join(',')}`,
  );
  const steps: Followed[] = known[0] ? [known[0]] : [{ key: '', following: learnNothing(state.input) }];
  state.events.forEach((event, i) => {
    const key = keys[i] as string;
    const cached = known[i + 1];
    const previous = steps[i] as Followed;
    steps.push(
      cached?.key === key
        ? cached
        : { key, following: learnOne(previous.following, state, state.events.slice(0, i + 1), event) },
    );
  });
  keep(cache().steps, cookId, steps);
  return (steps.at(-1) as Followed).following;
}

/** The cook as a screen shows it at `nowMs`. Throws `UnplannableError` where its plan cannot be planned any more. */
export function cookView(cook: ViewedCook, nowMs: number): CookView {
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
