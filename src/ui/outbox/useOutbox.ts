'use client';

import { useSyncExternalStore } from 'react';
import { Outbox, type OutboxState } from './outbox';

let own: Outbox | undefined;

/** The page's one outbox. */
export function outbox(): Outbox {
  own ??= new Outbox();
  return own;
}

const EMPTY: OutboxState = { records: [], sent: [] };

const subscribe = (listener: () => void): (() => void) => outbox().subscribe(listener);
const snapshot = (): OutboxState => outbox().snapshot();
const onServer = (): OutboxState => EMPTY;

/** The present contents of the outbox. */
export function useOutbox(): OutboxState {
  return useSyncExternalStore(subscribe, snapshot, onServer);
}
