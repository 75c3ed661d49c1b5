import { type HerbPlan } from './herbs';
import { type PourPlan } from './pour';
import { garnishById } from '../larder/garnish';
import { type PlanInput } from '../plan/input';

/** Sugar over this in the reduced sauce catches and darkens, g/l; onion and carrot alone bring about 100. Judgement. */
const CATCHES_G_L = 200;

/** What to mind about what is poured, in sentences. */
export function liquidAdvice(input: PlanInput, pour: PourPlan, sugarGPerL: number, herbs: HerbPlan): string[] {
  const says: string[] = [];
  const ml = (litres: number): string => `${String(Math.round(litres * 100) * 10)} ml`;
  if (pour.overL > 0.02)
    says.push(
      `${ml(pour.overL)} more is measured out than the level takes: pour less, reduce further or raise the level.`,
    );
  if (
    pour.wine &&
    input.liquid.reduce === 'none' &&
    pour.pours.some((p) => p.liquid.kind === 'wine' && p.pouredL > 0.1)
  ) {
    says.push('Wine that is not reduced stays harsh: a lid keeps it in.');
  }
  if (pour.wine && ['threeQuarters', 'syrup', 'twoThirds'].includes(input.liquid.reduce)) {
    const beer = pour.pours.find((p) => p.liquid.kind === 'beer');
    if (beer) says.push(`${beer.liquid.name} turns bitter when it is boiled down hard.`);
    if (input.base.pasteWhen === 'beforeWine' && input.base.pasteKg > 0) {
      says.push('Paste in the pan holds up a hard reduction: toast it after the wine.');
    }
  }
  if (sugarGPerL > CATCHES_G_L)
    says.push(
      `${String(Math.round(sugarGPerL))} g of sugar in a litre of sauce: it catches and darkens. Low heat, a look more often, sugar late.`,
    );
  const pulses = input.base.items.some((i) => garnishById(i.id).kind === 'pulse' && i.kg > 0);
  if (pulses && pour.acid)
    says.push('Wine, tomato and vinegar slow beans and lentils: let them soften first, or count half as long again.');
  if (pour.acid && input.pot.material === 'aluminium')
    says.push('Acid and bare aluminium do not go together: the sauce turns grey and metallic.');
  if (pour.acid && (input.lid === 'foil' || input.lid === 'tightFoil')) says.push('Keep foil off an acid sauce.');
  if (herbs.says !== '') says.push(herbs.says);
  if (input.base.thicken === 'early' || input.base.thicken === 'roux')
    says.push('Stock in three stages, stirred smooth each time: all at once it lumps.');
  return says;
}
