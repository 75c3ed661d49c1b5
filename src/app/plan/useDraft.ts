'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import { type DraftSlot, openDraft } from './drafts';
import { begun, moved, partsChanged, type PlanPart } from './planHistory';
import { type PlanInput } from '@/core/choices';

/** A plan as saved on the server, and when; null for a new one. */
export interface KeptPlan {
  readonly input: PlanInput;
  readonly atMs: number | null;
}

export interface Draft {
  readonly input: PlanInput;
  readonly changed: boolean;
  /** Whether this page opened with unsaved changes. */
  readonly restored: boolean;
  readonly change: (part: Partial<PlanInput>) => void;
  /** Undoes the last step; undefined where there is none. */
  readonly undo: (() => void) | undefined;
  /** Redoes the last undone step; undefined where there is none. */
  readonly redo: (() => void) | undefined;
  /** The sections changed by the last undo or redo; undefined after any other step. */
  readonly stepped: { readonly kind: 'undo' | 'redo'; readonly parts: readonly PlanPart[] } | undefined;
  /** When the plan these edits started from was saved; null for a new one. */
  readonly basedOnMs: number | null;
  /** Discards unsaved changes and goes back to `to`. */
  readonly reset: (to: KeptPlan) => void;
  /** This is what is saved now; edits made meanwhile stay unsaved, and undo still works. */
  readonly settle: (to: KeptPlan) => void;
}

/** The edits to a plan, stored by this tab until saved, even while invalid; null is a new one. */
export function useDraft(planId: string | null, start: KeptPlan): Draft {
  const [history, setHistory] = useState(() => begun(start.input));
  const [kept, setKept] = useState(start);
  const [basedOnMs, setBasedOnMs] = useState(start.atMs);
  const [restored, setRestored] = useState(false);
  const [stepped, setStepped] = useState<Draft['stepped']>();
  const { input, past, future } = history;
  const changed = useMemo(() => kept.atMs === null || partsChanged(kept.input, input).length > 0, [kept, input]);

  // Undefined until this tab's storage was read: nothing is written over it before.
  const [slot, setSlot] = useState<DraftSlot>();
  useEffect(() => {
    let gone = false;
    const open = async (): Promise<void> => {
      const opened = await openDraft(planId);
      if (gone) return;
      setSlot(opened);
      const { found } = opened;
      if (!found) return;
      const atMs = performance.now();
      setHistory((before) => moved(before, { kind: 'found', input: found.input, atMs }));
      setBasedOnMs(found.basedOnMs);
      setRestored(true);
    };
    open().catch((failure: unknown) => {
      console.error('What is unsaved cannot be kept by this browser', failure);
    });
    return () => {
      gone = true;
    };
  }, [planId]);

  useEffect(() => {
    if (changed) slot?.write({ input, basedOnMs });
    else slot?.clear();
  }, [slot, input, basedOnMs, changed]);

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
      slot?.clear();
      setKept(to);
      setBasedOnMs(to.atMs);
      setRestored(false);
    },
    [slot],
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
