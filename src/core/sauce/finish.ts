import { type Ensemble } from '../forecast/ensemble';
import { litresAt } from '../forecast/pot';
import { boneFraction } from '../forecast/assemble';
import { latentHeatJKg } from '../heat/water';

/** What the pot holds at one moment of the nominal course, and what becomes of it. */
export interface FinishedPot {
  /** Liquid with juices when the meat comes out, litres. */
  readonly liquidL: number;
  /** Fat to lift off, litres. */
  readonly fatL: number;
  /** Sauce to reduce to, litres. */
  readonly sauceL: number;
  readonly reduceMinutes: number;
  /** Gelatin in the sauce after reducing, g/l. */
  readonly gelatinGPerL: number;
  /** Cooked meat off the bone per eater, kg. */
  readonly meatPerPlateKg: number;
}

const FAT_DENSITY_KGL = 0.9;
/** Fat comes out with half the cook value that collagen needs. */
const FAT_COOK_SHARE = 0.5;
/** Half of the dissolved collagen leaves the meat. Modeller's judgement. */
const GELATIN_LEAVES = 0.5;
const SAUCE_PER_EATER_L = 0.08;
/** Power that a household burner puts into an open wide pot, net of losses, W. */
export const REDUCING_W = 1000;

/** Minutes to boil away `litres` on a burner that delivers `powerW` after losses. */
export function reduceMinutes(litres: number, powerW: number): number {
  return (Math.max(0, litres) * 0.96 * latentHeatJKg(100)) / powerW / 60;
}

/** The pot at `step` of the ensemble's nominal course, for `eaters`. */
export function finishedPot(ensemble: Ensemble, step: number, eaters: number): FinishedPot {
  const { request, nominal } = ensemble;
  const { cut } = request;
  let fatKg = 0;
  let collagenKg = 0;
  let cookedKg = 0;
  request.groups.forEach((group, g) => {
    const edible = group.massKg * (1 - boneFraction(cut, group.onBone));
    const mean = (nominal.meanCookValue[g] as Float64Array)[step] as number;
    const slow = (nominal.slowCookValue[g] as Float64Array)[step] as number;
    const fat = edible * cut.composition.fat * cut.fatRender;
    const melted = fat * (1 - Math.exp(-mean / (FAT_COOK_SHARE * cut.cookValue.turns)));
    fatKg += melted;
    collagenKg += (edible * cut.collagenGPerKg * (1 - 2 ** (-slow / cut.cookValue.turns))) / 1000;
    cookedKg += edible * (1 - ((nominal.juiceFraction[g] as Float64Array)[step] as number)) - melted;
  });
  const liquidL = litresAt(ensemble, step);
  const sauceL = Math.min(liquidL, SAUCE_PER_EATER_L * eaters);
  return {
    liquidL,
    fatL: fatKg / FAT_DENSITY_KGL,
    sauceL,
    reduceMinutes: reduceMinutes(liquidL - sauceL, REDUCING_W),
    gelatinGPerL: sauceL > 0 ? (collagenKg * GELATIN_LEAVES * 1000) / sauceL : 0,
    meatPerPlateKg: cookedKg / eaters,
  };
}
