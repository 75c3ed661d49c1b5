/** Stored or sent data, as JSON. */
export type Json = Readonly<Record<string, unknown>>;

/**
 * Brings data of one version to the next; defined for anything that version could hold, and never changed after
 * release. Steps import nothing that can change: what they knew then stands in them.
 */
export type Step = (data: Json) => Json;

/** A version whose fields are those of the one before, or whose further ones nobody needs any more. */
export const unchanged: Step = (data) => data;
