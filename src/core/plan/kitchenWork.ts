import { WATER_KG_PER_L } from '../heat/water';
import { meatParts, type PlanInput } from '../choices/input';
import { isSmall, type PieceSize, pieceSize } from '../choices/pieces';
import { liquidLitres, pourOf } from './request';
import { basePlan, type BasePlan } from '../base/base';
import { buyPlan, type BuyPlan, edibleKgOf, trotterKg } from '../buy/buy';
import { tableCare, type TableCare } from '../care/table';
import { figure, type Figure, input as from, type Message, nameOf, say } from '../message';
import { boneFraction, pieceShape } from '../forecast/assemble';
import { type BraiseRequest } from '../forecast/request';
import { equivalentBody } from '../heat/shape';
import { burnerNetW } from '../larder/burners';
import { type Cut, cutById } from '../larder/cuts';
import { fatById } from '../larder/fats';
import { garnishById } from '../larder/garnish';
import { MATERIAL_HEAT_JKGK } from '../larder/vessels';
import { type CountedOut, herbPlan, type HerbPlan } from '../liquid/herbs';
import { liquidAdvice } from '../liquid/advice';
import { type PourPlan } from '../liquid/pour';
import { type AtTarget, TAP_C, type WaterBalance, waterBalance } from '../liquid/water';
import { prepPlan, type PrepPlan } from '../prep/prep';
import { type FinishedPot } from '../sauce/finish';
import { type WorkMinutes } from '../schedule/tasks';
import { saltPlan, type SaltPlan, type SaltSource, usualSaltG } from '../season/salt';
import { searPlan, type SearPieces, type SearPlan } from '../sear/sear';

/** One cut of the plan with the size of its pieces. */
export interface SizedPart {
  readonly cut: Cut;
  readonly part: PlanInput['meat'];
  readonly size: PieceSize;
}

export function sizedParts(input: PlanInput): SizedPart[] {
  return meatParts(input).map((part) => {
    const cut = cutById(part.cutId);
    return { cut, part, size: pieceSize(cut, part.massKg / part.pieces, part.thicknessMm) };
  });
}

const THIN_EDGE_MM = 30;

/** A part as it comes to the sear pan: which face lies down, how many faces and edges are browned. */
function searPieces({ cut, part, size }: SizedPart): SearPieces {
  const small = isSmall(cut, part);
  if (cut.form === 'cubes') {
    const edge = size.thicknessMm;
    return {
      count: part.pieces,
      footprint: { kind: 'rectangle', length: edge, width: edge },
      faces: 3,
      edges: 0,
      small,
    };
  }
  if (cut.shape === 'disc') {
    const diameter = (size.lengthMm + size.widthMm) / 2;
    return { count: part.pieces, footprint: { kind: 'circle', diameter }, faces: 2, edges: 1, small };
  }
  const width = cut.shape === 'roll' ? size.thicknessMm : size.widthMm;
  return {
    count: part.pieces,
    footprint: { kind: 'rectangle', length: size.lengthMm, width },
    faces: cut.shape === 'roll' ? 4 : 2,
    edges: cut.shape === 'roll' || size.thicknessMm < THIN_EDGE_MM ? 0 : 2,
    small,
  };
}

export function searOf(input: PlanInput, parts: readonly SizedPart[]): SearPlan {
  const { sear } = input;
  return searPlan({
    pieces: parts.map(searPieces),
    pan: input.pan,
    burner: sear.burner,
    fat: fatById(sear.fatId),
    depth: sear.depth,
    moving: sear.moving === 'moving',
    dried: sear.dried,
    flouredKg:
      sear.dredge === 'floured' || input.season.when === 'flour'
        ? parts.reduce((sum, p) => sum + p.part.massKg, 0)
        : null,
    mostAtOnce: sear.mostAtOnce,
  });
}

