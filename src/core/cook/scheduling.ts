import { chanceBy, DRY_LITRES, DRY_WORTH_SAYING, etaOf, lowL, lowMin, readyEta } from '../forecast';
import { litres, type Message, minutes, timeParam, nameOf, say, share, tempC } from '../message';
import { type Plan } from '../plan';
import { drySinceMs } from './alarms';
import { type Step } from '../steps';
import { TARGETS } from '../tenderness';
import { type CookActKind } from './events';
import { holdNow } from './keepNow';
import { type LiveForecast } from './live';
import { type Clock, found, isBefore, type PlacedStep } from './placed';
import { type CookState, eventsOf } from './state';
import { MINUTE_MS } from '../quantity';

/** Due within this is now. */
const SOON_MS = MINUTE_MS;
/** A test pays once this share of kitchens would be ready. */
const FIRST_TEST_CHANCE = 0.12;
const SHORTEST_RETEST_MIN = 12;
const LONGEST_RETEST_MIN = 35;
/** On the hob the flame settles in the first quarter hour; then it is looked at every half. */
const HOB_FIRST_LOOK_MIN = 15;
const HOB_LOOK_EVERY_MIN = 30;
/** Hot liquid is asked for so long before it runs low, min. */
const TOP_UP_AHEAD_MIN = 10;
/** A turn this close to tender is not worth the heat. */
const TURN_BEFORE_MIN = 20;

/** Off the heat and this much too early, it is kept warm. */
const KEEP_WARM_FROM_MIN = 5;

/** What is left of a meal is cold enough to put away after about so long in ice water, min. Modeller's judgement. */
const REST_COOLS_MIN = 30;
/** What is left is cooled when the meal is over, so long after it came onto the table, min. */
const AT_TABLE_MIN = 30;

/** The chain of hands before the pot, as far as it is still to be done, with when each most likely begins. */
export function preBraiseSteps(
  plan: Plan,
  planned: readonly Step[],
  state: CookState,
  steps: readonly Step[],
  open: (step: Step) => boolean,
  lastDoneMs: number | undefined,
  nowMs: number,
): { readonly starts: ReadonlyMap<string, number>; readonly potMs: number } {
  const starts = new Map<string, number>();
  const chain = steps.filter((s) => isBefore(s) && s.due.kind === 'next' && s.id !== 'meatBack' && open(s));
  const first = plan.day.spans.find((s) => s.id !== 'salt')?.fromMs ?? plan.day.startMs;
  const begun = lastDoneMs !== undefined;
  const dayMs = plan.day.intoPotMs - first;
  const all = planned.filter((s) => isBefore(s) && s.due.kind === 'next' && s.id !== 'meatBack');
  const scale =
    dayMs /
    MINUTE_MS /
    Math.max(
      1,
      all.reduce((sum, s) => sum + s.minutes.likely, 0),
    );
  let at = begun ? Math.max(nowMs, lastDoneMs) : Math.max(nowMs, first);
  chain.forEach((step, i) => {
    starts.set(step.id, i === 0 && begun ? Math.min(nowMs, lastDoneMs) : at);
    const length = step.minutes.likely * scale * MINUTE_MS;
    // What is in hand has been going on since the last was done.
    at += i === 0 && begun ? Math.max(0, length - (nowMs - lastDoneMs)) : length;
  });
  return { starts, potMs: Math.max(at, state.intoPotMs ?? 0) };
}

/** Minutes after the pieces went in at which a share of kitchens is as wanted. */
function percentileMin(live: LiveForecast, of: number): number {
  return live.forecast.readyPercentiles[Math.round(of * 100) - 1] ?? readyEta(live.forecast).p10;
}

/** When the pot was last opened, ms; when it was closed at the start where it never was. */
function lastOpenedMs(state: CookState, potMs: number): number {
  const open: readonly CookActKind[] = ['liquid', 'turned', 'fork', 'probe'];
  return state.events.findLast((e) => open.includes(e.act.kind))?.atMs ?? potMs;
}

interface Asked {
  readonly dueMs: number;
  readonly why: Message | null;
  readonly missed?: boolean;
}

/** Why the pot wants hot liquid: that it will be low or is, how likely it runs dry and when, or that it has. */
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

