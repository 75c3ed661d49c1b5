/** Rounds of a randomised test: `few` in ./check, `many` in `npm run soak`. */
export const rounds = (few: number, many: number): number => (process.env.SOAK === undefined ? few : many);
