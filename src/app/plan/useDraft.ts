'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import { z } from 'zod';
import { begun, moved, partsChanged, type PlanPart } from './planHistory';
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

/** Keeps a plan in this browser as unsaved. */
export function writeDraft(key: string, { input, basedOnMs }: Unsaved): void {
  localStorage.setItem(key, JSON.stringify({ inputVersion: PLAN_INPUT.version, input, basedOnMs }, pack));
}

/** What is unsaved under `key`; undefined for nothing, or nothing that can be read. */
export function readDraft(key: string): Unsaved | undefined {
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
  /** Takes the last step back; undefined where there is none. */
  readonly undo: (() => void) | undefined;
  /** Does the step taken back last again; undefined where there is none. */
  readonly redo: (() => void) | undefined;
  /** The parts the last undo or redo changed; undefined after any other step. */
  readonly stepped: { readonly kind: 'undo' | 'redo'; readonly parts: readonly PlanPart[] } | undefined;
  /** When the plan was kept that this was begun on; null for a new one. */
  readonly basedOnMs: number | null;
  /** Forgets what is unsaved and goes back to `to`. */
  readonly reset: (to: KeptPlan) => void;
  /** This is what is kept now; what was changed meanwhile stays unsaved, and steps can still be taken back. */
  readonly settle: (to: KeptPlan) => void;
}

/** What is being edited, kept in this browser until it is saved, however wrong it still is. */
export function useDraft(key: string, start: KeptPlan): Draft {
  const [history, setHistory] = useState(() => begun(start.input));
  const [kept, setKept] = useState(start);
  const [basedOnMs, setBasedOnMs] = useState(start.atMs);
  const [restored, setRestored] = useState(false);
  const [stepped, setStepped] = useState<Draft['stepped']>();
  const { input, past, future } = history;
  const changed = useMemo(() => kept.atMs === null || partsChanged(kept.input, input).length > 0, [kept, input]);

  useEffect(() => {
    const timer = setTimeout(() => {
      const draft = readDraft(key);
      if (!draft) return;
      setHistory(begun(draft.input));
      setBasedOnMs(draft.basedOnMs);
      setRestored(true);
    }, 0);
    return () => {
      clearTimeout(timer);
    };
  }, [key]);

  useEffect(() => {
    const timer = setTimeout(() => {
      if (changed) writeDraft(key, { input, basedOnMs });
      else localStorage.removeItem(key);
    }, REST_MS);
    return () => {
      clearTimeout(timer);
    };
  }, [key, input, basedOnMs, changed]);

  const change = useCallback((part: Partial<PlanInput>) => {
    const atMs = performance.now();
    setHistory((before) => moved(before, { kind: 'change', part, atMs }));
    setStepped(undefined);
  }, []);

  const step = (kind: 'undo' | 'redo', to: PlanInput | undefined): (() => void) | undefined =>
    to &&
    (() => {
      setHistory((before) => moved(before, { kind }));
      setStepped({ kind, parts: partsChanged(input, to) });
    });

  const settle = useCallback(
    (to: KeptPlan) => {
      localStorage.removeItem(key);
      setKept(to);
      setBasedOnMs(to.atMs);
      setRestored(false);
    },
    [key],
  );

  const reset = useCallback(
    (to: KeptPlan) => {
      settle(to);
      setHistory((before) => moved(before, { kind: 'open', input: to.input }));
      setStepped(undefined);
    },
    [settle],
  );

  return {
    input,
    changed,
    restored,
    basedOnMs,
    change,
    undo: step('undo', past.at(-1)),
    redo: step('redo', future[0]),
    stepped,
    reset,
    settle,
  };
}
