import { type Dietary, PLAIN } from './allergens';
import { ownDietary, withOwn } from './withOwn';
import { customId } from '../custom';

/** Salt by how it measures: grams in a level 5 ml teaspoon and in a three-finger pinch. */
export interface SaltCrystal {
  readonly id: SaltCrystalId;
  readonly gramsPerTeaspoon: number;
  readonly gramsPerPinch: number;
}

export type SaltCrystalId = 'fine' | 'coarse' | 'flake';

/** Weighed by many kitchens, ±15 % by brand and hand. */
export const SALT_CRYSTALS: Readonly<Record<SaltCrystalId, SaltCrystal>> = {
  fine: { id: 'fine', gramsPerTeaspoon: 6, gramsPerPinch: 0.8 },
  coarse: { id: 'coarse', gramsPerTeaspoon: 4.6, gramsPerPinch: 0.6 },
  flake: { id: 'flake', gramsPerTeaspoon: 3, gramsPerPinch: 0.4 },
};

export const SALT_CRYSTAL_IDS = Object.keys(SALT_CRYSTALS) as SaltCrystalId[];

/** A herb or whole spice that flavours the liquid and mostly has to come out again. */
export interface Herb extends Dietary {
  readonly id: string;
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
  /** There is a dried one, or something to say of it. */
  readonly dried: boolean;
}

const herb = (id: string, unit: string, perL: number, mostPerL: number, part: Partial<Herb> = {}): Herb => ({
  ...PLAIN,
  id,
  unit,
  perL,
  mostPerL,
  when: 'start',
  choke: false,
  sheds: false,
  dried: false,
  ...part,
});

export const HERBS: readonly Herb[] = [
  herb('bay', 'leaf', 2, 4, { choke: true, dried: true }),
  herb('thyme', 'sprig', 5, 12, { dried: true }),
  herb('rosemary', 'sprig', 1, 2, {
    dried: true,
    sheds: true,
    choke: true,
    when: 'halfway',
  }),
  herb('parsleyStems', 'stem', 6, 20),
  herb('sage', 'leaf', 4, 8, { dried: true }),
  herb('orangePeel', 'strip', 2, 4, { dried: true }),
  herb('lemonPeel', 'strip', 2, 4),
  herb('peppercorn', 'corn', 10, 25, { choke: true, sheds: true }),
  herb('clove', 'clove', 2, 4, { choke: true }),
  herb('allspice', 'berry', 4, 8, { choke: true, sheds: true }),
  herb('juniper', 'berry', 6, 12, { choke: true, sheds: true }),
  herb('starAnise', 'star', 1, 2, { choke: true }),
  herb('cinnamon', 'stick', 1, 2, { choke: true }),
  herb('cheeseRind', 'piece', 1, 2, { brings: ['milk'] }),
  herb('parsley', 'spoonful', 2, 6, { when: 'end', dried: true }),
  herb('coriander', 'spoonful', 2, 6, { when: 'end' }),
  herb('dill', 'spoonful', 2, 5, { when: 'end', dried: true }),
  herb('oreganoDried', 'spoonful', 1, 3),
  herb('marjoram', 'sprig', 3, 8),
  herb('tarragon', 'spoonful', 1, 3, { when: 'end' }),
  herb('chervil', 'spoonful', 2, 6, { when: 'end' }),
  herb('chives', 'spoonful', 2, 6, { when: 'end' }),
  herb('mint', 'spoonful', 2, 5, { when: 'end' }),
  herb('basil', 'spoonful', 2, 6, { when: 'end' }),
  herb('savory', 'sprig', 2, 5),
  herb('curryLeaf', 'leaf', 8, 20),
  herb('makrutLimeLeaf', 'leaf', 3, 6, { choke: true }),
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
  readonly usualGPerKg: readonly [low: number, usual: number, high: number];
  /** Scorches in hot fat: goes in off the heat or after the liquid. */
  readonly scorches: boolean;
}

const MIXTURE: Dietary = {
  brings: [],
  hidden: [
    { avoided: 'mustard', why: 'mixMustard' },
    { avoided: 'celery', why: 'mixCelery' },
    { avoided: 'sesame', why: 'mixSesame' },
    { avoided: 'nuts', why: 'mixNuts' },
    { avoided: 'peanuts', why: 'mixNuts' },
  ],
};

const spice = (
  id: string,
  usualGPerKg: readonly [number, number, number],
  scorches = false,
  dietary: Dietary = PLAIN,
): Spice => ({ id, usualGPerKg, scorches, ...dietary });

export const SPICES: readonly Spice[] = [
  spice('paprika', [5, 15, 50], true),
  spice('smokedPaprika', [2, 6, 15], true),
  spice('cumin', [1, 4, 10]),
  spice('corianderSeed', [2, 5, 12]),
  spice('caraway', [1, 3, 6]),
  spice('gingerGround', [1, 2, 5]),
  spice('turmeric', [1, 2, 4]),
  spice('blackPepper', [1, 2.5, 6]),
  spice('warmMix', [2, 5, 12], false, MIXTURE),
  spice('pepperWhite', [0.5, 1.5, 3]),
  spice('sichuanPepper', [0.5, 1.5, 5]),
  spice('cinnamonGround', [0.3, 1, 3], true),
  spice('fennelSeed', [0.5, 2, 6]),
  spice('mustardSeed', [2, 5, 15], true, { ...PLAIN, brings: ['mustard'] }),
  spice('celerySeed', [0.2, 0.6, 2], false, { ...PLAIN, brings: ['celery'] }),
  spice('cardamom', [0.3, 1, 3]),
  spice('cardamomBlack', [0.5, 2, 4]),
  spice('nutmeg', [0.1, 0.4, 1.5]),
  spice('mace', [0.1, 0.4, 1.2]),
  spice('cayenne', [0.1, 0.5, 2], true),
  spice('chilliFlakes', [0.3, 1, 4], true),
  spice('chilliDried', [5, 20, 60], true),
  spice('saffron', [0.05, 0.2, 0.6]),
  spice('sumac', [1, 4, 12]),
  spice('fiveSpice', [1, 3, 8], true, {
    ...PLAIN,
    hidden: [
      { avoided: 'mustard', why: 'sharedLines' },
      { avoided: 'celery', why: 'sharedLines' },
    ],
  }),
  spice('curryPowder', [4, 12, 30], true, {
    ...PLAIN,
    hidden: [
      { avoided: 'mustard', why: 'itOftenHoldsIt' },
      { avoided: 'celery', why: 'itOftenHoldsIt' },
      { avoided: 'gluten', why: 'someAreStretched' },
    ],
  }),
  spice('garamMasala', [2, 5, 12], true, {
    ...PLAIN,
    hidden: [
      { avoided: 'mustard', why: 'someHoldIt' },
      { avoided: 'celery', why: 'someHoldIt' },
    ],
  }),
  spice('fenugreekSeed', [0.5, 1.5, 4]),
  spice('asafoetida', [0.1, 0.3, 1], true, {
    ...PLAIN,
    hidden: [{ avoided: 'gluten', why: 'usuallyCutWithWheatFlour' }],
  }),
];

const spiceOf = withOwn('spice', new Map(SPICES.map((s) => [s.id, s])), (like, own) => ({
  ...like,
  ...ownDietary(like, own),
  id: customId(own),
}));

export function isSpiceId(id: string): boolean {
  return spiceOf(id) !== undefined;
}

/** The spice of that id. Throws `RangeError` when there is none. */
export function spiceById(id: string): Spice {
  const found = spiceOf(id);
  if (!found) throw new RangeError(`There is no spice "${id}".`);
  return found;
}
