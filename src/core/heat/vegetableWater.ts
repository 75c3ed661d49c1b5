import { RELEASE_FROM_C, type WaterSource } from '../material';

/**
 * Water that vegetables release into the liquid, or absorb, step by step: towards the full amount with their time
 * constant above 75 °C.
 */
export class VegetableWaterRelease {
  /** What each has left to release, kg; and had when it was last kept. */
  private readonly left: Float64Array;
  private readonly before: Float64Array;

  constructor(private readonly givers: readonly WaterSource[]) {
    this.before = new Float64Array(givers.length);
    this.left = Float64Array.from(givers, (v) => v.kg * v.waterShare);
  }

  /** Water released in `stepS` up to `endS` with the liquid at `liquidC`, kg; negative if absorbed. */
  in(stepS: number, endS: number, liquidC: number): number {
    if (liquidC < RELEASE_FROM_C) return 0;
    const { givers, left } = this;
    const stepMin = stepS / 60;
    let sum = 0;
    for (let i = 0; i < givers.length; i++) {
      const { fromMin, tauMin } = givers[i] as WaterSource;
      const sinceMin = endS / 60 - fromMin;
      if (sinceMin <= 0) continue;
      const had = left[i] as number;
      const stays = Math.exp(-Math.min(sinceMin, stepMin) / tauMin);
      left[i] = had * stays;
      sum += had * (1 - stays);
    }
    return sum;
  }

  /** Remembers what is left, for `back`. */
  keep(): void {
    this.before.set(this.left);
  }

  /** Back to what was last kept. */
  back(): void {
    this.left.set(this.before);
  }
}
