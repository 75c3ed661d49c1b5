import { type Dietary, PLAIN } from './allergens';

/** What becomes of a vegetable: melts away, is eaten in bites, is strained out, or is picked out before serving. */
export const FATES = ['melt', 'bite', 'strained', 'picked'] as const;

export type Fate = (typeof FATES)[number];

export const FATE_WORDS: Readonly<Record<Fate, string>> = {
  melt: 'melts in',
  bite: 'eaten in bites',
  strained: 'strained out',
  picked: 'picked out',
};

export type GarnishKind = 'aromatic' | 'root' | 'mushroom' | 'pulse' | 'grain' | 'fruit' | 'seasoning' | 'cured';

/** Anything solid besides the meat. Shares of raw mass. */
export interface Garnish extends Dietary {
  readonly id: string;
  readonly name: string;
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
  /** Minutes in the fat before the next thing follows, and what to stop at. */
  readonly pan: { readonly order: number; readonly minutes: number; readonly look: string } | undefined;
  /** Minutes at a simmer until eaten in bites, if it goes in late; undefined where it goes in at the start. */
  readonly lateMinutes: number | undefined;
  /** Something of it that must come out or can choke. */
  readonly choke: string | undefined;
  readonly note: string;
  readonly source: string;
  readonly confidence: 'medium' | 'low';
}

const JUDGED = 'Water given or taken: modeller’s judgement, ±30 %. Amounts: usual per kilogram of meat.';

type Row = Pick<Garnish, 'id' | 'name' | 'kind' | 'waterShare' | 'tauMin' | 'usualGPerKg' | 'cutMm'> & Partial<Garnish>;

const garnish = (row: Row): Garnish => ({
  ...PLAIN,
  saltGPerKg: 0,
  sugarGPerKg: 0,
  pan: undefined,
  lateMinutes: undefined,
  choke: undefined,
  note: '',
  source: JUDGED,
  confidence: 'medium',
  ...row,
});

