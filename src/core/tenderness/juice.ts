const MIDPOINT_C = 58;
const WIDTH_K = 8;

/** Time constant of juice loss, s. */
export const JUICE_TIME_S = 1500;

/**
 * Share of the edible mass that meat at mean temperature `meanTempC` finally loses as juice. Sigmoid in temperature as
 * in van der Sman (2007), with our midpoint and width; an estimate.
 */
export function equilibriumJuice(meanTempC: number, maxJuiceFraction: number): number {
  return maxJuiceFraction / (1 + Math.exp(-(meanTempC - MIDPOINT_C) / WIDTH_K));
}

const TABLE_STEPS_PER_K = 20;
const TABLE_MAX_C = 130;

const SHARE_TABLE: Float64Array = Float64Array.from({ length: TABLE_MAX_C * TABLE_STEPS_PER_K + 2 }, (_, i) =>
  equilibriumJuice(i / TABLE_STEPS_PER_K, 1),
);

/**
 * Share of the largest loss that meat at `meanTempC` finally reaches, from a table of 0.05 K steps; constant beyond its
 * ends.
 */
export function tabulatedJuiceShare(meanTempC: number): number {
  const position = (meanTempC < 0 ? 0 : meanTempC > TABLE_MAX_C ? TABLE_MAX_C : meanTempC) * TABLE_STEPS_PER_K;
  const index = position | 0;
  const low = SHARE_TABLE[index] as number;
  return low + (position - index) * ((SHARE_TABLE[index + 1] as number) - low);
}
