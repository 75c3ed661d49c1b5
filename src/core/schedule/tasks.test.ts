import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inOnePlace } from '../../testing/fixtures';
import { type Task, taskMinutes } from './solve';
import { dayTasks } from './tasks';
import { sideTasks } from './sideTasks';
import { type DayPlan, searSegments } from './segments';
import { sideById, SIDES } from '../larder';
import { MODES } from '../choices';
import { say } from '../message';

const DAY: DayPlan = {
  work: { prep: 20, sear: 25, base: 16, liquid: 14, finish: 33, plate: 5 },
  chopMin: 8,
  lateChop: undefined,
  batches: [
    { minutes: 10, recoverMinutes: 1 },
    { minutes: 10, recoverMinutes: 1 },
  ],
  panHeatsMin: 4,
  baseSteps: [
    { minutes: 14, stay: false },
    { minutes: 2, stay: true },
  ],
  wineMin: 5,
  likelyMin: 150,
  readyMin: 180,
  confidence: 0.5,
  looks: [{ atMin: 80 }, { atMin: 140 }],
  ...inOnePlace('still'),
  reduceMin: 20,
  lastHerbs: [],
  sides: [],
  eaters: 4,
  saltAheadHours: undefined,
  ahead: undefined,
};
const SIMMERED: DayPlan = { ...DAY, ...inOnePlace('simmer') };
const GRILLED: DayPlan = { ...DAY, ...inOnePlace('grill') };
const AHEAD = { fridgeByMin: -22 * 60, iceWaterMin: 47, boning: 12, reheatMin: 26 };

const byId = (day: DayPlan): Map<string, Task> => new Map(dayTasks(day).tasks.map((t) => [t.id, t]));
const minutes = (day: DayPlan, id: string): number => {
  const task = byId(day).get(id);
  return task ? taskMinutes(task) : 0;
};
const handsIn = (task: Task | undefined): number =>
  task?.segments.reduce((sum, s) => (s.hands ? sum + s.minutes : sum), 0) ?? 0;

describe('the work of a day as tasks', () => {
  it('comes to the minutes it was said to take', () => {
    const { work } = DAY;
    expect(minutes(DAY, 'meat') + minutes(DAY, 'chop')).toBe(work.prep);
    expect(minutes(DAY, 'pan')).toBe(work.sear + work.base + work.liquid);
    expect(minutes(DAY, 'braise')).toBe(DAY.readyMin);
    expect(minutes(DAY, 'lift') + minutes(DAY, 'reduce')).toBe(work.finish);
    expect(minutes(DAY, 'plate')).toBe(work.plate);
    expect(minutes(DAY, 'oven')).toBe(MODES.still.warmsMin);
  });

  it('leaves hands free while a face browns and while the pot braises, and not while it is stayed with', () => {
    const pan = byId(DAY).get('pan');
    expect(handsIn(pan)).toBeLessThan(minutes(DAY, 'pan') * 0.75);
    expect(handsIn(byId(DAY).get('braise'))).toBe(4);
    expect(pan?.segments.find((s) => s.minutes === 2 && s.stay)).toMatchObject({ hands: true });
    expect(searSegments(DAY).some((s) => !s.hands)).toBe(true);
    expect(searSegments({ ...DAY, work: { ...DAY.work, sear: 0 } })).toEqual([]);
  });

  it('chops late what goes in late, and only that', () => {
    const late = { ...DAY, lateChop: { minutes: 3, neededAtMin: 120 } };
    expect(minutes(late, 'lateChop')).toBe(3);
    expect(minutes(late, 'chop')).toBe(5);
    expect(byId(late).get('lateChop')?.endsBy).toEqual([{ task: 'braise', offsetMin: 120 }]);
    expect(byId(late).get('lateChop')?.splits).toBe(true);
  });

  it('has nothing to warm on the stove, and a grill to light outdoors', () => {
    expect(byId(SIMMERED).has('oven')).toBe(false);
    expect(byId(SIMMERED).get('braise')?.place).toBe('burner');
    expect(byId(GRILLED).get('oven')).toMatchObject({
      label: say('task.light.grill'),
      place: 'grill',
    });
  });

  it('salts the meat so many hours before it is got ready', () => {
    const salted = byId({ ...DAY, saltAheadHours: 12 });
    expect(salted.get('salt')?.endsBy).toEqual([{ task: 'meat', offsetMin: -720 }]);
    expect(byId(DAY).has('salt')).toBe(false);
  });

  it('cools, takes the fat off, reduces and warms through when it is cooked ahead, each before the next', () => {
    const ahead = byId({ ...DAY, ahead: AHEAD });
    expect(ahead.get('cool')).toMatchObject({ latestEndMin: -22 * 60, endsBy: [] });
    expect(ahead.get('lift')?.endsBy).toEqual([{ task: 'cool', offsetMin: 0 }]);
    expect(ahead.get('unfat')?.endsBy).toEqual([{ task: 'reduce', offsetMin: 0 }]);
    expect(ahead.get('reduce')?.endsBy).toEqual([{ task: 'reheat', offsetMin: 0 }]);
    expect(ahead.get('reheat')?.endsBy).toEqual([{ task: 'plate', offsetMin: 0 }]);
    expect(minutes({ ...DAY, ahead: AHEAD }, 'cool')).toBe(AHEAD.iceWaterMin + 5);
    expect(minutes({ ...DAY, ahead: AHEAD }, 'reheat')).toBe(AHEAD.reheatMin);
    expect(minutes({ ...DAY, ahead: AHEAD }, 'unfat')).toBeGreaterThan(
      minutes({ ...DAY, ahead: { ...AHEAD, boning: 0 } }, 'unfat'),
    );
    expect(ahead.get('unfat')?.label.code).toBe('task.unfatAndBone');
    expect(byId({ ...DAY, ahead: { ...AHEAD, boning: 0 } }).get('unfat')?.label.code).toBe('task.unfat');
  });

  it('waits for nothing that is not there, in any day', () => {
    fc.assert(
      fc.property(
        fc.record({
          prep: fc.integer({ min: 0, max: 90 }),
          sear: fc.integer({ min: 0, max: 60 }),
          base: fc.integer({ min: 0, max: 40 }),
          liquid: fc.integer({ min: 0, max: 40 }),
          finish: fc.integer({ min: 1, max: 90 }),
        }),
        fc.boolean(),
        fc.boolean(),
        fc.uniqueArray(fc.constantFrom(...SIDES.map((s) => s.id)), { maxLength: 4 }),
        (work, ahead, salted, sides) => {
          const { tasks } = dayTasks({
            ...DAY,
            work: { ...DAY.work, ...work },
            ahead: ahead ? AHEAD : undefined,
            saltAheadHours: salted ? 12 : undefined,
            sides,
          });
          const ids = new Set(tasks.map((t) => t.id));
          expect(ids.size).toBe(tasks.length);
          for (const t of tasks) {
            expect(
              t.segments.every((s) => s.minutes > 0 && Number.isInteger(s.minutes)),
              t.id,
            ).toBe(true);
            for (const { task } of t.endsBy) expect(ids.has(task), `${t.id} before ${task}`).toBe(true);
          }
        },
      ),
    );
  });
});

