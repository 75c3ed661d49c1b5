import { type Dietary, PLAIN } from './allergens';

/** Salt by how it measures: grams in a level 5 ml teaspoon and in a three-finger pinch. */
export interface SaltCrystal {
  readonly id: SaltCrystalId;
  readonly name: string;
  readonly gramsPerTeaspoon: number;
  readonly gramsPerPinch: number;
}

export type SaltCrystalId = 'fine' | 'coarse' | 'flake';

/** Weighed by many kitchens, ±15 % by brand and hand. */
export const SALT_CRYSTALS: Readonly<Record<SaltCrystalId, SaltCrystal>> = {
  fine: { id: 'fine', name: 'Fine salt', gramsPerTeaspoon: 6, gramsPerPinch: 0.8 },
  coarse: { id: 'coarse', name: 'Coarse salt', gramsPerTeaspoon: 4.6, gramsPerPinch: 0.6 },
  flake: { id: 'flake', name: 'Flaked salt', gramsPerTeaspoon: 3, gramsPerPinch: 0.4 },
};

export const SALT_CRYSTAL_IDS = Object.keys(SALT_CRYSTALS) as SaltCrystalId[];

/** A herb or whole spice that flavours the liquid and mostly has to come out again. */
export interface Herb extends Dietary {
  readonly id: string;
  readonly name: string;
  /** What one is called when counted. */
  readonly unit: string;
  /** Usual number per litre of liquid. */
  readonly perL: number;
  /** More than this per litre turns bitter or takes over. */
  readonly mostPerL: number;
  readonly when: 'start' | 'halfway' | 'end';
  /** Whether leftover pieces can choke or cut. */
  readonly choke: boolean;
  /** Spreads into the sauce unless it is held together. */
  readonly sheds: boolean;
  /** The same job done by the dried herb; empty where there is none worth having. */
  readonly dried: string;
}

const herb = (
  id: string,
  name: string,
  unit: string,
  perL: number,
  mostPerL: number,
  part: Partial<Herb> = {},
): Herb => ({
  ...PLAIN,
  id,
  name,
  unit,
  perL,
  mostPerL,
  when: 'start',
  choke: false,
  sheds: false,
  dried: '',
  ...part,
});

export const HERBS: readonly Herb[] = [
  herb('bay', 'Bay leaf', 'leaf', 2, 4, { choke: true, dried: 'dried, as many' }),
  herb('thyme', 'Thyme', 'sprig', 5, 12, { dried: 'dried, ⅛ tsp for each sprig' }),
  herb('rosemary', 'Rosemary', 'sprig', 1, 2, {
    dried: 'dried, ½ tsp for each sprig',
    sheds: true,
    choke: true,
    when: 'halfway',
  }),
  herb('parsleyStems', 'Parsley stems', 'stem', 6, 20),
  herb('sage', 'Sage', 'leaf', 4, 8, { dried: 'dried, ¼ tsp for two leaves' }),
  herb('orangePeel', 'Orange peel', 'strip', 2, 4, { dried: 'dried, half as much' }),
  herb('lemonPeel', 'Lemon peel', 'strip', 2, 4),
  herb('peppercorn', 'Peppercorns', 'corn', 10, 25, { choke: true, sheds: true }),
  herb('clove', 'Cloves', 'clove', 2, 4, { choke: true }),
  herb('allspice', 'Allspice', 'berry', 4, 8, { choke: true, sheds: true }),
  herb('juniper', 'Juniper', 'berry', 6, 12, { choke: true, sheds: true }),
  herb('starAnise', 'Star anise', 'star', 1, 2, { choke: true }),
  herb('cinnamon', 'Cinnamon', 'stick', 1, 2, { choke: true }),
  herb('cheeseRind', 'Hard cheese rind', 'piece', 1, 2, { allergens: ['milk'] }),
  herb('parsley', 'Parsley, chopped', 'spoonful', 2, 6, { when: 'end', dried: 'dried is no use here' }),
  herb('coriander', 'Coriander leaves', 'spoonful', 2, 6, { when: 'end' }),
  herb('dill', 'Dill', 'spoonful', 2, 5, { when: 'end', dried: 'dried, a third as much' }),
];

export function isHerbId(id: string): boolean {
  return HERBS.some((h) => h.id === id);
}

/** The herb of that id. Throws `RangeError` when there is none. */
export function herbById(id: string): Herb {
  const found = HERBS.find((h) => h.id === id);
  if (!found) throw new RangeError(`There is no herb "${id}".`);
  return found;
}

/** A ground spice, grams per kilogram of meat. */
export interface Spice extends Dietary {
  readonly id: string;
  readonly name: string;
  readonly usualGPerKg: readonly [low: number, usual: number, high: number];
  /** Scorches in hot fat: goes in off the heat or after the liquid. */
  readonly scorches: boolean;
}

const MIXTURE: Dietary = {
  allergens: [],
  hidden: [
    { avoided: 'mustard', why: 'spice mixtures often hold mustard' },
    { avoided: 'celery', why: 'spice mixtures often hold celery seed' },
  ],
};

const spice = (
  id: string,
  name: string,
  usualGPerKg: readonly [number, number, number],
  scorches = false,
  dietary: Dietary = PLAIN,
): Spice => ({ id, name, usualGPerKg, scorches, ...dietary });

export const SPICES: readonly Spice[] = [
  spice('paprika', 'Sweet paprika', [5, 15, 50], true),
  spice('smokedPaprika', 'Smoked paprika', [2, 6, 15], true),
  spice('cumin', 'Cumin', [1, 4, 10]),
  spice('corianderSeed', 'Coriander seed', [1, 4, 10]),
  spice('caraway', 'Caraway', [1, 3, 6]),
  spice('gingerGround', 'Ginger, ground', [1, 2, 5]),
  spice('turmeric', 'Turmeric', [1, 2, 4]),
  spice('blackPepper', 'Black pepper', [1, 2, 5]),
  spice('warmMix', 'Warm spice mixture', [2, 5, 12], false, MIXTURE),
];

export function isSpiceId(id: string): boolean {
  return SPICES.some((s) => s.id === id);
}

/** The spice of that id. Throws `RangeError` when there is none. */
export function spiceById(id: string): Spice {
  const found = SPICES.find((s) => s.id === id);
  if (!found) throw new RangeError(`There is no spice "${id}".`);
  return found;
}
