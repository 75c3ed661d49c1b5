import { describe, expect, it } from 'vitest';
import { composePlan, enriching, finishSteps, type Plan } from '.';
import { type PlanInput } from '../choices';
import { OXTAIL_PLAN } from '../../testing/fixtures';

function planned(finish: Partial<PlanInput['finish']>, more: Partial<PlanInput> = {}): Plan {
  const made = composePlan({ ...OXTAIL_PLAN, ...more, finish: { ...OXTAIL_PLAN.finish, ...finish } }, 0);
  if (!made.ok) throw new Error('no plan');
  return made.plan;
}

const minutesOf = (plan: Plan, part: string): number | undefined =>
  finishSteps(plan).find((s) => s.part === part)?.minutes;

describe('the minutes of the finish', () => {
  it('go by the bones, up to a quarter of an hour', () => {
    const pieces = (n: number) => ({ meat: { ...OXTAIL_PLAN.meat, pieces: n } });
    expect(minutesOf(planned({ meat: 'boned' }, pieces(6)), 'bone')).toBe(6);
    expect(minutesOf(planned({ meat: 'boned' }, pieces(12)), 'bone')).toBe(12);
    expect(minutesOf(planned({ meat: 'boned' }, pieces(20)), 'bone')).toBe(15);
    expect(minutesOf(planned({ meat: 'melt' }, pieces(6)), 'liftOut')).toBe(4 + 6);
  });

  it('go by the weight of what is pulled, sliced or melted in', () => {
    for (const [finish, part, perKg] of [
      [{ meat: 'shred' }, 'shred', 6],
      [{ meat: 'melt' }, 'meltIn', 6],
    ] as const) {
      const plan = planned(finish);
      expect(minutesOf(plan, part)).toBeCloseTo(perKg * plan.finished.cookedKg, 9);
    }
    const sliced = planned({ meat: 'whole' }, { result: 'slices' });
    expect(minutesOf(sliced, 'slice')).toBeCloseTo(4 * sliced.finished.cookedKg, 9);
    expect(minutesOf(sliced, 'rest')).toBe(10);
  });

  it('are the pan’s own where it is reduced', () => {
    const plan = planned({ reduce: true, sauceLPerPlate: 0.05 }, { season: { ...OXTAIL_PLAN.season, gramsPerKg: 1 } });
    expect(plan.finished.reduceMinutes).toBeGreaterThan(1);
    expect(minutesOf(plan, 'reduce')).toBe(plan.finished.reduceMinutes);
    expect(minutesOf(planned({ reduce: false }), 'reduce')).toBeUndefined();
  });
});

it('stirs in butter by weight and cream by volume, for as many as eat', () => {
  const of = (enrich: PlanInput['finish']['enrich'], eaters: number) =>
    enriching({ finish: { ...OXTAIL_PLAN.finish, enrich }, eaters });
  expect(of('none', 4)).toBeNull();
  expect(of('butter', 4)).toEqual({ id: 'butter', unit: 'mass', amount: 0.04 });
  expect(of('cream', 5)).toEqual({ id: 'cream', unit: 'volume', amount: 0.15 });
  expect(of('sourCream', 2)).toEqual({ id: 'sourCream', unit: 'volume', amount: 0.05 });
});
