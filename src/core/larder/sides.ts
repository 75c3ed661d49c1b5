import { type Allergen } from './allergens';

/** One stretch of making a side dish. */
export interface SideStep {
  readonly id: 'ready' | 'cook' | 'last';
  readonly says: string;
  readonly place: 'board' | 'burner' | 'oven';
  /** Hands for all of it, for none of it, or now and then (a minute in five). */
  readonly hands: 'all' | 'none' | 'now and then';
  readonly baseMin: number;
  readonly perEaterMin: number;
  /** Can be put down and taken up again. */
  readonly splits: boolean;
}

/** Something to eat beside the braise. Raw or dry weights. */
export interface Side {
  readonly id: string;
  readonly name: string;
  readonly gramsPerEater: number;
  /** Cooking water, litres a kilogram; 0 where none. */
  readonly waterLPerKg: number;
  readonly saltGPerL: number;
  /** Water to keep back for joining it with the sauce, l a eater. */
  readonly keepBackLPerEater: number;
  /** How long it stays good when done, min. */
  readonly waitsMin: number;
  readonly steps: readonly SideStep[];
  readonly allergens: readonly Allergen[];
  readonly source: string;
}

const PRACTICE = 'Usual amounts and times; raw or dry weight a plate beside meat.';

const step = (
  id: SideStep['id'],
  says: string,
  place: SideStep['place'],
  hands: SideStep['hands'],
  baseMin: number,
  perEaterMin = 0,
  splits = false,
): SideStep => ({ id, says, place, hands, baseMin, perEaterMin, splits });

type Row = Pick<Side, 'id' | 'name' | 'gramsPerEater' | 'waitsMin' | 'steps'> & Partial<Side>;

const side = (row: Row): Side => ({
  waterLPerKg: 0,
  saltGPerL: 0,
  keepBackLPerEater: 0,
  allergens: [],
  source: PRACTICE,
  ...row,
});

export const SIDES: readonly Side[] = [
  side({
    id: 'mash',
    name: 'Mash',
    gramsPerEater: 250,
    waterLPerKg: 1.2,
    saltGPerL: 8,
    waitsMin: 20,
    allergens: ['milk'],
    steps: [
      step('ready', 'Peel and quarter the potatoes, into cold water', 'board', 'all', 3, 1.5, true),
      step('cook', 'Boil until a knife slides through', 'burner', 'none', 25),
      step('last', 'Drain, steam dry, mash with hot milk and butter', 'burner', 'all', 6),
    ],
  }),
  side({
    id: 'boiledPotatoes',
    name: 'Boiled potatoes',
    gramsPerEater: 220,
    waterLPerKg: 1.2,
    saltGPerL: 10,
    waitsMin: 15,
    steps: [
      step('ready', 'Scrub or peel', 'board', 'all', 2, 1, true),
      step('cook', 'Boil until a knife slides through', 'burner', 'none', 25),
      step('last', 'Drain and steam dry', 'burner', 'all', 2),
    ],
  }),
  side({
    id: 'polenta',
    name: 'Polenta',
    gramsPerEater: 60,
    waterLPerKg: 5,
    saltGPerL: 9,
    waitsMin: 15,
    steps: [
      step('ready', 'Water on to boil', 'burner', 'none', 9),
      step('cook', 'Rain it in, stir now and then, low', 'burner', 'now and then', 40),
    ],
  }),
  side({
    id: 'rice',
    name: 'Rice',
    gramsPerEater: 70,
    waterLPerKg: 1.6,
    saltGPerL: 8,
    waitsMin: 25,
    steps: [
      step('ready', 'Rinse and measure', 'board', 'all', 3),
      step('cook', 'Covered, lowest flame', 'burner', 'none', 18),
    ],
  }),
  side({
    id: 'pasta',
    name: 'Pasta, joined with the sauce',
    gramsPerEater: 100,
    waterLPerKg: 8.8,
    saltGPerL: 10,
    keepBackLPerEater: 0.04,
    waitsMin: 0,
    allergens: ['gluten'],
    steps: [
      step('ready', 'Water on to boil', 'burner', 'none', 8, 2),
      step('cook', 'Boil, two minutes short of done', 'burner', 'none', 10),
      step('last', 'Join with the sauce and a splash of its water', 'burner', 'all', 3),
    ],
  }),
  side({
    id: 'noodles',
    name: 'Noodles',
    gramsPerEater: 80,
    waterLPerKg: 8,
    saltGPerL: 10,
    waitsMin: 5,
    allergens: ['gluten'],
    steps: [
      step('ready', 'Water on to boil', 'burner', 'none', 8, 1.5),
      step('cook', 'Boil, drain, butter', 'burner', 'none', 7),
      step('last', 'Drain and toss', 'burner', 'all', 2),
    ],
  }),
  side({
    id: 'dumplings',
    name: 'Dumplings',
    gramsPerEater: 80,
    waterLPerKg: 6,
    saltGPerL: 8,
    waitsMin: 10,
    allergens: ['gluten', 'milk'],
    steps: [
      step('ready', 'Mix, shape, let them rest', 'board', 'all', 8, 1.5),
      step('cook', 'Simmer covered, never lifting the lid', 'burner', 'none', 18),
    ],
  }),
  side({
    id: 'beans',
    name: 'Beans, tinned',
    gramsPerEater: 120,
    waitsMin: 20,
    steps: [
      step('ready', 'Rinse', 'board', 'all', 2),
      step('cook', 'Warm through with oil and herbs', 'burner', 'none', 10),
    ],
  }),
  side({
    id: 'greens',
    name: 'Greens',
    gramsPerEater: 150,
    waterLPerKg: 4,
    saltGPerL: 12,
    waitsMin: 3,
    steps: [
      step('ready', 'Wash and cut', 'board', 'all', 3, 0.75, true),
      step('cook', 'Water on, then three minutes at a rolling boil', 'burner', 'none', 12),
      step('last', 'Drain and dress', 'burner', 'all', 2),
    ],
  }),
  side({
    id: 'bread',
    name: 'Bread',
    gramsPerEater: 80,
    waitsMin: 20,
    allergens: ['gluten'],
    steps: [step('last', 'Slice and carry', 'board', 'all', 3)],
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
