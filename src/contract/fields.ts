import { z } from 'zod';
import { type WayOf, WAYS, type WayTopic } from '../core/choices';

/** Text a person typed: trimmed, never empty, never huge. */
export const name = (most: number) => z.string().trim().min(1).max(most);

/** Finite and within what a double holds exactly; what is sensible is for `checkPlanInput` to say. */
export const quantity = z.number().min(-1e6).max(1e6);

export const moment = z.number().int().min(0).max(8.64e15);

export const id = name(60);

/** One of the ways with a topic. */
export const choice = <Id extends WayTopic>(topic: Id) =>
  z.enum(WAYS[topic].ways as unknown as [WayOf<Id>, ...WayOf<Id>[]]);
