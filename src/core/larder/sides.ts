import { type Dietary } from './allergens';

/** One stretch of making a side dish. */
export interface SideStep {
  readonly id: 'ready' | 'cook' | 'last';
  readonly place: 'board' | 'burner' | 'oven';
  /** Hands for all of it, for none of it, or now and then (a minute in five). */
  readonly hands: 'all' | 'none' | 'now and then';
  readonly baseMin: number;
  readonly perEaterMin: number;
  /** Can be put down and taken up again. */
  readonly splits: boolean;
}

/** Something to eat beside the braise. Raw or dry weights. */
export interface Side extends Dietary {
  readonly id: string;
  readonly gramsPerEater: number;
  /** Cooking water, litres a kilogram; 0 where none. */
  readonly waterLPerKg: number;
  readonly saltGPerL: number;
  /** Water to keep back for joining it with the sauce, l a eater. */
  readonly keepBackLPerEater: number;
  /** How long it stays good when done, min. */
  readonly waitsMin: number;
  readonly steps: readonly SideStep[];
  readonly source: string;
}

const PRACTICE = 'Usual amounts and times; raw or dry weight a plate beside meat.';

const step = (
  id: SideStep['id'],
  place: SideStep['place'],
  hands: SideStep['hands'],
  baseMin: number,
  perEaterMin = 0,
  splits = false,
): SideStep => ({ id, place, hands, baseMin, perEaterMin, splits });

type Row = Pick<Side, 'id' | 'gramsPerEater' | 'waitsMin' | 'steps'> & Partial<Side>;

const side = (row: Row): Side => ({
  waterLPerKg: 0,
  saltGPerL: 0,
  keepBackLPerEater: 0,
  brings: [],
  hidden: [],
  source: PRACTICE,
  ...row,
});

