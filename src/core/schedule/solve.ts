import { type Message } from '../message';

/** Where something is done. The barbecue holds one pot, which is the braise; board and table have unlimited room. */
export type Place = 'board' | 'burner' | 'oven' | 'grill' | 'table';

/** A stretch within a task: how long, and whether it needs a person. */
export interface Segment {
  readonly minutes: number;
  readonly hands: boolean;
  /** Must not be left: nothing else is asked of that person. */
  readonly stay?: boolean;
  /** Where it is done, if not where the rest of the task is. */
  readonly place?: Place;
}

/** Ends at the latest this many minutes after another task's start (negative: before it). */
export interface EndsBy {
  readonly task: string;
  readonly offsetMin: number;
}

/** Something done in one go, or in pieces if it can be interrupted. Whole minutes. */
export interface Task {
  readonly id: string;
  readonly label: Message;
  /** Its side dish; omitted for the braise's own tasks. */
  readonly sideId?: string;
  /** What is done, if the label names the dish too. */
  readonly doing?: Message;
  readonly segments: readonly Segment[];
  readonly place: Place;
  /** Can be interrupted and resumed, in pieces of at least `MIN_PIECE_MIN`. */
  readonly splits: boolean;
  readonly endsBy: readonly EndsBy[];
  /** Its own latest end, min from serving (0 is serving, negative before). */
  readonly latestEndMin: number;
  /** How long the result may stand before serving; unlimited if omitted. */
  readonly waitsMin?: number;
  /** Start locked by the cook, min from serving; undefined if it may move. */
  readonly startMin?: number;
}

/** A kitchen's resources. */
export interface Resources {
  /** People cooking. */
  readonly cooks: number;
  readonly burners: number;
  readonly ovens: number;
}

/** A scheduled piece of a task, min from serving. */
export interface PlacedPieceOfWork {
  readonly fromMin: number;
  readonly toMin: number;
}

export interface ScheduledTask {
  readonly task: Task;
  readonly startMin: number;
  readonly endMin: number;
  /** One piece, or several if it is interrupted. */
  readonly pieces: readonly PlacedPieceOfWork[];
}

/** A schedule in which nobody is in two places and nothing is double-booked. */
export interface Solution {
  readonly placed: readonly ScheduledTask[];
  /** Start of the first hands-on work, min from serving. */
  readonly startMin: number;
  /** Total minutes by which things stand longer than they may. */
  readonly overdueMin: number;
}

export const MIN_PIECE_MIN = 2;
/** How far back a day may reach, min. */
const REACH_MIN = 7 * 24 * 60;
/** Small sets are tried in every order; larger ones by swapping tasks that block each other. */
const EXHAUSTIVE_TASKS = 6;
const SWAPS = 60;

export function taskMinutes(task: Pick<Task, 'segments'>): number {
  return task.segments.reduce((sum, s) => sum + s.minutes, 0);
}

function capacityOf(place: Place, resources: Resources): number {
  switch (place) {
    case 'burner':
      return resources.burners;
    case 'oven':
      return resources.ovens;
    default:
      return Infinity;
  }
}

/** Bookings minute by minute, counted back from serving: index k is the minute that ends k before it. */
class Booking {
  private readonly hands = new Uint8Array(REACH_MIN);
  private readonly places: Readonly<Record<'burner' | 'oven', Uint8Array>> = {
    burner: new Uint8Array(REACH_MIN),
    oven: new Uint8Array(REACH_MIN),
  };

  constructor(private readonly resources: Resources) {}

  private slots(place: Place): Uint8Array | undefined {
    return place === 'burner' || place === 'oven' ? this.places[place] : undefined;
  }

  /** Whether a task of these segments can end `back` minutes before serving. */
  fits(task: Task, back: number): boolean {
    const total = taskMinutes(task);
    if (back < 0 || back + total >= REACH_MIN) return false;
    let at = back + total;
    for (const segment of task.segments) {
      const place = segment.place ?? task.place;
      const slots = this.slots(place);
      const room = capacityOf(place, this.resources);
      for (let m = 0; m < segment.minutes; m++) {
        at--;
        if (segment.hands && (this.hands[at] ?? 0) >= this.resources.cooks) return false;
        if (slots && (slots[at] ?? 0) >= room) return false;
      }
    }
    return true;
  }

  book(task: Task, back: number, sign: 1 | -1 = 1): void {
    let at = back + taskMinutes(task);
    for (const segment of task.segments) {
      const slots = this.slots(segment.place ?? task.place);
      for (let m = 0; m < segment.minutes; m++) {
        at--;
        if (segment.hands) this.hands[at] = (this.hands[at] ?? 0) + sign;
        if (slots) slots[at] = (slots[at] ?? 0) + sign;
      }
    }
  }