/** Everything but the salt on the meat that brings salt, largest first. */
function saltSources(input: PlanInput, pour: PourPlan): SaltSource[] {
  const { filling } = input.prepare;
  return [
    ...pour.pours.map((p) => ({ name: nameOf('liquid', p.liquid.id), grams: p.pouredL * p.liquid.saltGPerL })),
    ...input.base.items.map((i) => ({
      name: nameOf('garnish', i.id),
      grams: i.kg * garnishById(i.id).saltGPerKg * (i.fate === 'melt' ? 1 : SALT_FROM_BITES),
    })),
    ...(filling ? [{ name: say('ingredient.filling'), grams: filling.kg * filling.saltGPerKg }] : []),
  ]
    .filter((s) => s.grams > 0.05)
    .sort((a, b) => b.grams - a.grams);
}

/** Surface over volume of the meat, 1/m, by weight where there are several sizes. */
function surfacePerM(parts: readonly SizedPart[]): number {
  const total = parts.reduce((sum, p) => sum + p.part.massKg, 0);
  return parts.reduce((sum, { cut, part, size }) => {
    const { beta, lengthM } = equivalentBody(
      pieceShape(cut, {
        lengthM: size.lengthMm / 1000,
        widthM: size.widthMm / 1000,
        thicknessM: size.thicknessMm / 1000,
      }),
    );
    return sum + (((beta + 1) / lengthM) * part.massKg) / total;
  }, 0);
}

export interface LiquidPlan extends PourPlan {
  readonly herbs: HerbPlan;
  readonly water: WaterBalance;
  readonly sugar: Figure;
  /** Stock in the filler that keeps the sauce at the aim with the meat salted as planned, 0 to 1. */
  readonly stockShareForSalt: number;
  readonly says: readonly Message[];
}

/** Everything the hands do and everything that goes in; follows from the input and the nominal course alone. */
export interface KitchenWork {
  readonly buy: BuyPlan;
  readonly prep: PrepPlan;
  readonly salt: SaltPlan;
  readonly usualSaltGPerKg: number;
  readonly sear: SearPlan;
  readonly base: BasePlan;
  readonly liquid: LiquidPlan;
  readonly table: TableCare;
  /** What is counted in and must be counted out before serving. */
  readonly countOut: readonly CountedOut[];
  readonly trotterKg: number;
  readonly work: WorkMinutes;
  readonly rhythm: WorkRhythm;
}

/** What within the work can wait, be put down or go on by itself. */
export interface WorkRhythm {
  readonly chopMin: number;
  readonly lateChopMin: number;
  readonly panHeatsMin: number;
  readonly wineMin: number;
}

/** Olives, rind and cured pork eaten in bites keep half of their salt. Modeller's judgement. */
const SALT_FROM_BITES = 0.5;
const CHOP_MIN_PER_KG = 9;
const CHOP_LEAST_MIN = 3;
const DEGLAZE_MIN = 2;
/** Lifting out, straining and lifting the fat. */
export const LIFTING_MIN = 13;
const PLATE_MIN = 5;
const STAGED_STOCK_MIN = 3;

