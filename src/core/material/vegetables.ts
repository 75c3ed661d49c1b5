/** Something in the pot besides meat that releases water into the liquid or absorbs it. */
export interface WaterSource {
  readonly kg: number;
  /** Kilograms released (positive) or absorbed (negative) per kilogram when cooked through. */
  readonly waterShare: number;
  /** Time constant of that above 75 °C, min. */
  readonly tauMin: number;
  /** When it goes in, min after the meat met the liquid. */
  readonly fromMin: number;
}

/** Vegetables start to release their water at this temperature, °C. */
export const RELEASE_FROM_C = 75;

/** A usual mix of onion, carrot and celery, in from the start. Its water share is an estimate, ±30%. */
export function usualVegetables(kg: number): readonly WaterSource[] {
  return kg > 0 ? [{ kg, waterShare: 0.27, tauMin: 30, fromMin: 0 }] : [];
}

/** Raw weight of what is in the pot from the start, kg. */
export function startingVegetablesKg(vegetables: readonly WaterSource[]): number {
  return vegetables.reduce((sum, v) => (v.fromMin <= 0 ? sum + v.kg : sum), 0);
}

interface Steps {
  readonly stepS: Float64Array;
  readonly endS: Float64Array;
}

/** How much of its water each has released or absorbed by the end of `step`, 0 to 1. */
function progressAt(vegetables: readonly WaterSource[], liquidC: Float64Array, grid: Steps, step: number): number[] {
  return vegetables.map(({ tauMin, fromMin }) => {
    let hotMin = 0;
    for (let i = 0; i <= step; i++) {
      const stepMin = (grid.stepS[i] as number) / 60;
      const sinceMin = (grid.endS[i] as number) / 60 - fromMin;
      if ((liquidC[i] as number) >= RELEASE_FROM_C && sinceMin > 0) hotMin += Math.min(stepMin, sinceMin);
    }
    return 1 - Math.exp(-hotMin / tauMin);
  });
}

/** Weight of the vegetables at the end of `step`; those not yet in count nothing. */
export function vegetablesKgAt(
  vegetables: readonly WaterSource[],
  liquidC: Float64Array,
  grid: Steps,
  step: number,
): number {
  const progress = progressAt(vegetables, liquidC, grid, step);
  const nowMin = (grid.endS[step] as number) / 60;
  return vegetables.reduce(
    (sum, v, i) => (v.fromMin <= nowMin ? sum + v.kg * (1 - v.waterShare * (progress[i] ?? 0)) : sum),
    0,
  );
}

/** Net water released by all of them, kg, at each step of a trace. */
export function vegetableWaterKg(vegetables: readonly WaterSource[], liquidC: Float64Array, grid: Steps): Float64Array {
  const out = new Float64Array(liquidC.length);
  for (const { kg, waterShare, tauMin, fromMin } of vegetables) {
    let hotMin = 0;
    for (let i = 0; i < liquidC.length; i++) {
      const sinceMin = (grid.endS[i] as number) / 60 - fromMin;
      if ((liquidC[i] as number) >= RELEASE_FROM_C && sinceMin > 0) {
        hotMin += Math.min((grid.stepS[i] as number) / 60, sinceMin);
      }
      out[i] = (out[i] as number) + kg * waterShare * (1 - Math.exp(-hotMin / tauMin));
    }
  }
  return out;
}
