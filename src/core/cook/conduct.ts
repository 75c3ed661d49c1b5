import { type DayMark, type DaySpan } from '../schedule';
import { chanceBy, DRY_WORTH_SAYING, etaOf, LOW_LITRES, readyEta, sampleAt } from '../forecast';
import { COOLING_LIMITS } from '../keep';
import { type Finishing, finishSteps, type Plan } from '../plan';
import { coolingClock, holdNow, holdWaysNow } from './keepNow';
import { litres, type Message, minutes, moment, nameOf, type Params, say, share, tempC } from '../message';
import { stageIndex, TARGETS, type TargetStage } from '../tenderness';
import { type Step, STEP_KINDS, stepsOf, type WorkStage } from '../steps';
import { type LiveForecast } from './live';
import { atPace, paceOf } from './pace';
import { finishingNow } from './sauceNow';
import { troubleFigures, troubleNow } from './trouble';
import { type CookState, eventsOf } from './state';
import { type CookActKind } from './events';
import { type TroubleId } from './troubleIds';

/** How a step stands. `passed` was not said, but what was recorded after it shows that it is behind. */
export type StepStatus = 'done' | 'skipped' | 'passed' | 'waits' | 'due' | 'coming' | 'missed';

/** A step with where it stands in the day. */
export interface PlacedStep {
  readonly step: Step;
  readonly status: StepStatus;
  /** When it was done, is due, or will most likely be. */
  readonly atMs: number;
  /** Why now, with this pot's figures; null where the step says it all. */
  readonly why: Message | null;
}

/** A timer that runs, rings or waits to be answered. */
export interface Timer {
  readonly id: string;
  /** As the cook named it, or what step it is for. */
  readonly name: string | Message;
  readonly endsMs: number;
  /** Of a step, which answers it when it is done; null where the cook set it. */
  readonly step: string | null;
}

/** The pot wants something at once, whatever else is due. */
export interface Alarm {
  readonly says: Message;
  readonly do: Message;
  readonly record: 'liquid' | 'hold' | 'cooled';
  /** Since when it is known to be dry; left out while there is some liquid. */
  readonly sinceMs?: number;
}

/** How sure the plate still is, and what to do where it has slipped. */
export interface PlateOutlook {
  /** When the plates most likely go out. */
  readonly plateMs: number;
  readonly wantedMs: number;
  /** It is on the table, at `plateMs`. */
  readonly served: boolean;
  /** Share of evenings like this in which it is met. */
  readonly chance: number;
  /** Later than wanted by so much, min; 0 where it is met. */
  readonly lateMin: number;
  readonly ways: readonly Message[];
}

/** Where the meat stands, in one line and one moment. */
export interface Headline {
  readonly says: Message;
  readonly atMs: number;
  readonly between: { readonly fromMs: number; readonly toMs: number } | null;
}

/** Everything a screen shows of a braise that is on. All of it follows from plan, records, forecast and the present moment. */
export interface Conducted {
  readonly stage: WorkStage;
  readonly steps: readonly PlacedStep[];
  /** The one in hand; undefined once all is done. */
  readonly now: PlacedStep | undefined;
  /** Due as well, most pressing first: done in the same opening of the lid, or in the waits. */
  readonly also: readonly PlacedStep[];
  readonly next: readonly PlacedStep[];
  readonly alarm: Alarm | undefined;
  readonly timers: readonly Timer[];
  /** Out of pan or pot and still to come back. */
  readonly shelf: readonly Message[];
  readonly headline: Headline;
  readonly outlook: PlateOutlook;
  readonly intoPotMs: number;
  /** Figures of this pot as it stands, for whatever goes wrong. */
  readonly figures: Params;
  /** How it would go with the lid as planned; null where it is on as planned or nothing is won. */
  readonly lidBack: Message | null;
  readonly spans: readonly DaySpan[];
  /** Side dishes and what is chopped in the waits. */
  readonly beside: readonly DaySpan[];
  /** What is still to come on the line. */
  readonly marks: readonly DayMark[];
}

const MIN_MS = 60_000;
/** Due within this is now. */
const SOON_MS = MIN_MS;
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
/** With less than this in it a pot is as good as dry, l. */
const NEARLY_DRY_L = 0.15;
/** Or seen to stand lower than this on the floor, mm. */
const NEARLY_DRY_MM = 10;
/** Once seen dry it is dry until there is more than this, l. */
const DRY_L = 0.05;
/** A reading of the level speaks for so long, min; then the estimate does. */
const READING_HOLDS_MIN = 20;
/** Off the heat and this much too early, it is kept warm. */
const KEEP_WARM_FROM_MIN = 5;
const SLIPPED_MIN = 5;
const UNLIKELY = 0.5;
/** What is left of a meal is cold enough to put away after about so long in ice water, min. Modeller's judgement. */
const REST_COOLS_MIN = 30;
/** What is left is cooled when the meal is over, so long after it came onto the table, min. */
const AT_TABLE_MIN = 30;
/** Kept warm longer than this it is no longer what was wanted. */
const TOO_EARLY_MIN = 180;

