/** How long planned acts leave the pot open, s. Estimates for unhurried hands. */
export const OPEN_SECONDS = { fork: 60, turned: 90 } as const;
