import { type z } from 'zod';
import { type Message, say, storedMessage } from '../core/message';

/** Codes for faults a schema words itself, see `fault()`; any other is described by where it lies. */
const CODE = /^shape\.\w+(\.\w+)*$/;

/** The first fault of a shape: in its own words, or by where it lies. */
export function shapeFault(error: z.ZodError): Message {
  const issue = error.issues[0];
  if (issue && CODE.test(issue.message)) return storedMessage({ code: issue.message });
  return say('shape.notAsDescribed', { where: issue?.path.join('.') ?? '', why: issue?.message ?? '' });
}
