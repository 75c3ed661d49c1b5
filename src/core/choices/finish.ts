import { FAT_WAYS, type SkimMethod, type MeatEnd } from './finishWays';
import { type BaseItem, type FinishChoice, type PlanInput, type ResultId } from './input';

/** Sauce on a plate, l: a small ladle. */
export const USUAL_SAUCE_L_PER_PLATE = 0.1;

/** Whether some of the vegetables are eaten in bites. */
const keepsBites = (items: readonly Pick<BaseItem, 'fate' | 'kg'>[]): boolean =>
  items.some((i) => i.kg > 0 && i.fate === 'bite');

/** The meat's end that a wanted result asks for. */
const MEAT_END: Readonly<Record<ResultId, MeatEnd>> = {
  slices: 'whole',
  tender: 'whole',
  falls: 'whole',
  shreds: 'shred',
  melts: 'melt',
};

/**
 * How a braise is finished unless the cook says otherwise: a stew as it stands, what melts blended into its sauce, large
 * pieces lifted out of a sauce that is strained where its vegetables are spent and boiled down.
 */
export function usualFinish(
  small: boolean,
  result: ResultId,
  items: readonly Pick<BaseItem, 'fate' | 'kg'>[],
): FinishChoice {
  const whole = !small && result !== 'melts';
  return {
    sauceLPerPlate: USUAL_SAUCE_L_PER_PLATE,
    reduce: whole,
    solids: whole ? (keepsBites(items) ? 'lift' : 'strain') : 'leave',
    fat: 'spoon',
    meat: MEAT_END[result],
    thickener: 'corn',
    rung: 'coats',
    enrich: 'none',
    toss: 'none',
  };
}

/** The plan with another result, its meat finished as that asks for. */
export function withResult(input: PlanInput, result: ResultId): Pick<PlanInput, 'result' | 'finish'> {
  return { result, finish: { ...input.finish, meat: MEAT_END[result] } };
}

/** Ways to lift the fat off a sauce that is still hot. */
export const HOT_FAT_WAYS: readonly SkimMethod[] = FAT_WAYS.filter((way) => way !== 'chill');

/** How the fat comes off: what was cooked ahead has set cold on the sauce, and a sauce of the same day has not. */
export function fatWayOf({ day, finish }: Pick<PlanInput, 'day' | 'finish'>): SkimMethod {
  if (day.ahead) return 'chill';
  return finish.fat === 'chill' ? 'spoon' : finish.fat;
}
