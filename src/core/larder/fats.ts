import { type Dietary, PLAIN } from './allergens';

/** A fat to sear in. */
export interface Fat extends Dietary {
  readonly id: string;
  /** Where it begins to smoke, °C; batches differ by 10 K and more. */
  readonly smokeC: number;
}

const row = (id: string, smokeC: number, dietary: Dietary = PLAIN): Fat => ({
  id,
  smokeC,
  ...dietary,
});

const MILK: Dietary = { brings: ['milk'], hidden: [] };

/** Smoke points as usually tabulated; fresh and clean. Used fat and unfiltered oils smoke sooner. */
export const FATS: readonly Fat[] = [
  row('neutral', 225, {
    brings: [],
    hidden: [
      { avoided: 'peanuts', why: 'oilPeanut' },
      { avoided: 'soy', why: 'oilSoy' },
    ],
  }),
  row('olive', 195),
  row('clarified', 240, MILK),
  row('butterAndOil', 160, MILK),
  row('butter', 160, MILK),
  row('lard', 190, { ...PLAIN, brings: ['pork'] }),
  row('dripping', 205, { ...PLAIN, brings: ['beef'] }),
  row('duckFat', 190),
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
