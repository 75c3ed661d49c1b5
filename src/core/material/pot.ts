import { type Pot, POT_MATTER, type PotForm, type PotMaterial } from '../larder';

/** A pot's inside, m. Round ones are as wide as they are long. */
export interface PotShape {
  readonly shape: PotForm;
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
}

type Ground = Omit<PotShape, 'heightM'>;

export function roundPot(diameterM: number, heightM: number): PotShape {
  return { shape: 'round', lengthM: diameterM, widthM: diameterM, heightM };
}

/** The inside of one of a kitchen's pots. */
export function potShape(pot: Pick<Pot, 'shape' | 'lengthMm' | 'widthMm' | 'heightMm'>): PotShape {
  return {
    shape: pot.shape,
    lengthM: pot.lengthMm / 1000,
    widthM: pot.widthMm / 1000,
    heightM: pot.heightMm / 1000,
  };
}

/** Base area inside a pot, m². Corners of a tray are taken as square. */
export function potBaseM2({ shape, lengthM, widthM }: Ground): number {
  return (shape === 'rectangle' ? 1 : Math.PI / 4) * lengthM * widthM;
}

/** Length of the wall all round, m; for an oval by Ramanujan's approximation, within 1e-4 of the true one. */
export function potRimM({ shape, lengthM, widthM }: Ground): number {
  if (shape === 'rectangle') return 2 * (lengthM + widthM);
  const a = lengthM / 2;
  const b = widthM / 2;
  const h = ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/** The narrower inside dimension, m: shelter by the walls depends on it. */
export function potSpanM({ lengthM, widthM }: Ground): number {
  return Math.min(lengthM, widthM);
}

/** Inside volume to the brim, litres. */
export function potVolumeL(pot: PotShape): number {
  return potBaseM2(pot) * pot.heightM * 1000;
}

/** Whether a rectangle of these sides can lie on the base; same units as the pot. */
export function fitsIn(pot: Ground, lengthM: number, widthM: number): boolean {
  const long = Math.max(lengthM, widthM);
  const short = Math.min(lengthM, widthM);
  const potLong = Math.max(pot.lengthM, pot.widthM);
  const potShort = potSpanM(pot);
  if (pot.shape === 'rectangle') return long <= potLong && short <= potShort;
  return (long / potLong) ** 2 + (short / potShort) ** 2 <= 1;
}

/** Wall thickness of a pot, m: its mass spread over base, side and lid. */
export function wallThicknessM(pot: PotShape & { readonly massKg: number; readonly material: PotMaterial }): number {
  const areaM2 = 2 * potBaseM2(pot) + potRimM(pot) * pot.heightM;
  return pot.massKg / (POT_MATTER[pot.material].densityKgM3 * areaM2);
}

/** Usual wall thickness of a material, lid and handles included, m. Estimate from weighed pots. */
const USUAL_WALL_M: Readonly<Record<PotMaterial, number>> = {
  castIron: 0.0045,
  steel: 0.0016,
  darkSteel: 0.0016,
  aluminium: 0.0035,
  darkAluminium: 0.004,
  ceramic: 0.009,
  glass: 0.006,
  copper: 0.0022,
};

/** Usual weight of a pot of this size with its lid, kg, to a tenth; good to a quarter. */
export function usualPotKg(pot: PotShape, material: PotMaterial): number {
  const areaM2 = 2 * potBaseM2(pot) + potRimM(pot) * pot.heightM;
  return Math.round(areaM2 * USUAL_WALL_M[material] * POT_MATTER[material].densityKgM3 * 10) / 10;
}
