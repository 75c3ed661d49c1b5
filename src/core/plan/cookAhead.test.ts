import { describe, expect, it } from 'vitest';
import { checkPlanInput } from './check';
import { FAT_WAYS, fatWayOf, HOT_FAT_WAYS, type PlanInput } from '../choices';
import { finishSteps } from './finishSteps';
import { composePlan, type Plan } from './plan';
import { shoppingList } from '../shopping';
import { instructions } from '../../exports/recipe';
import { NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { HOUR_MS } from '../quantity';

const AHEAD: PlanInput = {
  ...OXTAIL_PLAN,
  serveAtMs: NOON_MS + 40 * HOUR_MS,
  day: { ...OXTAIL_PLAN.day, burners: 2, sides: ['mash'], ahead: { fridgeByMs: NOON_MS + 18 * HOUR_MS } },
};

function plan(input: PlanInput = AHEAD): Plan {
  const result = composePlan(input, 64);
  if (!result.ok) throw new Error(english(result.faults[0]?.says));
  return result.plan;
}

const task = (p: Plan, id: string) => {
  const found = p.day.tasks.find((t) => t.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe('cooked the day before', () => {
  const p = plan();

  it('is in the fridge by the time set, and comes out of it on the day', () => {
    expect(task(p, 'cool').toMs).toBeLessThanOrEqual(NOON_MS + 18 * HOUR_MS);
    expect(task(p, 'unfat').fromMs).toBeGreaterThan(task(p, 'cool').toMs + 10 * HOUR_MS);
    expect(task(p, 'lift').toMs).toBeLessThanOrEqual(task(p, 'cool').fromMs);
    expect(p.day.ready.p90Ms).toBeLessThanOrEqual(task(p, 'lift').fromMs + 1000);
  });

  it('lifts the fat cold, in the day and in the steps alike, whatever way was meant for the same day', () => {
    for (const fat of FAT_WAYS) {
      const steps = finishSteps(plan({ ...AHEAD, finish: { ...AHEAD.finish, fat } })).map((m) => m.says.code);
      expect(steps.filter((code) => code.startsWith('finish.fat.'))).toEqual(['finish.fat.chill']);
    }
    expect(fatWayOf({ ...OXTAIL_PLAN, finish: { ...OXTAIL_PLAN.finish, fat: 'chill' } })).toBe('spoon');
    expect(HOT_FAT_WAYS.map((fat) => fatWayOf({ ...OXTAIL_PLAN, finish: { ...OXTAIL_PLAN.finish, fat } }))).toEqual(
      HOT_FAT_WAYS,
    );
  });

  it('goes on the plate in order: fat off and bones out, sauce reduced, meat warmed through', () => {
    expect(task(p, 'unfat').toMs).toBeLessThanOrEqual(task(p, 'reduce').fromMs);
    expect(task(p, 'reduce').toMs).toBeLessThanOrEqual(task(p, 'reheat').fromMs);
    expect(task(p, 'reheat').toMs).toBeLessThanOrEqual(task(p, 'plate').fromMs);
    expect(task(p, 'side-mash-1').toMs).toBeLessThanOrEqual(p.day.serveMs);
    expect(p.day.spans.map((s) => s.id)).toEqual(
      expect.arrayContaining(['cool', 'fridge', 'finish', 'reheat', 'keep', 'plate']),
    );
  });

  it('says how much ice, and what cools how fast', () => {
    expect(p.ahead?.cooling.safe).toBe(true);
    expect(shoppingList(p).some((l) => l.name.code === 'shop.ice')).toBe(true);
    const steps = instructions(p, WORDS).flatMap((s) => s.steps);
    expect(steps.some((s) => s.includes('ice water'))).toBe(true);
    expect(steps.some((s) => s.includes('74 °C'))).toBe(true);
    expect(plan(OXTAIL_PLAN).ahead).toBeNull();
  });

  it('wants a night at least and three days at most between fridge and plate', () => {
    const faults = (hours: number) =>
      checkPlanInput(
        { ...AHEAD, day: { ...AHEAD.day, ahead: { fridgeByMs: AHEAD.serveAtMs - hours * HOUR_MS } } },
        NOON_MS - 90 * HOUR_MS,
      ).map((f) => f.field);
    expect(faults(22)).toEqual([]);
    expect(faults(2)).toEqual(['day.ahead']);
    expect(faults(90)).toEqual(['day.ahead']);
    expect(faults(-1)).toEqual(['day.ahead']);
    expect(faults(Number.NaN)).toEqual(['day.ahead']);
  });
});

describe('salt the night before', () => {
  it('is a task of its own twelve hours before the meat is got ready', () => {
    const p = plan({
      ...OXTAIL_PLAN,
      serveAtMs: NOON_MS + 30 * HOUR_MS,
      season: { ...OXTAIL_PLAN.season, when: 'overnight' },
    });
    const hours = (task(p, 'meat').fromMs - task(p, 'salt').toMs) / HOUR_MS;
    expect(hours).toBeGreaterThanOrEqual(12);
    expect(hours).toBeLessThan(12.2);
    expect(p.day.startMs).toBe(task(p, 'salt').fromMs);
    expect(plan(OXTAIL_PLAN).day.tasks.some((t) => t.id === 'salt')).toBe(false);
  });
});
