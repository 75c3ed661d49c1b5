import { FAT_WAYS, type SkimMethod, type MeatEnd } from './finishTechniques';
import { type BaseItem, type FinishChoice, type PlanInput, type ResultId } from './input';

/** Sauce per serving, l: a small ladle. */
export const USUAL_SAUCE_L_PER_PLATE = 0.1;

/** Whether some of the vegetables are eaten as pieces. */
const keepsBites = (items: readonly Pick<BaseItem, 'fate' | 'kg'>[]): boolean =>
  items.some((i) => i.kg > 0 && i.fate === 'bite');

/** How the meat is finished for a wanted result. */
const MEAT_END: Readonly<Record<ResultId, MeatEnd>> = {
  slices: 'whole',
  tender: 'whole',
  falls: 'whole',
  shreds: 'shred',
  melts: 'melt',
};

/**
 * The usual finish unless the cook decides otherwise: a stew as it is; what melts is blended into its sauce; large
 * pieces are lifted out, and their sauce is strained if its vegetables are spent, and reduced.
 */
export function defaultFinish(
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

/** The plan with another result, and the meat finished for it. */
export function withResult(input: PlanInput, result: ResultId): Pick<PlanInput, 'result' | 'finish'> {
  return { result, finish: { ...input.finish, meat: MEAT_END[result] } };
}

/** Ways to take the fat off a sauce that is still hot. */
export const HOT_FAT_WAYS: readonly SkimMethod[] = FAT_WAYS.filter((way) => way !== 'chill');

/** How the fat comes off: set on the cold sauce if it was cooked ahead, otherwise hot. */
export function fatWayOf({ day, finish }: Pick<PlanInput, 'day' | 'finish'>): SkimMethod {
  if (day.ahead) return 'chill';
  return finish.fat === 'chill' ? 'spoon' : finish.fat;
}
