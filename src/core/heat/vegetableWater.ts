import { type TimeGrid } from './timeGrid';
import { RELEASE_FROM_C, type WaterGiver } from '../material';

/** What vegetables give to the liquid, or take up, step by step: towards all of it with their time above 75 °C. */
export class VegetableWaterRelease {
  /** What each has left, kg. */
  private readonly left: Float64Array;

  constructor(
    private readonly givers: readonly WaterGiver[],
    private readonly grid: TimeGrid,
  ) {
    this.left = Float64Array.from(givers, (v) => v.kg * v.waterShare);
  }

  /** What is given in `step`, the liquid at `liquidC`, kg; negative when more is taken up. */
  in(step: number, liquidC: number): number {
    if (liquidC < RELEASE_FROM_C) return 0;
    const { givers, left, grid } = this;
    const stepMin = (grid.stepS[step] as number) / 60;
    let sum = 0;
    for (let i = 0; i < givers.length; i++) {
      const { fromMin, tauMin } = givers[i] as WaterGiver;
      const sinceMin = (grid.endS[step] as number) / 60 - fromMin;
      if (sinceMin <= 0) continue;
      const had = left[i] as number;
      const stays = Math.exp(-Math.min(sinceMin, stepMin) / tauMin);
      left[i] = had * stays;
      sum += had * (1 - stays);
    }
    return sum;
  }
}
