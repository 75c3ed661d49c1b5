import { bonelessKg } from '../buy';
import { cutById, type Fate, herbById, isCutId, type LidKind } from '../larder';
import {
  type BaseItem,
  isSmall,
  type ItemTime,
  mainStage,
  meatParts,
  type PlanInput,
  type SpiceTime,
  defaultFinish,
  type TechniqueOption,
  withLid,
} from '../choices';

/** A style of braising as amounts per kilogram of boneless meat, for any cut and weight. */
export interface BraiseStyle {
  readonly id: string;
  readonly items: readonly {
    readonly id: string;
    readonly gPerKg: number;
    readonly fate: Fate;
    readonly when: ItemTime;
  }[];
  readonly parts: readonly {
    readonly id: string;
    readonly mlPerKg: number;
    readonly when: PlanInput['liquid']['parts'][number]['when'];
  }[];
  readonly fillerId: string;
  readonly fillerStrength: number;
  /** Share of the meat's height; null leaves the level as it is. */
  readonly level: number | null;
  readonly reduce: TechniqueOption<'reduce'>;
  readonly onion: TechniqueOption<'onion'>;
  readonly pasteGPerKg: number;
  readonly pasteWhen: TechniqueOption<'pasteWhen'>;
  readonly thicken: TechniqueOption<'thicken'>;
  readonly herbs: readonly { readonly id: string; readonly perL: number }[];
  readonly herbForm: TechniqueOption<'herbForm'>;
  readonly spices: readonly { readonly id: string; readonly gPerKg: number; readonly when: SpiceTime }[];
  readonly searDepth: TechniqueOption<'searDepth'>;
  readonly fatId: string;
  readonly lid: LidKind | null;
}

/** A style a kitchen has saved, under its own name. */
export interface OwnKind extends BraiseStyle {
  readonly name: string;
}

type Item = BraiseStyle['items'][number];
const start = (id: string, gPerKg: number, fate: Fate = 'melt'): Item => ({ id, gPerKg, fate, when: 'start' });
const late = (id: string, gPerKg: number, fate: Fate = 'bite'): Item => ({ id, gPerKg, fate, when: 'late' });
const part = (id: string, mlPerKg: number) => ({ id, mlPerKg, when: 'start' }) as const;
const spice = (id: string, gPerKg: number) => ({ id, gPerKg, when: 'fat' }) as const;
const herb = (id: string, perL: number) => ({ id, perL });

const USUAL = {
  fillerId: 'stockUnsalted',
  fillerStrength: 1,
  level: null,
  reduce: 'half',
  onion: 'golden',
  pasteGPerKg: 0,
  pasteWhen: 'none',
  thicken: 'none',
  herbs: [herb('bay', 2), herb('thyme', 5)],
  herbForm: 'bundle',
  spices: [],
  searDepth: 'deep',
  fatId: 'neutral',
  lid: null,
} as const satisfies Partial<BraiseStyle>;

