import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAST_STEPS, makeTimeGrid, PLAIN_STEPS } from './timeGrid';

const bare = { keyStartsS: [0], openings: [], topUps: [], marksS: [] };

describe('the time grid', () => {
  it('covers the horizon without gap or overlap, whatever happens on the way', () => {
    const moment = fc.integer({ min: 0, max: 20_000 });
    fc.assert(
      fc.property(
        fc.uniqueArray(moment, { maxLength: 4 }),
        fc.uniqueArray(moment, { maxLength: 4 }),
        fc.uniqueArray(moment, { maxLength: 4 }),
        fc.constantFrom(PLAIN_STEPS, FAST_STEPS),
        (phases, openings, marks, rules) => {
          const grid = makeTimeGrid({
            horizonS: 21_600,
            rules,
            keyStartsS: [0, ...phases.filter((p) => p > 0).sort((a, b) => a - b)],
            openings: openings.map((atS) => ({ atS, durationS: 60, airDropK: 45, lidOff: true })),
            topUps: [{ atS: 3600, massKg: 0.1, tempC: 90 }],
            marksS: marks,
          });
          let t = 0;
          let gap = 0;
          for (let i = 0; i < grid.count; i++) {
            t += grid.stepS[i] ?? 0;
            gap = Math.max(gap, Math.abs((grid.endS[i] ?? 0) - t));
          }
          expect(Math.min(...grid.stepS)).toBeGreaterThan(0);
          expect(gap).toBeLessThan(1e-6);
          expect(t).toBeCloseTo(21_600, 6);
          for (const mark of [...marks, 3600].filter((m) => m > 0)) expect([...grid.endS]).toContain(mark);
          expect([...grid.topUp].filter((u) => u >= 0)).toEqual([0]);
        },
      ),
    );
  });

  it('takes the lid off for as long as the look lasts', () => {
    const grid = makeTimeGrid({
      ...bare,
      horizonS: 7200,
      rules: FAST_STEPS,
      openings: [{ atS: 3000, durationS: 75, airDropK: 45, lidOff: true }],
    });
    let off = 0;
    for (let i = 0; i < grid.count; i++) if (grid.lidOff[i] === 1) off += grid.stepS[i] ?? 0;
    expect(off).toBeCloseTo(75, 6);
  });

  it('lets the oven’s air fall while the door is open and come back after', () => {
    const grid = makeTimeGrid({
      ...bare,
      horizonS: 7200,
      rules: PLAIN_STEPS,
      openings: [{ atS: 3000, durationS: 60, airDropK: 45, lidOff: false }],
    });
    const at = (s: number): number => grid.airDropK[grid.endS.findIndex((e) => e >= s)] ?? 0;
    expect(at(2900)).toBe(0);
    expect(at(3060)).toBe(45);
    expect(at(3360)).toBeCloseTo(45 / Math.E, 0);
    expect(at(6000)).toBeLessThan(0.01);
  });

  it('warms a cold oven with its time constant', () => {
    const grid = makeTimeGrid({ ...bare, horizonS: 3600, rules: PLAIN_STEPS, coldStart: { dropK: 128, tauS: 420 } });
    const at = grid.endS.indexOf(420);
    // Over a step it counts what lies between its ends: the mean of the fall.
    const mean = (128 * (Math.exp(-405 / 420) - Math.exp(-1))) / (15 / 420);
    expect(grid.airDropK[0]).toBeGreaterThan(120);
    expect(grid.airDropK[at]).toBeCloseTo(mean, 6);
  });

  it('uses far fewer steps for many particles', () => {
    const steps = (rules: typeof PLAIN_STEPS): number => makeTimeGrid({ ...bare, horizonS: 21_600, rules }).count;
    expect(steps(PLAIN_STEPS)).toBe(1440);
    expect(steps(FAST_STEPS)).toBeLessThan(80);
  });
});
