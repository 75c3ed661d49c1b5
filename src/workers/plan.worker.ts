import { expose } from 'comlink';
import {
  compareWays,
  dialCurve,
  type DialPoint,
  type Outlook,
  planOutlook,
  type SettingElsewhere,
  settingsElsewhere,
  type ComparedPlan,
} from '../core/plan';
import { type Pot } from '../core/larder';
import { type PlanInput } from '../core/choices';

const api = {
  /** The result for an input now, with alternatives if it does not work. */
  outlook(input: PlanInput, nowMs: number, pots: Pot[], how: 'quick' | 'full'): Outlook {
    return planOutlook(input, { nowMs, pots, how });
  },
  /** Ways to cook, compared. */
  compare(ways: ComparedPlan[]): ReturnType<typeof compareWays> {
    return compareWays(ways);
  },
  /** The same braise in every other place, and what an oven's dial does to it. */
  elsewhere(input: PlanInput): { readonly places: SettingElsewhere[]; readonly dial: DialPoint[] } {
    return { places: settingsElsewhere(input), dial: dialCurve(input) };
  },
};

export type PlanWorker = typeof api;

expose(api);
