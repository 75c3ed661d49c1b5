import * as z from 'zod';
import { ACT_STEPS } from './frozen/actSteps';
import { migrationChain } from './migrations';
import { eventActSchema, type NewEvent, newEventSchema } from '../cook';

/** A record as stored and as sent by screens. Rows are read through this and never rewritten. */
export const ACT = migrationChain('record', eventActSchema, ACT_STEPS);

const unreadEventSchema = z.looseObject({ act: z.unknown() });

/** An event whose act is of `version`. Throws `VersionError`, or a zod error where the shape is wrong. */
export function readEvent(data: unknown, version: number): NewEvent {
  const event = unreadEventSchema.parse(data);
  return newEventSchema.parse({ ...event, act: ACT.upgraded(event.act, version) });
}

/** An event as sent by a screen. Without a version it is from before events carried one: version 1. */
export const sentEventSchema = z
  .looseObject({ actVersion: z.int().min(1).max(ACT.version).default(1) })
  .transform(({ actVersion, ...event }): unknown => ({ ...event, act: ACT.upgraded(event.act, actVersion) }))
  .pipe(newEventSchema);
