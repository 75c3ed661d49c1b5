import { describe, expect, it } from 'vitest';
import { liquidAdvice } from './advice';
import { herbPlan } from './herbs';
import { type PouredPlan, liquidPlan } from './pour';
import { type AtTarget, waterBalance } from './water';
import { slowestAtTarget } from '../forecast';
import { type PlanInput, singleStageSchedule } from '../choices';
import { type LidKind, type PotMaterial } from '../larder';
import { OXTAIL_PLAN, shortRibRequest } from '../../testing/fixtures';
import { say } from '../message';

const AT: AtTarget = {
  minutes: 180,
  pouredLateL: 0,
  evaporatedL: 0.3,
  gainedFromMeatL: 0.4,
  gainedFromVegetablesL: 0.06,
  takenUpL: 0.05,
};
const FINISHED = { liquidL: 1.36, juiceKg: 0.5, cookedKg: 1.5 };
const START_C = { simmer: 96, cold: 30 };

const ITEMS: PlanInput['base']['items'] = [
  { id: 'onion', kg: 0.3, fate: 'melt', when: 'start' },
  { id: 'beansDry', kg: 0.02, fate: 'bite', when: 'start' },
];
const INPUT: PlanInput = { ...OXTAIL_PLAN, base: { ...OXTAIL_PLAN.base, items: ITEMS } };

describe('the water balance', () => {
  const request = shortRibRequest();
  const balance = waterBalance(INPUT, request, START_C, AT, FINISHED);

  it('closes, each figure from what it came from', () => {
    const { poured, fromMeat, fromVegetables, takenUp, steam, left } = balance;
    expect(left.value).toBeCloseTo(
      poured.value + fromMeat.value + fromVegetables.value - takenUp.value - steam.value,
      9,
    );
    expect(left.inputs).toEqual([
      { id: 'start', value: poured.value, as: 'volume' },
      { id: 'fromMeat', value: fromMeat.value, as: 'volume' },
      { id: 'fromVegetables', value: fromVegetables.value, as: 'volume' },
      { id: 'takenUp', value: takenUp.value, as: 'volume' },
      { id: 'steam', value: steam.value, as: 'volume' },
    ]);
    const onTheHeat = { id: 'onTheHeat', value: 180, as: 'minutes' };
    expect(poured).toEqual({
      id: 'liquid.poured',
      value: 1.25,
      as: 'volume',
      sure: 'computed',
      inputs: [
        { id: 'potAcross', value: INPUT.pot.lengthMm, as: 'length' },
        { id: 'levelOfTheMeatsHeight', value: INPUT.liquid.level, as: 'share' },
      ],
    });
    expect(fromMeat).toMatchObject({ id: 'liquid.fromMeat', value: 0.4, as: 'volume', sure: 'estimate' });
    expect(fromMeat.inputs).toEqual([{ id: 'juiceOfItsRawWeight', value: 0.25, as: 'share' }, onTheHeat]);
    expect(fromVegetables.inputs).toEqual([{ id: 'vegetables', value: 0.32, as: 'mass' }, onTheHeat]);
    expect(takenUp.inputs).toEqual([{ id: 'lateAndDryThings', value: 0.02, as: 'mass' }]);
    expect(steam.inputs).toEqual([onTheHeat]);
    expect(balance.perHour).toEqual({
      id: 'liquid.perHour',
      value: 0.3 / 3,
      as: 'volumePerHour',
      sure: 'estimate',
      inputs: [{ id: 'steam', value: 0.3, as: 'volume' }, onTheHeat],
    });
  });

  it('says what going in cold costs, by the same pot begun either way', () => {
    const simmering = slowestAtTarget({ ...request, liquidTempC: 96 }).atMin;
    const cold = slowestAtTarget({ ...request, liquidTempC: 30 }).atMin;
    expect(balance.coldCost.value).toBeCloseTo(cold - simmering, 9);
    expect(balance.coldCost.value).toBeGreaterThan(5);
    expect(balance.coldCost.inputs).toEqual([
      { id: 'simmeringDoneAfter', value: simmering, as: 'minutes' },
      { id: 'coldDoneAfter', value: cold, as: 'minutes' },
    ]);
    expect(waterBalance(INPUT, { ...request, liquidTempC: 30 }, START_C, AT, FINISHED).coldCost).toEqual(
      balance.coldCost,
    );
    expect(waterBalance(INPUT, request, { simmer: 96, cold: 99 }, AT, FINISHED).coldCost.value).toBe(0);
  });

  it('gives nothing by the hour where no time passed', () => {
    const none = waterBalance(INPUT, request, START_C, { ...AT, minutes: 0 }, { ...FINISHED, juiceKg: 0, cookedKg: 0 });
    expect(none.perHour.value).toBe(0);
    expect(none.fromMeat.inputs[0]?.value).toBe(0);
  });
});

