import { type HerbPlan } from './herbs';
import { type PouredPlan } from './pour';
import { garnishById, type LidKind } from '../larder';
import { type Message, nameOf, say } from '../message';
import { type PlanInput } from '../choices';

/**
 * More sugar than this in the reduced sauce scorches and darkens, g/l; onion and carrot alone give about 100. Estimate,
 * no source.
 */
const CATCHES_G_L = 200;
const HARD_REDUCTIONS: readonly PlanInput['liquid']['reduce'][] = ['threeQuarters', 'syrup', 'twoThirds'];
const FOILS: readonly LidKind[] = ['foil', 'tightFoil'];

/** Advice on reducing the wine. */
function reductionAdvice({ liquid, base }: PlanInput, pour: PouredPlan): Message[] {
  if (!pour.wine) return [];
  if (liquid.reduce === 'none') {
    return pour.pours.some((p) => p.liquid.kind === 'wine' && p.pouredL > 0.1) ? [say('advice.rawWine')] : [];
  }
  if (!HARD_REDUCTIONS.includes(liquid.reduce)) return [];
  const beer = pour.pours.find((p) => p.liquid.kind === 'beer');
  return [
    ...(beer ? [say('advice.beerBitter', { beer: nameOf('liquid', beer.liquid.id) })] : []),
    ...(base.pasteWhen === 'beforeWine' && base.pasteKg > 0 ? [say('advice.pasteHoldsUp')] : []),
  ];
}

/** Requirements of an acidic pot. */
function acidAdvice({ base, pot, course }: PlanInput): Message[] {
  return [
    ...(base.items.some((i) => garnishById(i.id).kind === 'pulse' && i.kg > 0) ? [say('advice.acidPulses')] : []),
    ...(pot.material === 'aluminium' ? [say('advice.acidAluminium')] : []),
    ...(course.some((s) => FOILS.includes(s.lid)) ? [say('advice.acidFoil')] : []),
  ];
}

/** Advice on the liquids. */
export function liquidAdvice(input: PlanInput, pour: PouredPlan, sugarGPerL: number, herbs: HerbPlan): Message[] {
  const { thicken } = input.base;
  return [
    ...reductionAdvice(input, pour),
    ...(sugarGPerL > CATCHES_G_L
      ? [say('advice.sugarCatches', { sugar: { as: 'gramsPerL', value: sugarGPerL } })]
      : []),
    ...(pour.acid ? acidAdvice(input) : []),
    ...(herbs.says ? [herbs.says] : []),
    ...(thicken === 'early' || thicken === 'roux' ? [say('advice.stockInStages')] : []),
  ];
}
