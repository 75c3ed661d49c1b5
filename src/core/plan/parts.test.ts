import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlanInput } from './check';
import { fitFixes } from './fit';
import { defaultChoice, type MeatPart, type PlanInput, defaultLevel, TECHNIQUE_TOPICS, TECHNIQUES } from '../choices';
import { composePlan, type Plan } from './plan';
import { scaled } from './scale';
import { startPlan, defaultMeat } from './start';
import { type Figure, ofRow } from '../message';
import { etaOf, readyEta } from '../forecast';
import { NOON_MS, OXTAIL_PLAN, TEST_KITCHEN, wide } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { saying } from '../../testing/saying';
import { HOUR_MS, MINUTE_MS } from '../quantity';

function plan(input: PlanInput, particles = 0): Plan {
  const result = composePlan(input, particles);
  if (!result.ok) throw new Error(english(result.faults.map((f) => f.says)));
  return result.plan;
}

const oxtail = plan(OXTAIL_PLAN);
const part = (cutId: string, massKg: number): MeatPart => defaultMeat(cutId, 4, massKg);
const withBase = (items: PlanInput['base']['items']): PlanInput => ({
  ...OXTAIL_PLAN,
  base: { ...OXTAIL_PLAN.base, items },
});

/** Every figure anywhere in a plan. */
function figures(value: unknown): Figure[] {
  if (typeof value !== 'object' || value === null) return [];
  if ('inputs' in value && 'sure' in value) return [value as Figure];
  return Object.values(value).flatMap(figures);
}

describe('every figure', () => {
  it('answers why: in words, with its inputs and what would change it', () => {
    const all = figures({ ...oxtail, forecast: null, course: null });
    expect(all.length).toBeGreaterThan(25);
    for (const f of all) {
      expect(Number.isFinite(f.value), f.id).toBe(true);
      expect(WORDS.about(f, 'formula').length, f.id).toBeGreaterThan(15);
      expect(WORDS.about(f, 'changes').length, f.id).toBeGreaterThan(10);
      for (const i of f.inputs) expect(Number.isFinite(i.value), `${f.id}: ${WORDS.inputLabel(i)}`).toBe(true);
    }
  });
});

describe('the water', () => {
  it('closes: what went in and came out of things is there or has gone as steam', () => {
    for (const input of [
      OXTAIL_PLAN,
      withBase([{ id: 'lentils', kg: 0.25, fate: 'bite', when: 'late' }]),
      { ...OXTAIL_PLAN, lid: 'foil' as const },
    ]) {
      const { water } = plan(input).liquid;
      const there =
        water.poured.value +
        water.fromMeat.value +
        water.fromVegetables.value -
        water.takenUp.value -
        water.steam.value;
      expect(water.left.value).toBeCloseTo(there, 2);
    }
  });

  it('is drunk by lentils, given by onion', () => {
    const dry = plan(withBase([{ id: 'lentils', kg: 0.25, fate: 'bite', when: 'late' }]));
    const wet = plan(withBase([{ id: 'onion', kg: 0.25, fate: 'melt', when: 'start' }]));
    expect(dry.liquid.water.takenUp.value).toBeCloseTo(0.25 * 1.6 * (1 - Math.exp(-40 / 25)), 1);
    expect(wet.liquid.water.fromVegetables.value).toBeGreaterThan(0.05);
    expect(dry.pot.levelEndMm).toBeLessThan(wet.pot.levelEndMm + 20);
  });

  it('rises with the litres, and takes longer in cold', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.35, max: 0.9, noNaN: true }), (level) => {
        const bare = { ...OXTAIL_PLAN.liquid, parts: [] };
        const more = { ...OXTAIL_PLAN, liquid: { ...bare, level: level + 0.05 } };
        const less = { ...OXTAIL_PLAN, liquid: { ...bare, level } };
        expect(plan(more).liquidL).toBeGreaterThan(plan(less).liquidL);
      }),
      { numRuns: 10 },
    );
    const cold = plan({ ...OXTAIL_PLAN, liquid: { ...OXTAIL_PLAN.liquid, start: 'cold' } });
    expect(readyEta(cold.forecast).p50).toBeGreaterThan(readyEta(oxtail.forecast).p50 + 10);
    expect(oxtail.liquid.water.coldCost.value).toBeGreaterThan(10);
  });
});

