'use client';

import { useCallback, useEffect, useState } from 'react';
import { type PlanInput } from '@/core/plan/input';
import { planInputSchema } from '@/contract/plan';

const REST_MS = 300;

/** Where this browser keeps what is unsaved of a plan; null is the new one. */
export function draftKey(planId: string | null): string {
  return `even-ember:draft:${planId ?? 'new'}`;
}

/** NaN, an emptied field, does not survive JSON; this stands for it. */
const EMPTY = '\u0000empty';

const pack = (_: string, value: unknown): unknown => (Number.isNaN(value) ? EMPTY : value);
const unpack =
  (empty: number) =>
  (_: string, value: unknown): unknown =>
    value === EMPTY ? empty : value;

function readDraft(key: string): PlanInput | undefined {
  try {
    const text = localStorage.getItem(key);
    if (text === null) return undefined;
    const shape = planInputSchema.safeParse(JSON.parse(text, unpack(1)));
    if (!shape.success) return undefined;
    const kept = JSON.parse(text, unpack(Number.NaN)) as PlanInput;
    // What an older draft did not know of yet comes from the schema.
    return { ...kept, day: { ...shape.data.day, ...kept.day } };
  } catch {
    return undefined;
  }
}

export interface Draft {
  readonly input: PlanInput;
  readonly changed: boolean;
  /** Whether this page opened with a draft that had not been saved. */
  readonly restored: boolean;
  readonly change: (part: Partial<PlanInput>) => void;
  /** Forgets what is unsaved and goes back to `to`. */
  readonly reset: (to: PlanInput) => void;
}

/** What is being edited, kept in this browser until it is saved, however wrong it still is. */
export function useDraft(key: string, start: PlanInput): Draft {
  const [input, setInput] = useState(start);
  const [changed, setChanged] = useState(false);
  const [restored, setRestored] = useState(false);

  useEffect(() => {
    const timer = setTimeout(() => {
      const kept = readDraft(key);
      if (!kept) return;
      setInput(kept);
      setChanged(true);
      setRestored(true);
    }, 0);
    return () => {
      clearTimeout(timer);
    };
  }, [key]);

  useEffect(() => {
    if (!changed) return undefined;
    const timer = setTimeout(() => {
      localStorage.setItem(key, JSON.stringify(input, pack));
    }, REST_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [key, input, changed]);

  const change = useCallback((part: Partial<PlanInput>) => {
    setInput((before) => ({ ...before, ...part }));
    setChanged(true);
  }, []);

  const reset = useCallback(
    (to: PlanInput) => {
      localStorage.removeItem(key);
      setInput(to);
      setChanged(false);
      setRestored(false);
    },
    [key],
  );

  return { input, changed, restored, change, reset };
}
