/** Share of raw mass that a usual mix of onion, carrot and celery gives up as water. Modeller's judgement, ±30 %. */
export const VEGETABLE_WATER_SHARE = 0.27;
const RELEASE_TAU_MIN = 30;
const RELEASE_FROM_C = 75;

/** How much of that water is out, 0 to 1, by the end of `step`. */
export function vegetableWaterShare(liquidC: Float64Array, stepS: Float64Array, step: number): number {
  let hotMin = 0;
  for (let i = 0; i <= step; i++) if ((liquidC[i] as number) >= RELEASE_FROM_C) hotMin += (stepS[i] as number) / 60;
  return 1 - Math.exp(-hotMin / RELEASE_TAU_MIN);
}

/** Water that `vegetablesKg` of aromatics have released, kg, at each step of a course. */
export function vegetableWaterKg(vegetablesKg: number, liquidC: Float64Array, stepS: Float64Array): Float64Array {
  const out = new Float64Array(liquidC.length);
  let hotMin = 0;
  for (let i = 0; i < liquidC.length; i++) {
    if ((liquidC[i] as number) >= RELEASE_FROM_C) hotMin += (stepS[i] as number) / 60;
    out[i] = vegetablesKg * VEGETABLE_WATER_SHARE * (1 - Math.exp(-hotMin / RELEASE_TAU_MIN));
  }
  return out;
}
