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

  it('cuts an eventful braise where something happens, shortly while it is open, recovers or has a new heat', () => {
    const grid = makeTimeGrid({
      horizonS: 9000,
      rules: FAST_STEPS,
      keyStartsS: [0, 1500],
      restartsS: [0, 6000],
      openings: [
        { atS: 3000, durationS: 50, airDropK: 45, lidOff: true },
        { atS: 5000, durationS: 20, airDropK: 0, lidOff: false },
      ],
      topUps: [
        { atS: 3000, massKg: 0.1, tempC: 90 },
        { atS: 3050, massKg: 0.2, tempC: 20 },
      ],
      readings: [{ atS: 4000, liquidC: 80 }],
      marksS: [700],
    });
    const of = (from: number, ...runs: [times: number, stepS: number][]): number[] => {
      let t = from;
      return runs.flatMap(([times, stepS]) => Array.from({ length: times }, () => (t += stepS)));
    };
    const ends = [
      ...of(0, [10, 60], [1, 100]),
      ...of(700, [6, 120], [1, 80]),
      ...of(1500, [8, 120], [2, 240], [1, 60]),
      ...of(3000, [3, 15], [1, 5]),
      ...of(3050, [10, 60]),
      ...of(3650, [1, 240], [1, 110]),
      ...of(4000, [4, 240], [1, 40]),
      ...of(5000, [1, 15], [1, 5]),
      ...of(5020, [4, 240], [1, 20]),
      ...of(6000, [10, 60], [15, 120], [2, 240], [1, 120]),
    ];
    expect([...grid.endS]).toEqual(ends);
    expect(grid.count).toBe(ends.length);
    expect([...grid.stepS]).toEqual(ends.map((end, i) => end - (ends[i - 1] ?? 0)));
    expect([...grid.length].map((k) => grid.lengths[k])).toEqual([...grid.stepS]);
    expect(new Set(grid.lengths).size).toBe(grid.lengths.length);
    const where = (of: (i: number) => boolean): number[] => ends.map((end) => end).filter((_, i) => of(i));
    expect(where((i) => grid.key[i] === 0).at(-1)).toBe(1500);
    expect(where((i) => grid.key[i] === 1)[0]).toBe(1620);
    expect(where((i) => grid.lidOff[i] === 1)).toEqual([3015, 3030, 3045, 3050]);
    expect(where((i) => grid.topUp[i] === 0)).toEqual([3015]);
    expect(where((i) => grid.topUp[i] === 1)).toEqual([3110]);
    expect(where((i) => grid.reading[i] === 0)).toEqual([4240]);
    expect(where((i) => grid.topUp[i] !== -1 || grid.reading[i] !== -1)).toHaveLength(3);
    expect(where((i) => grid.airDropK[i] === 45)).toEqual([3015, 3030, 3045, 3050]);
    expect(where((i) => (grid.airDropK[i] ?? 0) > 0)[0]).toBe(3015);
    // An opening that lets no air out does not restore what an earlier one let out.
    const after = ends.indexOf(5015);
    expect(grid.airDropK[after]).toBeCloseTo(45 * Math.exp(-(5007.5 - 3050) / 300), 3);
  });

  it('ends at its horizon, and leaves out what lies beyond', () => {
    const grid = makeTimeGrid({
      ...bare,
      horizonS: 3000,
      rules: FAST_STEPS,
      openings: [{ atS: 2950, durationS: 100, airDropK: 45, lidOff: true }],
      marksS: [-60, 3600],
    });
    expect(grid.endS[grid.count - 1]).toBe(3000);
    expect(Math.min(...grid.endS)).toBe(60);
    expect([...grid.lidOff].filter((off) => off === 1)).toHaveLength(4);
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
    // Over a step the mean of the drop counts.
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
