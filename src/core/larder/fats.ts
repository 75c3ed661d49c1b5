import { type Dietary, PLAIN } from './allergens';

/** A fat to sear in. */
export interface Fat extends Dietary {
  readonly id: string;
  readonly name: string;
  /** Where it begins to smoke, °C; batches differ by 10 K and more. */
  readonly smokeC: number;
  readonly why: string;
}

const row = (id: string, name: string, smokeC: number, why: string, dietary: Dietary = PLAIN): Fat => ({
  id,
  name,
  smokeC,
  why,
  ...dietary,
});

const MILK: Dietary = { allergens: ['milk'], hidden: [] };

/** Smoke points as usually tabulated; fresh and clean. Used fat and unfiltered oils smoke sooner. */
export const FATS: readonly Fat[] = [
  row('neutral', 'Neutral oil', 225, 'takes the heat, tastes of nothing'),
  row('olive', 'Olive oil', 195, 'flavour; wants a slightly cooler pan'),
  row('clarified', 'Clarified butter', 240, 'butter’s flavour without what burns', MILK),
  row('butterAndOil', 'Butter with oil', 175, 'colour and flavour; oil does not stop the butter burning', MILK),
  row('butter', 'Butter', 160, 'burns before meat browns well', MILK),
  row('lard', 'Lard', 190, 'pork’s own', { allergens: [], hidden: [{ avoided: 'pork', why: 'it is pork fat' }] }),
  row('dripping', 'Beef dripping', 205, 'beefy', {
    allergens: [],
    hidden: [{ avoided: 'beef', why: 'it is beef fat' }],
  }),
  row('duckFat', 'Duck fat', 190, 'for duck and pork'),
];

export function isFatId(id: string): boolean {
  return FATS.some((f) => f.id === id);
}

/** The fat of that id. Throws `RangeError` when there is none. */
export function fatById(id: string): Fat {
  const found = FATS.find((f) => f.id === id);
  if (!found) throw new RangeError(`There is no fat "${id}".`);
  return found;
}
