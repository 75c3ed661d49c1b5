'use client';

import { useSyncExternalStore } from 'react';

/** Whether the server answers, and when it last did, ms by the kitchen's clock. */
export interface Touch {
  readonly answers: boolean;
  /** Undefined until it was heard of. */
  readonly lastMs: number | undefined;
}

let touch: Touch = { answers: true, lastMs: undefined };
const listeners = new Set<() => void>();

/** Notes that the server was heard of, or that it did not answer. */
export function noteTouch(answers: boolean, nowMs: number): void {
  const lastMs = answers ? nowMs : touch.lastMs;
  const changed = answers !== touch.answers;
  touch = { answers, lastMs };
  // When it last answered matters only once it does not.
  if (changed) for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};
const snapshot = (): Touch => touch;
const AT_FIRST: Touch = { answers: true, lastMs: undefined };
const onServer = (): Touch => AT_FIRST;

/** Whether the server answers, and when it last did. */
export function useTouch(): Touch {
  return useSyncExternalStore(subscribe, snapshot, onServer);
}