describe('what to mind about what is poured', () => {
  const NO_HERBS = herbPlan([], 'bundle', 1);
  const pour = (ids: readonly string[], part: Partial<PouredPlan> = {}): PouredPlan => ({
    ...liquidPlan({
      wantedL: 2,
      parts: ids.map((id) => ({ id, litres: 0.4, when: 'start' as const })),
      fillerId: 'stockUnsalted',
      fillerStrength: 1,
      reduce: 'half',
      baseM2: 0.05,
      powerW: 1000,
    }),
    ...part,
  });
  interface Changes {
    readonly reduce?: PlanInput['liquid']['reduce'];
    readonly thicken?: PlanInput['base']['thicken'];
    readonly pasteKg?: number;
    readonly pasteWhen?: PlanInput['base']['pasteWhen'];
    readonly items?: PlanInput['base']['items'];
    readonly material?: PotMaterial;
    readonly lid?: LidKind;
  }
  const input = (c: Changes = {}): PlanInput => ({
    ...OXTAIL_PLAN,
    pot: { ...OXTAIL_PLAN.pot, material: c.material ?? 'castIron' },
    course: singleStageSchedule({ kind: 'oven', tempC: 150, fan: false }, c.lid ?? 'heavy'),
    liquid: { ...OXTAIL_PLAN.liquid, reduce: c.reduce ?? 'half' },
    base: {
      ...OXTAIL_PLAN.base,
      items: c.items ?? [],
      thicken: c.thicken ?? 'none',
      pasteKg: c.pasteKg ?? 0,
      pasteWhen: c.pasteWhen ?? 'none',
    },
  });
  const codes = (ids: readonly string[], changes: Changes = {}, sugar = 0): readonly string[] =>
    liquidAdvice(input(changes), pour(ids), sugar, NO_HERBS).map((m) => m.code);

  it('is nothing for an ordinary pot', () => {
    expect(codes(['water'])).toEqual([]);
    expect(codes(['redWine'])).toEqual([]);
  });

  it('is wine that stays raw, but no splash and no beer', () => {
    expect(codes(['redWine'], { reduce: 'none' })).toEqual(['advice.rawWine']);
    expect(codes(['stout'], { reduce: 'none' })).toEqual([]);
    const splash = pour(['redWine']);
    const little = { ...splash, pours: splash.pours.map((p) => ({ ...p, pouredL: 0.1 })) };
    expect(liquidAdvice(input({ reduce: 'none' }), little, 0, NO_HERBS)).toEqual([]);
  });

  it('is beer boiled down hard, and paste in the way of it', () => {
    for (const reduce of ['twoThirds', 'threeQuarters', 'syrup'] as const) {
      expect(codes(['stout'], { reduce })).toEqual(['advice.beerBitter']);
      expect(codes(['redWine'], { reduce })).toEqual([]);
      expect(codes(['redWine'], { reduce, pasteKg: 0.03, pasteWhen: 'beforeWine' })).toEqual(['advice.pasteHoldsUp']);
      expect(codes(['redWine'], { reduce, pasteKg: 0, pasteWhen: 'beforeWine' })).toEqual([]);
      expect(codes(['redWine'], { reduce, pasteKg: 0.03, pasteWhen: 'afterWine' })).toEqual([]);
    }
    expect(codes(['stout'], { reduce: 'half' })).toEqual([]);
    expect(liquidAdvice(input({ reduce: 'syrup' }), pour(['stout']), 0, NO_HERBS)[0]?.params).toEqual({
      beer: say('liquid.stout'),
    });
  });

  it('is what acid does to beans, to aluminium and to foil', () => {
    const beans: PlanInput['base']['items'] = [{ id: 'beansSoaked', kg: 0.3, fate: 'bite', when: 'start' }];
    expect(codes(['redWine'], { items: beans })).toEqual(['advice.acidPulses']);
    expect(codes(['redWine'], { items: beans.map((b) => ({ ...b, kg: 0 })) })).toEqual([]);
    expect(codes(['redWine'], { items: ITEMS.slice(0, 1) })).toEqual([]);
    expect(codes(['redWine'], { material: 'aluminium' })).toEqual(['advice.acidAluminium']);
    expect(codes(['redWine'], { lid: 'foil' })).toEqual(['advice.acidFoil']);
    expect(codes(['redWine'], { lid: 'tightFoil' })).toEqual(['advice.acidFoil']);
    expect(codes(['water'], { items: beans, material: 'aluminium', lid: 'foil' })).toEqual([]);
  });

  it('is sugar that catches, herbs, and stock in stages; what was measured is never scolded', () => {
    expect(codes(['water'], {}, 200)).toEqual([]);
    expect(liquidAdvice(input(), pour(['water']), 201, NO_HERBS)).toEqual([
      say('advice.sugarCatches', { sugar: { as: 'gramsPerL', value: 201 } }),
    ]);
    expect(codes(['water'], { thicken: 'early' })).toEqual(['advice.stockInStages']);
    expect(codes(['water'], { thicken: 'roux' })).toEqual(['advice.stockInStages']);
    expect(codes(['water'], { thicken: 'end' })).toEqual([]);
    const rosemary = herbPlan([{ id: 'rosemary', count: 60 }], 'bundle', 1);
    expect(liquidAdvice(input(), pour(['water']), 0, rosemary)).toEqual([rosemary.says]);
  });
});
