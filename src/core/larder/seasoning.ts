import { type Dietary } from './allergens';
import herbs from './data/herbs.json';
import spices from './data/spices.json';
import { dietaryTable, type Row } from './rows';
import { ownDietary, withOwn } from './withOwn';
import { customId } from '../custom';

/** Salt by type: grams in a level 5 ml teaspoon and in a three-finger pinch. */
export interface SaltCrystal {
  readonly id: SaltCrystalId;
  readonly gramsPerTeaspoon: number;
  readonly gramsPerPinch: number;
}

export type SaltCrystalId = 'fine' | 'coarse' | 'flake';

/** Weighed by many kitchens, ±15% by brand and hand. */
export const SALT_CRYSTALS: Readonly<Record<SaltCrystalId, SaltCrystal>> = {
  fine: { id: 'fine', gramsPerTeaspoon: 6, gramsPerPinch: 0.8 },
  coarse: { id: 'coarse', gramsPerTeaspoon: 4.6, gramsPerPinch: 0.6 },
  flake: { id: 'flake', gramsPerTeaspoon: 3, gramsPerPinch: 0.4 },
};

export const SALT_CRYSTAL_IDS = Object.keys(SALT_CRYSTALS) as SaltCrystalId[];

/** A herb or whole spice that flavours the liquid and mostly has to come out again. */
export interface Herb extends Row, Dietary {
  /** Its singular name when counted. */
  readonly unit: string;
  /** Usual number per litre of liquid. */
  readonly perL: number;
  /** More than this per litre turns bitter or dominates. */
  readonly mostPerL: number;
  readonly when: 'start' | 'halfway' | 'end';
  /** Whether leftover pieces can choke or cut. */
  readonly choke: boolean;
  /** Spreads through the sauce unless it is tied. */
  readonly sheds: boolean;
  /** There is a dried form, or a note about it. */
  readonly dried: boolean;
}

export const HERBS = dietaryTable<Herb>(herbs, { when: 'start', choke: false, sheds: false, dried: false });

export function isHerbId(id: string): boolean {
  return HERBS.some((h) => h.id === id);
}

/** The herb with this id. Throws `RangeError` for an unknown id. */
export function herbById(id: string): Herb {
  const found = HERBS.find((h) => h.id === id);
  if (!found) throw new RangeError(`There is no herb "${id}".`);
  return found;
}

/** A ground spice, grams per kilogram of meat. */
export interface Spice extends Row, Dietary {
  readonly usualGPerKg: readonly [low: number, usual: number, high: number];
  /** Scorches in hot fat: goes in off the heat or after the liquid. */
  readonly scorches: boolean;
}

export const SPICES = dietaryTable<Spice>(spices, { scorches: false });

const spiceOf = withOwn('spice', new Map(SPICES.map((s) => [s.id, s])), (like, own) => ({
  ...like,
  ...ownDietary(like, own),
  id: customId(own),
}));

export function isSpiceId(id: string): boolean {
  return spiceOf(id) !== undefined;
}

/** The spice with this id. Throws `RangeError` for an unknown id. */
export function spiceById(id: string): Spice {
  const found = spiceOf(id);
  if (!found) throw new RangeError(`There is no spice "${id}".`);
  return found;
}
