import { type Dietary, PLAIN } from './allergens';

/** What becomes of a vegetable: melts away, is eaten in bites, is strained out, or is picked out before serving. */
export const FATES = ['melt', 'bite', 'strained', 'picked'] as const;

export type Fate = (typeof FATES)[number];

export type GarnishKind = 'aromatic' | 'root' | 'mushroom' | 'pulse' | 'grain' | 'fruit' | 'seasoning' | 'cured';

/** Anything solid besides the meat. Shares of raw mass. */
export interface Garnish extends Dietary {
  readonly id: string;
  readonly kind: GarnishKind;
  /** Water given up (positive) or taken up (negative) when cooked through, kg per kg. */
  readonly waterShare: number;
  /** Time in which two thirds of that has happened above 75 °C, min. */
  readonly tauMin: number;
  readonly usualGPerKg: readonly [low: number, usual: number, high: number];
  readonly saltGPerKg: number;
  readonly sugarGPerKg: number;
  /** Cut size by fate, mm, 0 where it goes in as it comes; a fate left out does not suit it. */
  readonly cutMm: Partial<Readonly<Record<Fate, number>>>;
  /** Minutes in the fat before the next thing follows. */
  readonly pan: { readonly order: number; readonly minutes: number } | undefined;
  /** Minutes at a simmer until eaten in bites, if it goes in late; undefined where it goes in at the start. */
  readonly lateMinutes: number | undefined;
  /** Something of it that must come out or can choke. */
  readonly chokes: boolean;
  /** There is something to know about it. */
  readonly noted: boolean;
  readonly source: string;
  readonly confidence: 'medium' | 'low';
}

const JUDGED = 'Water given or taken: modeller’s judgement, ±30 %. Amounts: usual per kilogram of meat.';

type Row = Pick<Garnish, 'id' | 'kind' | 'waterShare' | 'tauMin' | 'usualGPerKg' | 'cutMm'> & Partial<Garnish>;

const garnish = (row: Row): Garnish => ({
  ...PLAIN,
  saltGPerKg: 0,
  sugarGPerKg: 0,
  pan: undefined,
  lateMinutes: undefined,
  chokes: false,
  noted: false,
  source: JUDGED,
  confidence: 'medium',
  ...row,
});

