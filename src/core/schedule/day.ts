import { type ScheduledTask, type Solution, solve, type Task, taskMinutes } from './solve';
import { rangeOf } from './workTime';
import { dayTasks, type Reserve } from './tasks';
import { GRACE_MIN } from './sideTasks';
import { sideById } from '../larder';
import { listParam, type Message, minutes, nameOf, say } from '../message';
import { dayMarks } from './dayMarks';
import { type DayMark } from './dayShape';
import { type DaySpan, type DayTask, type DayConflict, type Day, MIN, plus, type DayInput } from './dayShape';

/**
 * Schedules the day backwards from serving, everything as late as people, burners and oven allow, with the spare time
 * the forecast needs. A task locked to an impossible time is scheduled as if unlocked, and is a conflict. Throws
 * `RangeError` if the day would start more than a week before.
 */
export function scheduleDay(question: DayInput): Day {
  const { serveMs, ready, work } = question;
  const { solution, fixed, refused, reserve } = solveFixed(question);
  const at = (id: string): ScheduledTask | undefined => solution.placed.find((p) => p.task.id === id);
  const braise = at('braise');
  const lift = at('lift');
  const plate = at('plate');
  if (!braise || !lift || !plate) throw new RangeError('A day needs a braise, a finish and a plate.');
  const intoPotMs = plus(serveMs, braise.startMin);
  const finishStart = plus(serveMs, lift.startMin);
  const tenderMs = Math.min(plus(intoPotMs, ready.p50), finishStart);
  const pan = at('pan');
  const meat = at('meat');
  const bare = at('bare');
  const panStart = pan ? plus(serveMs, pan.startMin) : intoPotMs;
  const searEnd = plus(panStart, work.work.sear);
  const baseEnd = plus(searEnd, work.work.base);
  const span = (id: string, kind: DaySpan['kind'], fromMs: number, toMs: number, label: Message): DaySpan => ({
    id,
    label,
    kind,
    fromMs,
    toMs,
  });
  const salt = at('salt');
  const spans = [
    ...(salt
      ? [span('salt', 'hands', plus(serveMs, salt.startMin), plus(serveMs, salt.endMin), say('span.salt'))]
      : []),
    ...(meat
      ? [
          span(
            'prep',
            'hands',
            plus(serveMs, meat.startMin),
            Math.min(plus(serveMs, meat.endMin), bare ? plus(serveMs, bare.startMin) : panStart),
            say('span.prep'),
          ),
        ]
      : []),
    ...(bare && work.bare
      ? [
          span(
            'bare',
            'heat',
            plus(serveMs, bare.startMin),
            Math.min(plus(serveMs, bare.endMin), panStart),
            say(work.bare.smoke ? 'span.bare.smoke' : 'span.bare.warm'),
          ),
        ]
      : []),
    span('sear', 'hands', panStart, searEnd, say('span.sear')),
    span('base', 'hands', searEnd, Math.min(baseEnd, intoPotMs), say('span.base')),
    span('liquid', 'hands', Math.min(baseEnd, intoPotMs), intoPotMs, say('span.liquid')),
    ...work.stages.map((s, i) =>
      span(
        i === 0 ? 'braise' : `braise-${String(i + 1)}`,
        'heat',
        plus(intoPotMs, s.fromMin),
        Math.min(tenderMs, plus(intoPotMs, work.stages[i + 1]?.fromMin ?? Infinity)),
        say(`span.braise.${s.heat}`),
      ),
    ),
    span('reserve', 'wait', tenderMs, finishStart, say('span.reserve')),
    ...afterSpans(solution, (id, kind, fromMin, toMin, label) =>
      span(id, kind, plus(serveMs, fromMin), plus(serveMs, toMin), label),
    ),
    span('plate', 'serve', plus(serveMs, plate.startMin), serveMs, say('span.plate')),
  ].filter((s) => s.toMs > s.fromMs);
  const burners = burnerOf(solution);
  const tasks = solution.placed
    .map((p): DayTask => ({
      burner: burners.get(p.task.id),
      sideId: p.task.sideId,
      doing: p.task.doing,
      id: p.task.id,
      label: p.task.label,
      place: p.task.place,
      handsMinutes: p.task.segments.reduce((sum, s) => (s.hands ? sum + s.minutes : sum), 0),
      rangeMin:
        p.task.id === 'braise' ? { low: Math.round(ready.p10), high: Math.round(ready.p90) } : rangeOf(p.task.segments),
      fromMs: plus(serveMs, p.startMin),
      toMs: plus(serveMs, p.endMin),
      pieces: p.pieces.map((x) => ({ fromMs: plus(serveMs, x.fromMin), toMs: plus(serveMs, x.toMin) })),
    }))
    .sort((a, b) => a.fromMs - b.fromMs || a.toMs - b.toMs);
  const startMs = plus(serveMs, solution.startMin);
  return {
    spans,
    beside: besideSpans(tasks),
    tasks,
    marks: [
      ...dayMarks(question, intoPotMs, startMs),
      ...work.lastHerbs.map((herb): DayMark => ({
        id: `last-${herb}`,
        kind: 'add',
        label: nameOf('herb', herb),
        atMs: plus(serveMs, plate.startMin),
        why: say('mark.softHerb'),
      })),
    ],
    startMs,
    intoPotMs,
    offHeatByMs: finishStart,
    target: question.target,
    ready: {
      p10Ms: plus(intoPotMs, ready.p10),
      p50Ms: plus(intoPotMs, ready.p50),
      p90Ms: plus(intoPotMs, ready.p90),
    },
    serveMs,
    handsOnMinutes: tasks.reduce((sum, t) => sum + t.handsMinutes, 0),
    handsOnRangeMin: rangeOf(solution.placed.flatMap((p) => p.task.segments.filter((s) => s.hands))),
    reserve,
    fixed,
    conflicts: [...refused, ...sideConflicts(question, tasks)],
  };
}

