import { ROOM_C } from '../material';
/**
 * What an electric oven of 65 l takes up and loses, standing for all: heat in its body, J/K, and through its walls, W/K.
 * Split from the standard consumption of an electric cavity, 0.0042 V + 0.55 kWh a test, V in litres (Commission Delegated
 * Regulation (EU) 65/2014), less what the test's wet brick takes up. Modeller's judgement, good to a third.
 */
const OVEN = { bodyJK: 6000, wallWK: 2.8 } as const;
const J_PER_KWH = 3.6e6;

/** Share by which an oven, and a burner, may differ from what is reckoned here. */
export const ENERGY_SPREAD = { oven: 0.35, burner: 0.2 } as const;

/** Energy an oven draws to get hot from `fromC`, stay hot for `minutes` in all and heat a pot that takes up `potJ`, kWh. */
export function ovenKWh(tempC: number, minutes: number, potJ: number, fromC = ROOM_C): number {
  const above = Math.max(0, tempC - ROOM_C);
  return (OVEN.bodyJK * Math.max(0, tempC - fromC) + OVEN.wallWK * above * minutes * 60 + potJ) / J_PER_KWH;
}

/** Energy a burner draws that puts `suppliedJ` into a pot with an efficiency of `efficiency`, kWh. */
export function burnerKWh(suppliedJ: number, efficiency: number): number {
  return suppliedJ / efficiency / J_PER_KWH;
}
