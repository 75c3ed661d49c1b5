import { type DayMark, type DaySpan } from '../schedule';
import { readyEta } from '../forecast';
import { type Message } from '../message';
import { type Plan } from '../plan';
import { type Step, stepsOf, type WorkStage, titleOf } from '../steps';
import { type Alarm, alarmNow } from './alarms';
import { besideOf, marksOf, spansOf } from './dayNow';
import { LEFTOVER_RESCUE_MS } from './keepNow';
import { type LiveForecast } from './live';
import { atPace, paceOf } from './pace';
import { type Clock, found, isBefore, type PlacedStep } from './placed';
import { preBraiseSteps, place } from './scheduling';
import { type Headline, headlineOf, lidBackScenario, outlookOf, type ServingOutlook } from './servingNow';
import { finishingNow } from './sauceNow';
import { type CookState } from './state';
import { doneBy, finishBegun, finishLeftMin, LEFT_OVER, inferDoneSteps, troublesOf, withFinish } from './stepsNow';
import { problemFigures, problemNow, type ProblemFigures } from './problem';
import { MINUTE_MS } from '../quantity';

/** A timer that runs, rings or waits to be answered. */
export interface Timer {
  readonly id: string;
  /** As the cook named it, or what step it is for. */
  readonly name: string | Message;
  readonly endsMs: number;
  /** Of a step, which answers it when it is done; null where the cook set it. */
  readonly step: string | null;
}

/** Everything a screen shows of a braise that is on. All of it follows from plan, records, forecast and the present moment. */
export interface Guidance {
  readonly stage: WorkStage;
  readonly steps: readonly PlacedStep[];
  /** The one in hand; undefined once all is done. */
  readonly now: PlacedStep | undefined;
  /** Due as well, most pressing first: done in the same opening of the lid, or in the waits. */
  readonly also: readonly PlacedStep[];
  readonly next: readonly PlacedStep[];
  readonly alarm: Alarm | undefined;
  /** It is kept warm, until the first hand is laid on the finish. */
  readonly keptWarm: boolean;
  readonly timers: readonly Timer[];
  /** Out of pan or pot and still to come back. */
  readonly shelf: readonly Message[];
  readonly headline: Headline;
  readonly outlook: ServingOutlook;
  readonly intoPotMs: number;
  /** Figures of this pot as it stands, for whatever goes wrong. */
  readonly figures: ProblemFigures;
  /** How it would go with the lid as planned; null where it is on as planned or nothing is won. */
  readonly lidBack: Message | null;
  readonly spans: readonly DaySpan[];
  /** Side dishes and what is chopped in the waits. */
  readonly beside: readonly DaySpan[];
  /** What is still to come on the line. */
  readonly marks: readonly DayMark[];
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

/** Where the day stands: what is done, in hand, due beside it and coming, and what it means for the plate. */
export function guide(plan: Plan, state: CookState, live: LiveForecast, nowMs: number): Guidance {
  const planned = stepsOf(plan);
  const pace = paceOf(planned, state);
  const paced = atPace(planned, pace);
  const steps = state.offHeatMs === undefined ? paced : withFinish(paced, finishingNow(plan, state, live));
  const done = doneBy(state);
  const passed = inferDoneSteps(steps, done);
  const begun = finishBegun(steps, done);
  const closed = (id: string): boolean => done.has(id) || passed.has(id);
  const lastBefore = Math.max(
    ...steps.flatMap((s) => (isBefore(s) && s.due.kind === 'next' ? [done.get(s.id)?.atMs ?? -Infinity] : [])),
  );
  const potted = state.intoPotMs !== undefined;
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
  const target = potted ? found(state, live.forecast.target) : undefined;
  const readyMs = target?.atMs ?? state.offHeatMs ?? Math.max(potted ? nowMs : potMs, potMs + likelyMin * MINUTE_MS);
  const finishMin = finishLeftMin(steps, closed);
  const offMs = state.offHeatMs ?? Math.max(readyMs, target ? nowMs : readyMs);
  const earliest = Math.max(offMs, nowMs) + finishMin * MINUTE_MS;
  const plateMs = state.servedMs ?? Math.max(plan.day.serveMs, earliest);
  const clock: Clock = { nowMs, potMs, potted, readyMs, finishMin, plateMs };

  const placed = steps.map((step): PlacedStep => {
    const was = done.get(step.id);
    if (was) return { step, status: was.how, atMs: was.atMs, why: null };
    if (passed.has(step.id)) return { step, status: 'passed', atMs: nowMs, why: null };
    return place(step, plan, state, live, clock, chain.starts, closed);
  });
  const alarm = alarmNow(plan, state, live, clock, closed, begun);
  const outlook = outlookOf(plan, live, state, clock, offMs, alarm);
  const figures = problemFigures(plan, state, live, { nowMs, potMs, plateMs, chance: outlook.chance });
  const troubled = troublesOf(state, figures);
  const urgent = troubled.find((t) => t.placed.status === 'due' && problemNow(t.id, figures).urgent === true)?.placed;
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
  const stillKept = finished && nowMs - (state.servedMs ?? state.finishedMs ?? nowMs) < LEFTOVER_RESCUE_MS;
  const inHand = finished
    ? stillKept
      ? [...due, ...coming].find((p) => p.step.kind === 'trouble' || LEFT_OVER.includes(p.step.id))
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
    beside: besideOf(placed),
    marks: marksOf(placed),
  };
}

/** Steps that come at a moment of their own and may come before what is next in hand. */
const timed = (step: Step): boolean =>
  step.due.kind === 'beforePot' || step.due.kind === 'at' || step.due.kind === 'beforePlate';

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