/** The hands' work and what goes in, for an input that has passed `checkPlanInput`. */
export function kitchenWork(
  input: PlanInput,
  request: BraiseRequest,
  at: AtTarget,
  finished: FinishedPot,
): KitchenWork {
  const parts = sizedParts(input);
  const sear = searOf(input, parts);
  const pour = pourOf(input, liquidLitres(input), at.minutes);
  const base = basePlan({
    base: input.base,
    season: input.season,
    searFatL: sear.fatL.value,
    sauceL: finished.sauceL,
    gelatinGPerL: finished.gelatinGPerL,
  });
  const prep = prepPlan(parts, input.prepare, input.season.when === 'overnight');
  const edible = edibleKgOf(meatParts(input));
  const sources = saltSources(input, pour);
  const otherG = sources.reduce((sum, s) => sum + s.grams, 0);
  const question = {
    addedG: input.season.gramsPerKg * edible,
    when: input.season.when,
    sources,
    meatWaterKg: finished.meatWaterKg,
    meatKg: finished.cookedKg,
    liquidKg: finished.liquidL * WATER_KG_PER_L,
    sauceKg: finished.sauceL * WATER_KG_PER_L,
    surfacePerM: surfacePerM(parts),
    minutes: at.minutes,
  };
  const salt = saltPlan(question, edible, input.season.crystal);
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
  const powerW = burnerNetW(input.sear.burner);
  const heatUpJ =
    (request.liquidL * WATER_KG_PER_L * 4100 + request.pot.massKg * MATERIAL_HEAT_JKGK[request.pot.material]) *
    Math.max(0, 96 - pourTempC(pour));
  const wineMin = pour.wine && Number.isFinite(pour.wine.minutes.value) ? pour.wine.minutes.value : 0;
  const vegetableKg = input.base.items.reduce((sum, i) => sum + i.kg, 0);
  const lateKg = input.base.items.reduce((sum, i) => (i.when === 'late' ? sum + i.kg : sum), 0);
  const chop = vegetableKg > 0 ? CHOP_LEAST_MIN + CHOP_MIN_PER_KG * vegetableKg : 0;
  return {
    buy: buyPlan(parts, input.eaters, input.appetite, finished.cookedKg),
    prep,
    salt,
    usualSaltGPerKg: edible > 0 ? usualSaltG(edible, otherG) / edible : 0,
    sear,
    base,
    liquid: {
      ...pour,
      herbs,
      water: waterBalance(input, request, at, finished),
      sugar: figure('plan.sugar', sugarGPerL, 'gramsPerL', 'estimate', [
        from('sugarInAll', sugarG / 1000, 'mass'),
        from('sauce', finished.sauceL, 'volume'),
      ]),
      stockShareForSalt: stockShare(question, input, pour),
      says: liquidAdvice(input, pour, sugarGPerL, herbs),
    },
    table: tableCare(
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
          (input.liquid.start === 'simmer' ? heatUpJ / powerW / 60 : 0),
      ),
      finish: Math.round(LIFTING_MIN + Math.min(180, finished.reduceMinutes)),
      plate: PLATE_MIN,
    },
  };
}

/** What the mixed pours come to before they are heated, °C. */
function pourTempC(pour: PourPlan): number {
  const hot = pour.wine ? pour.wine.target.value : 0;
  return pour.totalL > 0 ? (hot * 95 + (pour.totalL - hot) * TAP_C) / pour.totalL : TAP_C;
}

/** How much of the filler may be stock for the sauce to meet the aim, by bisection over the stock's salt. */
function stockShare(question: Parameters<typeof saltPlan>[0], input: PlanInput, pour: PourPlan): number {
  const filler = pour.pours.findLast((p) => p.liquid.id === input.liquid.fillerId);
  if (!filler || filler.liquid.saltGPerL < 1) return 1;
  const fillL = pour.pours.reduce(
    (sum, p) => (p.liquid.id === input.liquid.fillerId || p.liquid.id === 'water' ? sum + p.pouredL : sum),
    0,
  );
  const rest = question.sources.filter((s) => s.name.code !== nameOf('liquid', filler.liquid.id).code);
  const at = (share: number): number =>
    saltPlan(
      {
        ...question,
        sources: [
          ...rest,
          { name: nameOf('liquid', filler.liquid.id), grams: fillL * share * filler.liquid.saltGPerL },
        ],
      },
      1,
      'fine',
    ).sauce.value;
  const high = 0.01;
  if (at(1) <= high) return 1;
  if (at(0) > high) return 0;
  let low = 0;
  let top = 1;
  for (let i = 0; i < 12; i++) {
    const middle = (low + top) / 2;
    if (at(middle) <= high) low = middle;
    else top = middle;
  }
  return low;
}
