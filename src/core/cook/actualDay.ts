import { RECORDS } from './records';
import { type CookState } from './state';
import { say } from '../message';
import { type Day, type DayMark, type DaySpan } from '../schedule';
import { type CookActKind } from './events';

/** What is needed of the planned day to compare it with the real one. */
type PlannedDay = Pick<Day, 'spans' | 'startMs' | 'intoPotMs'>;

/** Work before the pot counts for as long as planned; salting the night before belongs to another day. */
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

/** The day as it went so far; `endMs` closes what is still open. */
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

/** Label of a record's mark on the timeline. */
const RECORD_MARKS: Readonly<Partial<Record<CookActKind, Pick<DayMark, 'label' | 'why'>>>> = {
  fork: { label: say('recordMark.fork'), why: say('recordMark.fork.why') },
  turned: { label: say('recordMark.turned'), why: say('recordMark.turned.why') },
  liquid: { label: say('recordMark.liquid'), why: say('recordMark.liquid.why') },
};

/** Records worth a mark on the timeline, oldest first. */
export function recordMarks(state: CookState): DayMark[] {
  return state.events.flatMap((e): DayMark[] => {
    const kind = RECORDS[e.act.kind].mark;
    const said = RECORD_MARKS[e.act.kind];
    return kind === undefined || said === undefined
      ? []
      : [
          {
            id: e.id,
            kind,
            label: said.label,
            atMs: e.atMs,
            why: said.why,
          },
        ];
  });
}
