import { type CookState, eventsOf } from './state';
import { type LiveForecast } from './live';
import { readyEta } from '../forecast';
import { WATER_KG_PER_L } from '../heat';
import {
  type CoolingWay,
  coolingWays,
  courseAt,
  type Held,
  keepWarmMethods,
  type HoldMethod,
  potInFridge,
  reaches,
} from '../keep';
import { type Plan, potContents } from '../plan';
import { type Stage, stageIndex, STAGES, TARGETS, type TargetStage } from '../tenderness';
import { HOUR_MS, MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS, type CoolingLimit } from '../safety';

/** Off the heat a pot of braise is about so hot, °C. */
export const OFF_HEAT_C = 95;
/** What is left in the pot after a meal has come down to about this, °C: on the safe side. */
const AFTER_MEAL_C = 85;
/** So long after a meal what is left of it may still be cooled and kept, ms; after that it is not any more. */
export const LEFTOVER_RESCUE_MS = 12 * HOUR_MS;
/** Worked out anew when the pot has changed by this much, l, or the plate has moved by this, min. */
const STEP_L = 0.1;
const STEP_MIN = 5;
const STEP_C = 2;
/** Courses are worked out so far ahead, and where that is not enough so far, min. */
const SHORT_MIN = 240;
const LONG_MIN = 480;

const held = new WeakMap<Plan, Map<string, readonly Held[]>>();
const cooled = new WeakMap<Plan, Map<string, CoolingNow>>();

function cached<T>(store: WeakMap<Plan, Map<string, T>>, plan: Plan, key: string, make: () => T): T {
  const known = store.get(plan) ?? new Map<string, T>();
  store.set(plan, known);
  const found = known.get(key) ?? make();
  known.set(key, found);
  return found;
}

/** The one that goes that way: every way is always there. */
function findByMethod<W, T extends { readonly way: W }>(ways: readonly T[], way: W): T {
  const found = ways.find((one) => one.way === way);
  if (!found) throw new Error('a way is missing');
  return found;
}

/** Liquid in whole tenths of a litre, kg. */
const tenthsKg = (litres: number): number => Math.max(STEP_L, Math.round(litres / STEP_L) * STEP_L) * WATER_KG_PER_L;

/** Ways to keep the pot of a plan warm for so long from `startC`, to the whole degree, by default that off the heat. */
export function holdWaysOf(plan: Plan, liquidL: number, minutes: number, startC = OFF_HEAT_C): readonly Held[] {
  const kg = tenthsKg(liquidL);
  const rounded = Math.max(STEP_MIN, Math.round(minutes / STEP_MIN) * STEP_MIN);
  const fromC = Math.round(startC);
  return cached(held, plan, `${String(kg)} ${String(rounded)} ${String(fromC)}`, () =>
    keepWarmMethods(potContents(plan), {
      liquidKg: kg,
      startC: fromC,
      minutes: rounded,
      hotC: SAFETY_LIMITS[plan.input.keeping.rule].hotC,
    }),
  );
}

/** The same for the pot as it really stands. */
export const holdWaysNow = (plan: Plan, live: LiveForecast, minutes: number, startC?: number): readonly Held[] =>
  holdWaysOf(plan, live.finished.liquidL, minutes, startC);

/** How the pot is being kept warm. */
export interface HoldNow {
  /** As the cook said; under its lid where nothing was said. */
  readonly way: HoldMethod;
  readonly said: boolean;
  readonly sinceMs: number;
  /** By the estimate, now. */
  readonly tempC: number;
  /** When it will be under the limit for food kept hot; null where it never is. */
  readonly coldMs: number | null;
  readonly limitC: number;
}

/** Where a pot that was taken off the heat has come to. */
interface Standing {
  readonly way: HoldMethod;
  readonly sinceMs: number;
  /** The course it is on, and how far along it, min. */
  readonly on: Held;
  readonly atMin: number;
  readonly tempC: number;
  /** When it went under the limit, or will; null where it never does. */
  readonly coldMs: number | null;
  /** Cook value the slowest quarter has gained since then, min at 95 °C. */
  readonly gained: number;
}

/** From when on a pot is followed, and how hot it was then. */
interface From {
  readonly ms: number;
  readonly tempC: number;
}

