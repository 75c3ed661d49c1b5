import * as z from 'zod';
import { FILE_STEPS } from './frozen/fileSteps';
import { migrationChain } from './migrations';

/** More than anybody records in one braise. */
const MAX_EVENTS = 20_000;

/** What every file states about itself; its parts have versions of their own. */
const head = { version: z.int(), inputVersion: z.int(), input: z.unknown() };

const wrapperSchema = z.discriminatedUnion('format', [
  z.strictObject({ format: z.literal('even-ember/plan'), ...head }),
  z.strictObject({
    format: z.literal('even-ember/braise'),
    ...head,
    actVersion: z.int(),
    events: z.array(z.unknown()).max(MAX_EVENTS),
  }),
]);

/** The wrapper of plan and braise files. */
export const FILE = migrationChain('file', wrapperSchema, FILE_STEPS);
