import { drySinceMin, lowL, sampleAt, toLineL } from '../forecast';
import { litres, type Message, timeParam, say, tempC } from '../message';
import { type BegunPlan } from '../plan';
import { coolingClock, holdNow, LEFTOVER_RESCUE_MS } from './keepNow';
import { type LiveForecast } from './live';
import { type Clock } from './scheduledStep';
import { type CookState, eventsOf, latestValid } from './state';
import { MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS, safetyParams } from '../safety';

/** Something the pot needs at once, before anything else due. */
export interface Alarm {
  readonly says: Message;
  readonly do: Message;
  readonly record: 'liquid' | 'hold' | 'cooled' | 'cooling';
  /** Since when it has been dry, as seen or estimated; omitted while there is liquid. */
  readonly dry?: { readonly sinceMs: number; readonly seen: boolean };
}

/** Below this a pot counts as dry, l, or this share of what counts as low for it. */
const NEARLY_DRY_L = 0.15;
const NEARLY_DRY_OF_LOW = 0.6;
/** Or when the level seen is below this, mm. */
const NEARLY_DRY_MM = 10;

/** How long before a limit is passed the warning comes. */
const BEFORE_LIMIT_MIN = 15;

/** Since when the pot is dry by the estimate, ms; undefined if it is not, or if liquid was seen recently. */
export function drySinceMs(state: CookState, live: LiveForecast, { nowMs, potMs }: Clock): number | undefined {
  const recent = latestValid(state, 'liquid', nowMs);
  if (recent && (recent.act.levelMm > 0 || recent.act.addedL >= NEARLY_DRY_L)) return undefined;
  const since = drySinceMin(live.course, (nowMs - potMs) / MINUTE_MS);
  return since === undefined ? undefined : potMs + since * MINUTE_MS;
}

/** A pot that is dry or nearly so. */
function dryAlarm(state: CookState, live: LiveForecast, clock: Clock): Alarm | undefined {
  const { nowMs, potMs, inPot } = clock;
  if (!inPot || state.phase !== 'braising') return undefined;
  const read = eventsOf(state.events, 'liquid').at(-1);
  const here = sampleAt(live.course, (nowMs - potMs) / MINUTE_MS);
  const drySince = drySinceMs(state, live, clock);
  const recent = latestValid(state, 'liquid', nowMs);
  const seen = recent && recent.act.addedL < NEARLY_DRY_L ? recent.act.levelMm : Infinity;
  const toLine = litres(toLineL(here));
  if (read?.act.levelMm === 0 && (seen === 0 || drySince !== undefined)) {
    return {
      says: say('alarm.dry'),
      do: say('alarm.dry.do', { pour: toLine }),
      record: 'liquid',
      dry: { sinceMs: read.atMs, seen: true },
    };
  }
  if (drySince !== undefined) {
    return {
      says: say('alarm.dryLikely'),
      do: say('alarm.dryLikely.do', { pour: toLine }),
      record: 'liquid',
      dry: { sinceMs: drySince, seen: false },
    };
  }
  if (seen < NEARLY_DRY_MM || here.litres < NEARLY_DRY_OF_LOW * lowL(live.course)) {
    return {
      says: say('alarm.nearlyDry', { left: litres(Math.max(0, here.litres)) }),
      do: say('alarm.nearlyDry.do', { pour: toLine }),
      record: 'liquid',
    };
  }
  return undefined;
}

