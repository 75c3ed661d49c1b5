/** How thick a sauce runs at serving heat, by a spoon. Viscosities at 80 °C, mPa s. */
export const CONSISTENCIES = {
  thin: { viscosity: 6 },
  light: { viscosity: 18 },
  coats: { viscosity: 60 },
  gravy: { viscosity: 250 },
} as const;

export type Consistency = keyof typeof CONSISTENCIES;

/** Rise of the logarithm of viscosity per gram in a litre. Modeller's judgement, at 80 °C. */
const PER_FLOUR_G_L = 0.078;
const PER_GELATIN_G_L = 0.02;

/** How well flour thickens by how it has been cooked; browning takes from it. */
export const FLOUR_STRENGTH = { raw: 1, white: 1, blond: 0.9, brown: 0.65 } as const;

export type FlourCooking = keyof typeof FLOUR_STRENGTH;

/** One gram of starch does the work of two of flour. */
export const FLOUR_PER_STARCH = 2;

/** Viscosity at 80 °C, mPa s, with flour and gelatin in g/l. */
export function viscosity(flourGPerL: number, gelatinGPerL: number): number {
  return Math.exp(PER_FLOUR_G_L * flourGPerL + PER_GELATIN_G_L * gelatinGPerL);
}

/** Grams of flour that bring `litres` of sauce with so much gelatin to a consistency; 0 when it is there already. */
export function flourFor(
  target: Consistency,
  litres: number,
  gelatinGPerL: number,
  cooking: FlourCooking = 'white',
): number {
  const wanted = Math.log(CONSISTENCIES[target].viscosity) - PER_GELATIN_G_L * gelatinGPerL;
  return Math.max(0, (wanted / PER_FLOUR_G_L) * litres) / FLOUR_STRENGTH[cooking];
}
