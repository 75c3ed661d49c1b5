import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { composePlan, finishSteps, type Plan } from '.';
import { type PlanInput } from '../choices';
import { cutById, garnishById, isGarnishId, liquidById, spiceById } from '../larder';
import { baseIngredientId, OWN_TABLES, customId, findCustom } from '../custom';
import { bedHeightM, levelForLitres, litresForLevel, meatHeightM, submergedShares } from '../material';
import { contentsOf } from './engineRequest';
import { shoppingList } from '../shopping';
import { OXTAIL_PLAN } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { say, ofRow, nameOf } from '../message';

function planned(part: Partial<PlanInput>): Plan {
  const made = composePlan({ ...OXTAIL_PLAN, ...part }, 0);
  if (!made.ok) throw new Error(english(made.faults.map((f) => f.says)));
  return made.plan;
}

const base = (part: Partial<PlanInput['base']>) => ({ base: { ...OXTAIL_PLAN.base, ...part } });
const item = (
  id: string,
  kg: number,
  fate: PlanInput['base']['items'][number]['fate'],
  when: PlanInput['base']['items'][number]['when'],
) => ({ id, kg, fate, when });
const spiced = (when: PlanInput['season']['spices'][number]['when']) => ({
  season: { ...OXTAIL_PLAN.season, spices: [{ id: 'cumin', grams: 4, when }] },
});
const plain = planned({});

describe('where vegetables and pieces lie', () => {
  const among = contentsOf(OXTAIL_PLAN);
  const under = contentsOf({ ...OXTAIL_PLAN, ...base({ lies: 'under' }) });

  it('a bed lifts the meat by its own height, and as much liquid covers less of it', () => {
    expect(bedHeightM(among)).toBe(0);
    expect(meatHeightM(under)).toBeCloseTo(meatHeightM(among) + bedHeightM(under), 9);
    const share = (contents: typeof among): number =>
      Math.min(...submergedShares(contents, levelForLitres(contents, 1)));
    expect(share(under)).toBeLessThan(share(among));
  });

  it('level and litres stay each other’s inverse on a bed', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 4, noNaN: true }), (litres) => {
        expect(litresForLevel(under, levelForLitres(under, litres))).toBeCloseTo(litres, 4);
      }),
    );
  });

  it('two layers stand twice as high on half the floor', () => {
    const two = contentsOf({ ...OXTAIL_PLAN, lie: 'stacked', meat: { ...OXTAIL_PLAN.meat, pieces: 6, massKg: 1.2 } });
    const one = contentsOf({ ...OXTAIL_PLAN, meat: { ...OXTAIL_PLAN.meat, pieces: 6, massKg: 1.2 } });
    expect(two.arrangements[0]?.layers).toBe(2);
    expect(one.arrangements[0]?.layers).toBe(1);
    expect(meatHeightM(two)).toBeCloseTo(2 * meatHeightM(one), 9);
    expect(two.arrangements[0]?.coverage).toBeLessThan(one.arrangements[0]?.coverage ?? 0);
  });
});

