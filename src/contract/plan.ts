import * as z from 'zod';
import { AVOIDABLE, FATES, SALT_CRYSTAL_IDS, type SaltCrystalId } from '../core/larder';
import {
  APPETITES,
  BED_POSITIONS,
  END_THICKENERS,
  ENRICHINGS,
  FAT_WAYS,
  ITEM_TIMES,
  ORIENTATIONS,
  MEAT_ENDS,
  type PlanInput,
  ADDITION_TIMES,
  RESULTS,
  THICKNESS_LEVELS,
  SOLIDS_WAYS,
  SPICE_TIMES,
  TOSSED,
} from '../core/choices';
import { choice, id, keepingSchema, larderId, moment, name, quantity } from './fields';
import { burnerSchema, courseSchema, panSchema, potSchema } from './equipment';

const partSchema = z.strictObject({
  cutId: larderId,
  massKg: quantity,
  grossKg: quantity.nullable(),
  pieces: quantity,
  thicknessMm: quantity,
  thicknessMeasured: z.boolean(),
  onBone: z.boolean(),
  pricePerKg: quantity.nullable(),
});

/** The schema of a plan's input. Whether it can be cooked is checked by the core, with a sentence per fault. */
export const planInputSchema = z.strictObject({
  title: name(120),
  eaters: quantity,
  appetite: z.enum(APPETITES),
  result: z.enum(RESULTS),
  avoid: z.array(z.enum(AVOIDABLE as [(typeof AVOIDABLE)[number], ...typeof AVOIDABLE])).max(AVOIDABLE.length),
  meat: partSchema,
  also: z.array(partSchema).max(8),
  prepare: z.strictObject({
    temper: choice('temper'),
    tie: z.enum(['auto', 'yes', 'no']),
    filling: z
      .strictObject({ rolls: quantity, items: z.array(z.strictObject({ id: larderId, kg: quantity })).max(20) })
      .nullable(),
  }),
  season: z.strictObject({
    when: choice('saltWhen'),
    gramsPerKg: quantity,
    crystal: z.enum(SALT_CRYSTAL_IDS as [SaltCrystalId, ...SaltCrystalId[]]),
    spices: z.array(z.strictObject({ id: larderId, grams: quantity, when: z.enum(SPICE_TIMES) })).max(20),
  }),
  pot: potSchema,
  lie: z.enum(ORIENTATIONS),
  pan: panSchema,
  sear: z.strictObject({
    depth: choice('searDepth'),
    moving: choice('searMoving'),
    dredge: choice('dredge'),
    fatId: id,
    burner: burnerSchema,
    dried: z.boolean(),
    mostAtOnce: quantity.nullable(),
  }),
  base: z.strictObject({
    lies: z.enum(BED_POSITIONS),
    items: z
      .array(z.strictObject({ id: larderId, kg: quantity, fate: z.enum(FATES), when: z.enum(ITEM_TIMES) }))
      .max(40),
    onion: choice('onion'),
    fatKept: choice('fatKept'),
    pasteKg: quantity,
    pasteWhen: choice('pasteWhen'),
    thicken: choice('thicken'),
  }),
  liquid: z.strictObject({
    fill: z.boolean(),
    level: quantity,
    parts: z.array(z.strictObject({ id: larderId, litres: quantity, when: z.enum(ADDITION_TIMES) })).max(20),
    fillerId: larderId,
    fillerStrength: quantity,
    reduce: choice('reduce'),
    start: choice('start'),
    herbs: z.array(z.strictObject({ id, count: quantity })).max(20),
    herbForm: choice('herbForm'),
  }),
  bare: z.strictObject({ minutes: quantity, tempC: quantity, smoke: z.boolean() }).nullable(),
  course: courseSchema,
  finish: z.strictObject({
    sauceLPerPlate: quantity,
    reduce: z.boolean(),
    solids: z.enum(SOLIDS_WAYS),
    fat: z.enum(FAT_WAYS),
    meat: z.enum(MEAT_ENDS),
    thickener: z.enum(END_THICKENERS),
    rung: z.enum(THICKNESS_LEVELS),
    enrich: z.enum(ENRICHINGS),
    toss: z.enum(TOSSED),
  }),
  day: z.strictObject({
    cooks: quantity,
    burners: quantity,
    sides: z.array(id).max(6),
    fixed: z.array(z.strictObject({ task: id, startMs: moment })).max(20),
    ahead: z.strictObject({ fridgeByMs: moment }).nullable(),
  }),
  serveAtMs: moment,
  confidence: quantity,
  altitudeM: quantity,
  keeping: keepingSchema,
}) satisfies z.ZodType<PlanInput>;