/** Food in the danger zone: kept warm for too long, or cooling too slowly. */
function keptAlarm(
  plan: BegunPlan,
  state: CookState,
  live: LiveForecast,
  nowMs: number,
  closed: (id: string) => boolean,
  begun: boolean,
): Alarm | undefined {
  if (state.offHeatMs === undefined) return undefined;
  // Half a day later it is in the log, and nobody is asked any more.
  if (state.phase === 'finished' && nowMs - (state.servedMs ?? state.finishedMs ?? nowMs) > LEFTOVER_RESCUE_MS)
    return undefined;
  if (state.cooling && !closed(plan.ahead ? 'fridge' : 'portion')) {
    const clock = coolingClock(plan, state, live);
    if (!clock) return undefined;
    const { isWarm, isCold } = clock;
    const { warm } = clock.limit;
    const due = warm !== null && clock.warmByMs !== null && !isWarm ? clock.warmByMs : clock.coldByMs;
    if (isCold || nowMs < due - BEFORE_LIMIT_MIN * MINUTE_MS) return undefined;
    const limit = {
      by: timeParam(due, nowMs),
      to: tempC(due === clock.warmByMs && warm ? warm.tempC : clock.limit.cold.tempC),
    };
    return nowMs > due
      ? {
          says: say('alarm.notCold', limit),
          do: say('alarm.notCold.do', { hot: tempC(clock.limit.reheatC) }),
          record: 'cooled',
        }
      : { says: say('alarm.coolSoon', limit), do: say('alarm.coolSoon.do'), record: 'cooled' };
  }
  if (state.servedMs !== undefined) return leftoverAlarm(plan, state, live, nowMs, closed);
  // It will be heated again on the way to the plate.
  if (begun || state.finishedMs !== undefined || closed('fridge')) return undefined;
  const { outMin } = SAFETY_LIMITS[plan.input.keeping.rule];
  const hold = holdNow(plan, state, live, nowMs);
  if (hold?.coldMs == null || nowMs < hold.coldMs - BEFORE_LIMIT_MIN * MINUTE_MS) return undefined;
  const params = { at: timeParam(hold.coldMs, nowMs), limit: tempC(hold.limitC) };
  if (nowMs > hold.coldMs + outMin * MINUTE_MS) {
    return {
      says: say('alarm.heldCold', params),
      do: say('alarm.held.tooLong', safetyParams(plan.input.keeping.rule)),
      record: 'hold',
    };
  }
  return {
    says: say(nowMs > hold.coldMs ? 'alarm.heldCold' : 'alarm.heldSoon', params),
    do: say('alarm.held.do'),
    record: 'hold',
  };
}

/** Leftovers that are not being cooled: soon they should be, and in the end they must be thrown away. */
function leftoverAlarm(
  plan: BegunPlan,
  state: CookState,
  live: LiveForecast,
  nowMs: number,
  closed: (id: string) => boolean,
): Alarm | undefined {
  // What was reheated is not stored a second time.
  if (plan.ahead || state.servedMs === undefined || closed('cool')) return undefined;
  const { outMin } = SAFETY_LIMITS[plan.input.keeping.rule];
  const dueMs = state.servedMs + outMin * MINUTE_MS;
  const rest = holdNow(plan, state, live, nowMs);
  if (rest?.coldMs != null && nowMs > rest.coldMs + outMin * MINUTE_MS) {
    const params = { at: timeParam(rest.coldMs, nowMs), limit: tempC(rest.limitC) };
    return {
      says: say('alarm.restCold', params),
      do: say('alarm.restCold.do', safetyParams(plan.input.keeping.rule)),
      record: 'cooling',
    };
  }
  if (nowMs < dueMs - BEFORE_LIMIT_MIN * MINUTE_MS) return undefined;
  return {
    says:
      nowMs > dueMs
        ? say('alarm.restOut', safetyParams(plan.input.keeping.rule))
        : say('alarm.restSoon', { by: timeParam(dueMs, nowMs) }),
    do: say('alarm.rest.do'),
    record: 'cooling',
  };
}

/** What the pot needs at once, before anything else due. `begun`: finishing has started. */
export function alarmNow(
  plan: BegunPlan,
  state: CookState,
  live: LiveForecast,
  clock: Clock,
  closed: (id: string) => boolean,
  begun: boolean,
): Alarm | undefined {
  return dryAlarm(state, live, clock) ?? keptAlarm(plan, state, live, clock.nowMs, closed, begun);
}
