import { describe, expect, it, vi } from 'vitest';
import { compareWays, dialCurve, fitWays, makePlan, settingsElsewhere, waysOut, waysToCompare } from '../core/plan';
import { type PlanInput } from '../core/choices';
import { HOUR_MS, NOON_MS, OXTAIL_PLAN, TEST_KITCHEN, wide } from '../testing/fixtures';
import { type PlanWorker } from './plan.worker';

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
    const plan = crossed(worker.plan(OXTAIL_PLAN, NOON_MS, 32));
    expect(plan).toEqual(crossed(makePlan(OXTAIL_PLAN, { nowMs: NOON_MS, particles: 32 })));
    expect(plan.ok).toBe(true);
    expect(crossed(worker.waysOut(LATE, NOON_MS))).toEqual(crossed(waysOut(LATE, NOON_MS)));
    expect(worker.waysOut(LATE, NOON_MS)).not.toEqual([]);
    expect(crossed(worker.fitWays(SMALL, [...TEST_KITCHEN.pots]))).toEqual(
      crossed(fitWays(SMALL, [...TEST_KITCHEN.pots])),
    );
    expect(worker.fitWays(SMALL, [...TEST_KITCHEN.pots])).not.toEqual([]);
  });

  it('sets ways side by side and takes a braise elsewhere', () => {
    const ways = waysToCompare(OXTAIL_PLAN, ['still']).slice(0, 1);
    expect(crossed(worker.compare(ways))).toEqual(crossed(compareWays(ways)));
    expect(crossed(worker.elsewhere(OXTAIL_PLAN))).toEqual(
      crossed({ places: settingsElsewhere(OXTAIL_PLAN), dial: dialCurve(OXTAIL_PLAN) }),
    );
  });
});
