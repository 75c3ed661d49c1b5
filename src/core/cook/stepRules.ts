import { chanceBy, DRY_LITRES, DRY_WORTH_SAYING, etaOf, lowL, lowMin, readyEta } from '../forecast';
import { litres, type Message, minutes, nameOf, say, share, tempC, timeParam } from '../message';
import { type BegunPlan } from '../plan';
import { MINUTE_MS } from '../quantity';
import { type StepId, type StepKey, stepKeyOf } from '../steps';
import { TARGETS } from '../tenderness';
import { drySinceMs } from './alarms';
import { holdNow } from './keepNow';
import { type LiveForecast } from './live';
import { RECORDS } from './records';
import { type Clock, found, type ScheduledStep } from './scheduledStep';
import { type CookState, eventsOf } from './state';

/** A test pays once this share of particles would be ready. */
const FIRST_TEST_CHANCE = 0.12;
const SHORTEST_RETEST_MIN = 12;
const LONGEST_RETEST_MIN = 35;
/** On the hob the flame settles in the first quarter hour; after that it is checked every half hour. */
export const HOB_FIRST_LOOK_MIN = 15;
const HOB_LOOK_EVERY_MIN = 30;
/** How long before it gets low hot liquid is asked for, min. */
const TOP_UP_AHEAD_MIN = 10;
/** Turning this close to tender is not worth the heat lost. */
const TURN_BEFORE_MIN = 20;

/** Minutes in ice water before leftovers can be stored. Estimate, no source. */
const REST_COOLS_MIN = 30;
/** Leftovers are cooled this long after serving, min. */
const AT_TABLE_MIN = 30;

/** The braise as it is when a step is scheduled. */
export interface StepCase {
  readonly plan: BegunPlan;
  readonly state: CookState;
  readonly live: LiveForecast;
  readonly clock: Clock;
}

/** When something calls for a step, and why. */
export interface Asked {
  readonly dueMs: number;
  readonly why: Message | null;
  /** It is too late for it to help. */
  readonly missed?: boolean;
}

/** What a step has of its own, apart from its text and its place in the order. */
export interface StepRule {
  /** In the pot, which of several due steps comes first: the lowest. */
  readonly urgency?: number;
  /** When a record other than "step" did it, ms; `about` is what the step is about. */
  readonly doneMs?: (state: CookState, about: readonly string[]) => number | undefined;
  /** In the pot, for a step the forecast asks for; undefined while nothing calls for it. */
  readonly asked?: (now: StepCase, about: readonly string[]) => Asked | undefined;
  /** After the heat, if it has a time of its own rather than following the step before it, ms. */
  readonly dueMs?: (now: StepCase) => number;
  /** After the heat, for a step that only fills the time until finishing starts at `startMs`. */
  readonly until?: (now: StepCase, startMs: number, early: boolean) => Omit<ScheduledStep, 'step'>;
  /** It goes on after the verdict. */
  readonly afterVerdict?: true;
}

/** Sides and ovens have times of their own: before a test, after what cannot wait. */
export const OTHER_URGENCY = 6.5;

/** Minutes after the meat went in at which a share of particles is as wanted. */
function percentileMin(live: LiveForecast, of: number): number {
  return live.forecast.readyPercentiles[Math.round(of * 100) - 1] ?? readyEta(live.forecast).p10;
}

/** When the pot was last opened, ms; when it was first closed if it never was. */
function lastOpenedMs(state: CookState, potMs: number): number {
  return state.events.findLast((e) => RECORDS[e.act.kind].openSeconds > 0)?.atMs ?? potMs;
}

/** Why the pot needs hot liquid: it will be low or is, how likely it runs dry and when, or that it has. */
function whyTopUp(state: CookState, live: LiveForecast, clock: Clock, fromMin: number): Message {
  const { potMs, nowMs } = clock;
  const { chance } = live.forecast.dry;
  const nowMin = (nowMs - potMs) / MINUTE_MS;
  const drySince = drySinceMs(state, live, clock);
  if (drySince !== undefined) return say('next.topUp.ran', { at: timeParam(drySince, nowMs) });
  const low = litres(lowL(live.course));
  const isLow = fromMin <= nowMin;
  if (chance < DRY_WORTH_SAYING) return say(isLow ? 'next.topUp.low' : 'next.topUp.why', { low });
  const params = { low, share: share(chance) };
  const dries = lowMin(live.course, nowMin, DRY_LITRES);
  if (dries === undefined) return say(isLow ? 'next.topUp.lowMay' : 'next.topUp.may', params);
  return say(isLow ? 'next.topUp.lowDry' : 'next.topUp.dry', {
    ...params,
    at: timeParam(potMs + dries * MINUTE_MS, nowMs),
  });
}

