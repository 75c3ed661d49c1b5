/** Present versions of what screens write, for those that only write and need no chain. The chains are held to them. */
export const PRESENT = { record: 4, plan: 6 } as const;
