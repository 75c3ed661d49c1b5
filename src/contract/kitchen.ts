import { z } from 'zod';
import { FATES } from '../core/larder';
import { type OwnKind } from '../core/kinds';
import { type Habits, LIMITS, WAY_TOPICS } from '../core/choices';
import { choice, id, name } from './fields';
import { burnerSchema, lidSchema, panSchema, potSchema } from './equipment';

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

/** Bases of its own that a kitchen keeps at most. */
export const MOST_KINDS = 100;

/** The kitchen a plan chooses from. */
export const kitchenSchema = z.strictObject({
  name: name(80),
  altitudeM: z.number().min(0).max(4000),
  pots: z.array(potSchema).min(1),
  pans: z.array(panSchema).min(1),
  ovens: z.array(z.strictObject({ id: name(80), name: name(80), fan: z.boolean() })),
  burners: z.array(burnerSchema).min(1),
  habits: habitsSchema,
  kinds: z.array(kindSchema).max(MOST_KINDS),
  timeZone: timeZoneSchema,
});

export type Kitchen = Omit<z.infer<typeof kitchenSchema>, 'habits' | 'kinds'> & {
  readonly habits: Habits;
  readonly kinds: readonly OwnKind[];
};

/** What may be changed of a kitchen, each by itself: two screens that change different things lose neither. */
export interface KitchenChange {
  /** Ways to do things from now on, topic by topic. */
  readonly habits?: Habits | undefined;
  readonly keepKind?: OwnKind | undefined;
  /** Id of a kind to forget. */
  readonly dropKind?: string | undefined;
  readonly timeZone?: string | null | undefined;
}

export const kitchenChangeSchema = z.strictObject({
  habits: habitsSchema.optional(),
  keepKind: kindSchema.optional(),
  dropKind: name(80).optional(),
  timeZone: timeZoneSchema.optional(),
}) satisfies z.ZodType<KitchenChange>;
