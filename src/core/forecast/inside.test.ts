import { describe, expect, it } from 'vitest';
import { insideOf } from './inside';
import { priorEnsemble } from './ensemble';
import { readyEta, summarise } from './forecast';
import { shortRibRequest } from '../../testing/fixtures';

describe('the inside of a piece', () => {
  const ensemble = priorEnsemble(shortRibRequest(), { particles: 64 });
  const ready = readyEta(summarise(ensemble)).p50;
  const inside = insideOf(ensemble, [20, ready / 2, ready]);

  it('is coldest in the middle, and warmer and softer the longer it goes', () => {
    for (const { tempC, gone } of inside.moments) {
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
    const [early, likely, late] = inside.moments[2]?.gone ?? [];
    const mean = (g: readonly number[] | undefined): number => (g ?? []).reduce((a, b) => a + b, 0) / (g?.length ?? 1);
    expect(mean(early)).toBeGreaterThanOrEqual(mean(late) - 1e-9);
    expect(mean(likely)).toBeGreaterThan(0.85);
  });
});
