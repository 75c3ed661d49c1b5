import { z } from 'zod';
import {
  AVOIDABLE,
  BURNER_KINDS,
  FATES,
  LID_KINDS,
  POT_MATERIALS,
  SALT_CRYSTAL_IDS,
  type SaltCrystalId,
} from '../core/larder';
import { type OwnKind } from '../core/kinds';
import {
  APPETITES,
  type Habits,
  LIMITS,
  type PlanHeat,
  type PlanInput,
  RESULTS,
  WAY_TOPICS,
  type WayOf,
  WAYS,
  type WayTopic,
} from '../core/choices';

/** Text a person typed: trimmed, never empty, never huge. */
const name = (most: number) => z.string().trim().min(1).max(most);

/** Finite and within what a double holds exactly; what is sensible is for `checkPlanInput` to say. */
const quantity = z.number().min(-1e6).max(1e6);

const moment = z.number().int().min(0).max(8.64e15);

const id = name(60);

/** One of the ways with a topic. */
const choice = <Id extends WayTopic>(topic: Id) => z.enum(WAYS[topic].ways as unknown as [WayOf<Id>, ...WayOf<Id>[]]);

const potSchema = z.strictObject({
  id: name(80),
  name: name(80),
  diameterMm: quantity,
  heightMm: quantity,
  massKg: z.number().min(0.2).max(30),
  material: z.enum(POT_MATERIALS),
});

const panSchema = z.strictObject({
  id: name(80),
  name: name(80),
  shape: z.enum(['round', 'rectangle']),
  lengthMm: z.number().min(100).max(800),
  widthMm: z.number().min(100).max(800),
  massKg: z.number().min(0.2).max(15),
  material: z.enum(POT_MATERIALS),
});

const burnerSchema = z.strictObject({
  id: name(80),
  name: name(80),
  kind: z.enum(BURNER_KINDS),
  powerW: z.number().min(100).max(10_000),
});

const HEAT_SHAPES = {
  oven: z.strictObject({ kind: z.literal('oven'), tempC: quantity, fan: z.boolean() }),
  simmer: z.strictObject({ kind: z.literal('simmer'), tempC: quantity }),
  steamOven: z.strictObject({ kind: z.literal('steamOven'), tempC: quantity }),
  grill: z.strictObject({ kind: z.literal('grill'), tempC: quantity }),
} satisfies { readonly [Kind in PlanHeat['kind']]: z.ZodType<Extract<PlanHeat, { kind: Kind }>> };

export const heatSchema = z.discriminatedUnion('kind', [
  HEAT_SHAPES.oven,
  HEAT_SHAPES.simmer,
  HEAT_SHAPES.steamOven,
  HEAT_SHAPES.grill,
]);

export const lidSchema = z.enum(LID_KINDS);

const partSchema = z.strictObject({
  cutId: id,
  massKg: quantity,
  grossKg: quantity.nullable(),
  pieces: quantity,
  thicknessMm: quantity,
  thicknessMeasured: z.boolean(),
  onBone: z.boolean(),
  pricePerKg: quantity.nullable(),
});

/** The shape of a plan's input. That it can be cooked is checked by the core, which gives a sentence per fault. */
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
    filling: z.strictObject({ rolls: quantity, kg: quantity, saltGPerKg: quantity }).nullable(),
  }),
  season: z.strictObject({
    when: choice('saltWhen'),
    gramsPerKg: quantity,
    crystal: z.enum(SALT_CRYSTAL_IDS as [SaltCrystalId, ...SaltCrystalId[]]),
    spices: z.array(z.strictObject({ id, grams: quantity })).max(20),
  }),
  pot: potSchema,
  lid: lidSchema,
  lie: z.enum(['flat', 'upright']),
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
    items: z.array(z.strictObject({ id, kg: quantity, fate: z.enum(FATES), when: z.enum(['start', 'late']) })).max(40),
    onion: choice('onion'),
    fatKept: choice('fatKept'),
    pasteKg: quantity,
    pasteWhen: choice('pasteWhen'),
    thicken: choice('thicken'),
  }),
  liquid: z.strictObject({
    level: quantity,
    parts: z.array(z.strictObject({ id, litres: quantity })).max(20),
    fillerId: id,
    fillerStrength: quantity,
    reduce: choice('reduce'),
    start: choice('start'),
    herbs: z.array(z.strictObject({ id, count: quantity })).max(20),
    herbForm: choice('herbForm'),
  }),
  heat: heatSchema,
  finish: z.strictObject({ sauceLPerPlate: quantity }),
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
}) satisfies z.ZodType<PlanInput>;

export const momentSchema = moment;

const ratio = z.number().min(0).max(5000);

/** A braise kind somebody keeps: ratios per kilogram of meat. */
export const kindSchema = z.strictObject({
  id: name(80),
  name: name(80),
  items: z.array(z.strictObject({ id, gPerKg: ratio, fate: z.enum(FATES), when: z.enum(['start', 'late']) })).max(40),
  parts: z.array(z.strictObject({ id, mlPerKg: ratio })).max(20),
  fillerId: id,
  fillerStrength: z.number().min(0).max(1),
  level: z.number().min(LIMITS.liquidLevel[0]).max(LIMITS.liquidLevel[1]).nullable(),
  reduce: choice('reduce'),
  onion: choice('onion'),
  pasteGPerKg: ratio,
  pasteWhen: choice('pasteWhen'),
  thicken: choice('thicken'),
  herbs: z.array(z.strictObject({ id, perL: ratio })).max(20),
  herbForm: choice('herbForm'),
  spices: z.array(z.strictObject({ id, gPerKg: ratio })).max(20),
  searDepth: choice('searDepth'),
  fatId: id,
  lid: lidSchema.nullable(),
}) satisfies z.ZodType<OwnKind>;

/** What a kitchen does unless told otherwise: its own way with some of the topics. */
export const habitsSchema = z.strictObject(
  Object.fromEntries(WAY_TOPICS.map((topic) => [topic, choice(topic).optional()])),
) as unknown as z.ZodType<Habits>;

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** The zone the kitchen's clock runs in, by its IANA name; null for that of the machine. */
export const timeZoneSchema = z.string().max(60).refine(isTimeZone, 'shape.timeZone').nullable();

/** The kitchen a plan chooses from. */
export const kitchenSchema = z.strictObject({
  name: name(80),
  altitudeM: z.number().min(0).max(4000),
  pots: z.array(potSchema).min(1),
  pans: z.array(panSchema).min(1),
  ovens: z.array(z.strictObject({ id: name(80), name: name(80), fan: z.boolean() })),
  burners: z.array(burnerSchema).min(1),
  habits: habitsSchema,
  kinds: z.array(kindSchema).max(100),
  timeZone: timeZoneSchema,
});

export type Kitchen = Omit<z.infer<typeof kitchenSchema>, 'habits' | 'kinds'> & {
  readonly habits: Habits;
  readonly kinds: readonly OwnKind[];
};
