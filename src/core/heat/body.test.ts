import { describe, expect, it } from 'vitest';
import { BONE, geometryOf, type Pieces } from './body';

const slab: Pieces = {
  shape: { beta: 0, lengthM: 0.02 },
  volumeM3: 1e-3,
  conductivityWMK: 0.5,
  volumetricHeatJM3K: 3.5e6,
  coreBoneFraction: 0,
};
const sum = (values: Float64Array): number => values.reduce((a, b) => a + b, 0);

describe('a piece cut into shells', () => {
  it('is a slab of even ones, worked by hand', () => {
    const { firstMeat, heatCapacity, coupling, meatShare, depth, surfaceM2, outerResistance, slow } = geometryOf(
      slab,
      4,
    );
    expect(firstMeat).toBe(0);
    expect(surfaceM2).toBeCloseTo(0.05, 12);
    expect(outerResistance).toBeCloseTo(0.0025 / 0.5, 12);
    heatCapacity.forEach((c) => {
      expect(c).toBeCloseTo(3500 / 4, 9);
    });
    expect([...coupling].map((k) => Number(k.toFixed(9)))).toEqual([5, 5, 5, 0]);
    expect([...meatShare].map((m) => Number(m.toFixed(12)))).toEqual([0.25, 0.25, 0.25, 0.25]);
    expect([...depth].map((d) => Number(d.toFixed(9)))).toEqual([0.125, 0.375, 0.625, 0.875]);
    // The slowest quarter ends halfway between the middles of the first two.
    expect(slow).toEqual({ low: 0, high: 1, weight: 0.5 });
  });

  it('reads the slowest quarter in the one shell where that is thick', () => {
    expect(geometryOf(slab, 2).slow).toEqual({ low: 0, high: 0, weight: 0 });
    const ball = geometryOf({ ...slab, shape: { beta: 2, lengthM: 0.03 } }, 8);
    const { low, high, weight } = ball.slow;
    const middle = (of: number): number => sum(ball.meatShare.slice(0, of)) + (ball.meatShare[of] ?? 0) / 2;
    expect(high).toBe(low + 1);
    expect(middle(low) + weight * (middle(high) - middle(low))).toBeCloseTo(0.25, 12);
  });

  it('keeps bone in the middle: it conducts and holds heat, and is no meat', () => {
    const cored: Pieces = { ...slab, shape: { beta: 1, lengthM: 0.03 }, coreBoneFraction: 0.16 };
    const { firstMeat, heatCapacity, coupling, meatShare, depth, slow } = geometryOf(cored, 14);
    // The bone's radius is 0.4 of the piece's; its shells are twice as thick as the meat's.
    expect(firstMeat).toBe(3);
    expect(sum(heatCapacity.slice(0, 3))).toBeCloseTo(0.16e-3 * BONE.volumetricHeatJM3K, 9);
    expect(sum(heatCapacity)).toBeCloseTo(0.16e-3 * BONE.volumetricHeatJM3K + 0.84e-3 * 3.5e6, 9);
    expect([...meatShare.slice(0, 3)]).toEqual([0, 0, 0]);
    expect(sum(meatShare)).toBeCloseTo(1, 12);
    expect(slow.low).toBeGreaterThanOrEqual(3);
    const bone = 0.012 / 3;
    const meat = 0.018 / 11;
    expect(depth[1]).toBeCloseTo((1.5 * bone) / 0.03, 12);
    expect(depth[5]).toBeCloseTo((0.012 + 2.5 * meat) / 0.03, 12);
    const scale = (1e-3 * 2) / 0.03 ** 2;
    expect(coupling[0]).toBeCloseTo((scale * bone * BONE.conductivityWMK) / bone, 9);
    expect(coupling[2]).toBeCloseTo((scale * 0.012) / (bone / 2 / BONE.conductivityWMK + meat / 2 / 0.5), 9);
    expect(coupling[5]).toBeCloseTo((scale * (0.012 + 3 * meat) * 0.5) / meat, 9);
    expect(geometryOf({ ...cored, coreBoneFraction: 1e-4 }, 14).firstMeat).toBe(2);
  });

  it('is cut once for each fineness', () => {
    expect(geometryOf(slab, 4)).toBe(geometryOf(slab, 4));
    expect(geometryOf(slab, 5).depth).toHaveLength(5);
  });

  it('knows how fast its slowest unevenness evens out: that of a slab behind a simmer’s film', () => {
    const biot = (400 * 0.02) / 0.5;
    // The first root of mu tan(mu) = Bi, by bisection.
    let low = 0;
    let high = Math.PI / 2;
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (middle * Math.tan(middle) < biot) low = middle;
      else high = middle;
    }
    const exact = ((0.5 / 3.5e6) * low * low) / 0.02 ** 2;
    expect(geometryOf(slab, 200).slowestRate / exact).toBeCloseTo(1, 4);
    expect(geometryOf(slab, 14).slowestRate / exact).toBeCloseTo(1, 2);
  });
});