describe('more poured than the level takes', () => {
  it('stands where it really stands, is not scolded, and is refused when it would boil over', () => {
    const much = (litres: number): PlanInput => ({
      ...OXTAIL_PLAN,
      liquid: { ...OXTAIL_PLAN.liquid, level: 0.4, parts: [{ id: 'stout', litres, when: 'start' }] },
    });
    const p = plan(much(1));
    expect(p.liquidL).toBeCloseTo(1, 9);
    expect(p.pot.levelStartMm).toBeGreaterThan(48 * 0.4 + 5);
    expect(p.liquid.says).toEqual([]);
    const measured = plan({ ...much(1), liquid: { ...much(1).liquid, fill: false } });
    expect(measured.liquidL).toBeCloseTo(1, 9);
    expect(measured.pot.levelStartMm).toBeCloseTo(p.pot.levelStartMm, 6);
    expect(measured.liquid.pours.map((x) => x.liquid.id)).toEqual(['stout']);
    expect(checkPlanInput(much(6), NOON_MS)[0]).toMatchObject({ field: 'liquid.level', tooFull: true });
  });
});

describe('a wanted result', () => {
  it('moves the moment the plan waits for', () => {
    const chuck: PlanInput = { ...OXTAIL_PLAN, meat: part('pork_shoulder', 1.5) };
    const at = (result: PlanInput['result']): number => readyEta(plan({ ...chuck, result }).forecast).p50;
    expect(at('slices')).toBeLessThan(at('tender'));
    expect(at('tender')).toBeLessThan(at('shreds'));
    const shreds = plan({ ...chuck, result: 'shreds' }, 64);
    expect(shreds.day.target).toBe('falls');
    expect(shreds.day.ready.p50Ms - shreds.day.intoPotMs).toBeCloseTo(
      etaOf(shreds.forecast, 'falls').p50 * MINUTE_MS,
      0,
    );
  });
});

describe('mixed meats', () => {
  const mixed: PlanInput = {
    ...OXTAIL_PLAN,
    meat: part('pork_shoulder_cubes', 0.6),
    also: [part('beef_chuck_cubes', 1.2)],
  };

  it('are governed by the one that is last, which is said', () => {
    const p = plan(mixed);
    expect(p.cutId).toBe('beef_chuck_cubes');
    expect(english(p.reasons[0])).toMatch(saying('reason.governs'));
    const alone = plan({ ...mixed, also: [] });
    expect(readyEta(p.forecast).p50).toBeGreaterThan(readyEta(alone.forecast).p50);
  });

  it('do not depend on the order they are entered in', () => {
    const turned: PlanInput = { ...mixed, meat: mixed.also[0] as MeatPart, also: [mixed.meat] };
    expect(readyEta(plan(turned).forecast).p50).toBeCloseTo(readyEta(plan(mixed).forecast).p50, 0);
  });

  it('share the pot and the pan', () => {
    const p = plan(mixed);
    expect(p.pot.groups).toHaveLength(2);
    expect(p.pot.groups.reduce((sum, g) => sum + g.groundShare, 0)).toBeLessThanOrEqual(1.0001);
    const seared = p.sear.batches.reduce((sum, b) => sum + b.count, 0);
    expect(seared).toBe(mixed.meat.pieces + (mixed.also[0]?.pieces ?? 0));
  });

  it('name a fault by the meat it is in', () => {
    const bad = { ...mixed, also: [{ ...part('beef_chuck_cubes', 1), massKg: 0 }] };
    expect(checkPlanInput(bad, NOON_MS).map((f) => f.field)).toContain('also.0.massKg');
    const four = { ...mixed, also: Array.from({ length: 4 }, () => part('beef_chuck_cubes', 0.2)) };
    expect(checkPlanInput(four, NOON_MS).map((f) => f.field)).toContain('also');
  });
});

