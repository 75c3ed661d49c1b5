import { z } from 'zod';
import { heatSchema, lidSchema, momentSchema } from './plan';
import { type CookAct, type CookEvent } from '../core/cook/events';
import { STAGES } from '../core/tenderness/stages';

const score = z.number().int().min(1, 'Choose from 1 to 5.').max(5, 'Choose from 1 to 5.');

const verdictSchema = z.strictObject({
  tenderness: score,
  moisture: score,
  sauce: score,
  salt: score,
  nextTime: z.string().trim().max(500, 'Keep it to 500 characters.'),
});

const actSchemas = [
  z.strictObject({ kind: z.literal('intoPot') }),
  z.strictObject({ kind: z.literal('fork'), stage: z.enum(STAGES) }),
  z.strictObject({
    kind: z.literal('probe'),
    tempC: z
      .number('Reading: type the temperature as a number.')
      .min(-5, 'Reading: a probe in meat shows -5 to 110 °C.')
      .max(110, 'Reading: a probe in meat shows -5 to 110 °C.'),
    nearBone: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal('liquid'),
    levelMm: z
      .number('Level: type how deep it stands above the base.')
      .min(0, 'Level: 0 to 400 mm above the base.')
      .max(400, 'Level: 0 to 400 mm above the base.'),
    simmering: z.boolean(),
    addedL: z.number('Added: type how much, 0 if nothing.').min(0, 'Added: 0 to 5 l.').max(5, 'Added: 0 to 5 l.'),
    addedTempC: z.number().min(0).max(100),
  }),
  z.strictObject({ kind: z.literal('turned') }),
  z.strictObject({ kind: z.literal('lid'), lid: lidSchema }),
  z.strictObject({ kind: z.literal('heat'), heat: heatSchema }),
  z.strictObject({
    kind: z.literal('note'),
    text: z.string().trim().min(1, 'Note: write something first.').max(500, 'Note: keep it to 500 characters.'),
  }),
  z.strictObject({ kind: z.literal('offHeat') }),
  z.strictObject({ kind: z.literal('finished'), verdict: verdictSchema }),
] as const;

export const actSchema = z.discriminatedUnion('kind', actSchemas) satisfies z.ZodType<CookAct>;

/** What an event says: a record, or that an earlier one is taken back. */
export const eventActSchema = z.discriminatedUnion('kind', [
  ...actSchemas,
  z.strictObject({ kind: z.literal('undo'), eventId: z.uuid() }),
]) satisfies z.ZodType<CookEvent['act']>;

/** An event as it arrives from a screen or a file: what happened, when, under an id made where it was recorded. */
export const newEventSchema = z.strictObject({
  id: z.uuid(),
  atMs: momentSchema,
  act: eventActSchema,
}) satisfies z.ZodType<Omit<CookEvent, 'cookId'>>;

export type NewEvent = z.infer<typeof newEventSchema>;
