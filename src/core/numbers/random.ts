/** A stream of uniform numbers in (0, 1). */
export type RandomStream = () => number;

/** Small fast generator with 128 bits of state (sfc32, public domain design by C. Doty-Humphrey), seeded from one number. */
export function randomStream(seed: number): RandomStream {
  let a = seed >>> 0;
  let b = Math.floor(seed / 4294967296) >>> 0;
  let c = 0x9e3779b9;
  let counter = 1;
  const next = (): number => {
    const t = (((a + b) | 0) + counter) | 0;
    counter = (counter + 1) | 0;
    a = b ^ (b >>> 9);
    b = (c + (c << 3)) | 0;
    c = (c << 21) | (c >>> 11);
    c = (c + t) | 0;
    return ((t >>> 0) + 0.5) / 4294967296;
  };
  for (let i = 0; i < 15; i++) next();
  return next;
}

/**
 * Quantile of the standard normal distribution at `p` in (0, 1); relative error under 1.2e-9. Source: P. J. Acklam's
 * rational approximation.
 */
export function normalQuantile(p: number): number {
  const low = 0.02425;
  if (p < low) {
    const q = Math.sqrt(-2 * Math.log(p));
    return tail(q);
  }
  if (p > 1 - low) {
    const q = Math.sqrt(-2 * Math.log(1 - p));
    return -tail(q);
  }
  const q = p - 0.5;
  const r = q * q;
  return (
    ((((((-39.69683028665376 * r + 220.9460984245205) * r - 275.9285104469687) * r + 138.357751867269) * r -
      30.66479806614716) *
      r +
      2.506628277459239) *
      q) /
    (((((-54.47609879822406 * r + 161.5858368580409) * r - 155.6989798598866) * r + 66.80131188771972) * r -
      13.28068155288572) *
      r +
      1)
  );
}

function tail(q: number): number {
  return (
    (((((-0.007784894002430293 * q - 0.3223964580411365) * q - 2.400758277161838) * q - 2.549732539343734) * q +
      4.374664141464968) *
      q +
      2.938163982698783) /
    ((((0.007784695709041462 * q + 0.3224671290700398) * q + 2.445134137142996) * q + 3.754408661907416) * q + 1)
  );
}

/** Standard normal distribution function; absolute error under 1.5e-7. Source: Abramowitz & Stegun 7.1.26. */
export function normalCdf(x: number): number {
  const z = Math.abs(x) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * z);
  const erfc =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) *
    Math.exp(-z * z);
  return x >= 0 ? 1 - erfc / 2 : erfc / 2;
}

/** Direction numbers of Joe & Kuo (2008) for dimensions 2 to 17: degree, coefficients, initial values. */
const SOBOL: readonly (readonly [degree: number, coefficients: number, initial: readonly number[]])[] = [
  [1, 0, [1]],
  [2, 1, [1, 3]],
  [3, 1, [1, 3, 1]],
  [3, 2, [1, 1, 1]],
  [4, 1, [1, 1, 3, 3]],
  [4, 4, [1, 3, 5, 13]],
  [5, 2, [1, 1, 5, 5, 17]],
  [5, 4, [1, 1, 5, 5, 5]],
  [5, 7, [1, 1, 7, 11, 19]],
  [5, 11, [1, 1, 5, 1, 1]],
  [5, 13, [1, 1, 1, 3, 11]],
  [5, 14, [1, 3, 5, 5, 31]],
  [6, 1, [1, 3, 3, 9, 7, 49]],
  [6, 13, [1, 1, 1, 15, 21, 21]],
  [6, 16, [1, 3, 1, 13, 27, 49]],
  [6, 19, [1, 1, 1, 15, 7, 5]],
];

const SOBOL_BITS = 32;

/** Maximum dimensions of `sobolNormals`. */
const SOBOL_DIMENSIONS = SOBOL.length + 1;

function directionNumbers(dimension: number): Uint32Array {
  const v = new Uint32Array(SOBOL_BITS);
  const row = SOBOL[dimension - 1];
  if (dimension === 0 || !row) {
    for (let i = 0; i < SOBOL_BITS; i++) v[i] = 2 ** (31 - i);
    return v;
  }
  const [degree, coefficients, initial] = row;
  for (let i = 0; i < SOBOL_BITS; i++) {
    if (i < degree) {
      v[i] = (initial[i] ?? 1) * 2 ** (31 - i);
      continue;
    }
    let value = (v[i - degree] ?? 0) ^ ((v[i - degree] ?? 0) >>> degree);
    for (let k = 1; k < degree; k++) {
      if ((coefficients >> (degree - 1 - k)) & 1) value ^= v[i - k] ?? 0;
    }
    v[i] = value >>> 0;
  }
  return v;
}

/**
 * `count` points of a Sobol sequence in `dimensions` dimensions, digitally shifted at random and turned into standard
 * normals, row by row. Covers the space far more evenly than independent draws. Throws `RangeError` over 17 dimensions.
 */
export function sobolNormals(count: number, dimensions: number, random: RandomStream): Float64Array {
  if (dimensions > SOBOL_DIMENSIONS) throw new RangeError(`At most ${String(SOBOL_DIMENSIONS)} dimensions.`);
  const out = new Float64Array(count * dimensions);
  for (let d = 0; d < dimensions; d++) {
    const v = directionNumbers(d);
    const shift = Math.floor(random() * 4294967296) >>> 0;
    let x = 0;
    for (let i = 0; i < count; i++) {
      if (i > 0) {
        const lowestZero = 31 - Math.clz32(~(i - 1) & -~(i - 1));
        x = (x ^ (v[lowestZero] ?? 0)) >>> 0;
      }
      out[i * dimensions + d] = normalQuantile((((x ^ shift) >>> 0) + 0.5) / 4294967296);
    }
  }
  return out;
}