describe('what does not fit the pot', () => {
  const crowded: PlanInput = {
    ...OXTAIL_PLAN,
    pot: {
      id: 'small',
      name: 'Small pot',
      shape: 'round',
      lengthMm: 200,
      widthMm: 200,
      heightMm: 90,
      massKg: 3,
      material: 'castIron',
      lids: ['heavy'],
    },
  };

  it('gets ways out that are tried, each of them fitting', () => {
    expect(checkPlanInput(crowded, NOON_MS)[0]?.tooFull).toBe(true);
    const ways = fitFixes(crowded, TEST_KITCHEN.pots);
    expect(ways.map((w) => english(w.says)).join('; ')).toContain('casserole');
    for (const way of ways) expect(checkPlanInput(way.input, NOON_MS), english(way.says)).toEqual([]);
  });

  it('can be put into two pots, half in each', () => {
    const two: PlanInput = {
      ...crowded,
      pot: wide(crowded.pot, 240, 100),
      meat: part('beef_oxtail', 3),
    };
    const way = fitFixes(two, []).find((w) => w.says.code === 'fit.twoPots');
    expect(way?.input.meat.massKg).toBeCloseTo(1.5, 9);
    expect(way?.input.eaters).toBe(2);
  });

  it('is told how wide a pot it would take when nothing else helps', () => {
    const roast: PlanInput = { ...crowded, meat: part('lamb_shoulder', 2) };
    const ways = fitFixes(roast, []);
    expect(english(ways.at(-1)?.says)).toMatch(/a pot \d+ mm across|Stand/);
  });

  it('needs no ways when it fits', () => {
    expect(fitFixes(OXTAIL_PLAN, TEST_KITCHEN.pots)).toEqual([]);
  });
});

describe('scaling', () => {
  it('keeps proportions, thickness and level, and not the time', () => {
    const double = scaled(OXTAIL_PLAN, 2);
    expect(double.meat).toMatchObject({ massKg: 4.4, pieces: 24, thicknessMm: 48 });
    expect(double.liquid.level).toBe(OXTAIL_PLAN.liquid.level);
    expect(double.base.items[0]?.kg).toBeCloseTo((OXTAIL_PLAN.base.items[0]?.kg ?? 0) * 2, 2);
    const bigPot = { ...double, eaters: 8, pot: wide(OXTAIL_PLAN.pot, 400, 200) };
    const p = plan(bigPot);
    expect(p.salt.toAdd.value).toBeCloseTo(oxtail.salt.toAdd.value * 2, 9);
    const minutes = readyEta(p.forecast).p50;
    expect(minutes).toBeGreaterThan(readyEta(oxtail.forecast).p50 * 0.8);
    expect(minutes).toBeLessThan(readyEta(oxtail.forecast).p50 * 1.5);
    expect(p.buy.plates.value).toBeCloseTo(8, 6);
  });
});

describe('standing pieces', () => {
  it('stand higher on less ground', () => {
    const shanks: PlanInput = { ...OXTAIL_PLAN, meat: part('lamb_shank', 1.6) };
    const deep = { ...shanks.pot, heightMm: 220 };
    const flat = plan({ ...shanks, pot: deep });
    const upright = plan({ ...shanks, pot: deep, lie: 'upright' });
    expect(upright.pot.meatTopMm).toBeGreaterThan(flat.pot.meatTopMm);
    expect(upright.pot.groups[0]?.groundShare).toBeLessThan(flat.pot.groups[0]?.groundShare ?? 0);
  });
});

describe('who can eat it', () => {
  const table = (input: PlanInput): Plan['table'] => plan(input).table;

  it('names allergens with what brings them, hidden ones too', () => {
    const names = table(OXTAIL_PLAN).concerns.map((c) => c.avoided);
    expect(names).toEqual(expect.arrayContaining(['gluten', 'celery', 'alcohol', 'beef']));
    const ready: PlanInput = { ...OXTAIL_PLAN, liquid: { ...OXTAIL_PLAN.liquid, fillerId: 'stockReady' } };
    const pork = table(ready).concerns.find((c) => c.avoided === 'pork');
    expect(pork?.sources).toEqual([]);
    expect(english(pork?.hidden)).toContain('gelatin');
  });

  it('warns the one at the table who avoids it, and puts it first on the watch list', () => {
    const p = plan({ ...OXTAIL_PLAN, avoid: ['alcohol'] });
    expect(english(p.table.conflicts[0])).toContain('alcohol');
    expect(p.watch[0]).toBe(p.table.conflicts[0]);
    const dry: PlanInput = { ...OXTAIL_PLAN, avoid: ['alcohol'], liquid: { ...OXTAIL_PLAN.liquid, parts: [] } };
    expect(plan(dry).table.conflicts).toEqual([]);
    expect(plan(dry).liquid.alcohol).toBeNull();
  });

  it('knows milk with meat, and cured pork', () => {
    const input: PlanInput = {
      ...withBase([{ id: 'curedPork', kg: 0.1, fate: 'bite', when: 'start' }]),
      sear: { ...OXTAIL_PLAN.sear, fatId: 'butter' },
      avoid: ['pork', 'milkWithMeat'],
    };
    expect(table(input).conflicts).toHaveLength(2);
  });

  it('lists what could choke and counts it out', () => {
    const p = plan({
      ...OXTAIL_PLAN,
      liquid: { ...OXTAIL_PLAN.liquid, herbs: [{ id: 'clove', count: 3 }], herbForm: 'loose' },
    });
    expect(english(p.table.chokeables)).toContain('3 × cloves');
    expect(p.countOut.map((c) => `${english(c.what)} ${String(c.count)}`)).toContain('cloves, cloves 3');
    expect(p.countOut.find((c) => c.what.code === 'countOut.bones')?.count).toBe(12);
  });
});

