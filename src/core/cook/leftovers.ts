import { type CookState } from './state';
import { type LiveForecast } from './live';
import { sauceNow } from './sauceNow';
import { type PlanInput } from '../choices';
import { boneFraction } from '../forecast';
import { doseFor, saltTo, type Sauce, shownAt } from '../finish';
import { WATER_KG_PER_L } from '../heat';
import { boxInMicrowaveMin, reheatPot } from '../storage';
import { roundPot } from '../material';
import { type BegunPlan, contentsForStorage } from '../plan';
import { SAUCE_SALT } from '../season';
import { SAFETY_LIMITS } from '../safety';

/** Reheating a box: minutes by each method until its coldest spot reaches `toC`. */
export interface BoxReheating {
  readonly toC: number;
  readonly microwaveMin: number;
  /** Assumed power rating of the microwave, W. */
  readonly microwaveW: number;
  /** Covered on a low flame; null where it never gets there. */
  readonly panMin: number | null;
  /** In the same pan, covered, in an oven at this temperature, °C; null where it never gets there. */
  readonly ovenMin: number | null;
  readonly ovenC: number;
}

/** Rating of most microwaves, W. */
const MICROWAVE_W = 800;
/** Share of meat in a box; the rest is sauce. Practice: meat covered by its sauce. */
const MEAT_SHARE = 0.6;
/** A small saucepan on a flame that does not scorch. */
const SMALL_PAN = { ...roundPot(0.18, 0.1), massKg: 1, material: 'steel' } as const;
const LOW_FLAME_W = 600;
const MEAT_KG_L = 1.06;

const warmed = new WeakMap<PlanInput, Map<number, BoxReheating>>();

/**
 * Minutes to reheat a fridge-cold box of this many grams, in a microwave and in a small pan. Cached by the plan's
 * input.
 */
export function reheatBox(plan: { readonly input: PlanInput }, grams: number): BoxReheating {
  const { input } = plan;
  const known = warmed.get(input) ?? new Map<number, BoxReheating>();
  warmed.set(input, known);
  const found = known.get(grams);
  if (found) return found;
  const toC = SAFETY_LIMITS[input.keeping.rule].reheatC;
  const kg = grams / 1000;
  const contents = contentsForStorage(plan);
  const allL = contents.groups.reduce((sum, g) => sum + g.pieces.volumeM3 * 1000, 0);
  const part = Math.min(1, (kg * MEAT_SHARE) / MEAT_KG_L / Math.max(0.01, allL));
  const groups = contents.groups.map((g) => ({ pieces: { ...g.pieces, volumeM3: g.pieces.volumeM3 * part } }));
  const { minutes, ovenMin, ovenC } = reheatPot(
    { ...contents, pot: SMALL_PAN, groups },
    Math.max(0.1, kg * (1 - MEAT_SHARE)),
    LOW_FLAME_W,
    toC,
  );
  const made: BoxReheating = {
    toC,
    microwaveW: MICROWAVE_W,
    microwaveMin: boxInMicrowaveMin(kg, MICROWAVE_W, toC),
    panMin: Number.isFinite(minutes) ? minutes : null,
    ovenMin: Number.isFinite(ovenMin) ? ovenMin : null,
    ovenC,
  };
  known.set(grams, made);
  return made;
}

/** Second meals that can be made from leftovers. */
export const SECOND_MEALS = ['pasta', 'pie', 'soup'] as const;
export type SecondMeal = (typeof SECOND_MEALS)[number];

interface MealRow {
  /** Leftovers and accompaniment (dry or raw) per eater, kg. */
  readonly restKg: number;
  readonly withKg: number;
  /** Liquid needed per eater in total, l; undefined where the leftovers are enough. */
  readonly liquidL?: number;
}

/** Practice. */
const MEALS: Readonly<Record<SecondMeal, MealRow>> = {
  pasta: { restKg: 0.15, withKg: 0.1, liquidL: 0.1 },
  pie: { restKg: 0.2, withKg: 0.25 },
  soup: { restKg: 0.13, withKg: 0.08, liquidL: 0.3 },
};

