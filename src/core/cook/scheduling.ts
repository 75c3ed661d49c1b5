import { type Message, minutes, say } from '../message';
import { type BegunPlan } from '../plan';
import { MINUTE_MS } from '../quantity';
import { type Step, stepAbout, type StepId } from '../steps';
import { isBefore, type ScheduledStep } from './scheduledStep';
import { type CookState } from './state';
import { type Asked, HOB_FIRST_LOOK_MIN, ruleOf, type StepCase } from './stepRules';

/** Steps due within this count as due now. */
const SOON_MS = MINUTE_MS;
/** Off the heat this much too early, it is kept warm. */
const KEEP_WARM_FROM_MIN = 5;

/** The hands-on steps before the pot that are still to do, with the likely start of each. */
export function preBraiseSteps(
  plan: BegunPlan,
  planned: readonly Step[],
  state: CookState,
  steps: readonly Step[],
  open: (step: Step) => boolean,
  lastDoneMs: number | undefined,
  nowMs: number,
): { readonly starts: ReadonlyMap<StepId, number>; readonly potMs: number } {
  const starts = new Map<StepId, number>();
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
    // The current step started when the last one was done.
    at += i === 0 && begun ? Math.max(0, length - (nowMs - lastDoneMs)) : length;
  });
  return { starts, potMs: Math.max(at, state.intoPotMs ?? 0) };
}

/** When a step in the pot is called for, and why; undefined while nothing does. */
function askedInPot({ id, due }: Step, now: StepCase): Asked | undefined {
  const { potMs, readyMs } = now.clock;
  if (due.kind === 'next') return { dueMs: potMs, why: null };
  if (due.kind === 'beforeReady') return { dueMs: Math.max(potMs, readyMs - due.minutes * MINUTE_MS), why: null };
  return ruleOf(id).asked?.(now, stepAbout(id));
}

/** State of a step nobody has done yet. */
export function scheduleStep(
  step: Step,
  now: StepCase,
  starts: ReadonlyMap<StepId, number>,
  closed: (id: StepId) => boolean,
): ScheduledStep {
  const { plan, state, clock } = now;
  const { nowMs, potMs, inPot, serveMs } = clock;
  const free = step.after.every(closed);
  const at = (atMs: number, why: Message | null = null): ScheduledStep => ({
    step,
    status: !free ? 'coming' : atMs <= nowMs + SOON_MS ? 'due' : 'coming',
    atMs,
    why,
  });
  const { due } = step;
  if (due.kind === 'at') return at(due.ms);
  if (due.kind === 'beforePot') return at(Math.max(potMs - due.minutes * MINUTE_MS, firstMoment(plan)));
  if (due.kind === 'beforePlate') return at(serveMs - due.minutes * MINUTE_MS);
  if (isBefore(step)) {
    if (step.id === 'meatBack') return at(potMs - step.minutes.likely * MINUTE_MS);
    const from = starts.get(step.id);
    // Side work is offered as soon as it is possible, and is needed when the base starts.
    if (due.kind === 'beside')
      return free && starts.size > 0
        ? { step, status: 'due', atMs: nowMs, why: null }
        : { step, status: 'coming', atMs: Math.max(nowMs, besideFrom(step, starts, potMs)), why: null };
    return at(from ?? potMs);
  }
  if (step.stage === 'braise') {
    if (!inPot) return { step, status: 'waits', atMs: potMs, why: null };
    // Lid and place follow at once, recorded or not.
    if (due.kind === 'next' && nowMs > potMs + HOB_FIRST_LOOK_MIN * MINUTE_MS) {
      return { step, status: 'passed', atMs: potMs, why: null };
    }
    const asked = askedInPot(step, now);
    if (!asked) return { step, status: 'waits', atMs: potMs, why: null };
    if (asked.missed === true) return { step, status: 'missed', atMs: asked.dueMs, why: null };
    return at(asked.dueMs, asked.why);
  }
  // After the heat: not before it has to be, while it can be kept warm.
  if (state.offHeatMs === undefined) return { step, status: 'waits', atMs: serveMs, why: null };
  const rule = ruleOf(step.id);
  if (rule.dueMs) return at(rule.dueMs(now));
  const startMs = serveMs - clock.finishMin * MINUTE_MS;
  const early = (startMs - nowMs) / MINUTE_MS > KEEP_WARM_FROM_MIN;
  if (rule.until) return { step, ...rule.until(now, startMs, early) };
  if (free && !early) return { step, status: 'due', atMs: Math.min(nowMs, startMs), why: null };
  return {
    step,
    status: 'coming',
    atMs: startMs,
    why: free && !plan.ahead ? say('conduct.finishAt', { time: minutes((startMs - nowMs) / MINUTE_MS) }) : null,
  };
}

/** When the steps a side step waits for will most likely be done. */
const besideFrom = (step: Step, starts: ReadonlyMap<StepId, number>, potMs: number): number =>
  Math.max(...step.after.map((id) => (starts.get(id) ?? potMs) + MINUTE_MS), 0);

const firstMoment = (plan: BegunPlan): number => plan.day.startMs;