describe('salt through the plan', () => {
  it('counts stock, soy, olives and cured pork, and lets less on the meat for it', () => {
    const salty: PlanInput = {
      ...withBase([{ id: 'olives', kg: 0.1, fate: 'bite', when: 'late' }]),
      liquid: { ...OXTAIL_PLAN.liquid, parts: [{ id: 'soySauce', litres: 0.05, when: 'start' }] },
    };
    const p = plan(salty);
    expect(p.salt.sources.map((s) => english(s.name))).toEqual(['soy sauce', 'olives', 'stock, unsalted']);
    expect(p.salt.total.value * 1000).toBeCloseTo(
      p.salt.now.value * 1000 + 8 + 1.95 + (p.salt.sources[2]?.grams ?? 0),
      1,
    );
    expect(p.salt.now.value).toBeLessThan(oxtail.salt.now.value);
    expect(p.usualSaltGPerKg).toBe(5);
  });

  it('says how much of a salty stock the sauce can bear', () => {
    const salty: PlanInput = {
      ...OXTAIL_PLAN,
      liquid: { ...OXTAIL_PLAN.liquid, level: 1.02, parts: [], fillerId: 'stockConcentrate' },
      season: { ...OXTAIL_PLAN.season, when: 'hold' },
    };
    const share = plan(salty).liquid.stockShareForSalt;
    expect(share).toBeGreaterThan(0);
    expect(share).toBeLessThan(1);
    // With less stock it reduces to what is wanted; with all of it the salt stops it sooner.
    const thinned = plan({ ...salty, liquid: { ...salty.liquid, fillerStrength: share } });
    expect(thinned.finished.sauceL).toBeCloseTo(0.4, 2);
    expect(thinned.salt.sauce.value).toBeCloseTo(0.01, 4);
    expect(plan(salty).finished.sauceL).toBeGreaterThan(0.45);
    expect(plan(salty).salt.sauce.value).toBeCloseTo(0.01, 4);
  });
});

describe('a kitchen’s own way', () => {
  it('starts plans with its habits, ours where it has none', () => {
    const started = startPlan(
      { ...TEST_KITCHEN, habits: { onion: 'deep', level: 'shallow', saltWhen: 'overnight' } },
      { title: 't', cutId: 'lamb_shank', eaters: 4, serveAtMs: NOON_MS + 20 * HOUR_MS },
    );
    expect(started.base.onion).toBe('deep');
    expect(started.liquid.level).toBe(0.33);
    expect(started.season.when).toBe('overnight');
    expect(started.sear.depth).toBe('deep');
    expect(plan(started).prep.steps.some((s) => s.id === 'salt')).toBe(true);
  });

  it('covers cubes and leaves large pieces part-way under a tight lid', () => {
    expect(defaultLevel(true, true)).toBeGreaterThan(1);
    expect(defaultLevel(false, true)).toBeLessThan(0.7);
  });

  it('has a usual way with every topic, and a line of why for each', () => {
    for (const id of TECHNIQUE_TOPICS) {
      const ways: readonly string[] = TECHNIQUES[id].ways;
      expect(ways, id).toContain(defaultChoice({}, id));
      for (const way of ways) expect(WORDS.say(ofRow('way', `${id}.${way}`, 'why')).length, way).toBeGreaterThan(5);
    }
  });
});
