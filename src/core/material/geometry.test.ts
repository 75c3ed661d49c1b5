import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { roundPot } from './pot';
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
  it('starts a second layer when the base is full', () => {
    const many = arrange(pot, { ...block, count: 9, footprintM2: 0.01 });
    expect(many.layers).toBe(3);
    expect(many.stackHeightM).toBeCloseTo(0.18, 9);
  });
});
