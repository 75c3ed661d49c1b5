import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { potBaseM2, roundPot } from './pot';
import { arrange, levelForLitres, litresForLevel, type PotContents, shrunk, submergedShare } from './geometry';

const pot = roundPot(0.26, 0.12);
const block = { count: 1, footprintM2: 0.02, heightM: 0.06, volumeM3: 0.0012, profile: 'prism' as const };

const anyContents = fc
  .record({
    diameterM: fc.double({ min: 0.18, max: 0.4, noNaN: true }),
    count: fc.integer({ min: 1, max: 12 }),
    heightM: fc.double({ min: 0.02, max: 0.08, noNaN: true }),
    sideM: fc.double({ min: 0.03, max: 0.09, noNaN: true }),
    profile: fc.constantFrom('prism' as const, 'roll' as const, 'heap' as const),
    vegetablesKg: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .map(({ diameterM, count, heightM, sideM, profile, vegetablesKg }): PotContents => {
    const shape = roundPot(diameterM, 0.2);
    const footprintM2 = sideM * sideM;
    const fill = profile === 'roll' ? Math.PI / 4 : 1;
    return {
      pot: shape,
      vegetablesKg,
      arrangements: [arrange(shape, { count, footprintM2, heightM, volumeM3: footprintM2 * heightM * fill, profile })],
    };
  });

describe('liquid in a pot', () => {
  it('is the pot’s cylinder when the pot is empty of solids, worked by hand', () => {
    const contents: PotContents = {
      pot,
      arrangements: [{ ...arrange(pot, { ...block, volumeM3: 0, footprintM2: 0 }) }],
      vegetablesKg: 0,
    };
    expect(litresForLevel(contents, 0.05)).toBeCloseTo(Math.PI * 1.3 ** 2 * 0.5, 4);
  });

  it('is less by the meat below the line, worked by hand', () => {
    const contents: PotContents = { pot, arrangements: [arrange(pot, block)], vegetablesKg: 0 };
    expect(litresForLevel(contents, 0.03)).toBeCloseTo(Math.PI * 1.3 ** 2 * 0.3 - 0.6, 4);
    expect(litresForLevel(contents, 0.08)).toBeCloseTo(Math.PI * 1.3 ** 2 * 0.8 - 1.2, 4);
  });

  it('rises with every drop, and back again', () => {
    fc.assert(
      fc.property(
        anyContents,
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (contents, litres, more) => {
          const level = levelForLitres(contents, litres);
          expect(levelForLitres(contents, litres + more)).toBeGreaterThan(level);
          expect(litresForLevel(contents, level)).toBeCloseTo(litres, 3);
        },
      ),
    );
  });

  it('covers more of the meat the higher it stands, from none to all', () => {
    fc.assert(
      fc.property(anyContents, (contents) => {
        const [arrangement] = contents.arrangements;
        if (!arrangement) return false;
        const shares = Array.from({ length: 21 }, (_, i) =>
          submergedShare(arrangement, (arrangement.stackHeightM * i) / 20),
        );
        return (
          shares[0] === 0 &&
          Math.abs((shares[20] ?? 0) - 1) < 1e-9 &&
          shares.every((s, i) => i === 0 || s >= (shares[i - 1] ?? 0) - 1e-12)
        );
      }),
    );
  });

  it('stands lower in a fuller pot’s worth of room once the meat has shrunk', () => {
    const contents: PotContents = { pot, arrangements: [arrange(pot, block)], vegetablesKg: 0.3 };
    expect(levelForLitres(shrunk(contents, [0.3], contents.vegetablesKg * 0.8), 1)).toBeLessThan(
      levelForLitres(contents, 1),
    );
  });
});

describe('laying pieces', () => {
  const legs = (count: number, pot_ = pot) =>
    arrange(pot_, { count, footprintM2: 0.0095, heightM: 0.032, volumeM3: 0.00018, profile: 'prism' });

  it('lies as high as it takes once the base is full, and never higher than one on the other', () => {
    const many = arrange(pot, { ...block, count: 6, footprintM2: 0.01, volumeM3: 0.0006 });
    // Six of 0.01 m² on four fifths of 0.0531.
    expect(many.layers).toBeCloseTo(0.06 / (0.8 * Math.PI * 0.13 ** 2), 9);
    expect(many.stackHeightM).toBeCloseTo(many.layers * 0.06, 9);
    expect(many.coverage).toBeCloseTo(0.8, 9);
    expect(arrange(pot, { ...block, count: 2, footprintM2: 0.05, volumeM3: 0.003 }).layers).toBe(2);
    expect(arrange(pot, { ...block, count: 1, footprintM2: 0.05, volumeM3: 0.003 }).layers).toBe(1);
  });

  it('fills two fifths and more of the room with legs laid by hand, three fifths with as many as are thrown in', () => {
    const solid = (count: number): number => (count * 0.00018) / (potBaseM2(pot) * legs(count).stackHeightM);
    expect(solid(6)).toBeCloseTo((0.8 * 0.00018) / (0.0095 * 0.032), 9);
    expect(solid(20)).toBeCloseTo(0.62, 9);
    expect(solid(14)).toBeGreaterThan(solid(10));
  });

  it('goes up by no step: a piece more takes its part of the room, and a wider pot a little less height', () => {
    for (let count = 1; count < 40; count++) {
      const [now, next] = [legs(count).stackHeightM, legs(count + 1).stackHeightM];
      expect(next).toBeGreaterThanOrEqual(now);
      expect(next - now, String(count)).toBeLessThanOrEqual(0.0095 * 0.032 * (1 / (0.8 * potBaseM2(pot))) + 1e-12);
    }
    const heights = Array.from({ length: 100 }, (_, i) => legs(9, roundPot(0.24 + i / 1000, 0.12)).stackHeightM);
    heights.slice(1).forEach((high, i) => {
      expect((heights[i] as number) - high).toBeLessThan(0.001);
      expect(high).toBeLessThanOrEqual(heights[i] as number);
    });
  });

  it('takes rolls in whole layers, and what there is of another over them', () => {
    const rolls = (count: number) =>
      arrange(pot, { count, footprintM2: 0.0095, heightM: 0.05, volumeM3: 0.00037, profile: 'roll' });
    const [one, more] = [rolls(4), rolls(6)];
    expect(one.layers).toBe(1);
    expect(submergedShare(one, 0.025)).toBeCloseTo(0.5, 9);
    expect(more.layers).toBeGreaterThan(1.2);
    // The first layer whole, and none of what lies above it.
    expect(submergedShare(more, 0.05)).toBeCloseTo(1 / more.layers, 9);
    expect(submergedShare(more, 0.025)).toBeCloseTo(0.5 / more.layers, 9);
  });
});
