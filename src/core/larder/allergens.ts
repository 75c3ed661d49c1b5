/** Allergens that can get into a braise, by the names food labels use. */
export const ALLERGENS = ['gluten', 'milk', 'fish', 'soy', 'celery', 'mustard', 'nuts', 'sesame', 'sulphites'] as const;

export type Allergen = (typeof ALLERGENS)[number];

export const ALLERGEN_NAMES: Readonly<Record<Allergen, string>> = {
  gluten: 'gluten (wheat, barley)',
  milk: 'milk',
  fish: 'fish',
  soy: 'soy',
  celery: 'celery',
  mustard: 'mustard',
  nuts: 'nuts',
  sesame: 'sesame',
  sulphites: 'sulphites',
};

/** What somebody at the table does not eat, besides allergens. */
export const DIETS = ['alcohol', 'pork', 'beef', 'milkWithMeat'] as const;

export type Diet = (typeof DIETS)[number];

export const DIET_NAMES: Readonly<Record<Diet, string>> = {
  alcohol: 'alcohol',
  pork: 'pork',
  beef: 'beef and veal',
  milkWithMeat: 'milk together with meat',
};

export type Avoided = Allergen | Diet;

export const AVOIDABLE: readonly Avoided[] = [...ALLERGENS, ...DIETS];

/** How a bought product may carry something its name does not say. */
export interface HiddenSource {
  readonly avoided: Avoided;
  readonly why: string;
}

/** What everything that goes into the pot says about who cannot eat it. */
export interface Dietary {
  readonly allergens: readonly Allergen[];
  readonly hidden: readonly HiddenSource[];
}

export const PLAIN: Dietary = { allergens: [], hidden: [] };
