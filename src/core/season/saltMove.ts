/** Salt exchange between pieces and a finite bath. */
export interface SaltMove {
  /** Surface over volume of the pieces, 1/m, and their shape exponent: 0 a slab, 2 a sphere. */
  readonly surfacePerM: number;
  readonly beta: number;
  readonly meatWaterKg: number;
  readonly liquidWaterKg: number;
  readonly tempC: number;
  readonly hours: number;
}

const GAS_CONSTANT = 8.314;

/** Diffusivity of salt in cooked meat, m²/s. Estimate: that of free brine, times 0.35. */
export function saltDiffusion(tempC: number): number {
  return 1.5e-9 * Math.exp((-18_000 / GAS_CONSTANT) * (1 / (tempC + 273.15) - 1 / 363.15));
}

/** exp(y²) erfc(y), without overflow. Source: Abramowitz and Stegun 7.1.26 and its asymptote. */
function scaledErfc(y: number): number {
  if (y > 5) return (1 - 1 / (2 * y * y) + 3 / (4 * y ** 4)) / (y * Math.sqrt(Math.PI));
  const t = 1 / (1 + 0.3275911 * y);
  return ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
}

/**
 * Progress of salt between meat and liquid towards equilibrium, 0 to 1: short times in a well-stirred finite bath, with
 * the pieces' curvature. Source: Crank (1975); the curvature is ours, within 3% up to 0.9.
 */
export function saltAtEquilibrium({ surfacePerM, beta, meatWaterKg, liquidWaterKg, tempC, hours }: SaltMove): number {
  const x = surfacePerM * Math.sqrt(saltDiffusion(tempC) * hours * 3600);
  const curve = (0.886 * beta) / (2 * (beta + 1));
  const turn = 1 / (2 * curve);
  const bent = curve > 0 ? (x < turn ? x - curve * x * x : turn - curve * turn * turn) : x;
  const ratio = liquidWaterKg / meatWaterKg;
  const y = bent / ratio;
  return Math.min(1, (1 + ratio) * (1 - scaledErfc(y)));
}