/** When a step of the braise itself is due, and why; undefined while nothing asks for it. */
function braiseDue(step: Step, plan: Plan, state: CookState, live: LiveForecast, clock: Clock): Asked | undefined {
  const { potMs, readyMs, nowMs } = clock;
  const at = (min: number): number => potMs + min * MINUTE_MS;
  const eta = readyEta(live.forecast);
  const target = found(state, live.forecast.target);
  switch (step.due.kind) {
    case 'next':
      return { dueMs: potMs, why: null };
    case 'beforeReady':
      return { dueMs: Math.max(potMs, readyMs - step.due.minutes * MINUTE_MS), why: null };
    case 'heat': {
      const passed = state.input.course.length - state.stages.length;
      if (step.due.index !== passed + 1) return undefined;
      const [now] = state.stages;
      const planned = plan.stages[step.due.index];
      const since = state.stageSinceMs ?? potMs;
      const dueMs =
        now?.until.kind === 'minutes'
          ? since + now.until.minutes * MINUTE_MS
          : now?.until.kind === 'before'
            ? Math.max(since, readyMs - now.until.minutes * MINUTE_MS)
            : now?.until.kind === 'left'
              ? leftMs(live, now.until.litres, potMs)
              : planned && at(planned.fromMin);
      return dueMs === undefined ? undefined : { dueMs, why: null };
    }
    case 'forecast':
      break;
    default:
      return undefined;
  }
  switch (step.id) {
    case 'look': {
      if (state.heat.kind === 'simmer') {
        const opened = lastOpenedMs(state, potMs);
        const first = opened === potMs;
        return {
          dueMs: opened + (first ? HOB_FIRST_LOOK_MIN : HOB_LOOK_EVERY_MIN) * MINUTE_MS,
          why: say(first ? 'next.bubbles.why' : 'conduct.look.again', { time: minutes(HOB_LOOK_EVERY_MIN) }),
        };
      }
      if (eventsOf(state.events, 'liquid').length > 0) return undefined;
      return { dueMs: at(eta.p50 / 2), why: say('mark.level.why') };
    }
    case 'turn':
      if (state.turned || eta.p50 / 2 >= eta.p10 - TURN_BEFORE_MIN) return undefined;
      return { dueMs: at(eta.p50 / 2), why: say('mark.turn.why'), missed: nowMs > at(eta.p10) };
    case 'topUp':
      if (live.liquidLowMin === undefined) return undefined;
      return { dueMs: at(live.liquidLowMin - TOP_UP_AHEAD_MIN), why: whyTopUp(state, live, clock, live.liquidLowMin) };
    case 'herbsHalf':
      return { dueMs: at(eta.p50 / 2), why: null };
    case 'test':
      return target ? undefined : testDue(live, state, clock);
    case 'offHeat':
      if (!target) return undefined;
      return {
        dueMs: Math.min(nowMs, target.atMs),
        why: target.far
          ? say('next.offHeat.past')
          : say('next.offHeat.there', {
              feel: say(`stage.${live.forecast.target}.feel`),
              good: minutes(
                Math.max(
                  10,
                  etaOf(live.forecast, TARGETS[live.forecast.target].until).p10 - (target.atMs - potMs) / MINUTE_MS,
                ),
              ),
            }),
      };
    default:
      return undefined;
  }
}

/** When so much is left in the pot, by the estimate; undefined where it does not come down to it. */
function leftMs({ course }: LiveForecast, left: number, potMs: number): number | undefined {
  const min = lowMin(course, 0, left);
  return min === undefined ? undefined : potMs + min * MINUTE_MS;
}

