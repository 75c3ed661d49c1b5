import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inOnePlace } from '../../testing/fixtures';
import { HEAT_MODES } from '../choices';
import { MIN_PIECE_MIN, type Resources, type Segment, type Solution, solve, type Task, taskMinutes } from './solve';
import { dayTasks } from './tasks';
import { sideTasks } from './sideTasks';
import { type DayPlan, searSegments } from './segments';
import { sideAmounts, sideById, SIDES } from '../larder';
import { say } from '../message';

const ONE: Resources = { cooks: 1, burners: 2, ovens: 1 };
const work = (minutes: number, hands = true): Segment => ({ minutes, hands });
const task = (id: string, segments: readonly Segment[], part: Partial<Task> = {}): Task => ({
  id,
  label: say('task.gone'),
  segments,
  place: 'board',
  splits: false,
  endsBy: [],
  latestEndMin: 0,
  ...part,
});

/** Busy minutes of cooks and places, by minute before serving. */
function bookings(solution: Solution): {
  hands: Map<number, number>;
  burner: Map<number, number>;
  oven: Map<number, number>;
} {
  const books = {
    hands: new Map<number, number>(),
    burner: new Map<number, number>(),
    oven: new Map<number, number>(),
  };
  const add = (book: Map<number, number>, at: number): void => {
    book.set(at, (book.get(at) ?? 0) + 1);
  };
  for (const { task: t, pieces, startMin } of solution.placed) {
    if (t.splits) {
      for (const p of pieces) for (let at = p.fromMin; at < p.toMin; at++) add(books.hands, at);
      continue;
    }
    let at = startMin;
    for (const s of t.segments) {
      for (let m = 0; m < s.minutes; m++, at++) {
        if (s.hands) add(books.hands, at);
        if (t.place === 'burner' || t.place === 'oven') add(books[t.place], at);
      }
    }
  }
  return books;
}

function sound(solution: Solution, tasks: readonly Task[], resources: Resources): void {
  const { hands, burner, oven } = bookings(solution);
  expect(Math.max(0, ...hands.values())).toBeLessThanOrEqual(resources.cooks);
  expect(Math.max(0, ...burner.values())).toBeLessThanOrEqual(resources.burners);
  expect(Math.max(0, ...oven.values())).toBeLessThanOrEqual(resources.ovens);
  expect(solution.placed).toHaveLength(tasks.length);
  const byId = new Map(solution.placed.map((p) => [p.task.id, p]));
  for (const p of solution.placed) {
    expect(p.endMin, p.task.id).toBeLessThanOrEqual(p.task.latestEndMin);
    const done = p.pieces.reduce((sum, x) => sum + x.toMin - x.fromMin, 0);
    expect(done, p.task.id).toBe(taskMinutes(p.task));
    for (const { task: id, offsetMin } of p.task.endsBy) {
      const other = byId.get(id);
      if (other) expect(p.endMin, `${p.task.id} before ${id}`).toBeLessThanOrEqual(other.startMin + offsetMin);
    }
  }
}

