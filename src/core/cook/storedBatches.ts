import { DAY_MS } from '../quantity';
import { FREEZER_MONTHS, type SafetyLimits } from '../safety';

/** Where boxes are stored. */
export const STORE_PLACES = ['fridge', 'freezer'] as const;
export type StorePlace = (typeof STORE_PLACES)[number];
/** What becomes of a box. */
export const BOX_OUTCOMES = ['eaten', 'thrown', 'frozen', 'thawed'] as const;
export type BoxOutcome = (typeof BOX_OUTCOMES)[number];

/** Boxes of one braise stored together, as they are now. */
export interface StoredBatch {
  /** Id of the record that stored them. */
  readonly id: string;
  readonly storedMs: number;
  readonly grams: number;
  readonly fridge: number;
  readonly freezer: number;
  /** Use-by (fridge) and best-before (freezer). */
  readonly useByMs: number;
  readonly freezerByMs: number;
}

const MONTH_MS = 30 * DAY_MS;
/** Once thawed it is eaten within a day. */
const THAWED_LIFE_MS = DAY_MS;

/** Newly stored boxes; days count from when it was cooked or served. */
export function newStoredBatch(
  id: string,
  stored: { readonly boxes: number; readonly grams: number; readonly place: StorePlace },
  storedMs: number,
  cookedMs: number,
  { fridgeDays }: Pick<SafetyLimits, 'fridgeDays'>,
): StoredBatch {
  const cold = stored.place === 'fridge';
  return {
    id,
    storedMs,
    grams: stored.grams,
    fridge: cold ? stored.boxes : 0,
    freezer: cold ? 0 : stored.boxes,
    useByMs: cookedMs + fridgeDays * DAY_MS,
    freezerByMs: storedMs + FREEZER_MONTHS * MONTH_MS,
  };
}

/** The place boxes come from for an outcome. */
const FROM: Readonly<Record<BoxOutcome, (lot: StoredBatch) => 'fridge' | 'freezer'>> = {
  eaten: (lot) => (lot.fridge > 0 ? 'fridge' : 'freezer'),
  thrown: (lot) => (lot.fridge > 0 ? 'fridge' : 'freezer'),
  frozen: () => 'fridge',
  thawed: () => 'freezer',
};

/** A batch after an outcome of some of its boxes; undefined if there are not that many. */
export function applyBoxOutcome(
  lot: StoredBatch,
  fate: BoxOutcome,
  count: number,
  atMs: number,
): StoredBatch | undefined {
  const from = FROM[fate](lot);
  if (count < 1 || lot[from] < count) return undefined;
  const left = { ...lot, [from]: lot[from] - count };
  switch (fate) {
    case 'frozen':
      return { ...left, freezer: lot.freezer + count, freezerByMs: atMs + FREEZER_MONTHS * MONTH_MS };
    case 'thawed':
      return { ...left, fridge: lot.fridge + count, useByMs: atMs + THAWED_LIFE_MS };
    default:
      return left;
  }
}
