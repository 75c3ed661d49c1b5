import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { finishedPot, finishFigures, type FinishQuestion } from './finish';
import { CONSISTENCIES, type Consistency, FLOUR_STRENGTH, flourFor, viscosity } from './thicken';
import { litresAt, nominalEnsemble, stepAt } from '../forecast';
import { boilAwayMinutes } from '../liquid';
import { potBaseM2 } from '../material';
import { shortRibRequest } from '../../testing/fixtures';

const QUESTION: FinishQuestion = { eaters: 4, sauceLPerPlate: 0.1, powerW: 1200, stockGelatinG: 8 };
const ensemble = nominalEnsemble(shortRibRequest());
const step = (minutes: number): number => stepAt(ensemble.assembly.grid, minutes);

describe('the finished pot', () => {
  const pot = finishedPot(ensemble, step(180), QUESTION);

  it('weighs as the raw meat did: what is left, what ran out, what melted', () => {
    const [group] = ensemble.request.groups;
    const { cut } = ensemble.request;
    const edible = (group?.massKg ?? 0) * (1 - cut.boneFraction);
    expect(pot.cookedKg + pot.juiceKg + pot.fatL * 0.9).toBeCloseTo(edible, 9);
    expect(pot.meatPerPlateKg).toBeCloseTo(pot.cookedKg / 4, 12);
    expect(pot.meatWaterKg).toBeCloseTo(edible * cut.composition.water - pot.juiceKg, 9);
  });

  it('reduces what stands over the sauce, on this burner and this pot', () => {
    expect(pot.liquidL).toBe(litresAt(ensemble, step(180)));
    expect(pot.sauceL).toBeCloseTo(0.4, 12);
    expect(pot.reduceMinutes).toBeCloseTo(
      boilAwayMinutes(pot.liquidL - 0.4, 1200, potBaseM2(ensemble.request.pot)),
      12,
    );
    const much = finishedPot(ensemble, step(180), { ...QUESTION, sauceLPerPlate: 2 });
    expect(much.sauceL).toBe(much.liquidL);
    expect(much.reduceMinutes).toBe(0);
    expect(finishedPot(ensemble, step(180), { ...QUESTION, sauceLPerPlate: 0 }).gelatinGPerL).toBe(0);
  });

  it('gains fat and gelatin with time, half of what dissolved and all of the stock’s', () => {
    const early = finishedPot(ensemble, step(60), QUESTION);
    expect(early.fatL).toBeLessThan(pot.fatL);
    const collagen = (p: typeof pot): number => p.gelatinGPerL * p.sauceL - 8;
    expect(collagen(early)).toBeLessThan(collagen(pot));
    const [group] = ensemble.request.groups;
    const { cut } = ensemble.request;
    const edible = (group?.massKg ?? 0) * (1 - cut.boneFraction);
    const slow = ensemble.nominal.slowCookValue[0]?.[step(180)] ?? 0;
    const dissolved = 1 - 2 ** (-slow / cut.cookValue.twists);
    expect(collagen(pot)).toBeCloseTo(0.5 * edible * cut.collagenGPerKg * dissolved, 9);
  });

  it('says what its figures come from', () => {
    const figures = finishFigures(pot, QUESTION);
    const liquid = { id: 'liquidWhenDone', value: pot.liquidL, as: 'volume' };
    const sauce = { id: 'sauce', value: pot.sauceL, as: 'volume' };
    expect(figures).toEqual({
      fat: {
        id: 'sauce.fat',
        value: pot.fatL,
        as: 'volume',
        sure: 'estimate',
        inputs: [{ id: 'cookedMeat', value: pot.cookedKg, as: 'mass' }],
      },
      sauce: {
        id: 'sauce.sauce',
        value: pot.sauceL,
        as: 'volume',
        sure: 'computed',
        inputs: [{ id: 'aPlate', value: 0.1, as: 'volume' }, { id: 'plates', value: 4, as: 'count' }, liquid],
      },
      reduce: {
        id: 'sauce.reduce',
        value: pot.reduceMinutes,
        as: 'minutes',
        sure: 'estimate',
        inputs: [liquid, sauce, { id: 'reachesThePot', value: 1200, as: 'power' }],
      },
      gelatin: {
        id: 'sauce.gelatin',
        value: pot.gelatinGPerL,
        as: 'gramsPerL',
        sure: 'estimate',
        inputs: [sauce, { id: 'fromTheStock', value: 0.008, as: 'mass' }],
      },
    });
  });
});

describe('thickening', () => {
  const kinds = Object.keys(CONSISTENCIES) as Consistency[];

  it('hits the thickness that was asked for, gelatin counted in', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (kind, litres, gelatin) => {
          const grams = flourFor(kind, litres, gelatin);
          const reached = viscosity(grams / litres, gelatin);
          if (grams > 0) expect(reached).toBeCloseTo(CONSISTENCIES[kind].viscosity, 6);
          else expect(reached).toBeGreaterThanOrEqual(CONSISTENCIES[kind].viscosity * (1 - 1e-9));
        },
      ),
    );
  });

  it('takes more of flour that has been browned', () => {
    const grams = (cooking: keyof typeof FLOUR_STRENGTH): number => flourFor('gravy', 1, 0, cooking);
    expect(grams('brown')).toBeCloseTo(grams('white') / FLOUR_STRENGTH.brown, 9);
    expect([grams('raw'), grams('white'), grams('blond'), grams('brown')]).toEqual(
      [grams('raw'), grams('white'), grams('blond'), grams('brown')].sort((a, b) => a - b),
    );
    expect(flourFor('gravy', 1, 0)).toBe(grams('white'));
  });

  it('ranks its consistencies from thin to thick', () => {
    const all = kinds.map((k) => CONSISTENCIES[k].viscosity);
    expect([...all].sort((a, b) => a - b)).toEqual(all);
    expect(viscosity(0, 0)).toBe(1);
  });
});