const anyDay: fc.Arbitrary<DayPlan> = fc
  .record({
    prep: fc.integer({ min: 5, max: 60 }),
    batches: fc.integer({ min: 0, max: 5 }),
    batchMin: fc.integer({ min: 5, max: 20 }),
    base: fc.integer({ min: 0, max: 45 }),
    wine: fc.integer({ min: 0, max: 15 }),
    ready: fc.integer({ min: 40, max: 400 }),
    finish: fc.integer({ min: 10, max: 60 }),
    mode: fc.constantFrom(...HEAT_MODES),
    sides: fc.uniqueArray(fc.constantFrom(...SIDES.map((s) => s.id)), { maxLength: 3 }),
    eaters: fc.integer({ min: 1, max: 12 }),
    saltAhead: fc.boolean(),
    ahead: fc.boolean(),
    confidence: fc.double({ min: 0.5, max: 0.98, noNaN: true }),
  })
  .map(
    ({
      prep,
      batches,
      batchMin,
      base,
      wine,
      ready,
      finish,
      mode,
      sides,
      eaters,
      saltAhead,
      ahead,
      confidence,
    }): DayPlan => ({
      work: { prep, sear: batches * batchMin + (batches > 0 ? 5 : 0), base, liquid: wine + 12, finish, plate: 5 },
      chopMin: Math.floor(prep / 2),
      lateChop: prep > 30 ? { minutes: 5, neededAtMin: Math.floor(ready / 2) } : undefined,
      batches: Array.from({ length: batches }, () => ({ minutes: batchMin, recoverMinutes: 1 })),
      panHeatsMin: 4,
      baseSteps: [
        { minutes: base * 0.8, stay: false },
        { minutes: base * 0.2, stay: true },
      ],
      wineMin: wine,
      likelyMin: ready * 0.85,
      readyMin: ready,
      confidence,
      looks: [{ atMin: ready / 2 }, { atMin: ready * 0.8 }],
      ...inOnePlace(mode),
      reduceMin: finish - 12,
      lastHerbs: [],
      sides,
      eaters,
      saltAheadHours: saltAhead ? 12 : undefined,
      ahead: ahead ? { fridgeByMin: -20 * 60, iceWaterMin: 47, boning: 8, reheatMin: 25 } : undefined,
    }),
  );

describe('laying out a day', () => {
  it('never puts a cook in two places nor books a burner or the oven twice, on 500 random braises with sides', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: 1, max: 2 }), fc.integer({ min: 2, max: 4 }), (day, cooks, burners) => {
        const resources = { cooks, burners, ovens: 1 };
        const { tasks } = dayTasks(day);
        const solution = solve(tasks, resources);
        if (!solution) throw new Error('no layout');
        sound(solution, tasks, resources);
      }),
      { numRuns: 500 },
    );
  });

  it('begins as late as any layout could, checked against every start on small cases', () => {
    const anySmall = fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 4 }),
        freeMin: fc.integer({ min: 0, max: 3 }),
        burner: fc.boolean(),
        before: fc.integer({ min: -1, max: 2 }),
        offsetMin: fc.integer({ min: -1, max: 3 }),
      }),
      { minLength: 2, maxLength: 4 },
    );
    fc.assert(
      fc.property(anySmall, (rows) => {
        const tasks = rows.map((r, i) =>
          task(
            `t${String(i)}`,
            [work(r.minutes), work(r.freeMin, false)].filter((s) => s.minutes > 0),
            {
              place: r.burner ? 'burner' : 'board',
              endsBy: r.before >= 0 && r.before < i ? [{ task: `t${String(r.before)}`, offsetMin: r.offsetMin }] : [],
            },
          ),
        );
        const resources = { cooks: 1, burners: 1, ovens: 1 };
        const found = solve(tasks, resources);
        if (!found) throw new Error('no layout');
        sound(found, tasks, resources);
        expect(found.startMin).toBe(bruteForce(tasks, resources));
      }),
      { numRuns: 60 },
    );
  });

  it('fits chopping into the waits of the sear, without leaving what must not be left', () => {
    const pan = task('pan', [work(1), work(5, false), work(1), work(5, false), work(2)], { place: 'burner' });
    const chop = task('chop', [work(6)], { splits: true, endsBy: [{ task: 'pan', offsetMin: 12 }] });
    const found = solve([pan, chop], ONE);
    const pieces = found?.placed.find((p) => p.task.id === 'chop')?.pieces ?? [];
    expect(pieces.length).toBeGreaterThan(1);
    for (const p of pieces) expect(p.toMin - p.fromMin).toBeGreaterThanOrEqual(MIN_PIECE_MIN);
    expect(found?.startMin).toBe(-14);
  });

  it('lets what cannot stand go last, at the price of an earlier start', () => {
    const pots = ['stands', 'hurries'].map((id) =>
      task(id, [work(20, false), work(2)], { place: 'burner', waitsMin: id === 'hurries' ? 0 : 60 }),
    );
    const found = solve(pots, { ...ONE, burners: 1 });
    expect(found?.placed.find((p) => p.task.id === 'hurries')?.endMin).toBe(0);
    expect(found?.overdueMin).toBe(0);
  });

  it('gives a second cook half the work at the same time', () => {
    const tasks = [task('a', [work(10)]), task('b', [work(10)])];
    expect(solve(tasks, ONE)?.startMin).toBe(-20);
    expect(solve(tasks, { ...ONE, cooks: 2 })?.startMin).toBe(-10);
  });

  it('waits for a burner that is taken', () => {
    const pots = ['a', 'b', 'c'].map((id) => task(id, [work(20, false)], { place: 'burner' }));
    const starts = solve(pots, ONE)?.placed.map((p) => p.startMin) ?? [];
    expect(Math.min(...starts)).toBe(-40);
  });

  it('keeps a task where the cook holds it and lays the rest around it', () => {
    const tasks = [task('a', [work(10)], { startMin: -15 }), task('b', [work(10)])];
    const found = solve(tasks, ONE);
    expect(found?.placed.find((p) => p.task.id === 'a')?.startMin).toBe(-15);
    expect(found?.placed.find((p) => p.task.id === 'b')?.startMin).toBe(-25);
    expect(solve([task('a', [work(10)], { startMin: -5 })], ONE)).toBeUndefined();
  });

  it('refuses tasks that wait for one another', () => {
    const circle = [
      task('a', [work(1)], { endsBy: [{ task: 'b', offsetMin: 0 }] }),
      task('b', [work(1)], { endsBy: [{ task: 'a', offsetMin: 0 }] }),
    ];
    expect(() => solve(circle, ONE)).toThrow(RangeError);
  });
});