export const SIDES: readonly Side[] = [
  side({
    id: 'mash',
    gramsPerEater: 250,
    waterLPerKg: 1.2,
    saltGPerL: 8,
    waitsMin: 20,
    brings: ['milk'],
    steps: [
      step('ready', 'board', 'all', 3, 1.5, true),
      step('cook', 'burner', 'none', 25),
      step('last', 'burner', 'all', 6),
    ],
  }),
  side({
    id: 'boiledPotatoes',
    gramsPerEater: 220,
    waterLPerKg: 1.2,
    saltGPerL: 10,
    waitsMin: 15,
    steps: [
      step('ready', 'board', 'all', 2, 1, true),
      step('cook', 'burner', 'none', 25),
      step('last', 'burner', 'all', 2),
    ],
  }),
  side({
    id: 'polenta',
    gramsPerEater: 60,
    waterLPerKg: 5,
    saltGPerL: 9,
    waitsMin: 15,
    steps: [step('ready', 'burner', 'none', 9), step('cook', 'burner', 'now and then', 40)],
  }),
  side({
    id: 'rice',
    gramsPerEater: 70,
    waterLPerKg: 1.6,
    saltGPerL: 8,
    waitsMin: 25,
    steps: [step('ready', 'board', 'all', 3), step('cook', 'burner', 'none', 18)],
  }),
  side({
    id: 'pasta',
    gramsPerEater: 100,
    waterLPerKg: 8.8,
    saltGPerL: 10,
    keepBackLPerEater: 0.04,
    waitsMin: 0,
    brings: ['gluten'],
    hidden: [{ avoided: 'eggs', why: 'pastaEggs' }],
    steps: [
      step('ready', 'burner', 'none', 8, 2),
      step('cook', 'burner', 'none', 10),
      step('last', 'burner', 'all', 3),
    ],
  }),
  side({
    id: 'noodles',
    gramsPerEater: 80,
    waterLPerKg: 8,
    saltGPerL: 10,
    waitsMin: 5,
    brings: ['gluten', 'milk'],
    hidden: [{ avoided: 'eggs', why: 'pastaEggs' }],
    steps: [
      step('ready', 'burner', 'none', 8, 1.5),
      step('cook', 'burner', 'none', 7),
      step('last', 'burner', 'all', 2),
    ],
  }),
  side({
    id: 'dumplings',
    gramsPerEater: 80,
    waterLPerKg: 6,
    saltGPerL: 8,
    waitsMin: 10,
    brings: ['gluten', 'eggs', 'milk'],
    steps: [step('ready', 'board', 'all', 8, 1.5), step('cook', 'burner', 'none', 18)],
  }),
  side({
    id: 'beans',
    gramsPerEater: 120,
    waitsMin: 20,
    steps: [step('ready', 'board', 'all', 2), step('cook', 'burner', 'none', 10)],
  }),
  side({
    id: 'greens',
    gramsPerEater: 150,
    waterLPerKg: 4,
    saltGPerL: 12,
    waitsMin: 3,
    steps: [
      step('ready', 'board', 'all', 3, 0.75, true),
      step('cook', 'burner', 'none', 12),
      step('last', 'burner', 'all', 2),
    ],
  }),
  side({
    id: 'bread',
    gramsPerEater: 80,
    waitsMin: 20,
    brings: ['gluten'],
    hidden: [
      { avoided: 'sesame', why: 'breadSeeds' },
      { avoided: 'nuts', why: 'breadSeeds' },
      { avoided: 'milk', why: 'breadMilk' },
      { avoided: 'lupin', why: 'flourLupin' },
    ],
    steps: [step('last', 'board', 'all', 3)],
  }),
  side({
    id: 'newPotatoes',
    gramsPerEater: 200,
    waterLPerKg: 0.4,
    saltGPerL: 6,
    waitsMin: 15,
    steps: [
      step('ready', 'board', 'all', 2, 0.3, true),
      step('cook', 'burner', 'none', 22),
      step('last', 'burner', 'all', 1),
    ],
  }),
  side({
    id: 'celeriacMash',
    gramsPerEater: 230,
    waterLPerKg: 1,
    saltGPerL: 8,
    keepBackLPerEater: 0.05,
    waitsMin: 30,
    brings: ['celery', 'milk'],
    steps: [
      step('ready', 'board', 'all', 4, 1.2, true),
      step('cook', 'burner', 'none', 25),
      step('last', 'burner', 'all', 5),
    ],
  }),
  side({
    id: 'polentaSet',
    gramsPerEater: 60,
    waterLPerKg: 4,
    saltGPerL: 10,
    waitsMin: 10,
    steps: [
      step('ready', 'burner', 'none', 9),
      step('cook', 'burner', 'now and then', 40),
      step('last', 'burner', 'all', 10),
    ],
  }),
  side({
    id: 'pilaf',
    gramsPerEater: 75,
    waterLPerKg: 1.7,
    saltGPerL: 7,
    waitsMin: 25,
    brings: ['celery'],
    hidden: [
      { avoided: 'gluten', why: 'someHoldIt' },
      { avoided: 'nuts', why: 'someHoldIt' },
    ],
    steps: [
      step('ready', 'board', 'all', 5, 0.3, true),
      step('cook', 'burner', 'none', 20),
      step('last', 'burner', 'none', 10),
    ],
  }),
  side({
    id: 'risotto',
    gramsPerEater: 80,
    waterLPerKg: 3.5,
    saltGPerL: 4,
    keepBackLPerEater: 0.05,
    waitsMin: 0,
    brings: ['milk', 'celery', 'sulphites', 'alcohol'],
    steps: [
      step('ready', 'board', 'all', 4, 0.2, true),
      step('cook', 'burner', 'all', 19),
      step('last', 'burner', 'all', 3),
    ],
  }),
  side({
    id: 'scrapedDumplings',
    gramsPerEater: 100,
    waterLPerKg: 8,
    saltGPerL: 10,
    waitsMin: 20,
    brings: ['gluten', 'eggs', 'milk'],
    steps: [
      step('ready', 'board', 'all', 8, 0.5, true),
      step('cook', 'burner', 'all', 3),
      step('last', 'burner', 'all', 3),
    ],
  }),
  side({
    id: 'gnocchi',
    gramsPerEater: 160,
    waterLPerKg: 6,
    saltGPerL: 10,
    keepBackLPerEater: 0.04,
    waitsMin: 3,
    brings: ['gluten'],
    hidden: [
      { avoided: 'eggs', why: 'someHoldIt' },
      { avoided: 'milk', why: 'someHoldIt' },
      { avoided: 'sulphites', why: 'someHoldIt' },
    ],
    steps: [step('ready', 'burner', 'none', 8, 1), step('cook', 'burner', 'none', 3), step('last', 'burner', 'all', 2)],
  }),
  side({
    id: 'breadDumplings',
    gramsPerEater: 100,
    waterLPerKg: 6,
    saltGPerL: 8,
    waitsMin: 15,
    brings: ['gluten', 'eggs', 'milk'],
    steps: [
      step('ready', 'board', 'all', 10, 1.5, true),
      step('cook', 'burner', 'none', 20),
      step('last', 'burner', 'all', 1),
    ],
  }),
  side({
    id: 'couscous',
    gramsPerEater: 70,
    waterLPerKg: 1.4,
    saltGPerL: 9,
    waitsMin: 15,
    brings: ['gluten'],
    steps: [
      step('ready', 'board', 'all', 3, 0, true),
      step('cook', 'board', 'none', 8),
      step('last', 'board', 'all', 3),
    ],
  }),
  side({
    id: 'bulgur',
    gramsPerEater: 70,
    waterLPerKg: 1.9,
    saltGPerL: 8,
    waitsMin: 25,
    brings: ['gluten'],
    steps: [
      step('ready', 'board', 'all', 2, 0, true),
      step('cook', 'burner', 'none', 15),
      step('last', 'burner', 'none', 5),
    ],
  }),
  side({
    id: 'pearlBarley',
    gramsPerEater: 70,
    waterLPerKg: 3.5,
    saltGPerL: 8,
    keepBackLPerEater: 0.03,
    waitsMin: 30,
    brings: ['gluten'],
    steps: [
      step('ready', 'board', 'all', 2, 0, true),
      step('cook', 'burner', 'now and then', 40),
      step('last', 'burner', 'all', 2),
    ],
  }),
  side({
    id: 'lentilsDressed',
    gramsPerEater: 70,
    waterLPerKg: 3.5,
    saltGPerL: 6,
    keepBackLPerEater: 0.03,
    waitsMin: 40,
    hidden: [
      { avoided: 'mustard', why: 'someHoldIt' },
      { avoided: 'sulphites', why: 'someHoldIt' },
      { avoided: 'celery', why: 'someHoldIt' },
    ],
    steps: [
      step('ready', 'board', 'all', 3, 0.2, true),
      step('cook', 'burner', 'none', 28),
      step('last', 'board', 'all', 3),
    ],
  }),
  side({
    id: 'redCabbage',
    gramsPerEater: 200,
    waterLPerKg: 0.2,
    waitsMin: 60,
    brings: ['sulphites'],
    steps: [
      step('ready', 'board', 'all', 6, 1, true),
      step('cook', 'burner', 'now and then', 75),
      step('last', 'burner', 'all', 3),
    ],
  }),
  side({
    id: 'leafSalad',
    gramsPerEater: 60,
    waitsMin: 0,
    brings: ['mustard', 'sulphites'],
    steps: [step('ready', 'board', 'all', 5, 0.5, true), step('last', 'board', 'all', 2)],
  }),
  side({
    id: 'flatbread',
    gramsPerEater: 90,
    waitsMin: 15,
    brings: ['gluten'],
    hidden: [{ avoided: 'milk', why: 'someHoldIt' }],
    steps: [
      step('ready', 'board', 'all', 12, 1, true),
      step('cook', 'burner', 'all', 3),
      step('last', 'board', 'all', 1),
    ],
  }),
  side({
    id: 'gremolata',
    gramsPerEater: 5,
    waitsMin: 30,
    steps: [step('ready', 'board', 'all', 4, 0.2, true)],
  }),
  side({
    id: 'pickledOnion',
    gramsPerEater: 25,
    waitsMin: 600,
    brings: ['sulphites'],
    steps: [step('ready', 'board', 'all', 4, 0.2, true), step('cook', 'board', 'none', 20)],
  }),
  side({
    id: 'glazedOnions',
    gramsPerEater: 70,
    waterLPerKg: 0.3,
    saltGPerL: 6,
    waitsMin: 40,
    brings: ['milk'],
    steps: [
      step('ready', 'board', 'all', 3, 0.7, true),
      step('cook', 'burner', 'now and then', 25),
      step('last', 'burner', 'all', 3),
    ],
  }),
  side({
    id: 'brownedMushrooms',
    gramsPerEater: 60,
    waitsMin: 30,
    brings: ['milk'],
    steps: [
      step('ready', 'board', 'all', 3, 0.4, true),
      step('cook', 'burner', 'now and then', 10),
      step('last', 'burner', 'all', 1),
    ],
  }),
  side({
    id: 'crispBacon',
    gramsPerEater: 25,
    keepBackLPerEater: 0.005,
    waitsMin: 30,
    brings: ['pork'],
    hidden: [
      { avoided: 'milk', why: 'someHoldIt' },
      { avoided: 'soy', why: 'someHoldIt' },
    ],
    steps: [
      step('ready', 'board', 'all', 2, 0.1, true),
      step('cook', 'burner', 'now and then', 9),
      step('last', 'burner', 'all', 1),
    ],
  }),
  side({
    id: 'crispCrumbs',
    gramsPerEater: 10,
    waitsMin: 240,
    brings: ['gluten'],
    hidden: [
      { avoided: 'milk', why: 'someHoldIt' },
      { avoided: 'soy', why: 'someHoldIt' },
    ],
    steps: [step('ready', 'board', 'all', 2, 0, true), step('cook', 'burner', 'all', 6)],
  }),
  side({
    id: 'horseradishCream',
    gramsPerEater: 20,
    waitsMin: 120,
    brings: ['milk', 'sulphites'],
    hidden: [{ avoided: 'mustard', why: 'someHoldIt' }],
    steps: [step('ready', 'board', 'all', 5, 0, true)],
  }),
  side({
    id: 'yoghurtHerbs',
    gramsPerEater: 40,
    waitsMin: 120,
    brings: ['milk'],
    steps: [step('ready', 'board', 'all', 4, 0, true)],
  }),
  side({
    id: 'greenSauce',
    gramsPerEater: 25,
    waitsMin: 240,
    brings: ['fish', 'mustard'],
    hidden: [{ avoided: 'sulphites', why: 'someHoldIt' }],
    steps: [step('ready', 'board', 'all', 8, 0.2, true)],
  }),
  side({
    id: 'gratedCheese',
    gramsPerEater: 12,
    waitsMin: 60,
    brings: ['milk'],
    hidden: [{ avoided: 'eggs', why: 'someHoldIt' }],
    steps: [step('ready', 'board', 'all', 2, 0.3, true)],
  }),
  side({
    id: 'souredCream',
    gramsPerEater: 25,
    waitsMin: 60,
    brings: ['milk'],
    steps: [step('ready', 'board', 'all', 1, 0, true)],
  }),
];

export function isSideId(id: string): boolean {
  return SIDES.some((s) => s.id === id);
}

/** The side of that id. Throws `RangeError` when there is none. */
export function sideById(id: string): Side {
  const found = SIDES.find((s) => s.id === id);
  if (!found) throw new RangeError(`There is no side dish "${id}".`);
  return found;
}

/** What a side takes for so many plates: kg, litres of water, grams of salt, litres to keep back. */
export function sideAmounts(
  side: Side,
  eaters: number,
): { readonly kg: number; readonly waterL: number; readonly saltG: number; readonly keepBackL: number } {
  const kg = (side.gramsPerEater * eaters) / 1000;
  const waterL = side.waterLPerKg * kg;
  return { kg, waterL, saltG: waterL * side.saltGPerL, keepBackL: side.keepBackLPerEater * eaters };
}
