import { type PlanInput } from '../choices';
import { type PotFilling } from './engineRequest';
import { finishHandsMin } from './finishSteps';
import { sizedParts } from './parts';
import { searOf } from './searing';
import { salting } from './salting';
import {
  alcoholOnThePlate,
  type AtTarget,
  type CountedOut,
  heatUpMinutes,
  herbPlan,
  type HerbPlan,
  liquidAdvice,
  type PouredPlan,
  type WaterBalance,
  waterBalance,
} from '../liquid';
import { basePlan, type BasePlan } from '../base';
import { buyPlan, type BuyPlan, trotterKg } from '../buy';
import { dietaryReport, type DietaryReport } from '../care';
import { figure, type Figure, input as from, type Message, nameOf, say } from '../message';
import { boneFraction, type BraiseRequest } from '../forecast';
import { garnishById } from '../larder';
import { prepPlan, type PrepPlan } from '../prep';
import { type FinishedPot } from '../finish';
import { type WorkMinutes } from '../schedule';
import { type SaltPlan } from '../season';
import { type SearPlan } from '../sear';

export interface LiquidPlan extends PouredPlan {
  readonly herbs: HerbPlan;
  readonly water: WaterBalance;
  readonly sugar: Figure;
  /** Alcohol per serving; null if none was poured. */
  readonly alcohol: Figure | null;
  /** Share of stock in the filler that keeps the sauce at its salt aim with the meat salted as planned, 0 to 1. */
  readonly stockShareForSalt: number;
  readonly says: readonly Message[];
}

/** Prep steps and ingredients; from the input and the nominal trace alone. */
export interface PrepWork {
  readonly buy: BuyPlan;
  readonly prep: PrepPlan;
  readonly salt: SaltPlan;
  readonly usualSaltGPerKg: number;
  readonly sear: SearPlan;
  readonly base: BasePlan;
  readonly liquid: LiquidPlan;
  readonly table: DietaryReport;
  /** What is counted in and must be counted out before serving. */
  readonly countOut: readonly CountedOut[];
  readonly trotterKg: number;
  readonly work: WorkMinutes;
  readonly rhythm: WorkRhythm;
}

/** Parts of the work that can wait, be interrupted or go on unattended. */
export interface WorkRhythm {
  readonly chopMin: number;
  readonly lateChopMin: number;
  readonly panHeatsMin: number;
  readonly wineMin: number;
}

const CHOP_MIN_PER_KG = 9;
const CHOP_LEAST_MIN = 3;
const DEGLAZE_MIN = 2;
const PLATE_MIN = 5;
const STAGED_STOCK_MIN = 3;

/** Prep steps and ingredients, for an input that has passed `checkPlanInput`. */
export function prepWork(
  input: PlanInput,
  request: BraiseRequest,
  filling: PotFilling,
  at: AtTarget,
  finished: FinishedPot,
): PrepWork {
  const parts = sizedParts(input);
  const sear = searOf(input, parts);
  const { pour, startC } = filling;
  const { salt, usualSaltGPerKg, stockShareForSalt } = salting(input, parts, pour, finished, at.minutes);
  const base = basePlan({
    base: input.base,
    dustedKg: input.sear.dredge === 'afterSear' ? (sear.dredge?.value ?? 0) : 0,
    season: input.season,
    searFatL: sear.fatL.value,
    sauceL: finished.sauceL,
    gelatinGPerL: finished.gelatinGPerL,
    rung: input.finish.rung,
    thickener: input.finish.thickener,
  });
  const prep = prepPlan(parts, input.prepare, input.season, input.keeping.rule);
  const herbs = herbPlan(input.liquid.herbs, input.liquid.herbForm, request.liquidL);
  const sugarG = pour.sugarG + input.base.items.reduce((sum, i) => sum + i.kg * garnishById(i.id).sugarGPerKg, 0);
  const sugarGPerL = finished.sauceL > 0 ? sugarG / finished.sauceL : 0;
  const strings = prep.strings;
  const countOut = [
    ...(strings > 0 ? [{ what: say('countOut.strings'), count: strings }] : []),
    ...herbs.countOut,
    ...parts
      .filter((p) => boneFraction(p.cut, p.part.onBone) > 0)
      .map((p) => ({ what: say('countOut.bones', { cut: nameOf('cut', p.cut.id) }), count: p.part.pieces })),
  ];
  const wineMin = pour.wine && Number.isFinite(pour.wine.minutes.value) ? pour.wine.minutes.value : 0;
  const vegetableKg = input.base.items.reduce((sum, i) => sum + i.kg, 0);
  const lateKg = input.base.items.reduce((sum, i) => (i.when !== 'start' ? sum + i.kg : sum), 0);
  const chop = vegetableKg > 0 ? CHOP_LEAST_MIN + CHOP_MIN_PER_KG * vegetableKg : 0;
  return {
    buy: buyPlan(parts, input.eaters, input.appetite, finished.cookedKg),
    prep,
    salt,
    usualSaltGPerKg,
    sear,
    base,
    liquid: {
      ...pour,
      herbs,
      water: waterBalance(input, request, startC, at, finished),
      sugar: figure('plan.sugar', sugarGPerL, 'gramsPerL', 'estimate', [
        from('sugarInAll', sugarG / 1000, 'mass'),
        from('sauce', finished.sauceL, 'volume'),
      ]),
      stockShareForSalt,
      alcohol: alcoholOnThePlate(pour, at.minutes, input.eaters),
      says: liquidAdvice(input, pour, sugarGPerL, herbs),
    },
    table: dietaryReport(
      input,
      parts.map((p) => p.cut),
      strings,
    ),
    countOut,
    trotterKg: trotterKg(parts),
    rhythm: {
      chopMin: chop,
      lateChopMin: lateKg > 0 ? 1 + CHOP_MIN_PER_KG * lateKg : 0,
      panHeatsMin: sear.batches.length > 0 ? (sear.minutes.inputs[0]?.value ?? 0) : 0,
      wineMin,
    },
    work: {
      prep: Math.round(prep.minutes + chop),
      sear: Math.round(sear.minutes.value),
      base: Math.round(base.minutes.value),
      liquid: Math.round(
        DEGLAZE_MIN +
          wineMin +
          (base.flour && input.base.thicken !== 'end' ? STAGED_STOCK_MIN : 0) +
          (input.liquid.start === 'simmer' ? heatUpMinutes(input, request.liquidL, startC.cold) : 0),
      ),
      finish: Math.round(finishHandsMin({ input, finished, base, salt }) + Math.min(180, finished.reduceMinutes)),
      plate: PLATE_MIN,
    },
  };
}
