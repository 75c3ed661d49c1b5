import { type Thickness } from '../choices';
import { WATER_KG_PER_L } from '../heat';
import { potBaseM2, type PotShape } from '../material';
import {
  TARGET_THICKNESS,
  thicknessOf,
  starchFor,
  STRENGTH,
  THICKENERS,
  type Thickener,
  viscosityMPaS,
} from './thicken';

/** A sauce as affected by boiling off and additions. */
export interface Sauce {
  readonly litres: number;
  readonly saltG: number;
  readonly gelatinG: number;
  /** Thickener, g as corn starch. */
  readonly starchG: number;
  /** Free fat, l. */
  readonly fatL: number;
  /** Sugar, juices and other solids, kg. */
  readonly solidsKg: number;
}

/** A litre with nothing in it: what an addition brings on its own. */
export const EMPTY_SAUCE: Sauce = { litres: 1, saltG: 0, gelatinG: 0, starchG: 0, fatL: 0, solidsKg: 0 };

/** What a cook tastes and sees in a sauce. */
export interface SauceShown {
  readonly litres: number;
  /** Salt as a share of weight. */
  readonly saltShare: number;
  readonly gelatinGPerL: number;
  /** Viscosity at 80 °C, mPa s. */
  readonly viscosity: number;
  readonly rung: Thickness;
  readonly depthMm: number;
  readonly fatMm: number;
  readonly fatGPerL: number;
}

/** Density of hot sauce, kg/l: the same as for the pot's water, so that no two concentrations disagree. */
export const SAUCE_KG_L = WATER_KG_PER_L;
const FAT_KG_L = 0.9;
const M3_PER_L = 1e-3;
const MM = 1000;

/** A sauce reduced, or thinned with water, to this volume; its solutes stay. */
export function shownAt(sauce: Sauce, litres: number, pan: PotShape): SauceShown {
  const much = Math.max(0.01, litres);
  const base = potBaseM2(pan);
  const viscosity = viscosityMPaS(sauce.starchG / much, sauce.gelatinG / much);
  return {
    litres: much,
    saltShare: sauce.saltG / 1000 / (much * SAUCE_KG_L),
    gelatinGPerL: sauce.gelatinG / much,
    viscosity,
    rung: thicknessOf(viscosity),
    depthMm: ((much * M3_PER_L) / base) * MM,
    fatMm: ((sauce.fatL * M3_PER_L) / base) * MM,
    fatGPerL: (sauce.fatL * MM * FAT_KG_L) / much,
  };
}

/** Volume at which a sauce would have this share of salt, l. */
export const litresAtSalt = (sauce: Sauce, share: number): number => sauce.saltG / 1000 / share / SAUCE_KG_L;

/** Additions to or removals from a sauce other than thickeners. */
const OTHERS = ['salt', 'water', 'stock', 'butter', 'cream', 'sugar', 'vinegar', 'soy', 'soda', 'fatOff'] as const;
export const SAUCE_ADDITIONS = [...OTHERS, ...THICKENERS] as const;
export type SauceAddition = (typeof SAUCE_ADDITIONS)[number];

interface PutRow {
  readonly unit: 'g' | 'ml';
  /** Per g or ml: litres of sauce, grams of salt, litres of fat, kilograms of solids. */
  readonly litres: number;
  readonly saltG?: number;
  readonly fatL?: number;
  readonly solidsKg?: number;
}

/** What a gram or millilitre of each adds. Soda's sodium counts as salt, 0.7 of its weight. */
const PUT: Readonly<Record<(typeof OTHERS)[number], PutRow>> = {
  salt: { unit: 'g', litres: 0, saltG: 1 },
  water: { unit: 'ml', litres: 0.001 },
  stock: { unit: 'ml', litres: 0.001, solidsKg: 0.00002 },
  butter: { unit: 'g', litres: 0.0002, fatL: 0.0009 },
  cream: { unit: 'ml', litres: 0.00065, fatL: 0.00035, solidsKg: 0.00006 },
  sugar: { unit: 'g', litres: 0.0006, solidsKg: 0.001 },
  vinegar: { unit: 'ml', litres: 0.001 },
  soy: { unit: 'ml', litres: 0.001, saltG: 0.16, solidsKg: 0.0001 },
  soda: { unit: 'g', litres: 0, saltG: 0.7 },
  fatOff: { unit: 'ml', litres: 0, fatL: -0.001 },
};

const isOther = (thing: SauceAddition): thing is (typeof OTHERS)[number] => OTHERS.some((o) => o === thing);

/** Whether an addition is measured in grams or millilitres. */
export const putUnit = (thing: SauceAddition): 'g' | 'ml' => (isOther(thing) ? PUT[thing].unit : 'g');

/** A sauce with this much more of an addition. */
export function withAddition(sauce: Sauce, thing: SauceAddition, amount: number): Sauce {
  if (!isOther(thing)) return { ...sauce, starchG: sauce.starchG + amount * STRENGTH[thing] };
  const { litres, saltG = 0, fatL = 0, solidsKg = 0 } = PUT[thing];
  return {
    ...sauce,
    litres: sauce.litres + litres * amount,
    saltG: sauce.saltG + saltG * amount,
    fatL: Math.max(0, sauce.fatL + fatL * amount),
    solidsKg: sauce.solidsKg + solidsKg * amount,
  };
}

/**
 * A sauce corrected by its observed thickness: its thickener moves halfway, on a log scale, towards what that takes.
 */
export function withObservedThickness(sauce: Sauce, rung: Thickness): Sauce {
  const before = sauce.starchG / sauce.litres;
  const seen = starchFor(TARGET_THICKNESS[rung], sauce.gelatinG / sauce.litres);
  if (thicknessOf(viscosityMPaS(before, sauce.gelatinG / sauce.litres)) === rung) return sauce;
  return { ...sauce, starchG: seen * sauce.litres };
}

/** Thickener to reach a thickness, g: 0 where it is reached. */
export function doseFor(sauce: Sauce, rung: Thickness, by: Thickener): number {
  const wanted = starchFor(TARGET_THICKNESS[rung], sauce.gelatinG / sauce.litres);
  return Math.max(0, ((wanted - sauce.starchG / sauce.litres) * sauce.litres) / STRENGTH[by]);
}

/** Salt to reach a share, g; negative where it is over. */
export const saltTo = (sauce: Sauce, share: number): number => share * sauce.litres * SAUCE_KG_L * 1000 - sauce.saltG;