/** When this much is left in the pot, by the estimate; undefined if it never is. */
function leftMs({ course }: LiveForecast, left: number, potMs: number): number | undefined {
  const min = lowMin(course, 0, left);
  return min === undefined ? undefined : potMs + min * MINUTE_MS;
}

/** When a fork test is worth lifting the lid. */
function testAsked({ state, live, clock: { potMs, nowMs } }: StepCase): Asked | undefined {
  const { forecast } = live;
  if (found(state, forecast.target)) return undefined;
  const eta = readyEta(forecast);
  const last = eventsOf(state.events, 'fork').at(-1);
  const firstMin = Math.min(percentileMin(live, FIRST_TEST_CHANCE), forecast.horizonMin);
  let dueMin = firstMin;
  if (last) {
    const since = (last.atMs - potMs) / MINUTE_MS;
    const wait = Math.min(LONGEST_RETEST_MIN, Math.max(SHORTEST_RETEST_MIN, eta.p50 - since));
    dueMin = since + LONGEST_RETEST_MIN < firstMin ? firstMin : Math.max(firstMin, since + wait);
  }
  const dueMs = Math.max(potMs + dueMin * MINUTE_MS, last ? last.atMs + SHORTEST_RETEST_MIN * MINUTE_MS : potMs);
  const chance = chanceBy(forecast, (Math.max(dueMs, nowMs) - potMs) / MINUTE_MS);
  const cost = live.lookCostMin;
  return {
    dueMs,
    why: say(cost < 1 ? 'next.fork.cheap' : 'next.fork.why', {
      chance: share(chance),
      stage: nameOf('stage', forecast.target),
      cost: minutes(cost),
    }),
  };
}

/** The hob is checked again and again, an oven once, halfway. */
function lookAsked({ state, live, clock: { potMs } }: StepCase): Asked | undefined {
  if (state.heat.kind === 'simmer') {
    const opened = lastOpenedMs(state, potMs);
    const first = opened === potMs;
    return {
      dueMs: opened + (first ? HOB_FIRST_LOOK_MIN : HOB_LOOK_EVERY_MIN) * MINUTE_MS,
      why: say(first ? 'next.bubbles.why' : 'conduct.look.again', { time: minutes(HOB_LOOK_EVERY_MIN) }),
    };
  }
  if (eventsOf(state.events, 'liquid').length > 0) return undefined;
  return { dueMs: halfwayMs(live, potMs), why: say('mark.level.why') };
}

const halfwayMs = ({ forecast }: LiveForecast, potMs: number): number =>
  potMs + (readyEta(forecast).p50 / 2) * MINUTE_MS;

function turnAsked({ state, live, clock: { potMs, nowMs } }: StepCase): Asked | undefined {
  const { p10, p50 } = readyEta(live.forecast);
  if (state.turned || p50 / 2 >= p10 - TURN_BEFORE_MIN) return undefined;
  return { dueMs: halfwayMs(live, potMs), why: say('mark.turn.why'), missed: nowMs > potMs + p10 * MINUTE_MS };
}

function topUpAsked({ state, live, clock }: StepCase): Asked | undefined {
  if (live.liquidLowMin === undefined) return undefined;
  return {
    dueMs: clock.potMs + (live.liquidLowMin - TOP_UP_AHEAD_MIN) * MINUTE_MS,
    why: whyTopUp(state, live, clock, live.liquidLowMin),
  };
}

/** The next phase of the heat schedule, when the present one ends. */
function heatAsked(phase: number, { plan, state, live, clock: { potMs, readyMs } }: StepCase): Asked | undefined {
  if (phase !== state.input.course.length - state.stages.length + 1) return undefined;
  const [now] = state.stages;
  const planned = plan.stages[phase];
  const since = state.stageSinceMs ?? potMs;
  const dueMs =
    now?.until.kind === 'minutes'
      ? since + now.until.minutes * MINUTE_MS
      : now?.until.kind === 'before'
        ? Math.max(since, readyMs - now.until.minutes * MINUTE_MS)
        : now?.until.kind === 'left'
          ? leftMs(live, now.until.litres, potMs)
          : planned && potMs + planned.fromMin * MINUTE_MS;
  return dueMs === undefined ? undefined : { dueMs, why: null };
}

