import { type PlacedTask, type Resources, type Solution, solve, type Task, taskMinutes } from './solve';
import { type MinutesRange, rangeOf } from './workTime';
import { dayTasks, type DayWork, GRACE_MIN, type Reserve, warmings } from './tasks';
import { sideById } from '../larder';
import { listParam, litres, type Message, minutes, nameOf, say } from '../message';
import { type TargetStage } from '../tenderness';
import { type Fixed } from '../choices';
import { MINUTE_MS } from '../quantity';

/** A stretch of the day. Hands are needed in `hands`; `heat` works alone; `wait` is reserve. Times in ms since 1970. */
export interface DaySpan {
  readonly id: string;
  readonly label: Message;
  readonly kind: 'hands' | 'heat' | 'wait' | 'serve';
  /** What is done in it, where the label names only the dish. */
  readonly doing?: Message;
  readonly fromMs: number;
  readonly toMs: number;
}

/** A moment on the way: something to do or look at. */
export interface DayMark {
  readonly id: string;
  readonly kind: 'look' | 'turn' | 'test' | 'add' | 'oven' | 'heat';
  readonly label: Message;
  readonly atMs: number;
  readonly why: Message;
}

/** A task as it is laid out. */
export interface DayTask {
  readonly id: string;
  readonly label: Message;
  readonly place: PlacedTask['task']['place'];
  /** Of which side dish; undefined for the braise's own. */
  readonly sideId: string | undefined;
  /** What is done, where the label names the dish too. */
  readonly doing: Message | undefined;
  /** Which burner, from 1; undefined elsewhere. */
  readonly burner: number | undefined;
  readonly handsMinutes: number;
  /** How long it takes in eight days of ten, min; for the braise, from the forecast. */
  readonly rangeMin: MinutesRange;
  readonly fromMs: number;
  readonly toMs: number;
  /** One piece, or several where it is put down in between. */
  readonly pieces: readonly { readonly fromMs: number; readonly toMs: number }[];
}

/** Something that does not come out as it should: which task, where in the day, and why. */
export interface DayConflict {
  readonly task: string;
  readonly atMs: number;
  readonly says: Message;
}

/** The whole day from the first act to the plate, worked out backwards. */
export interface Day {
  /** The braise itself, one after the other. */
  readonly spans: readonly DaySpan[];
  /** What goes on beside it: chopping in the waits, side dishes. */
  readonly beside: readonly DaySpan[];
  readonly tasks: readonly DayTask[];
  readonly marks: readonly DayMark[];
  readonly startMs: number;
  readonly intoPotMs: number;
  /** When the pot comes off the heat at the latest for all that follows. */
  readonly offHeatByMs: number;
  /** What the meat is cooked to, and when it is there. */
  readonly target: TargetStage;
  readonly ready: { readonly p10Ms: number; readonly p50Ms: number; readonly p90Ms: number };
  readonly serveMs: number;
  readonly handsOnMinutes: number;
  /** Hands-on minutes in eight days of ten. */
  readonly handsOnRangeMin: MinutesRange;
  readonly reserve: Reserve;
  /** Tasks that are fixed to a moment, as far as they can be. */
  readonly fixed: readonly string[];
  readonly conflicts: readonly DayConflict[];
}

const MIN = MINUTE_MS;

const plus = (ms: number, minutes: number): number => ms + minutes * MIN;

export interface DayQuestion {
  readonly serveMs: number;
  /** When the meat is as wanted: 10th, 50th, 90th percentile, min from the pieces meeting the liquid. */
  readonly ready: { readonly p10: number; readonly p50: number; readonly p90: number };
  readonly work: DayWork;
  readonly target: TargetStage;
  /** When the pieces are turned, min; undefined if they need not be. */
  readonly turnAtMin: number | undefined;
  /** Hot liquid to pour in before the pot runs low, l; undefined where it never does. */
  readonly topUp: { readonly atMin: number; readonly litres: number } | undefined;
  readonly resources: Resources;
  /** What the cook fixes to a moment, first come first served. */
  readonly fixed: readonly Fixed[];
}

