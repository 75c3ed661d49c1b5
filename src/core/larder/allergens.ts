/**
 * The fourteen allergens that must be declared on food in the European Union (regulation 1169/2011, annex II), in its
 * order.
 */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'eggs',
  'fish',
  'peanuts',
  'soy',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;

export type Allergen = (typeof ALLERGENS)[number];

/** Things diners do not eat, besides allergens. */
export const DIETS = ['alcohol', 'pork', 'beef', 'milkWithMeat'] as const;

export type Diet = (typeof DIETS)[number];

export type Avoided = Allergen | Diet;

export const AVOIDABLE: readonly Avoided[] = [...ALLERGENS, ...DIETS];

/** How a bought product may contain something its name does not say. */
export interface HiddenSource {
  readonly avoided: Avoided;
  /** Code of the reason. */
  readonly why: string;
}

/** What everything that goes into the pot says about who cannot eat it. */
export interface Dietary {
  /** What it certainly contains. */
  readonly brings: readonly Avoided[];
  readonly hidden: readonly HiddenSource[];
}
