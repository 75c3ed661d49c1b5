/**
 * Present versions of what screens write, for code that only writes and needs no migrations. A test holds them to the
 * chains.
 */
export const CURRENT_VERSION = { record: 5, plan: 6 } as const;
