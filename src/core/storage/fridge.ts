import { type KeptPot, potLoss, lossW } from './potLoss';
import { LIQUID_HEAT_JKGK } from '../heat';
import { POT_MATTER } from '../larder';
import { ROOM_C } from '../material';

/** What a warm pot does to a fridge and its contents. °C, minutes. */
export interface WarmedFridge {
  readonly airPeakC: number;
  readonly airStartC: number;
  /** Other food in it: how warm, and for how long above five degrees. */
  readonly foodPeakC: number;
  readonly foodOver5Min: number;
  readonly pot21Min: number;
  readonly pot5Min: number;
}

/** A household fridge: heat leak, pumping capacity, heat capacity of the other food. Estimate, no source. */
export const FRIDGE = { setC: 4, leakWK: 1.4, pumpW: 90, foodWK: 12, foodJK: 87_000 } as const;
const STEP_S = 300;
const LONGEST_S = 36 * 3600;

/**
 * A pot with this much liquid and meat put into a fridge warm. Air is in equilibrium at once, the other food follows.
 */
export function warmFridge(
  pot: KeptPot,
  liquidKg: number,
  meatJK: number,
  litres: number,
  startC: number,
): WarmedFridge {
  const heatJK = pot.massKg * POT_MATTER[pot.material].heatJKgK + LIQUID_HEAT_JKGK * liquidKg + meatJK;
  let potC = startC;
  let foodC: number = FRIDGE.setC;
  let airC: number = FRIDGE.setC;
  const out = {
    airPeakC: -Infinity,
    airStartC: Number.NaN,
    foodPeakC: foodC,
    foodOver5Min: 0,
    pot21Min: Infinity,
    pot5Min: Infinity,
  };
  const lossAt = (air: number): number =>
    lossW(potLoss(pot, litres, { kind: 'fridge', airC: air, lid: true }, potC), potC);
  for (let seconds = 0; seconds < LONGEST_S; seconds += STEP_S) {
    // Air temperature at which heat in equals heat out, as far as the pump manages.
    const surplus = (air: number): number =>
      lossAt(air) + FRIDGE.foodWK * (foodC - air) + FRIDGE.leakWK * (ROOM_C - air) - FRIDGE.pumpW;
    if (surplus(FRIDGE.setC) <= 0) airC = FRIDGE.setC;
    else {
      let [low, high]: [number, number] = [FRIDGE.setC, Math.max(potC, FRIDGE.setC)];
      for (let i = 0; i < 16; i++) {
        const middle = (low + high) / 2;
        if (surplus(middle) > 0) low = middle;
        else high = middle;
      }
      airC = (low + high) / 2;
    }
    if (seconds === 0) out.airStartC = airC;
    out.airPeakC = Math.max(out.airPeakC, airC);
    potC -= (lossAt(airC) * STEP_S) / heatJK;
    foodC -= (FRIDGE.foodWK * (foodC - airC) * STEP_S) / FRIDGE.foodJK;
    out.foodPeakC = Math.max(out.foodPeakC, foodC);
    if (foodC > 5) out.foodOver5Min += STEP_S / 60;
    if (potC <= 21 && out.pot21Min === Infinity) out.pot21Min = (seconds + STEP_S) / 60;
    if (potC <= 5) {
      out.pot5Min = (seconds + STEP_S) / 60;
      break;
    }
  }
  return out;
}
