import { describe, expect, it } from 'vitest';
import { plannedLooks, withLidLifts } from './plannedLooks';
import { OPEN_SECONDS } from '../choices';
import { braiseRequest } from './engineRequest';
import { OXTAIL_PLAN } from '../../testing/fixtures';

const request = braiseRequest(OXTAIL_PLAN);

describe('the looks a plan provides for', () => {
  it('turn the pieces at half time where a tenth of them or more stands out, and not where less does', () => {
    const { turnMin, testsMin } = plannedLooks(request, 0.89);
    const middle = testsMin[1] ?? Number.NaN;
    expect(Math.abs((turnMin ?? 0) - middle / 2)).toBeLessThanOrEqual(0.75);
    expect((testsMin[0] ?? 0) / middle).toBeCloseTo(0.85, 1);
    expect(plannedLooks(request, 0.9).turnMin).toBeUndefined();
  });

  it('go into the request as far as they still lie ahead, in order, and a turn is not made twice', () => {
    const looks = { turnMin: 60, testsMin: [100, 120] };
    const all = withLidLifts(request, looks, 0);
    expect(all.turnsAtMin).toEqual([60]);
    expect(all.openings).toEqual([
      { atMin: 60, seconds: OPEN_SECONDS.turned },
      { atMin: 100, seconds: OPEN_SECONDS.fork },
      { atMin: 120, seconds: OPEN_SECONDS.fork },
    ]);
    expect(withLidLifts(request, looks, 60).turnsAtMin).toEqual([]);
    expect(withLidLifts(request, looks, 110).openings.map((o) => o.atMin)).toEqual([120]);
    expect(withLidLifts({ ...request, turnsAtMin: [50] }, looks, 0).turnsAtMin).toEqual([50]);
  });
});
