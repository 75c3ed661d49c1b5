import { expose } from 'comlink';
import {
  compareWays,
  dialCurve,
  type DialPoint,
  type FitWay,
  fitWays,
  makePlan,
  type PlanResult,
  type SettingElsewhere,
  settingsElsewhere,
  type Way,
  type WayOut,
  waysOut,
} from '../core/plan';
import { type Pot } from '../core/larder';
import { type PlanInput } from '../core/choices';

const api = {
  /** The plan for an input, at the worker's own leisure. */
  plan(input: PlanInput, nowMs: number, particles: number): PlanResult {
    return makePlan(input, { nowMs, particles });
  },
  /** Ways to still eat in time when the plan is too late. */
  waysOut(input: PlanInput, nowMs: number): WayOut[] {
    return waysOut(input, nowMs);
  },
  /** Ways set side by side. */
  compare(ways: Way[]): ReturnType<typeof compareWays> {
    return compareWays(ways);
  },
  /** The same braise in every other place, and what an oven's dial does to it. */
  elsewhere(input: PlanInput): { readonly places: SettingElsewhere[]; readonly dial: DialPoint[] } {
    return { places: settingsElsewhere(input), dial: dialCurve(input) };
  },
  /** Ways to make what does not fit the pot fit. */
  fitWays(input: PlanInput, pots: Pot[]): FitWay[] {
    return fitWays(input, pots);
  },
};

export type PlanWorker = typeof api;

expose(api);
