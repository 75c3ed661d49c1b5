import { describe, expect, it, vi } from 'vitest';
import { compareWays, dialCurve, planOutlook, settingsElsewhere, waysToCompare } from '../core/plan';
import { type PlanInput } from '../core/choices';
import { NOON_MS, OXTAIL_PLAN, TEST_KITCHEN, wide } from '../testing/fixtures';
import { type PlanWorker } from './plan.worker';
import { HOUR_MS } from '../core/quantity';

const exposed = vi.hoisted((): { api: unknown } => ({ api: undefined }));
vi.mock('comlink', () => ({
  expose: (api: unknown) => {
    exposed.api = api;
  },
}));

await import('./plan.worker');
const worker = exposed.api as PlanWorker;

/** What crosses from a worker to its page: a copy, and nothing that cannot be copied. */
const crossed = <T>(value: T): T => structuredClone(value);

const LATE: PlanInput = { ...OXTAIL_PLAN, serveAtMs: NOON_MS + 3 * HOUR_MS };
const SMALL: PlanInput = {
  ...OXTAIL_PLAN,
  pot: { ...wide(OXTAIL_PLAN.pot, 160, 70), id: 'small' },
};

describe('the worker', () => {
  it('answers with the core’s own, as it crosses to the page', () => {
    const pots = [...TEST_KITCHEN.pots];
    const at = { nowMs: NOON_MS, pots };
    const planned = crossed(worker.outlook(OXTAIL_PLAN, NOON_MS, pots, 'quick'));
    expect(planned).toEqual(crossed(planOutlook(OXTAIL_PLAN, { ...at, how: 'quick' })));
    expect(planned.plan?.forecast).toBeDefined();
    const late = crossed(worker.outlook(LATE, NOON_MS, pots, 'full'));
    expect(late).toEqual(crossed(planOutlook(LATE, { ...at, how: 'full' })));
    expect([late.plan, late.alternatives.length > 0, late.fitFixes]).toEqual([undefined, true, []]);
    const small = worker.outlook(SMALL, NOON_MS, pots, 'full');
    expect([small.plan, small.fitFixes.length > 0]).toEqual([undefined, true]);
  });

  it('looks for no way out while the hand moves', () => {
    const {
      faults,
      alternatives: waysOut,
      fitFixes: fitWays,
    } = worker.outlook(LATE, NOON_MS, [...TEST_KITCHEN.pots], 'quick');
    expect([faults.length > 0, waysOut, fitWays]).toEqual([true, [], []]);
  });

  it('sets ways side by side and takes a braise elsewhere', () => {
    const ways = waysToCompare(OXTAIL_PLAN, ['still']).slice(0, 1);
    expect(crossed(worker.compare(ways))).toEqual(crossed(compareWays(ways)));
    expect(crossed(worker.elsewhere(OXTAIL_PLAN))).toEqual(
      crossed({ places: settingsElsewhere(OXTAIL_PLAN), dial: dialCurve(OXTAIL_PLAN) }),
    );
  });
});
