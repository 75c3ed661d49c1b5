import { DAY_MS } from '../quantity';
import { FREEZER_MONTHS, type SafetyLimits } from '../safety';

/** Where boxes are put. */
export const STORE_PLACES = ['fridge', 'freezer'] as const;
export type StorePlace = (typeof STORE_PLACES)[number];
/** What becomes of a box. */
export const BOX_OUTCOMES = ['eaten', 'thrown', 'frozen', 'thawed'] as const;
export type BoxOutcome = (typeof BOX_OUTCOMES)[number];

/** Boxes of one braise that were put away together, as they now are. */
export interface StoredBatch {
  /** Of the record that put them away. */
  readonly id: string;
  readonly storedMs: number;
  readonly grams: number;
  readonly fridge: number;
  readonly freezer: number;
  /** Until when those in the fridge are to be eaten, and those in the freezer for taste. */
  readonly eatByMs: number;
  readonly freezerByMs: number;
}

const MONTH_MS = 30 * DAY_MS;
/** Thawed it is eaten within a day. */
const THAWED_LIFE_MS = DAY_MS;

/** Boxes just put away; the days count from when it was cooked or served. */
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
    eatByMs: cookedMs + fridgeDays * DAY_MS,
    freezerByMs: storedMs + FREEZER_MONTHS * MONTH_MS,
  };
}

/** From which of the two places boxes of a fate come. */
const FROM: Readonly<Record<BoxOutcome, (lot: StoredBatch) => 'fridge' | 'freezer'>> = {
  eaten: (lot) => (lot.fridge > 0 ? 'fridge' : 'freezer'),
  thrown: (lot) => (lot.fridge > 0 ? 'fridge' : 'freezer'),
  frozen: () => 'fridge',
  thawed: () => 'freezer',
};

/** A lot after something became of some of its boxes; undefined where there are not so many. */
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
      return { ...left, fridge: lot.fridge + count, eatByMs: atMs + THAWED_LIFE_MS };
    default:
      return left;
  }
}
