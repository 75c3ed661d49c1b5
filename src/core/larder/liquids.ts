import { type Dietary, PLAIN } from './allergens';

export type LiquidKind = 'wine' | 'beer' | 'stock' | 'tomato' | 'water' | 'juice' | 'seasoning' | 'dairy';

/** Something poured into the pot. Grams per litre as poured. */
export interface Liquid extends Dietary {
  readonly id: string;
  readonly name: string;
  readonly kind: LiquidKind;
  /** Alcohol by volume, 0 to 1. */
  readonly alcohol: number;
  readonly saltGPerL: number;
  readonly sugarGPerL: number;
  readonly gelatinGPerL: number;
  /** Sour enough to slow beans and to keep off aluminium and foil. */
  readonly acid: boolean;
  /** Does the same job, with the factor on the volume and what changes. */
  readonly swaps: readonly { readonly id: string; readonly factor: number; readonly changes: string }[];
  readonly source: string;
  readonly confidence: 'high' | 'medium' | 'low';
}

const LABELS = 'Rounded from what labels and food-composition tables usually say; read yours.';

const SULPHITES: Dietary = { allergens: ['sulphites'], hidden: [] };
const READY_STOCK: Dietary = {
  allergens: ['celery'],
  hidden: [
    { avoided: 'gluten', why: 'bought stock is often thickened or flavoured with wheat' },
    { avoided: 'milk', why: 'some bought stocks hold milk sugar' },
    { avoided: 'soy', why: 'some bought stocks are seasoned with soy' },
    { avoided: 'pork', why: 'gelatin and fat in bought stock may be pork' },
    { avoided: 'beef', why: 'stock sold as meat stock is mostly beef' },
  ],
};

type Row = Omit<
  Liquid,
  'source' | 'confidence' | keyof Dietary | 'sugarGPerL' | 'saltGPerL' | 'gelatinGPerL' | 'acid' | 'alcohol' | 'swaps'
> &
  Partial<Liquid>;

const liquid = (row: Row): Liquid => ({
  ...PLAIN,
  alcohol: 0,
  saltGPerL: 0,
  sugarGPerL: 0,
  gelatinGPerL: 0,
  acid: false,
  swaps: [],
  source: LABELS,
  confidence: 'medium',
  ...row,
});

const swap = (id: string, factor: number, changes: string) => ({ id, factor, changes });
const WITHOUT_WINE = [
  swap('stockUnsalted', 0.9, 'plus a spoonful of vinegar per 250 ml: sour without the fruit'),
  swap('grapeJuice', 0.5, 'sweet: use half, the rest stock, and a spoonful of vinegar'),
];

