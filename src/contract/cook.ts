import { z } from 'zod';
import { heatSchema, lidSchema } from './equipment';
import { madeId, moment, typed } from './fields';
import { type CookAct, type CookActKind, type CookEvent } from '../core/cook';
import { STAGES } from '../core/tenderness';

const score = z.number().int().min(1, 'shape.score').max(5, 'shape.score');

export const verdictSchema = z.strictObject({
  tenderness: score,
  moisture: score,
  sauce: score,
  salt: score,
  nextTime: typed(500, 'shape.nextTime'),
});

const kind = <K extends CookActKind>(of: K) => z.literal(of);

/** The shape of every kind of record; a new kind without one does not compile. */
const ACT_SCHEMAS = {
  intoPot: z.strictObject({ kind: kind('intoPot') }),
  fork: z.strictObject({ kind: kind('fork'), stage: z.enum(STAGES) }),
  probe: z.strictObject({
    kind: kind('probe'),
    tempC: z.number('shape.probe.number').min(-5, 'shape.probe.limits').max(110, 'shape.probe.limits'),
    nearBone: z.boolean(),
  }),
  liquid: z.strictObject({
    kind: kind('liquid'),
    levelMm: z.number('shape.level.number').min(0, 'shape.level.limits').max(400, 'shape.level.limits'),
    simmering: z.boolean(),
    addedL: z.number('shape.added.number').min(0, 'shape.added.limits').max(5, 'shape.added.limits'),
    addedTempC: z.number().min(0).max(100),
  }),
  turned: z.strictObject({ kind: kind('turned') }),
  lid: z.strictObject({ kind: kind('lid'), lid: lidSchema }),
  heat: z.strictObject({ kind: kind('heat'), heat: heatSchema }),
  note: z.strictObject({
    kind: kind('note'),
    text: typed(500, 'shape.note.long').min(1, 'shape.note.empty'),
  }),
  offHeat: z.strictObject({ kind: kind('offHeat') }),
  finished: z.strictObject({ kind: kind('finished'), verdict: verdictSchema }),
} as const satisfies { readonly [K in CookActKind]: z.ZodType<Extract<CookAct, { kind: K }>> };

type ActSchema = (typeof ACT_SCHEMAS)[CookActKind];

const actSchemas = Object.values(ACT_SCHEMAS) as [ActSchema, ...ActSchema[]];

export const actSchema = z.discriminatedUnion('kind', actSchemas) satisfies z.ZodType<CookAct>;

/** What an event says: a record, or that an earlier one is taken back. */
export const eventActSchema = z.discriminatedUnion('kind', [
  ...actSchemas,
  z.strictObject({ kind: z.literal('undo'), eventId: madeId }),
]) satisfies z.ZodType<CookEvent['act']>;

/** An event as it arrives from a screen or a file: what happened, when, under an id made where it was recorded. */
export const newEventSchema = z
  .strictObject({
    id: madeId,
    /** By the clock of the device. */
    atMs: moment,
    act: eventActSchema,
    by: z.strictObject({ device: madeId, count: z.int().min(0) }).optional(),
    /** How far the clock of the device ran ahead of the server's, ms; noted by the device. */
    aheadMs: z.int().optional(),
  })
  // What is left when the clock is put right is a moment too.
  .refine(({ atMs, aheadMs = 0 }) => moment.safeParse(atMs - aheadMs).success, 'shape.moment') satisfies z.ZodType<
  Omit<CookEvent, 'cookId'>
>;

export type NewEvent = z.infer<typeof newEventSchema>;
