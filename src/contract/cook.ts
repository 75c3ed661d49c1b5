import * as z from 'zod';
import { heatSchema, lidSchema } from './equipment';
import { madeId, moment, name, typed } from './fields';
import { THICKNESS_LEVELS } from '../core/choices';
import { BOX_OUTCOMES, type CookAct, type CookActKind, type CookEvent, STORE_PLACES, PROBLEM_IDS } from '../core/cook';
import { SAUCE_ADDITIONS } from '../core/finish';
import { COOL_WAYS, HOLD_WAYS } from '../core/storage';
import { DONENESS_STAGES } from '../core/tenderness';

const score = z.number().int().min(1, 'shape.score').max(5, 'shape.score');

export const verdictSchema = z.strictObject({
  tenderness: score,
  moisture: score,
  sauce: score,
  salt: score,
  nextTime: typed(500, 'shape.nextTime'),
});

const kind = <K extends CookActKind>(of: K) => z.literal(of);

/** The schema of every kind of record; a new kind without one does not compile. */
const ACT_SCHEMAS = {
  intoPot: z.strictObject({ kind: kind('intoPot') }),
  fork: z.strictObject({ kind: kind('fork'), stage: z.enum(DONENESS_STAGES) }),
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
  step: z.strictObject({ kind: kind('step'), step: name(160), name: name(200), how: z.enum(['done', 'skipped']) }),
  timer: z.strictObject({
    kind: kind('timer'),
    timer: name(160),
    name: name(80),
    minutes: z.number('shape.timer').min(0, 'shape.timer').max(1440, 'shape.timer'),
  }),
  trouble: z.strictObject({ kind: kind('trouble'), trouble: z.enum(PROBLEM_IDS) }),
  note: z.strictObject({
    kind: kind('note'),
    text: typed(500, 'shape.note.long').min(1, 'shape.note.empty'),
  }),
  offHeat: z.strictObject({ kind: kind('offHeat') }),
  hold: z.strictObject({
    kind: kind('hold'),
    way: z.enum(HOLD_WAYS),
    tempC: z.number('shape.probe.number').min(-5, 'shape.probe.limits').max(110, 'shape.probe.limits').optional(),
  }),
  sauce: z.strictObject({
    kind: kind('sauce'),
    litres: z.number('shape.sauce').min(0.02, 'shape.sauce').max(20, 'shape.sauce'),
    rung: z.enum(THICKNESS_LEVELS).nullable(),
  }),
  aim: z.strictObject({
    kind: kind('aim'),
    litres: z.number('shape.sauce').min(0.02, 'shape.sauce').max(20, 'shape.sauce'),
  }),
  put: z.strictObject({
    kind: kind('put'),
    thing: z.enum(SAUCE_ADDITIONS),
    amount: z.number('shape.put').min(0, 'shape.put').max(5000, 'shape.put'),
  }),
  counted: z.strictObject({ kind: kind('counted'), out: z.array(z.int().min(0).max(400)).max(40).readonly() }),
  served: z.strictObject({ kind: kind('served') }),
  cooling: z.strictObject({ kind: kind('cooling'), way: z.enum(COOL_WAYS) }),
  cooled: z.strictObject({
    kind: kind('cooled'),
    tempC: z.number('shape.probe.number').min(-5, 'shape.probe.limits').max(110, 'shape.probe.limits'),
  }),
  stored: z.strictObject({
    kind: kind('stored'),
    boxes: z.int('shape.boxes').min(1, 'shape.boxes').max(60, 'shape.boxes'),
    grams: z.number('shape.boxes').min(10, 'shape.boxes').max(10_000, 'shape.boxes'),
    place: z.enum(STORE_PLACES),
  }),
  box: z.strictObject({ kind: kind('box'), lot: madeId, count: z.int().min(1).max(60), fate: z.enum(BOX_OUTCOMES) }),
  finished: z.strictObject({ kind: kind('finished'), verdict: verdictSchema }),
} as const satisfies { readonly [K in CookActKind]: z.ZodType<Extract<CookAct, { kind: K }>> };

type ActSchema = (typeof ACT_SCHEMAS)[CookActKind];

const actSchemas = Object.values(ACT_SCHEMAS) as [ActSchema, ...ActSchema[]];

export const actSchema = z.discriminatedUnion('kind', actSchemas) satisfies z.ZodType<CookAct>;

/** What an event says: a record, or that an earlier one is undone. */
export const eventActSchema = z.discriminatedUnion('kind', [
  ...actSchemas,
  z.strictObject({ kind: z.literal('undo'), eventId: madeId }),
]) satisfies z.ZodType<CookEvent['act']>;

/** An event as it arrives from a screen or file: what happened, when, under an id made where it was recorded. */
export const newEventSchema = z
  .strictObject({
    id: madeId,
    /** On the device's clock. */
    atMs: moment,
    act: eventActSchema,
    by: z.strictObject({ device: madeId, count: z.int().min(0) }).optional(),
    /** How far the device's clock was ahead of the server's, ms; noted by the device. */
    aheadMs: z.int().optional(),
  })
  // The corrected moment must be valid too.
  .refine(({ atMs, aheadMs = 0 }) => moment.safeParse(atMs - aheadMs).success, 'shape.moment') satisfies z.ZodType<
  Omit<CookEvent, 'cookId'>
>;

export type NewEvent = z.infer<typeof newEventSchema>;
