import { describe, expect, it } from 'vitest';
import { ALLERGENS, AVOIDABLE, type Avoided, type Dietary } from './allergens';
import { BURNER_EFFICIENCY, BURNER_KINDS, burnerNetW, panFloorM2, panHeatJK } from './burners';
import { BIRDS, cutById, CUTS, isCutId } from './cuts';
import { fatById, FATS, isFatId } from './fats';
import { cutSize, FATES, garnishById, GARNISHES, isGarnishId } from './garnish';
import { isLiquidId, isReducible, liquidById, LIQUIDS } from './liquids';
import { herbById, HERBS, isHerbId, isSpiceId, SALT_CRYSTALS, spiceById, SPICES } from './seasoning';
import { isSideId, sideAmounts, sideById, SIDES } from './sides';
import { SOURCES } from './rows';
import { VESSEL_KINDS } from './vesselKinds';
import { LID_KINDS, LIDS, POT_MATTER } from './vessels';
import { mixtureProperties } from '../composition';
import { potShape, usualPotKg } from '../material';
import { WORDS } from '../../testing/words';
import { ofRow } from '../message';

const unique = (ids: readonly string[]): void => {
  expect(new Set(ids).size).toBe(ids.length);
};

describe.each([
  ['cut', CUTS, cutById, isCutId],
  ['garnish', GARNISHES, garnishById, isGarnishId],
  ['liquid', LIQUIDS, liquidById, isLiquidId],
  ['herb', HERBS, herbById, isHerbId],
  ['spice', SPICES, spiceById, isSpiceId],
  ['fat', FATS, fatById, isFatId],
  ['side', SIDES, sideById, isSideId],
] as const)('the table of every %s', (table, rows, byId, knows) => {
  it('has one row an id, found by it, and refuses any other', () => {
    unique(rows.map((r) => r.id));
    for (const row of rows) {
      expect(byId(row.id)).toBe(row);
      expect(knows(row.id)).toBe(true);
      expect(WORDS.name(table, row.id).trim().length).toBeGreaterThan(1);
    }
    expect(knows('unicorn')).toBe(false);
    expect(() => byId('unicorn')).toThrow('unicorn');
  });
});

describe('cuts', () => {
  it.each(CUTS.map((c) => [c.id, c] as const))('%s hangs together', (_, cut) => {
    const { water, protein, fat, ash } = cut.composition;
    expect(water + protein + fat + ash).toBeGreaterThan(0.97);
    expect(water + protein + fat + ash).toBeLessThan(1.03);
    const { gives, twists, falls, strings } = cut.cookValue;
    expect(gives).toBeGreaterThan(0);
    expect(twists).toBeGreaterThan(gives);
    expect(falls).toBeGreaterThan(twists);
    expect(strings).toBeGreaterThan(falls);
    expect(cut.toughnessSpread).toBeGreaterThanOrEqual(0.1);
    expect(cut.toughnessSpread).toBeLessThanOrEqual(0.35);
    expect(cut.cookLoss).toBeGreaterThanOrEqual(0.15);
    expect(cut.cookLoss).toBeLessThan(0.5);
    expect(cut.trimLoss[0]).toBeLessThanOrEqual(cut.trimLoss[1]);
    expect(cut.bone === 'no' ? cut.boneFraction === 0 : cut.boneFraction > 0).toBe(true);
    if (cut.bone === 'no') expect(cut.boneMode).toBe('none');
    if (cut.bone === 'yes') expect(cut.boneMode).not.toBe('none');
    // A usual piece fits its bounding box and fills a good part of it.
    if (cut.form === 'pieces') {
      const boxKg = (cut.sizeMm.length * cut.sizeMm.width * cut.sizeMm.thickness) / 1e9;
      const density = mixtureProperties(cut.composition).densityKgM3;
      expect(cut.typicalPieceKg).toBeLessThan(boxKg * density * 1.35);
      expect(cut.typicalPieceKg).toBeGreaterThan(boxKg * density * 0.25);
    }
    expect(WORDS.say(ofRow('cut', cut.id, 'sign')).length).toBeGreaterThan(8);
    expect(SOURCES[cut.source].length).toBeGreaterThan(8);
    expect(cut.minSafeTempC).toBeGreaterThanOrEqual(BIRDS.includes(cut.species) ? 74 : 60);
  });

  it('are named with their animal, once', () => {
    const full = (id: string): string => WORDS.say(ofRow('cut', id, 'full'));
    expect(full('pork_cheek')).toBe('pork cheek');
    expect(full('beef_oxtail')).toBe('oxtail');
    unique(CUTS.map((c) => full(c.id)));
  });
});

