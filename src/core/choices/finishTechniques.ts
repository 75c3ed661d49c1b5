import { type Avoided } from '../larder';

/** Five levels of sauce thickness. */
export const THICKNESS_LEVELS = ['runs', 'light', 'coats', 'gravy', 'stands'] as const;
export type Thickness = (typeof THICKNESS_LEVELS)[number];

/** What happens to the vegetables the sauce was cooked with. */
export const SOLIDS_WAYS = ['leave', 'lift', 'strain', 'press', 'blend'] as const;
export type SolidsMethod = (typeof SOLIDS_WAYS)[number];

/** What happens to the meat before it is plated. */
export const MEAT_ENDS = ['whole', 'boned', 'shred', 'melt'] as const;
export type MeatEnd = (typeof MEAT_ENDS)[number];

/** Thickeners for the end, with the allergens they bring. */
export const THICKENER_ALLERGENS = {
  corn: [],
  potatoStarch: [],
  arrowroot: [],
  tapioca: [],
  riceFlour: [],
  flourWhite: ['gluten'],
  flourBlond: ['gluten', 'milk'],
  kneaded: ['gluten', 'milk'],
} as const satisfies Record<string, readonly Avoided[]>;
export type EndThickener = keyof typeof THICKENER_ALLERGENS;
export const END_THICKENERS = Object.keys(THICKENER_ALLERGENS) as [EndThickener, ...EndThickener[]];

/**
 * What is stirred in off the heat: amount per serving, kg or litres, and the allergens it brings. Amounts are estimates.
 */
export const ENRICHMENTS = {
  butter: { perServing: 0.01, unit: 'mass', brings: ['milk'] },
  cream: { perServing: 0.03, unit: 'volume', brings: ['milk'] },
  sourCream: { perServing: 0.025, unit: 'volume', brings: ['milk'] },
} as const satisfies Record<
  string,
  { readonly perServing: number; readonly unit: 'mass' | 'volume'; readonly brings: readonly Avoided[] }
>;
export type Enrichment = keyof typeof ENRICHMENTS;

export const ENRICHINGS = ['none', ...(Object.keys(ENRICHMENTS) as Enrichment[])] as const;
export type Enriching = 'none' | Enrichment;

/** What it is tossed with. */
export const TOSSED = ['none', 'pasta', 'grains'] as const;
export type Tossed = (typeof TOSSED)[number];

/** How fat is skimmed. */
export const FAT_WAYS = ['spoon', 'tilt', 'ice', 'paper', 'jug', 'chill', 'leave'] as const;
export type SkimMethod = (typeof FAT_WAYS)[number];
