import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alcoholG, alcoholLeft, alcoholOnThePlate } from './alcohol';
import { herbPlan, usualHerbCount } from './herbs';
import { boilAwayMinutes, liquidPlan, type PourInput } from './pour';
import { herbById, HERBS, liquidById, LIQUIDS } from '../larder';
import { english } from '../../testing/words';
import { say } from '../message';

const QUESTION: PourInput = {
  wantedL: 1,
  parts: [{ id: 'redWine', litres: 0.4, when: 'start' }],
  fillerId: 'stockUnsalted',
  fillerStrength: 1,
  reduce: 'half',
  baseM2: 0.053,
  powerW: 1000,
};

describe('what is poured', () => {
  it('boils the wine down first and fills with stock to the line, worked by hand', () => {
    const plan = liquidPlan(QUESTION);
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
            when: fc.constant('start' as const),
          }),
          { maxLength: 4 },
        ),
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.constantFrom('none' as const, 'half' as const, 'twoThirds' as const, 'syrup' as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (parts, wantedL, reduce, fillerStrength) => {
          const plan = liquidPlan({ ...QUESTION, parts, wantedL, reduce, fillerStrength });
          expect(plan.totalL).toBeGreaterThanOrEqual(wantedL - 0.005);
          expect(plan.totalL).toBeLessThanOrEqual(
            Math.max(
              wantedL,
              parts.reduce((sum, p) => sum + p.litres, 0),
            ) + 0.005,
          );
          expect(plan.alcoholG > 0).toBe(plan.pours.some((p) => p.liquid.alcohol > 0));
          for (const p of plan.pours) expect(p.pouredL).toBeGreaterThanOrEqual(p.inPotL);
        },
      ),
    );
  });

  it('thins stock with water and counts its salt, sugar and gelatin as poured', () => {
    const plan = liquidPlan({ ...QUESTION, fillerId: 'stockReady', fillerStrength: 0.5 });
    expect(plan.pours.map((p) => p.liquid.id)).toEqual(['redWine', 'stockReady', 'water']);
    expect(plan.saltG).toBeCloseTo(0.4 * 7, 9);
    expect(plan.sugarG).toBeCloseTo(0.4 * 3, 9);
    expect(plan.acid).toBe(true);
  });

  it('has no wine and no alcohol where none is poured', () => {
    const plan = liquidPlan({ ...QUESTION, parts: [] });
    expect(plan.wine).toBeNull();
    expect(plan.alcoholG).toBe(0);
    expect(alcoholOnThePlate(plan, 150, 4)).toBeNull();
    expect(plan.acid).toBe(false);
  });

  it('is as warm as what boiled down makes it', () => {
    expect(liquidPlan(QUESTION).mixedC).toBeCloseTo(0.2 * 95 + 0.8 * 20, 9);
    expect(liquidPlan({ ...QUESTION, reduce: 'none' }).mixedC).toBeCloseTo(20, 9);
    expect(liquidPlan({ ...QUESTION, wantedL: 0, parts: [] }).mixedC).toBe(20);
  });

  it('goes in in an order: wine, tomato, the rest, seasoning, and the filler to the line', () => {
    const parts = ['soySauce', 'coconutMilk', 'cannedTomato', 'redWine'].map((id) => ({
      id,
      litres: 0.1,
      when: 'start' as const,
    }));
    const plan = liquidPlan({
      ...QUESTION,
      wantedL: 2,
      parts: [...parts, { id: 'vinegar', litres: 0, when: 'start' }],
    });
    expect(plan.pours.map((p) => p.liquid.id)).toEqual([
      'redWine',
      'cannedTomato',
      'coconutMilk',
      'soySauce',
      'stockUnsalted',
    ]);
    expect(plan.pours.map((p) => p.note?.code)).toEqual([
      'pour.boilDown',
      undefined,
      undefined,
      undefined,
      'pour.hotToTheLine',
    ]);
    expect(plan.gelatinG).toBeCloseTo(
      plan.pours.reduce((sum, p) => sum + p.pouredL * p.liquid.gelatinGPerL, 0),
      12,
    );
  });

  it('boils nothing down where wine stays as it is, and adds nothing where the parts fill the pot', () => {
    const raw = liquidPlan({ ...QUESTION, reduce: 'none' });
    expect(raw.pours[0]).toMatchObject({ pouredL: 0.4, inPotL: 0.4, note: undefined });
    expect(raw.wine?.minutes.value).toBe(0);
    const full = liquidPlan({ ...QUESTION, wantedL: 0.2 });
    expect(full.pours.map((p) => p.liquid.id)).toEqual(['redWine']);
    expect(liquidPlan({ ...QUESTION, wantedL: 0.15 }).totalL).toBeCloseTo(0.2, 12);
  });

  it('pours water once, whatever strength is asked of it, and no stock at strength nought', () => {
    const water = liquidPlan({ ...QUESTION, fillerId: 'water', fillerStrength: 0.3, parts: [] });
    expect(water.pours.map((p) => [p.liquid.id, p.pouredL, p.note?.code])).toEqual([['water', 1, 'pour.hotToTheLine']]);
    const none = liquidPlan({ ...QUESTION, fillerStrength: 0, parts: [] });
    expect(none.pours.map((p) => [p.liquid.id, p.pouredL, p.note?.code])).toEqual([['water', 1, 'pour.thinsStock']]);
  });

  it('is sour only where more than a splash is', () => {
    const splash = (litres: number) =>
      liquidPlan({ ...QUESTION, parts: [{ id: 'vinegar', litres, when: 'start' }] }).acid;
    expect([splash(0.05), splash(0.06)]).toEqual([false, true]);
  });

  it('says what its figures come from', () => {
    const { wine } = liquidPlan(QUESTION);
    expect(wine?.target).toEqual({
      id: 'liquid.target',
      value: 0.2,
      as: 'volume',
      sure: 'computed',
      inputs: [
        { id: 'poured', value: 0.4, as: 'volume' },
        { id: 'left', value: 0.5, as: 'share' },
      ],
    });
    expect(wine?.minutes).toEqual({
      id: 'liquid.minutes',
      value: boilAwayMinutes(0.2, 1000, 0.053),
      as: 'minutes',
      sure: 'estimate',
      inputs: [
        { id: 'toDriveOff', value: 0.2, as: 'volume' },
        { id: 'reachesThePot', value: 1000, as: 'power' },
        { id: 'potsBase', value: 0.053, as: 'area' },
      ],
    });
  });

  it('cannot boil down on too weak a flame', () => {
    expect(boilAwayMinutes(0.2, 100, 0.053)).toBe(Infinity);
    expect(boilAwayMinutes(0, 100, 0.053)).toBe(0);
    expect(boilAwayMinutes(0, 18 * 0.053 * 2 * 78, 0.053)).toBe(0);
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

  it('on the plate is what the bottles brought, less what boiling down and simmering drove off', () => {
    const plan = liquidPlan(QUESTION);
    const boiled = plan.wine?.minutes.value ?? 0;
    const left = alcoholLeft(boiled + 90);
    const inKg = (400 * 0.13 * 0.789) / 1000;
    expect(plan.alcoholG).toBeCloseTo(inKg * 1000, 9);
    const figure = alcoholOnThePlate(plan, 90, 4);
    expect(figure).toMatchObject({ id: 'liquid.alcohol', as: 'mass', sure: 'practice' });
    expect(figure?.value).toBeCloseTo((inKg * left) / 4, 12);
    expect(figure?.inputs.map((i) => [i.id, i.as])).toEqual([
      ['pureAlcoholIn', 'mass'],
      ['simmeringAllTold', 'minutes'],
      ['stillThere', 'share'],
      ['plates', 'count'],
    ]);
    expect(figure?.inputs.map((i) => i.value)).toEqual([plan.alcoholG / 1000, boiled + 90, left, 4]);
    const weak = liquidPlan({ ...QUESTION, powerW: 10 });
    expect(alcoholOnThePlate(weak, 90, 4)?.inputs[1]?.value).toBe(90);
    const beer = liquidPlan({ ...QUESTION, parts: [{ id: 'stout', litres: 0.5, when: 'start' }], reduce: 'none' });
    expect(alcoholOnThePlate(beer, 90, 4)?.inputs[1]?.value).toBe(90);
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
    expect(herbPlan(herbs, 'bundle', 1).countOut).toEqual([{ what: say('countOut.bundle'), count: 1 }]);
    const shedding = [...herbs, { id: 'peppercorn', count: 8 }];
    expect(herbPlan(shedding, 'bundle', 1).countOut.reduce((sum, c) => sum + c.count, 0)).toBe(2);
    expect(herbPlan(herbs, 'cloth', 1).countOut).toEqual([{ what: say('countOut.packet'), count: 1 }]);
    expect(herbPlan(herbs, 'loose', 1).countOut.map((c) => [english(c.what), c.count])).toEqual([
      ['bay leaf, leaves', 2],
      ['thyme, sprigs', 5],
    ]);
    expect(herbPlan([{ id: 'parsley', count: 3 }], 'loose', 1).countOut).toEqual([]);
  });

  it('ask for nothing out where nothing went in or it goes in last', () => {
    for (const form of ['loose', 'bundle', 'cloth'] as const) {
      expect(herbPlan([], form, 1)).toEqual({ lines: [], countOut: [], says: undefined });
      expect(herbPlan([{ id: 'bay', count: 0 }], form, 1).lines).toEqual([]);
      expect(herbPlan([{ id: 'parsley', count: 1 }], form, 1).countOut).toEqual([]);
    }
    const shed = herbPlan([{ id: 'peppercorn', count: 2 }], 'bundle', 1);
    expect(shed.countOut.map((c) => c.what.code)).toEqual(['countOut.bundle', 'countOut.packetForShedding']);
  });

  it('warn of what sheds loose, or else of what goes in half way', () => {
    const says = (ids: readonly string[], form: 'loose' | 'bundle') =>
      herbPlan(
        ids.map((id) => ({ id, count: 1 })),
        form,
        2,
      ).says;
    const late = HERBS.find((h) => h.when === 'halfway')?.id ?? '';
    expect(says(['bay', 'peppercorn'], 'loose')?.code).toBe('herbs.shed');
    expect(english(says(['bay', 'peppercorn'], 'loose'))).toMatch(/peppercorn/i);
    expect(english(says(['bay', 'peppercorn'], 'loose'))).not.toMatch(/bay/i);
    expect(says(['bay', 'peppercorn'], 'bundle')).toBeUndefined();
    expect(says(['bay'], 'loose')).toBeUndefined();
    expect(says([late], 'bundle')?.code).toBe('herbs.halfway');
    expect(says(['bay', late], 'bundle')?.code).toBe('herbs.halfway');
  });

  it('are too many only over the most for the litres, and a shallow pot counts as half a litre', () => {
    const bay = herbById('bay');
    const most = (litres: number) => Math.ceil(bay.mostPerL * Math.max(0.5, litres));
    for (const litres of [0.1, 0.5, 1, 3]) {
      const lines = (count: number) => herbPlan([{ id: 'bay', count }], 'bundle', litres);
      expect(lines(most(litres)).lines[0]?.tooMuch).toBe(false);
      expect(lines(most(litres)).says).toBeUndefined();
      expect(lines(most(litres) + 1).lines[0]?.tooMuch).toBe(true);
    }
    expect([0.1, 1, 4].map((litres) => usualHerbCount(bay, litres))).toEqual([
      1,
      Math.max(1, Math.round(bay.perL)),
      Math.round(4 * bay.perL),
    ]);
    const two = herbPlan(
      [
        { id: 'rosemary', count: 60 },
        { id: 'bay', count: 1 },
      ],
      'bundle',
      1,
    );
    expect(two.says).toMatchObject({ code: 'herbs.tooMuch', params: { count: 1 } });
    expect(english(two.says)).not.toMatch(/bay/i);
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
