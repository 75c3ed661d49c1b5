'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';

/** A hand that has stopped for so long rests, ms: longer than from one key to the next. */
const DEBOUNCE_MS = 300;

/** Keys that end what is being entered: what comes next may hang on it. */
export const ENDING_KEYS: readonly string[] = ['Enter', 'Escape', 'Tab'];

/** A value that is being entered. */
interface Resting<T> {
  /** What was entered and not handed on yet; undefined where there is none. */
  readonly entered: { readonly value: T } | undefined;
  /** Entered: shown at once, handed on once the hand rests. */
  readonly enter: (value: T) => void;
  /** Hands on what was entered, without waiting. */
  readonly handOn: () => void;
}

/**
 * Hands a value on when the hand rests, so that a key costs no more than its letter; or at once when the field is left or
 * the page goes.
 */
export function useDebouncedCommit<T>(onChange: (value: T) => void): Resting<T> {
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
      // The page may be gone before anything is drawn again.
      flushSync(handOn);
    };
    addEventListener('pagehide', atOnce, { capture: true });
    return () => {
      clearTimeout(timer);
      removeEventListener('pagehide', atOnce, { capture: true });
    };
  }, [entered, handOn]);
  // A field that goes while something waits in it hands it on.
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
