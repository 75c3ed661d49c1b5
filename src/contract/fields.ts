import * as z from 'zod';
import { type StorageSettings, type TechniqueOption, TECHNIQUES, type TechniqueTopic } from '../core/choices';
import { COOLING_RULES } from '../core/safety';

/** Control characters and lone surrogates: no keyboard types them and no database stores them. */
const UNKEEPABLE = /[\p{Cs}\u0000-\u0008\u000B-\u001F\u007F]/u;

/** Text a person typed: trimmed, limited in length, of storable characters. */
export const typed = (most: number, tooLong?: string) =>
  z
    .string()
    .trim()
    .max(most, tooLong)
    .refine((text) => !UNKEEPABLE.test(text), 'shape.characters');

/** A name: one line of typed text, never empty. */
export const name = (most: number) => typed(most).min(1);

const ID = /^[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}$/;

/** Whether something can be an id: a lower-case UUID, as pages and server make them. */
export const isId = (text: string): boolean => ID.test(text);

/** An id made by a page or the server. */
export const madeId = z.string().regex(ID, 'shape.id');

/** Finite and within what a double holds exactly; what is sensible is decided by `checkPlanInput`. */
export const quantity = z.number().min(-1e6).max(1e6);

export const moment = z.number().int().min(0).max(8.64e15);

export const id = name(60);

/** The id of a larder row, or of a custom ingredient, whose id describes it. */
export const larderId = name(400);

/** One of a topic's techniques. */
export const choice = <Id extends TechniqueTopic>(topic: Id) =>
  z.enum(TECHNIQUES[topic].ways as unknown as [TechniqueOption<Id>, ...TechniqueOption<Id>[]]);

/** How a kitchen stores leftovers. */
export const keepingSchema = z.strictObject({
  rule: z.enum(COOLING_RULES),
  boxMm: z.number().min(10).max(200),
  boxL: z.number().min(0.1).max(10),
}) satisfies z.ZodType<StorageSettings>;