export const GARNISHES: readonly Garnish[] = [
  garnish({
    id: 'onion',
    name: 'Onion',
    kind: 'aromatic',
    waterShare: 0.35,
    tauMin: 25,
    usualGPerKg: [100, 200, 1000],
    sugarGPerKg: 45,
    cutMm: { melt: 4, bite: 20, strained: 25, picked: 60 },
    pan: { order: 1, minutes: 8, look: 'soft and golden at the edges' },
    note: 'Cut from pole to pole it keeps its shape; boiled first it dissolves.',
  }),
  garnish({
    id: 'shallot',
    name: 'Shallot',
    kind: 'aromatic',
    waterShare: 0.3,
    tauMin: 25,
    usualGPerKg: [80, 150, 300],
    sugarGPerKg: 55,
    cutMm: { melt: 4, bite: 30, picked: 40 },
    pan: { order: 1, minutes: 6, look: 'soft, golden' },
  }),
  garnish({
    id: 'leek',
    name: 'Leek',
    kind: 'aromatic',
    waterShare: 0.3,
    tauMin: 25,
    usualGPerKg: [80, 150, 400],
    sugarGPerKg: 25,
    cutMm: { melt: 5, bite: 25, strained: 30 },
    pan: { order: 1, minutes: 5, look: 'collapsed, no colour' },
    note: 'Wash after cutting: grit hides between the leaves.',
  }),
  garnish({
    id: 'carrot',
    name: 'Carrot',
    kind: 'aromatic',
    waterShare: 0.12,
    tauMin: 40,
    usualGPerKg: [60, 120, 350],
    sugarGPerKg: 48,
    cutMm: { melt: 4, bite: 25, strained: 25, picked: 60 },
    pan: { order: 2, minutes: 4, look: 'edges softening' },
    lateMinutes: 45,
  }),
  garnish({
    id: 'celery',
    name: 'Celery',
    kind: 'aromatic',
    waterShare: 0.25,
    tauMin: 30,
    usualGPerKg: [40, 80, 200],
    allergens: ['celery'],
    cutMm: { melt: 4, bite: 20, strained: 25, picked: 80 },
    pan: { order: 2, minutes: 4, look: 'turning glassy' },
  }),
  garnish({
    id: 'fennel',
    name: 'Fennel',
    kind: 'aromatic',
    waterShare: 0.25,
    tauMin: 30,
    usualGPerKg: [80, 200, 400],
    cutMm: { melt: 5, bite: 30, strained: 30 },
    pan: { order: 2, minutes: 6, look: 'golden at the edges' },
  }),
  garnish({
    id: 'pepper',
    name: 'Sweet pepper',
    kind: 'aromatic',
    waterShare: 0.3,
    tauMin: 25,
    usualGPerKg: [80, 200, 500],
    sugarGPerKg: 42,
    cutMm: { melt: 8, bite: 30 },
    pan: { order: 2, minutes: 5, look: 'soft at the edges' },
  }),
  garnish({
    id: 'garlic',
    name: 'Garlic',
    kind: 'aromatic',
    waterShare: 0.2,
    tauMin: 25,
    usualGPerKg: [5, 12, 60],
    cutMm: { melt: 2, bite: 15, picked: 20 },
    pan: { order: 4, minutes: 0.75, look: 'smells sweet, no colour' },
    note: 'Minced it burns in a minute; whole cloves go in with the onion and turn sweet.',
  }),
  garnish({
    id: 'ginger',
    name: 'Ginger',
    kind: 'aromatic',
    waterShare: 0.1,
    tauMin: 30,
    usualGPerKg: [5, 20, 60],
    cutMm: { melt: 2, picked: 4 },
    pan: { order: 4, minutes: 0.75, look: 'smells, no colour' },
  }),
  garnish({
    id: 'chilli',
    name: 'Chilli',
    kind: 'aromatic',
    waterShare: 0.2,
    tauMin: 25,
    usualGPerKg: [2, 8, 40],
    cutMm: { melt: 2, picked: 60 },
    pan: { order: 4, minutes: 0.75, look: 'smells, no colour' },
    note: 'Gloves or oiled hands; nothing of it near the eyes.',
  }),
  garnish({
    id: 'freshTomato',
    name: 'Fresh tomato',
    kind: 'fruit',
    waterShare: 0.6,
    tauMin: 20,
    usualGPerKg: [100, 250, 600],
    sugarGPerKg: 26,
    cutMm: { melt: 20, bite: 40 },
  }),
  garnish({
    id: 'mushroom',
    name: 'Mushrooms',
    kind: 'mushroom',
    waterShare: 0.45,
    tauMin: 12,
    usualGPerKg: [100, 250, 400],
    cutMm: { melt: 5, bite: 25 },
    pan: { order: 3, minutes: 7, look: 'water gone, browned' },
    lateMinutes: 10,
    note: 'From the start they give the sauce everything; browned apart and added at the end they keep their bite.',
  }),
  garnish({
    id: 'potato',
    name: 'Potatoes',
    kind: 'root',
    waterShare: -0.03,
    tauMin: 30,
    usualGPerKg: [200, 500, 900],
    cutMm: { bite: 40 },
    lateMinutes: 45,
    note: 'From the start they turn to mush: count back from the plate.',
  }),
  garnish({
    id: 'parsnip',
    name: 'Parsnip',
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
    name: 'Turnip or swede',
    kind: 'root',
    waterShare: 0.15,
    tauMin: 35,
    usualGPerKg: [100, 250, 500],
    cutMm: { bite: 30 },
    lateMinutes: 45,
  }),
  garnish({
    id: 'celeriac',
    name: 'Celeriac',
    kind: 'root',
    waterShare: 0.1,
    tauMin: 35,
    usualGPerKg: [60, 150, 400],
    allergens: ['celery'],
    cutMm: { melt: 6, bite: 30, strained: 30 },
    pan: { order: 2, minutes: 5, look: 'golden at the edges' },
    lateMinutes: 40,
  }),
  garnish({
    id: 'greenBeans',
    name: 'Green beans',
    kind: 'aromatic',
    waterShare: 0.1,
    tauMin: 20,
    usualGPerKg: [150, 300, 500],
    cutMm: { bite: 60 },
    lateMinutes: 25,
  }),
  garnish({
    id: 'lentils',
    name: 'Lentils',
    kind: 'pulse',
    waterShare: -1.6,
    tauMin: 25,
    usualGPerKg: [120, 200, 300],
    cutMm: { bite: 0 },
    lateMinutes: 40,
    note: 'Rinse and look for stones. No soaking needed.',
  }),
  garnish({
    id: 'beansSoaked',
    name: 'Beans, soaked and boiled hard',
    kind: 'pulse',
    waterShare: -0.25,
    tauMin: 45,
    usualGPerKg: [150, 300, 600],
    cutMm: { bite: 0 },
    lateMinutes: 90,
    note: 'Soaked at least 5 h, drained, boiled hard 10 to 30 min by local advice. Acid slows them: tomato and wine late.',
  }),
  garnish({
    id: 'beansDry',
    name: 'Beans, dry as bought',
    kind: 'pulse',
    waterShare: -1.25,
    tauMin: 90,
    usualGPerKg: [100, 150, 300],
    cutMm: { bite: 0 },
    note: 'Not safe in a slow pot.',
  }),
  garnish({
    id: 'rice',
    name: 'Rice',
    kind: 'grain',
    waterShare: -1.8,
    tauMin: 12,
    usualGPerKg: [80, 150, 250],
    cutMm: { bite: 0 },
    lateMinutes: 18,
  }),
  garnish({
    id: 'barley',
    name: 'Pearl barley',
    kind: 'grain',
    waterShare: -2.6,
    tauMin: 30,
    usualGPerKg: [50, 100, 200],
    allergens: ['gluten'],
    cutMm: { bite: 0 },
    lateMinutes: 45,
  }),
  garnish({
    id: 'prune',
    name: 'Prunes',
    kind: 'fruit',
    waterShare: -0.3,
    tauMin: 25,
    usualGPerKg: [60, 120, 250],
    sugarGPerKg: 380,
    hidden: [{ avoided: 'sulphites', why: 'dried fruit may be sulphured' }],
    cutMm: { bite: 0, melt: 8 },
    lateMinutes: 40,
    choke: 'prune stones',
  }),
  garnish({
    id: 'apricot',
    name: 'Dried apricots',
    kind: 'fruit',
    waterShare: -0.4,
    tauMin: 25,
    usualGPerKg: [60, 120, 250],
    sugarGPerKg: 530,
    allergens: ['sulphites'],
    cutMm: { bite: 0, melt: 8 },
    lateMinutes: 40,
  }),
  garnish({
    id: 'olives',
    name: 'Olives',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [40, 80, 150],
    saltGPerKg: 30,
    cutMm: { bite: 0 },
    lateMinutes: 20,
    choke: 'olive stones',
  }),
  garnish({
    id: 'capers',
    name: 'Rinsed capers',
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
    name: 'Anchovies',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [5, 12, 30],
    saltGPerKg: 120,
    allergens: ['fish'],
    cutMm: { melt: 0 },
    pan: { order: 5, minutes: 0.5, look: 'dissolved in the fat' },
  }),
  garnish({
    id: 'preservedLemon',
    name: 'Preserved lemon rind',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [15, 35, 70],
    saltGPerKg: 90,
    cutMm: { bite: 6 },
    lateMinutes: 30,
    choke: 'lemon pips',
  }),
  garnish({
    id: 'mustard',
    name: 'Mustard',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [15, 30, 80],
    saltGPerKg: 50,
    allergens: ['mustard', 'sulphites'],
    cutMm: { melt: 0 },
  }),
  garnish({
    id: 'sugar',
    name: 'Brown sugar',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [5, 20, 60],
    sugarGPerKg: 1000,
    cutMm: { melt: 0 },
  }),
  garnish({
    id: 'honey',
    name: 'Honey',
    kind: 'seasoning',
    waterShare: 0,
    tauMin: 30,
    usualGPerKg: [5, 20, 60],
    sugarGPerKg: 820,
    cutMm: { melt: 0 },
  }),
  garnish({
    id: 'curedPork',
    name: 'Cured pork belly',
    kind: 'cured',
    waterShare: 0.2,
    tauMin: 25,
    usualGPerKg: [50, 100, 200],
    saltGPerKg: 28,
    hidden: [{ avoided: 'pork', why: 'it is pork' }],
    cutMm: { bite: 8, picked: 40 },
    pan: { order: 0, minutes: 7, look: 'fat run out, edges crisp' },
    note: 'Starts in a cold pan; two fifths of it runs out as fat.',
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
