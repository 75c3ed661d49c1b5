import { ROOM_C } from '../material';
/**
 * Energy of an electric oven of 65 l, used for all: heat stored in its body, J/K, and lost through its walls, W/K.
 * Derived from the standard consumption of an electric cavity, 0.0042 V + 0.55 kWh per test, V in litres (Commission
 * Delegated Regulation (EU) 65/2014), less what the test's wet brick absorbs. Estimate, good to a third.
 */
const OVEN = { bodyJK: 6000, wallWK: 2.8 } as const;
const J_PER_KWH = 3.6e6;

/** Relative uncertainty of an oven's and a burner's consumption. */
export const ENERGY_SD = { oven: 0.35, burner: 0.2 } as const;

/**
 * Energy an oven uses to heat up from `fromC`, stay hot for `minutes` in total and heat a pot that absorbs `potJ`, kWh.
 */
export function ovenKWh(tempC: number, minutes: number, potJ: number, fromC = ROOM_C): number {
  const above = Math.max(0, tempC - ROOM_C);
  return (OVEN.bodyJK * Math.max(0, tempC - fromC) + OVEN.wallWK * above * minutes * 60 + potJ) / J_PER_KWH;
}

/** Energy a burner of this `efficiency` uses to put `suppliedJ` into a pot, kWh. */
export function burnerKWh(suppliedJ: number, efficiency: number): number {
  return suppliedJ / efficiency / J_PER_KWH;
}
