import { type DayMark, type DaySpan } from '../schedule';
import { readyEta } from '../forecast';
import { type Message } from '../message';
import { type BegunPlan } from '../plan';
import { type Step, stepsOf, type WorkPhase, titleOf } from '../steps';
import { type Alarm, alarmNow } from './alarms';
import { sideSpans, marksOf, spansOf } from './dayNow';
import { LEFTOVER_RESCUE_MS } from './keepNow';
import { type LiveForecast } from './live';
import { atPace, paceOf } from './pace';
import { type Clock, found, isBefore, type ScheduledStep } from './scheduledStep';
import { preBraiseSteps, scheduleStep } from './scheduling';
import { type Headline, headlineOf, lidBackScenario, outlookOf, type ServingOutlook } from './servingNow';
import { finishingNow } from './sauceNow';
import { type CookState } from './state';
import { OTHER_URGENCY, ruleOf } from './stepRules';
import { doneBy, finishBegun, finishLeftMin, inferDoneSteps, troublesOf, withFinish } from './stepsNow';
import { problemFigures, problemNow, type ProblemFigures } from './problem';
import { MINUTE_MS } from '../quantity';

/** A timer that is running, ringing or waiting to be answered. */
export interface Timer {
  readonly id: string;
  /** As named by the cook, or the step it is for. */
  readonly name: string | Message;
  readonly endsMs: number;
  /** The step that answers it when done; null if the cook set it. */
  readonly step: string | null;
}

/**
 * Everything a screen shows of a braise under way. All of it follows from plan, records, forecast and the present
 * moment.
 */
export interface Guidance {
  readonly stage: WorkPhase;
  readonly steps: readonly ScheduledStep[];
  /** The current step; undefined once all are done. */
  readonly now: ScheduledStep | undefined;
  /** Also due, most urgent first: done while the lid is open, or during waits. */
  readonly also: readonly ScheduledStep[];
  readonly next: readonly ScheduledStep[];
  readonly alarm: Alarm | undefined;
  /** It is being kept warm, until finishing starts. */
  readonly keptWarm: boolean;
  readonly timers: readonly Timer[];
  /** Taken out of pan or pot and still to go back. */
  readonly shelf: readonly Message[];
  readonly headline: Headline;
  readonly outlook: ServingOutlook;
  readonly intoPotMs: number;
  /** Figures of this pot now, for any problem. */
  readonly figures: ProblemFigures;
  /** What would happen with the lid as planned; null if it is, or if it would not help. */
  readonly lidBack: Message | null;
  readonly spans: readonly DaySpan[];
  /** Side dishes and prep done during waits. */
  readonly beside: readonly DaySpan[];
  /** What is still to come on the timeline. */
  readonly marks: readonly DayMark[];
}

const urgency = ({ step }: ScheduledStep): number => ruleOf(step.id).urgency ?? OTHER_URGENCY;

