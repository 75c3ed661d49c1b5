import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { saltBalance, saltInSpoons, saltPlan, type SaltQuestion, SAUCE_SALT, usualSaltG } from './salt';
import { english } from '../../testing/words';

const STOCK = { code: 'liquid.stockUnsalted' };

const QUESTION: SaltQuestion = {
  addedG: 14,
  when: 'before',
  sources: [{ name: STOCK, grams: 0.5 }],
  meatWaterKg: 0.7,
  meatKg: 1,
  liquidKg: 1.1,
  sauceKg: 0.32,
  surfacePerM: 80,
  minutes: 180,
};

const anyQuestion = fc.record({
  addedG: fc.double({ min: 0, max: 60, noNaN: true }),
  when: fc.constantFrom('before' as const, 'overnight' as const, 'after' as const, 'flour' as const, 'hold' as const),
  sources: fc.array(fc.record({ name: fc.constant(STOCK), grams: fc.double({ min: 0, max: 30, noNaN: true }) }), {
    maxLength: 4,
  }),
  meatWaterKg: fc.double({ min: 0.05, max: 6, noNaN: true }),
  meatKg: fc.double({ min: 0.1, max: 8, noNaN: true }),
  liquidKg: fc.double({ min: 0.2, max: 6, noNaN: true }),
  sauceKg: fc.double({ min: 0.1, max: 2, noNaN: true }),
  surfacePerM: fc.double({ min: 20, max: 250, noNaN: true }),
  minutes: fc.double({ min: 20, max: 600, noNaN: true }),
});

describe('where the salt goes', () => {
  it('closes to the gram, never below nothing, for anything that can be planned', () => {
    fc.assert(
      fc.property(anyQuestion, (q) => {
        const b = saltBalance(q);
        expect(b.inMeatG + b.inSauceG).toBeCloseTo(b.totalG, 9);
        expect(b.inMeatG).toBeGreaterThanOrEqual(-1e-9);
        expect(b.inSauceG).toBeGreaterThanOrEqual(-1e-9);
        expect(b.evened).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('evens out completely in small pieces given time, worked by hand', () => {
    const b = saltBalance({ ...QUESTION, when: 'after', surfacePerM: 400, minutes: 300 });
    expect(b.evened).toBe(1);
    // 14.5 g over 1.8 kg of water is 8.06 g/kg; 0.7 kg of it sits in the meat.
    expect(b.inMeatG).toBeCloseTo((14.5 / 1.8) * 0.7, 6);
    expect(b.sauceShare).toBeCloseTo(((14.5 / 1.8) * 1.1) / 1000 / 0.32, 6);
  });

  it('moves by the square root of time, worked by hand', () => {
    const b = saltBalance({ ...QUESTION, surfacePerM: 60, minutes: 120 });
    expect(b.evened).toBeCloseTo(1.13 * 60 * Math.sqrt(1.5e-9 * 7200), 9);
  });
});

describe('the salt plan', () => {
  it('asks to hold back what a long reduction would make too much, and gets it right', () => {
    const plan = saltPlan(QUESTION, 1.4, 'fine');
    expect(plan.holdBack.inputs[0]?.value).toBeGreaterThan(SAUCE_SALT.high);
    expect(plan.sauce.value).toBeCloseTo(SAUCE_SALT.aim, 6);
    const held = saltBalance({ ...QUESTION, addedG: 14 - plan.holdBack.value * 1000 });
    expect(held.sauceShare).toBeCloseTo(SAUCE_SALT.aim, 6);
    expect(english(plan.says)).toMatch(
      /[\d.]+ g on the meat now: with all 14 g the reduced sauce would come to \d\.\d %/,
    );
    expect(plan.atPlate.value * 1000).toBeCloseTo((0.007 - plan.meat.value) * 1000, 6);
    expect(plan.now.value + plan.holdBack.value).toBeCloseTo(plan.toAdd.value, 12);
  });

  it('adds at the end what brings a bland sauce to the aim', () => {
    const plan = saltPlan({ ...QUESTION, addedG: 2, sauceKg: 0.9 }, 1.4, 'fine');
    expect(plan.atEnd.value * 1000).toBeCloseTo((SAUCE_SALT.aim - plan.sauce.value) * 900, 6);
    expect(plan.holdBack.value).toBe(0);
  });

  it('says when the stock alone is too salty, and how far it may be reduced', () => {
    const plan = saltPlan({ ...QUESTION, addedG: 0, sources: [{ name: STOCK, grams: 9 }] }, 1.4, 'fine');
    expect(english(plan.says)).toMatch(/brings \d(\.\d)? % by itself.*stop reducing at [\d.]+ m?l/);
  });

  it('keeps everything back when that is the school', () => {
    const plan = saltPlan({ ...QUESTION, when: 'hold' }, 1.4, 'fine');
    expect(plan.holdBack.value).toBeCloseTo(0.014, 9);
    expect(plan.total.value).toBeCloseTo(0.0005, 9);
  });

  it('halves the usual gram in a hundred where salty things go in', () => {
    expect(usualSaltG(1.4, 0)).toBe(14);
    expect(usualSaltG(1.4, 8)).toBe(7);
  });

  it.each([
    [0, 'fine', 'none'],
    [0.8, 'fine', 'a pinch of fine salt'],
    [12, 'fine', 'about 2 tsp fine salt, level'],
    [4.6, 'coarse', 'about 1 tsp coarse salt, level'],
    [4.5, 'flake', 'about 1½ tsp flaked salt, level'],
  ] as const)('%s g of %s is %s', (grams, crystal, words) => {
    expect(english(saltInSpoons(grams, crystal))).toBe(words);
  });
});
