import { describe, expect, it } from 'vitest';
import { assemble, NOMINAL_PARAMETERS } from './assemble';
import { type Ensemble, nominalEnsemble, priorEnsemble } from './ensemble';
import { readyEta, summarise } from './forecast';
import { insideOf } from './inside';
import { FAST_CELLS, PLAIN_STEPS, runDetailed } from '../heat';
import { tabulatedCookRate } from '../tenderness';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

// Sampled again in each test: a mutation is counted for the tests that run it.
const drawn = (): { ensemble: Ensemble; ready: number } => {
  const ensemble = priorEnsemble(shortRibRequest(), { particles: 64 });
  return { ensemble, ready: readyEta(summarise(ensemble)).p50 };
};
const mean = (values: readonly number[] = []): number => values.reduce((a, b) => a + b, 0) / values.length;

describe('the inside of a piece', () => {
  it('is coldest in the middle, and warmer and softer the longer it goes', () => {
    const { ensemble, ready } = drawn();
    const inside = insideOf(ensemble, [20, ready / 2, ready]);
    expect(inside.moments.map((m) => m.atMin)).toEqual([20, ready / 2, ready]);
    for (const { tempC, gone } of inside.moments) {
      expect(tempC).toHaveLength(3);
      for (const t of tempC)
        t.slice(1).forEach((v, i) => {
          expect(v).toBeGreaterThanOrEqual((t[i] as number) - 0.2);
        });
      for (const g of gone)
        g.slice(1).forEach((v, i) => {
          expect(v).toBeGreaterThanOrEqual((g[i] as number) - 1e-6);
        });
    }
    const middle = inside.moments.map((m) => [m.tempC[1]?.[0] ?? 0, m.gone[1]?.[0] ?? 0] as const);
    expect(middle[0]?.[0]).toBeLessThan(middle[1]?.[0] ?? 0);
    expect(middle[1]?.[1]).toBeLessThan(middle[2]?.[1] ?? 0);
  });

  it('is further in early kitchens than in late ones, and about there when it is most likely ready', () => {
    const { ensemble, ready } = drawn();
    for (const { gone } of insideOf(ensemble, [ready * 0.6, ready]).moments) {
      const [early, likely, late] = gone.map(mean);
      expect(early).toBeGreaterThan(late ?? 1);
      expect(early).toBeGreaterThanOrEqual(likely ?? 1);
    }
    const [, likely] = insideOf(ensemble, [ready]).moments[0]?.gone ?? [];
    expect(mean(likely)).toBeGreaterThan(0.85);
    expect(Math.max(...(likely ?? []))).toBe(1);
  });

  it('is, without surprises, the course of the slowest piece from its middle to its surface, between steps too', () => {
    const request = shortRibRequest({ groups: ribsAndShank() });
    const ensemble = nominalEnsemble(request);
    const { grid } = ensemble.assembly;
    const course = runDetailed(ensemble.assembly.setup(NOMINAL_PARAMETERS), grid, FAST_CELLS);
    const cells = course.depths[1]?.length ?? 0;
    const { depth, moments } = insideOf(ensemble, [0, (grid.endS[40] ?? 0) / 60, (grid.endS[40] ?? 0) / 60 + 1, 1e5]);
    expect(depth).toEqual([...(course.depths[1] ?? [])]);
    expect(depth[0]).toBeLessThan(depth.at(-1) ?? 0);
    const row = (step: number): number[] => [...(course.profiles[1] ?? [])].slice(step * cells, (step + 1) * cells);
    expect(moments[0]?.tempC[1]).toEqual(row(0));
    expect(moments[1]?.tempC[1]).toEqual(row(40));
    const share = 60 / (grid.stepS[41] ?? 1);
    row(40).forEach((t, c) => {
      expect(moments[2]?.tempC[1]?.[c]).toBeCloseTo(t + share * ((row(41)[c] ?? 0) - t), 6);
    });
    expect(moments[3]?.tempC[1]).toEqual(row(grid.count - 1));
  });

  it('has melted what the heat there has melted since the start, to 5 % of a fine sum', () => {
    const request = shortRibRequest();
    const ensemble = nominalEnsemble(request);
    const fine = assemble(request, 200, PLAIN_STEPS, []);
    const course = runDetailed(fine.setup(NOMINAL_PARAMETERS), fine.grid, FAST_CELLS);
    const cells = course.depths[0]?.length ?? 0;
    const { gone } = insideOf(ensemble, [80]).moments[0] ?? { gone: [] };
    for (const c of [0, 4, cells - 1]) {
      let cooked = 0;
      for (let i = 0; (fine.grid.endS[i] ?? Infinity) <= 80 * 60; i++)
        cooked += 0.25 * tabulatedCookRate(course.profiles[0]?.[i * cells + c] ?? 0);
      expect((gone[1]?.[c] ?? 0) / (cooked / request.cut.cookValue.twists)).toBeCloseTo(1, 1);
    }
  });
});
