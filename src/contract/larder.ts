import * as z from 'zod';
import { AVOIDABLE, FATES, OWN_LIDS, POT_FORMS, POT_MATERIALS, SOURCES } from '../core/larder';

/** Rows of the larder's data files, figure by figure; what a row leaves out is as usual. */

const keys = <K extends string>(table: Readonly<Record<K, unknown>>): [K, ...K[]] => Object.keys(table) as [K, ...K[]];

const id = z.string().regex(/^[a-zA-Z][a-zA-Z0-9_]*$/);
const code = z.string().regex(/^[a-z][a-zA-Z]*$/);
const share = z.number().min(0).max(1);
const upTo = (most: number) => z.number().min(0).max(most);
const minutes = upTo(600);
const about = {
  source: z.enum(keys(SOURCES)).exclude(['custom']),
  confidence: z.enum(['high', 'medium', 'low']),
};
const avoided = z.enum(AVOIDABLE);
const dietary = {
  brings: z.array(avoided).min(1).optional(),
  hidden: z.partialRecord(avoided, code).optional(),
};
/** Low, usual and high, in this order. */
const usualRange = (most: number) =>
  z
    .tuple([upTo(most), upTo(most), upTo(most)])
    .refine(([low, usual, high]) => low <= usual && usual <= high, 'low, usual and high are not in order');

const cut = z
  .strictObject({
    id,
    species: z.string(),
    bone: z.enum(['yes', 'no', 'either']),
    boneFraction: share,
    boneMode: z.enum(['none', 'core', 'edge']),
    marrow: z.literal(true).optional(),
    form: z.enum(['pieces', 'cubes']),
    pieceNoun: code,
    typicalPieceKg: z.number().min(0.01).max(4),
    sizeMm: z.strictObject({
      length: z.number().min(5).max(600),
      width: z.number().min(5).max(400),
      thickness: z.number().min(5).max(200),
    }),
    shape: z.enum(['box', 'disc', 'roll']),
    trimLoss: z.tuple([share, share]).refine(([low, high]) => low <= high),
    composition: z
      .strictObject({ water: share, protein: share, fat: share, ash: share })
      .refine((c) => Math.abs(c.water + c.protein + c.fat + c.ash - 1) < 0.03, 'the shares do not add up to 1'),
    collagenGPerKg: upTo(200),
    cookValue: z
      .strictObject({ gives: minutes, twists: minutes, falls: minutes, strings: z.number().max(900) })
      .refine((v) => v.gives < v.twists && v.twists < v.falls && v.falls < v.strings, 'the fork scale is out of order'),
    toughnessSpread: z.number().min(0.1).max(0.35),
    cookLoss: z.number().min(0.15).max(0.5),
    fatRender: share,
    rawGramsPerServing: z.number().min(80).max(1000),
    saltGPerKg: upTo(60).optional(),
    minSafeTempC: z.number().min(60).max(80),
    restMinutes: upTo(10),
    ...about,
  })
  .refine((c) => (c.bone === 'no') === (c.boneFraction === 0), 'a boneless cut has no bone, any other has');

const garnish = z.strictObject({
  id,
  kind: z.enum([
    'aromatic',
    'root',
    'vegetable',
    'leaf',
    'mushroom',
    'pulse',
    'grain',
    'fruit',
    'nut',
    'seasoning',
    'cured',
  ]),
  waterShare: z.number().min(-6).max(0.98),
  tauMin: z.number().min(1).max(200),
  usualGPerKg: usualRange(2000),
  saltGPerKg: upTo(400).optional(),
  sugarGPerKg: upTo(1000).optional(),
  cutMm: z.partialRecord(z.enum(FATES), upTo(80)).refine((sizes) => Object.keys(sizes).length > 0, 'it suits nothing'),
  pan: z.strictObject({ order: z.number().min(0).max(9), minutes: upTo(60) }).optional(),
  lateMinutes: z.number().min(0.5).max(240).optional(),
  chokes: z.boolean().optional(),
  noted: z.boolean().optional(),
  ...dietary,
  ...about,
});

const liquid = z.strictObject({
  id,
  kind: z.enum(['wine', 'beer', 'stock', 'tomato', 'water', 'juice', 'seasoning', 'dairy']),
  alcohol: upTo(0.5).optional(),
  saltGPerL: upTo(300).optional(),
  sugarGPerL: upTo(1000).optional(),
  gelatinGPerL: upTo(400).optional(),
  acid: z.boolean().optional(),
  swaps: z.array(z.strictObject({ id, factor: z.number().min(0.01).max(20), changes: code })).optional(),
  ...dietary,
  ...about,
});

const herb = z
  .strictObject({
    id,
    unit: code,
    perL: z.number().min(0.5).max(50),
    mostPerL: z.number().min(1).max(100),
    when: z.enum(['start', 'halfway', 'end']).optional(),
    choke: z.boolean().optional(),
    sheds: z.boolean().optional(),
    dried: z.boolean().optional(),
    ...dietary,
    ...about,
  })
  .refine((h) => h.perL <= h.mostPerL, 'more is usual than the most');

const spice = z.strictObject({
  id,
  usualGPerKg: usualRange(100),
  scorches: z.boolean().optional(),
  ...dietary,
  ...about,
});

const fat = z.strictObject({ id, smokeC: z.number().min(120).max(280), ...dietary, ...about });

const side = z.strictObject({
  id,
  gramsPerEater: z.number().min(1).max(600),
  waterLPerKg: upTo(20).optional(),
  saltGPerL: upTo(20).optional(),
  keepBackLPerEater: upTo(0.2).optional(),
  waitsMin: upTo(3000),
  steps: z
    .array(
      z.strictObject({
        id: z.enum(['ready', 'cook', 'last']),
        place: z.enum(['board', 'burner', 'oven']),
        hands: z.enum(['all', 'none', 'now and then']),
        baseMin: minutes,
        perEaterMin: upTo(20).optional(),
        splits: z.boolean().optional(),
      }),
    )
    .min(1),
  ...dietary,
  ...about,
});

const vessel = z.strictObject({
  id,
  shape: z.enum(POT_FORMS),
  lengthMm: z.number().min(120).max(600),
  widthMm: z.number().min(120).max(500),
  heightMm: z.number().min(30).max(350),
  massKg: z.number().min(0.3).max(15),
  material: z.enum(POT_MATERIALS),
  lids: z.array(z.enum(OWN_LIDS)),
  ...about,
});

const file = (row: z.ZodType<{ readonly id: string }>) =>
  z
    .array(row)
    .min(1)
    .refine((rows) => new Set(rows.map((r) => r.id)).size === rows.length, 'an id is there twice');

/** What each data file of `core/larder/data` holds. */
export const LARDER_FILES = {
  cuts: file(cut),
  garnishes: file(garnish),
  liquids: file(liquid),
  herbs: file(herb),
  spices: file(spice),
  fats: file(fat),
  sides: file(side),
  vessels: file(vessel),
} as const;
