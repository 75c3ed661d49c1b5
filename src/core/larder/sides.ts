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