/** A second meal from leftovers: for how many, what goes with it, and what its sauce is then like. */
export interface SecondMealNow {
  readonly meal: SecondMeal;
  readonly eaters: number;
  readonly restKg: number;
  /** Pasta, potatoes or barley and vegetables, dry or raw, kg. */
  readonly withKg: number;
  /** Unsalted liquid to add, l. */
  readonly addL: number;
  /** The liquid with that added: volume, salt share, gelatin. */
  readonly litres: number;
  readonly saltShare: number;
  readonly gelatinGPerL: number;
  /** Salt missing to the tastes-seasoned level, g; 0 if none. */
  readonly saltG: number;
  /** Corn starch to thicken it again as wanted, g; 0 for soup. */
  readonly starchG: number;
}

/** Leftovers: in boxes as recorded; before any are stored, half of the braise is assumed. */
export interface Rest {
  readonly kg: number;
  readonly recorded: boolean;
  readonly meatKg: number;
  readonly sauce: Sauce;
}

/** Leftovers of a braise, with meat and sauce in the proportion they had in the pot. */
export function restOf(plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): Rest {
  const known = sauceNow(plan, state, live, nowMs);
  const all = { ...known.sauce, litres: known.aimL };
  const sauceKg = all.litres * WATER_KG_PER_L;
  const wholeKg = live.finished.cookedKg + sauceKg;
  const boxesKg = state.lots.reduce((sum, lot) => sum + ((lot.fridge + lot.freezer) * lot.grams) / 1000, 0);
  const recorded = state.lots.length > 0;
  const kg = recorded ? Math.min(boxesKg, wholeKg) : wholeKg / 2;
  const part = kg / wholeKg;
  return {
    kg,
    recorded,
    meatKg: live.finished.cookedKg * part,
    sauce: {
      litres: all.litres * part,
      saltG: all.saltG * part,
      gelatinG: all.gelatinG * part,
      starchG: all.starchG * part,
      fatL: all.fatL * part,
      solidsKg: all.solidsKg * part,
    },
  };
}

/** What to make of them: meals for which there is enough, for as many as they feed. */
export function secondMeals(plan: BegunPlan, rest: Rest): SecondMealNow[] {
  return SECOND_MEALS.flatMap((meal): SecondMealNow[] => {
    const { restKg, withKg, liquidL } = MEALS[meal];
    const eaters = Math.floor(rest.kg / restKg + 1e-9);
    if (eaters < 1) return [];
    const addL = liquidL === undefined ? 0 : Math.max(0, eaters * liquidL - rest.sauce.litres);
    const litres = rest.sauce.litres + addL;
    const mixed = { ...rest.sauce, litres };
    const { saltShare, gelatinGPerL } = shownAt(mixed, litres, SMALL_PAN);
    return [
      {
        meal,
        eaters,
        restKg: rest.kg,
        withKg: withKg * eaters,
        addL,
        litres,
        saltShare,
        gelatinGPerL,
        saltG: saltShare < SAUCE_SALT.low ? saltTo(mixed, SAUCE_SALT.aim) : 0,
        starchG: meal === 'soup' ? 0 : doseFor(mixed, plan.input.finish.rung, 'corn'),
      },
    ];
  });
}

/** Stock from bones removed in the kitchen. */
export interface BoneStock {
  readonly bonesKg: number;
  readonly waterL: number;
  readonly minutes: readonly [low: number, high: number];
  /** Stock obtained, l. */
  readonly litres: number;
}

/** Water on bones for a light stock, l/kg, the share left after a covered bare simmer, and how long. Practice. */
const BONE_WATER_L_KG = 1.5;
const BONE_STOCK_LEFT = 0.85;
const BONE_STOCK_MIN = [120, 180] as const;
/** Less bone than this makes no stock, kg. */
const MIN_BONES_KG = 0.15;

/** A second stock from the bones of a braise; undefined where there are too few. */
export function boneStock({ parts }: BegunPlan): BoneStock | undefined {
  const bonesKg = parts.reduce((sum, p) => sum + p.part.massKg * boneFraction(p.cut, p.part.onBone), 0);
  if (bonesKg < MIN_BONES_KG) return undefined;
  const waterL = bonesKg * BONE_WATER_L_KG;
  return { bonesKg, waterL, minutes: BONE_STOCK_MIN, litres: waterL * BONE_STOCK_LEFT };
}
