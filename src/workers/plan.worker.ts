import { expose } from 'comlink';
import { type PlanInput } from '../core/plan/input';
import { makePlan, type PlanResult } from '../core/plan/plan';

const api = {
  /** The plan for an input, at the worker's own leisure. */
  plan(input: PlanInput, nowMs: number, particles: number): PlanResult {
    return makePlan(input, { nowMs, particles });
  },
};

export type PlanWorker = typeof api;

expose(api);
