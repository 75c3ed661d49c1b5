import { type PlanInput } from '@/core/choices';

export type PlanPart = keyof PlanInput;

/** Changes of the same parts within this are one step: a field being typed, a slider being moved. */
const ONE_STEP_MS = 1200;
/** As many steps are kept. */
const MAX_STEPS = 200;

/** A plan being edited, with the steps that led here and those that were taken back. */
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
  /** What was unsaved of it turns up after it was opened: what has been changed meanwhile goes on top. */
  | { readonly kind: 'found'; readonly input: PlanInput; readonly atMs: number }
  /** Another plan altogether: nothing to take back. */
  | { readonly kind: 'open'; readonly input: PlanInput };

export const begun = (input: PlanInput): PlanHistory => ({ input, past: [], future: [], last: undefined });

/** The parts in which two plans differ. */
export function partsChanged(before: PlanInput, after: PlanInput): readonly PlanPart[] {
  return (Object.keys(after) as PlanPart[]).filter(
    (part) => before[part] !== after[part] && JSON.stringify(before[part]) !== JSON.stringify(after[part]),
  );
}

/** A history after a move; the same one where the move changes nothing. */
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
