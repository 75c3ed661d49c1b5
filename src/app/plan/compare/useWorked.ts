'use client';

import { type Remote, wrap } from 'comlink';
import { useEffect, useState } from 'react';
import { type PlanWorker } from '@/workers/plan.worker';

export interface Worked<T> {
  /** Undefined until it is there. */
  readonly answer: T | undefined;
  /** The computation itself failed: a fault of ours, and no answer will come. */
  readonly failed: boolean;
}

/** Asks one question of a worker of its own, anew whenever `ask` is another function. */
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
