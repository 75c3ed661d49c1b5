import { boneFraction, cutOf, type Ensemble, litresAt } from '../forecast';
import { figure, type Figure, input as from } from '../message';
import { potBaseM2 } from '../material';
import { type Rung, type SolidsWay } from '../choices';
import { reduce, REDUCE_RANGE } from './reduce';
import { RUNG_AIM, starchFor } from './thicken';
import { sauceAfter } from './yields';

/** What the pot holds at one moment of the nominal course, and what becomes of it. */
export interface FinishedPot {
  /** Liquid with juices when the meat comes out, litres. */
  readonly liquidL: number;
  /** Fat to lift off, litres. */
  readonly fatL: number;
  /** Of that, what runs free once the vegetables are dealt with, litres. */
  readonly looseL: number;
  /** Sauce, boiled down where the cook wants it, litres; and how deep it then stands in the pot, mm. */
  readonly sauceL: number;
  readonly depthMm: number;
  readonly reduceMinutes: number;
  /** Gelatin in the sauce after reducing, g/l. */
  readonly gelatinGPerL: number;
  /** Cooked meat off the bone per eater, kg. */
  readonly meatPerPlateKg: number;
  /** Juice the meat has given, and what remains of it, kg. */
  readonly juiceKg: number;
  readonly cookedKg: number;
  readonly meatWaterKg: number;
}

const FAT_DENSITY_KGL = 0.9;
/** Fat comes out with half the cook value that collagen needs. */
const FAT_COOK_SHARE = 0.5;
/** Half of the dissolved collagen leaves the meat. Modeller's judgement. */
const GELATIN_LEAVES = 0.5;
/** Sugar, gelatin and juices in a litre of braising liquid, kg. Modeller's judgement. */
const SOLIDS_KG_PER_L = 0.05;
/** Out of a pot that has just been strained, °C. */
const HOT_C = 85;
/** Less is not boiled down. */
const LEAST_REDUCED_L = 0.01;
/** What finishing goes by. */
export interface FinishQuestion {
  readonly eaters: number;
  /** Sauce wanted on each plate, l. */
  readonly sauceLPerPlate: number;
  /** Whether it is boiled down to that, and what the salt in it forbids to go under, l. */
  readonly reduce: boolean;
  readonly leastL: number;
  readonly solids: SolidsWay;
  /** Vegetables the sauce is made with and rid of, kg. */
  readonly solidsKg: number;
  /** What the burner puts into the open pot, W. */
  readonly powerW: number;
  /** Gelatin that the stock brings, g. */
  readonly stockGelatinG: number;
  /** Where flour was cooked into the base, how thick it makes the sauce. */
  readonly rung: Rung | null;
}

/** The pot at `step` of the ensemble's nominal course. */
export function finishedPot(ensemble: Ensemble, step: number, question: FinishQuestion): FinishedPot {
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
    const mean = (nominal.meanCookValue[g] as Float64Array)[step] as number;
    const slow = (nominal.slowCookValue[g] as Float64Array)[step] as number;
    const fat = edible * cut.composition.fat * cut.fatRender;
    const melted = fat * (1 - Math.exp(-mean / (FAT_COOK_SHARE * cut.cookValue.twists)));
    fatKg += melted;
    collagenKg += (edible * cut.collagenGPerKg * (1 - 2 ** (-slow / cut.cookValue.twists))) / 1000;
    const juice = (nominal.juiceFraction[g] as Float64Array)[step] as number;
    cookedKg += edible * (1 - juice) - melted;
    juiceKg += edible * juice;
    meatWaterKg += edible * Math.max(0.1, cut.composition.water - juice);
  });
  const liquidL = litresAt(ensemble, step);
  const looseL = sauceAfter(liquidL, question.solidsKg, question.solids);
  const wantedL = Math.max(sauceLPerPlate * eaters, question.leastL);
  const sauceL = question.reduce ? Math.min(looseL, wantedL) : looseL;
  const gelatinG = collagenKg * GELATIN_LEAVES * 1000 + stockGelatinG;
  const starchGPerL = question.rung === null || sauceL <= 0 ? 0 : starchFor(RUNG_AIM[question.rung], gelatinG / sauceL);
  const reduced =
    looseL - sauceL < LEAST_REDUCED_L
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
    sauceL,
    looseL,
    reduceMinutes: reduced?.minutes ?? 0,
    depthMm: sauceL / potBaseM2(pot),
    gelatinGPerL: sauceL > 0 ? gelatinG / sauceL : 0,
    meatPerPlateKg: cookedKg / eaters,
    juiceKg,
    cookedKg,
    meatWaterKg,
  };
}

/** What the finished pot holds, as figures that answer why. */
export interface FinishFigures {
  readonly fat: Figure;
  readonly sauce: Figure;
  readonly reduce: Figure;
  readonly gelatin: Figure;
}

/** The figures of a finished pot. */
export function finishFigures(finished: FinishedPot, question: FinishQuestion): FinishFigures {
  const liquid = from('liquidWhenDone', finished.liquidL, 'volume');
  return {
    fat: figure('sauce.fat', finished.fatL, 'volume', 'estimate', [from('cookedMeat', finished.cookedKg, 'mass')]),
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
