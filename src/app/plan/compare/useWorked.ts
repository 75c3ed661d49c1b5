'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { type PlanWorker } from '@/workers/plan.worker';

export interface Worked<T> {
  /** Undefined until it has arrived. */
  readonly answer: T | undefined;
  /** The computation itself failed: our fault, and no answer will come. */
  readonly failed: boolean;
}

/** Runs one computation in a worker, again whenever `ask` is another function. */
export function useWorked<T>(ask: (worker: Remote<PlanWorker>) => Promise<T>): Worked<T> {
  const [worked, setWorked] = useState<Worked<T>>({ answer: undefined, failed: false });
  useEffect(() => {
    const worker = new Worker(new URL('../../../workers/plan.worker.ts', import.meta.url), { type: 'module' });
    let gone = false;
    ask(wrap<PlanWorker>(worker)).then(
      (answer) => {
        if (!gone) setWorked({ answer, failed: false });
      },
      (error: unknown) => {
        console.error('A comparison could not be worked out', error);
        if (!gone) setWorked({ answer: undefined, failed: true });
      },
    );
    return () => {
      gone = true;
      worker.terminate();
    };
  }, [ask]);
  return worked;
}
