import { type Dietary } from './allergens';
import rows from './data/fats.json';
import { dietaryTable, type Row } from './rows';

/** A fat to sear in. */
export interface Fat extends Row, Dietary {
  /** Where it starts to smoke, °C; batches differ by 10 K and more. */
  readonly smokeC: number;
}

export const FATS = dietaryTable<Fat>(rows);

export function isFatId(id: string): boolean {
  return FATS.some((f) => f.id === id);
}

/** The fat with this id. Throws `RangeError` for an unknown id. */
export function fatById(id: string): Fat {
  const found = FATS.find((f) => f.id === id);
  if (!found) throw new RangeError(`There is no fat "${id}".`);
  return found;
}
