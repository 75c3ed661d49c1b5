import { type CookState, eventsOf } from './state';
import { type LiveForecast } from './live';
import { readyEta } from '../forecast';
import { WATER_KG_PER_L } from '../heat';
import {
  type CoolingWay,
  coolingWays,
  traceAt,
  type Held,
  keepWarmMethods,
  type HoldMethod,
  potInFridge,
  reaches,
} from '../storage';
import { type BegunPlan, contentsForStorage } from '../plan';
import { type Doneness, donenessIndex, DONENESS_STAGES, TARGETS, type TargetDoneness } from '../tenderness';
import { HOUR_MS, MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS, type CoolingLimit } from '../safety';

/** Temperature of a braise just off the heat, °C. */
export const OFF_HEAT_C = 95;
/** Temperature of leftovers after a meal, °C: estimated on the safe side. */
const AFTER_MEAL_C = 85;
/** How long after a meal leftovers may still be cooled and stored, ms. */
export const LEFTOVER_RESCUE_MS = 12 * HOUR_MS;
/** Computed again when the volume has changed by this much, l, or serving time by this, min. */
const STEP_L = 0.1;
const STEP_MIN = 5;
const STEP_C = 2;
/** Traces cover this many minutes, and where that is not enough, this many. */
const SHORT_MIN = 240;
const LONG_MIN = 480;

const held = new WeakMap<BegunPlan, Map<string, readonly Held[]>>();
const cooled = new WeakMap<BegunPlan, Map<string, CoolingNow>>();

function cached<T>(store: WeakMap<BegunPlan, Map<string, T>>, plan: BegunPlan, key: string, make: () => T): T {
  const known = store.get(plan) ?? new Map<string, T>();
  store.set(plan, known);
  const found = known.get(key) ?? make();
  known.set(key, found);
  return found;
}

/** The option with this method; every method is always there. */
function findByMethod<W, T extends { readonly way: W }>(ways: readonly T[], way: W): T {
  const found = ways.find((one) => one.way === way);
  if (!found) throw new Error('a way is missing');
  return found;
}

/** Liquid rounded to tenths of a litre, kg. */
const tenthsKg = (litres: number): number => Math.max(STEP_L, Math.round(litres / STEP_L) * STEP_L) * WATER_KG_PER_L;

/**
 * Ways to keep a planned pot warm for this long from `startC` (rounded to degrees; by default as it comes off the
 * heat).
 */
export function holdMethodsOf(plan: BegunPlan, liquidL: number, minutes: number, startC = OFF_HEAT_C): readonly Held[] {
  const kg = tenthsKg(liquidL);
  const rounded = Math.max(STEP_MIN, Math.round(minutes / STEP_MIN) * STEP_MIN);
  const fromC = Math.round(startC);
  return cached(held, plan, `${String(kg)} ${String(rounded)} ${String(fromC)}`, () =>
    keepWarmMethods(contentsForStorage(plan), {
      liquidKg: kg,
      startC: fromC,
      minutes: rounded,
      hotC: SAFETY_LIMITS[plan.input.keeping.rule].hotC,
    }),
  );
}

/** The same for the actual pot. */
export const holdWaysNow = (plan: BegunPlan, live: LiveForecast, minutes: number, startC?: number): readonly Held[] =>
  holdMethodsOf(plan, live.finished.liquidL, minutes, startC);

/** How the pot is being kept warm. */
export interface HoldNow {
  /** As the cook said; under its lid by default. */
  readonly way: HoldMethod;
  readonly said: boolean;
  readonly sinceMs: number;
  /** Estimated now. */
  readonly tempC: number;
  /** When it will drop below the hot-holding limit; null if never. */
  readonly coldMs: number | null;
  readonly limitC: number;
}

/** The state of a pot taken off the heat. */
interface Standing {
  readonly way: HoldMethod;
  readonly sinceMs: number;
  /** The trace it is on, and its position on it, min. */
  readonly on: Held;
  readonly atMin: number;
  readonly tempC: number;
  /** When it dropped below the limit, or will; null if never. */
  readonly coldMs: number | null;
  /** Cook value the slowest quarter has gained since, min at 95 °C. */
  readonly gained: number;
}

/** From when a pot is followed, and how hot it was then. */
interface From {
  readonly ms: number;
  readonly tempC: number;
}

/** Since when the pot has been standing: since it came off the heat or, for leftovers, since serving. */
function coolingStartsAt({ offHeatMs, servedMs }: CookState): From | undefined {
  if (servedMs !== undefined) return { ms: servedMs, tempC: AFTER_MEAL_C };
  return offHeatMs === undefined ? undefined : { ms: offHeatMs, tempC: OFF_HEAT_C };
}