/** From when on what is in the pot only stands: since the heat, or what is left of a meal since it was served. */
function coolingStartsAt({ offHeatMs, servedMs }: CookState): From | undefined {
  if (servedMs !== undefined) return { ms: servedMs, tempC: AFTER_MEAL_C };
  return offHeatMs === undefined ? undefined : { ms: offHeatMs, tempC: OFF_HEAT_C };
}

/** Cook value the slowest quarter gains between two points of a course, min at 95 °C. */
const gainedBetween = ({ course }: Held, fromMin: number, toMin: number): number =>
  Math.max(...course.gained.map((g) => courseAt(course, g, toMin) - courseAt(course, g, fromMin)));

/**
 * Follows the pot through every way it was said to be kept in: each goes on from where the last one brought it, or from what
 * was measured. Under the limit once, it stays so until it is measured over it: being put somewhere hot does not make it hot.
 */
function standing(
  plan: Plan,
  state: CookState,
  live: LiveForecast,
  from: From,
  nowMs: number,
  limitC: number = SAFETY_LIMITS[plan.input.keeping.rule].hotC,
): Standing {
  const isRest = state.servedMs === from.ms;
  const said = eventsOf(state.events, 'hold')
    // How the whole pot was kept says nothing of what is left of it.
    .filter(({ atMs }) => !isRest || atMs > from.ms)
    .map(({ act, atMs }) => ({ ...act, fromMs: Math.max(atMs, from.ms) }));
  const kept = [{ way: 'lid' as HoldMethod, tempC: from.tempC, fromMs: from.ms }, ...said];
  let { tempC } = from;
  let gained = 0;
  let coldMs: number | null = null;
  let now: Standing | undefined;
  for (const [i, { way, tempC: measuredC, fromMs }] of kept.entries()) {
    const startC = measuredC ?? tempC;
    if (measuredC !== undefined && measuredC >= limitC) coldMs = null;
    if (startC < limitC) coldMs ??= fromMs;
    const next = kept[i + 1]?.fromMs;
    const atMin = Math.max(0, ((next ?? nowMs) - fromMs) / MINUTE_MS);
    const on = findByMethod(holdWaysNow(plan, live, atMin > SHORT_MIN ? LONG_MIN : SHORT_MIN, startC), way);
    const crossesMs = fromMs + reaches(on.course, 'liquidC', limitC, 'down') * MINUTE_MS;
    if (coldMs === null && Number.isFinite(crossesMs) && (next === undefined || crossesMs <= next)) coldMs = crossesMs;
    tempC = courseAt(on.course, on.course.liquidC, atMin);
    gained += gainedBetween(on, 0, atMin);
    now = { way, sinceMs: fromMs, on, atMin, tempC, coldMs, gained };
  }
  if (!now) throw new Error('a pot off the heat stands somewhere');
  return now;
}

/** Where the pot stands between the heat and the finish, or what is left of the meal after it; undefined on the heat. */
export function holdNow(plan: Plan, state: CookState, live: LiveForecast, nowMs: number): HoldNow | undefined {
  const from = coolingStartsAt(state);
  if (!from) return undefined;
  const { way, sinceMs, tempC, coldMs } = standing(plan, state, live, from, nowMs);
  return {
    way,
    said: state.hold !== undefined,
    sinceMs,
    tempC,
    coldMs,
    limitC: SAFETY_LIMITS[plan.input.keeping.rule].hotC,
  };
}

/** One way to keep it warm from now on, from where the pot has come to. */
export interface HoldAhead {
  readonly way: HoldMethod;
  /** Liquid when finishing begins, °C. */
  readonly atPlateC: number;
  /** Cook value the slowest quarter gains between the heat and then, min at 95 °C. */
  readonly gained: number;
  /**
   * When it will be under the limit for food kept hot, eight times in ten between the two; the moment it went under where it is
   * so already, whatever is done with it now; null where it never is.
   */
  readonly cold: { readonly lowMs: number; readonly midMs: number; readonly highMs: number } | null;
  /** The oven's setting, °C, or what a flame has to give, W; null elsewhere. */
  readonly setting: number | null;
  /** Its temperature by the clock, °C: as it was, for the way it is kept; from now on for the others. */
  readonly points: readonly (readonly [atMs: number, tempC: number])[];
}

const POINTS_EVERY_STEPS = 30;

