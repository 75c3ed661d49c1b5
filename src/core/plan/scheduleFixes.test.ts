import { describe, expect, it } from 'vitest';
import { rescheduleInput } from './reschedule';
import { scheduleFixes } from './scheduleFixes';
import { type PlanInput } from '../choices';
import { composePlan, type Plan } from './plan';
import { scheduleDay } from '../schedule';
import { NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { saying } from '../../testing/saying';
import { say } from '../message';
import { MINUTE_MS } from '../quantity';

function plan(day: Partial<PlanInput['day']>): Plan {
  const result = composePlan({ ...OXTAIL_PLAN, day: { ...OXTAIL_PLAN.day, ...day } }, 0);
  if (!result.ok) throw new Error(english(result.faults[0]?.says));
  return result.plan;
}

const startOf = (p: Plan, task: string): number => p.day.tasks.find((t) => t.id === task)?.fromMs ?? Number.NaN;

describe('a day changed by hand', () => {
  it('is what a new plan would have laid out', () => {
    const before = plan({});
    const input = {
      ...OXTAIL_PLAN,
      serveAtMs: OXTAIL_PLAN.serveAtMs + 25 * MINUTE_MS,
      day: {
        cooks: 2,
        burners: 3,
        sides: ['mash'],
        fixed: [{ task: 'meat', startMs: before.day.startMs - MINUTE_MS }],
        ahead: null,
      },
    };
    const anew = composePlan(input, 0);
    if (!anew.ok) throw new Error('no plan');
    expect(scheduleDay(rescheduleInput(before.dayQuestion, input))).toEqual(anew.plan.day);
  });
});

describe('ways to make a day work', () => {
  it('are none where it works', () => {
    expect(scheduleFixes(plan({}), NOON_MS)).toEqual([]);
  });

  it('are a later plate or a free hand where a task is fixed too late, each without a conflict', () => {
    const late = startOf(plan({}), 'meat') + 20 * MINUTE_MS;
    const fixed = plan({ fixed: [{ task: 'meat', startMs: late }] });
    const ways = scheduleFixes(fixed, NOON_MS);
    expect(ways.map((w) => english(w.says))).toEqual([
      WORDS.text('dayWay.later', { by: '20 min' }),
      WORDS.text('dayWay.letGo', { task: say('task.meat') }),
    ]);
    for (const way of ways) {
      const made = composePlan(way.input, 0);
      if (!made.ok) throw new Error('no plan');
      expect(made.plan.day.conflicts).toEqual([]);
      expect(made.plan.day.startMs).toBe(way.startMs);
    }
    expect(ways[0]?.input.serveAtMs).toBe(OXTAIL_PLAN.serveAtMs + 20 * MINUTE_MS);
  });

  it('let go of all that is fixed too late, where letting go of one of them is not enough', () => {
    const day = plan({});
    const fixed = ['meat', 'chop'].map((task) => ({ task, startMs: startOf(day, task) + 40 * MINUTE_MS }));
    expect(fixed.every((f) => Number.isFinite(f.startMs))).toBe(true);
    const both = plan({ fixed });
    expect(both.day.conflicts.length).toBeGreaterThan(1);
    const all = scheduleFixes(both, NOON_MS).find((w) => w.input.day.fixed.length === 0);
    expect(english(all?.says)).toMatch(saying('dayWay.letAllGo'));
    const made = all && composePlan(all.input, 0);
    expect(made?.ok === true && made.plan.day.conflicts.length === 0).toBe(true);
  });

  it('are another burner or fewer sides where the stove is too small, and nothing that has gone by', () => {
    const crowded = plan({ burners: 1, sides: ['pasta', 'greens'] });
    expect(crowded.day.conflicts.length).toBeGreaterThan(0);
    const ways = scheduleFixes(crowded, NOON_MS);
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) {
      const made = composePlan(way.input, 0);
      expect(made.ok && made.plan.day.conflicts).toEqual([]);
    }
    expect(scheduleFixes(crowded, OXTAIL_PLAN.serveAtMs)).toEqual([]);
  });
});
