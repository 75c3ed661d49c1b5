import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlanInput } from './check';
import { type PlanInput } from '../choices';
import { scaled } from './scale';
import { NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { HOUR_MS } from '../quantity';

const SPICED: PlanInput = {
  ...OXTAIL_PLAN,
  meat: { ...OXTAIL_PLAN.meat, grossKg: 2.4 },
  season: { ...OXTAIL_PLAN.season, spices: [{ id: 'paprika', grams: 1, when: 'fat' }] },
  base: {
    ...OXTAIL_PLAN.base,
    items: [...OXTAIL_PLAN.base.items, { id: 'garlic', kg: 0.01, fate: 'melt', when: 'start' }],
  },
  liquid: {
    ...OXTAIL_PLAN.liquid,
    parts: [...OXTAIL_PLAN.liquid.parts, { id: 'vinegar', litres: 0.01, when: 'start' }],
  },
};

describe('the dish for another number of plates', () => {
  it('grows in proportion, with thickness and level as they are', () => {
    const twice = scaled(SPICED, 2);
    expect(twice.meat).toMatchObject({ massKg: 4.4, grossKg: 4.8, pieces: 24, thicknessMm: SPICED.meat.thicknessMm });
    expect(twice.liquid.level).toBe(SPICED.liquid.level);
    expect(twice.season.spices[0]?.grams).toBe(2);
    expect(twice.season.gramsPerKg).toBe(SPICED.season.gramsPerKg);
    expect(scaled(OXTAIL_PLAN, 1).meat.grossKg).toBeNull();
  });

  it('keeps every ingredient weighable however small it gets', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 3, noNaN: true }), (factor) => {
        const small = { ...scaled(SPICED, factor), serveAtMs: NOON_MS + 12 * HOUR_MS };
        const faults = checkPlanInput(small, NOON_MS).map((f) => f.field);
        for (const field of [
          'season.spices',
          'base.items',
          'liquid.parts',
          'liquid.herbs',
          'meat.pieces',
          'meat.grossKg',
        ]) {
          expect(faults, field).not.toContain(field);
        }
        expect(small.season.spices.every((s) => s.grams > 0)).toBe(true);
        expect(small.base.items.every((i) => i.kg > 0)).toBe(true);
        expect(small.liquid.parts.every((p) => p.litres > 0)).toBe(true);
      }),
    );
  });
});
