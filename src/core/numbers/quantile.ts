/** Values with weights, sorted once; weights are normalised to sum 1. */
export class WeightedSample {
  private readonly values: Float64Array;
  private readonly cumulative: Float64Array;

  constructor(values: Float64Array, weights: Float64Array) {
    const order = Uint32Array.from(values.keys()).sort((a, b) => (values[a] as number) - (values[b] as number));
    this.values = new Float64Array(values.length);
    this.cumulative = new Float64Array(values.length);
    let sum = 0;
    order.forEach((from, to) => {
      sum += weights[from] as number;
      this.values[to] = values[from] as number;
      this.cumulative[to] = sum;
    });
    for (let i = 0; i < this.cumulative.length; i++) this.cumulative[i] = (this.cumulative[i] as number) / sum;
  }

  /** Value below which a share `p` of the weight lies, by interpolation; Infinity if that share is not finite. */
  quantile(p: number): number {
    const { values, cumulative } = this;
    let low = 0;
    let high = values.length - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((cumulative[middle] as number) < p) low = middle + 1;
      else high = middle;
    }
    const here = values[low] as number;
    if (low === 0 || !Number.isFinite(here)) return here;
    const from = cumulative[low - 1] as number;
    const to = cumulative[low] as number;
    const before = values[low - 1] as number;
    return to === from ? here : before + ((here - before) * (p - from)) / (to - from);
  }

  /** Share of the weight at or below `value`. */
  shareBelow(value: number): number {
    const { values, cumulative } = this;
    let low = 0;
    let high = values.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((values[middle] as number) <= value) low = middle + 1;
      else high = middle;
    }
    return low === 0 ? 0 : (cumulative[low - 1] as number);
  }
}