/** So long after a meal what is left of it may still be cooled and kept, ms; after that it is not any more. */
export const KEPT_WARM_MS = 12 * 3_600_000;

/** The moments everything else is laid out from. */
interface Clock {
  readonly nowMs: number;
  readonly potMs: number;
  readonly potted: boolean;
  readonly readyMs: number;
  readonly finishMin: number;
  readonly plateMs: number;
}

/** Records that do steps: what each step was done by, and when. */
function doneBy(state: CookState): ReadonlyMap<string, { readonly how: 'done' | 'skipped'; readonly atMs: number }> {
  const out = new Map(state.steps);
  const put = (id: string, atMs: number | undefined): void => {
    if (atMs !== undefined && !out.has(id)) out.set(id, { how: 'done', atMs });
  };
  put('meatBack', state.intoPotMs);
  put('turn', eventsOf(state.events, 'turned')[0]?.atMs);
  put('offHeat', state.offHeatMs);
  put('hold', state.hold?.atMs);
  put('countOut', eventsOf(state.events, 'counted').at(-1)?.atMs);
  put('served', state.servedMs);
  put(state.input.day.ahead ? 'coolAhead' : 'cool', state.cooling?.atMs);
  put('portion', state.lots[0]?.storedMs);
  put('verdict', state.finishedMs);
  const gone = state.input.course.length - state.stages.length;
  for (let i = 1; i <= gone; i++) put(`heat-${String(i)}`, state.stageSinceMs);
  return out;
}

/** What goes on when it was said how it came out. */
const LEFT_OVER: readonly string[] = ['cool', 'portion'];

/** Steps that must be behind because what waits for them was done. */
function passedSteps(steps: readonly Step[], done: ReturnType<typeof doneBy>): ReadonlySet<string> {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const passed = new Set<string>();
  const mark = (id: string): void => {
    for (const before of byId.get(id)?.after ?? []) {
      // What is a record of its own is behind once it is recorded, not before.
      if (passed.has(before) || byId.get(before)?.record != null) continue;
      passed.add(before);
      mark(before);
    }
  };
  for (const id of done.keys()) mark(id);
  // With the meat in the pot nothing is got ready, browned or softened for it any more.
  if (done.has('meatBack')) {
    for (const s of steps) if (['ready', 'sear', 'base', 'liquid'].includes(s.stage)) passed.add(s.id);
  }
  if (done.has('offHeat')) for (const s of steps) if (s.stage === 'braise') passed.add(s.id);
  // Finishing has begun: it is no longer kept warm.
  if (steps.some((s) => s.stage === 'finish' && s.id !== 'hold' && done.has(s.id))) passed.add('hold');
  if (done.has('served')) for (const s of steps) if (['finish', 'serve'].includes(s.stage)) passed.add(s.id);
  if (done.has('verdict')) for (const s of steps) if (!LEFT_OVER.includes(s.id)) passed.add(s.id);
  // Where there was nothing to cool, nothing is put away; put away, it was cooled.
  if (done.get('cool')?.how === 'skipped') passed.add('portion');
  if (done.has('portion')) passed.add('cool');
  return passed;
}

const isBefore = (step: Step): boolean => ['ready', 'sear', 'base', 'liquid'].includes(step.stage);

/** The chain of hands before the pot, as far as it is still to be done, with when each most likely begins. */
function beforeThePot(
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
    MIN_MS /
    Math.max(
      1,
      all.reduce((sum, s) => sum + s.minutes.likely, 0),
    );
  let at = begun ? Math.max(nowMs, lastDoneMs) : Math.max(nowMs, first);
  chain.forEach((step, i) => {
    starts.set(step.id, i === 0 && begun ? Math.min(nowMs, lastDoneMs) : at);
    const length = step.minutes.likely * scale * MIN_MS;
    // What is in hand has been going on since the last was done.
    at += i === 0 && begun ? Math.max(0, length - (nowMs - lastDoneMs)) : length;
  });
  return { starts, potMs: Math.max(at, state.intoPotMs ?? 0) };
}

/** Minutes after the pieces went in at which a share of kitchens is as wanted. */
function percentileMin(live: LiveForecast, of: number): number {
  return live.forecast.readyPercentiles[Math.round(of * 100) - 1] ?? readyEta(live.forecast).p10;
}

