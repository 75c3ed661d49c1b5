import { describe, expect, it } from 'vitest';
import { PLAIN_CELLS, profileAt, runDetailed } from '.';
import { geometryOf } from './body';
import { FAST_STEPS } from './timeGrid';
import { assemble, NOMINAL_PARAMETERS } from '../forecast';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';
import { tabulatedCookRate } from '../tenderness';

describe('a run in detail', () => {
  const request = shortRibRequest({
    groups: ribsAndShank(),
  });
  const assembly = assemble(request, 240, FAST_STEPS, []);
  const { grid } = assembly;
  const made = assembly.setup(NOMINAL_PARAMETERS);
  const course = runDetailed(made, grid, PLAIN_CELLS);

  it('has of each size class what its shells add up to, step by step', () => {
    made.bodies.forEach(({ pieces, startTempC }, g) => {
      const { meatShare, firstMeat, depth, slow } = geometryOf(pieces, PLAIN_CELLS);
      const cooked = new Float64Array(PLAIN_CELLS);
      let before = new Float64Array(PLAIN_CELLS).fill(startTempC);
      expect(course.depths[g]).toEqual(depth);
      for (let step = 0; step < grid.count; step++) {
        const now = Float64Array.from(profileAt(course, g, step).tempC);
        cooked.forEach((value, i) => {
          const rates = tabulatedCookRate(before[i] ?? 0) + tabulatedCookRate(now[i] ?? 0);
          cooked[i] = value + (rates * (grid.stepS[step] ?? 0)) / 120;
        });
        before = now;
        if (step % 20 !== 0 && step !== grid.count - 1) continue;
        profileAt(course, g, step).cookValue.forEach((value, i) => {
          expect(value / (cooked[i] ?? 0)).toBeCloseTo(1, 4);
        });
        const mean = (values: Float64Array): number => values.reduce((s, v, i) => s + v * (meatShare[i] ?? 0), 0);
        expect(course.meanC[g]?.[step]).toBeCloseTo(mean(now), 3);
        expect(course.meanCookValue[g]?.[step]).toBeCloseTo(mean(cooked), 3);
        expect(course.coreCookValue[g]?.[step]).toBeCloseTo(cooked[firstMeat] ?? 0, 3);
        expect(course.coreC[g]?.[step]).toBeCloseTo(now[firstMeat] ?? 0, 3);
        const quarter = (1 - slow.weight) * (cooked[slow.low] ?? 0) + slow.weight * (cooked[slow.high] ?? 0);
        expect(course.slowCookValue[g]?.[step]).toBeCloseTo(quarter, 3);
      }
    });
  });

  it('counts what cooked before the pot, and what was lost there', () => {
    const smoked = runDetailed({ ...made, history: [{ seconds: 7200, tempC: 110, filmWM2K: 20 }] }, grid, PLAIN_CELLS);
    for (const g of [0, 1]) {
      expect(smoked.lostBefore[g]).toBeGreaterThan(0.02);
      expect(course.lostBefore[g]).toBe(0);
      const first = grid.stepS[0] ?? 0;
      const more = (smoked.meanCookValue[g]?.[0] ?? 0) - (course.meanCookValue[g]?.[0] ?? 0);
      expect(more).toBeGreaterThan(0.01);
      // No shell can have cooked faster than at the final wet-bulb temperature, nor longer than it was there.
      expect(more).toBeLessThan((7200 / 60 + first / 60) * tabulatedCookRate(100));
      expect(smoked.coreCookValue[g]?.[0] ?? 0).toBeLessThan(smoked.meanCookValue[g]?.[0] ?? 0);
    }
  });
});
