import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { patternOf, PATTERNS, withPattern } from './patterns';
import { edibleKgOf } from '../buy/buy';
import { CUTS } from '../larder/cuts';
import { isFatId } from '../larder/fats';
import { garnishById, isGarnishId } from '../larder/garnish';
import { isLiquidId } from '../larder/liquids';
import { isHerbId, isSpiceId } from '../larder/seasoning';
import { checkPlanInput } from '../plan/check';
import { meatParts, type PlanInput } from '../plan/input';
import { composePlan } from '../plan/plan';
import { startPlan, usualMeat } from '../plan/start';
import { NOON_MS, OXTAIL_PLAN, TEST_KITCHEN } from '../../testing/fixtures';

const ROOMY: PlanInput['pot'] = { ...OXTAIL_PLAN.pot, id: 'roomy', diameterMm: 340, heightMm: 220 };

describe('the patterns', () => {
  it('are a dozen, each of things the larder knows', () => {
    expect(PATTERNS).toHaveLength(12);
    for (const p of PATTERNS) {
      expect(
        p.items.every((i) => isGarnishId(i.id) && garnishById(i.id).cutMm[i.fate] !== undefined),
        p.id,
      ).toBe(true);
      expect([...p.parts.map((x) => x.id), p.fillerId].every(isLiquidId), p.id).toBe(true);
      expect(
        p.herbs.every((h) => isHerbId(h.id)),
        p.id,
      ).toBe(true);
      expect(
        p.spices.every((s) => isSpiceId(s.id)),
        p.id,
      ).toBe(true);
      expect(isFatId(p.fatId), p.id).toBe(true);
    }
  });

  it('go on any cut, and every one can be cooked', () => {
    for (const pattern of PATTERNS) {
      for (const cutId of ['beef_oxtail', 'pork_shoulder_cubes', 'lamb_shank', 'chicken_thigh']) {
        const started = startPlan(TEST_KITCHEN, { title: 't', cutId, eaters: 4, serveAtMs: NOON_MS + 1e9 });
        const input = withPattern({ ...started, pot: ROOMY }, pattern);
        expect(checkPlanInput(input, NOON_MS), `${pattern.id} on ${cutId}`).toEqual([]);
        const result = composePlan(input, 0);
        if (!result.ok) throw new Error(`${pattern.id} on ${cutId}: ${result.faults[0]?.message ?? ''}`);
        expect(
          result.plan.liquid.herbs.lines.some((l) => l.tooMuch),
          `${pattern.id} on ${cutId}`,
        ).toBe(false);
      }
    }
  });

  it('keep their ratios on any weight, to what a scale can tell', () => {
    const [pattern] = PATTERNS;
    if (!pattern) throw new Error('no pattern');
    fc.assert(
      fc.property(fc.constantFrom(...CUTS), fc.double({ min: 1, max: 5, noNaN: true }), (cut, kg) => {
        const input = withPattern({ ...OXTAIL_PLAN, meat: usualMeat(cut.id, 4, kg) }, pattern);
        const edible = edibleKgOf(meatParts(input));
        for (const [i, item] of input.base.items.entries()) {
          expect(Math.abs(item.kg * 1000 - (pattern.items[i]?.gPerKg ?? 0) * edible)).toBeLessThanOrEqual(5.01);
        }
      }),
    );
  });

  it('are taken from a plan and put back on it unchanged', () => {
    for (const pattern of PATTERNS) {
      const once = withPattern(OXTAIL_PLAN, pattern);
      const again = withPattern(once, patternOf(once, 'own', 'Own'));
      expect(again.base, pattern.id).toEqual(once.base);
      expect(again.liquid.parts, pattern.id).toEqual(once.liquid.parts);
      expect(again.season.spices, pattern.id).toEqual(once.season.spices);
    }
  });

  it('leave a half-filled form alone rather than break it', () => {
    const [pattern] = PATTERNS;
    if (!pattern) throw new Error('no pattern');
    const empty = { ...OXTAIL_PLAN, meat: { ...OXTAIL_PLAN.meat, massKg: Number.NaN } };
    expect(JSON.stringify(withPattern(empty, pattern).base)).not.toContain('null');
  });
});
