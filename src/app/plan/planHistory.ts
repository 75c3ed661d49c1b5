import { type PlanInput } from '@/core/choices';

export type PlanPart = keyof PlanInput;

/** Changes of the same sections within this time are one step: typing in a field, dragging a slider. */
const ONE_STEP_MS = 1200;
/** How many steps are kept. */
const MAX_STEPS = 200;

/** A plan being edited, with its undo and redo steps. */
export interface PlanHistory {
  readonly input: PlanInput;
  readonly past: readonly PlanInput[];
  readonly future: readonly PlanInput[];
  /** The last change made by hand; undefined after any other step. */
  readonly last: { readonly parts: string; readonly atMs: number } | undefined;
}

export type PlanMove =
  | { readonly kind: 'change'; readonly part: Partial<PlanInput>; readonly atMs: number }
  | { readonly kind: 'undo' }
  | { readonly kind: 'redo' }
  /** Unsaved changes found after the plan was opened: edits made meanwhile go on top. */
  | { readonly kind: 'found'; readonly input: PlanInput; readonly atMs: number }
  /** Another plan altogether: nothing to undo. */
  | { readonly kind: 'open'; readonly input: PlanInput };

export const begun = (input: PlanInput): PlanHistory => ({ input, past: [], future: [], last: undefined });

/** The sections in which two plans differ. */
export function partsChanged(before: PlanInput, after: PlanInput): readonly PlanPart[] {
  return (Object.keys(after) as PlanPart[]).filter(
    (part) => before[part] !== after[part] && JSON.stringify(before[part]) !== JSON.stringify(after[part]),
  );
}

/** The history after a move; the same object where the move changes nothing. */
export function moved(history: PlanHistory, move: PlanMove): PlanHistory {
  const { input, past, future, last } = history;
  switch (move.kind) {
    case 'open':
      return begun(move.input);
    case 'found': {
      const meanwhile = partsChanged(past[0] ?? input, input);
      const part: Partial<PlanInput> = Object.fromEntries(meanwhile.map((name) => [name, input[name]]));
      return moved(begun(move.input), { kind: 'change', part, atMs: move.atMs });
    }
    case 'change': {
      const next = { ...input, ...move.part };
      const changed = partsChanged(input, next);
      if (changed.length === 0) return history;
      const parts = changed.join();
      const sameStep = last?.parts === parts && move.atMs - last.atMs < ONE_STEP_MS;
      return {
        input: next,
        past: sameStep ? past : [...past, input].slice(-MAX_STEPS),
        future: [],
        last: { parts, atMs: move.atMs },
      };
    }
    case 'undo': {
      const before = past.at(-1);
      if (!before) return history;
      return { input: before, past: past.slice(0, -1), future: [input, ...future], last: undefined };
    }
    case 'redo': {
      const [after, ...rest] = future;
      if (!after) return history;
      return { input: after, past: [...past, input], future: rest, last: undefined };
    }
  }
}
