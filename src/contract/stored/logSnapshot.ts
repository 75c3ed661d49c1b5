import * as z from 'zod';
import { LOG_SNAPSHOT_STEPS } from './frozen/logSnapshotSteps';
import { migrationChain } from './migrations';
import { figure, said, span } from './pieces';
import { type LogSnapshot } from '../../core/cook';
import { LEARNABLE } from '../../core/forecast';
import { TARGETS, type TargetDoneness } from '../../core/tenderness';

const numbers = z.array(z.number());
const maybe = z.number().nullable();
const workedOut = z.enum(['then', 'later']);

const daySchema = z.strictObject({
  spans: z.array(span),
  ready: z.strictObject({ p10Ms: z.number(), p50Ms: z.number(), p90Ms: z.number() }),
  target: z.enum(Object.keys(TARGETS) as TargetDoneness[]),
  serveMs: z.number(),
  startMs: z.number(),
  intoPotMs: z.number(),
  offHeatByMs: z.number(),
});

const logSnapshotSchema = z.strictObject({
  planned: z.strictObject({
    model: z.int(),
    workedOut,
    day: daySchema,
    figures: z.array(figure),
  }),
  lessons: z.array(
    z.strictObject({
      eventId: z.string(),
      after: z.string(),
      model: z.int(),
      workedOut,
      shiftMin: maybe,
      widthMin: maybe,
      about: z.strictObject({ unknown: z.enum(LEARNABLE), value: z.number(), movedSd: z.number() }).nullable(),
      readyMin: z.strictObject({ p10: maybe, p50: maybe, p90: maybe }),
    }),
  ),
  band: z.strictObject({ minutes: numbers, p10: numbers, p50: numbers, p90: numbers }),
  bandModel: z.int(),
  after: z.string(),
  sauce: z
    .strictObject({
      sauce: z.strictObject({
        litres: z.number(),
        saltG: z.number(),
        gelatinG: z.number(),
        starchG: z.number(),
        fatL: z.number(),
        solidsKg: z.number(),
      }),
      measured: z.boolean(),
      saltFloorL: z.number(),
      salt: z.array(z.strictObject({ what: said, grams: z.number(), recorded: z.boolean() })),
      inMeatG: z.number(),
    })
    .nullable(),
}) satisfies z.ZodType<LogSnapshot>;

/** The log's frozen data of a braise. */
export const LOG_SNAPSHOT = migrationChain('account', logSnapshotSchema, LOG_SNAPSHOT_STEPS);
