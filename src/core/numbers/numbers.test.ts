import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WeightedSample } from './quantile';
import { normalCdf, normalQuantile, randomStream, sobolNormals } from './random';
import { smoothStep } from './smoothStep';

describe('random numbers', () => {
  it('are the same for the same seed, lie in (0, 1) and fill it evenly', () => {
    const a = randomStream(5);
    const b = randomStream(5);
    const values = Array.from({ length: 4000 }, () => a());
    expect(values.slice(0, 10)).toEqual(Array.from({ length: 10 }, () => b()));
    expect(Math.min(...values)).toBeGreaterThan(0);
    expect(Math.max(...values)).toBeLessThan(1);
    for (let k = 0; k < 10; k++) {
      const share = values.filter((v) => v >= k / 10 && v < (k + 1) / 10).length / values.length;
      expect(Math.abs(share - 0.1)).toBeLessThan(0.02);
    }
  });

  it('differ for seeds that differ above 32 bits', () => {
    expect(randomStream(1)()).not.toBe(randomStream(1 + 2 ** 32)());
  });
});

describe('the normal law', () => {
  it.each([
    [0.5, 0],
    [0.9, 1.2815515655446],
    [0.025, -1.9599639845401],
    [0.001, -3.0902323061678],
    [0.999, 3.0902323061678],
  ])('has its %s quantile at %s', (p, z) => {
    expect(normalQuantile(p)).toBeCloseTo(z, 7);
    expect(normalCdf(z)).toBeCloseTo(p, 6);
  });

  it('inverts itself', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (p) => {
        expect(normalCdf(normalQuantile(p))).toBeCloseTo(p, 5);
      }),
    );
  });
});

describe('Sobol normals', () => {
  const count = 512;
  const dimensions = 17;
  const z = sobolNormals(count, dimensions, randomStream(3));
  const column = (d: number): number[] => Array.from({ length: count }, (_, i) => z[i * dimensions + d] ?? Number.NaN);

  it('put exactly one point in every 512th of each unknown', () => {
    for (let d = 0; d < dimensions; d++) {
      const cells = column(d).map((v) => Math.floor(normalCdf(v) * count));
      expect(new Set(cells).size).toBeGreaterThan(count * 0.99);
    }
  });

  it('have mean 0, spread 1 and hardly any correlation', () => {
    for (let d = 0; d < dimensions; d++) {
      const values = column(d);
      const mean = values.reduce((a, b) => a + b, 0) / count;
      const square = values.reduce((a, b) => a + b * b, 0) / count;
      expect(Math.abs(mean)).toBeLessThan(0.01);
      expect(Math.abs(square - 1)).toBeLessThan(0.03);
      for (let other = 0; other < d; other++) {
        const before = column(other);
        const product = values.reduce((sum, v, i) => sum + v * (before[i] ?? 0), 0) / count;
        expect(Math.abs(product)).toBeLessThan(0.1);
      }
    }
  });

  it('refuse more unknowns than there are direction numbers', () => {
    expect(() => sobolNormals(8, 40, randomStream(1))).toThrow(RangeError);
  });
});

describe('a weighted sample', () => {
  it('is the plain one when all weigh the same', () => {
    const values = Float64Array.from({ length: 101 }, (_, i) => 100 - i);
    const sample = new WeightedSample(values, new Float64Array(101).fill(1));
    expect(sample.quantile(0.5)).toBeCloseTo(49.5, 9);
    expect(sample.shareBelow(25)).toBeCloseTo(26 / 101, 9);
    expect(sample.shareBelow(-1)).toBe(0);
  });

  it('orders its quantiles, and shares below them, for any values and weights', () => {
    const row = fc.tuple(
      fc.double({ min: -1e6, max: 1e6, noNaN: true }),
      fc.double({ min: 1e-6, max: 10, noNaN: true }),
    );
    fc.assert(
      fc.property(fc.array(row, { minLength: 2, maxLength: 60 }), (rows) => {
        const sample = new WeightedSample(
          Float64Array.from(rows, (r) => r[0]),
          Float64Array.from(rows, (r) => r[1]),
        );
        const q = [0.05, 0.1, 0.5, 0.9, 0.95].map((p) => sample.quantile(p));
        for (let i = 1; i < q.length; i++) expect(q[i]).toBeGreaterThanOrEqual(q[i - 1] ?? Infinity);
        expect(sample.shareBelow(Math.max(...rows.map((r) => r[0])))).toBeCloseTo(1, 9);
      }),
    );
  });

  it('weighs the same values anew as if they had come so', () => {
    const values = Float64Array.from([5, 1, 5, 3, Infinity, 1, 2]);
    const weights = Float64Array.from([1, 0.2, 3, 0.5, 0.1, 2, 0.7]);
    const anew = new WeightedSample(values, new Float64Array(7).fill(1)).weighing(weights);
    const plain = new WeightedSample(values, weights);
    for (const p of [0.05, 0.3, 0.5, 0.8, 0.95, 0.999]) expect(anew.quantile(p)).toBe(plain.quantile(p));
    // Half of the weight lies on the two fives: no interpolation between them.
    expect(plain.quantile(0.7)).toBe(5);
    expect(plain.shareBelow(1)).toBeCloseTo(2.2 / 7.5, 12);
  });

  it('keeps what never comes at infinity', () => {
    const sample = new WeightedSample(Float64Array.from([10, 20, Infinity, Infinity]), Float64Array.from([1, 1, 1, 1]));
    expect(sample.quantile(0.25)).toBe(10);
    expect(sample.quantile(0.9)).toBe(Infinity);
    expect(sample.shareBelow(1e9)).toBe(0.5);
  });
});

describe('a step without corners', () => {
  it('runs from 0 to 1, a half at the middle, level at both ends', () => {
    expect([1, 2, 2.5, 3, 4, 5].map((x) => smoothStep(x, 2, 4))).toEqual([0, 0, 0.15625, 0.5, 1, 1]);
  });
});
