import * as z from 'zod';
import { chainOf, type Step } from './chain';
import { eventActSchema, type NewEvent, newEventSchema } from '../cook';

/** 1 called the fork stage in which a fork twists freely "turns", a word that pieces need; 2 calls it "twists". */
const twistsNotTurns: Step = (act) =>
  act.kind === 'fork' && act.stage === 'turns' ? { ...act, stage: 'twists' } : act;

/** 2 knew no steps, timers and troubles; what it knew is as it was. */
const stepsAndTimers: Step = (act) => act;

/** 3 knew nothing of holding, sauce, table and what is left; what it knew is as it was. */
const afterTheHeat: Step = (act) => act;

/** What a record says, as it is kept and as screens send it. Rows are read through this and never rewritten. */
export const ACT = chainOf('record', eventActSchema, [twistsNotTurns, stepsAndTimers, afterTheHeat]);

const unreadEventSchema = z.looseObject({ act: z.unknown() });

/** An event made when acts were of `version`. Throws `VersionError`, or zod's error where it is not as described. */
export function readEvent(data: unknown, version: number): NewEvent {
  const event = unreadEventSchema.parse(data);
  return newEventSchema.parse({ ...event, act: ACT.upgraded(event.act, version) });
}

/** An event as a screen sends it. One that does not say of which version it is comes from before events said so: 1. */
export const sentEventSchema = z
  .looseObject({ actVersion: z.int().min(1).max(ACT.version).default(1) })
  .transform(({ actVersion, ...event }): unknown => ({ ...event, act: ACT.upgraded(event.act, actVersion) }))
  .pipe(newEventSchema);