export const LIQUIDS: readonly Liquid[] = [
  liquid({
    id: 'redWine',
    name: 'Red wine',
    kind: 'wine',
    alcohol: 0.13,
    sugarGPerL: 3,
    acid: true,
    ...SULPHITES,
    swaps: [
      swap('darkAle', 1, 'malty and a little bitter, less sour'),
      swap('whiteWine', 1, 'paler and sharper'),
      ...WITHOUT_WINE,
    ],
  }),
  liquid({
    id: 'whiteWine',
    name: 'Dry white wine',
    kind: 'wine',
    alcohol: 0.125,
    sugarGPerL: 4,
    acid: true,
    ...SULPHITES,
    swaps: [swap('cider', 1, 'rounder and sweeter'), swap('redWine', 1, 'darker, more grip'), ...WITHOUT_WINE],
  }),
  liquid({
    id: 'fortifiedWine',
    name: 'Fortified wine',
    kind: 'wine',
    alcohol: 0.18,
    sugarGPerL: 70,
    acid: true,
    ...SULPHITES,
    swaps: [swap('redWine', 1.5, 'drier; a teaspoon of sugar per 100 ml'), ...WITHOUT_WINE],
  }),
  liquid({
    id: 'riceWine',
    name: 'Rice wine',
    kind: 'wine',
    alcohol: 0.15,
    sugarGPerL: 10,
    allergens: [],
    hidden: [{ avoided: 'gluten', why: 'some rice wines are started with wheat' }],
    swaps: [swap('whiteWine', 1, 'more sour'), ...WITHOUT_WINE],
  }),
  liquid({
    id: 'stout',
    name: 'Stout',
    kind: 'beer',
    alcohol: 0.045,
    sugarGPerL: 18,
    allergens: ['gluten'],
    swaps: [
      swap('darkAle', 1, 'sweeter, less roast'),
      swap('stockUnsalted', 0.9, 'plus a spoonful of malt or brown sugar'),
    ],
  }),
  liquid({
    id: 'darkAle',
    name: 'Dark ale',
    kind: 'beer',
    alcohol: 0.055,
    sugarGPerL: 15,
    allergens: ['gluten'],
    swaps: [
      swap('stout', 1, 'roastier and more bitter'),
      swap('redWine', 0.8, 'sharper, no malt'),
      swap('stockUnsalted', 0.9, 'plus a spoonful of malt or brown sugar'),
    ],
  }),
  liquid({
    id: 'cider',
    name: 'Dry cider',
    kind: 'beer',
    alcohol: 0.05,
    sugarGPerL: 15,
    acid: true,
    ...SULPHITES,
    swaps: [
      swap('whiteWine', 0.8, 'drier'),
      swap('appleJuice', 0.6, 'sweet: the rest stock and a spoonful of vinegar'),
    ],
  }),
  liquid({
    id: 'stockUnsalted',
    name: 'Stock, unsalted',
    kind: 'stock',
    saltGPerL: 0.5,
    gelatinGPerL: 12,
    swaps: [
      swap('water', 1, 'clean and thinner; the meat makes its own stock'),
      swap('stockLowSalt', 1, 'brings salt: season less'),
    ],
    confidence: 'low',
  }),
  liquid({
    id: 'stockLowSalt',
    name: 'Stock, bought, low salt',
    kind: 'stock',
    saltGPerL: 2.5,
    gelatinGPerL: 3,
    ...READY_STOCK,
    swaps: [swap('stockUnsalted', 1, 'more body, hardly any salt'), swap('water', 1, 'no salt, thinner')],
  }),
  liquid({
    id: 'stockReady',
    name: 'Stock, bought',
    kind: 'stock',
    saltGPerL: 7,
    gelatinGPerL: 2,
    ...READY_STOCK,
    swaps: [swap('stockLowSalt', 1, 'a third of the salt'), swap('water', 1, 'no salt, thinner')],
  }),
  liquid({
    id: 'stockConcentrate',
    name: 'Stock from a cube or paste, made up',
    kind: 'stock',
    saltGPerL: 9,
    gelatinGPerL: 1,
    ...READY_STOCK,
    swaps: [swap('stockLowSalt', 1, 'a quarter of the salt'), swap('water', 1, 'no salt, thinner')],
  }),
  liquid({
    id: 'passata',
    name: 'Sieved tomatoes',
    kind: 'tomato',
    saltGPerL: 1,
    sugarGPerL: 40,
    acid: true,
    swaps: [swap('cannedTomato', 1, 'in pieces, a little more water')],
  }),
  liquid({
    id: 'cannedTomato',
    name: 'Canned tomatoes',
    kind: 'tomato',
    saltGPerL: 1,
    sugarGPerL: 35,
    acid: true,
    swaps: [swap('passata', 1, 'smooth')],
  }),
  liquid({ id: 'water', name: 'Water', kind: 'water', confidence: 'high' }),
  liquid({ id: 'orangeJuice', name: 'Orange juice', kind: 'juice', sugarGPerL: 90, acid: true }),
  liquid({ id: 'appleJuice', name: 'Apple juice', kind: 'juice', sugarGPerL: 105, acid: true, ...SULPHITES }),
  liquid({ id: 'grapeJuice', name: 'Red grape juice', kind: 'juice', sugarGPerL: 150, acid: true }),
  liquid({ id: 'lemonJuice', name: 'Lemon juice', kind: 'juice', sugarGPerL: 25, acid: true }),
  liquid({ id: 'vinegar', name: 'Wine vinegar', kind: 'seasoning', acid: true, ...SULPHITES }),
  liquid({
    id: 'soySauce',
    name: 'Soy sauce',
    kind: 'seasoning',
    saltGPerL: 160,
    sugarGPerL: 15,
    allergens: ['soy', 'gluten'],
  }),
  liquid({ id: 'fishSauce', name: 'Fish sauce', kind: 'seasoning', saltGPerL: 240, allergens: ['fish'] }),
  liquid({ id: 'milk', name: 'Milk', kind: 'dairy', sugarGPerL: 48, allergens: ['milk'] }),
  liquid({
    id: 'coconutMilk',
    name: 'Coconut milk',
    kind: 'dairy',
    sugarGPerL: 20,
    hidden: [{ avoided: 'sulphites', why: 'some canned coconut milk is kept white with them' }],
  }),
];

const BY_ID = new Map(LIQUIDS.map((l) => [l.id, l]));

export function isLiquidId(id: string): boolean {
  return BY_ID.has(id);
}

/** The liquid of that id. Throws `RangeError` when there is none. */
export function liquidById(id: string): Liquid {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`There is no liquid "${id}".`);
  return found;
}

/** Whether it can be boiled down before the stock goes in. */
export function isReducible(liquid: Liquid): boolean {
  return liquid.kind === 'wine' || liquid.kind === 'beer' || liquid.kind === 'juice';
}