/** Latest possible start, by trying every start within half an hour. */
function bruteForce(tasks: readonly Task[], resources: Resources): number {
  const reach = 40;
  let best = -Infinity;
  const starts = new Map<string, number>();
  const free = (t: Task, start: number): boolean => {
    const hands = new Map<number, number>();
    const burner = new Map<number, number>();
    for (const [id, s] of [...starts, [t.id, start] as const]) {
      const other = tasks.find((x) => x.id === id);
      let at = s;
      for (const seg of other?.segments ?? []) {
        for (let m = 0; m < seg.minutes; m++, at++) {
          if (seg.hands) hands.set(at, (hands.get(at) ?? 0) + 1);
          if (other?.place === 'burner') burner.set(at, (burner.get(at) ?? 0) + 1);
        }
      }
    }
    return Math.max(0, ...hands.values()) <= resources.cooks && Math.max(0, ...burner.values()) <= resources.burners;
  };
  const go = (i: number, earliest: number): void => {
    if (earliest <= best) return;
    const t = tasks[i];
    if (!t) {
      best = earliest;
      return;
    }
    for (let start = -taskMinutes(t); start >= -reach; start--) {
      const end = start + taskMinutes(t);
      if (!t.endsBy.every((e) => end <= (starts.get(e.task) ?? 0) + e.offsetMin)) continue;
      if (!free(t, start)) continue;
      starts.set(t.id, start);
      go(i + 1, Math.min(earliest, start));
      starts.delete(t.id);
    }
  };
  go(0, 0);
  return best;
}

describe('the work at the pan', () => {
  it('is hands to lay and turn, and free while a face browns', () => {
    const segments = searSegments({
      batches: [
        { minutes: 14, recoverMinutes: 1 },
        { minutes: 14, recoverMinutes: 1 },
      ],
      panHeatsMin: 5,
      work: { prep: 0, sear: 34, base: 0, liquid: 0, finish: 0, plate: 0 },
    });
    expect(segments.reduce((sum, s) => sum + s.minutes, 0)).toBe(34);
    expect(segments.filter((s) => s.hands).length).toBeGreaterThanOrEqual(4);
    const free = segments.filter((s) => !s.hands).reduce((sum, s) => sum + s.minutes, 0);
    expect(free).toBeGreaterThan(15);
  });
});

