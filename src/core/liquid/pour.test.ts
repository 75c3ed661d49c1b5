import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alcoholG, alcoholLeft } from './alcohol';
import { herbPlan, usualHerbCount } from './herbs';
import { boilAwayMinutes, pourPlan, type PourQuestion } from './pour';
import { LIQUIDS, liquidById } from '../larder/liquids';
import { HERBS, herbById } from '../larder/seasoning';
import { english } from '../../testing/words';

const QUESTION: PourQuestion = {
  wantedL: 1,
  parts: [{ id: 'redWine', litres: 0.4 }],
  fillerId: 'stockUnsalted',
  fillerStrength: 1,
  reduce: 'half',
  baseM2: 0.053,
  powerW: 1000,
  braiseMin: 150,
  eaters: 4,
  startSimmering: true,
};

describe('what is poured', () => {
  it('boils the wine down first and fills with stock to the line, worked by hand', () => {
    const plan = pourPlan(QUESTION);
    expect(plan.pours.map((p) => [p.liquid.id, p.pouredL, p.inPotL])).toEqual([
      ['redWine', 0.4, 0.2],
      ['stockUnsalted', 0.8, 0.8],
    ]);
    expect(plan.totalL).toBeCloseTo(1, 12);
    expect(plan.wine?.target.value).toBeCloseTo(0.2, 12);
    expect(plan.wine?.depthBeforeMm).toBeCloseTo(0.4 / 0.053, 9);
    expect(plan.wine?.depthAfterMm).toBeCloseTo(0.2 / 0.053, 9);
    // 0.2 l × 0.96 × 2.264 MJ/kg = 435 kJ; 1000 W less 18 × 0.106 × 78 = 149 W: 8.5 min.
    expect(plan.wine?.minutes.value).toBeCloseTo(8.51, 1);
  });

  it('always stands at the level, whatever the parts, unless more is measured than fits', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            id: fc.constantFrom(...LIQUIDS.map((l) => l.id)),
            litres: fc.oneof(fc.constant(0), fc.double({ min: 0.005, max: 0.8, noNaN: true })),
          }),
          { maxLength: 4 },
        ),
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.constantFrom('none' as const, 'half' as const, 'twoThirds' as const, 'syrup' as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (parts, wantedL, reduce, fillerStrength) => {
          const plan = pourPlan({ ...QUESTION, parts, wantedL, reduce, fillerStrength });
          expect(plan.totalL).toBeCloseTo(wantedL + plan.overL, 2);
          expect(plan.alcohol === null || plan.alcohol.value > 0).toBe(true);
        },
      ),
    );
  });

  it('thins stock with water and counts its salt, sugar and gelatin as poured', () => {
    const plan = pourPlan({ ...QUESTION, fillerId: 'stockReady', fillerStrength: 0.5 });
    expect(plan.pours.map((p) => p.liquid.id)).toEqual(['redWine', 'stockReady', 'water']);
    expect(plan.saltG).toBeCloseTo(0.4 * 7, 9);
    expect(plan.sugarG).toBeCloseTo(0.4 * 3, 9);
    expect(plan.acid).toBe(true);
  });

  it('has no wine and no alcohol where none is poured', () => {
    const plan = pourPlan({ ...QUESTION, parts: [] });
    expect(plan.wine).toBeNull();
    expect(plan.alcohol).toBeNull();
    expect(plan.acid).toBe(false);
  });

  it('knows how cold a pot goes in when the stock does', () => {
    expect(pourPlan(QUESTION).mixedC).toBe(96);
    expect(pourPlan({ ...QUESTION, startSimmering: false }).mixedC).toBeCloseTo((0.2 * 95 + 0.8 * 20) / 1, 9);
  });

  it('cannot boil down on too weak a flame', () => {
    expect(boilAwayMinutes(0.2, 100, 0.053)).toBe(Infinity);
    expect(boilAwayMinutes(0, 100, 0.053)).toBe(0);
  });

  it('offers swaps that exist', () => {
    for (const l of LIQUIDS) for (const s of l.swaps) expect(liquidById(s.id).id).toBe(s.id);
  });
});

describe('alcohol', () => {
  it('follows the retention tests and is never nought', () => {
    expect(alcoholLeft(15)).toBeCloseTo(0.4, 12);
    expect(alcoholLeft(60)).toBeCloseTo(0.25, 12);
    expect(alcoholLeft(45)).toBeCloseTo(Math.sqrt(0.35 * 0.25), 9);
    expect(alcoholLeft(1000)).toBe(0.05);
    expect(alcoholG(0.75, 0.13)).toBeCloseTo(76.9, 1);
  });

  it('only ever falls', () => {
    const left = Array.from({ length: 200 }, (_, m) => alcoholLeft(m));
    expect([...left].sort((a, b) => b - a)).toEqual(left);
  });
});

describe('herbs', () => {
  it('come out as they went in: a bundle as one, loose ones each', () => {
    const herbs = [
      { id: 'bay', count: 2 },
      { id: 'thyme', count: 5 },
    ];
    expect(herbPlan(herbs, 'bundle', 1).countOut).toEqual([{ what: { code: 'countOut.bundle' }, count: 1 }]);
    const shedding = [...herbs, { id: 'peppercorn', count: 8 }];
    expect(herbPlan(shedding, 'bundle', 1).countOut.reduce((sum, c) => sum + c.count, 0)).toBe(2);
    expect(herbPlan(herbs, 'cloth', 1).countOut).toEqual([{ what: { code: 'countOut.packet' }, count: 1 }]);
    expect(herbPlan(herbs, 'loose', 1).countOut.map((c) => [english(c.what), c.count])).toEqual([
      ['bay leaf, leaves', 2],
      ['thyme, sprigs', 5],
    ]);
    expect(herbPlan([{ id: 'parsley', count: 3 }], 'loose', 1).countOut).toEqual([]);
  });

  it('warns of too much rosemary for the litres, and says how much is enough', () => {
    const plan = herbPlan([{ id: 'rosemary', count: 6 }], 'bundle', 1);
    expect(plan.lines[0]?.tooMuch).toBe(true);
    expect(english(plan.says)).toContain('about 1 sprig');
  });

  it('has a usual count of every herb that is not too much', () => {
    for (const h of HERBS) expect(usualHerbCount(h, 1)).toBeLessThanOrEqual(h.mostPerL);
    expect(herbById('bay').choke).toBe(true);
  });
});