/** What each way of keeping it warm comes to by `untilMs`; empty on the heat. */
export function holdAhead(
  plan: Plan,
  state: CookState,
  live: LiveForecast,
  nowMs: number,
  untilMs: number,
): readonly HoldAhead[] {
  const { offHeatMs } = state;
  if (offHeatMs === undefined) return [];
  const here = standing(plan, state, live, { ms: offHeatMs, tempC: OFF_HEAT_C }, nowMs);
  const leftMin = Math.max(0, (untilMs - nowMs) / MINUTE_MS);
  const isCold = here.coldMs !== null && here.coldMs < nowMs ? here.coldMs : undefined;
  return holdWaysNow(plan, live, leftMin > SHORT_MIN ? LONG_MIN : SHORT_MIN, here.tempC).map((fromHere): HoldAhead => {
    const own = fromHere.way === here.way;
    const { course, safeMin, safeRange, way, setting } = own ? here.on : fromHere;
    const atMin = own ? here.atMin : 0;
    const onCourseMs = (minute: number): number => nowMs + (minute - atMin) * MINUTE_MS;
    return {
      way,
      atPlateC: courseAt(course, course.liquidC, atMin + leftMin),
      gained: here.gained + gainedBetween(own ? here.on : fromHere, atMin, atMin + leftMin),
      cold:
        isCold !== undefined
          ? { lowMs: isCold, midMs: isCold, highMs: isCold }
          : Number.isFinite(safeMin)
            ? { lowMs: onCourseMs(safeRange[0]), midMs: onCourseMs(safeMin), highMs: onCourseMs(safeRange[1]) }
            : null,
      setting,
      points: Array.from(course.minutes).flatMap((minute, n) => {
        const atMs = onCourseMs(minute);
        return n % POINTS_EVERY_STEPS === 0 ? [[atMs, course.liquidC[n] as number] as const] : [];
      }),
    };
  });
}

/** Where on the fork scale it will most likely stand after as much more as so many minutes at a simmer: never short of what was felt last. */
export function donenessAfterHolding(state: CookState, live: LiveForecast, gainedMin: number): Stage {
  const { offHeatMs, intoPotMs } = state;
  const onHeatMin =
    offHeatMs === undefined || intoPotMs === undefined ? 0 : (offHeatMs - intoPotMs) / MINUTE_MS + gainedMin;
  return stageAfter(state, live, onHeatMin);
}

/** Where on the fork scale it most likely stands so many minutes after it went into the pot: never short of what was felt last. */
export function stageAfter(state: CookState, live: LiveForecast, minutes: number): Stage {
  const felt = eventsOf(state.events, 'fork').at(-1);
  return stageBy(live.forecast, minutes, felt ? stageIndex(felt.act.stage) : 0);
}

/** The same for a braise that is only planned: it comes off the heat when it is most likely as wanted. */
export const stageKeptPlanned = ({ forecast }: Plan, gainedMin: number): Stage =>
  stageBy(forecast, readyEta(forecast).p50 + gainedMin, stageIndex(forecast.target));

/** The stage most likely come to after so many minutes, and no earlier one than that of `atLeast`. */
function stageBy({ etas }: LiveForecast['forecast'], minutes: number, atLeast: number): Stage {
  const likely = etas
    .filter((eta) => Number.isFinite(eta.p50) && eta.p50 <= minutes)
    .map((eta) => stageIndex(eta.stage));
  return STAGES[Math.max(atLeast, ...likely)] as Stage;
}

/** Whether a stage is beyond what was wanted. */
export const isTooFar = (stage: Stage, target: TargetStage): boolean =>
  stageIndex(stage) >= stageIndex(TARGETS[target].until);

/** Ways to get the pot cold, and what a hot pot does to the fridge. */
export interface CoolingNow {
  readonly limit: CoolingLimit;
  readonly startC: number;
  readonly ways: readonly CoolingWay[];
  /** Air and other food in the fridge if the pot went in as it is, °C, and how long the food is over five degrees, min. */
  readonly fridge: { readonly airC: number; readonly foodC: number; readonly overMin: number };
  readonly iceKg: number;
}

/**
 * How what is in the pot cools from when it was begun, or would from now on, counted for all of it: less of it cools sooner.
 * What it lost and how long it was warm while it stood are counted.
 */
