import { type Shells } from './shells';
import { type VegetableWaterRelease } from './vegetableWater';

/** The state of pieces and vegetables before a part of a step, to go back to if the pot ends its stage within it. */
export class Rewind {
  /** Cook value of each body's slowest quarter as it was kept, min. */
  readonly slow: Float64Array;
  private readonly rate: Float64Array;
  private readonly juice: Float64Array;

  constructor(
    private readonly shells: Shells,
    private readonly givers: VegetableWaterRelease,
    private readonly now: { readonly slow: Float64Array; readonly rate: Float64Array; readonly juice: Float64Array },
  ) {
    this.slow = now.slow.slice();
    this.rate = now.rate.slice();
    this.juice = now.juice.slice();
  }

  keep(): void {
    this.shells.keep();
    this.givers.keep();
    this.slow.set(this.now.slow);
    this.rate.set(this.now.rate);
    this.juice.set(this.now.juice);
  }

  back(): void {
    this.shells.back();
    this.givers.back();
    this.now.slow.set(this.slow);
    this.now.rate.set(this.rate);
    this.now.juice.set(this.juice);
  }
}
