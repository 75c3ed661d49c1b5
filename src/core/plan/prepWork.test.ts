import { describe, expect, it } from 'vitest';
import { type PlanInput, mainStage, singleStageSchedule } from '../choices';
import { searOf } from './searing';
import { sizedParts } from './parts';
import { composePlan, type Plan } from './plan';
import { defaultMeat } from './start';
import { OXTAIL_PLAN } from '../../testing/fixtures';
import { english } from '../../testing/words';
import { saying } from '../../testing/saying';

function plan(part: Partial<PlanInput> = {}): Plan {
  const result = composePlan({ ...OXTAIL_PLAN, ...part }, 0);
  if (!result.ok) throw new Error(english(result.faults[0]?.says));
  return result.plan;
}
const withBase = (base: Partial<PlanInput['base']>): Plan => plan({ base: { ...OXTAIL_PLAN.base, ...base } });
const withLiquid = (liquid: Partial<PlanInput['liquid']>): Plan =>
  plan({ liquid: { ...OXTAIL_PLAN.liquid, ...liquid } });
const item = (id: string, kg: number, when: 'start' | 'late' = 'start'): PlanInput['base']['items'][number] => ({
  id,
  kg,
  fate: 'bite',
  when,
});

describe('how meat comes to the pan', () => {
  const sear = (cutId: string, eaters = 4) => {
    const input = { ...OXTAIL_PLAN, meat: defaultMeat(cutId, eaters) };
    return searOf(input, sizedParts(input));
  };

  it('discs lie on their cut face, rolls on their side, cubes on one of six', () => {
    expect(sear('beef_oxtail').batches.length).toBeGreaterThan(0);
    expect(sear('beef_chuck_cubes').perBatch.value).toBeGreaterThan(sear('beef_short_rib_english').perBatch.value);
    expect(sear('beef_flank').minutes.value).toBeGreaterThan(0);
  });

  it('takes more batches for more of it', () => {
    expect(sear('pork_cheek', 12).batches.length).toBeGreaterThan(sear('pork_cheek', 3).batches.length);
  });
});

describe('the work of the hands', () => {
  it('is longer with more to chop, and late things are chopped late', () => {
    const little = withBase({ items: [item('onion', 0.1)] });
    const much = withBase({ items: [item('onion', 0.6)] });
    expect(much.work.prep).toBeGreaterThan(little.work.prep);
    expect(withBase({ items: [] }).rhythm.chopMin).toBe(0);
    const late = withBase({ items: [item('onion', 0.2), item('potato', 0.6, 'late')] });
    expect(late.rhythm.lateChopMin).toBeGreaterThan(4);
    expect(little.rhythm.lateChopMin).toBe(0);
  });

  it('brings liquid to a simmer before the meat goes in, or not', () => {
    expect(withLiquid({ start: 'simmer' }).work.liquid).toBeGreaterThan(withLiquid({ start: 'cold' }).work.liquid);
  });

  it('stirs stock in by stages where flour thickens early', () => {
    expect(withBase({ thicken: 'early' }).work.liquid).toBeGreaterThanOrEqual(
      withBase({ thicken: 'none' }).work.liquid,
    );
    expect(english(withBase({ thicken: 'early' }).liquid.says)).toContain('three stages');
  });
});

describe('what is counted in', () => {
  it('is counted out: bones, strings and herbs', () => {
    const tied = plan({ meat: defaultMeat('beef_flank', 4), prepare: { ...OXTAIL_PLAN.prepare, tie: 'yes' } });
    expect(tied.countOut.find((c) => c.what.code === 'countOut.strings')?.count).toBeGreaterThan(0);
    const oxtail = plan();
    expect(oxtail.countOut.find((c) => c.what.code === 'countOut.bones')?.count).toBe(OXTAIL_PLAN.meat.pieces);
    expect(oxtail.countOut.some((c) => /bay|herb/.test(english(c.what)))).toBe(true);
  });
});

describe('advice on the liquid', () => {
  const says = (p: Plan): string => english(p.liquid.says);

  it('warns of wine that stays harsh, of beer boiled down and of paste in a hard reduction', () => {
    const wine = [{ id: 'redWine', litres: 0.4, when: 'start' as const }];
    expect(says(withLiquid({ parts: wine, reduce: 'none' }))).toContain('stays harsh');
    expect(
      says(withLiquid({ parts: [...wine, { id: 'stout', litres: 0.3, when: 'start' as const }], reduce: 'syrup' })),
    ).toContain('bitter');
    const paste = plan({
      liquid: { ...OXTAIL_PLAN.liquid, parts: wine, reduce: 'threeQuarters' },
      base: { ...OXTAIL_PLAN.base, pasteKg: 0.04, pasteWhen: 'beforeWine' },
    });
    expect(says(paste)).toContain('after the wine');
    expect(says(withLiquid({ parts: wine, reduce: 'half' }))).not.toContain('stays harsh');
  });

  it('warns of sugar that catches, of acid on bare aluminium and of foil on it', () => {
    const sweet = plan({
      base: { ...OXTAIL_PLAN.base, items: [item('honey', 0.15), item('prune', 0.2)] },
      finish: { ...OXTAIL_PLAN.finish, sauceLPerPlate: 0.05 },
    });
    expect(sweet.liquid.sugar.value).toBeGreaterThan(200);
    expect(says(sweet)).toMatch(saying('advice.sugarCatches'));
    const sour = { ...OXTAIL_PLAN.liquid, parts: [{ id: 'redWine', litres: 0.4, when: 'start' as const }] };
    expect(says(plan({ liquid: sour, pot: { ...OXTAIL_PLAN.pot, material: 'aluminium' } }))).toContain('metallic');
    expect(says(plan({ liquid: sour, course: singleStageSchedule(mainStage(OXTAIL_PLAN).heat, 'foil') }))).toContain(
      'foil',
    );
    expect(says(plan({ liquid: sour }))).not.toContain('metallic');
  });

  it('tells beans in sour liquid to soften first', () => {
    const beans = plan({
      base: { ...OXTAIL_PLAN.base, items: [item('lentils', 0.2, 'late')] },
      liquid: { ...OXTAIL_PLAN.liquid, parts: [{ id: 'redWine', litres: 0.3, when: 'start' as const }] },
    });
    expect(says(beans)).toMatch(saying('advice.acidPulses'));
  });
});