export function coolingNow(plan: Plan, state: CookState, live: LiveForecast, nowMs: number): CoolingNow {
  const kg = tenthsKg(live.finished.liquidL);
  const { rule, boxMm } = plan.input.keeping;
  const limit = SAFETY_LIMITS[rule];
  const beginsMs = state.cooling?.atMs ?? nowMs;
  const from = coolingStartsAt(state);
  const stood = from && standing(plan, state, live, from, beginsMs, limit.fromC);
  const startC = Math.min(from?.tempC ?? OFF_HEAT_C, Math.ceil((stood?.tempC ?? OFF_HEAT_C) / STEP_C) * STEP_C);
  const underMs = stood?.coldMs == null ? 0 : Math.max(0, beginsMs - stood.coldMs);
  const underMin = Math.ceil(underMs / MINUTE_MS / STEP_MIN) * STEP_MIN;
  return cached(cooled, plan, `${String(kg)} ${String(startC)} ${String(underMin)}`, () => {
    const contents = potContents(plan);
    const { ways, iceKg } = coolingWays(contents, { liquidKg: kg, startC, boxMm, limit, underMin });
    const fridge = potInFridge(contents, kg, startC);
    return {
      limit,
      startC,
      ways,
      iceKg,
      fridge: { airC: fridge.airPeakC, foodC: fridge.foodPeakC, overMin: fridge.foodOver5Min },
    };
  });
}

/** The clock of what cools: when it has to be warm and cold by the local limit, and when it likely will be. */
export interface CoolingClock {
  readonly limit: CoolingLimit;
  /** The hottest spot passes where the clock starts. */
  readonly startsMs: number;
  readonly warmByMs: number | null;
  readonly coldByMs: number;
  /** When it likely is warm and cold, from what was measured last; Infinity where it never is. */
  readonly warmMs: number;
  readonly coldMs: number;
  /** It was measured to be. */
  readonly isWarm: boolean;
  readonly isCold: boolean;
  readonly safe: boolean;
}

/** When a course of cooling comes down to so much, min; undefined where it does not. */
function downTo(points: CoolingWay['points'], tempC: number): number | undefined {
  const n = points.findIndex(([, t]) => t <= tempC);
  const [here, before] = [points[n], points[n - 1]];
  if (!here) return undefined;
  if (!before || before[1] <= here[1]) return here[0];
  return before[0] + ((before[1] - tempC) / (before[1] - here[1])) * (here[0] - before[0]);
}

/** The clock of what cools; undefined until cooling has begun, and once it is put away. */
export function coolingClock(plan: Plan, state: CookState, live: LiveForecast): CoolingClock | undefined {
  const { cooling } = state;
  if (!cooling) return undefined;
  const now = coolingNow(plan, state, live, cooling.atMs);
  const way = findByMethod(now.ways, cooling.way);
  const { fromC, warm, cold } = now.limit;
  const read = eventsOf(state.events, 'cooled').findLast((e) => e.atMs >= cooling.atMs);
  const tempC = read?.act.tempC ?? Infinity;
  const at = (min: number): number => cooling.atMs + min * MINUTE_MS;
  // Measured, the course goes on from there, sooner or later than it was thought to.
  const stands = read && downTo(way.points, tempC);
  const byMs = read && stands !== undefined ? read.atMs - at(stands) : 0;
  const startsMs =
    read && tempC > fromC
      ? Math.max(at(way.clockMin) + byMs, read.atMs)
      : way.clockMin <= 0
        ? at(way.clockMin)
        : read
          ? Math.max(cooling.atMs, Math.min(at(way.clockMin) + byMs, read.atMs))
          : at(way.clockMin);
  const comesTo = (isThere: boolean, min: number): number => {
    const likely = at(way.clockMin + min) + byMs;
    return isThere && read ? Math.min(likely, read.atMs) : Math.max(likely, read?.atMs ?? 0);
  };
  const isWarm = warm !== null && tempC <= warm.tempC;
  const isCold = tempC <= cold.tempC;
  const warmByMs = warm ? startsMs + warm.min * MINUTE_MS : null;
  const coldByMs = startsMs + cold.min * MINUTE_MS;
  const [warmMs, coldMs] = [comesTo(isWarm, way.warmMin), comesTo(isCold, way.coldMin)];
  return {
    limit: now.limit,
    startsMs,
    warmByMs,
    coldByMs,
    warmMs,
    coldMs,
    isWarm,
    isCold,
    safe: coldMs <= coldByMs && (warmByMs === null || warmMs <= warmByMs),
  };
}
