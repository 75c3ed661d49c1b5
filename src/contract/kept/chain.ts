import { type z } from 'zod';

/** What was kept or sent, as JSON gives it. */
export type Json = Readonly<Record<string, unknown>>;

/** What is kept in shapes that change with time. */
export type KeptShape = 'record' | 'kitchen' | 'file' | 'account' | 'plan' | 'begun plan';

/** Brings data of one version to the next; total on what that version could hold, and never changed once released. */
export type Step = (data: Json) => Json;

/** Data that says it is of a version this app does not know. */
export class VersionError extends Error {
  constructor(
    readonly what: KeptShape,
    readonly version: number,
    readonly present: number,
  ) {
    super(`${what} of version ${String(version)}; this app knows up to version ${String(present)}.`);
  }
}

/** A shape that is kept, the version it has now, and how every earlier one becomes it. */
export interface MigrationChain<T> {
  readonly what: KeptShape;
  /** The present version; versions count from 1. */
  readonly version: number;
  readonly schema: z.ZodType<T>;
  /** Steps alone, without checking what comes of them. Throws `VersionError` for a version there is not. */
  upgraded(data: unknown, version: number): unknown;
  /** Data of a version as the present shape. Throws `VersionError`, or zod's error where it is not as described. */
  read(data: unknown, version: number): T;
}

const isJson = (data: unknown): data is Json => typeof data === 'object' && data !== null && !Array.isArray(data);

/** The next version of data; what is not as its version says is left as it is, for the schema to refuse. */
function stepped(older: Json, step: Step): Json {
  try {
    return step(older);
  } catch (fault) {
    if (fault instanceof TypeError) return older;
    throw fault;
  }
}

/** A chain whose `steps[v - 1]` leads from version v to v + 1. Nothing is told by what the data look like. */
export function chainOf<T>(what: KeptShape, schema: z.ZodType<T>, steps: readonly Step[]): MigrationChain<T> {
  const present = steps.length + 1;
  const upgraded = (data: unknown, version: number): unknown => {
    if (!Number.isInteger(version) || version < 1 || version > present) {
      throw new VersionError(what, version, present);
    }
    return isJson(data) ? steps.slice(version - 1).reduce(stepped, data) : data;
  };
  return { what, version: present, schema, upgraded, read: (data, version) => schema.parse(upgraded(data, version)) };
}
