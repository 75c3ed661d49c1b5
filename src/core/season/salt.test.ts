import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { saltBalance, saltInSpoons, saltPlan, type SaltInput, SAUCE_SALT, usualSaltG } from './salt';
import { type Figure, say } from '../message';
import { english } from '../../testing/words';
import { saidIn } from '../../testing/said';
import { saying } from '../../testing/saying';

const STOCK = say('liquid.stockUnsalted');

const QUESTION: SaltInput = {
  addedG: 14,
  when: 'before',
  sources: [{ name: STOCK, grams: 0.5 }],
  meatWaterKg: 0.7,
  meatKg: 1,
  liquidKg: 1.1,
  sauceKg: 0.32,
  surfacePerM: 80,
  beta: 1,
  minutes: 180,
  coldHours: 0,
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
  beta: fc.double({ min: 0, max: 2, noNaN: true }),
  minutes: fc.double({ min: 20, max: 600, noNaN: true }),
  coldHours: fc.double({ min: 0, max: 40, noNaN: true }),
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

  it('moves by the square root of time while little has moved, and slower in a small pot, worked by hand', () => {
    const slab = { ...QUESTION, beta: 0, surfacePerM: 20, minutes: 30 };
    // D at 95 °C is 1.63e-9 m²/s: x = 20 · √(1.63e-9 · 1800) = 0.0343, and 2/√π of it is 0.0387 in an infinite bath.
    expect(saltBalance({ ...slab, liquidKg: 70 }).evened).toBeCloseTo(0.0387, 3);
    // In 1.1 kg next to 0.7 kg of water the first salt moves as fast, and the equilibrium share is nearer.
    expect(saltBalance(slab).evened).toBeCloseTo((1 + 1.1 / 0.7) * (1 - Math.exp(0.000477) * (1 - 0.024628)), 3);
    const twice = saltBalance({ ...slab, minutes: 120 }).evened / saltBalance(slab).evened;
    expect(twice).toBeGreaterThan(1.9);
    expect(twice).toBeLessThan(2);
  });
});

describe('a night in the fridge', () => {
  it('moves salt on into the meat: the sauce tastes milder, worked by hand', () => {
    const [day, night] = [saltBalance(QUESTION), saltBalance({ ...QUESTION, coldHours: 16 })];
    // At 5 °C it moves about a sixth as fast as at 95: sixteen hours equal two and a half more at a simmer.
    expect(night.evened).toBeCloseTo(saltBalance({ ...QUESTION, minutes: 180 + 16 * 60 * 0.1497 }).evened, 3);
    expect(night.sauceShare).toBeLessThan(day.sauceShare);
    expect(night.totalG).toBe(day.totalG);
  });
});