/**
 * Lays the day out backwards from the plate, everything as late as hands, burners and oven allow, with the reserve the
 * forecast asks for. What is fixed to a moment it cannot have is laid out as if it were free, and is a conflict. Throws `RangeError` when it would have to begin more than a week before.
 */
export function scheduleDay(question: DayQuestion): Day {
  const { serveMs, ready, work } = question;
  const { solution, fixed, refused, reserve } = solveFixed(question);
  const at = (id: string): PlacedTask | undefined => solution.placed.find((p) => p.task.id === id);
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

/** A burner of its own for each pot on the stove while it is there, the lowest number that is free. */
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

/** What lies between the end of the braise and the plate. */
function afterSpans(
  { placed }: Solution,
  span: (id: string, kind: DaySpan['kind'], fromMin: number, toMin: number, label: Message) => DaySpan,
): DaySpan[] {
  const at = (id: string): PlacedTask | undefined => placed.find((p) => p.task.id === id);
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

/** The tasks fixed as far as hands, places and what comes after let them be, one after the other. */
function solveFixed({ work, resources, fixed, serveMs }: DayQuestion): {
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

/** Why a task cannot begin at `startMin`, seen from the day as it is laid out without that wish. */
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

/** Sides that would stand longer than they stay good, because hands or burners are taken. */
function sideConflicts({ work, serveMs }: DayQuestion, tasks: readonly DayTask[]): DayConflict[] {
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

function dayMarks({ ready, work, turnAtMin, topUp }: DayQuestion, intoPotMs: number, startMs: number): DayMark[] {
  const marks: DayMark[] = [];
  for (const { id, stage } of warmings(work)) {
    marks.push({
      id,
      kind: 'oven',
      label: say(`task.light.${stage.heat}`),
      atMs: Math.max(startMs, plus(intoPotMs, stage.fromMin - stage.warmsMin)),
      why: say(stage.place === 'grill' ? 'mark.grillWarms' : 'mark.ovenWarms'),
    });
  }
  for (const [i, stage] of work.stages.entries()) {
    if (i === 0) continue;
    marks.push({
      id: `heat-${String(i + 1)}`,
      kind: 'heat',
      label: stage.says,
      atMs: plus(intoPotMs, stage.fromMin),
      why: say('mark.heat.why'),
    });
  }
  const half = turnAtMin ?? ready.p50 / 2;
  if (work.place === 'burner') {
    marks.push({
      id: 'simmer',
      kind: 'look',
      label: say('mark.bubbles'),
      atMs: plus(intoPotMs, 15),
      why: say('mark.bubbles.why'),
    });
  }
  marks.push({
    id: 'half',
    kind: turnAtMin !== undefined ? 'turn' : 'look',
    label: say(turnAtMin !== undefined ? 'mark.turn' : 'mark.level'),
    atMs: plus(intoPotMs, half),
    why: say(turnAtMin !== undefined ? 'mark.turn.why' : 'mark.level.why'),
  });
  if (topUp) {
    marks.push({
      id: 'topUp',
      kind: 'look',
      label: say('mark.topUp'),
      atMs: plus(intoPotMs, topUp.atMin),
      why: say('mark.topUp.why', { pour: litres(topUp.litres) }),
    });
  }
  for (const { adds, atMin } of work.looks) {
    if (!adds) continue;
    marks.push({
      id: `add-${adds.code}`,
      kind: 'add',
      label: adds,
      atMs: plus(intoPotMs, atMin),
      why: say('mark.add.why'),
    });
  }
  marks.push({
    id: 'test1',
    kind: 'test',
    label: say('mark.forkTest'),
    atMs: plus(intoPotMs, Math.max(ready.p10, half + 15)),
    why: say('mark.firstTest.why'),
  });
  if (ready.p50 - ready.p10 > 15) {
    marks.push({
      id: 'test2',
      kind: 'test',
      label: say('mark.forkTest'),
      atMs: plus(intoPotMs, ready.p50),
      why: say('mark.secondTest.why'),
    });
  }
  return marks;
}
