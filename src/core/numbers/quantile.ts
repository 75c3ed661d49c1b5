/** Values with weights, sorted once; weights are normalised to sum 1. */
export class WeightedSample {
  private readonly values: Float64Array;
  /** Index of each input value in the sorted order. */
  private readonly place: Uint32Array;
  /** Cumulative weight at each sorted value, and in total. */
  private readonly cumulative: Float64Array;
  private readonly total: number;

  constructor(values: Float64Array, weights: Float64Array, sorted?: WeightedSample) {
    this.values = sorted?.values ?? values.slice().sort();
    this.place = sorted?.place ?? places(values, this.values);
    this.cumulative = new Float64Array(values.length);
    for (let i = 0; i < values.length; i++) this.cumulative[this.place[i] as number] = weights[i] as number;
    let sum = 0;
    for (let k = 0; k < values.length; k++) {
      sum += this.cumulative[k] as number;
      this.cumulative[k] = sum;
    }
    this.total = sum;
  }

  /** The same values with other weights, in the original order. */
  weighing(weights: Float64Array): WeightedSample {
    return new WeightedSample(this.values, weights, this);
  }

  /** Value below which a share `p` of the weight lies, by interpolation; Infinity if that share is not finite. */
  quantile(p: number): number {
    const { values, cumulative } = this;
    const wanted = p * this.total;
    let low = 0;
    let high = values.length - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((cumulative[middle] as number) < wanted) low = middle + 1;
      else high = middle;
    }
    const here = values[low] as number;
    if (low === 0 || !Number.isFinite(here)) return here;
    const from = cumulative[low - 1] as number;
    const to = cumulative[low] as number;
    const before = values[low - 1] as number;
    return to === from ? here : before + ((here - before) * (wanted - from)) / (to - from);
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
    return low === 0 ? 0 : (cumulative[low - 1] as number) / this.total;
  }
}

/** Index in `sorted` of each of `values`; ties get consecutive indices. */
function places(values: Float64Array, sorted: Float64Array): Uint32Array {
  const taken = new Uint32Array(values.length);
  const out = new Uint32Array(values.length);
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    let low = 0;
    let high = sorted.length - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((sorted[middle] as number) < value) low = middle + 1;
      else high = middle;
    }
    const before = taken[low] as number;
    taken[low] = before + 1;
    out[i] = low + before;
  }
  return out;
}
