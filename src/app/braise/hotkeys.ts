'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { type CookActKind } from '@/core/cook';
import { KEYED_RECORDS, RECORD_UI } from './records';

const KEPT = 'even-ember:single-keys';
const listeners = new Set<() => void>();

function keysOn(): boolean {
  try {
    return localStorage.getItem(KEPT) !== 'off';
  } catch {
    return true;
  }
}

export function setKeysOn(on: boolean): void {
  try {
    localStorage.setItem(KEPT, on ? 'on' : 'off');
  } catch {
    // No storage here: the keys stay as they are.
  }
  for (const listener of listeners) listener();
}

const follow = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** Whether single-key shortcuts are on for this device. */
export const useKeysOn = (): boolean => useSyncExternalStore(follow, keysOn, () => true);

/** Listens for the keys except while typing. */
export function useHotkeys(
  onAct: (act: CookActKind) => void,
  onUndo: () => void,
  onHelp: () => void,
  onDone: () => void,
  onTrouble: () => void,
): void {
  const on = useKeysOn();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target instanceof HTMLElement ? event.target : null;
      if (
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target?.closest('input, textarea, select, [role="dialog"], [role="listbox"]')
      )
        return;
      // The key list stays reachable, so that shortcuts can be turned on again.
      if (!on && event.key !== '?') return;
      const key = event.key.toLowerCase();
      const kind = KEYED_RECORDS.find((k) => RECORD_UI[k].key === key);
      if (kind) onAct(kind);
      else if (key === 'u') onUndo();
      else if (event.key === '?') onHelp();
      else if (key === 'x') onTrouble();
      // One key does what the current card asks, unless a button has the focus.
      else if ((event.key === ' ' || event.key === 'Enter') && !target?.closest('button, a, [role]')) onDone();
      else return;
      event.preventDefault();
    };
    document.addEventListener('keydown', onKey);
    return () => {
      document.removeEventListener('keydown', onKey);
    };
  }, [on, onAct, onUndo, onHelp, onDone, onTrouble]);
}
