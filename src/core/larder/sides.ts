import { type Dietary } from './allergens';
import rows from './data/sides.json';
import { dietaryTable, type Row } from './rows';

/** One stretch of making a side dish. */
export interface SideStep {
  readonly id: 'ready' | 'cook' | 'last';
  readonly place: 'board' | 'burner' | 'oven';
  /** Hands-on for all of it, none of it, or now and then (one minute in five). */
  readonly hands: 'all' | 'none' | 'now and then';
  readonly baseMin: number;
  readonly perEaterMin: number;
  /** Can be interrupted and resumed. */
  readonly splits: boolean;
}

/** A side dish. Raw or dry weights. */
export interface Side extends Row, Dietary {
  readonly gramsPerEater: number;
  /** Cooking water, litres per kilogram; 0 if none. */
  readonly waterLPerKg: number;
  readonly saltGPerL: number;
  /** Cooking water kept for the sauce, l per eater. */
  readonly keepBackLPerEater: number;
  /** How long it is at its best when done, min. */
  readonly waitsMin: number;
  readonly steps: readonly SideStep[];
}

const USUAL_STEP = { perEaterMin: 0, splits: false };

export const SIDES = dietaryTable<Side>(
  rows.map((row) => ({ ...row, steps: row.steps.map((step) => ({ ...USUAL_STEP, ...step })) })),
  { waterLPerKg: 0, saltGPerL: 0, keepBackLPerEater: 0 },
);

export function isSideId(id: string): boolean {
  return SIDES.some((s) => s.id === id);
}

/** The side with this id. Throws `RangeError` for an unknown id. */
export function sideById(id: string): Side {
  const found = SIDES.find((s) => s.id === id);
  if (!found) throw new RangeError(`There is no side dish "${id}".`);
  return found;
}

/** What a side needs for this many servings: kg, litres of water, grams of salt, litres of water to keep. */
export function sideAmounts(
  side: Side,
  eaters: number,
): { readonly kg: number; readonly waterL: number; readonly saltG: number; readonly keepBackL: number } {
  const kg = (side.gramsPerEater * eaters) / 1000;
  const waterL = side.waterLPerKg * kg;
  return { kg, waterL, saltG: waterL * side.saltGPerL, keepBackL: side.keepBackLPerEater * eaters };
}