describe('when things go in', () => {
  it('a spice is rubbed on, fried, poured in with the liquid or stirred in last, and in one of them only', () => {
    const where = (plan: Plan) => ({
      meat: plan.prep.steps.some((s) => s.id === 'rub'),
      fat: plan.base.steps.some((s) => s.id === 'spice-cumin' && s.minutes > 0),
      liquid: plan.base.steps.some((s) => s.id === 'spice-cumin' && s.minutes === 0),
      end: english(finishSteps(plan).map((s) => s.says)).includes('Stir in cumin'),
    });
    for (const when of ['meat', 'fat', 'liquid', 'end'] as const) {
      const plan = planned(spiced(when));
      expect(where(plan)).toEqual({ meat: false, fat: false, liquid: false, end: false, [when]: true });
      expect(shoppingList(plan).map((l) => l.name.code)).toContain('spice.cumin');
    }
  });

  it('what is browned apart is a step before the onions, gives less water and goes back in late', () => {
    const mushrooms = (when: 'start' | 'apart') =>
      planned(base({ items: [...OXTAIL_PLAN.base.items, item('mushroomBrown', 0.5, 'bite', when)] }));
    const apart = mushrooms('apart');
    const ids = apart.base.steps.map((s) => s.id);
    expect(ids.indexOf('apart-mushroomBrown')).toBeLessThan(ids.indexOf('onion'));
    expect(apart.base.steps.find((s) => s.id === 'apart-mushroomBrown')?.minutes).toBe(20);
    expect(apart.base.late.map((s) => [s.id, s.minutes])).toContainEqual(['mushroomBrown', 5]);
    expect(apart.liquid.water.fromVegetables.value).toBeLessThan(
      mushrooms('start').liquid.water.fromVegetables.value - 0.1,
    );
    expect(apart.day.marks.some((m) => m.kind === 'add' && english(m.label).includes('mushroom'))).toBe(true);
  });

  it('cured pork comes first of all, before what is browned apart', () => {
    const plan = planned(
      base({
        items: [
          item('onion', 0.2, 'melt', 'start'),
          item('mushroomBrown', 0.2, 'bite', 'apart'),
          item('baconUnsmoked', 0.1, 'bite', 'start'),
        ],
      }),
    );
    expect(plan.base.steps.slice(0, 3).map((s) => s.id)).toEqual(['baconUnsmoked', 'apart-mushroomBrown', 'onion']);
  });

  it('flour over the browned meat is weighed, bought, warned of and stirred', () => {
    const plan = planned({ sear: { ...OXTAIL_PLAN.sear, dredge: 'afterSear' }, avoid: ['gluten'] });
    expect(plan.base.steps[0]).toMatchObject({ id: 'dust', stay: true, kg: plan.sear.dredge?.value });
    expect(shoppingList(plan).map((l) => l.name.code)).toContain('shop.dredge');
    expect(english(plan.table.conflicts)).toContain('flour');
    expect(plain.base.steps[0]?.id).not.toBe('dust');
  });

  it('a wine poured late is bought, on the line, in the water, and keeps more of its alcohol', () => {
    const parts = (when: 'start' | 'late') => ({
      liquid: {
        ...OXTAIL_PLAN.liquid,
        parts: [...OXTAIL_PLAN.liquid.parts, { id: 'marsala', litres: 0.15, when }],
      },
    });
    const [late, early] = [planned(parts('late')), planned(parts('start'))];
    expect(late.liquid.pours.map((p) => p.liquid.id)).not.toContain('marsala');
    expect(late.liquid.late.map((p) => p.liquid.id)).toEqual(['marsala']);
    expect(late.liquid.water.pouredLate.value).toBeCloseTo(0.15, 9);
    expect(late.liquid.alcohol?.value).toBeGreaterThan(2 * (early.liquid.alcohol?.value ?? 0));
    expect(shoppingList(late).map((l) => l.name.code)).toContain('liquid.marsala');
    expect(late.day.marks.some((m) => m.kind === 'add' && m.label.code === 'liquid.marsala')).toBe(true);
  });

  it('paste can go in late', () => {
    const plan = planned(base({ pasteWhen: 'late', pasteKg: 0.03 }));
    expect(plan.base.steps.map((s) => s.id)).not.toContain('paste');
    expect(plan.base.late.map((s) => s.id)).toContain('paste');
  });
});

describe('a filling', () => {
  const rolled = (items: readonly { id: string; kg: number }[]): Plan =>
    planned({
      meat: { ...OXTAIL_PLAN.meat, cutId: 'beef_flank', massKg: 0.9, pieces: 1, thicknessMm: 30, onBone: false },
      prepare: { ...OXTAIL_PLAN.prepare, filling: { rolls: 8, items } },
      avoid: ['milk', 'nuts'],
    });
  const full = rolled([
    { id: 'cheeseHard', kg: 0.06 },
    { id: 'breadcrumbsDry', kg: 0.08 },
    { id: 'pineNut', kg: 0.04 },
  ]);

  it('is bought, mixed, salted and warned of by what it is made of', () => {
    const bought = shoppingList(full).map((l) => l.name.code);
    for (const id of ['cheeseHard', 'breadcrumbsDry', 'pineNut']) expect(bought).toContain(`garnish.${id}`);
    expect(english(full.prep.steps.find((s) => s.id === 'mix')?.says)).toContain('cheese 60 g');
    const salt = full.salt.sources.find((s) => english(s.name) === english(say('ingredient.filling')));
    expect(salt?.grams).toBeCloseTo(
      0.06 * garnishById('cheeseHard').saltGPerKg +
        0.08 * garnishById('breadcrumbsDry').saltGPerKg +
        0.04 * garnishById('pineNut').saltGPerKg,
      6,
    );
    expect(english(full.table.conflicts)).toMatch(/milk/i);
    expect(english(full.table.conflicts)).toMatch(/nut/i);
  });

  it('takes longer the more it is made of', () => {
    expect(full.work.prep).toBeGreaterThan(rolled([{ id: 'breadcrumbsDry', kg: 0.18 }]).work.prep);
  });
});

describe('falls off the bone', () => {
  it('is the scale’s Falls with a window of its own, later than tender and before the strings', () => {
    const falls = planned({ result: 'falls' });
    expect(falls.forecast.target).toBe('falls');
    expect(falls.day.ready.p50Ms - falls.day.intoPotMs).toBeGreaterThan(plain.day.ready.p50Ms - plain.day.intoPotMs);
    expect(falls.goodForMin).toBeGreaterThan(0);
    expect(falls.input.finish.meat).toBe('whole');
  });
});