/** Whether the fork has found what is wanted, or more. */
function found(state: CookState, target: TargetStage): { readonly atMs: number; readonly far: boolean } | undefined {
  const last = eventsOf(state.events, 'fork').at(-1);
  if (!last) return undefined;
  const by = stageIndex(last.act.stage) - stageIndex(target);
  return by < 0 ? undefined : { atMs: last.atMs, far: by > 0 };
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

/** When a step of the braise itself is due, and why; undefined while nothing asks for it. */
function braiseDue(step: Step, plan: Plan, state: CookState, live: LiveForecast, clock: Clock): Asked | undefined {
  const { potMs, readyMs, nowMs } = clock;
  const at = (min: number): number => potMs + min * MIN_MS;
  const eta = readyEta(live.forecast);
  const target = found(state, live.forecast.target);
  switch (step.due.kind) {
    case 'next':
      return { dueMs: potMs, why: null };
    case 'beforeReady':
      return { dueMs: Math.max(potMs, readyMs - step.due.minutes * MIN_MS), why: null };
    case 'heat': {
      const passed = state.input.course.length - state.stages.length;
      if (step.due.index !== passed + 1) return undefined;
      const [now] = state.stages;
      const planned = plan.stages[step.due.index];
      const since = state.stageSinceMs ?? potMs;
      const dueMs =
        now?.until.kind === 'minutes'
          ? since + now.until.minutes * MIN_MS
          : now?.until.kind === 'before'
            ? Math.max(since, readyMs - now.until.minutes * MIN_MS)
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
          dueMs: opened + (first ? HOB_FIRST_LOOK_MIN : HOB_LOOK_EVERY_MIN) * MIN_MS,
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
      return {
        dueMs: at(live.liquidLowMin - TOP_UP_AHEAD_MIN),
        why:
          live.forecast.dry.chance >= DRY_WORTH_SAYING
            ? say('next.topUp.dry', {
                low: litres(LOW_LITRES),
                at: moment(at(live.forecast.dry.p50)),
                share: share(live.forecast.dry.chance),
              })
            : say('next.topUp.why', { low: litres(LOW_LITRES) }),
      };
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
                  etaOf(live.forecast, TARGETS[live.forecast.target].until).p10 - (target.atMs - potMs) / MIN_MS,
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
  const i = course.litres.findIndex((l) => l <= left);
  return i < 0 ? undefined : potMs + (course.minutes[i] as number) * MIN_MS;
}

function testDue(live: LiveForecast, state: CookState, { potMs, nowMs }: Clock): Asked {
  const { forecast } = live;
  const eta = readyEta(forecast);
  const last = eventsOf(state.events, 'fork').at(-1);
  const firstMin = Math.min(percentileMin(live, FIRST_TEST_CHANCE), forecast.horizonMin);
  let dueMin = firstMin;
  if (last) {
    const since = (last.atMs - potMs) / MIN_MS;
    const wait = Math.min(LONGEST_RETEST_MIN, Math.max(SHORTEST_RETEST_MIN, eta.p50 - since));
    dueMin = since + LONGEST_RETEST_MIN < firstMin ? firstMin : Math.max(firstMin, since + wait);
  }
  const dueMs = Math.max(potMs + dueMin * MIN_MS, last ? last.atMs + SHORTEST_RETEST_MIN * MIN_MS : potMs);
  const chance = chanceBy(forecast, (Math.max(dueMs, nowMs) - potMs) / MIN_MS);
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

/** What is put off least, most pressing first. */
const PRESSING: readonly string[] = [
  'offHeat',
  'lid',
  'place',
  'heat',
  'topUp',
  'late',
  'herbsHalf',
  'test',
  'turn',
  'look',
];
const pressing = ({ step }: PlacedStep): number => {
  const rank = PRESSING.findIndex((p) => step.id === p || step.id.startsWith(`${p}-`));
  // Sides and ovens have moments of their own: before a test, after what cannot wait.
  return rank < 0 ? 6.5 : rank;
};

/** What the pot wants at once. */
function alarmOf(state: CookState, live: LiveForecast, { nowMs, potMs, potted }: Clock): Alarm | undefined {
  if (!potted || state.phase !== 'braising') return undefined;
  const read = eventsOf(state.events, 'liquid').at(-1);
  const here = sampleAt(live.course, (nowMs - potMs) / MIN_MS);
  const recent = read !== undefined && nowMs - read.atMs < READING_HOLDS_MIN * MIN_MS;
  const seen = recent && read.act.addedL < NEARLY_DRY_L ? read.act.levelMm : Infinity;
  const toLine = litres(Math.max(0.2, LOW_LITRES * 2 - here.litres));
  const dryNow = seen === 0 || (read !== undefined && read.act.levelMm === 0 && here.litres < DRY_L);
  if (dryNow)
    return {
      says: say('alarm.dry'),
      do: say('alarm.dry.do', { pour: toLine }),
      record: 'liquid',
      sinceMs: read?.atMs ?? nowMs,
    };
  if (seen < NEARLY_DRY_MM || here.litres < NEARLY_DRY_L) {
    return {
      says: say('alarm.nearlyDry', { left: litres(Math.max(0, here.litres)) }),
      do: say('alarm.nearlyDry.do', { pour: toLine }),
      record: 'liquid',
    };
  }
  return undefined;
}

/** So long before a limit is passed it is said. */
const BEFORE_LIMIT_MIN = 15;

/** Food that comes into the warmth in which germs grow: kept warm too long, or cooling too slowly. */
function keptAlarm(
  plan: Plan,
  state: CookState,
  live: LiveForecast,
  { nowMs, plateMs, finishMin }: Clock,
  closed: (id: string) => boolean,
): Alarm | undefined {
  if (state.offHeatMs === undefined) return undefined;
  if (state.cooling && !closed(plan.ahead ? 'fridge' : 'portion')) {
    const clock = coolingClock(plan, state, live);
    if (!clock) return undefined;
    const { isWarm, isCold } = clock;
    const { warm } = clock.limit;
    const due = warm !== null && clock.warmByMs !== null && !isWarm ? clock.warmByMs : clock.coldByMs;
    if (isCold || nowMs < due - BEFORE_LIMIT_MIN * MIN_MS) return undefined;
    const params = { by: moment(due), to: tempC(due === clock.warmByMs && warm ? warm.tempC : clock.limit.cold.tempC) };
    return nowMs > due
      ? { says: say('alarm.notCold', params), do: say('alarm.notCold.do', params), record: 'cooled' }
      : { says: say('alarm.coolSoon', params), do: say('alarm.coolSoon.do', params), record: 'cooled' };
  }
  // On the way to the plate it is hot again.
  const finishing = nowMs >= plateMs - finishMin * MIN_MS || closed('countOut') || state.servedMs !== undefined;
  if (finishing || plan.ahead) return undefined;
  const hold = holdNow(plan, state, live, nowMs);
  if (hold?.coldMs == null || nowMs < hold.coldMs - BEFORE_LIMIT_MIN * MIN_MS) return undefined;
  const params = { at: moment(hold.coldMs), limit: tempC(hold.limitC) };
  return {
    says: say(nowMs > hold.coldMs ? 'alarm.heldCold' : 'alarm.heldSoon', params),
    do: say('alarm.held.do', params),
    record: 'hold',
  };
}

/** Where the day stands: what is done, in hand, due beside it and coming, and what it means for the plate. */
export function conduct(plan: Plan, state: CookState, live: LiveForecast, nowMs: number): Conducted {
  const planned = stepsOf(plan);
  const pace = paceOf(planned, state);
  const paced = atPace(planned, pace);
  const steps = state.offHeatMs === undefined ? paced : withFinish(paced, finishingNow(plan, state, live));
  const done = doneBy(state);
  const passed = passedSteps(steps, done);
  const closed = (id: string): boolean => done.has(id) || passed.has(id);
  const lastBefore = Math.max(
    ...steps.flatMap((s) => (isBefore(s) && s.due.kind === 'next' ? [done.get(s.id)?.atMs ?? -Infinity] : [])),
  );
  const potted = state.intoPotMs !== undefined;
  const chain = beforeThePot(
    plan,
    planned,
    state,
    steps,
    (s) => !closed(s.id),
    Number.isFinite(lastBefore) ? lastBefore : undefined,
    nowMs,
  );
  const potMs = state.intoPotMs ?? Math.round(chain.potMs);
  const eta = readyEta(live.forecast);
  const likelyMin = Number.isFinite(eta.p50) ? eta.p50 : live.forecast.horizonMin;
  const target = potted ? found(state, live.forecast.target) : undefined;
  const readyMs = target?.atMs ?? state.offHeatMs ?? Math.max(potted ? nowMs : potMs, potMs + likelyMin * MIN_MS);
  const finishMin = finishLeftMin(steps, closed);
  const offMs = state.offHeatMs ?? Math.max(readyMs, target ? nowMs : readyMs);
  const earliest = Math.max(offMs, nowMs) + finishMin * MIN_MS;
  const plateMs = state.servedMs ?? Math.max(plan.day.serveMs, earliest);
  const clock: Clock = { nowMs, potMs, potted, readyMs, finishMin, plateMs };

  const placed = steps.map((step): PlacedStep => {
    const was = done.get(step.id);
    if (was) return { step, status: was.how, atMs: was.atMs, why: null };
    if (passed.has(step.id)) return { step, status: 'passed', atMs: nowMs, why: null };
    return place(step, plan, state, live, clock, chain.starts, closed);
  });
  const alarm = alarmOf(state, live, clock) ?? keptAlarm(plan, state, live, clock, closed);
  const outlook = outlookOf(plan, live, state, clock, offMs);
  const figures = troubleFigures(plan, state, live, { nowMs, potMs, plateMs, chance: outlook.chance });
  const troubled = troublesOf(state, figures);
  const urgent = troubled.find((t) => t.status === 'due' && troubleNow(t.id, figures).urgent === true)?.placed;
  placed.unshift(...troubled.map((t) => t.placed));
  const due = placed
    .filter((p) => p.status === 'due')
    .sort((a, b) => (potted && state.phase === 'braising' ? pressing(a) - pressing(b) : 0) || a.atMs - b.atMs);
  const coming = placed.filter((p) => p.status === 'coming').sort((a, b) => a.atMs - b.atMs);
  const braising = state.phase === 'braising';
  const inChain = braising ? undefined : due.find((p) => p.step.due.kind === 'next');
  // Nothing comes between a cook and what must not be left.
  const troubling = troubled.find((t) => t.placed.status === 'due')?.placed;
  const now =
    urgent ??
    troubling ??
    (inChain?.step.stay === true
      ? inChain
      : ((braising ? undefined : due.find((p) => timed(p.step))) ?? inChain ?? due[0] ?? coming[0]));
  const also = due.filter((p) => p !== now);
  const finished = state.phase === 'finished';
  // Once it was said how it came out only what is left over goes on, for as long as it can still be kept.
  const stillKept = finished && nowMs - (state.servedMs ?? state.finishedMs ?? nowMs) < KEPT_WARM_MS;
  const inHand = finished
    ? stillKept
      ? [...due, ...coming].find((p) => p.step.kind === 'trouble' || LEFT_OVER.includes(p.step.id))
      : undefined
    : now;
  return {
    stage: finished ? 'store' : (inHand?.step.stage ?? 'serve'),
    steps: placed,
    now: inHand,
    also: finished || urgent ? [] : also,
    next: finished ? [] : coming.filter((p) => p !== now).slice(0, 4),
    alarm,
    timers: timersOf(placed, state, nowMs),
    shelf: placed.flatMap(({ step, status }) =>
      step.aside && ['done', 'passed'].includes(status) && status === 'done' && !closed(step.aside.backBy)
        ? [step.aside.what]
        : [],
    ),
    headline: headlineOf(state, live, clock, target, alarm),
    outlook,
    intoPotMs: potMs,
    figures,
    lidBack: lidBackOf(state, live, clock),
    spans: spansOf(plan, state, placed, clock, offMs),
    beside: besideOf(placed),
    marks: marksOf(placed),
  };
}

/** Troubles that were told of, as steps of the day. */
function troublesOf(
  state: CookState,
  figures: Params,
): { readonly id: TroubleId; readonly status: StepStatus; readonly placed: PlacedStep }[] {
  return state.troubles.map(({ id, eventId, atMs }) => {
    const stepId = `trouble-${eventId}`;
    const was = state.steps.get(stepId);
    const { step: title, care, do: what } = troubleNow(id, figures);
    const step: Step = {
      id: stepId,
      kind: 'trouble',
      stage:
        state.intoPotMs === undefined
          ? 'ready'
          : state.offHeatMs === undefined
            ? 'braise'
            : state.servedMs === undefined
              ? 'finish'
              : 'store',
      title,
      what,
      sign: null,
      minutes: { low: 1, likely: 5, high: 15 },
      hands: 'all',
      stay: true,
      place: 'pot',
      after: [],
      due: { kind: 'at', ms: atMs },
      care,
      record: null,
      mark: null,
      aside: null,
    };
    const isBehind = state.finishedMs !== undefined && atMs < state.finishedMs;
    const status: StepStatus = was?.how ?? (isBehind ? 'passed' : 'due');
    return { id, status, placed: { step, status, atMs: was?.atMs ?? atMs, why: null } };
  });
}

/** What putting the lid back on would bring. */
function lidBackOf(state: CookState, live: LiveForecast, { potMs, nowMs }: Clock): Message | null {
  const { lidBack } = live;
  if (state.phase !== 'braising' || lidBack === undefined) return null;
  const now = readyEta(live.forecast).p50;
  const here = sampleAt(live.course, (nowMs - potMs) / MIN_MS);
  const params = {
    lid: nameOf('lid', lidBack.lid),
    back: moment(potMs + lidBack.p50Min * MIN_MS),
    pour: litres(Math.max(0.1, lidBack.toLineL - here.litres)),
  };
  return Number.isFinite(now)
    ? say('conduct.lidBack', { ...params, open: moment(potMs + now * MIN_MS) })
    : say('conduct.lidBack.never', params);
}

/** Steps that come at a moment of their own and may come before what is next in hand. */
const timed = (step: Step): boolean =>
  step.due.kind === 'beforePot' || step.due.kind === 'at' || step.due.kind === 'beforePlate';

/** Steps after which a sauce comes onto the fire. */
const BEFORE_FIRE: readonly Step['kind'][] = [
  'liftOut',
  'countOut',
  'marrowOut',
  'vegOut',
  'strain',
  'press',
  'blend',
  'defat',
  'fatOffCold',
];

/** The finish as the pot really stands, in the place of the planned one: amounts, and boiling down where it has become necessary. */
function withFinish(steps: readonly Step[], finishing: Finishing): readonly Step[] {
  const now = finishSteps(finishing);
  const says = new Map(now.map((s) => [`finish-${s.says.code}`, s]));
  const told = steps.map((s): Step => {
    const found = says.get(s.id);
    return found ? { ...s, title: found.says, minutes: asLikely(s.minutes, found.minutes) } : s;
  });
  const boil = now.find((s) => s.work === 'reduce');
  if (!boil || told.some((s) => s.kind === 'reduce')) return told;
  const before = told.findLastIndex((s) => s.stage === 'finish' && BEFORE_FIRE.includes(s.kind));
  const model = told[before] ?? told.find((s) => s.id === 'hold');
  if (!model) return told;
  const row = STEP_KINDS.reduce;
  const id = `finish-${boil.says.code}`;
  const step: Step = {
    ...model,
    id,
    kind: 'reduce',
    title: boil.says,
    what: null,
    sign: null,
    record: null,
    hands: row.hands,
    stay: row.stay,
    place: row.place,
    care: row.care,
    due: { kind: 'next' },
    after: [before < 0 ? 'offHeat' : model.id],
    minutes: { low: boil.minutes * row.spread[0], likely: boil.minutes, high: boil.minutes * row.spread[1] },
  };
  const last = step.after[0];
  const at = before < 0 ? told.findIndex((s) => s.id === 'hold') : before;
  return [
    ...told.slice(0, at + 1),
    step,
    ...told
      .slice(at + 1)
      .map((s) => (s.id !== 'hold' && last !== undefined && s.after.includes(last) ? { ...s, after: [id] } : s)),
  ];
}

/** A spread of minutes about another middle. */
function asLikely(minutes: Step['minutes'], likely: number): Step['minutes'] {
  const by = Math.max(0.25, likely) / minutes.likely;
  return { low: minutes.low * by, likely: minutes.likely * by, high: minutes.high * by };
}

/** Minutes of the finish and plating that are still to do, one after the other. */
function finishLeftMin(steps: readonly Step[], closed: (id: string) => boolean): number {
  return steps.reduce(
    (sum, s) =>
      ((s.stage === 'finish' && s.id !== 'hold') || s.id === 'plate' || s.id === 'softHerbs') && !closed(s.id)
        ? sum + s.minutes.likely
        : sum,
    0,
  );
}

function place(
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
  if (due.kind === 'beforePot') return at(Math.max(potMs - due.minutes * MIN_MS, firstMoment(plan)));
  if (due.kind === 'beforePlate') return at(plateMs - due.minutes * MIN_MS);
  if (isBefore(step)) {
    if (step.id === 'meatBack') return at(potMs - step.minutes.likely * MIN_MS);
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
    if (due.kind === 'next' && nowMs > potMs + HOB_FIRST_LOOK_MIN * MIN_MS) {
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
  if (step.id === 'cool') return at((state.servedMs ?? plateMs) + AT_TABLE_MIN * MIN_MS);
  if (step.id === 'fridge') return at((state.cooling?.atMs ?? nowMs) + (plan.ahead?.cooling.iceMin ?? 0) * MIN_MS);
  if (step.id === 'portion') return at((state.cooling?.atMs ?? plateMs) + REST_COOLS_MIN * MIN_MS);
  if (step.id === 'served') return at(Math.max(nowMs, plateMs));
  const startMs = plateMs - clock.finishMin * MIN_MS;
  const early = (startMs - nowMs) / MIN_MS > KEEP_WARM_FROM_MIN;
  if (step.id === 'hold') {
    return early
      ? { step, status: 'due', atMs: state.offHeatMs, why: holdWhy(plan, state, live, startMs) }
      : { step, status: 'passed', atMs: startMs, why: null };
  }
  if (free && !early) return { step, status: 'due', atMs: Math.min(nowMs, startMs), why: null };
  return {
    step,
    status: 'coming',
    atMs: startMs,
    why: free && !plan.ahead ? say('conduct.finishAt', { time: minutes((startMs - nowMs) / MIN_MS) }) : null,
  };
}

/** Why and until when it is kept warm, and how long that is safe under its lid. */
function holdWhy(plan: Plan, state: CookState, live: LiveForecast, startMs: number): Message {
  const offMs = state.offHeatMs ?? startMs;
  const lid = holdWaysNow(plan, live, (startMs - offMs) / MIN_MS)[0];
  return say('conduct.keepWarm', {
    until: moment(startMs),
    limit: tempC(COOLING_LIMITS[plan.input.keeping.rule].hotC),
    safe: moment(offMs + Math.min(lid?.safeMin ?? 0, 24 * 60) * MIN_MS),
  });
}

/** When what a step beside the others waits for will most likely be done. */
const besideFrom = (step: Step, starts: ReadonlyMap<string, number>, potMs: number): number =>
  Math.max(...step.after.map((id) => (starts.get(id) ?? potMs) + MIN_MS), 0);

const firstMoment = (plan: Plan): number => plan.day.startMs;

/** Waits of the pan and pot that ring by themselves, and what the cook has set. */
function timersOf(placed: readonly PlacedStep[], state: CookState, nowMs: number): Timer[] {
  const own = [...state.timers].map(([id, t]): Timer => ({ id, name: t.name, endsMs: t.endsMs, step: null }));
  const going = placed.filter(
    (p) =>
      p.status === 'due' &&
      p.step.due.kind === 'next' &&
      (p.step.hands === 'none' || p.step.hands === 'some') &&
      p.step.minutes.likely >= 1 &&
      p.step.stage !== 'serve' &&
      p.step.stage !== 'store',
  );
  const ofSteps = going.flatMap(({ step, atMs }): Timer[] => {
    if (atMs > nowMs || own.some((t) => t.id === step.id)) return [];
    return [
      {
        id: step.id,
        name: step.what ?? step.title ?? say(`step.${step.kind}.do`),
        endsMs: atMs + step.minutes.likely * MIN_MS,
        step: step.id,
      },
    ];
  });
  return [
    ...ofSteps,
    ...own.map((t): Timer => (placed.some((p) => p.step.id === t.id) ? { ...t, step: t.id } : t)),
  ].sort((a, b) => a.endsMs - b.endsMs);
}

/** Where the meat stands: when it will be as wanted, or since when it is, or off the heat. */
function headlineOf(
  state: CookState,
  live: LiveForecast,
  { potMs, nowMs }: Clock,
  target: ReturnType<typeof found>,
  alarm: Alarm | undefined,
): Headline {
  const { forecast } = live;
  if (state.finishedMs !== undefined)
    return { says: say('liveForecast.finished'), atMs: state.finishedMs, between: null };
  if (state.servedMs !== undefined) return { says: say('conduct.servedAt'), atMs: state.servedMs, between: null };
  if (state.offHeatMs !== undefined) {
    return { says: say('liveForecast.offTheHeatSince'), atMs: state.offHeatMs, between: null };
  }
  if (target)
    return {
      says: say('conduct.found', { target: say(`target.${forecast.target}`) }),
      atMs: target.atMs,
      between: null,
    };
  // What a dry pot does to meat is roasting: nothing that was fitted to a braise speaks of it.
  if (alarm?.sinceMs !== undefined) return { says: say('conduct.drySince'), atMs: alarm.sinceMs, between: null };
  const eta = readyEta(forecast);
  const at = (min: number): number =>
    Number.isFinite(min) ? Math.max(potMs + min * MIN_MS, state.intoPotMs === undefined ? 0 : nowMs) : Infinity;
  return {
    says: say('live.target', { target: say(`target.${forecast.target}`) }),
    atMs: at(eta.p50),
    between: { fromMs: at(eta.p10), toMs: at(eta.p90) },
  };
}

/** What becomes of the plate, and what to do where it has slipped. */
function outlookOf(plan: Plan, live: LiveForecast, state: CookState, clock: Clock, offMs: number): PlateOutlook {
  const { plateMs, potMs, finishMin, potted } = clock;
  const wantedMs = plan.day.serveMs;
  const lateMin = Math.max(0, (plateMs - wantedMs) / MIN_MS);
  const readyBy = (wantedMs - finishMin * MIN_MS - potMs) / MIN_MS;
  if (state.servedMs !== undefined)
    return { plateMs, wantedMs, served: true, chance: lateMin < SLIPPED_MIN ? 1 : 0, lateMin, ways: [] };
  const settled = state.offHeatMs !== undefined || offMs !== clock.readyMs;
  const chance = plan.ahead || settled ? (lateMin < SLIPPED_MIN ? 1 : 0) : chanceBy(live.forecast, readyBy);
  const slipped = lateMin >= SLIPPED_MIN || chance < UNLIKELY;
  const earlyMin = (plateMs - finishMin * MIN_MS - Math.max(offMs, clock.nowMs)) / MIN_MS;
  const begun = potted || state.events.length > 0;
  const early = begun && !plan.ahead && earlyMin > TOO_EARLY_MIN;
  const ways =
    !slipped || plan.ahead
      ? early
        ? [say('conduct.way.early', { time: minutes(earlyMin) })]
        : []
      : [
          ...(potted ? [] : [say('conduct.way.oneBatch'), say('conduct.way.smaller')]),
          ...live.heatWays.map((way) =>
            say('conduct.way.heat', { says: way.says, at: moment(potMs + way.p50Min * MIN_MS) }),
          ),
          say('conduct.way.later', { at: moment(plateMs) }),
        ];
  return { plateMs, wantedMs, served: false, chance, lateMin, ways };
}

/** Side dishes as they now lie, and what is still to be chopped. */
function besideOf(placed: readonly PlacedStep[]): DaySpan[] {
  return placed.flatMap(({ step, status, atMs }): DaySpan[] => {
    const chops = step.id === 'chop' && (status === 'due' || status === 'coming');
    if (step.kind !== 'sideOther' && !chops) return [];
    return [
      {
        id: step.id,
        label: chops ? say('span.chop') : (step.mark?.label ?? say('span.chop')),
        kind: step.hands === 'all' ? 'hands' : 'heat',
        fromMs: atMs,
        toMs: atMs + step.minutes.likely * MIN_MS,
      },
    ];
  });
}

/** What is still to come, each at its moment. */
function marksOf(placed: readonly PlacedStep[]): DayMark[] {
  return placed.flatMap(({ step, status, atMs, why }): DayMark[] =>
    step.mark && step.kind !== 'sideOther' && (status === 'due' || status === 'coming')
      ? [{ id: step.id, ...step.mark, atMs, why: why ?? step.title ?? say(`step.${step.kind}.do`) }]
      : [],
  );
}

/** The day on its line: what was done as it was, what is to come as it now looks. */
function spansOf(plan: Plan, state: CookState, placed: readonly PlacedStep[], clock: Clock, offMs: number): DaySpan[] {
  const { potMs, plateMs, readyMs, finishMin } = clock;
  const spans: DaySpan[] = [];
  let at = Math.min(
    ...placed
      .filter((p) => isBefore(p.step) && p.step.due.kind === 'next')
      .map((p) => (p.status === 'passed' ? Infinity : p.atMs)),
    potMs,
  );
  if (!Number.isFinite(at) || (at === potMs && state.intoPotMs !== undefined)) {
    at = potMs - (plan.day.intoPotMs - (plan.day.spans.find((s) => s.id !== 'salt')?.fromMs ?? plan.day.startMs));
    spans.push({
      id: 'prep',
      label: say('span.madeReady'),
      kind: state.intoPotMs === undefined ? 'hands' : 'wait',
      fromMs: at,
      toMs: potMs,
    });
  } else {
    const groups = (['ready', 'sear', 'base', 'liquid'] as const).map((stage) =>
      placed.filter((p) => p.step.stage === stage && p.step.due.kind === 'next' && p.status !== 'passed'),
    );
    // What was done out of order begins no stage before the one ahead of it.
    let earliest = -Infinity;
    const starts = groups.map((g) => {
      if (g.length === 0) return undefined;
      earliest = Math.max(earliest, Math.min(...g.map((p) => p.atMs)));
      return Math.min(earliest, potMs);
    });
    (['ready', 'sear', 'base', 'liquid'] as const).forEach((stage, i) => {
      const from = starts[i];
      if (from === undefined) return;
      const to = Math.min(potMs, starts.slice(i + 1).find((s) => s !== undefined) ?? potMs);
      if (to > from)
        spans.push({
          id: stage === 'ready' ? 'prep' : stage,
          label: say(`workStage.${stage}`),
          kind: 'hands',
          fromMs: from,
          toMs: to,
        });
    });
  }
  const offHeat = state.offHeatMs ?? Math.max(readyMs, offMs);
  spans.push({
    id: 'braise',
    label: say(state.offHeatMs === undefined ? 'span.onTheHeat' : 'span.braised'),
    kind: 'heat',
    fromMs: potMs,
    toMs: offHeat,
  });
  if (plan.ahead) {
    const late = offHeat - plan.day.offHeatByMs;
    const nightMs = plan.day.spans.find((s) => s.id === 'fridge')?.toMs ?? Infinity;
    const moved = (ms: number): number => (ms >= nightMs ? ms : Math.min(nightMs, ms + late));
    spans.push(
      ...plan.day.spans
        .filter((s) => s.fromMs >= plan.day.offHeatByMs)
        .map((s): DaySpan => ({ ...s, fromMs: moved(s.fromMs), toMs: moved(s.toMs) })),
    );
  } else {
    const plateMin = placed.find((p) => p.step.id === 'plate')?.step.minutes.likely ?? 0;
    const served = state.finishedMs ?? plateMs;
    const finishFrom = Math.min(
      served,
      Math.max(offHeat, state.offHeatMs === undefined ? offHeat : 0, plateMs - finishMin * MIN_MS),
    );
    spans.push({ id: 'reserve', label: say('span.reserve'), kind: 'wait', fromMs: offHeat, toMs: finishFrom });
    spans.push({
      id: 'finish',
      label: say('span.finish'),
      kind: 'hands',
      fromMs: finishFrom,
      toMs: Math.max(finishFrom, served - plateMin * MIN_MS),
    });
    spans.push({
      id: 'plate',
      label: say('span.plate'),
      kind: 'serve',
      fromMs: Math.max(finishFrom, served - plateMin * MIN_MS),
      toMs: served,
    });
  }
  return spans.filter((s) => s.toMs > s.fromMs);
}
