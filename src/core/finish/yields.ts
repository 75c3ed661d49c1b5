import { type SolidsMethod } from '../choices';

/**
 * Liquid held back per kilogram of vegetables, l; blended they give back all of it, and themselves. Estimate, no
 * source.
 */
const HELD_L_PER_KG: Readonly<Record<SolidsMethod, number>> = {
  leave: 0,
  lift: 0.1,
  strain: 0.25,
  press: 0.1,
  blend: 0,
};

/** Sauce from `litres` of liquid if this much vegetable is dealt with like this, l. */
export function sauceAfterStep(litres: number, solidsKg: number, way: SolidsMethod): number {
  const added = way === 'blend' ? solidsKg : 0;
  return Math.max(0, litres - HELD_L_PER_KG[way] * solidsKg) + added;
}

/** Unsalted liquid that dilutes `litres` of sauce of this concentration to the aim, l; 0 if it is not over. */
export function dilutionL(litres: number, share: number, aim: number): number {
  return Math.max(0, litres * (share / aim - 1));
}
