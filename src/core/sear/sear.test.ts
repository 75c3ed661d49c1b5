import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PAN_SHARE, searPlan } from './batches';
import { layInPan } from './panMap';
import { cutById } from '../larder/cuts';

describe('the pan map', () => {
  it('never lets pieces overlap or leave the pan', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 160, max: 360 }),
        fc.integer({ min: 20, max: 220 }),
        fc.integer({ min: 20, max: 160 }),
        fc.integer({ min: 1, max: 40 }),
        (diameter, width, height, wanted) => {
          const placed = layInPan(diameter, width, height, wanted);
          expect(placed.length).toBeLessThanOrEqual(wanted);
          placed.forEach((a, i) => {
            const corner = Math.hypot(Math.abs(a.x) + a.width / 2, Math.abs(a.y) + a.height / 2);
            expect(corner).toBeLessThanOrEqual(diameter / 2 + 1e-9);
            for (const b of placed.slice(i + 1)) {
              const apart =
                Math.abs(a.x - b.x) >= (a.width + b.width) / 2 || Math.abs(a.y - b.y) >= (a.height + b.height) / 2;
              expect(apart).toBe(true);
            }
          });
        },
      ),
    );
  });
});

describe('searing', () => {
  const cut = cutById('lamb_shank');
  const size = { lengthMm: 150, widthMm: 70, thicknessMm: 65 };

  it('takes four shanks in two batches in a 28 cm pan', () => {
    const plan = searPlan(cut, size, 4, 280);
    expect(plan.batches).toBe(2);
    expect(plan.perBatch).toBe(2);
    expect(plan.layout).toHaveLength(2);
    expect(plan.coverage).toBeLessThanOrEqual(PAN_SHARE);
    expect(plan.minutes).toBe(4 + 2 * 12 + 2);
  });

  it('needs no more batches in a wider pan', () => {
    const counts = [200, 240, 280, 320].map((pan) => searPlan(cut, size, 8, pan).batches);
    expect(counts).toEqual([...counts].sort((a, b) => b - a));
  });

  it('browns a piece larger than the pan by itself, with nothing drawn in it', () => {
    const plan = searPlan(cutById('lamb_shoulder'), { lengthMm: 260, widthMm: 190, thicknessMm: 75 }, 1, 200);
    expect(plan.batches).toBe(1);
    expect(plan.layout).toHaveLength(0);
  });
});