export const GARNISHES: readonly Garnish[] = [
  garnish({
    id: 'onion',
    kind: 'aromatic',
    waterShare: 0.35,
    tauMin: 25,
    usualGPerKg: [100, 200, 1000],
    sugarGPerKg: 45,
    cutMm: { melt: 4, bite: 20, strained: 25, picked: 60 },
    pan: { order: 1, minutes: 8 },
    noted: true,
  }),
  garnish({
    id: 'shallot',
    kind: 'aromatic',
    waterShare: 0.3,
    tauMin: 25,
    usualGPerKg: [80, 150, 300],
    sugarGPerKg: 79,
    cutMm: { melt: 4, bite: 30, picked: 40 },
    pan: { order: 1, minutes: 6 },
  }),
  garnish({
    id: 'leek',
    kind: 'aromatic',
    waterShare: 0.3,
    tauMin: 25,
    usualGPerKg: [80, 150, 400],
    sugarGPerKg: 35,
    cutMm: { melt: 5, bite: 25, strained: 30 },
    pan: { order: 1, minutes: 5 },
    noted: true,
  }),
  garnish({
    id: 'carrot',
    kind: 'aromatic',
    waterShare: 0.12,
    tauMin: 40,
    usualGPerKg: [60, 120, 350],
    sugarGPerKg: 48,
    cutMm: { melt: 4, bite: 25, strained: 25, picked: 60 },
    pan: { order: 2, minutes: 4 },
    lateMinutes: 45,
  }),
  garnish({
    id: 'celery',
    kind: 'aromatic',
    waterShare: 0.25,
    tauMin: 30,
    usualGPerKg: [40, 80, 200],
    sugarGPerKg: 13,
    brings: ['celery'],
    cutMm: { melt: 4, bite: 20, strained: 25, picked: 80 },
    pan: { order: 2, minutes: 4 },
  }),
  garnish({
    id: 'fennel',
    kind: 'aromatic',
    waterShare: 0.25,
    tauMin: 30,
    usualGPerKg: [80, 200, 400],
    sugarGPerKg: 39,
    cutMm: { melt: 5, bite: 30, strained: 30 },
    pan: { order: 2, minutes: 6 },
  }),
  garnish({
    id: 'pepper',
    kind: 'aromatic',
    waterShare: 0.3,
    tauMin: 25,
    usualGPerKg: [80, 200, 500],
    sugarGPerKg: 42,
    cutMm: { melt: 8, bite: 30 },
    pan: { order: 2, minutes: 5 },
  }),
  garnish({
    id: 'garlic',
    kind: 'aromatic',
    waterShare: 0.2,
    tauMin: 25,
    usualGPerKg: [5, 12, 60],
    cutMm: { melt: 2, bite: 15, picked: 20 },
    pan: { order: 4, minutes: 0.75 },
    noted: true,
  }),
  garnish({
    id: 'ginger',
    kind: 'aromatic',
    waterShare: 0.1,
    tauMin: 30,
    usualGPerKg: [5, 20, 60],
    cutMm: { melt: 2, picked: 4 },
    pan: { order: 4, minutes: 0.75 },
  }),
  garnish({
    id: 'chilli',
    kind: 'aromatic',
    waterShare: 0.2,
    tauMin: 25,
    usualGPerKg: [2, 8, 40],
    cutMm: { melt: 2, picked: 60 },
    pan: { order: 4, minutes: 0.75 },
    noted: true,
  }),
  garnish({
    id: 'freshTomato',
    kind: 'fruit',
    waterShare: 0.6,
    tauMin: 20,
    usualGPerKg: [100, 250, 600],
    sugarGPerKg: 26,
    cutMm: { melt: 20, bite: 40 },
  }),
  garnish({
    id: 'mushroom',
    kind: 'mushroom',
    waterShare: 0.45,
    tauMin: 12,
    usualGPerKg: [100, 250, 400],
    sugarGPerKg: 20,
    cutMm: { melt: 5, bite: 25 },
    pan: { order: 3, minutes: 7 },
    lateMinutes: 10,
    noted: true,
  }),
  garnish({
    id: 'potato',
    kind: 'root',
    waterShare: -0.03,
    tauMin: 30,
    usualGPerKg: [200, 500, 900],
    cutMm: { bite: 40 },
    lateMinutes: 45,
    noted: true,
  }),
  garnish({
    id: 'parsnip',
    kind: 'root',
    waterShare: 0.08,
    tauMin: 35,
    usualGPerKg: [100, 250, 500],
    sugarGPerKg: 48,
    cutMm: { bite: 35 },
    lateMinutes: 35,
  }),
  garnish({
    id: 'turnip',
    kind: 'root',
    waterShare: 0.15,
    tauMin: 35,
    usualGPerKg: [100, 250, 500],
    sugarGPerKg: 38,
    cutMm: { bite: 30 },
    lateMinutes: 45,
  }),
  garnish({
    id: 'celeriac',
    kind: 'root',
    waterShare: 0.1,
    tauMin: 35,
    usualGPerKg: [60, 150, 400],
    sugarGPerKg: 17,
    brings: ['celery'],
    cutMm: { melt: 6, bite: 30, strained: 30 },
    pan: { order: 2, minutes: 5 },
    lateMinutes: 40,
  }),
  garnish({
    id: 'greenBeans',
    kind: 'aromatic',
    waterShare: 0.1,
    tauMin: 20,
    usualGPerKg: [150, 300, 500],
    sugarGPerKg: 33,
    cutMm: { bite: 60 },
    lateMinutes: 25,
  }),
  garnish({
    id: 'lentils',
    kind: 'pulse',
    waterShare: -1.6,
    tauMin: 25,
    usualGPerKg: [120, 200, 300],
    cutMm: { bite: 0 },
    lateMinutes: 40,
    noted: true,
  }),
  garnish({
    id: 'beansSoaked',
    kind: 'pulse',
    waterShare: -0.25,
    tauMin: 45,
    usualGPerKg: [150, 300, 600],
    cutMm: { bite: 0 },
    lateMinutes: 90,
    noted: true,
  }),
  garnish({
    id: 'beansDry',
    kind: 'pulse',
    waterShare: -1.25,
    tauMin: 90,
    usualGPerKg: [100, 150, 300],
    cutMm: { bite: 0 },
    noted: true,
  }),
  garnish({
    id: 'rice',
    kind: 'grain',
    waterShare: -1.8,
    tauMin: 12,
    usualGPerKg: [80, 150, 250],
    cutMm: { bite: 0 },
    lateMinutes: 18,
  }),
  garnish({
    id: 'barley',
    kind: 'grain',
    waterShare: -2.6,
    tauMin: 30,
    usualGPerKg: [50, 100, 200],
    brings: ['gluten'],
    cutMm: { bite: 0 },
    lateMinutes: 45,
  }),
  garnish({
    id: 'prune',
    kind: 'fruit',
    waterShare: -0.3,
    tauMin: 25,
    usualGPerKg: [60, 120, 250],
    sugarGPerKg: 380,
    hidden: [{ avoided: 'sulphites', why: 'driedFruit' }],
    cutMm: { bite: 0, melt: 8 },
    lateMinutes: 40,
    chokes: true,
  }),
  garnish({
    id: 'apricot',
    kind: 'fruit',
    waterShare: -0.4,
    tauMin: 25,
    usualGPerKg: [60, 120, 250],
    sugarGPerKg: 530,
    brings: ['sulphites'],
    cutMm: { bite: 0, melt: 8 },
    lateMinutes: 40,
  }),
  garnish({
    id: 'olives',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [40, 80, 150],
    saltGPerKg: 39,
    hidden: [{ avoided: 'sulphites', why: 'brined' }],
    cutMm: { bite: 0 },
    lateMinutes: 20,
    chokes: true,
  }),
  garnish({
    id: 'capers',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [5, 15, 40],
    saltGPerKg: 50,
    cutMm: { bite: 0 },
    lateMinutes: 5,
  }),
  garnish({
    id: 'anchovy',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [5, 12, 30],
    saltGPerKg: 120,
    brings: ['fish'],
    hidden: [
      { avoided: 'crustaceans', why: 'caughtTogether' },
      { avoided: 'molluscs', why: 'caughtTogether' },
    ],
    cutMm: { melt: 0 },
    pan: { order: 5, minutes: 0.5 },
  }),
  garnish({
    id: 'preservedLemon',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [15, 35, 70],
    saltGPerKg: 90,
    cutMm: { bite: 6 },
    lateMinutes: 30,
    chokes: true,
  }),
  garnish({
    id: 'mustard',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [15, 30, 80],
    saltGPerKg: 50,
    brings: ['mustard'],
    hidden: [{ avoided: 'sulphites', why: 'mustardSulphites' }],
    cutMm: { melt: 0 },
  }),
  garnish({
    id: 'sugar',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [5, 20, 60],
    sugarGPerKg: 1000,
    cutMm: { melt: 0 },
  }),
  garnish({
    id: 'honey',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [5, 20, 60],
    sugarGPerKg: 820,
    cutMm: { melt: 0 },
  }),
  garnish({
    id: 'curedPork',
    kind: 'cured',
    waterShare: 0.2,
    tauMin: 25,
    usualGPerKg: [50, 100, 200],
    saltGPerKg: 28,
    brings: ['pork'],
    cutMm: { bite: 8, picked: 40 },
    pan: { order: 0, minutes: 7 },
    noted: true,
  }),
];

const BY_ID = new Map(GARNISHES.map((g) => [g.id, g]));

export function isGarnishId(id: string): boolean {
  return BY_ID.has(id);
}

/** The garnish of that id. Throws `RangeError` when there is none. */
export function garnishById(id: string): Garnish {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`There is no vegetable or garnish "${id}".`);
  return found;
}

/** Edge to cut `garnish` to, mm; undefined where it goes in as it comes, or the fate does not suit it. */
export function cutSize(garnish: Garnish, fate: Fate): number | undefined {
  const mm = garnish.cutMm[fate];
  return mm === 0 ? undefined : mm;
}
