import { describe, expect, it } from 'vitest';
import { canRoll, partsAsCooked, prepPlan } from './prep';
import { defaultMeat } from '../plan';
import { cutById, CUTS, isGarnishId } from '../larder';
import { type MeatPart, pieceSize, type Preparation, usualCount, usualThicknessMm } from '../choices';
import { english } from '../../testing/words';
import { saying } from '../../testing/saying';

const PLAIN: Preparation = { temper: 'none', tie: 'auto', filling: null };

function row(cutId: string, massKg: number, more: Partial<MeatPart> = {}) {
  const cut = cutById(cutId);
  const pieces = more.pieces ?? usualCount(cut, massKg);
  const part: MeatPart = {
    cutId,
    massKg,
    grossKg: null,
    pieces,
    thicknessMm: usualThicknessMm(cut, massKg / pieces),
    thicknessMeasured: true,
    onBone: cut.bone !== 'no',
    pricePerKg: null,
    ...more,
  };
  return { cut, part, size: pieceSize(cut, massKg / pieces, part.thicknessMm) };
}

const NOW = { when: 'before', spices: [] } as const;

describe('getting the meat ready', () => {
  it('always dries and never rinses', () => {
    for (const cut of CUTS) {
      const plan = prepPlan([row(cut.id, 1.5)], PLAIN, NOW, 'us');
      const dry = plan.steps.find((s) => s.id === 'dry');
      expect(english(dry?.says), cut.id).toMatch(saying('prep.dry.how'));
      expect(plan.minutes).toBeGreaterThan(3);
    }
  });

  it('takes the hands as long as practice has it', () => {
    const minutes = (
      cutId: string,
      kg: number,
      prepare: Partial<Preparation> = {},
      season: Parameters<typeof prepPlan>[2] = NOW,
    ) => {
      const { steps, minutes: all } = prepPlan([row(cutId, kg)], { ...PLAIN, ...prepare }, season, 'us');
      return { ...Object.fromEntries(steps.map((s) => [s.id, s.minutes])), all };
    };
    expect(minutes('beef_chuck_cubes', 1.2)).toEqual({
      trim: 6,
      cube: expect.closeTo(7.2, 9) as number,
      dry: 2,
      all: expect.closeTo(18.2, 9) as number,
    });
    expect(minutes('beef_chuck_cubes', 0.4)).toMatchObject({ trim: 3, dry: 2 });
    expect(minutes('beef_chuck_cubes', 1, {}, { when: 'overnight', spices: [] })).toMatchObject({ salt: 2 });
    const rubbed = { when: 'before', spices: [{ id: 'cumin', grams: 4, when: 'meat' }] } as const;
    expect(minutes('beef_chuck_cubes', 1, {}, rubbed)).toMatchObject({ rub: 2 });
    // Standing out of the fridge takes no hands.
    expect(minutes('lamb_shank', 1.6, { temper: 'hour' })).toEqual({ trim: 8, dry: 2, temper: 60, all: 13 });
    expect(minutes('lamb_shank', 1.6, { temper: 'minutes' })).toMatchObject({ temper: 20, all: 13 });
    const { strings } = prepPlan([row('beef_chuck_roast', 1.8)], PLAIN, NOW, 'us');
    expect(strings).toBeGreaterThan(2);
    expect(minutes('beef_chuck_roast', 1.8)).toMatchObject({ tie: 0.75 * strings });
    const filling = {
      rolls: 8,
      items: [
        { id: 'breadcrumbsDry', kg: 0.2 },
        { id: 'parmesan', kg: 0.04 },
      ].filter((i) => isGarnishId(i.id)),
    };
    expect(minutes('beef_flank', 0.9, { filling })).toMatchObject({
      mix: 3 + 1.5 * filling.items.length,
      open: 32,
      fill: 20,
      tie: 12,
    });
  });

  it('counts what trimming took when both weights are known', () => {
    const plan = prepPlan([row('beef_cheek', 1.2, { grossKg: 1.5 })], PLAIN, NOW, 'us');
    expect(plan.steps[0]?.figures[0]?.value).toBeCloseTo(0.3, 12);
    expect(english(plan.steps[0]?.says)).toContain('silverskin');
  });

  it('ties rolls and thick roasts with counted strings, not shanks, thin slabs or cubes', () => {
    const strings = (cutId: string, kg: number, tie: Preparation['tie'] = 'auto'): number =>
      prepPlan([row(cutId, kg, { onBone: cutById(cutId).bone === 'yes' })], { ...PLAIN, tie }, NOW, 'us').strings;
    expect(strings('veal_breast', 1.5)).toBe(Math.round(250 / 35) - 1);
    expect(strings('beef_chuck_roast', 1.8)).toBeGreaterThan(2);
    expect(strings('lamb_shank', 1.6)).toBe(0);
    expect(strings('pork_belly', 1.4)).toBe(0);
    expect(strings('beef_chuck_cubes', 1.2, 'yes')).toBe(0);
    expect(strings('beef_chuck_roast', 1.8, 'no')).toBe(0);
  });

  it('divides a filling evenly and gives two strings a roll', () => {
    const plan = prepPlan(
      [row('beef_flank', 0.9, { pieces: 1 })],
      { ...PLAIN, filling: { rolls: 8, items: [{ id: 'breadcrumbsDry', kg: 0.24 }] } },
      NOW,
      'us',
    );
    expect(plan.strings).toBe(16);
    const fill = plan.steps.find((s) => s.id === 'fill');
    expect(fill?.figures[0]?.value).toBeCloseTo(0.03, 12);
    const diameter = fill?.figures[1]?.value ?? 0;
    expect(diameter).toBeGreaterThan(25);
    expect(diameter).toBeLessThan(60);
    expect(canRoll('beef_oxtail')).toBe(false);
  });

  it('says how long meat may stand out, and does not count waiting as work', () => {
    const plan = prepPlan([row('lamb_shank', 1.6)], { ...PLAIN, temper: 'hour' }, { ...NOW, when: 'overnight' }, 'us');
    expect(plan.steps.map((s) => s.id)).toEqual(['trim', 'salt', 'dry', 'temper']);
    expect(english(plan.steps.at(-1)?.says)).toContain('2 h 00');
    expect(plan.minutes).toBeLessThan(30);
  });
});

describe('what is rolled', () => {
  const meat = { ...defaultMeat('beef_flank', 4), massKg: 0.9, pieces: 1, thicknessMm: 75 };

  it('is so many rolls of sheet and filling: eight of 39 mm, not one of 75', () => {
    const [rolled] = partsAsCooked({
      meat,
      also: [],
      prepare: { ...PLAIN, filling: { rolls: 8, items: [{ id: 'breadcrumbsDry', kg: 0.24 }] } },
    });
    expect(rolled).toMatchObject({ pieces: 8, massKg: 0.9 });
    expect(rolled?.thicknessMm).toBeCloseTo(39, 0);
    expect(partsAsCooked({ meat, also: [], prepare: PLAIN })).toEqual([meat]);
  });
});