/** Cook value the slowest quarter gains between two points of a trace, min at 95 °C. */
const gainedBetween = ({ course }: Held, fromMin: number, toMin: number): number =>
  Math.max(...course.gained.map((g) => traceAt(course, g, toMin) - traceAt(course, g, fromMin)));

/**
 * Follows the pot through every recorded way of keeping it warm: each starts from where the last one left it, or from
 * what was measured. Once below the limit it stays there until measured above it: moving it somewhere hot does not make
 * it hot.
 */
function potStanding(
  plan: BegunPlan,
  state: CookState,
  live: LiveForecast,
  from: From,
  nowMs: number,
  limitC: number = SAFETY_LIMITS[plan.input.keeping.rule].hotC,
): Standing {
  const isRest = state.servedMs === from.ms;
  const said = eventsOf(state.events, 'hold')
    // How the whole pot was kept says nothing about the leftovers.
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
    tempC = traceAt(on.course, on.course.liquidC, atMin);
    gained += gainedBetween(on, 0, atMin);
    now = { way, sinceMs: fromMs, on, atMin, tempC, coldMs, gained };
  }
  if (!now) throw new Error('a pot off the heat stands somewhere');
  return now;
}

/** State of the pot between the heat and finishing, or of the leftovers after the meal; undefined on the heat. */
export function holdNow(plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): HoldNow | undefined {
  const from = coolingStartsAt(state);
  if (!from) return undefined;
  const { way, sinceMs, tempC, coldMs } = potStanding(plan, state, live, from, nowMs);
  return {
    way,
    said: state.hold !== undefined,
    sinceMs,
    tempC,
    coldMs,
    limitC: SAFETY_LIMITS[plan.input.keeping.rule].hotC,
  };
}

/** One way to keep it warm from now on, from its present state. */
export interface HoldAhead {
  readonly way: HoldMethod;
  /** Liquid temperature when finishing starts, °C. */
  readonly atPlateC: number;
  /** Cook value the slowest quarter gains until then, min at 95 °C. */
  readonly gained: number;
  /**
   * When it drops below the hot-holding limit, with an 80% range; the moment it did if it already has, whatever is done
   * now; null if never.
   */
  readonly cold: { readonly lowMs: number; readonly midMs: number; readonly highMs: number } | null;
  /** The oven's setting, °C, or the power a flame must give, W; null elsewhere. */
  readonly setting: number | null;
  /** Its temperature over time, °C: as it was for the way it is kept now; from now on for the others. */
  readonly points: readonly (readonly [atMs: number, tempC: number])[];
}

const POINTS_EVERY_STEPS = 30;