/** Our styles to start from, as ratios; everything else is computed for the cut and weight at hand. */
export const BRAISE_STYLES: readonly BraiseStyle[] = [
  {
    ...USUAL,
    id: 'ale-prune',
    items: [start('onion', 220), start('carrot', 100), start('garlic', 10), late('prune', 110)],
    parts: [part('darkAle', 250), part('vinegar', 10)],
    reduce: 'none',
    pasteGPerKg: 15,
    pasteWhen: 'beforeWine',
  },
  {
    ...USUAL,
    id: 'cider-mustard',
    items: [start('onion', 150), start('leek', 120), start('celery', 60), start('mustard', 35)],
    parts: [part('cider', 250)],
    reduce: 'none',
    onion: 'soft',
    searDepth: 'light',
    herbs: [herb('bay', 2), herb('sage', 4)],
  },
  {
    ...USUAL,
    id: 'red-mushroom',
    items: [start('onion', 180), start('carrot', 120), start('celery', 70), start('garlic', 12), late('mushroom', 250)],
    parts: [part('redWine', 350)],
    reduce: 'twoThirds',
    pasteGPerKg: 20,
    pasteWhen: 'afterWine',
  },
  {
    ...USUAL,
    id: 'white-tomato',
    items: [start('onion', 150), start('carrot', 100), start('celery', 80), start('garlic', 12)],
    parts: [part('whiteWine', 200), part('cannedTomato', 250)],
    herbs: [herb('bay', 2), herb('thyme', 5), herb('lemonPeel', 1)],
    fatId: 'olive',
  },
  {
    ...USUAL,
    id: 'onion-melt',
    items: [start('onion', 550), start('garlic', 8)],
    parts: [part('whiteWine', 120)],
    onion: 'golden',
    level: 0.4,
    searDepth: 'light',
    herbs: [herb('bay', 2)],
  },
  {
    ...USUAL,
    id: 'paprika-onion',
    items: [start('onion', 500), start('pepper', 150), start('garlic', 12)],
    parts: [],
    fillerStrength: 0.5,
    spices: [spice('paprika', 25), spice('caraway', 2)],
    pasteGPerKg: 15,
    pasteWhen: 'inStock',
    searDepth: 'light',
    fatId: 'lard',
    herbs: [herb('bay', 2)],
  },
  {
    ...USUAL,
    id: 'citrus-spice',
    items: [start('onion', 200), start('ginger', 15), start('garlic', 12), late('apricot', 90)],
    parts: [part('orangeJuice', 150)],
    reduce: 'half',
    level: 0.35,
    spices: [spice('cumin', 4), spice('corianderSeed', 4), spice('turmeric', 1.5)],
    herbs: [herb('cinnamon', 1), herb('orangePeel', 2)],
    herbForm: 'loose',
    fatId: 'olive',
    lid: 'heavy',
  },
  {
    ...USUAL,
    id: 'soy-sweet',
    items: [
      start('ginger', 25, 'picked'),
      start('garlic', 15, 'picked'),
      start('sugar', 30),
      start('leek', 60, 'strained'),
    ],
    parts: [part('soySauce', 60), part('riceWine', 120)],
    fillerId: 'water',
    reduce: 'none',
    level: 0.66,
    herbs: [herb('starAnise', 1.5), herb('cinnamon', 1)],
    herbForm: 'loose',
  },
  {
    ...USUAL,
    id: 'root-herb',
    items: [
      start('onion', 120, 'bite'),
      late('carrot', 250),
      late('parsnip', 200),
      late('potato', 350),
      start('garlic', 15, 'bite'),
    ],
    parts: [part('whiteWine', 120)],
    level: 0.4,
    herbs: [herb('bay', 2), herb('thyme', 6), herb('rosemary', 1)],
    herbForm: 'bundle',
  },
  {
    ...USUAL,
    id: 'lentil-stock',
    items: [start('onion', 150), start('carrot', 120), start('celery', 80), start('garlic', 10), late('lentils', 200)],
    parts: [part('whiteWine', 100), part('vinegar', 10)],
    level: 0.66,
  },
  {
    ...USUAL,
    id: 'green-lemon',
    items: [
      start('onion', 250),
      start('garlic', 12),
      start('ginger', 10),
      late('preservedLemon', 35),
      late('olives', 60),
    ],
    parts: [],
    fillerStrength: 0.7,
    onion: 'soft',
    searDepth: 'light',
    spices: [spice('cumin', 3), spice('gingerGround', 2)],
    herbs: [herb('coriander', 3), herb('parsley', 3), herb('bay', 1)],
    fatId: 'olive',
  },
  {
    ...USUAL,
    id: 'rolled-tomato',
    items: [start('onion', 150), start('garlic', 12), start('celery', 50)],
    parts: [part('redWine', 150), part('passata', 500)],
    fillerId: 'water',
    level: 0.8,
    pasteGPerKg: 30,
    pasteWhen: 'beforeWine',
    herbs: [herb('bay', 2)],
    fatId: 'olive',
  },
];

/** Rounded for kitchen scales: 5 g up to 100 g, 10 g above. */
function kitchenKg(grams: number): number {
  const step = grams < 100 ? 5 : 10;
  return Math.max(grams > 0.5 ? Math.min(step, grams) : 0, Math.round(grams / step) * step) / 1000 || 0;
}

