import { type Thickness } from '../choices';
import { WATER_KG_PER_L } from '../heat';
import { potBaseM2, type PotShape } from '../material';
import { RUNG_AIM, rungOf, starchFor, STRENGTH, THICKENERS, type Thickener, viscosityMPaS } from './thicken';

/** A sauce as it stands: what boiling away and pouring in leaves of it. */
export interface Sauce {
  readonly litres: number;
  readonly saltG: number;
  readonly gelatinG: number;
  /** What thickens it, g as corn starch. */
  readonly starchG: number;
  /** Fat that runs free on it, l. */
  readonly fatL: number;
  /** Sugar, juices and all else that stays when water goes, kg. */
  readonly solidsKg: number;
}

/** What a cook tastes and sees of a sauce. */
export interface SauceShown {
  readonly litres: number;
  /** Salt as a share of its weight. */
  readonly saltShare: number;
  readonly gelatinGPerL: number;
  /** At 80 °C, mPa s. */
  readonly viscosity: number;
  readonly rung: Thickness;
  readonly depthMm: number;
  readonly fatMm: number;
  readonly fatGPerL: number;
}

/** Hot sauce, kg in a litre: as the pot's water is weighed, so that no two strengths disagree. */
export const SAUCE_KG_L = WATER_KG_PER_L;
const FAT_KG_L = 0.9;
const M3_PER_L = 1e-3;
const MM = 1000;

/** A sauce boiled down, or thinned with water, to so much: what was in it stays in it. */
export function shownAt(sauce: Sauce, litres: number, pan: PotShape): SauceShown {
  const much = Math.max(0.01, litres);
  const base = potBaseM2(pan);
  const viscosity = viscosityMPaS(sauce.starchG / much, sauce.gelatinG / much);
  return {
    litres: much,
    saltShare: sauce.saltG / 1000 / (much * SAUCE_KG_L),
    gelatinGPerL: sauce.gelatinG / much,
    viscosity,
    rung: rungOf(viscosity),
    depthMm: ((much * M3_PER_L) / base) * MM,
    fatMm: ((sauce.fatL * M3_PER_L) / base) * MM,
    fatGPerL: (sauce.fatL * MM * FAT_KG_L) / much,
  };
}

/** Litres at which a sauce would have this share of salt. */
export const litresAtSalt = (sauce: Sauce, share: number): number => sauce.saltG / 1000 / share / SAUCE_KG_L;

/** Things put into a sauce or taken out of it that are not thickeners. */
const OTHERS = ['salt', 'water', 'stock', 'butter', 'cream', 'sugar', 'vinegar', 'soy', 'soda', 'fatOff'] as const;
export const PUT_THINGS = [...OTHERS, ...THICKENERS] as const;
export type PutThing = (typeof PUT_THINGS)[number];

interface PutRow {
  readonly unit: 'g' | 'ml';
  /** Per g or ml of it: litres of sauce, grams of salt, litres of fat, kilograms that stay. */
  readonly litres: number;
  readonly saltG?: number;
  readonly fatL?: number;
  readonly solidsKg?: number;
}

/** What a gram or millilitre of each brings. Soda's sodium counts as salt, 0.7 of its weight. */
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

const isOther = (thing: PutThing): thing is (typeof OTHERS)[number] => OTHERS.some((o) => o === thing);

/** Whether a thing is measured in grams or in millilitres. */
export const putUnit = (thing: PutThing): 'g' | 'ml' => (isOther(thing) ? PUT[thing].unit : 'g');

/** A sauce with so much more of a thing in it. */
export function withPut(sauce: Sauce, thing: PutThing, amount: number): Sauce {
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

/** A sauce that was found to stand on a rung: what thickens it is what that takes, halfway on the scale of what was thought. */
export function withObservedThickness(sauce: Sauce, rung: Thickness): Sauce {
  const before = sauce.starchG / sauce.litres;
  const seen = starchFor(RUNG_AIM[rung], sauce.gelatinG / sauce.litres);
  if (rungOf(viscosityMPaS(before, sauce.gelatinG / sauce.litres)) === rung) return sauce;
  return { ...sauce, starchG: seen * sauce.litres };
}

/** What brings a sauce to a rung, g of a thickener: nought where it is there. */
export function doseFor(sauce: Sauce, rung: Thickness, by: Thickener): number {
  const wanted = starchFor(RUNG_AIM[rung], sauce.gelatinG / sauce.litres);
  return Math.max(0, ((wanted - sauce.starchG / sauce.litres) * sauce.litres) / STRENGTH[by]);
}

/** Salt that brings a sauce to a share, g; negative where it is over it. */
export const saltTo = (sauce: Sauce, share: number): number => share * sauce.litres * SAUCE_KG_L * 1000 - sauce.saltG;
