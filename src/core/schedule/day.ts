import { type PlacedTask, type Resources, type Solution, solve, type Task, taskMinutes } from './solve';
import { type MinutesRange, rangeOf } from './spread';
import { type DayWork, dayTasks, GRACE_MIN, type Reserve } from './tasks';
import { sideById } from '../larder/sides';
import { formatMinutes } from '../quantity/format';
import { type TargetStage } from '../tenderness/stages';

/** A stretch of the day. Hands are needed in `hands`; `heat` works alone; `wait` is reserve. Times in ms since 1970. */
export interface DaySpan {
  readonly id: string;
  readonly label: string;
  readonly kind: 'hands' | 'heat' | 'wait' | 'serve';
  /** What is done in it, where the label names only the dish. */
  readonly doing?: string;
  readonly fromMs: number;
  readonly toMs: number;
}

/** A moment on the way: something to do or look at. */
export interface DayMark {
  readonly id: string;
  readonly kind: 'look' | 'turn' | 'test' | 'add' | 'oven';
  readonly label: string;
  readonly atMs: number;
  readonly why: string;
}

/** A task as it is laid out. */
export interface DayTask {
  readonly id: string;
  readonly label: string;
  readonly place: PlacedTask['task']['place'];
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

/** A task the cook wants begun at a moment of their own. */
export interface Fixed {
  readonly task: string;
  readonly startMs: number;
}

/** Something that does not come out as it should: which task, where in the day, and a sentence. */
export interface DayConflict {
  readonly task: string;
  readonly atMs: number;
  readonly says: string;
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
  readonly lightBurnerMs: number;
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

const MIN = 60_000;

const plus = (ms: number, minutes: number): number => ms + minutes * MIN;

export interface DayQuestion {
  readonly serveMs: number;
  /** When the meat is as wanted: 10th, 50th, 90th percentile, min from the pieces meeting the liquid. */
  readonly ready: { readonly p10: number; readonly p50: number; readonly p90: number };
  readonly work: DayWork;
  readonly heatLabel: string;
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
export function layOutDay(question: DayQuestion): Day {
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
  const panStart = pan ? plus(serveMs, pan.startMin) : intoPotMs;
  const searEnd = plus(panStart, work.work.sear);
  const baseEnd = plus(searEnd, work.work.base);
  const span = (id: string, label: string, kind: DaySpan['kind'], fromMs: number, toMs: number): DaySpan => ({
    id,
    label,
    kind,
    fromMs,
    toMs,
  });
  const salt = at('salt');
  const spans = [
    ...(salt ? [span('salt', 'salt', 'hands', plus(serveMs, salt.startMin), plus(serveMs, salt.endMin))] : []),
    ...(meat
      ? [span('prep', 'meat', 'hands', plus(serveMs, meat.startMin), Math.min(plus(serveMs, meat.endMin), panStart))]
      : []),
    span('sear', 'sear', 'hands', panStart, searEnd),
    span('base', 'base', 'hands', searEnd, Math.min(baseEnd, intoPotMs)),
    span('liquid', 'liquid', 'hands', Math.min(baseEnd, intoPotMs), intoPotMs),
    span('braise', question.heatLabel, 'heat', intoPotMs, tenderMs),
    span('reserve', 'reserve', 'wait', tenderMs, finishStart),
    ...afterSpans(solution, (id, label, kind, fromMin, toMin) =>
      span(id, label, kind, plus(serveMs, fromMin), plus(serveMs, toMin)),
    ),
    span('plate', 'plate', 'serve', plus(serveMs, plate.startMin), serveMs),
  ].filter((s) => s.toMs > s.fromMs);
  const burners = burnerOf(solution);
  const tasks = solution.placed
    .map((p): DayTask => ({
      burner: burners.get(p.task.id),
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
      ...dayMarks(question, intoPotMs, at('oven'), startMs),
      ...work.lastHerbs.map((herb): DayMark => ({
        id: `last-${herb}`,
        kind: 'add',
        label: herb,
        atMs: plus(serveMs, plate.startMin),
        why: 'Soft herbs last, off the heat: they lose scent and colour in minutes.',
      })),
    ],
    startMs,
    lightBurnerMs: panStart,
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
  const onStove = placed.filter((p) => p.task.place === 'burner').sort((a, b) => a.startMin - b.startMin);
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
  span: (id: string, label: string, kind: DaySpan['kind'], fromMin: number, toMin: number) => DaySpan,
): DaySpan[] {
  const at = (id: string): PlacedTask | undefined => placed.find((p) => p.task.id === id);
  const [lift, reduce, cool, unfat, reheat, plate] = ['lift', 'reduce', 'cool', 'unfat', 'reheat', 'plate'].map(at);
  if (!lift) return [];
  if (!cool || !unfat || !reheat) {
    return [span('finish', 'strain, reduce', 'hands', lift.startMin, (reduce ?? lift).endMin)];
  }
  return [
    span('lift', 'out', 'hands', lift.startMin, lift.endMin),
    span('cool', 'cool in ice water', 'wait', cool.startMin, cool.endMin),
    span('fridge', 'in the fridge', 'wait', cool.endMin, unfat.startMin),
    span('finish', 'fat off, reduce', 'hands', unfat.startMin, (reduce ?? unfat).endMin),
    span('reheat', 'warm through', 'heat', reheat.startMin, reheat.endMin),
    span('keep', 'keep hot', 'wait', reheat.endMin, plate?.startMin ?? reheat.endMin),
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
function whyNot(task: Task, startMin: number, { placed }: Solution): string {
  const free = placed.find((p) => p.task.id === task.id);
  const late = free ? startMin - free.startMin : 0;
  if (late > 0) return `“${task.label}” cannot wait so long: it has to begin ${formatMinutes(late)} earlier.`;
  const endMin = startMin + taskMinutes(task);
  const inTheWay = placed
    .filter((p) => p.task.id !== task.id && p.pieces.some((x) => x.fromMin < endMin && x.toMin > startMin))
    .filter((p) => p.task.place === task.place || p.task.segments.some((s) => s.hands))
    .map((p) => `“${p.task.label}”`);
  const others = inTheWay.slice(0, 2).join(' and ');
  return others === ''
    ? `“${task.label}” cannot begin then.`
    : `“${task.label}” cannot begin then: hands or burners are taken by ${others}.`;
}

function besideSpans(tasks: readonly DayTask[]): DaySpan[] {
  return tasks.flatMap((t): DaySpan[] => {
    const chopping = t.id === 'chop' || t.id === 'lateChop';
    if (!chopping && !t.id.startsWith('side-')) return [];
    const busy = t.handsMinutes * MIN >= t.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0);
    return t.pieces.map((p, i) => ({
      id: `${t.id}-${String(i)}`,
      label: chopping ? 'chop' : (t.label.split(':')[0] ?? t.label).toLowerCase(),
      ...(t.label.includes(': ') ? { doing: t.label.slice(t.label.indexOf(': ') + 2) } : {}),
      kind: busy ? 'hands' : 'heat',
      ...p,
    }));
  });
}

/** Sides that would stand longer than they stay good, because hands or burners are taken. */
function sideConflicts({ work, serveMs }: DayQuestion, tasks: readonly DayTask[]): DayConflict[] {
  return work.sides.flatMap((id) => {
    const side = sideById(id);
    const last = tasks.filter((t) => t.id.startsWith(`side-${id}-`)).at(-1);
    if (!last) return [];
    const waits = (serveMs - last.toMs) / MIN - GRACE_MIN;
    return waits > side.waitsMin
      ? [
          {
            task: last.id,
            atMs: last.toMs,
            says: `${side.name} would be done ${String(Math.round(waits))} min before the plates: hands or burners are taken. A second cook, one side fewer, or something that can stand.`,
          },
        ]
      : [];
  });
}

function dayMarks(
  { ready, work, turnAtMin, topUp }: DayQuestion,
  intoPotMs: number,
  oven: PlacedTask | undefined,
  startMs: number,
): DayMark[] {
  const marks: DayMark[] = [];
  if (oven) {
    marks.push({
      id: 'oven',
      kind: 'oven',
      label: work.heat.lights,
      atMs: Math.max(startMs, plus(intoPotMs, -work.heat.warmsMin)),
      why:
        work.heat.place === 'grill'
          ? 'Coals or burners need this long to even out under the lid.'
          : 'A cold oven costs about eight minutes of braising.',
    });
  }
  const half = turnAtMin ?? ready.p50 / 2;
  if (work.heat.place === 'burner') {
    marks.push({
      id: 'simmer',
      kind: 'look',
      label: 'bubbles',
      atMs: plus(intoPotMs, 15),
      why: 'On the stove the flame settles in the first quarter hour: lazy bubbles, no more.',
    });
  }
  marks.push({
    id: 'half',
    kind: turnAtMin !== undefined ? 'turn' : 'look',
    label: turnAtMin !== undefined ? 'turn' : 'level',
    atMs: plus(intoPotMs, half),
    why:
      turnAtMin !== undefined
        ? 'What stands out of the liquid cooks slower and dries; turned at half time it evens out.'
        : 'Half way: see that the liquid stands where it should.',
  });
  if (topUp) {
    marks.push({
      id: 'topUp',
      kind: 'look',
      label: 'top up',
      atMs: plus(intoPotMs, topUp.atMin),
      why: `Soon after less than 250 ml would be left. Pour in about ${String(Math.round(topUp.litres * 20) * 50)} ml, hot.`,
    });
  }
  for (const look of work.looks.filter((l) => l.label.startsWith('in:'))) {
    marks.push({
      id: look.label,
      kind: 'add',
      label: look.label.slice(4),
      atMs: plus(intoPotMs, look.atMin),
      why: 'Counted back from the end, so that it is done and not mush.',
    });
  }
  marks.push({
    id: 'test1',
    kind: 'test',
    label: 'fork test',
    atMs: plus(intoPotMs, Math.max(ready.p10, half + 15)),
    why: 'One kitchen in ten is ready by now: the first test that can pay for the heat it costs.',
  });
  if (ready.p50 - ready.p10 > 15) {
    marks.push({
      id: 'test2',
      kind: 'test',
      label: 'fork test',
      atMs: plus(intoPotMs, ready.p50),
      why: 'The middle of the forecast.',
    });
  }
  return marks;
}