describe('sides', () => {
  it('count back from the plate, step before step, and weigh by the eater', () => {
    for (const side of SIDES) {
      const tasks = sideTasks(side, 4, 0.9);
      const minutes = side.steps.reduce((sum, x) => sum + Math.round(x.baseMin + x.perEaterMin * 4), 0);
      expect(
        tasks.reduce((sum, t) => sum + taskMinutes(t), 0),
        side.id,
      ).toBe(minutes);
      expect(tasks.filter((t) => t.place === 'burner').length, side.id).toBeLessThanOrEqual(1);
      tasks.slice(0, -1).forEach((t, i) => {
        expect(
          t.endsBy.map((e) => e.task),
          side.id,
        ).toContain(tasks[i + 1]?.id);
      });
    }
    // 100 g of pasta a serving, 4 l of water for 450 g, 10 g of salt per litre.
    const pasta = sideAmounts(sideById('pasta'), 4);
    expect(pasta.kg).toBeCloseTo(0.4, 12);
    expect(pasta.waterL).toBeCloseTo((0.4 / 0.45) * 4, 1);
    expect(pasta.saltG).toBeCloseTo(pasta.waterL * 10, 12);
    expect(pasta.keepBackL).toBeCloseTo(0.16, 12);
  });
});

describe('a task held to a moment', () => {
  const pan = task('pan', [work(1), work(4, false), work(1), work(4, false), work(2)], { place: 'burner' });
  const chop = task('chop', [work(6)], { splits: true });

  it('begins then, and what comes before it moves with it', () => {
    const meat = task('meat', [work(5)], { endsBy: [{ task: 'pan', offsetMin: 0 }] });
    const free = solve([pan, meat], ONE);
    const held = solve([{ ...pan, startMin: -60 }, meat], ONE);
    expect(free?.startMin).toBe(-17);
    expect(held?.placed.find((p) => p.task.id === 'pan')?.startMin).toBe(-60);
    expect(held?.startMin).toBe(-65);
  });

  it('has its hands before all others: another task goes around it', () => {
    const plate = task('plate', [work(5)]);
    const other = task('other', [work(5)]);
    const placed = solve([plate, { ...other, startMin: -8 }], ONE)?.placed;
    expect(placed?.find((p) => p.task.id === 'other')).toMatchObject({ startMin: -8, endMin: -3 });
    expect(placed?.find((p) => p.task.id === 'plate')).toMatchObject({ startMin: -13, endMin: -8 });
  });

  it('goes on in the waits where it can be put down', () => {
    const found = solve([pan, { ...chop, startMin: -11 }], ONE);
    expect(found?.placed.find((p) => p.task.id === 'chop')?.pieces).toEqual([
      { fromMin: -11, toMin: -7 },
      { fromMin: -6, toMin: -4 },
    ]);
  });

  it('is refused when hands are taken, or when it would come too late for another', () => {
    expect(
      solve(
        [
          { ...pan, startMin: -12 },
          { ...chop, startMin: -12 },
        ],
        ONE,
      ),
    ).toBeUndefined();
    const meat = task('meat', [work(5)], { endsBy: [{ task: 'pan', offsetMin: 0 }] });
    expect(solve([pan, { ...meat, startMin: -14 }], ONE)).toBeUndefined();
    expect(solve([pan, { ...meat, startMin: 3 }], ONE)).toBeUndefined();
  });

  it('never breaks the rest, whatever is held wherever, on random braises with sides', () => {
    fc.assert(
      fc.property(anyDay, fc.nat(), fc.integer({ min: -600, max: 0 }), (day, which, startMin) => {
        const { tasks } = dayTasks(day);
        const held = tasks.map((t, i) => (i === which % tasks.length ? { ...t, startMin } : t));
        const solution = solve(held, ONE);
        if (!solution) return;
        sound(solution, held, ONE);
        expect(solution.placed.find((p) => p.task.startMin !== undefined)?.startMin).toBe(startMin);
      }),
      { numRuns: 150 },
    );
  });
});
