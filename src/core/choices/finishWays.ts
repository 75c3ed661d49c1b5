/** How thick a sauce runs in the mouth: five rungs. */
export const THICKNESS_LEVELS = ['runs', 'light', 'coats', 'gravy', 'stands'] as const;
export type Thickness = (typeof THICKNESS_LEVELS)[number];

/** What becomes of the vegetables the sauce was made with. */
export const SOLIDS_WAYS = ['leave', 'lift', 'strain', 'press', 'blend'] as const;
export type SolidsMethod = (typeof SOLIDS_WAYS)[number];

/** What becomes of the meat before it is plated. */
export const MEAT_ENDS = ['whole', 'boned', 'shred', 'melt'] as const;
export type MeatEnd = (typeof MEAT_ENDS)[number];

/** What a sauce is thickened with at the end. */
export const END_THICKENERS = [
  'corn',
  'potatoStarch',
  'arrowroot',
  'tapioca',
  'riceFlour',
  'flourWhite',
  'flourBlond',
  'kneaded',
] as const;
export type EndThickener = (typeof END_THICKENERS)[number];

/** What is stirred in off the heat. */
export const ENRICHINGS = ['none', 'butter', 'cream', 'sourCream'] as const;
export type Enriching = (typeof ENRICHINGS)[number];

/** What it is tossed with. */
export const TOSSED = ['none', 'pasta', 'grains'] as const;
export type Tossed = (typeof TOSSED)[number];

/** How fat is lifted off. */
export const FAT_WAYS = ['spoon', 'tilt', 'ice', 'paper', 'jug', 'chill', 'leave'] as const;
export type SkimMethod = (typeof FAT_WAYS)[number];
