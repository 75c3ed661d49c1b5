import { boneFraction, cutOf, type Ensemble, litresAt, valueAt } from '../forecast';
import { figure, type Figure, input as from } from '../message';
import { potBaseM2 } from '../material';
import { type SkimMethod, type Thickness, type SolidsMethod } from '../choices';
import { DROPS, fatLeftMl, fatRisen } from './fat';
import { reduce, REDUCE_RANGE } from './reduce';
import { TARGET_THICKNESS, starchFor } from './thicken';
import { sauceAfterStep } from './yields';

/** Contents of the pot at one time of the nominal trace, and what becomes of them. */
export interface FinishedPot {
  /** Liquid with juices when the meat comes out, l. */
  readonly liquidL: number;
  /** Fat to skim, and what stays, l. */
  readonly fatL: number;
  readonly fatLeftL: number;
  /** Of that, what runs free once the vegetables are dealt with, l. */
  readonly looseL: number;
  /** Sauce, reduced if wanted, l; and its depth in the pot, mm. */
  readonly sauceL: number;
  readonly depthMm: number;
  readonly reduceMinutes: number;
  /** Thickener in it from the start, g as corn starch. */
  readonly starchG: number;
  /** Gelatin in the sauce after reducing, g/l. */
  readonly gelatinGPerL: number;
  /** Cooked boneless meat per eater, kg. */
  readonly meatPerPlateKg: number;
  /** Juice the meat has released, and what remains in it, kg. */
  readonly juiceKg: number;
  readonly cookedKg: number;
  readonly meatWaterKg: number;
}

const FAT_DENSITY_KGL = 0.9;
/** Fat is released at half the cook value that collagen needs. */
const FAT_COOK_SHARE = 0.5;
/** Half of the dissolved collagen leaves the meat. Estimate, no source. */
const GELATIN_LEAVES = 0.5;
/** Sugar, gelatin and juices per litre of braising liquid, kg. Estimate, no source. */
export const SOLIDS_KG_PER_L = 0.05;
/** Temperature of a pot that has just been strained, °C. */
const HOT_C = 85;
/** Reducing by less than this, in l and as a share, is not worth the heat: nobody sees or tastes it. */
const MIN_REDUCED_L = 0.02;
const MIN_REDUCED_SHARE = 0.03;

/** Whether reducing from one volume to another is done at all. */
export const isReducing = (fromL: number, toL: number): boolean =>
  fromL - toL >= Math.max(MIN_REDUCED_L, MIN_REDUCED_SHARE * fromL);
/** What finishing depends on. */
export interface FinishInput {
  readonly eaters: number;
  /** Sauce wanted per serving, l. */
  readonly sauceLPerPlate: number;
  /** Whether it is reduced to that, and the volume its salt does not allow going below, l. */
  readonly reduce: boolean;
  readonly leastL: number;
  readonly solids: SolidsMethod;
  readonly fat: SkimMethod;
  /** Vegetables cooked in the sauce and removed, kg. */
  readonly solidsKg: number;
  /** Burner power into the open pot, W. */
  readonly powerW: number;
  /** Gelatin from the stock, g. */
  readonly stockGelatinG: number;
  /** Where flour was cooked into the base, the thickness it gives the sauce. */
  readonly rung: Thickness | null;
}

/** How long a sauce stands before skimming, s; in the fridge, overnight. */
const STANDS_S = 5 * 60;
const OVERNIGHT_S = 8 * 3600;
/** A fat separator: depth of the sauce in it, m, and its surface, m². */
const JUG = { depthM: 0.1, areaM2: 0.0079 } as const;
const BROTH_PAS = 0.6e-3;

/** Fat that stays after skimming by this method, l: what has not risen, and what the method leaves of the rest. */
function fatLeftL(fatL: number, litres: number, baseM2: number, way: SkimMethod): number {
  const inJug = way === 'jug';
  const risen = fatRisen({
    seconds: way === 'chill' ? OVERNIGHT_S : STANDS_S,
    depthM: inJug ? JUG.depthM : Math.max(0.005, litres / 1000 / baseM2),
    viscosityPaS: BROTH_PAS,
    drops: DROPS.simmered,
  });
  return fatLeftMl(fatL * 1000, risen, inJug ? JUG.areaM2 : baseM2, way) / 1000;
}