describe('a thing of the cook’s own', () => {
  it('is said by its id alone, whatever it is called', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...OWN_TABLES),
        fc.string({ minLength: 1, maxLength: 30, unit: 'grapheme' }).filter((s) => s.trim() !== '' && s.length <= 40),
        fc.integer({ min: 0, max: 300 }),
        (table, name, salt) => {
          const thing = { table, like: 'onion', name, salt, brings: ['milk' as const] };
          const id = customId(thing);
          expect(findCustom(id)).toEqual(thing);
          expect(id).not.toContain('.');
          expect(baseIngredientId(id)).toBe('onion');
        },
      ),
    );
    for (const id of [
      'own',
      'own~',
      'own~garnish~onion',
      'own~shoe~onion~x',
      'own~garnish~onion~x~salt=999',
      'onion',
    ]) {
      expect(findCustom(id)).toBeUndefined();
    }
    expect(isGarnishId(customId({ table: 'garnish', like: 'unheard', name: 'x' }))).toBe(false);
    expect(isGarnishId(customId({ table: 'liquid', like: 'water', name: 'x' }))).toBe(false);
  });

  it('behaves like its like but for what is known of it', () => {
    const ramps = garnishById(
      customId({ table: 'garnish', like: 'onion', name: 'Ramps', salt: 5, water: 20, brings: [] }),
    );
    expect(ramps).toMatchObject({ waterShare: 0.2, saltGPerKg: 5, tauMin: garnishById('onion').tauMin, brings: [] });
    expect(liquidById(customId({ table: 'liquid', like: 'redWine', name: 'plum wine', alcohol: 9 })).alcohol).toBe(
      0.09,
    );
    expect(spiceById(customId({ table: 'spice', like: 'paprika', name: 'piment' })).scorches).toBe(true);
    const buffalo = cutById(customId({ table: 'cut', like: 'beef_cheek', name: 'buffalo cheek', tough: 130 }));
    const cheek = cutById('beef_cheek');
    expect(buffalo.cookValue.twists).toBeCloseTo(cheek.cookValue.twists * 1.3, 9);
    expect(buffalo.toughnessSpread).toBeGreaterThanOrEqual(0.35);
    expect(buffalo.confidence).toBe('low');
  });

  it('goes by its own name wherever a name stands, and by its like’s words elsewhere', () => {
    const id = customId({ table: 'cut', like: 'beef_cheek', name: 'buffalo cheek {a.b}~' });
    expect(WORDS.name('cut', id)).toBe('buffalo cheek {a.b}~');
    expect(WORDS.title(ofRow('cut', id, 'full'))).toBe('Buffalo cheek {a.b}~');
    expect(WORDS.say(nameOf('trim', id))).toBe(WORDS.say(say('trim.beef_cheek')));
    const plan = planned({ meat: { ...OXTAIL_PLAN.meat, cutId: id, onBone: false, pieces: 5, thicknessMm: 55 } });
    expect(english(plan.prep.steps.map((s) => s.title))).toContain('buffalo cheek {a.b}~');
    const wider = plan.day.ready.p50Ms - plan.day.intoPotMs;
    expect(Number.isFinite(wider)).toBe(true);
  });

  it('onions of one’s own are softened with the others', () => {
    const own = customId({ table: 'garnish', like: 'onion', name: 'Roscoff onion' });
    const plan = planned(base({ items: [item('onion', 0.2, 'melt', 'start'), item(own, 0.2, 'melt', 'start')] }));
    const [first, second] = plan.base.steps;
    expect(first?.minutes).toBeCloseTo(second?.minutes ?? 0, 9);
    expect(first?.minutes).toBeGreaterThan(4);
  });
});

describe('what the sauce is tossed with', () => {
  const tossed = (toss: PlanInput['finish']['toss'], sides: readonly string[] = []) =>
    planned({ finish: { ...OXTAIL_PLAN.finish, toss }, day: { ...OXTAIL_PLAN.day, sides }, avoid: ['gluten'] });
  const bought = (plan: Plan): string[] => shoppingList(plan).map((l) => english(l.name));
  const cooked = (plan: Plan): boolean => plan.day.beside.some((s) => /pasta/i.test(english(s.label)));

  it('is bought, cooked in its hour and named to who avoids it, once', () => {
    const plain = tossed('none');
    const pasta = tossed('pasta');
    const name = bought(pasta).find((n) => !bought(plain).includes(n));
    expect(name).toMatch(/pasta/i);
    expect([cooked(plain), cooked(pasta)]).toEqual([false, true]);
    const concern = (of: Plan) => of.table.concerns.find((c) => c.avoided === 'gluten');
    expect(concern(pasta)?.sources.length).toBe((concern(plain)?.sources.length ?? 0) + 1);
    // If already chosen as a side, it is the same pasta.
    const both = tossed('pasta', ['pasta']);
    expect(bought(both).filter((n) => n === name)).toHaveLength(1);
    expect(bought(tossed('pasta', ['noodles']))).not.toContain(name);
    expect(bought(tossed('grains')).some((n) => /rice/i.test(n))).toBe(true);
  });
});
