import { type Dietary } from './allergens';
import rows from './data/liquids.json';
import { dietaryTable, type Row } from './rows';
import { ownDietary, withOwn } from './withOwn';
import { customId } from '../custom';

export type LiquidKind = 'wine' | 'beer' | 'stock' | 'tomato' | 'water' | 'juice' | 'seasoning' | 'dairy';

/** Something poured into the pot. Grams per litre as poured. */
export interface Liquid extends Row, Dietary {
  readonly kind: LiquidKind;
  /** Alcohol by volume, 0 to 1. */
  readonly alcohol: number;
  readonly saltGPerL: number;
  readonly sugarGPerL: number;
  readonly gelatinGPerL: number;
  /** Acidic enough to slow down beans and to rule out aluminium and foil. */
  readonly acid: boolean;
  /** A substitute, with the factor on the volume and what changes. */
  readonly swaps: readonly {
    readonly id: string;
    readonly factor: number;
    /** Code of what changes. */
    readonly changes: string;
  }[];
}

export const LIQUIDS = dietaryTable<Liquid>(rows, {
  alcohol: 0,
  saltGPerL: 0,
  sugarGPerL: 0,
  gelatinGPerL: 0,
  acid: false,
  swaps: [],
});

const rowOf = withOwn('liquid', new Map<string, Liquid>(LIQUIDS.map((l) => [l.id, l])), (like, own): Liquid => ({
  ...like,
  ...ownDietary(like, own),
  id: customId(own),
  alcohol: own.alcohol === undefined ? like.alcohol : own.alcohol / 100,
  saltGPerL: own.salt ?? like.saltGPerL,
  sugarGPerL: own.sugar ?? like.sugarGPerL,
  swaps: [],
  source: 'custom',
  confidence: 'low',
}));

export function isLiquidId(id: string): boolean {
  return rowOf(id) !== undefined;
}

/** The liquid with this id. Throws `RangeError` for an unknown id. */
export function liquidById(id: string): Liquid {
  const found = rowOf(id);
  if (!found) throw new RangeError(`There is no liquid "${id}".`);
  return found;
}

/** Whether it can be reduced before the stock goes in. */
export function isReducible(liquid: Pick<Liquid, 'kind'>): boolean {
  return liquid.kind === 'wine' || liquid.kind === 'beer' || liquid.kind === 'juice';
}
