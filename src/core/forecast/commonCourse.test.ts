import { describe, expect, it } from 'vitest';
import { sharedTrace, traceIn } from './sharedTrace';
import { type Observation } from './observation';
import { stepAt } from './timeIndex';
import { kitchenPrior, UNKNOWN_COUNT, parametersOf } from './prior';
import { FAST_CELLS, runDetailed } from '../heat';
import { shortRibRequest } from '../../testing/fixtures';

const request = shortRibRequest();
const prior = kitchenPrior(request);
const fork = (atMin: number): Observation => ({ kind: 'fork', atMin, stage: 'drags' });

describe('what all kitchens of a forecast share', () => {
  it('is a grid that meets every record, and the course of the usual kitchen on it', () => {
    const bare = sharedTrace(request, [], prior);
    const { assembly, nominal } = sharedTrace(request, [fork(0), fork(83.7), fork(83.7), fork(101.3)], prior);
    const met = (grid: typeof assembly.grid, min: number): boolean =>
      grid.endS.some((end) => Math.abs(end - min * 60) < 1e-6);
    for (const min of [83.7, 101.3]) {
      expect(met(assembly.grid, min)).toBe(true);
      expect(met(bare.assembly.grid, min)).toBe(false);
    }
    const centre = parametersOf(prior, new Float64Array(UNKNOWN_COUNT), 0);
    expect(nominal.coreC).toEqual(runDetailed(assembly.setup(centre), assembly.grid, FAST_CELLS).coreC);
  });

  it('boils where it stands', () => {
    expect(sharedTrace(request, [], prior).boilC).toBeCloseTo(100, 0);
    const high = shortRibRequest({ altitudeM: 2000 });
    expect(sharedTrace(high, [], kitchenPrior(high)).boilC).toBeCloseTo(93.3, 0);
  });

  it('may be the course of another kitchen: its heat, its lid, and its meat where that steers the heat', () => {
    const z = new Float64Array(UNKNOWN_COUNT).fill(0.8);
    const { assembly, nominal } = sharedTrace(request, [], prior, { z, ajar: true, demand: 1.2 });
    const by = (ajar: boolean) => traceIn({ z, ajar, demand: 1.2 }, assembly, prior).liquidKg;
    expect(nominal.liquidKg).toEqual(by(true));
    const late = stepAt(assembly.grid, 120);
    expect(nominal.liquidKg[late]).toBeLessThan((by(false)[late] ?? 0) - 0.05);
    const steered = shortRibRequest({
      heats: [
        {
          atMin: 0,
          heat: { kind: 'oven', tempC: 150, fan: false },
          then: { after: { kind: 'stage', stage: 'gives' }, heat: { kind: 'off' } },
        },
      ],
    });
    const usual = new Float64Array(UNKNOWN_COUNT);
    const offAt = (demand: number): number =>
      sharedTrace(steered, [], prior, { z: usual, ajar: false, demand }).nominal.liquidC.findLastIndex((c) => c > 90);
    expect(offAt(1.5)).toBeGreaterThan(offAt(1));
  });
});
