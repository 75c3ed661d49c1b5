import { say } from '../message';
import { type BegunPlan } from '../plan';
import { type DayMark, type DaySpan } from '../schedule';
import { type Clock, isBefore, type ScheduledStep } from './scheduledStep';
import { type CookState } from './state';
import { titleOf } from '../steps';
import { MINUTE_MS } from '../quantity';

/** Side dishes as scheduled now, and what is still to be chopped. */
export function sideSpans(placed: readonly ScheduledStep[]): DaySpan[] {
  return placed.flatMap(({ step, status, atMs }): DaySpan[] => {
    const chops = step.id === 'chop' && (status === 'due' || status === 'coming');
    if (step.kind !== 'sideOther' && !chops) return [];
    return [
      {
        id: step.id,
        label: chops ? say('span.chop') : (step.mark?.label ?? say('span.chop')),
        kind: step.hands === 'all' ? 'hands' : 'heat',
        fromMs: atMs,
        toMs: atMs + step.minutes.likely * MINUTE_MS,
      },
    ];
  });
}

/** What is still to come, each at its time. */
export function marksOf(placed: readonly ScheduledStep[]): DayMark[] {
  return placed.flatMap(({ step, status, atMs, why }): DayMark[] =>
    step.mark && step.kind !== 'sideOther' && (status === 'due' || status === 'coming')
      ? [{ id: step.id, ...step.mark, atMs, why: why ?? titleOf(step) }]
      : [],
  );
}

/** The day on the timeline: the past as it was, the future as it looks now. */
export function spansOf(
  plan: BegunPlan,
  state: CookState,
  placed: readonly ScheduledStep[],
  clock: Clock,
  offMs: number,
): DaySpan[] {
  const { potMs, serveMs, readyMs, finishMin } = clock;
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
    // A step done out of order does not start a phase before the one ahead of it.
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
    const served = state.finishedMs ?? serveMs;
    const finishFrom = Math.min(
      served,
      Math.max(offHeat, state.offHeatMs === undefined ? offHeat : 0, serveMs - finishMin * MINUTE_MS),
    );
    spans.push({ id: 'reserve', label: say('span.reserve'), kind: 'wait', fromMs: offHeat, toMs: finishFrom });
    spans.push({
      id: 'finish',
      label: say('span.finish'),
      kind: 'hands',
      fromMs: finishFrom,
      toMs: Math.max(finishFrom, served - plateMin * MINUTE_MS),
    });
    spans.push({
      id: 'plate',
      label: say('span.plate'),
      kind: 'serve',
      fromMs: Math.max(finishFrom, served - plateMin * MINUTE_MS),
      toMs: served,
    });
  }
  return spans.filter((s) => s.toMs > s.fromMs);
}
