import { describe, expect, it } from 'vitest';
import { nominalEnsemble } from './ensemble';
import { etaOf, summarise } from './forecast';
import { lidLiftCostMin } from './lookCost';
import { slowestAtTarget } from './nominal';
import { type BraiseRequest } from './request';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const median = (request: BraiseRequest, stage: 'gives' | 'twists' | 'falls'): number =>
  etaOf(summarise(nominalEnsemble(request)), stage).p50;

describe('the course without surprises up to the target', () => {
  it('reaches the stage that was asked for, the fork twisting where none was', () => {
    const request = shortRibRequest();
    expect(slowestAtTarget(request)).toEqual({ group: 0, atMin: expect.any(Number) as number, dry: false });
    expect(slowestAtTarget(request).atMin).toBeCloseTo(median(request, 'twists'), 0);
    for (const target of ['gives', 'falls'] as const) {
      expect(slowestAtTarget({ ...request, target }).atMin).toBeCloseTo(median({ ...request, target }, target), 0);
    }
  });

  it('is of the group that is last by then, whichever place it has', () => {
    const groups = ribsAndShank();
    const shank = slowestAtTarget(shortRibRequest({ groups }));
    expect(shank.group).toBe(1);
    expect(slowestAtTarget(shortRibRequest({ groups: [...groups].reverse() })).group).toBe(0);
    const small = groups.map((g, i) =>
      i === 1 ? { ...g, thicknessM: 0.01, startTempC: 70, submergedFraction: 1 } : g,
    );
    expect(slowestAtTarget(shortRibRequest({ groups: small })).group).toBe(0);
    expect(slowestAtTarget(shortRibRequest({ groups: small })).atMin).toBeLessThan(shank.atMin);
  });

  it('says that it never comes, and whether the pot is dry before', () => {
    const off = shortRibRequest({ groups: ribsAndShank(), heats: [{ atMin: 0, heat: { kind: 'off' } }] });
    expect(slowestAtTarget(off)).toEqual({ group: 1, atMin: Infinity, dry: false });
    const open = shortRibRequest({ liquidL: 0.25, lids: [{ atMin: 0, lid: 'none' }], vegetables: [] });
    expect(slowestAtTarget(open).dry).toBe(true);
  });
});

describe('what a look costs', () => {
  it('is more for a longer one, nothing once the meat is done or where it never will be', () => {
    const request = shortRibRequest();
    const [short, long] = [60, 300].map((seconds) => lidLiftCostMin(request, 60, seconds));
    expect(short).toBeGreaterThan(0.3);
    expect(long).toBeGreaterThan((short ?? 0) * 2);
    expect(long).toBeLessThan(25);
    expect(lidLiftCostMin(request, median(request, 'twists') + 60, 300)).toBe(0);
    const off = shortRibRequest({ heats: [{ atMin: 0, heat: { kind: 'off' } }] });
    expect(lidLiftCostMin(off, 60, 300)).toBe(0);
  });

  it('comes on top of the looks there are', () => {
    const looked = shortRibRequest({ openings: [{ atMin: 60, seconds: 300 }] });
    const again = lidLiftCostMin(looked, 65, 300);
    expect(again).toBeGreaterThan(0.5);
    expect(again).not.toBe(lidLiftCostMin(shortRibRequest(), 65, 300));
  });
});