/** A burner for each pot on the stove while it is there, the lowest free number. */
function burnerOf({ placed }: Solution): ReadonlyMap<string, number> {
  const out = new Map<string, number>();
  const freeAt: number[] = [];
  const onStove = placed
    .flatMap((p) => {
      let at = p.startMin;
      const there = p.task.segments.flatMap((s) => {
        at += s.minutes;
        return (s.place ?? p.task.place) === 'burner' ? [{ from: at - s.minutes, to: at }] : [];
      });
      const first = there[0];
      return first ? [{ task: p.task, startMin: first.from, endMin: there.at(-1)?.to ?? first.to }] : [];
    })
    .sort((a, b) => a.startMin - b.startMin);
  for (const p of onStove) {
    const found = freeAt.findIndex((min) => min <= p.startMin);
    const index = found < 0 ? freeAt.length : found;
    freeAt[index] = p.endMin;
    out.set(p.task.id, index + 1);
  }
  return out;
}

/** What lies between the end of the braise and serving. */
function afterSpans(
  { placed }: Solution,
  span: (id: string, kind: DaySpan['kind'], fromMin: number, toMin: number, label: Message) => DaySpan,
): DaySpan[] {
  const at = (id: string): ScheduledTask | undefined => placed.find((p) => p.task.id === id);
  const [lift, reduce, cool, unfat, reheat, plate] = ['lift', 'reduce', 'cool', 'unfat', 'reheat', 'plate'].map(at);
  if (!lift) return [];
  if (!cool || !unfat || !reheat) {
    return [span('finish', 'hands', lift.startMin, (reduce ?? lift).endMin, say('span.finish'))];
  }
  return [
    span('lift', 'hands', lift.startMin, lift.endMin, say('span.lift')),
    span('cool', 'wait', cool.startMin, cool.endMin, say('span.cool')),
    span('fridge', 'wait', cool.endMin, unfat.startMin, say('span.fridge')),
    span('finish', 'hands', unfat.startMin, (reduce ?? unfat).endMin, say('span.finishCold')),
    span('reheat', 'heat', reheat.startMin, reheat.endMin, say('span.reheat')),
    span('keep', 'wait', reheat.endMin, plate?.startMin ?? reheat.endMin, say('span.keep')),
  ];
}