describe('the salt plan', () => {
  it('asks to hold back what a long reduction would make too much, and gets it right', () => {
    const plan = saltPlan(QUESTION, 1.4, 'fine');
    expect(plan.holdBack.inputs[0]?.value).toBeGreaterThan(SAUCE_SALT.high);
    expect(plan.sauce.value).toBeCloseTo(SAUCE_SALT.aim, 6);
    const held = saltBalance({ ...QUESTION, addedG: 14 - plan.holdBack.value * 1000 });
    expect(held.sauceShare).toBeCloseTo(SAUCE_SALT.aim, 6);
    expect(english(plan.says)).toMatch(saying('salt.holdBack'));
    expect(plan.atPlate.value * 1000).toBeCloseTo((0.007 - plan.meat.value) * 1000, 6);
    expect(plan.now.value + plan.holdBack.value).toBeCloseTo(plan.toAdd.value, 12);
  });

  it('adds at the end what brings a bland sauce to the aim', () => {
    const plan = saltPlan({ ...QUESTION, addedG: 2, sauceKg: 0.9 }, 1.4, 'fine');
    expect(plan.atEnd.value * 1000).toBeCloseTo((SAUCE_SALT.aim - plan.sauce.value) * 900, 6);
    expect(plan.holdBack.value).toBe(0);
  });

  it('asks for more at the end under seven in a thousand, and for none from there on', () => {
    const at = (sauceShare: number) => {
      const sauceKg = 0.9;
      // Salt the meat does not absorb stays in the sauce: a tiny surface for an hour absorbs almost none.
      const q = {
        ...QUESTION,
        addedG: 0,
        sauceKg,
        surfacePerM: 1e-9,
        sources: [{ name: STOCK, grams: sauceShare * sauceKg * 1000 }],
      };
      return saltPlan(q, 1.4, 'fine').atEnd.value * 1000;
    };
    expect(at(0.00699)).toBeCloseTo((SAUCE_SALT.aim - 0.00699) * 900, 1);
    expect(at(0.00701)).toBe(0);
  });

  it('says when the stock alone is too salty, and how far it may be reduced', () => {
    const plan = saltPlan({ ...QUESTION, addedG: 0, sources: [{ name: STOCK, grams: 9 }] }, 1.4, 'fine');
    expect(english(plan.says)).toMatch(/\d+ g.*per litre/);
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

describe('every figure of the salt', () => {
  const values = (f: Figure): number[] => f.inputs.map((i) => i.value);

  it('follows from what its why names', () => {
    const q: SaltInput = {
      ...QUESTION,
      sources: [
        { name: STOCK, grams: 0.5 },
        { name: STOCK, grams: 1.5 },
      ],
    };
    const all = saltBalance(q);
    const plan = saltPlan(q, 1.4, 'fine');
    const hold = plan.holdBack.value * 1000;
    const held = saltBalance({ ...q, addedG: q.addedG - hold });
    expect(held.meatShare).toBeCloseTo(held.inMeatG / 1000 / q.meatKg, 12);
    expect(held.sauceBeforeShare).toBeCloseTo(held.inSauceG / 1000 / q.liquidKg, 12);
    expect(held.sauceShare).toBeCloseTo(held.inSauceG / 1000 / q.sauceKg, 12);
    expect([plan.meat.value, plan.sauceBefore.value, plan.sauce.value]).toEqual([
      held.meatShare,
      held.sauceBeforeShare,
      held.sauceShare,
    ]);
    expect(hold).toBeGreaterThan(1);
    expect(values(plan.toAdd)).toEqual([1.4, 10, 0.002]);
    expect(values(plan.now)).toEqual([0.014, hold / 1000, all.sauceShare]);
    expect(values(plan.total)).toEqual([plan.now.value, 0.0005, 0.0015]);
    expect(plan.total.value).toBeCloseTo(held.totalG / 1000, 12);
    expect(values(plan.holdBack)).toEqual([all.sauceShare, SAUCE_SALT.aim]);
    expect(values(plan.meat)).toEqual([held.totalG / 1000, q.liquidKg / 0.96, q.sauceKg / 0.96, held.evened, 180]);
    expect(values(plan.atPlate).slice(0, 2)).toEqual([held.meatShare, 0.007]);
    expect(plan.atPlate.value).toBeCloseTo((0.007 - held.meatShare) * q.meatKg, 12);
    expect(plan.tooSalty).toBe(false);
    expect(plan.sources).toBe(q.sources);
  });

  it('is said in words, whatever the plan comes to', () => {
    const stock = (grams: number) => [{ name: STOCK, grams }];
    for (const q of [
      QUESTION,
      { ...QUESTION, when: 'hold' as const },
      { ...QUESTION, addedG: 2, sauceKg: 0.9 },
      { ...QUESTION, addedG: 0, sources: stock(9) },
      { ...QUESTION, addedG: 4, sources: [] },
    ]) {
      const plan = saltPlan(q, 1.4, 'fine');
      expect(saidIn(plan).length).toBeGreaterThan(60);
    }
  });

  it('kept back on purpose leaves all of it off the meat, and none of it counted', () => {
    const plan = saltPlan({ ...QUESTION, when: 'hold' }, 1.4, 'fine');
    expect([plan.now.value, plan.holdBack.value]).toEqual([0, 0.014]);
    expect(english(plan.spoons)).toBe('none');
    expect(plan.says.code).toBe('salt.seasonLast');
  });

  it('without meat, liquid or sauce is nought and not a number gone wrong', () => {
    const none = saltBalance({ ...QUESTION, meatKg: 0, liquidKg: 0, sauceKg: 0 });
    expect([none.meatShare, none.sauceBeforeShare, none.sauceShare]).toEqual([0, 0, 0]);
    expect(saltPlan(QUESTION, 0, 'fine').toAdd.inputs[1]?.value).toBe(0);
  });

  it('changes its words at the same moments as its figures', () => {
    expect(english(saltInSpoons(0.199, 'fine'))).toBe('none');
    expect(english(saltInSpoons(0.2, 'fine'))).toBe('a pinch of fine salt');
    expect(english(saltInSpoons(1.45, 'fine'))).toBe('2 pinches of fine salt');
    expect(usualSaltG(1, 4)).toBe(10);
    expect(usualSaltG(1, 4.001)).toBe(5);
    expect(saltPlan({ ...QUESTION, addedG: 4, sources: [] }, 1.4, 'fine').says.code).toMatch(/^salt\./);
  });
});