/** The state of the day: what is done, current, also due and coming, and what it means for serving time. */
export function guide(plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): Guidance {
  const planned = stepsOf(plan);
  const pace = paceOf(planned, state);
  const paced = atPace(planned, pace);
  const steps = state.offHeatMs === undefined ? paced : withFinish(paced, finishingNow(plan, state, live));
  const done = doneBy(steps, state);
  const passed = inferDoneSteps(steps, done);
  const begun = finishBegun(steps, done);
  const closed = (id: string): boolean => done.has(id) || passed.has(id);
  const lastBefore = Math.max(
    ...steps.flatMap((s) => (isBefore(s) && s.due.kind === 'next' ? [done.get(s.id)?.atMs ?? -Infinity] : [])),
  );
  const inPot = state.intoPotMs !== undefined;
  const chain = preBraiseSteps(
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
  const target = inPot ? found(state, live.forecast.target) : undefined;
  const readyMs = target?.atMs ?? state.offHeatMs ?? Math.max(inPot ? nowMs : potMs, potMs + likelyMin * MINUTE_MS);
  const finishMin = finishLeftMin(steps, closed);
  const offMs = state.offHeatMs ?? Math.max(readyMs, target ? nowMs : readyMs);
  const earliest = Math.max(offMs, nowMs) + finishMin * MINUTE_MS;
  const serveMs = state.servedMs ?? Math.max(plan.day.serveMs, earliest);
  const clock: Clock = { nowMs, potMs, inPot, readyMs, finishMin, serveMs };

  const placed = steps.map((step): ScheduledStep => {
    const was = done.get(step.id);
    if (was) return { step, status: was.how, atMs: was.atMs, why: null };
    if (passed.has(step.id)) return { step, status: 'passed', atMs: nowMs, why: null };
    return scheduleStep(step, { plan, state, live, clock }, chain.starts, closed);
  });
  const alarm = alarmNow(plan, state, live, clock, closed, begun);
  const outlook = outlookOf(plan, live, state, clock, offMs, alarm);
  const figures = problemFigures(plan, state, live, { nowMs, potMs, serveMs, chance: outlook.chance });
  const troubled = troublesOf(state, figures);
  const urgent = troubled.find((t) => t.placed.status === 'due' && problemNow(t.id, figures).urgent === true)?.placed;
  placed.unshift(...troubled.map((t) => t.placed));
  const due = placed
    .filter((p) => p.status === 'due')
    .sort((a, b) => (inPot && state.phase === 'braising' ? urgency(a) - urgency(b) : 0) || a.atMs - b.atMs);
  const coming = placed.filter((p) => p.status === 'coming').sort((a, b) => a.atMs - b.atMs);
  const braising = state.phase === 'braising';
  const inChain = braising ? undefined : due.find((p) => p.step.due.kind === 'next');
  // Nothing interrupts a step that must not be left.
  const troubling = troubled.find((t) => t.placed.status === 'due')?.placed;
  const now =
    urgent ??
    troubling ??
    (inChain?.step.stay === true
      ? inChain
      : ((braising ? undefined : due.find((p) => timed(p.step))) ?? inChain ?? due[0] ?? coming[0]));
  const also = due.filter((p) => p !== now);
  const finished = state.phase === 'finished';
  // Once the verdict is in, only the leftovers go on, for as long as they can still be stored.
  const stillKept = finished && nowMs - (state.servedMs ?? state.finishedMs ?? nowMs) < LEFTOVER_RESCUE_MS;
  const inHand = finished
    ? stillKept
      ? [...due, ...coming].find((p) => ruleOf(p.step.id).afterVerdict === true)
      : undefined
    : now;
  const hold = placed.find((p) => p.step.id === 'hold');
  const waits = hold?.status === 'done' && inHand?.status === 'coming' && state.servedMs === undefined;
  return {
    stage: finished ? 'store' : (inHand?.step.stage ?? 'serve'),
    steps: placed,
    now: inHand,
    also: finished || urgent ? [] : also,
    next: finished ? [] : coming.filter((p) => p !== now).slice(0, 4),
    alarm,
    keptWarm: alarm?.record === 'hold' || (!begun && (hold?.status === 'due' || waits)),
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
    lidBack: lidBackScenario(state, live, clock),
    spans: spansOf(plan, state, placed, clock, offMs),
    beside: sideSpans(placed),
    marks: marksOf(placed),
  };
}

/** Steps with a time of their own that may come before the next one in order. */
const timed = (step: Step): boolean =>
  step.due.kind === 'beforePot' || step.due.kind === 'at' || step.due.kind === 'beforePlate';

/** Waits of pan and pot that ring by themselves, and timers set by the cook. */
function timersOf(placed: readonly ScheduledStep[], state: CookState, nowMs: number): Timer[] {
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
        name: titleOf(step),
        endsMs: atMs + step.minutes.likely * MINUTE_MS,
        step: step.id,
      },
    ];
  });
  return [
    ...ofSteps,
    ...own.map((t): Timer => (placed.some((p) => p.step.id === t.id) ? { ...t, step: t.id } : t)),
  ].sort((a, b) => a.endsMs - b.endsMs);
}
