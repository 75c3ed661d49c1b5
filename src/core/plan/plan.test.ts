import { describe, expect, it } from 'vitest';
import { checkPlanInput } from './check';
import { cubeCount, pieceSize, type PlanInput, usualCount, usualThicknessMm } from '../choices';
import { composePlan, makePlan, type Plan } from './plan';
import { potFilling } from './engineRequest';
import { cutById, CUTS } from '../larder';
import { NOON_MS, OXTAIL_PLAN, heated, wide } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { say } from '../message';
import { saying } from '../../testing/saying';
import { HOUR_MS, MINUTE_MS } from '../quantity';

function plan(input: PlanInput): Plan {
  const result = makePlan(input, { nowMs: NOON_MS, particles: 128 });
  if (!result.ok) throw new Error(english(result.faults.map((f) => f.says)));
  return result.plan;
}

const withMeat = (meat: Partial<PlanInput['meat']>): PlanInput => ({
  ...OXTAIL_PLAN,
  meat: { ...OXTAIL_PLAN.meat, ...meat },
});

const withLevel = (input: PlanInput, level: number): PlanInput => ({
  ...input,
  liquid: { ...input.liquid, level },
});
const withItem = (item: PlanInput['base']['items'][number]): PlanInput => ({
  ...OXTAIL_PLAN,
  base: { ...OXTAIL_PLAN.base, items: [...OXTAIL_PLAN.base.items, item] },
});

describe('what is beyond the limits', () => {
  it.each([
    [482.22, '482 °C'],
    [240.4, '240.4 °C'],
    [79.96, '79.96 °C'],
    [0, '0 °C'],
  ])('%d °C is said with as few figures as show it', (tempC, says) => {
    const faults = checkPlanInput(heated(OXTAIL_PLAN, { kind: 'oven', tempC, fan: false }), NOON_MS);
    expect(english(faults[0]?.says)).toContain(says);
  });
});

describe('what cannot be planned', () => {
  const cases: readonly (readonly [string, PlanInput, string, RegExp])[] = [
    ['0 kg', withMeat({ massKg: 0 }), 'meat.massKg', saying('fault.tooLittle')],
    ['400 kg', withMeat({ massKg: 400 }), 'meat.massKg', saying('fault.tooMuch')],
    ['nothing typed', withMeat({ massKg: Number.NaN }), 'meat.massKg', saying('fault.noNumber')],
    [
      'a 300 mm cube',
      withMeat({ cutId: 'lamb_shoulder_cubes', thicknessMm: 300, pieces: 1 }),
      'meat.thicknessMm',
      saying('fault.tooMuch'),
    ],
    ['two and a half pieces', withMeat({ pieces: 2.5 }), 'meat.pieces', saying('fault.notWhole')],
    [
      'an oven at 600 °C',
      heated(OXTAIL_PLAN, { kind: 'oven', tempC: 600, fan: false }),
      'course.0.heat.tempC',
      saying('fault.tooMuch'),
    ],
    ['a serving time in the past', { ...OXTAIL_PLAN, serveAtMs: NOON_MS - 1 }, 'serveAtMs', saying('fault.past')],
    ['no serving time', { ...OXTAIL_PLAN, serveAtMs: Number.NaN }, 'serveAtMs', /Serving time/],
    ['more meat than pot', withMeat({ massKg: 11, pieces: 60 }), 'meat.massKg', saying('fault.moreMeatThanPot')],
    ['a cut nobody knows', withMeat({ cutId: 'unicorn' }), 'meat.cutId', /“unicorn”/],
    [
      'a joint too long for the pot',
      {
        ...withMeat({ cutId: 'lamb_shoulder', massKg: 2.2, pieces: 1, thicknessMm: 70 }),
        pot: wide(OXTAIL_PLAN.pot, 220),
      },
      'pot.id',
      saying('fault.doesNotLie'),
    ],
    ['a level over the rim', withLevel(withMeat({ massKg: 4, pieces: 20 }), 1.2), 'liquid.level', /boil over/],
    [
      'dry beans',
      withItem({ id: 'beansDry', kg: 0.3, fate: 'bite', when: 'start' }),
      'base.items',
      /5 h.*local food-safety guidance/,
    ],
    [
      'a vegetable nobody knows',
      withItem({ id: 'moonfruit', kg: 0.3, fate: 'bite', when: 'start' }),
      'base.items',
      /“moonfruit”/,
    ],
    [
      'a mountain of onion',
      withItem({ id: 'onion', kg: 4.5, fate: 'melt', when: 'start' }),
      'base.items',
      saying('fault.moreVegetablesThanRoom'),
    ],
    [
      'less bought than trimmed',
      withMeat({ grossKg: 1 }),
      'meat.grossKg',
      /1 kg is less than the 2.2 kg left after trimming/,
    ],
    ['too little time', { ...OXTAIL_PLAN, serveAtMs: NOON_MS + HOUR_MS }, 'serveAtMs', /Serve at least .* later/],
    [
      'heat that never gets there',
      heated(OXTAIL_PLAN, { kind: 'grill', tempC: 100 }, 'none'),
      'course',
      /raise the heat/,
    ],
  ];

  it.each(cases)('%s', (_, input, field, message) => {
    const result = makePlan(input, { nowMs: NOON_MS, particles: 64 });
    expect(result.ok).toBe(false);
    if (result.ok) return;
    expect(result.faults[0]?.field).toBe(field);
    expect(english(result.faults[0]?.says)).toMatch(message);
  });

  it('names every faulty field at once', () => {
    const input: PlanInput = { ...withMeat({ massKg: 0, pieces: 0 }), eaters: 0 };
    expect(checkPlanInput(input, NOON_MS).map((f) => f.field)).toEqual(['meat.massKg', 'meat.pieces', 'eaters']);
  });
});

