import * as z from 'zod';
import { madeId, moment } from './fields';

/** Version of the archive's lines; their parts carry their own. */
export const ARCHIVE_VERSION = 1;

const version = z.int().min(1);

/** The first line of an archive. */
export const archiveHeadSchema = z.looseObject({
  format: z.literal('even-ember/archive'),
  version,
});

const entrySchema = z.strictObject({
  plannedMin: z.number(),
  plannedP10Min: z.number(),
  plannedP90Min: z.number(),
  model: z.int(),
  workedOut: z.enum(['then', 'later']),
  account: z.unknown(),
  accountVersion: version,
});

/** Each further line: one stored item, in its part's format. `record` lines follow their `braise`. */
export const archiveLineSchema = z.union([
  z.strictObject({ kitchen: z.strictObject({ version, equipment: z.unknown() }) }),
  z.strictObject({ plan: z.strictObject({ id: madeId, version, input: z.unknown(), updatedAtMs: moment }) }),
  z.strictObject({
    braise: z.strictObject({
      id: madeId,
      planId: madeId.nullable(),
      version,
      input: z.unknown(),
      createdAtMs: moment,
      entry: entrySchema.optional(),
    }),
  }),
  z.strictObject({
    record: z.strictObject({
      id: madeId,
      braise: madeId,
      atMs: moment,
      version,
      act: z.unknown(),
      by: z.strictObject({ device: madeId, count: z.int().min(0) }).optional(),
      aheadMs: z.int(),
    }),
  }),
  /** A row that could not be read, as stored: for a person to look at; never imported. */
  z.strictObject({ aside: z.unknown() }),
]);

export type ArchiveLine = z.infer<typeof archiveLineSchema>;