/** The pot at a time index of the ensemble's nominal trace. */
export function finishedPot(ensemble: Ensemble, place: number, question: FinishInput): FinishedPot {
  const { eaters, powerW, stockGelatinG, sauceLPerPlate } = question;
  const { altitudeM, pot } = ensemble.request;
  const { request, nominal } = ensemble;
  let fatKg = 0;
  let collagenKg = 0;
  let cookedKg = 0;
  let juiceKg = 0;
  let meatWaterKg = 0;
  request.groups.forEach((group, g) => {
    const cut = cutOf(request, group);
    const edible = group.massKg * (1 - boneFraction(cut, group.onBone));
    const mean = valueAt(nominal.meanCookValue[g] as Float64Array, place);
    const slow = valueAt(nominal.slowCookValue[g] as Float64Array, place);
    const fat = edible * cut.composition.fat * cut.fatRender;
    const melted = fat * (1 - Math.exp(-mean / (FAT_COOK_SHARE * cut.cookValue.twists)));
    fatKg += melted;
    collagenKg += (edible * cut.collagenGPerKg * (1 - 2 ** (-slow / cut.cookValue.twists))) / 1000;
    const juice = valueAt(nominal.juiceFraction[g] as Float64Array, place);
    cookedKg += edible * (1 - juice) - melted;
    juiceKg += edible * juice;
    meatWaterKg += edible * Math.max(0.1, cut.composition.water - juice);
  });
  const liquidL = litresAt(ensemble, place);
  const looseL = sauceAfterStep(liquidL, question.solidsKg, question.solids);
  const wantedL = Math.max(sauceLPerPlate * eaters, question.leastL);
  const sauceL = question.reduce ? Math.min(looseL, wantedL) : looseL;
  const gelatinG = collagenKg * GELATIN_LEAVES * 1000 + stockGelatinG;
  const starchGPerL =
    question.rung === null || sauceL <= 0 ? 0 : starchFor(TARGET_THICKNESS[question.rung], gelatinG / sauceL);
  const reduced = !isReducing(looseL, sauceL)
    ? undefined
    : reduce({
        pan: pot,
        litres: looseL,
        solidsKg: looseL * SOLIDS_KG_PER_L,
        startC: HOT_C,
        powerW,
        starchG: starchGPerL * sauceL,
        gelatinG,
        altitudeM,
        target: { litres: sauceL },
      });
  return {
    liquidL,
    fatL: fatKg / FAT_DENSITY_KGL,
    fatLeftL: fatLeftL(fatKg / FAT_DENSITY_KGL, looseL, potBaseM2(pot), question.fat),
    sauceL,
    looseL,
    reduceMinutes: reduced?.minutes ?? 0,
    depthMm: sauceL / potBaseM2(pot),
    starchG: starchGPerL * sauceL,
    gelatinGPerL: sauceL > 0 ? gelatinG / sauceL : 0,
    meatPerPlateKg: cookedKg / eaters,
    juiceKg,
    cookedKg,
    meatWaterKg,
  };
}

/** Contents of the finished pot, as figures that explain themselves. */
export interface FinishFigures {
  readonly fat: Figure;
  readonly fatLeft: Figure;
  readonly sauce: Figure;
  readonly reduce: Figure;
  readonly gelatin: Figure;
}

/** The figures of a finished pot. */
export function finishFigures(finished: FinishedPot, question: FinishInput): FinishFigures {
  const liquid = from('liquidWhenDone', finished.liquidL, 'volume');
  return {
    fat: figure('sauce.fat', finished.fatL, 'volume', 'estimate', [from('cookedMeat', finished.cookedKg, 'mass')]),
    fatLeft: figure('sauce.fatLeft', finished.fatLeftL, 'volume', 'estimate', [
      from('fatInAll', finished.fatL, 'volume'),
      from('sauce', finished.sauceL, 'volume'),
    ]),
    sauce: figure('sauce.sauce', finished.sauceL, 'volume', 'computed', [
      from('aPlate', question.sauceLPerPlate, 'volume'),
      from('plates', question.eaters, 'count'),
      liquid,
      ...(question.solidsKg > 0 ? [from('afterTheVegetables', finished.looseL, 'volume')] : []),
      ...(question.leastL > question.eaters * question.sauceLPerPlate && question.reduce
        ? [from('saltBears', question.leastL, 'volume')]
        : []),
    ]),
    reduce: figure(
      'sauce.reduce',
      finished.reduceMinutes,
      'minutes',
      'estimate',
      [
        from('afterTheVegetables', finished.looseL, 'volume'),
        from('sauce', finished.sauceL, 'volume'),
        from('reachesThePot', question.powerW, 'power'),
      ],
      finished.reduceMinutes > 0 && Number.isFinite(finished.reduceMinutes)
        ? { range: [finished.reduceMinutes * REDUCE_RANGE[0], finished.reduceMinutes * REDUCE_RANGE[1]] }
        : {},
    ),
    gelatin: figure('sauce.gelatin', finished.gelatinGPerL, 'gramsPerL', 'estimate', [
      from('sauce', finished.sauceL, 'volume'),
      from('fromTheStock', question.stockGelatinG / 1000, 'mass'),
    ]),
  };
}
