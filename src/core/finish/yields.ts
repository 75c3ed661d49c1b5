import { type SolidsMethod } from '../choices';

/** Liquid that each kilogram of vegetables keeps, l; blended they give all, and themselves. Modeller's judgement. */
const HELD_L_PER_KG: Readonly<Record<SolidsMethod, number>> = {
  leave: 0,
  lift: 0.1,
  strain: 0.25,
  press: 0.1,
  blend: 0,
};

/** Sauce that `litres` of liquid give when so much vegetable is dealt with in this way, l. */
export function sauceAfterStep(litres: number, solidsKg: number, way: SolidsMethod): number {
  const added = way === 'blend' ? solidsKg : 0;
  return Math.max(0, litres - HELD_L_PER_KG[way] * solidsKg) + added;
}

/** Unsalted liquid that brings `litres` of sauce of this strength to the one aimed at, l; 0 where it is not over it. */
export function dilutionL(litres: number, share: number, aim: number): number {
  return Math.max(0, litres * (share / aim - 1));
}
