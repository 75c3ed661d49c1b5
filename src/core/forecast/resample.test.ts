import { describe, expect, it } from 'vitest';
import { effectiveCount, perturb, systematicResample, weights } from './resample';
import { normalQuantile, randomStream } from '../numbers';

describe('weights', () => {
  it('sum to one and keep their ratios, however small they are', () => {
    expect([...weights({ logWeight: Float64Array.of(-2000, -2000 + Math.log(3)) })]).toEqual([
      expect.closeTo(0.25, 9) as number,
      expect.closeTo(0.75, 9) as number,
    ]);
  });

  it('are worth as many equal ones as there would be of the same spread', () => {
    expect(effectiveCount(Float64Array.of(0.25, 0.25, 0.25, 0.25))).toBeCloseTo(4, 9);
    expect(effectiveCount(Float64Array.of(1, 0, 0, 0))).toBe(1);
    expect(effectiveCount(Float64Array.of(0.5, 0.5, 0, 0))).toBeCloseTo(2, 9);
  });
});

describe('drawing parents', () => {
  const drawn = (w: number[], offset: number, count?: number): number[] => [
    ...systematicResample(Float64Array.from(w), () => offset, count),
  ];

  it('takes each within one of its share, in order', () => {
    expect(drawn([0.5, 0.25, 0.25, 0], 0.5)).toEqual([0, 0, 1, 2]);
    expect(drawn([0, 0, 1], 0.1)).toEqual([2, 2, 2]);
    expect(drawn([0.1, 0.2, 0.7], 0.5, 10)).toEqual([0, 1, 1, 2, 2, 2, 2, 2, 2, 2]);
    expect(drawn([0.1, 0.2, 0.7], 0.999, 2)).toEqual([2, 2]);
    expect(drawn([0.6, 0.4], 0, 1)).toEqual([0]);
  });

  it('stays with the last where rounding leaves the sum short of one', () => {
    expect(drawn([0.3, 0.3, 0.3999999], 0.9999999, 3)).toEqual([1, 2, 2]);
    expect(drawn([0.2, 0.2], 0.5, 4)).toEqual([0, 1, 1, 1]);
  });
});

describe('a step aside', () => {
  it('moves the first unknowns only, towards the middle and a fresh normal', () => {
    const from = Float64Array.of(1, -2, 3, 4);
    const to = new Float64Array(4);
    const [first, second] = [randomStream(5), randomStream(5)];
    perturb(from, to, 2, first);
    const fresh = Math.sqrt(1 - 0.49);
    expect(to[0]).toBeCloseTo(0.7 + fresh * normalQuantile(second()), 12);
    expect(to[1]).toBeCloseTo(-1.4 + fresh * normalQuantile(second()), 12);
    expect([to[2], to[3]]).toEqual([3, 4]);
    expect([...from]).toEqual([1, -2, 3, 4]);
  });

  it('leaves a standard normal one', () => {
    const random = randomStream(9);
    const from = Float64Array.from({ length: 4000 }, () => normalQuantile(random()));
    const to = new Float64Array(4000);
    perturb(from, to, 4000, random);
    const mean = to.reduce((a, b) => a + b, 0) / 4000;
    expect(mean).toBeCloseTo(0, 1);
    expect(to.reduce((s, x) => s + (x - mean) ** 2, 0) / 4000).toBeCloseTo(1, 1);
    expect(to.reduce((s, x, i) => s + x * (from[i] ?? 0), 0) / 4000).toBeCloseTo(0.7, 1);
  });
});
