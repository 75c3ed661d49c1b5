import { eventsOf, type CookState } from './state';
import { type Forecast, readyEta } from '../forecast/forecast';
import { type Plan } from '../plan/plan';
import { type DayMark, type DaySpan } from '../schedule/day';

const MIN_MS = 60_000;

/** The day as it really went, as far as it has gone; `endMs` closes what is still open. */
export function actualSpans(plan: Plan, state: CookState, endMs: number): DaySpan[] {
  if (state.intoPotMs === undefined) return [];
  const spans: DaySpan[] = [];
  const readyMs = plan.day.intoPotMs - plan.day.startMs;
  spans.push({
    id: 'prep',
    label: 'made ready',
    kind: 'hands',
    fromMs: state.intoPotMs - readyMs,
    toMs: state.intoPotMs,
  });
  const offMs = state.offHeatMs ?? endMs;
  spans.push({ id: 'braise', label: 'braised', kind: 'heat', fromMs: state.intoPotMs, toMs: offMs });
  if (state.offHeatMs !== undefined) {
    spans.push({ id: 'finish', label: 'finished', kind: 'hands', fromMs: offMs, toMs: state.finishedMs ?? endMs });
  }
  return spans;
}

/** The rest of the day as it now looks: what is done, what the heat still has to do, what hands come after. */
export function liveSpans(plan: Plan, state: CookState, forecast: Forecast, nowMs: number): DaySpan[] {
  if (state.intoPotMs === undefined) return [...plan.day.spans];
  const { serveMs } = plan.day;
  const finishMs = plan.work.finish * MIN_MS;
  const plateMs = plan.work.plate * MIN_MS;
  const median = readyEta(forecast).p50;
  const tenderMs =
    state.offHeatMs ??
    Math.max(nowMs, state.intoPotMs + (Number.isFinite(median) ? median : forecast.horizonMin) * MIN_MS);
  const finishStart = Math.max(tenderMs, serveMs - finishMs - plateMs);
  const spans: DaySpan[] = [
    {
      id: 'prep',
      label: 'made ready',
      kind: 'wait',
      fromMs: state.intoPotMs - (plan.day.intoPotMs - plan.day.startMs),
      toMs: state.intoPotMs,
    },
    {
      id: 'braise',
      label: state.offHeatMs === undefined ? 'on the heat' : 'braised',
      kind: 'heat',
      fromMs: state.intoPotMs,
      toMs: tenderMs,
    },
    { id: 'hold', label: 'in hand', kind: 'wait', fromMs: tenderMs, toMs: finishStart },
    { id: 'finish', label: 'strain, reduce', kind: 'hands', fromMs: finishStart, toMs: finishStart + finishMs },
    {
      id: 'plate',
      label: 'plate',
      kind: 'serve',
      fromMs: finishStart + finishMs,
      toMs: finishStart + finishMs + plateMs,
    },
  ];
  return spans.filter((s) => s.toMs > s.fromMs);
}

/** Records worth a mark on the line. */
export function recordMarks(state: CookState): DayMark[] {
  const marks: DayMark[] = [
    ...eventsOf(state.events, 'fork').map((e): DayMark => ({
      id: e.id,
      kind: 'test',
      label: 'fork',
      atMs: e.atMs,
      why: 'tested',
    })),
    ...eventsOf(state.events, 'turned').map((e): DayMark => ({
      id: e.id,
      kind: 'turn',
      label: 'turned',
      atMs: e.atMs,
      why: 'turned',
    })),
    ...eventsOf(state.events, 'liquid').map((e): DayMark => ({
      id: e.id,
      kind: 'look',
      label: 'level',
      atMs: e.atMs,
      why: 'level marked',
    })),
  ];
  return marks.sort((a, b) => a.atMs - b.atMs);
}
