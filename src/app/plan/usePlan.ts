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
/** When the worker is started although nothing has changed, so that the first change need not wait for it, ms. */
const READY_AFTER_MS = 2000;

/** A result older than this that came with the page is computed again: its start may have passed, ms. */
const FRESH_MS = MINUTE_MS;

/** Shown when the computation itself fails, which is our fault and not the cook's. */
const FAILED: PlanFault = { says: say('fault.ours') };

export interface PlanState extends Outlook {
  /** Whether `plan` belongs to the current input; while the input is invalid, the last valid plan stays. */
  readonly current: boolean;
}

/** The result for an input. */
interface Came extends Outlook {
  readonly of: PlanInput | undefined;
}

const NONE: Came = { of: undefined, plan: undefined, faults: [], alternatives: [], fitFixes: [], scheduleFixes: [] };

/** Whether two inputs give the same plan: a dish's name changes no figure. */
function comesToTheSame(one: PlanInput | undefined, other: PlanInput): boolean {
  return (
    one === other ||
    (one !== undefined &&
      (Object.keys(other) as (keyof PlanInput)[]).every((part) => part === 'title' || one[part] === other[part]))
  );
}

/**
 * Plans `input`. The first result comes with the page (`first`); from the first change on a worker plans: quickly at
 * once, fully once typing pauses. Typing never waits; while one computation runs, only the newest input is queued.
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
    // A cached page, or one left open, comes with an old result.
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
    // A new name applies at once.
    return { ...outlook, plan: current && of !== input ? { ...plan, input } : plan, current };
  }, [state, input]);
}
