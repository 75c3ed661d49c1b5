import { describe, expect, it } from 'vitest';
import { FAST_CELLS, FAST_STEPS, runBraise } from '.';
import {
  assemble,
  type BraiseRequest,
  kitchenPrior,
  NO_INTERVENTIONS,
  NOMINAL_PARAMETERS,
  UNKNOWN_COUNT,
  parametersOf,
} from '../forecast';
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
  'a pot over a flame that is turned down': {
    heats: [
      { atMin: 0, heat: { kind: 'power', powerW: 700 } },
      { atMin: 100, heat: { kind: 'power', powerW: 200 } },
    ],
  },
  'an open pot in a steam oven that is not full of steam': {
    ...NO_INTERVENTIONS,
    lids: [{ atMin: 0, lid: 'none' }],
    heats: [{ atMin: 0, heat: { kind: 'steamOven', tempC: 121, humidity: 0.6 } }],
  },
  'an open pot with two cuts': {
    ...NO_INTERVENTIONS,
    lids: [{ atMin: 0, lid: 'none' }],
    groups: ribsAndShank(),
  },
};

/** Below this the kernel takes its steps in parts, which the plainest way does not. */
const LOW_KG = 0.3;

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
      const low = plain.liquidKg.findIndex((kg) => kg < LOW_KG);
      expect(low === -1 || low > 20).toBe(true);
      for (let i = 0; i < (low === -1 ? assembly.grid.count : low); i++) {
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

describe('a pot that runs dry', () => {
  it.each([
    ['over a flame', { liquidL: 0.3, heats: [{ atMin: 0, heat: { kind: 'power', powerW: 700 } }] }],
    [
      'in a hot oven under foil',
      {
        liquidL: 0.3,
        heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 200, fan: true } }],
        lids: [{ atMin: 0, lid: 'foil' }],
      },
    ],
    ['left open', { liquidL: 0.5, lids: [{ atMin: 0, lid: 'none' }] }],
  ] as const)('%s does so in long steps as in steps of five seconds', (_, part) => {
    const request = shortRibRequest({ ...part, heats: [...('heats' in part ? part.heats : shortRibRequest().heats)] });
    const marks = [60, 90, 120, 150, 180, 240];
    const long = assemble(request, 300, FAST_STEPS, marks);
    const short = assemble(request, 300, [{ fromS: 0, stepS: 5 }], marks);
    const fast = runBraise(long.setup(NOMINAL_PARAMETERS), long.grid, FAST_CELLS);
    const plain = plainBraise(short.setup(NOMINAL_PARAMETERS), short.grid, FAST_CELLS);
    const at = (endS: Float64Array, atMin: number): number => endS.findIndex((s) => s >= atMin * 60 - 1e-6);
    for (const atMin of marks) {
      const want = plain.liquidC[at(short.grid.endS, atMin)] ?? Number.NaN;
      expect(Math.abs((fast.liquidC[at(long.grid.endS, atMin)] ?? Number.NaN) - want), String(atMin)).toBeLessThan(6);
    }
  });
});
