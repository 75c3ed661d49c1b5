import * as z from 'zod';
import { chainOf, type Step } from './chain';

/** More than anybody records of one braise. */
const MAX_EVENTS = 20_000;

/** What every file says of itself; its parts have versions of their own. */
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

/** In a file of version 1 the input was of version 1 too; a file of 2 is one with an input of 2. */
const secondInput: Step = (file) => ({ ...file, version: 2, inputVersion: 1 });

/** From 3 on a file says of which version each of its parts is, and a cook is called a braise. */
const partsSayTheirVersion: Step = (file) => ({
  inputVersion: 2,
  ...file,
  version: 3,
  ...(file.format === 'even-ember/cook' ? { format: 'even-ember/braise', actVersion: 1 } : {}),
});

/** The wrapper of plan and braise files. */
export const FILE = chainOf('file', wrapperSchema, [secondInput, partsSayTheirVersion]);
