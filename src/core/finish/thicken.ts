import { type Thickness, THICKNESS_LEVELS } from '../choices';

/** The viscosity aimed at on each rung, at 80 °C and 50 1/s, mPa s. */
export const RUNG_AIM: Readonly<Record<Thickness, number>> = { runs: 2, light: 8, coats: 35, gravy: 120, stands: 500 };
/** From which viscosity each rung begins, mPa s. */
const RUNG_FROM: Readonly<Record<Thickness, number>> = { runs: 0, light: 4, coats: 15, gravy: 65, stands: 250 };

/** What thickens a sauce. */
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

/** Grams of corn starch that a gram of each is worth. Modeller's judgement, within a third. */
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
 * Viscosity, mPa s, of a sauce with so much starch (as corn starch, g/l) and gelatin (g/l) at `tempC`. A power law as of
 * hot starch paste; its constants are set so that usual kitchen doses come out on their rungs. Modeller's judgement.
 */
export function viscosityMPaS(starchGPerL: number, gelatinGPerL: number, tempC = 80): number {
  const at80 = BROTH_MPAS * (1 + (starchGPerL / HALF_G_L) ** EXPONENT) * Math.exp(PER_GELATIN_G_L * gelatinGPerL);
  return at80 * Math.exp(1800 * (1 / (tempC + KELVIN) - 1 / (80 + KELVIN)));
}

/** Starch, g/l as corn starch, that gives a viscosity at 80 °C beside so much gelatin; 0 where gelatin does it alone. */
export function starchFor(viscosity: number, gelatinGPerL: number): number {
  const ratio = viscosity / (BROTH_MPAS * Math.exp(PER_GELATIN_G_L * gelatinGPerL)) - 1;
  return ratio <= 0 ? 0 : HALF_G_L * ratio ** (1 / EXPONENT);
}

/** Grams of a thickener that bring `litres` of unthickened sauce with so much gelatin to a rung. */
export function gramsFor(
  rung: Thickness,
  litres: number,
  gelatinGPerL: number,
  by: Thickener,
  alreadyGPerL = 0,
): number {
  const missing = starchFor(RUNG_AIM[rung], gelatinGPerL) - alreadyGPerL;
  return Math.max(0, (missing * litres) / STRENGTH[by]);
}

/** The rung a viscosity at 80 °C stands on. */
export function rungOf(viscosity: number): Thickness {
  return THICKNESS_LEVELS.findLast((rung) => viscosity >= RUNG_FROM[rung]) ?? 'runs';
}

/** Share of what a thickener does that is left after boiling so long in a sauce of this acidity. Modeller's judgement. */
export function starchLeft(by: Thickener, ph: number, boilMin: number): number {
  const perMin = ph > 5.5 ? 0.001 : 0.001 * 10 ** (0.54 * (5.5 - ph));
  return Math.exp(-perMin * (FRAGILE.includes(by) ? 4 : 1) * boilMin);
}

/** What clings to a spoon of 25 cm² held up for five seconds, ml: a 0.1 g scale reads the rung. Source: Jeffreys (1930). */
export function spoonFilmMl(viscosity: number): number {
  const lengthM = 0.05;
  const areaM2 = 0.0025;
  const seconds = 5;
  const density = 1000;
  const film = (2 / 3) * Math.sqrt(((viscosity / 1000) * lengthM) / (density * 9.81 * seconds));
  return film * areaM2 * 1e6;
}

/** Of a dose, so much goes in first: then it is looked at. */
export const FIRST_SHARE = 0.55;

/** The second half of a dose, after a look. */
export interface SecondHalf {
  /** What a gram turned out to be worth, as corn starch. */
  readonly worth: number;
  /** Starch in the sauce as it seems now, g/l as corn starch. */
  readonly nowGPerL: number;
  readonly grams: number;
}

/**
 * What is still missing after the first part of a dose, from a look at the sauce: what the look says and what the thickener
 * usually does, each weighed by how sure it is. `readSd` is the spread of the logarithm of the viscosity read.
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
