'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';

/** Debounce delay, ms: longer than between two keystrokes. */
const DEBOUNCE_MS = 300;

/** Keys that end an entry: the next action may depend on it. */
export const ENDING_KEYS: readonly string[] = ['Enter', 'Escape', 'Tab'];

/** A value being entered. */
interface Debounced<T> {
  /** Entered but not yet committed; undefined if nothing is. */
  readonly entered: { readonly value: T } | undefined;
  /** Entered: shown at once, committed after the delay. */
  readonly enter: (value: T) => void;
  /** Commits what was entered at once. */
  readonly handOn: () => void;
}

/**
 * Debounced commit: a keystroke only updates its field; the value is committed after a pause, or at once when the field
 * is left or the page closes.
 */
export function useDebouncedCommit<T>(onChange: (value: T) => void): Debounced<T> {
  const [entered, setEntered] = useState<{ readonly value: T }>();
  const waiting = useRef<{ readonly value: T }>(undefined);
  const hand = useRef(onChange);
  useEffect(() => {
    hand.current = onChange;
  });
  const handOn = useCallback((): void => {
    const now = waiting.current;
    waiting.current = undefined;
    setEntered(undefined);
    if (now) hand.current(now.value);
  }, []);
  const enter = useCallback((value: T): void => {
    waiting.current = { value };
    setEntered(waiting.current);
  }, []);
  useEffect(() => {
    if (!entered) return undefined;
    const timer = setTimeout(handOn, DEBOUNCE_MS);
    const atOnce = (): void => {
      // The page may be gone before the next render.
      flushSync(handOn);
    };
    addEventListener('pagehide', atOnce, { capture: true });
    return () => {
      clearTimeout(timer);
      removeEventListener('pagehide', atOnce, { capture: true });
    };
  }, [entered, handOn]);
  // An unmounting field commits what is pending.
  useEffect(
    () => () => {
      const now = waiting.current;
      waiting.current = undefined;
      if (now) hand.current(now.value);
    },
    [],
  );
  return { entered, enter, handOn };
}