  /** Latest free minutes for an interruptible task, in pieces; undefined if there are not enough. */
  pieces(task: Task, back: number): PlacedPieceOfWork[] | undefined {
    let left = taskMinutes(task);
    const found: { fromMin: number; toMin: number }[] = [];
    let run = 0;
    for (let at = Math.max(0, back); left > 0; at++) {
      if (at >= REACH_MIN) return undefined;
      const free = (this.hands[at] ?? 0) < this.resources.cooks;
      if (free) run++;
      const whole = run >= left;
      if (!free || whole) {
        const usable = Math.min(run, left);
        const rest = left - usable;
        if (usable >= Math.min(MIN_PIECE_MIN, left) && (rest === 0 || rest >= MIN_PIECE_MIN)) {
          const end = free ? at + 1 : at;
          const nearest = end - run;
          found.push({ fromMin: -(nearest + usable), toMin: -nearest });
          left = rest;
        } else if (usable > MIN_PIECE_MIN && rest > 0 && rest < MIN_PIECE_MIN) {
          const take = usable - (MIN_PIECE_MIN - rest);
          const end = free ? at + 1 : at;
          const nearest = end - run;
          found.push({ fromMin: -(nearest + take), toMin: -nearest });
          left -= take;
        }
        run = 0;
      }
    }
    return found.reverse();
  }

  /**
   * Free minutes for an interruptible task from `back` minutes before serving onwards; undefined if it cannot start
   * then.
   */
  piecesFrom(task: Task, back: number): PlacedPieceOfWork[] | undefined {
    const found: { fromMin: number; toMin: number }[] = [];
    let left = taskMinutes(task);
    let run = 0;
    const free = (at: number): boolean => at >= 0 && (this.hands[at] ?? 0) < this.resources.cooks;
    if (back > REACH_MIN || !free(back - 1)) return undefined;
    for (let at = back - 1; left > 0 && at >= -1; at--) {
      const goesOn = free(at);
      if (goesOn) run++;
      if (run >= left || (!goesOn && run >= MIN_PIECE_MIN)) {
        const end = goesOn ? at : at + 1;
        const minutes = Math.min(run, left);
        found.push({ fromMin: -(end + run), toMin: -(end + run) + minutes });
        left -= minutes;
      }
      if (!goesOn) run = 0;
    }
    return left > 0 || found[0]?.fromMin !== -back ? undefined : found;
  }

  bookPieces(pieces: readonly PlacedPieceOfWork[]): void {
    for (const piece of pieces) {
      for (let at = -piece.toMin; at < -piece.fromMin; at++) this.hands[at] = (this.hands[at] ?? 0) + 1;
    }
  }
}

/** Latest end of a task given all placed tasks, min from serving. */
function latestEnd(task: Task, placed: ReadonlyMap<string, ScheduledTask>): number {
  let latest = task.latestEndMin;
  for (const { task: id, offsetMin } of task.endsBy) {
    const other = placed.get(id);
    if (other) latest = Math.min(latest, other.startMin + offsetMin);
  }
  return latest;
}

/**
 * Schedules tasks in the given order, each as late as possible; locked tasks get people and places before all others.
 * Undefined if one has no room or a locked task would come too late for another.
 */
function layOut(order: readonly Task[], resources: Resources): Solution | undefined {
  const booking = new Booking(resources);
  const placed = new Map<string, ScheduledTask>();
  const put = (task: Task, back: number): void => {
    booking.book(task, back);
    const piece = { fromMin: -(back + taskMinutes(task)), toMin: -back };
    placed.set(task.id, { task, startMin: piece.fromMin, endMin: piece.toMin, pieces: [piece] });
  };
  for (const task of order) {
    if (task.startMin === undefined || task.splits) continue;
    const back = -(task.startMin + taskMinutes(task));
    if (!booking.fits(task, back)) return undefined;
    put(task, back);
  }
  for (const task of order) {
    if (task.startMin !== undefined && !task.splits) continue;
    let back = Math.ceil(-latestEnd(task, placed));
    if (task.splits) {
      const pieces =
        task.startMin === undefined ? booking.pieces(task, back) : booking.piecesFrom(task, -task.startMin);
      if (!pieces) return undefined;
      booking.bookPieces(pieces);
      placed.set(task.id, {
        task,
        startMin: pieces[0]?.fromMin ?? -back,
        endMin: pieces.at(-1)?.toMin ?? -back,
        pieces,
      });
      continue;
    }
    while (back < REACH_MIN && !booking.fits(task, back)) back++;
    if (back >= REACH_MIN) return undefined;
    put(task, back);
  }
  const all = [...placed.values()];
  if (all.some((p) => p.endMin > latestEnd(p.task, placed))) return undefined;
  const startMin = Math.min(0, ...all.filter((p) => p.task.segments.some((s) => s.hands)).map((p) => p.startMin));
  return { placed: all, startMin, overdueMin: all.reduce((sum, p) => sum + overdue(p), 0) };
}

