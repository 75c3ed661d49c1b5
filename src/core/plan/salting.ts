import { meatParts, type PlanInput } from '../choices';
import { bonelessKg } from '../buy';
import { WATER_KG_PER_L } from '../heat';
import { cutById, garnishById } from '../larder';
import { type PouredPlan } from '../liquid';
import { nameOf, say } from '../message';
import { type FinishedPot } from '../finish';
import {
  saltBalance,
  saltPlan,
  type SaltPlan,
  type SaltInput,
  type SaltSource,
  SAUCE_SALT,
  usualSaltG,
} from '../season';
import { bodiesOf, type SizedPart, sizedParts } from './parts';
import { HOUR_MS } from '../quantity';

/** Olives, rind and cured pork eaten in pieces keep half of their salt. Estimate, no source. */
const SALT_FROM_BITES = 0.5;

/** All sources of salt other than the salt on the meat, largest first. */
function saltSources(input: PlanInput, pour: PouredPlan): SaltSource[] {
  const { filling } = input.prepare;
  return [
    ...[...pour.pours, ...pour.late].map((p) => ({
      name: nameOf('liquid', p.liquid.id),
      grams: p.pouredL * p.liquid.saltGPerL,
    })),
    ...input.base.items.map((i) => ({
      name: nameOf('garnish', i.id),
      grams: i.kg * garnishById(i.id).saltGPerKg * (i.fate === 'melt' ? 1 : SALT_FROM_BITES),
    })),
    ...meatParts(input).map((part) => {
      const cut = cutById(part.cutId);
      return { name: nameOf('cut', cut.id), grams: part.massKg * (cut.saltGPerKg ?? 0) };
    }),
    ...(filling
      ? [
          {
            name: say('ingredient.filling'),
            grams: filling.items.reduce((sum, i) => sum + i.kg * garnishById(i.id).saltGPerKg, 0),
          },
        ]
      : []),
  ]
    .filter((s) => s.grams > 0.05)
    .sort((a, b) => b.grams - a.grams);
}

/** Below this a pot is topped up before finishing, l. */
const TOPPED_UP_L = 0.15;

/** Salt on the meat in view of all other salt. A pot that runs dry is topped up: its sauce is then what is wanted. */
function saltQuestion(
  input: PlanInput,
  parts: readonly SizedPart[],
  pour: PouredPlan,
  finished: Pick<FinishedPot, 'liquidL' | 'sauceL' | 'meatWaterKg' | 'cookedKg'>,
  minutes: number,
): SaltInput {
  const wantedL = Math.max(TOPPED_UP_L, input.eaters * input.finish.sauceLPerPlate);
  const dry = finished.liquidL < TOPPED_UP_L;
  return {
    addedG: input.season.gramsPerKg * bonelessKg(meatParts(input)),
    when: input.season.when,
    sources: saltSources(input, pour),
    meatWaterKg: finished.meatWaterKg,
    meatKg: finished.cookedKg,
    liquidKg: (dry ? wantedL : finished.liquidL) * WATER_KG_PER_L,
    sauceKg: (dry ? wantedL : finished.sauceL) * WATER_KG_PER_L,
    ...bodiesOf(parts),
    minutes,
    coldHours: input.day.ahead ? Math.max(0, (input.serveAtMs - input.day.ahead.fridgeByMs) / HOUR_MS) : 0,
  };
}

/** The smallest volume of sauce its salt allows, l. */
export function minLitresForSalt(input: PlanInput, pour: PouredPlan, finished: FinishedPot, minutes: number): number {
  const { inSauceG } = saltBalance(saltQuestion(input, sizedParts(input), pour, finished, minutes));
  return inSauceG / 1000 / SAUCE_SALT.high / WATER_KG_PER_L;
}

/** The salt of a plan, and what follows from it. */
export interface Salting {
  readonly salt: SaltPlan;
  /** What we would use per kilogram of boneless meat. */
  readonly usualSaltGPerKg: number;
  /** Share of stock in the filler that keeps the sauce within limits with the meat salted as planned, 0 to 1. */
  readonly stockShareForSalt: number;
}

/** Salt on the meat in view of all other salt, if the pot has simmered `minutes`. */
export function salting(
  input: PlanInput,
  parts: readonly SizedPart[],
  pour: PouredPlan,
  finished: FinishedPot,
  minutes: number,
): Salting {
  const edible = bonelessKg(meatParts(input));
  const sources = saltSources(input, pour);
  const question = saltQuestion(input, parts, pour, finished, minutes);
  const otherG = sources.reduce((sum, s) => sum + s.grams, 0);
  return {
    salt: saltPlan(question, edible, input.season.crystal),
    usualSaltGPerKg: edible > 0 ? usualSaltG(edible, otherG) / edible : 0,
    stockShareForSalt: stockShare(
      { ...question, sauceKg: Math.min(question.liquidKg, wantedSauceKg(input, finished)) },
      input,
      pour,
    ),
  };
}

/** The sauce as the cook wants it, regardless of its salt, kg. */
const wantedSauceKg = (input: PlanInput, finished: FinishedPot): number =>
  (input.finish.reduce ? input.eaters * input.finish.sauceLPerPlate : finished.sauceL) * WATER_KG_PER_L;

/** How much of the filler may be stock for the sauce to meet its salt aim, by bisection over the stock's salt. */
function stockShare(question: SaltInput, input: PlanInput, pour: PouredPlan): number {
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
  if (at(1) <= SAUCE_SALT.high) return 1;
  if (at(0) > SAUCE_SALT.high) return 0;
  let low = 0;
  let top = 1;
  for (let i = 0; i < 12; i++) {
    const middle = (low + top) / 2;
    if (at(middle) <= SAUCE_SALT.high) low = middle;
    else top = middle;
  }
  return low;
}
