const MIDPOINT_C = 58;
const WIDTH_K = 8;

/** Time in which meat gives up two thirds of the juice it is about to lose, s. */
export const JUICE_TIME_S = 1500;

/**
 * Share of the edible mass that meat at mean temperature `meanTempC` ends up losing as juice.
 * Sigmoid in temperature as in van der Sman (2007), with our midpoint and width; a modeller's judgement.
 */
export function equilibriumJuice(meanTempC: number, maxJuiceFraction: number): number {
  return maxJuiceFraction / (1 + Math.exp(-(meanTempC - MIDPOINT_C) / WIDTH_K));
}
