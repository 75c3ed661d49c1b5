import { type Thickness, THICKNESS_LEVELS } from '../choices';

/** Target viscosity of each thickness, at 80 °C and 50 1/s, mPa s. */
export const TARGET_THICKNESS: Readonly<Record<Thickness, number>> = {
  runs: 2,
  light: 8,
  coats: 35,
  gravy: 120,
  stands: 500,
};
/** Viscosity at which each thickness begins, mPa s. */
const RUNG_FROM: Readonly<Record<Thickness, number>> = { runs: 0, light: 4, coats: 15, gravy: 65, stands: 250 };

/** Thickeners for a sauce. */
export const THICKENERS = [
  'corn',
  'potatoStarch',
  'tapioca',
  'arrowroot',
  'riceFlour',
  'flourWhite',
  'flourBlond',
  'flourBrown',
  'kneaded',
  'potatoMashed',
  'beanCrushed',
  'vegetablesFine',
  'vegetablesCrushed',
] as const;
export type Thickener = (typeof THICKENERS)[number];

/** Corn starch equivalent of a gram of each, g. Estimate, within a third. */
export const STRENGTH: Readonly<Record<Thickener, number>> = {
  corn: 1,
  potatoStarch: 1.4,
  tapioca: 1.2,
  arrowroot: 1.1,
  riceFlour: 0.7,
  flourWhite: 0.5,
  flourBlond: 0.45,
  flourBrown: 0.33,
  kneaded: 0.25,
  potatoMashed: 0.1,
  beanCrushed: 0.08,
  vegetablesFine: 0.06,
  vegetablesCrushed: 0.035,
};

/** Starches that boiling and acid break down fast. */
const FRAGILE: readonly Thickener[] = ['potatoStarch', 'tapioca', 'arrowroot'];

const BROTH_MPAS = 0.6;
const HALF_G_L = 4.5;
const EXPONENT = 2.75;
const PER_GELATIN_G_L = 0.025;
const KELVIN = 273.15;

/**
 * Viscosity, mPa s, of a sauce with this much starch (as corn starch, g/l) and gelatin (g/l) at `tempC`. A power law as
 * for hot starch paste; its constants make usual kitchen doses give their thickness. Estimate, no source.
 */
export function viscosityMPaS(starchGPerL: number, gelatinGPerL: number, tempC = 80): number {
  const at80 = BROTH_MPAS * (1 + (starchGPerL / HALF_G_L) ** EXPONENT) * Math.exp(PER_GELATIN_G_L * gelatinGPerL);
  return at80 * Math.exp(1800 * (1 / (tempC + KELVIN) - 1 / (80 + KELVIN)));
}

/** Starch, g/l as corn starch, for a viscosity at 80 °C with this much gelatin; 0 where gelatin alone is enough. */
export function starchFor(viscosity: number, gelatinGPerL: number): number {
  const ratio = viscosity / (BROTH_MPAS * Math.exp(PER_GELATIN_G_L * gelatinGPerL)) - 1;
  return ratio <= 0 ? 0 : HALF_G_L * ratio ** (1 / EXPONENT);
}

/** Thickener for `litres` of unthickened sauce with this much gelatin to reach a thickness, g. */
export function gramsFor(
  rung: Thickness,
  litres: number,
  gelatinGPerL: number,
  by: Thickener,
  alreadyGPerL = 0,
): number {
  const missing = starchFor(TARGET_THICKNESS[rung], gelatinGPerL) - alreadyGPerL;
  return Math.max(0, (missing * litres) / STRENGTH[by]);
}

/** The thickness of a viscosity at 80 °C. */
export function thicknessOf(viscosity: number): Thickness {
  return THICKNESS_LEVELS.findLast((rung) => viscosity >= RUNG_FROM[rung]) ?? 'runs';
}

/** Share of a thickener's effect left after boiling this long in a sauce of this acidity. Estimate, no source. */
export function starchLeft(by: Thickener, ph: number, boilMin: number): number {
  const perMin = ph > 5.5 ? 0.001 : 0.001 * 10 ** (0.54 * (5.5 - ph));
  return Math.exp(-perMin * (FRAGILE.includes(by) ? 4 : 1) * boilMin);
}

/**
 * Film on a spoon of 25 cm² held up for five seconds, ml: a 0.1 g scale reads the thickness. Source: Jeffreys (1930).
 */
export function spoonFilmMl(viscosity: number): number {
  const lengthM = 0.05;
  const areaM2 = 0.0025;
  const seconds = 5;
  const density = 1000;
  const film = (2 / 3) * Math.sqrt(((viscosity / 1000) * lengthM) / (density * 9.81 * seconds));
  return film * areaM2 * 1e6;
}

/** Share of a dose that goes in first, before a check. */
export const FIRST_SHARE = 0.55;

/** The second half of a dose, after a check. */
export interface SecondHalf {
  /** Corn starch equivalent of a gram, as it turned out. */
  readonly worth: number;
  /** Starch in the sauce as it now seems, g/l as corn starch. */
  readonly nowGPerL: number;
  readonly grams: number;
}

/**
 * What is still missing after the first part of a dose, from a check of the sauce: the observation and the thickener's
 * usual effect, weighted by their certainty. `readSd` is the log-standard deviation of the viscosity read.
 */
export function secondHalf(q: {
  readonly wantedGPerL: number;
  readonly litres: number;
  readonly firstG: number;
  readonly beforeGPerL: number;
  readonly read: number;
  readonly gelatinGPerL: number;
  readonly strength: number;
  readonly readSd?: number;
}): SecondHalf {
  const { litres, firstG, beforeGPerL } = q;
  const seen = starchFor(q.read, q.gelatinGPerL);
  const gained = Math.max(seen - beforeGPerL, 0.3);
  const observed = (gained * litres) / firstG;
  const sd = ((q.readSd ?? 0.5) / EXPONENT) * Math.max(1, seen / gained);
  const [priorWeight, readWeight] = [1 / 0.2 ** 2, 1 / sd ** 2];
  const worth = Math.exp(
    (Math.log(q.strength) * priorWeight + Math.log(observed) * readWeight) / (priorWeight + readWeight),
  );
  const nowGPerL = beforeGPerL + (worth * firstG) / litres;
  return { worth, nowGPerL, grams: Math.max(0, ((q.wantedGPerL - nowGPerL) * litres) / worth) };
}