describe('what goes in beside the meat', () => {
  it.each(GARNISHES.map((g) => [g.id, g] as const))('%s hangs together', (_, g) => {
    const [low, usual, high] = g.usualGPerKg;
    expect(low).toBeLessThanOrEqual(usual);
    expect(usual).toBeLessThanOrEqual(high);
    // Dried mushrooms absorb several times their weight.
    expect(g.waterShare).toBeGreaterThan(-6);
    expect(g.waterShare).toBeLessThan(1);
    expect(g.tauMin).toBeGreaterThan(0);
    expect(g.saltGPerKg).toBeLessThanOrEqual(400);
    expect(g.sugarGPerKg).toBeLessThanOrEqual(1000);
    const fates = FATES.filter((f) => g.cutMm[f] !== undefined);
    expect(fates.length).toBeGreaterThan(0);
    for (const fate of FATES) {
      const mm = g.cutMm[fate];
      expect(cutSize(g, fate)).toBe(mm === 0 ? undefined : mm);
      if (mm !== undefined) expect(mm).toBeLessThanOrEqual(80);
    }
    if (g.lateMinutes !== undefined) expect(g.lateMinutes).toBeGreaterThan(0);
    expect(g.brings.every((a) => AVOIDABLE.includes(a))).toBe(true);
  });

  it('takes water up where it is dry, and gives it where it is fresh', () => {
    for (const id of ['lentils', 'rice', 'barley', 'prune']) expect(garnishById(id).waterShare).toBeLessThan(0);
    for (const id of ['onion', 'mushroom', 'freshTomato']) expect(garnishById(id).waterShare).toBeGreaterThan(0.2);
  });
});

describe('liquids', () => {
  it.each(LIQUIDS.map((l) => [l.id, l] as const))('%s hangs together', (_, l) => {
    expect(l.alcohol).toBeGreaterThanOrEqual(0);
    expect(l.alcohol).toBeLessThan(0.5);
    expect(l.saltGPerL).toBeLessThan(300);
    for (const s of l.swaps) {
      expect(isLiquidId(s.id), s.id).toBe(true);
      expect(s.id).not.toBe(l.id);
      expect(s.factor).toBeGreaterThan(0);
      expect(s.changes.length).toBeGreaterThan(3);
    }
    for (const { avoided } of l.hidden) expect(AVOIDABLE).toContain(avoided);
  });

  it('offers one without alcohol for everything that has any', () => {
    for (const l of LIQUIDS.filter((x) => x.alcohol > 0)) {
      expect(
        l.swaps.some((s) => liquidById(s.id).alcohol === 0),
        l.id,
      ).toBe(true);
    }
  });

  it('reduces wine and not water', () => {
    expect(isReducible(liquidById('redWine'))).toBe(true);
    expect(isReducible(liquidById('water'))).toBe(false);
  });
});

describe('herbs, spices and salt', () => {
  it('stay under what is too much', () => {
    for (const h of HERBS) {
      expect(h.perL, h.id).toBeLessThanOrEqual(h.mostPerL);
      expect(h.unit.length).toBeGreaterThan(2);
    }
    for (const s of SPICES) {
      expect(s.usualGPerKg[0]).toBeLessThanOrEqual(s.usualGPerKg[1]);
      expect(s.usualGPerKg[1]).toBeLessThanOrEqual(s.usualGPerKg[2]);
    }
    expect(spiceById('paprika').scorches).toBe(true);
  });

  it('a spoon of fine salt is more than one of flakes', () => {
    expect(SALT_CRYSTALS.fine.gramsPerTeaspoon).toBeGreaterThan(SALT_CRYSTALS.coarse.gramsPerTeaspoon);
    expect(SALT_CRYSTALS.coarse.gramsPerTeaspoon).toBeGreaterThan(SALT_CRYSTALS.flake.gramsPerTeaspoon);
  });
});

