'use client';

import { useSyncExternalStore } from 'react';

/** Whether the server answers, and when it last did, ms on the kitchen's clock. */
export interface Connection {
  readonly answers: boolean;
  /** Undefined until the first answer or failure. */
  readonly lastMs: number | undefined;
}

let touch: Connection = { answers: true, lastMs: undefined };
const listeners = new Set<() => void>();

/** Notes that the server answered, or did not. */
export function noteConnection(answers: boolean, nowMs: number): void {
  const lastMs = answers ? nowMs : touch.lastMs;
  const changed = answers !== touch.answers;
  touch = { answers, lastMs };
  // When it last answered matters only once it no longer does.
  if (changed) for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};
const snapshot = (): Connection => touch;
const AT_FIRST: Connection = { answers: true, lastMs: undefined };
const onServer = (): Connection => AT_FIRST;

/** Whether the server answers, and when it last did. */
export function useConnection(): Connection {
  return useSyncExternalStore(subscribe, snapshot, onServer);
}