/** The locked tasks as far as people, places and later tasks allow, one after the other. */
function solveFixed({ work, resources, fixed, serveMs }: DayInput): {
  readonly solution: Solution;
  readonly fixed: readonly string[];
  readonly refused: readonly DayConflict[];
  readonly reserve: Reserve;
} {
  const made = dayTasks(work);
  let { tasks } = made;
  let solution = solve(tasks, resources);
  if (!solution) throw new RangeError('This day has no room for all that is to be done.');
  const kept: string[] = [];
  const refused: DayConflict[] = [];
  for (const fix of fixed) {
    const task = tasks.find((t) => t.id === fix.task);
    if (!task) continue;
    const startMin = Math.round((fix.startMs - serveMs) / MIN);
    const tried = tasks.map((t) => (t === task ? { ...t, startMin } : t));
    const found = solve(tried, resources);
    if (found) {
      tasks = tried;
      solution = found;
      kept.push(task.id);
    } else refused.push({ task: task.id, atMs: fix.startMs, says: whyNot(task, startMin, solution) });
  }
  return { solution, fixed: kept, refused, reserve: made.reserve };
}

/** Why a task cannot start at `startMin`, given the day scheduled without that lock. */
function whyNot(task: Task, startMin: number, { placed }: Solution): Message {
  const free = placed.find((p) => p.task.id === task.id);
  const late = free ? startMin - free.startMin : 0;
  if (late > 0) return say('conflict.cannotWait', { task: task.label, earlier: minutes(late) });
  const endMin = startMin + taskMinutes(task);
  const inTheWay = placed
    .filter((p) => p.task.id !== task.id && p.pieces.some((x) => x.fromMin < endMin && x.toMin > startMin))
    .filter((p) => p.task.place === task.place || p.task.segments.some((s) => s.hands))
    .slice(0, 2)
    .map((p) => say('conflict.quoted', { task: p.task.label }));
  return inTheWay.length === 0
    ? say('conflict.cannotBegin', { task: task.label })
    : say('conflict.taken', { task: task.label, others: listParam(inTheWay) });
}

function besideSpans(tasks: readonly DayTask[]): DaySpan[] {
  return tasks.flatMap((t): DaySpan[] => {
    const chopping = t.id === 'chop' || t.id === 'lateChop';
    if (!chopping && t.sideId === undefined) return [];
    const busy = t.handsMinutes * MIN >= t.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0);
    return t.pieces.map((p, i) => ({
      id: `${t.id}-${String(i)}`,
      label: t.sideId === undefined ? say('span.chop') : nameOf('side', t.sideId),
      ...(t.doing ? { doing: t.doing } : {}),
      kind: busy ? 'hands' : 'heat',
      ...p,
    }));
  });
}

/** Sides that would stand past their best because people or burners are busy. */
function sideConflicts({ work, serveMs }: DayInput, tasks: readonly DayTask[]): DayConflict[] {
  return work.sides.flatMap((id) => {
    const side = sideById(id);
    const last = tasks.filter((t) => t.sideId === id).at(-1);
    if (!last) return [];
    const waits = (serveMs - last.toMs) / MIN - GRACE_MIN;
    return waits > side.waitsMin
      ? [
          {
            task: last.id,
            atMs: last.toMs,
            says: say('conflict.sideWaits', { side: nameOf('side', id), waits: minutes(waits) }),
          },
        ]
      : [];
  });
}
