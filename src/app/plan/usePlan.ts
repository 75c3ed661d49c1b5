'use client';

import { kitchenNow } from '@/ui/serverClock';
import { type Remote, wrap } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useKitchen } from '@/ui/KitchenContext';
import { type PlanFault, type PlanInput } from '@/core/choices';
import { type Outlook } from '@/core/plan';
import { type Pot } from '@/core/larder';
import { say } from '@/core/message';
import { type PlanWorker } from '@/workers/plan.worker';
import { MINUTE_MS } from '@/core/quantity';

const REST_MS = 250;
/** When the worker is begun though nothing has changed, so that the first change need not wait for it, ms. */
const READY_AFTER_MS = 2000;

/** What came with a page older than this is planned again: the day may have begun meanwhile, ms. */
const FRESH_MS = MINUTE_MS;

/** Said when the computation itself fails, which is our fault and not the cook's. */
const FAILED: PlanFault = { says: say('fault.ours') };

export interface PlanState extends Outlook {
  /** Whether `plan` belongs to the input as it stands; the newest that could be made stays while the input is at fault. */
  readonly current: boolean;
}

/** What an input came to. */
interface Came extends Outlook {
  readonly of: PlanInput | undefined;
}

const NONE: Came = { of: undefined, plan: undefined, faults: [], waysOut: [], fitWays: [], dayWays: [] };

/** Whether two inputs come to the same: what the dish is called moves no figure. */
function comesToTheSame(one: PlanInput | undefined, other: PlanInput): boolean {
  return (
    one === other ||
    (one !== undefined &&
      (Object.keys(other) as (keyof PlanInput)[]).every((part) => part === 'title' || one[part] === other[part]))
  );
}

/**
 * Plans `input`. What it came to when the page was made comes with the page (`first`); from the first change on a worker
 * plans: quickly at once, in full when the input rests. Typing never waits; while one computation runs only the newest
 * input queues behind it.
 */
export function usePlan(input: PlanInput, pots: readonly Pot[], first: Outlook | undefined): PlanState {
  const [state, setState] = useState<Came>(() => (first === undefined ? NONE : { ...first, of: input }));
  const { renderedAtMs } = useKitchen();
  const madeMs = useRef(renderedAtMs);
  const kitchenPots = useRef(pots);
  const newest = useRef(input);
  const asked = useRef(first === undefined ? undefined : input);
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
      setState((before) => ({ ...outlook, of: outlook.plan && job.input, plan: outlook.plan ?? before.plan }));
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
    // A page from the browser's store, or one that was left open, comes with what was true then.
    if (kitchenNow() - madeMs.current > FRESH_MS) kick.current();
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
    if (comesToTheSame(asked.current, input)) return;
    asked.current = input;
    kick.current?.();
  }, [input]);

  return useMemo(() => {
    const { of, plan, ...outlook } = state;
    const current = plan !== undefined && comesToTheSame(of, input);
    // A new name is the plan's at once.
    return { ...outlook, plan: current && of !== input ? { ...plan, input } : plan, current };
  }, [state, input]);
}
