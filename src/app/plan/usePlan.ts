'use client';

import { kitchenNow } from '@/ui/serverClock';
import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { type PlanFault, type PlanInput } from '@/core/choices';
import { type FitWay, type Plan, type WayOut } from '@/core/plan';
import { type Pot } from '@/core/larder';
import { say } from '@/core/message';
import { type PlanWorker } from '@/workers/plan.worker';

/** Particles while the hand is still moving, and once it rests. */
const QUICK = 96;
const FULL = 512;
const REST_MS = 250;

/** Said when the computation itself fails, which is our fault and not the cook's. */
const FAILED: PlanFault = { says: say('fault.ours') };

export interface PlanState {
  /** The newest plan that could be made; stays while the input is at fault. */
  readonly plan: Plan | undefined;
  readonly faults: readonly PlanFault[];
  /** When there is too little time: other ways that have been forecast and fit. */
  readonly waysOut: readonly WayOut[];
  /** When it does not fit the pot: other ways that do. */
  readonly fitWays: readonly FitWay[];
  /** Whether `plan` belongs to the input as it stands. */
  readonly current: boolean;
}

/**
 * Plans `input` in a worker: a quick forecast at once, a full one when the input rests. Typing never waits; while one
 * computation runs only the newest input queues behind it.
 */
export function usePlan(input: PlanInput, pots: readonly Pot[]): PlanState {
  const [state, setState] = useState<PlanState>({
    plan: undefined,
    faults: [],
    waysOut: [],
    fitWays: [],
    current: false,
  });
  const kitchenPots = useRef(pots);
  const newest = useRef(input);
  const kick = useRef<(() => void) | null>(null);

  useEffect(() => {
    const worker = new Worker(new URL('../../workers/plan.worker.ts', import.meta.url), { type: 'module' });
    const remote: Remote<PlanWorker> = wrap<PlanWorker>(worker);
    let busy = false;
    let gone = false;
    let rest: ReturnType<typeof setTimeout> | undefined;
    let wanted: { input: PlanInput; particles: number } | undefined;

    const planned = async (job: { input: PlanInput; particles: number }): Promise<void> => {
      const result = await remote.plan(job.input, kitchenNow(), job.particles);
      const current = newest.current === job.input;
      const late = !result.ok && job.particles === FULL && result.faults.some((f) => f.tooLate === true);
      const ways = late ? await remote.waysOut(job.input, kitchenNow()) : [];
      const full = !result.ok && job.particles === FULL && result.faults.some((f) => f.tooFull === true);
      const fitting = full ? await remote.fitWays(job.input, [...kitchenPots.current]) : [];
      setState((before) =>
        result.ok
          ? { plan: result.plan, faults: [], waysOut: [], fitWays: [], current }
          : { plan: before.plan, faults: result.faults, waysOut: ways, fitWays: fitting, current: false },
      );
    };
    const run = async (): Promise<void> => {
      if (busy) return;
      busy = true;
      while (wanted && !gone) {
        const job = wanted;
        wanted = undefined;
        try {
          await planned(job);
        } catch (error) {
          console.error('A plan could not be worked out', error);
          setState((before) => ({ ...before, faults: [FAILED], waysOut: [], fitWays: [], current: false }));
        }
      }
      busy = false;
    };
    kick.current = () => {
      clearTimeout(rest);
      wanted = { input: newest.current, particles: QUICK };
      void run();
      rest = setTimeout(() => {
        wanted = { input: newest.current, particles: FULL };
        void run();
      }, REST_MS);
    };
    kick.current();
    return () => {
      gone = true;
      clearTimeout(rest);
      kick.current = null;
      worker.terminate();
    };
  }, []);

  useEffect(() => {
    newest.current = input;
    kick.current?.();
  }, [input]);

  return state;
}
