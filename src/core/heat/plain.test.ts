import { describe, expect, it } from 'vitest';
import { FAST_CELLS, FAST_STEPS, runBraise } from '.';
import { assemble, type BraiseRequest, kitchenPrior, NO_INTERVENTIONS, UNKNOWN_COUNT, parametersOf } from '../forecast';
import { normalQuantile, randomStream } from '../numbers';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';
import { plainBraise } from '../../testing/plainBraise';

const BRAISES: Readonly<Record<string, Partial<BraiseRequest>>> = {
  'a lidded pot in the oven, looked at, topped up, turned': {
    openings: [{ atMin: 90, seconds: 60 }],
    topUps: [{ atMin: 90, litres: 0.3, tempC: 90 }],
    turnsAtMin: [91],
    lids: [
      { atMin: 0, lid: 'foil' },
      { atMin: 120, lid: 'none' },
    ],
    heats: [
      { atMin: 0, heat: { kind: 'oven', tempC: 150, fan: false } },
      { atMin: 150, heat: { kind: 'off' } },
    ],
  },
  'a pot that runs dry over a flame': {
    liquidL: 0.3,
    heats: [{ atMin: 0, heat: { kind: 'power', powerW: 700 } }],
  },
  'an open pot with two cuts': {
    ...NO_INTERVENTIONS,
    lids: [{ atMin: 0, lid: 'none' }],
    groups: ribsAndShank(),
  },
};

describe.each(Object.entries(BRAISES))('%s', (_, part) => {
  const request = shortRibRequest(part);
  const prior = kitchenPrior(request);
  const assembly = assemble(request, 300, FAST_STEPS, [77]);
  const random = randomStream(5);

  it('runs in every kitchen as the plainest way of solving it has it, to 1e-9', () => {
    for (let k = 0; k < 12; k++) {
      const z = Float64Array.from({ length: UNKNOWN_COUNT }, () => normalQuantile(random()));
      const setup = assembly.setup(parametersOf(prior, z, 0, k % 3 === 0));
      const fast = runBraise(setup, assembly.grid, FAST_CELLS);
      const plain = plainBraise(setup, assembly.grid, FAST_CELLS);
      for (let i = 0; i < assembly.grid.count; i++) {
        expect(Math.abs((fast.liquidC[i] as number) / (plain.liquidC[i] as number) - 1)).toBeLessThan(1e-9);
        expect(Math.abs((fast.liquidKg[i] as number) - (plain.liquidKg[i] as number))).toBeLessThan(1e-9);
        fast.slowCookValue.forEach((slow, g) => {
          const want = plain.slowCookValue[g]?.[i] ?? Number.NaN;
          expect(Math.abs((slow[i] as number) - want)).toBeLessThanOrEqual(1e-9 * want + 1e-15);
        });
      }
    }
  });
});