describe('sides', () => {
  it.each(SIDES.map((s) => [s.id, s] as const))('%s can be made', (_, side) => {
    expect(side.steps.length).toBeGreaterThan(0);
    expect(side.steps.some((s) => s.baseMin + 4 * s.perEaterMin >= 1)).toBe(true);
    expect(side.waitsMin).toBeGreaterThanOrEqual(0);
    const four = sideAmounts(side, 4);
    const eight = sideAmounts(side, 8);
    expect(eight.kg).toBeCloseTo(2 * four.kg);
    expect(eight.waterL).toBeCloseTo(2 * four.waterL);
    expect(four.kg / 4).toBeGreaterThan(0.004);
    expect(four.kg / 4).toBeLessThan(0.4);
    expect(four.saltG).toBeCloseTo(four.waterL * side.saltGPerL);
  });

  it('pasta is boiled in plenty of salted water, and some of it is kept', () => {
    const pasta = sideAmounts(sideById('pasta'), 4);
    expect(pasta.waterL / pasta.kg).toBeGreaterThan(7);
    expect(pasta.saltG / pasta.waterL).toBeGreaterThan(5);
    expect(pasta.keepBackL).toBeGreaterThan(0);
  });
});

describe('fats', () => {
  it('smoke between butter and clarified butter', () => {
    for (const f of FATS) {
      expect(f.smokeC, f.id).toBeGreaterThanOrEqual(fatById('butter').smokeC);
      expect(f.smokeC, f.id).toBeLessThanOrEqual(fatById('clarified').smokeC);
    }
  });
});

describe('pots, lids and burners', () => {
  it('lids leak more from the tightest to none', () => {
    expect(LIDS.heavy.leak).toBeLessThan(LIDS.light.leak);
    expect(LIDS.tightFoil.leak).toBeLessThan(LIDS.foil.leak);
    expect(LIDS.foil.leak).toBeLessThan(LIDS.ajar.leak);
    expect(LIDS.ajar.leak).toBeLessThan(LIDS.none.leak);
    expect(LIDS.none.leak).toBe(1);
    for (const kind of LID_KINDS) expect(LIDS[kind].kind).toBe(kind);
  });

  it('shiny metal takes up less radiant heat, and all pots hold some', () => {
    expect(POT_MATTER.steel.emissivity).toBeLessThan(POT_MATTER.castIron.emissivity);
    for (const { heatJKgK } of Object.values(POT_MATTER)) {
      expect(heatJKgK).toBeGreaterThan(300);
      expect(heatJKgK).toBeLessThan(1000);
    }
  });

  it('a burner gives the pan what its kind lets through', () => {
    for (const kind of BURNER_KINDS) {
      expect(burnerNetW({ kind, powerW: 2000 })).toBe(2000 * BURNER_EFFICIENCY[kind]);
      expect(BURNER_EFFICIENCY[kind]).toBeLessThan(1);
    }
  });

  it('a pan has the floor and the heat of its shape and metal', () => {
    expect(panFloorM2({ shape: 'round', lengthMm: 280, widthMm: 280 })).toBeCloseTo(0.0616, 3);
    expect(panFloorM2({ shape: 'rectangle', lengthMm: 300, widthMm: 200 })).toBeCloseTo(0.06);
    expect(panHeatJK({ massKg: 2.5, material: 'castIron' })).toBe(1200);
  });
});

