'use client';

import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod';
import { type PlanInput } from '@/core/choices';
import { PLAN_INPUT } from '@/contract/kept/planInput';

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

/** A plan as it was kept on the server, and when; null for one that never was. */
export interface KeptPlan {
  readonly input: PlanInput;
  readonly atMs: number | null;
}

/**
 * What is unsaved, the version of its shape, and when the plan it was begun on had been kept. Drafts from before they
 * said so are of version 2.
 */
const draftSchema = z.object({
  inputVersion: z.int().default(2),
  input: z.unknown(),
  basedOnMs: z.number().nullable(),
});

interface Unsaved {
  readonly input: PlanInput;
  readonly basedOnMs: number | null;
}

function readDraft(key: string): Unsaved | undefined {
  try {
    const text = localStorage.getItem(key);
    if (text === null) return undefined;
    const { inputVersion, input, basedOnMs } = draftSchema.parse(JSON.parse(text, unpack(Number.NaN)));
    // Checked with numbers in its empty fields, but opened with the fields empty.
    PLAN_INPUT.read(draftSchema.parse(JSON.parse(text, unpack(1))).input, inputVersion);
    return { input: PLAN_INPUT.upgraded(input, inputVersion) as PlanInput, basedOnMs };
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
  /** When the plan was kept that this was begun on; null for a new one. */
  readonly basedOnMs: number | null;
  /** Forgets what is unsaved and goes back to `to`. */
  readonly reset: (to: KeptPlan) => void;
}

/** What is being edited, kept in this browser until it is saved, however wrong it still is. */
export function useDraft(key: string, start: KeptPlan): Draft {
  const [input, setInput] = useState(start.input);
  const [basedOnMs, setBasedOnMs] = useState(start.atMs);
  const [changed, setChanged] = useState(false);
  const [restored, setRestored] = useState(false);

  useEffect(() => {
    const timer = setTimeout(() => {
      const kept = readDraft(key);
      if (!kept) return;
      setInput(kept.input);
      setBasedOnMs(kept.basedOnMs);
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
      localStorage.setItem(key, JSON.stringify({ inputVersion: PLAN_INPUT.version, input, basedOnMs }, pack));
    }, REST_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [key, input, basedOnMs, changed]);

  const change = useCallback((part: Partial<PlanInput>) => {
    setInput((before) => ({ ...before, ...part }));
    setChanged(true);
  }, []);

  const reset = useCallback(
    (to: KeptPlan) => {
      localStorage.removeItem(key);
      setInput(to.input);
      setBasedOnMs(to.atMs);
      setChanged(false);
      setRestored(false);
    },
    [key],
  );

  return { input, changed, restored, basedOnMs, change, reset };
}
