import { RECORDS } from './records';
import { type CookState } from './state';
import { type Forecast, readyEta } from '../forecast';
import { say } from '../message';
import { type Plan } from '../plan';
import { type Day, type DayMark, type DaySpan } from '../schedule';

const MIN_MS = 60_000;

/** As much of the planned day as the real one is set against. */
type PlannedDay = Pick<Day, 'spans' | 'startMs' | 'intoPotMs'>;

/** What was done before the pot, as long as it was planned to take; salting the night before is another day's work. */
function madeReady(day: PlannedDay, intoPotMs: number, kind: DaySpan['kind']): DaySpan {
  const first = day.spans.find((s) => s.id !== 'salt')?.fromMs ?? day.startMs;
  return {
    id: 'prep',
    label: say('span.madeReady'),
    kind,
    fromMs: intoPotMs - (day.intoPotMs - first),
    toMs: intoPotMs,
  };
}

/** The day as it really went, as far as it has gone; `endMs` closes what is still open. */
export function actualSpans(day: PlannedDay, state: CookState, endMs: number): DaySpan[] {
  if (state.intoPotMs === undefined) return [];
  const { intoPotMs, offHeatMs } = state;
  const spans: DaySpan[] = [
    madeReady(day, intoPotMs, 'hands'),
    { id: 'braise', label: say('span.braised'), kind: 'heat', fromMs: intoPotMs, toMs: offHeatMs ?? endMs },
  ];
  if (offHeatMs !== undefined) {
    spans.push({
      id: 'finish',
      label: say('span.finished'),
      kind: 'hands',
      fromMs: offHeatMs,
      toMs: state.finishedMs ?? endMs,
    });
  }
  return spans;
}

/** When the meat is as wanted, or came off the heat. */
function tenderAt(state: CookState, forecast: Forecast, intoPotMs: number, nowMs: number): number {
  const median = readyEta(forecast).p50;
  return (
    state.offHeatMs ?? Math.max(nowMs, intoPotMs + (Number.isFinite(median) ? median : forecast.horizonMin) * MIN_MS)
  );
}

/** By how much the pot comes off later than the day can bear; earlier, below nothing, only where it goes into ice water at once. */
function lateMs({ day, ahead }: Plan, state: CookState, tenderMs: number): number {
  const off = tenderMs - day.offHeatByMs;
  return ahead && state.offHeatMs !== undefined ? off : Math.max(0, off);
}

/**
 * What follows the heat, as planned, moved by as much as the pot comes off late. A night in the fridge takes that up: what
 * is done after it stays where it was.
 */
function afterTheHeat(plan: Plan, state: CookState, tenderMs: number): DaySpan[] {
  const { day } = plan;
  const late = lateMs(plan, state, tenderMs);
  const nightMs = day.spans.find((s) => s.id === 'fridge')?.toMs ?? Infinity;
  const moved = (ms: number): number => (ms >= nightMs ? ms : Math.min(nightMs, ms + late));
  return [
    { id: 'reserve', label: say('span.reserve'), kind: 'wait', fromMs: tenderMs, toMs: day.offHeatByMs + late },
    ...day.spans
      .filter((s) => s.fromMs >= day.offHeatByMs)
      .map((s): DaySpan => ({ ...s, fromMs: moved(s.fromMs), toMs: moved(s.toMs) })),
  ];
}

/** The rest of the day as it now looks: what is done, what the heat still has to do, what hands come after. */
export function liveSpans(plan: Plan, state: CookState, forecast: Forecast, nowMs: number): DaySpan[] {
  if (state.intoPotMs === undefined) return [...plan.day.spans];
  const tenderMs = tenderAt(state, forecast, state.intoPotMs, nowMs);
  const spans: DaySpan[] = [
    madeReady(plan.day, state.intoPotMs, 'wait'),
    {
      id: 'braise',
      label: say(state.offHeatMs === undefined ? 'span.onTheHeat' : 'span.braised'),
      kind: 'heat',
      fromMs: state.intoPotMs,
      toMs: tenderMs,
    },
    ...afterTheHeat(plan, state, tenderMs),
  ];
  return spans.filter((s) => s.toMs > s.fromMs);
}

/**
 * What goes on beside it as it now looks: what is chopped late counts from the pot, side dishes wait for meat that is late
 * unless they have been begun. What was chopped for the base is done.
 */
export function liveBeside(plan: Plan, state: CookState, forecast: Forecast, nowMs: number): readonly DaySpan[] {
  const { day } = plan;
  if (state.intoPotMs === undefined) return day.beside;
  const potMs = state.intoPotMs - day.intoPotMs;
  const late = plan.ahead ? 0 : lateMs(plan, state, tenderAt(state, forecast, state.intoPotMs, nowMs));
  return day.beside.flatMap((s) => {
    if (!s.id.startsWith('side-')) {
      return s.toMs <= day.intoPotMs ? [] : [{ ...s, fromMs: s.fromMs + potMs, toMs: s.toMs + potMs }];
    }
    return [s.fromMs > nowMs ? { ...s, fromMs: s.fromMs + late, toMs: s.toMs + late } : s];
  });
}

/** Records worth a mark on the line, oldest first. */
export function recordMarks(state: CookState): DayMark[] {
  return state.events.flatMap((e): DayMark[] => {
    const kind = RECORDS[e.act.kind].mark;
    return kind === undefined
      ? []
      : [
          {
            id: e.id,
            kind,
            label: say(`recordMark.${e.act.kind}`),
            atMs: e.atMs,
            why: say(`recordMark.${e.act.kind}.why`),
          },
        ];
  });
}