describe('a plan', () => {
  const oxtail = plan(OXTAIL_PLAN);

  it('is counted back from the plate without a gap', () => {
    const { spans } = oxtail.day;
    spans.slice(1).forEach((s, i) => {
      expect(s.fromMs).toBe(spans[i]?.toMs);
    });
    expect(spans.at(-1)?.toMs).toBe(OXTAIL_PLAN.serveAtMs);
    expect(spans[0]?.fromMs).toBe(oxtail.day.startMs);
  });

  it('leaves time to finish after the wanted share of kitchens is tender', () => {
    const finish = oxtail.day.spans.find((s) => s.id === 'finish');
    const { handsMin } = oxtail.day.reserve;
    expect(Math.abs((finish?.fromMs ?? 0) - oxtail.day.ready.p90Ms - handsMin * MINUTE_MS)).toBeLessThanOrEqual(
      MINUTE_MS,
    );
    const surer = plan({ ...OXTAIL_PLAN, confidence: 0.97 });
    expect(surer.day.startMs).toBeLessThan(oxtail.day.startMs);
  });

  it('keeps its water: what went in is there, gone as steam, or came from meat and vegetables', () => {
    const { course, liquidL } = oxtail;
    expect(course.litres[0]).toBeCloseTo(liquidL, 1);
    expect(Math.min(...course.litres)).toBeGreaterThanOrEqual(0);
  });

  it('fills to the level asked for', () => {
    expect(oxtail.pot.levelStartMm).toBeCloseTo(48 * 0.75, 3);
    expect(potFilling(withLevel(OXTAIL_PLAN, 1)).liquidL).toBeGreaterThan(oxtail.liquidL);
  });

  it('reads its reasons out', () => {
    expect(oxtail.reasons.length).toBeGreaterThanOrEqual(3);
    expect(english(oxtail.watch)).not.toContain('NaN');
  });

  it('is the same for the same input', () => {
    expect(plan(OXTAIL_PLAN)).toEqual(oxtail);
  });

  it('can be made for every cut of the larder in its usual form', () => {
    for (const cut of CUTS) {
      const massKg = Math.max(1.5, cut.typicalPieceKg);
      const pieces = usualCount(cut, massKg);
      const input: PlanInput = {
        ...OXTAIL_PLAN,
        pot: wide(OXTAIL_PLAN.pot, 300, 180),
        meat: {
          cutId: cut.id,
          massKg,
          pieces,
          thicknessMm: usualThicknessMm(cut, massKg / pieces),
          thicknessMeasured: false,
          onBone: cut.bone !== 'no',
          grossKg: null,
          pricePerKg: null,
        },
        serveAtMs: NOON_MS + 12 * HOUR_MS,
      };
      const result = composePlan(input, 64);
      expect(checkPlanInput(input, NOON_MS), cut.id).toEqual([]);
      expect(result.ok, cut.id).toBe(true);
    }
  });
});

describe('pieces', () => {
  it('keep mass and thickness when their proportions follow', () => {
    const cut = cutById('beef_chuck_roast');
    const usual = pieceSize(cut, cut.typicalPieceKg, cut.sizeMm.thickness);
    expect(usual).toEqual({ lengthMm: 190, widthMm: 130, thicknessMm: 80 });
    const flat = pieceSize(cut, cut.typicalPieceKg, 40);
    expect(flat.lengthMm * flat.widthMm * 40).toBeCloseTo(190 * 130 * 80, 3);
    const roll = pieceSize(cutById('lamb_shank'), 0.4, 80);
    expect(roll.lengthMm).toBeLessThan(150);
  });

  it('counts cubes from weight and edge', () => {
    const cut = cutById('lamb_shoulder_cubes');
    expect(cubeCount(cut, 1, 30)).toBeGreaterThan(cubeCount(cut, 1, 40) * 2);
    expect(cubeCount(cut, 0.001, 40)).toBe(1);
  });

  it('names cuts without doubling the animal', () => {
    expect(WORDS.title(say('cut.lamb_shank.full'))).toBe('Lamb shank');
    expect(WORDS.title(say('cut.mutton_shoulder_cubes.full'))).toBe('Mutton shoulder cubes');
    expect(WORDS.title(say('cut.beef_oxtail.full'))).toBe('Oxtail');
  });
});
