import { type z } from 'zod';
import { type Json, type Step } from './frozen/step';

/** Shapes that are stored and change over time. */
export type KeptShape = 'record' | 'kitchen' | 'file' | 'account' | 'plan' | 'begun plan';

/** Data of a version this app does not know. */
export class VersionError extends Error {
  constructor(
    readonly what: KeptShape,
    readonly version: number,
    readonly present: number,
  ) {
    super(`${what} of version ${String(version)}; this app knows up to version ${String(present)}.`);
  }
}

/** A stored shape, its present version, and how every earlier one is migrated to it. */
export interface MigrationChain<T> {
  readonly what: KeptShape;
  /** The present version; versions count from 1. */
  readonly version: number;
  readonly schema: z.ZodType<T>;
  /** Runs the steps without validating the result. Throws `VersionError` for an unknown version. */
  upgraded(data: unknown, version: number): unknown;
  /** Data of a version as the present shape. Throws `VersionError`, or a zod error where the shape is wrong. */
  read(data: unknown, version: number): T;
}

const isJson = (data: unknown): data is Json => typeof data === 'object' && data !== null && !Array.isArray(data);

/** The next version of the data; anything not as its version says is left alone, for the schema to refuse. */
function stepped(older: Json, step: Step): Json {
  try {
    return step(older);
  } catch (fault) {
    if (fault instanceof TypeError) return older;
    throw fault;
  }
}

/** A chain whose `steps[v - 1]` leads from version v to v + 1. Versions are never guessed from the data. */
export function migrationChain<T>(what: KeptShape, schema: z.ZodType<T>, steps: readonly Step[]): MigrationChain<T> {
  const present = steps.length + 1;
  const upgraded = (data: unknown, version: number): unknown => {
    if (!Number.isInteger(version) || version < 1 || version > present) {
      throw new VersionError(what, version, present);
    }
    return isJson(data) ? steps.slice(version - 1).reduce(stepped, data) : data;
  };
  return { what, version: present, schema, upgraded, read: (data, version) => schema.parse(upgraded(data, version)) };
}