function testDue(live: LiveForecast, state: CookState, { potMs, nowMs }: Clock): Asked {
  const { forecast } = live;
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

/** Where a step stands that nobody has done yet. */
export function place(
  step: Step,
  plan: Plan,
  state: CookState,
  live: LiveForecast,
  clock: Clock,
  starts: ReadonlyMap<string, number>,
  closed: (id: string) => boolean,
): PlacedStep {
  const { nowMs, potMs, potted, plateMs } = clock;
  const free = step.after.every(closed);
  const at = (atMs: number, why: Message | null = null): PlacedStep => ({
    step,
    status: !free ? 'coming' : atMs <= nowMs + SOON_MS ? 'due' : 'coming',
    atMs,
    why,
  });
  const { due } = step;
  if (due.kind === 'at') return at(due.ms);
  if (due.kind === 'beforePot') return at(Math.max(potMs - due.minutes * MINUTE_MS, firstMoment(plan)));
  if (due.kind === 'beforePlate') return at(plateMs - due.minutes * MINUTE_MS);
  if (isBefore(step)) {
    if (step.id === 'meatBack') return at(potMs - step.minutes.likely * MINUTE_MS);
    const from = starts.get(step.id);
    // What is done beside the others is offered from the moment it can be, and is needed when the base begins.
    if (due.kind === 'beside')
      return free && starts.size > 0
        ? { step, status: 'due', atMs: nowMs, why: null }
        : { step, status: 'coming', atMs: Math.max(nowMs, besideFrom(step, starts, potMs)), why: null };
    return at(from ?? potMs);
  }
  if (step.stage === 'braise') {
    if (!potted) return { step, status: 'waits', atMs: potMs, why: null };
    // Lid and place go on at once, said or not.
    if (due.kind === 'next' && nowMs > potMs + HOB_FIRST_LOOK_MIN * MINUTE_MS) {
      return { step, status: 'passed', atMs: potMs, why: null };
    }
    const asked = braiseDue(step, plan, state, live, clock);
    if (!asked) return { step, status: 'waits', atMs: potMs, why: null };
    if (asked.missed === true) return { step, status: 'missed', atMs: asked.dueMs, why: null };
    return at(asked.dueMs, asked.why);
  }
  // After the heat: not before it has to be, while it can be kept warm.
  if (state.offHeatMs === undefined) return { step, status: 'waits', atMs: plateMs, why: null };
  if (step.id === 'verdict') return at(plateMs);
  // Cooked ahead it cools at once; the rest of a meal as soon as it has been on the table.
  if (step.id === 'coolAhead') return at(state.offHeatMs);
  if (step.id === 'cool') return at((state.servedMs ?? plateMs) + AT_TABLE_MIN * MINUTE_MS);
  if (step.id === 'fridge') return at((state.cooling?.atMs ?? nowMs) + (plan.ahead?.cooling.iceMin ?? 0) * MINUTE_MS);
  if (step.id === 'portion') return at((state.cooling?.atMs ?? plateMs) + REST_COOLS_MIN * MINUTE_MS);
  if (step.id === 'served') return at(Math.max(nowMs, plateMs));
  const startMs = plateMs - clock.finishMin * MINUTE_MS;
  const early = (startMs - nowMs) / MINUTE_MS > KEEP_WARM_FROM_MIN;
  if (step.id === 'hold') {
    return early
      ? { step, status: 'due', atMs: state.offHeatMs, why: holdWhy(plan, state, live, startMs, nowMs) }
      : { step, status: 'passed', atMs: startMs, why: null };
  }
  if (free && !early) return { step, status: 'due', atMs: Math.min(nowMs, startMs), why: null };
  return {
    step,
    status: 'coming',
    atMs: startMs,
    why: free && !plan.ahead ? say('conduct.finishAt', { time: minutes((startMs - nowMs) / MINUTE_MS) }) : null,
  };
}

/** Why and until when it is kept warm, and how long that is safe as it stands: the step is done once a way is said. */
function holdWhy(plan: Plan, state: CookState, live: LiveForecast, startMs: number, nowMs: number): Message | null {
  const hold = holdNow(plan, state, live, nowMs);
  if (!hold || hold.coldMs === null) return null;
  return say('conduct.keepWarm', {
    until: timeParam(startMs, nowMs),
    limit: tempC(hold.limitC),
    safe: timeParam(hold.coldMs, nowMs),
  });
}

/** When what a step beside the others waits for will most likely be done. */
const besideFrom = (step: Step, starts: ReadonlyMap<string, number>, potMs: number): number =>
  Math.max(...step.after.map((id) => (starts.get(id) ?? potMs) + MINUTE_MS), 0);

const firstMoment = (plan: Plan): number => plan.day.startMs;