/** What each way of keeping it warm leads to by `untilMs`; empty on the heat. */
export function holdAhead(
  plan: BegunPlan,
  state: CookState,
  live: LiveForecast,
  nowMs: number,
  untilMs: number,
): readonly HoldAhead[] {
  const { offHeatMs } = state;
  if (offHeatMs === undefined) return [];
  const here = potStanding(plan, state, live, { ms: offHeatMs, tempC: OFF_HEAT_C }, nowMs);
  const leftMin = Math.max(0, (untilMs - nowMs) / MINUTE_MS);
  const isCold = here.coldMs !== null && here.coldMs < nowMs ? here.coldMs : undefined;
  return holdWaysNow(plan, live, leftMin > SHORT_MIN ? LONG_MIN : SHORT_MIN, here.tempC).map((fromHere): HoldAhead => {
    const own = fromHere.way === here.way;
    const { course, safeMin, safeRange, way, setting } = own ? here.on : fromHere;
    const atMin = own ? here.atMin : 0;
    const onCourseMs = (minute: number): number => nowMs + (minute - atMin) * MINUTE_MS;
    return {
      way,
      atPlateC: traceAt(course, course.liquidC, atMin + leftMin),
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

/** Most likely doneness after this many more minutes at a simmer: never less than was last felt. */
export function donenessAfterHolding(state: CookState, live: LiveForecast, gainedMin: number): Doneness {
  const { offHeatMs, intoPotMs } = state;
  const onHeatMin =
    offHeatMs === undefined || intoPotMs === undefined ? 0 : (offHeatMs - intoPotMs) / MINUTE_MS + gainedMin;
  return stageAfter(state, live, onHeatMin);
}

/** Most likely doneness this many minutes after it went into the pot: never less than was last felt. */
export function stageAfter(state: CookState, live: LiveForecast, minutes: number): Doneness {
  const felt = eventsOf(state.events, 'fork').at(-1);
  return stageBy(live.forecast, minutes, felt ? donenessIndex(felt.act.stage) : 0);
}

/** The same for a planned braise: it comes off the heat when it is most likely as wanted. */
export const plannedDonenessAfterHolding = ({ forecast }: Pick<BegunPlan, 'forecast'>, gainedMin: number): Doneness =>
  stageBy(forecast, readyEta(forecast).p50 + gainedMin, donenessIndex(forecast.target));

/** Most likely doneness after this many minutes, at least `atLeast`. */
function stageBy({ etas }: Pick<LiveForecast['forecast'], 'etas'>, minutes: number, atLeast: number): Doneness {
  const likely = etas
    .filter((eta) => Number.isFinite(eta.p50) && eta.p50 <= minutes)
    .map((eta) => donenessIndex(eta.stage));
  return DONENESS_STAGES[Math.max(atLeast, ...likely)] as Doneness;
}

/** Whether a doneness is past the wanted one. */
export const isTooFar = (stage: Doneness, target: TargetDoneness): boolean =>
  donenessIndex(stage) >= donenessIndex(TARGETS[target].until);

/** Ways to cool the pot, and what a hot pot does to the fridge. */
export interface CoolingNow {
  readonly limit: CoolingLimit;
  readonly startC: number;
  readonly ways: readonly CoolingWay[];
  /**
   * Air and other food in the fridge if the pot went in hot, °C, and how long the food stays above five degrees, min.
   */
  readonly fridge: { readonly airC: number; readonly foodC: number; readonly overMin: number };
  readonly iceKg: number;
}

/**
 * How the pot's contents cool from the recorded start, or would from now on, computed for the whole amount: less of it
 * cools sooner. Cooling and time spent warm while it stood are included.
 */
export function coolingNow(plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): CoolingNow {
  const kg = tenthsKg(live.finished.liquidL);
  const { rule, boxMm } = plan.input.keeping;
  const limit = SAFETY_LIMITS[rule];
  const beginsMs = state.cooling?.atMs ?? nowMs;
  const from = coolingStartsAt(state);
  const stood = from && potStanding(plan, state, live, from, beginsMs, limit.fromC);
  const startC = Math.min(from?.tempC ?? OFF_HEAT_C, Math.ceil((stood?.tempC ?? OFF_HEAT_C) / STEP_C) * STEP_C);
  const underMs = stood?.coldMs == null ? 0 : Math.max(0, beginsMs - stood.coldMs);
  const underMin = Math.ceil(underMs / MINUTE_MS / STEP_MIN) * STEP_MIN;
  return cached(cooled, plan, `${String(kg)} ${String(startC)} ${String(underMin)}`, () => {
    const contents = contentsForStorage(plan);
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

/** The cooling clock: the local deadlines for warm and cold, and when each is likely reached. */
export interface CoolingClock {
  readonly limit: CoolingLimit;
  /** The moment the hottest spot passes the starting temperature. */
  readonly startsMs: number;
  readonly warmByMs: number | null;
  readonly coldByMs: number;
  /** When it is likely warm and cold, from the last measurement; Infinity if never. */
  readonly warmMs: number;
  readonly coldMs: number;
  /** It was measured. */
  readonly isWarm: boolean;
  readonly isCold: boolean;
  readonly safe: boolean;
}

/** When a cooling trace drops to this temperature, min; undefined if it does not. */
function downTo(points: CoolingWay['points'], tempC: number): number | undefined {
  const n = points.findIndex(([, t]) => t <= tempC);
  const [here, before] = [points[n], points[n - 1]];
  if (!here) return undefined;
  if (!before || before[1] <= here[1]) return here[0];
  return before[0] + ((before[1] - tempC) / (before[1] - here[1])) * (here[0] - before[0]);
}

/** The cooling clock; undefined until cooling has begun, and once it is stored. */
export function coolingClock(plan: BegunPlan, state: CookState, live: LiveForecast): CoolingClock | undefined {
  const { cooling } = state;
  if (!cooling) return undefined;
  const now = coolingNow(plan, state, live, cooling.atMs);
  const way = findByMethod(now.ways, cooling.way);
  const { fromC, warm, cold } = now.limit;
  const read = eventsOf(state.events, 'cooled').findLast((e) => e.atMs >= cooling.atMs);
  const tempC = read?.act.tempC ?? Infinity;
  const at = (min: number): number => cooling.atMs + min * MINUTE_MS;
  // A measurement shifts the trace to where the thermometer was, sooner or later than expected.
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
