import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kindOf, BRAISE_STYLES, withStyle } from './styles';
import { bonelessKg } from '../buy';
import { CUTS, garnishById, isFatId, isGarnishId, isHerbId, isLiquidId, isSpiceId } from '../larder';
import { checkPlanInput, composePlan, startPlan, defaultMeat } from '../plan';
import { meatParts, type PlanInput } from '../choices';
import { NOON_MS, OXTAIL_PLAN, TEST_KITCHEN, wide } from '../../testing/fixtures';
import { english } from '../../testing/words';

const ROOMY: PlanInput['pot'] = { ...wide(OXTAIL_PLAN.pot, 340, 220), id: 'roomy' };

describe('the kinds', () => {
  it('are a dozen, each of things the larder knows', () => {
    expect(BRAISE_STYLES).toHaveLength(12);
    for (const p of BRAISE_STYLES) {
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
    for (const kind of BRAISE_STYLES) {
      for (const cutId of ['beef_oxtail', 'pork_shoulder_cubes', 'lamb_shank', 'chicken_thigh']) {
        const started = startPlan(TEST_KITCHEN, { title: 't', cutId, eaters: 4, serveAtMs: NOON_MS + 1e9 });
        const input = withStyle({ ...started, pot: ROOMY }, kind);
        expect(checkPlanInput(input, NOON_MS), `${kind.id} on ${cutId}`).toEqual([]);
        const result = composePlan(input, 0);
        if (!result.ok) throw new Error(`${kind.id} on ${cutId}: ${english(result.faults[0]?.says)}`);
        expect(
          result.plan.liquid.herbs.lines.some((l) => l.tooMuch),
          `${kind.id} on ${cutId}`,
        ).toBe(false);
      }
    }
  });

  it('keep their ratios on any weight, to what a scale can tell', () => {
    const [kind] = BRAISE_STYLES;
    if (!kind) throw new Error('no kind');
    fc.assert(
      fc.property(fc.constantFrom(...CUTS), fc.double({ min: 1, max: 5, noNaN: true }), (cut, kg) => {
        const input = withStyle({ ...OXTAIL_PLAN, meat: defaultMeat(cut.id, 4, kg) }, kind);
        const edible = bonelessKg(meatParts(input));
        for (const [i, item] of input.base.items.entries()) {
          expect(Math.abs(item.kg * 1000 - (kind.items[i]?.gPerKg ?? 0) * edible)).toBeLessThanOrEqual(5.01);
        }
      }),
    );
  });

  it('are taken from a plan and put back on it unchanged', () => {
    for (const kind of BRAISE_STYLES) {
      const once = withStyle(OXTAIL_PLAN, kind);
      const again = withStyle(once, kindOf(once, 'own', 'Own'));
      expect(again.base, kind.id).toEqual(once.base);
      expect(again.liquid.parts, kind.id).toEqual(once.liquid.parts);
      expect(again.season.spices, kind.id).toEqual(once.season.spices);
    }
  });

  it('leave a half-filled form alone rather than break it', () => {
    const [kind] = BRAISE_STYLES;
    if (!kind) throw new Error('no kind');
    const empty = { ...OXTAIL_PLAN, meat: { ...OXTAIL_PLAN.meat, massKg: Number.NaN } };
    expect(JSON.stringify(withStyle(empty, kind).base)).not.toContain('null');
  });
});