/** Minutes a finished task exceeds its holding limit. */
export function overdue({ task, endMin }: Pick<ScheduledTask, 'task' | 'endMin'>): number {
  return task.waitsMin === undefined ? 0 : Math.max(0, -endMin - task.waitsMin);
}

/** Tasks ordered so that each comes after everything it has to end before, later ones first. Throws on a cycle. */
function backwards(tasks: readonly Task[]): Task[] {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const latest = new Map<string, number>();
  const visiting = new Set<string>();
  const latestStart = (task: Task): number => {
    const known = latest.get(task.id);
    if (known !== undefined) return known;
    if (visiting.has(task.id)) throw new RangeError(`The task “${task.id}” waits for itself.`);
    visiting.add(task.id);
    let end = task.latestEndMin;
    for (const { task: id, offsetMin } of task.endsBy) {
      const other = byId.get(id);
      if (other) end = Math.min(end, latestStart(other) + offsetMin);
    }
    visiting.delete(task.id);
    const start = task.startMin ?? end - taskMinutes(task);
    latest.set(task.id, start);
    return start;
  };
  for (const t of tasks) latestStart(t);
  const depth = (task: Task): number =>
    1 + Math.max(0, ...task.endsBy.map(({ task: id }) => (byId.has(id) ? depth(byId.get(id) as Task) : 0)));
  const end = (t: Task): number => (latest.get(t.id) ?? 0) + taskMinutes(t);
  return [...tasks].sort(
    (a, b) =>
      Number(a.splits) - Number(b.splits) ||
      end(b) - end(a) ||
      (a.waitsMin ?? Infinity) - (b.waitsMin ?? Infinity) ||
      depth(a) - depth(b),
  );
}

/** Whether every task comes after everything it has to end before. */
function respects(order: readonly Task[]): boolean {
  const seen = new Set<string>();
  const ids = new Set(order.map((t) => t.id));
  return order.every((t) => {
    const ok = t.endsBy.every(({ task }) => !ids.has(task) || seen.has(task));
    seen.add(t.id);
    return ok;
  });
}

function repaired(order: readonly Task[]): Task[] {
  const out: Task[] = [];
  const left = [...order];
  const ids = new Set(order.map((t) => t.id));
  while (left.length > 0) {
    const done = new Set(out.map((t) => t.id));
    const next = left.findIndex((t) => t.endsBy.every(({ task }) => !ids.has(task) || done.has(task)));
    if (next < 0) throw new RangeError('Tasks wait for one another in a circle.');
    out.push(...left.splice(next, 1));
  }
  return out;
}

function* permutations<T>(items: readonly T[]): Generator<T[]> {
  if (items.length <= 1) {
    yield [...items];
    return;
  }
  for (let i = 0; i < items.length; i++) {
    const rest = [...items.slice(0, i), ...items.slice(i + 1)];
    for (const tail of permutations(rest)) yield [items[i] as T, ...tail];
  }
}

function better(a: Solution | undefined, b: Solution | undefined): Solution | undefined {
  if (!a) return b;
  if (!b) return a;
  if (a.overdueMin !== b.overdueMin) return a.overdueMin < b.overdueMin ? a : b;
  if (a.startMin !== b.startMin) return a.startMin > b.startMin ? a : b;
  const early = (s: Solution): number => s.placed.reduce((sum, p) => sum + p.startMin, 0);
  return early(b) > early(a) ? b : a;
}

/**
 * The schedule with the least overlong standing and, among those, the latest start: every task as late as its
 * successors, people, burners and oven allow. Small sets are searched completely; larger ones from the order of latest
 * ends by exchanging neighbours. Undefined if something has no room at all. Throws `RangeError` if tasks wait for one
 * another in a cycle.
 */
export function solve(tasks: readonly Task[], resources: Resources): Solution | undefined {
  const first = repaired(backwards(tasks));
  let best = layOut(first, resources);
  if (tasks.length <= EXHAUSTIVE_TASKS) {
    for (const order of permutations(tasks)) {
      if (respects(order)) best = better(best, layOut(order, resources));
    }
    return best;
  }
  let order = first;
  let tried = 0;
  for (let improved = true; improved && tried < SWAPS;) {
    improved = false;
    for (let i = 0; i + 1 < order.length && tried < SWAPS; i++) {
      const swapped = [...order];
      [swapped[i], swapped[i + 1]] = [order[i + 1] as Task, order[i] as Task];
      if (!respects(swapped)) continue;
      tried++;
      const found = layOut(swapped, resources);
      if (found && better(best, found) === found && found !== best) {
        best = found;
        order = swapped;
        improved = true;
      }
    }
  }
  return best;
}