describe('what somebody avoids', () => {
  it('can come of something here, each allergen of the fourteen and each diet', () => {
    const rows: readonly Dietary[] = [...GARNISHES, ...LIQUIDS, ...HERBS, ...SPICES, ...FATS, ...SIDES];
    const brought = new Set(rows.flatMap((r) => [...r.brings, ...r.hidden.map((h) => h.avoided)]));
    expect(ALLERGENS.filter((a) => !brought.has(a))).toEqual([]);
    expect(ALLERGENS).toHaveLength(14);
  });

  it('is sure where a step or a label says so, and perhaps where only some kinds hold it', () => {
    const of = (row: Dietary | undefined, avoided: Avoided): 'sure' | 'perhaps' | 'no' =>
      row?.brings.includes(avoided) ? 'sure' : row?.hidden.some((h) => h.avoided === avoided) ? 'perhaps' : 'no';
    const liquid = (id: string) => LIQUIDS.find((l) => l.id === id);
    const side = (id: string) => SIDES.find((s) => s.id === id);
    expect(of(liquid('stockUnsalted'), 'celery')).toBe('sure');
    expect(of(liquid('grapeJuice'), 'sulphites')).toBe('perhaps');
    expect(of(liquid('appleJuice'), 'sulphites')).toBe('perhaps');
    expect(of(liquid('stout'), 'milk')).toBe('perhaps');
    expect(of(side('noodles'), 'milk')).toBe('sure');
    expect(of(side('noodles'), 'eggs')).toBe('perhaps');
    expect(of(side('dumplings'), 'eggs')).toBe('sure');
    expect(
      of(
        FATS.find((f) => f.id === 'neutral'),
        'peanuts',
      ),
    ).toBe('perhaps');
    expect(
      of(
        GARNISHES.find((g) => g.id === 'mustard'),
        'sulphites',
      ),
    ).toBe('perhaps');
  });
});

describe('the tables together', () => {
  /** What distinguishes a row from another: its figures, not its name. */
  const figures = (row: object): string =>
    JSON.stringify(
      Object.entries(row).filter(([key]) => !['id', 'source', 'confidence', 'swaps', 'chokes', 'noted'].includes(key)),
    );

  it.each([
    ['liquids', LIQUIDS],
    ['garnishes', GARNISHES],
    ['spices', SPICES],
  ] as const)('have no two %s that are the same in all figures', (_, rows) => {
    const seen = new Map<string, string>();
    const twice = rows.flatMap((row) => {
      const before = seen.get(figures(row));
      seen.set(figures(row), row.id);
      return before === undefined ? [] : [`${before} = ${row.id}`];
    });
    expect(twice).toEqual([]);
  });

  it('can trigger every allergen that must be named, surely or by what is hidden in it', () => {
    const rows = [...LIQUIDS, ...GARNISHES, ...HERBS, ...SPICES, ...FATS, ...SIDES];
    const silent = ALLERGENS.filter(
      (a) => !rows.some((r) => r.brings.includes(a) || r.hidden.some((h) => h.avoided === a)),
    );
    expect(silent).toEqual([]);
    for (const diet of ['pork', 'beef'] as const) expect(rows.some((r) => r.brings.includes(diet))).toBe(true);
    expect(LIQUIDS.some((l) => l.alcohol > 0)).toBe(true);
  });

  it('is what a well-stocked kitchen braises with', () => {
    expect(CUTS.length).toBeGreaterThanOrEqual(60);
    expect(SPICES.length + HERBS.length).toBeGreaterThanOrEqual(50);
    expect(LIQUIDS.length + GARNISHES.length).toBeGreaterThanOrEqual(280);
  });
});

describe('usual vessels', () => {
  it('are within what can be planned, told apart, and weigh what such a pot can weigh', () => {
    unique(VESSEL_KINDS.map((v) => v.id));
    unique(VESSEL_KINDS.map((v) => JSON.stringify([v.shape, v.lengthMm, v.widthMm, v.heightMm, v.massKg, v.material])));
    for (const v of VESSEL_KINDS) {
      expect(WORDS.has(`vessel.${v.id}`), v.id).toBe(true);
      expect(v.shape === 'round' ? v.widthMm : 0, v.id).toBe(v.shape === 'round' ? v.lengthMm : 0);
      expect(v.heightMm).toBeGreaterThanOrEqual(50);
      const usual = usualPotKg(potShape(v), v.material);
      expect(v.massKg / usual, v.id).toBeGreaterThan(0.35);
      expect(v.massKg / usual, v.id).toBeLessThan(2.5);
    }
  });

  it('of enamelled or blackened steel are as dark to an oven as iron, bright ones are not', () => {
    expect(POT_MATTER.darkSteel.emissivity).toBe(POT_MATTER.castIron.emissivity);
    expect(POT_MATTER.darkAluminium.emissivity).toBeGreaterThan(3 * POT_MATTER.aluminium.emissivity);
  });
});