/** Boneless meat in a plan, kg; amounts not yet entered count as nothing. */
function meatKg(input: Pick<PlanInput, 'meat' | 'also'>): number {
  return bonelessKg(meatParts(input).filter((p) => Number.isFinite(p.massKg) && isCutId(p.cutId)));
}

/** About how much liquid this much meat needs for a level, for counting herbs. */
function roughLitres(kg: number, level: number): number {
  return Math.max(0.5, kg * Math.min(1, level));
}

/** The style's vegetables by purpose. */
const fatesOf = (kind: BraiseStyle): Pick<BaseItem, 'fate' | 'kg'>[] =>
  kind.items.map(({ fate, gPerKg }) => ({ fate, kg: gPerKg }));

/** The plan with a style's base, liquid, herbs, spice and techniques applied to its meat, scaled to its weight. */
export function withStyle(input: PlanInput, kind: BraiseStyle): PlanInput {
  const kg = meatKg(input);
  const roughL = roughLitres(kg, kind.level ?? input.liquid.level);
  return {
    ...input,
    finish: {
      ...defaultFinish(isSmall(cutById(input.meat.cutId), input.meat), input.result, fatesOf(kind)),
      sauceLPerPlate: input.finish.sauceLPerPlate,
    },
    course: kind.lid === null ? input.course : withLid(input, kind.lid).course,
    season: {
      ...input.season,
      spices: kind.spices.map(({ id, gPerKg, when }) => ({
        id,
        grams: Math.max(0.5, Math.round(gPerKg * kg * 2) / 2),
        when,
      })),
    },
    sear: { ...input.sear, depth: kind.searDepth, fatId: kind.fatId },
    base: {
      ...input.base,
      items: kind.items.map(({ id, gPerKg, fate, when }) => ({ id, kg: kitchenKg(gPerKg * kg), fate, when })),
      onion: kind.onion,
      pasteKg: kitchenKg(kind.pasteGPerKg * kg),
      pasteWhen: kind.pasteWhen,
      thicken: kind.thicken,
    },
    liquid: {
      ...input.liquid,
      fill: true,
      level: kind.level ?? input.liquid.level,
      parts: kind.parts.map(({ id, mlPerKg, when }) => ({ id, litres: kitchenKg(mlPerKg * kg), when })),
      fillerId: kind.fillerId,
      fillerStrength: kind.fillerStrength,
      reduce: kind.reduce,
      herbs: kind.herbs.map(({ id, perL }) => ({
        id,
        count: Math.min(Math.ceil(herbById(id).mostPerL * roughL), Math.max(1, Math.round(perL * roughL))),
      })),
      herbForm: kind.herbForm,
    },
  };
}

/** The style of a plan, for use with other meat. */
export function kindOf(input: PlanInput, id: string, name: string): OwnKind {
  const kg = meatKg(input);
  const roughL = roughLitres(kg, input.liquid.level);
  const perKg = (value: number): number => (kg > 0 ? Math.round((value / kg) * 10) / 10 : 0);
  const { base, liquid, season } = input;
  return {
    id,
    name,
    items: base.items.map((i) => ({ id: i.id, gPerKg: perKg(i.kg * 1000), fate: i.fate, when: i.when })),
    parts: liquid.parts.map((p) => ({ id: p.id, mlPerKg: perKg(p.litres * 1000), when: p.when })),
    fillerId: liquid.fillerId,
    fillerStrength: liquid.fillerStrength,
    level: liquid.level,
    reduce: liquid.reduce,
    onion: base.onion,
    pasteGPerKg: perKg(base.pasteKg * 1000),
    pasteWhen: base.pasteWhen,
    thicken: base.thicken,
    herbs: liquid.herbs.map((h) => ({ id: h.id, perL: Math.round((h.count / roughL) * 10) / 10 })),
    herbForm: liquid.herbForm,
    spices: season.spices.map((s) => ({ id: s.id, gPerKg: perKg(s.grams), when: s.when })),
    searDepth: input.sear.depth,
    fatId: input.sear.fatId,
    lid: mainStage(input).lid,
  };
}