/** Off the heat, once the wanted doneness was found. */
function offHeatAsked({ state, live, clock: { potMs, nowMs } }: StepCase): Asked | undefined {
  const { target } = live.forecast;
  const there = found(state, target);
  if (!there) return undefined;
  const good = etaOf(live.forecast, TARGETS[target].until).p10 - (there.atMs - potMs) / MINUTE_MS;
  return {
    dueMs: Math.min(nowMs, there.atMs),
    why: there.far
      ? say('next.offHeat.past')
      : say('next.offHeat.there', { feel: say(`stage.${target}.feel`), good: minutes(Math.max(10, good)) }),
  };
}

/** Why and until when it is kept warm, and how long it may be: the step is done once a method is recorded. */
function holdWhy({ plan, state, live, clock: { nowMs } }: StepCase, startMs: number): Message | null {
  const hold = holdNow(plan, state, live, nowMs);
  if (!hold || hold.coldMs === null) return null;
  return say('conduct.keepWarm', {
    until: timeParam(startMs, nowMs),
    limit: tempC(hold.limitC),
    safe: timeParam(hold.coldMs, nowMs),
  });
}

/** Every kind of identity a step can have. A new key without a row does not compile. */
const STEP_RULES: Readonly<Record<StepKey, StepRule>> = {
  saltAhead: {},
  washHands: {},
  layOut: {},
  chop: {},
  meatOut: {},
  prep: {},
  saltMeat: {},
  dredge: {},
  tieHerbs: {},
  warm: {},
  dryPreCook: {},
  heatPan: {},
  lay: {},
  face: {},
  edges: {},
  out: {},
  back: {},
  bottom: {},
  fatOff: {},
  base: {},
  deglaze: {},
  pour: {},
  wineDown: {},
  herbsIn: {},
  bringSimmer: {},
  meatBack: { doneMs: (state) => state.intoPotMs },
  offHeat: { urgency: 0, doneMs: (state) => state.offHeatMs, asked: offHeatAsked },
  lid: { urgency: 1 },
  place: { urgency: 2 },
  heat: {
    urgency: 3,
    doneMs: (state, [phase]) =>
      Number(phase) <= state.input.course.length - state.stages.length ? state.stageSinceMs : undefined,
    asked: (now, [phase]) => heatAsked(Number(phase), now),
  },
  topUp: { urgency: 4, asked: topUpAsked },
  late: { urgency: 5 },
  herbsHalf: { urgency: 6, asked: ({ live, clock }) => ({ dueMs: halfwayMs(live, clock.potMs), why: null }) },
  test: { urgency: 7, asked: testAsked },
  turn: { urgency: 8, doneMs: (state) => eventsOf(state.events, 'turned')[0]?.atMs, asked: turnAsked },
  look: { urgency: 9, asked: lookAsked },
  // Cooked ahead it is cooled at once; leftovers, as soon as the meal was served.
  coolAhead: {
    doneMs: (state) => state.cooling?.atMs,
    dueMs: ({ state, clock }) => state.offHeatMs ?? clock.serveMs,
  },
  fridge: {
    dueMs: ({ plan, state, clock }) =>
      (state.cooling?.atMs ?? clock.nowMs) + (plan.ahead?.cooling.iceMin ?? 0) * MINUTE_MS,
  },
  hold: {
    doneMs: (state) => state.hold?.atMs,
    until: (now, startMs, early) =>
      early
        ? { status: 'due', atMs: now.state.offHeatMs ?? startMs, why: holdWhy(now, startMs) }
        : { status: 'passed', atMs: startMs, why: null },
  },
  countOut: { doneMs: (state) => eventsOf(state.events, 'counted').at(-1)?.atMs },
  finish: {},
  softHerbs: {},
  garnish: {},
  plate: {},
  side: {},
  served: { doneMs: (state) => state.servedMs, dueMs: ({ clock }) => Math.max(clock.nowMs, clock.serveMs) },
  cool: {
    doneMs: (state) => state.cooling?.atMs,
    dueMs: ({ state, clock }) => (state.servedMs ?? clock.serveMs) + AT_TABLE_MIN * MINUTE_MS,
    afterVerdict: true,
  },
  portion: {
    doneMs: (state) => state.lots[0]?.storedMs,
    dueMs: ({ state, clock }) => (state.cooling?.atMs ?? clock.serveMs) + REST_COOLS_MIN * MINUTE_MS,
    afterVerdict: true,
  },
  verdict: { doneMs: (state) => state.finishedMs, dueMs: ({ clock }) => clock.serveMs },
  trouble: { afterVerdict: true },
};

/** The rule of a step. */
export const ruleOf = (id: StepId): StepRule => STEP_RULES[stepKeyOf(id)];
