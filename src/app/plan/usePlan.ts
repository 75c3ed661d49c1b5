'use client';

import { kitchenNow } from '@/ui/serverClock';
import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { type PlanFault, type PlanInput } from '@/core/choices';
import { type Outlook } from '@/core/plan';
import { type Pot } from '@/core/larder';
import { say } from '@/core/message';
import { type PlanWorker } from '@/workers/plan.worker';

const REST_MS = 250;
/** When the worker is begun though nothing has changed, so that the first change need not wait for it, ms. */
const READY_AFTER_MS = 2000;

/** Said when the computation itself fails, which is our fault and not the cook's. */
const FAILED: PlanFault = { says: say('fault.ours') };

export interface PlanState extends Outlook {
  /** Whether `plan` belongs to the input as it stands; the newest that could be made stays while the input is at fault. */
  readonly current: boolean;
}

const NONE: PlanState = { plan: undefined, faults: [], waysOut: [], fitWays: [], dayWays: [], current: false };

/**
 * Plans `input`. What it came to when the page was made comes with the page (`first`); from the first change on a worker
 * plans: quickly at once, in full when the input rests. Typing never waits; while one computation runs only the newest
 * input queues behind it.
 */
export function usePlan(input: PlanInput, pots: readonly Pot[], first: Outlook | undefined): PlanState {
  const [state, setState] = useState<PlanState>(() =>
    first === undefined ? NONE : { ...first, current: first.plan !== undefined },
  );
  const kitchenPots = useRef(pots);
  const newest = useRef(input);
  const planned = useRef(first === undefined ? undefined : input);
  const kick = useRef<(() => void) | null>(null);

  useEffect(() => {
    let remote: Remote<PlanWorker> | undefined;
    let end = (): void => undefined;
    let busy = false;
    let gone = false;
    let rest: ReturnType<typeof setTimeout> | undefined;
    let wanted: { input: PlanInput; how: 'quick' | 'full' } | undefined;

    const worker = (): Remote<PlanWorker> => {
      if (remote) return remote;
      const begun = new Worker(new URL('../../workers/plan.worker.ts', import.meta.url), { type: 'module' });
      end = () => {
        begun.terminate();
      };
      remote = wrap<PlanWorker>(begun);
      return remote;
    };
    const work = async (job: NonNullable<typeof wanted>): Promise<void> => {
      const outlook = await worker().outlook(job.input, kitchenNow(), [...kitchenPots.current], job.how);
      const current = newest.current === job.input;
      setState((before) => ({
        ...outlook,
        plan: outlook.plan ?? before.plan,
        current: current && outlook.plan !== undefined,
      }));
    };
    const run = async (): Promise<void> => {
      if (busy) return;
      busy = true;
      while (wanted && !gone) {
        const job = wanted;
        wanted = undefined;
        try {
          await work(job);
        } catch (error) {
          console.error('A plan could not be worked out', error);
          setState((before) => ({ ...NONE, plan: before.plan, faults: [FAILED] }));
        }
      }
      busy = false;
    };
    kick.current = () => {
      clearTimeout(rest);
      wanted = { input: newest.current, how: 'quick' };
      void run();
      rest = setTimeout(() => {
        wanted = { input: newest.current, how: 'full' };
        void run();
      }, REST_MS);
    };
    const ready = setTimeout(worker, READY_AFTER_MS);
    return () => {
      gone = true;
      clearTimeout(rest);
      clearTimeout(ready);
      kick.current = null;
      end();
    };
  }, []);

  useEffect(() => {
    newest.current = input;
    if (planned.current === input) return;
    planned.current = undefined;
    kick.current?.();
  }, [input]);

  return state;
}
