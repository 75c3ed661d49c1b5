import { meatParts, type PlanInput } from '../choices';
import { edibleKgOf } from '../buy';
import { WATER_KG_PER_L } from '../heat';
import { garnishById } from '../larder';
import { type PourPlan } from '../liquid';
import { nameOf, say } from '../message';
import { type FinishedPot } from '../sauce';
import { saltPlan, type SaltPlan, type SaltQuestion, type SaltSource, SAUCE_SALT, usualSaltG } from '../season';
import { type SizedPart, surfacePerM } from './parts';

/** Olives, rind and cured pork eaten in bites keep half of their salt. Modeller's judgement. */
const SALT_FROM_BITES = 0.5;

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

/** The salt of a plan, and what follows from it. */
export interface Salting {
  readonly salt: SaltPlan;
  /** What we would put on a kilogram of net boneless meat. */
  readonly usualSaltGPerKg: number;
  /** Stock in the filler that keeps the sauce within bounds with the meat salted as planned, 0 to 1. */
  readonly stockShareForSalt: number;
}

/** Salt on the meat beside all that brings salt, the pot having simmered `minutes`. */
export function salting(
  input: PlanInput,
  parts: readonly SizedPart[],
  pour: PourPlan,
  finished: FinishedPot,
  minutes: number,
): Salting {
  const edible = edibleKgOf(meatParts(input));
  const sources = saltSources(input, pour);
  const question: SaltQuestion = {
    addedG: input.season.gramsPerKg * edible,
    when: input.season.when,
    sources,
    meatWaterKg: finished.meatWaterKg,
    meatKg: finished.cookedKg,
    liquidKg: finished.liquidL * WATER_KG_PER_L,
    sauceKg: finished.sauceL * WATER_KG_PER_L,
    surfacePerM: surfacePerM(parts),
    minutes,
  };
  const otherG = sources.reduce((sum, s) => sum + s.grams, 0);
  return {
    salt: saltPlan(question, edible, input.season.crystal),
    usualSaltGPerKg: edible > 0 ? usualSaltG(edible, otherG) / edible : 0,
    stockShareForSalt: stockShare(question, input, pour),
  };
}

/** How much of the filler may be stock for the sauce to meet the aim, by bisection over the stock's salt. */
function stockShare(question: SaltQuestion, input: PlanInput, pour: PourPlan): number {
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
