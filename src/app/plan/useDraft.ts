'use client';

import { useCallback, useEffect, useState } from 'react';
import { type PlanInput } from '@/core/plan/input';
import { planInputSchema } from '@/contract/plan';

const REST_MS = 300;

/** NaN, an emptied field, does not survive JSON; null stands for it. */
function revive(key: string, value: unknown): unknown {
  return value === null && key !== '' ? Number.NaN : value;
}

function readDraft(key: string): PlanInput | undefined {
  try {
    const text = localStorage.getItem(key);
    if (text === null) return undefined;
    const draft: unknown = JSON.parse(text, revive);
    const shape = planInputSchema.safeParse(JSON.parse(text, (k, v: unknown) => (v === null && k !== '' ? 1 : v)));
    return shape.success ? (draft as PlanInput) : undefined;
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
      localStorage.setItem(key, JSON.stringify(input));
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
