import { type Dietary, PLAIN } from './allergens';

export type LiquidKind = 'wine' | 'beer' | 'stock' | 'tomato' | 'water' | 'juice' | 'seasoning' | 'dairy';

/** Something poured into the pot. Grams per litre as poured. */
export interface Liquid extends Dietary {
  readonly id: string;
  readonly kind: LiquidKind;
  /** Alcohol by volume, 0 to 1. */
  readonly alcohol: number;
  readonly saltGPerL: number;
  readonly sugarGPerL: number;
  readonly gelatinGPerL: number;
  /** Sour enough to slow beans and to keep off aluminium and foil. */
  readonly acid: boolean;
  /** Does the same job, with the factor on the volume and what changes. */
  readonly swaps: readonly {
    readonly id: string;
    readonly factor: number;
    /** Code of what changes. */ readonly changes: string;
  }[];
  readonly source: string;
  readonly confidence: 'high' | 'medium' | 'low';
}

const LABELS = 'Rounded from what labels and food-composition tables usually say; read yours.';

const SULPHITES: Dietary = { brings: ['sulphites'], hidden: [] };
const BOTTLED_JUICE: Dietary = { brings: [], hidden: [{ avoided: 'sulphites', why: 'bottledJuice' }] };
const READY_STOCK: Dietary = {
  brings: ['celery'],
  hidden: [
    { avoided: 'gluten', why: 'boughtStockWheat' },
    { avoided: 'milk', why: 'boughtStockMilk' },
    { avoided: 'soy', why: 'boughtStockSoy' },
    { avoided: 'pork', why: 'boughtStockPork' },
    { avoided: 'beef', why: 'boughtStockBeef' },
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
const WITHOUT_WINE = [swap('stockUnsalted', 0.9, 'sourNoFruit'), swap('grapeJuice', 0.5, 'sweetHalf')];

export const LIQUIDS: readonly Liquid[] = [
  liquid({
    id: 'redWine',
    kind: 'wine',
    alcohol: 0.13,
    sugarGPerL: 3,
    acid: true,
    ...SULPHITES,
    swaps: [swap('darkAle', 1, 'maltyLessSour'), swap('whiteWine', 1, 'palerSharper'), ...WITHOUT_WINE],
  }),
  liquid({
    id: 'whiteWine',
    kind: 'wine',
    alcohol: 0.125,
    sugarGPerL: 4,
    acid: true,
    ...SULPHITES,
    swaps: [swap('cider', 1, 'rounderSweeter'), swap('redWine', 1, 'darkerGrip'), ...WITHOUT_WINE],
  }),
  liquid({
    id: 'fortifiedWine',
    kind: 'wine',
    alcohol: 0.18,
    sugarGPerL: 70,
    acid: true,
    ...SULPHITES,
    swaps: [swap('redWine', 1.5, 'drierSugar'), ...WITHOUT_WINE],
  }),
  liquid({
    id: 'riceWine',
    kind: 'wine',
    alcohol: 0.15,
    sugarGPerL: 10,
    brings: [],
    hidden: [{ avoided: 'gluten', why: 'riceWineWheat' }],
    swaps: [swap('whiteWine', 1, 'moreSour'), ...WITHOUT_WINE],
  }),
  liquid({
    id: 'stout',
    kind: 'beer',
    alcohol: 0.045,
    sugarGPerL: 18,
    brings: ['gluten'],
    hidden: [{ avoided: 'milk', why: 'milkStout' }],
    swaps: [swap('darkAle', 1, 'sweeterLessRoast'), swap('stockUnsalted', 0.9, 'addMalt')],
  }),
  liquid({
    id: 'darkAle',
    kind: 'beer',
    alcohol: 0.055,
    sugarGPerL: 15,
    brings: ['gluten'],
    swaps: [swap('stout', 1, 'roastier'), swap('redWine', 0.8, 'sharperNoMalt'), swap('stockUnsalted', 0.9, 'addMalt')],
  }),
  liquid({
    id: 'cider',
    kind: 'beer',
    alcohol: 0.05,
    sugarGPerL: 15,
    acid: true,
    ...SULPHITES,
    swaps: [swap('whiteWine', 0.8, 'drier'), swap('appleJuice', 0.6, 'sweetAndStock')],
  }),
  liquid({
    id: 'stockUnsalted',
    kind: 'stock',
    saltGPerL: 0.5,
    gelatinGPerL: 12,
    ...READY_STOCK,
    swaps: [swap('water', 1, 'cleanThinner'), swap('stockLowSalt', 1, 'bringsSalt')],
    confidence: 'low',
  }),
  liquid({
    id: 'stockLowSalt',
    kind: 'stock',
    saltGPerL: 2.5,
    gelatinGPerL: 3,
    ...READY_STOCK,
    swaps: [swap('stockUnsalted', 1, 'moreBody'), swap('water', 1, 'noSalt')],
  }),
  liquid({
    id: 'stockReady',
    kind: 'stock',
    saltGPerL: 7,
    gelatinGPerL: 2,
    ...READY_STOCK,
    swaps: [swap('stockLowSalt', 1, 'thirdOfSalt'), swap('water', 1, 'noSalt')],
  }),
  liquid({
    id: 'stockConcentrate',
    kind: 'stock',
    saltGPerL: 9,
    gelatinGPerL: 1,
    ...READY_STOCK,
    swaps: [swap('stockLowSalt', 1, 'quarterOfSalt'), swap('water', 1, 'noSalt')],
  }),
  liquid({
    id: 'passata',
    kind: 'tomato',
    saltGPerL: 1,
    sugarGPerL: 40,
    acid: true,
    swaps: [swap('cannedTomato', 1, 'inPieces')],
  }),
  liquid({
    id: 'cannedTomato',
    kind: 'tomato',
    saltGPerL: 5,
    sugarGPerL: 35,
    acid: true,
    swaps: [swap('passata', 1, 'smooth')],
  }),
  liquid({ id: 'water', kind: 'water', confidence: 'high' }),
  liquid({ id: 'orangeJuice', kind: 'juice', sugarGPerL: 90, acid: true }),
  liquid({ id: 'appleJuice', kind: 'juice', sugarGPerL: 105, acid: true, ...BOTTLED_JUICE }),
  liquid({ id: 'grapeJuice', kind: 'juice', sugarGPerL: 150, acid: true, ...BOTTLED_JUICE }),
  liquid({ id: 'lemonJuice', kind: 'juice', sugarGPerL: 25, acid: true, ...BOTTLED_JUICE }),
  liquid({ id: 'vinegar', kind: 'seasoning', acid: true, ...SULPHITES }),
  liquid({
    id: 'soySauce',
    kind: 'seasoning',
    saltGPerL: 160,
    sugarGPerL: 15,
    brings: ['soy', 'gluten'],
  }),
  liquid({
    id: 'fishSauce',
    kind: 'seasoning',
    saltGPerL: 240,
    brings: ['fish'],
    hidden: [
      { avoided: 'crustaceans', why: 'caughtTogether' },
      { avoided: 'molluscs', why: 'caughtTogether' },
    ],
  }),
  liquid({ id: 'milk', kind: 'dairy', sugarGPerL: 48, brings: ['milk'] }),
  liquid({
    id: 'coconutMilk',
    kind: 'dairy',
    sugarGPerL: 20,
    hidden: [{ avoided: 'sulphites', why: 'cannedCoconut' }],
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
