/** Stefan–Boltzmann constant, W/m²K⁴. */
const SIGMA = 5.670374e-8;
const KELVIN = 273.15;
/** Emissivity of water, wet paper and meat. Handbook value. */
export const WET_EMISSIVITY = 0.95;

/**
 * Radiation between black surfaces at these temperatures as a heat-transfer coefficient, W/m²K: 4 sigma T³ at their
 * mean.
 */
export function radiativeCoefficient(oneC: number, otherC: number): number {
  const mean = (oneC + otherC) / 2 + KELVIN;
  return 4 * SIGMA * mean * mean * mean;
}
