import * as z from 'zod';
import { FATES } from '../core/larder';
import { findCustom } from '../core/custom';
import { type OwnKind } from '../core/styles';
import {
  type KitchenDefaults,
  ITEM_TIMES,
  type StorageSettings,
  LIMITS,
  ADDITION_TIMES,
  SPICE_TIMES,
  TECHNIQUE_TOPICS,
} from '../core/choices';
import { choice, id, keepingSchema, larderId, name } from './fields';
import { burnerSchema, lidSchema, ovenSchema, panSchema, potSchema } from './equipment';

const altitude = z.number().min(LIMITS.altitudeM[0]).max(LIMITS.altitudeM[1]);
const ratio = z.number().min(0).max(5000);

/** A saved braise style: amounts per kilogram of meat. */
export const styleSchema = z.strictObject({
  id: name(80),
  name: name(80),
  items: z
    .array(z.strictObject({ id: larderId, gPerKg: ratio, fate: z.enum(FATES), when: z.enum(ITEM_TIMES) }))
    .max(40),
  parts: z.array(z.strictObject({ id: larderId, mlPerKg: ratio, when: z.enum(ADDITION_TIMES) })).max(20),
  fillerId: larderId,
  fillerStrength: z.number().min(0).max(1),
  level: z.number().min(LIMITS.liquidLevel[0]).max(LIMITS.liquidLevel[1]).nullable(),
  reduce: choice('reduce'),
  onion: choice('onion'),
  pasteGPerKg: ratio,
  pasteWhen: choice('pasteWhen'),
  thicken: choice('thicken'),
  herbs: z.array(z.strictObject({ id, perL: ratio })).max(20),
  herbForm: choice('herbForm'),
  spices: z.array(z.strictObject({ id: larderId, gPerKg: ratio, when: z.enum(SPICE_TIMES) })).max(20),
  searDepth: choice('searDepth'),
  fatId: id,
  lid: lidSchema.nullable(),
}) satisfies z.ZodType<OwnKind>;

/** A kitchen's usual choices, for some of the topics. */
export const kitchenDefaultsSchema = z.strictObject(
  Object.fromEntries(TECHNIQUE_TOPICS.map((topic) => [topic, choice(topic).optional()])),
) as unknown as z.ZodType<KitchenDefaults>;

function isTimeZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** The zone of the kitchen's clock, as IANA name; null for the machine's. */
export const timeZoneSchema = z.string().max(60).refine(isTimeZone, 'shape.timeZone').nullable();

/** Most custom styles a kitchen can save. */
export const MAX_KINDS = 100;

/** Most custom ingredients a kitchen can save. */
export const MAX_OWN = 200;

/** The id of a custom ingredient. */
const ownThing = larderId.refine((text) => findCustom(text) !== undefined, 'shape.id');

/** Most items on one list. */
export const MAX_THINGS = 40;

/** The kitchen a plan chooses from. */
export const kitchenSchema = z.strictObject({
  name: name(80),
  altitudeM: altitude,
  pots: z.array(potSchema).min(1).max(MAX_THINGS),
  pans: z.array(panSchema).min(1).max(MAX_THINGS),
  ovens: z.array(ovenSchema).max(MAX_THINGS),
  burners: z.array(burnerSchema).min(1).max(MAX_THINGS),
  habits: kitchenDefaultsSchema,
  kinds: z.array(styleSchema).max(MAX_KINDS),
  own: z.array(ownThing).max(MAX_OWN),
  timeZone: timeZoneSchema,
  keeping: keepingSchema,
});

export type Kitchen = Omit<z.infer<typeof kitchenSchema>, 'habits' | 'kinds'> & {
  readonly habits: KitchenDefaults;
  readonly kinds: readonly OwnKind[];
};

/** A piece of equipment, named by its list. */
export const equipmentSchema = z.discriminatedUnion('list', [
  z.strictObject({ list: z.literal('pots'), item: potSchema }),
  z.strictObject({ list: z.literal('pans'), item: panSchema }),
  z.strictObject({ list: z.literal('ovens'), item: ovenSchema }),
  z.strictObject({ list: z.literal('burners'), item: burnerSchema }),
]);

export type Equipment = z.infer<typeof equipmentSchema>;

/** Equipment lists, and how many of each a kitchen needs at least. */
export const MIN_OF = { pots: 1, pans: 1, ovens: 0, burners: 1 } as const satisfies Record<Equipment['list'], number>;
export const EQUIPMENT_LISTS = Object.keys(MIN_OF) as Equipment['list'][];

/** What can be changed in a kitchen, part by part: two screens that change different things lose neither. */
export interface KitchenChange {
  /** New usual choices, topic by topic. */
  readonly habits?: KitchenDefaults | undefined;
  readonly keepKind?: OwnKind | undefined;
  /** An ingredient in no table, to be offered from now on; and one to delete. */
  readonly keepOwn?: string | undefined;
  readonly dropOwn?: string | undefined;
  /** Id of a style to delete. */
  readonly dropKind?: string | undefined;
  readonly timeZone?: string | null | undefined;
  readonly name?: string | undefined;
  readonly altitudeM?: number | undefined;
  readonly keeping?: StorageSettings | undefined;
  /** A new item, or an existing one as edited. */
  readonly keep?: Equipment | undefined;
  readonly drop?: { readonly list: Equipment['list']; readonly id: string } | undefined;
}

export const kitchenChangeSchema = z.strictObject({
  habits: kitchenDefaultsSchema.optional(),
  keepKind: styleSchema.optional(),
  keepOwn: ownThing.optional(),
  dropOwn: ownThing.optional(),
  dropKind: name(80).optional(),
  timeZone: timeZoneSchema.optional(),
  name: name(80).optional(),
  altitudeM: altitude.optional(),
  keeping: keepingSchema.optional(),
  keep: equipmentSchema.optional(),
  drop: z.strictObject({ list: z.enum(EQUIPMENT_LISTS), id: name(80) }).optional(),
}) satisfies z.ZodType<KitchenChange>;
