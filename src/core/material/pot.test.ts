import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  fitsIn,
  potBaseM2,
  potRimM,
  type PotShape,
  potSpanM,
  potVolumeL,
  roundPot,
  usualPotKg,
  wallThicknessM,
} from './pot';

const oval = (lengthM: number, widthM: number): PotShape => ({ shape: 'oval', lengthM, widthM, heightM: 0.12 });
const tray = (lengthM: number, widthM: number): PotShape => ({ shape: 'rectangle', lengthM, widthM, heightM: 0.08 });

/** Perimeter of an ellipse by ten thousand chords. */
function chords(lengthM: number, widthM: number): number {
  const n = 10_000;
  const at = (i: number): [number, number] => {
    const angle = (2 * Math.PI * i) / n;
    return [(lengthM / 2) * Math.cos(angle), (widthM / 2) * Math.sin(angle)];
  };
  let sum = 0;
  for (let i = 0; i < n; i++) {
    const [x0, y0] = at(i);
    const [x1, y1] = at(i + 1);
    sum += Math.hypot(x1 - x0, y1 - y0);
  }
  return sum;
}

describe('a pot of any shape', () => {
  it('26 cm across and 12 deep holds 6.4 litres; a tray of 36 by 26 by 7 cm 6.6', () => {
    expect(potVolumeL(roundPot(0.26, 0.12))).toBeCloseTo(6.37, 2);
    expect(potVolumeL({ shape: 'rectangle', lengthM: 0.36, widthM: 0.26, heightM: 0.07 })).toBeCloseTo(6.55, 2);
    expect(potVolumeL(oval(0.31, 0.24))).toBeCloseTo(7.01, 2);
  });

  it('has the wall of an ellipse all round, to a ten-thousandth', () => {
    for (const [l, w] of [
      [0.26, 0.26],
      [0.31, 0.24],
      [0.45, 0.2],
    ] as const) {
      expect(potRimM(oval(l, w)) / chords(l, w)).toBeCloseTo(1, 3);
    }
    expect(potRimM(tray(0.36, 0.26))).toBeCloseTo(1.24, 6);
  });

  it('a casserole of five kilograms has walls of a few millimetres, and one like it weighs about as much', () => {
    const pot = roundPot(0.26, 0.12);
    expect(wallThicknessM({ ...pot, massKg: 5, material: 'castIron' }) * 1000).toBeCloseTo(3.4, 1);
    expect(usualPotKg(pot, 'castIron')).toBeGreaterThan(5);
    expect(usualPotKg(pot, 'castIron')).toBeLessThan(8);
    expect(usualPotKg(pot, 'steel')).toBeLessThan(3.5);
  });

  it('takes a roast along its long way that would not lie in it across', () => {
    expect(fitsIn(oval(0.31, 0.24), 0.26, 0.11)).toBe(true);
    expect(fitsIn(roundPot(0.24, 0.12), 0.26, 0.11)).toBe(false);
    expect(fitsIn(tray(0.36, 0.26), 0.26, 0.36)).toBe(true);
    expect(fitsIn(tray(0.36, 0.26), 0.37, 0.1)).toBe(false);
  });

  it('an oval lies between the circles and the trays around it, and a circle is an oval', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.12, max: 0.6, noNaN: true }),
        fc.double({ min: 0.12, max: 0.6, noNaN: true }),
        (lengthM, widthM) => {
          const [least, most] = [Math.min(lengthM, widthM), Math.max(lengthM, widthM)];
          const pot = oval(lengthM, widthM);
          expect(potBaseM2(pot)).toBeLessThanOrEqual(potBaseM2(tray(lengthM, widthM)));
          expect(potBaseM2(pot)).toBeGreaterThanOrEqual(potBaseM2(roundPot(least, 0.1)) - 1e-12);
          expect(potRimM(pot)).toBeGreaterThanOrEqual(potRimM(roundPot(least, 0.1)) - 1e-12);
          expect(potRimM(pot)).toBeLessThanOrEqual(potRimM(roundPot(most, 0.1)) + 1e-12);
          expect(potSpanM(pot)).toBe(least);
          expect(potRimM(oval(least, least))).toBeCloseTo(Math.PI * least, 9);
        },
      ),
    );
  });
});
