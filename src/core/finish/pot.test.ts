import { describe, expect, it } from 'vitest';
import { finishedPot, finishFigures, type FinishInput } from './pot';
import { litresAt, nominalEnsemble, stepAt } from '../forecast';
import { reduce } from './reduce';
import { shortRibRequest } from '../../testing/fixtures';

const QUESTION: FinishInput = {
  eaters: 4,
  sauceLPerPlate: 0.1,
  reduce: true,
  leastL: 0,
  solids: 'leave',
  fat: 'spoon',
  solidsKg: 0,
  rung: null,
  powerW: 1200,
  stockGelatinG: 8,
};
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
      reduce({
        pan: ensemble.request.pot,
        litres: pot.liquidL,
        solidsKg: pot.liquidL * 0.05,
        startC: 85,
        powerW: 1200,
        starchG: 0,
        gelatinG: 0,
        altitudeM: 0,
        target: { litres: 0.4 },
      }).minutes,
      0,
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
      fatLeft: {
        id: 'sauce.fatLeft',
        value: pot.fatLeftL,
        as: 'volume',
        sure: 'estimate',
        inputs: [
          { id: 'fatInAll', value: pot.fatL, as: 'volume' },
          { id: 'sauce', value: pot.sauceL, as: 'volume' },
        ],
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
        inputs: [
          { id: 'afterTheVegetables', value: pot.looseL, as: 'volume' },
          sauce,
          { id: 'reachesThePot', value: 1200, as: 'power' },
        ],
        range: [pot.reduceMinutes * 0.67, pot.reduceMinutes * 1.5],
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