describe('what is kept in reserve', () => {
  const reserve = (part: Partial<DayPlan>) => dayTasks({ ...DAY, ...part }).reserve;

  it('is nothing when an even chance will do', () => {
    expect(reserve({ readyMin: DAY.likelyMin })).toEqual({ forecastMin: 0, handsMin: 0, plateMin: 0 });
  });

  it('is kept in the pot, for the meat and for the hands, and the more the surer the cook wants to be', () => {
    const nine = reserve({ confidence: 0.9 });
    expect(nine.forecastMin).toBe(30);
    expect(nine.handsMin).toBeGreaterThan(1);
    expect(nine.plateMin).toBe(0);
    expect(minutes({ ...DAY, confidence: 0.9 }, 'braise')).toBe(Math.ceil(180 + nine.handsMin));
    expect(reserve({ confidence: 0.98 }).handsMin).toBeGreaterThan(nine.handsMin);
  });

  it('weighs less beside a forecast that is unsure itself', () => {
    const narrow = reserve({ confidence: 0.9, likelyMin: 178 }).handsMin;
    const wide = reserve({ confidence: 0.9, likelyMin: 100 }).handsMin;
    expect(narrow).toBeGreaterThan(3 * wide);
  });

  it('is kept twice when a night lies between: before the fridge and before the plate', () => {
    const ahead = { ...DAY, ahead: AHEAD, confidence: 0.9 };
    const kept = dayTasks(ahead).reserve;
    expect(kept.handsMin).toBeGreaterThan(0);
    expect(kept.plateMin).toBeGreaterThan(2);
    expect(byId(ahead).get('reheat')?.endsBy).toEqual([{ task: 'plate', offsetMin: -Math.round(kept.plateMin) }]);
  });

  it('has a side that can stand done earlier, and one that cannot done with the plates', () => {
    const end = (id: string, confidence: number): number =>
      sideTasks(sideById(id), 4, confidence).at(-1)?.latestEndMin ?? NaN;
    for (const side of SIDES) {
      expect(end(side.id, 0.5), side.id).toBe(0);
      expect(-end(side.id, 0.98), side.id).toBeLessThanOrEqual(side.waitsMin);
    }
    expect(end('mash', 0.95)).toBeLessThan(end('mash', 0.7));
  });
});

describe('a side as tasks', () => {
  it.each(SIDES.map((s) => [s.id, s] as const))(
    '%s ends before the plate, later steps after earlier ones',
    (_, side) => {
      const tasks = sideTasks(side, 6, 0.9);
      expect(tasks.length).toBeGreaterThan(0);
      tasks.forEach((t, i) => {
        expect(t.endsBy.map((e) => e.task)).toContain('plate');
        if (i + 1 < tasks.length) expect(t.endsBy.map((e) => e.task)).toContain(tasks[i + 1]?.id);
        expect(t.waitsMin === undefined).toBe(i + 1 < tasks.length);
      });
    },
  );

  it('takes longer at the board for more plates', () => {
    const board = (eaters: number): number =>
      sideTasks(sideById('mash'), eaters, 0.9)
        .filter((t) => t.place === 'board')
        .reduce((sum, t) => sum + taskMinutes(t), 0);
    expect(board(12)).toBeGreaterThan(board(2));
  });
});
