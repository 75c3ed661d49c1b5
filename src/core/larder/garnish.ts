import { type Dietary } from './allergens';
import rows from './data/garnishes.json';
import { dietaryTable, type Row } from './rows';
import { ownDietary, withOwn } from './withOwn';
import { customId } from '../custom';

/** What becomes of a vegetable: it melts away, is eaten in pieces, is strained out, or is removed before serving. */
export const FATES = ['melt', 'bite', 'strained', 'picked'] as const;

export type Fate = (typeof FATES)[number];

export type GarnishKind =
  'aromatic' | 'root' | 'vegetable' | 'leaf' | 'mushroom' | 'pulse' | 'grain' | 'fruit' | 'nut' | 'seasoning' | 'cured';

/** Any solid other than meat. Shares of raw mass. */
export interface Garnish extends Row, Dietary {
  readonly kind: GarnishKind;
  /** Water released (positive) or absorbed (negative) when cooked through, kg per kg. */
  readonly waterShare: number;
  /** Time constant of that above 75 °C, min. */
  readonly tauMin: number;
  readonly usualGPerKg: readonly [low: number, usual: number, high: number];
  readonly saltGPerKg: number;
  readonly sugarGPerKg: number;
  /** Cut size by purpose, mm, 0 if it goes in whole; a missing purpose does not suit it. */
  readonly cutMm: Partial<Readonly<Record<Fate, number>>>;
  /** Minutes in the fat before the next item follows. */
  readonly pan: { readonly order: number; readonly minutes: number } | undefined;
  /** Minutes at a simmer until ready to eat in pieces, if it goes in late; undefined if it goes in at the start. */
  readonly lateMinutes: number | undefined;
  /** It has a part that must be removed or can choke. */
  readonly chokes: boolean;
  /** There is a note about it. */
  readonly noted: boolean;
}

export const GARNISHES = dietaryTable<Garnish>(rows, {
  saltGPerKg: 0,
  sugarGPerKg: 0,
  pan: undefined,
  lateMinutes: undefined,
  chokes: false,
  noted: false,
});

const rowOf = withOwn('garnish', new Map<string, Garnish>(GARNISHES.map((g) => [g.id, g])), (like, own): Garnish => ({
  ...like,
  ...ownDietary(like, own),
  id: customId(own),
  waterShare: own.water === undefined ? like.waterShare : own.water / 100,
  saltGPerKg: own.salt ?? like.saltGPerKg,
  sugarGPerKg: own.sugar ?? like.sugarGPerKg,
  noted: false,
  chokes: false,
  source: 'custom',
  confidence: 'low',
}));

export function isGarnishId(id: string): boolean {
  return rowOf(id) !== undefined;
}

/** The garnish with this id. Throws `RangeError` for an unknown id. */
export function garnishById(id: string): Garnish {
  const found = rowOf(id);
  if (!found) throw new RangeError(`There is no vegetable or garnish "${id}".`);
  return found;
}

/** Edge to cut `garnish` to, mm; undefined if it goes in whole or the purpose does not suit it. */
export function cutSize(garnish: Garnish, fate: Fate): number | undefined {
  const mm = garnish.cutMm[fate];
  return mm === 0 ? undefined : mm;
}
