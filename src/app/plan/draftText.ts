import { type PlanInput } from '@/core/choices';

/** Unsaved changes of a plan, and when the plan they started from was saved; null for a new one. */
export interface Unsaved {
  readonly input: PlanInput;
  readonly basedOnMs: number | null;
}

/** NaN (an emptied field) does not survive JSON; this stands for it. */
const EMPTY = '\u0000empty';

const pack = (_: string, value: unknown): unknown => (Number.isNaN(value) ? EMPTY : value);

/** A draft as text. */
export const packed = (draft: object): string => JSON.stringify(draft, pack);

/** A draft read from its text; its empty fields become `empty`. */
export const unpacked = (text: string, empty: number): unknown =>
  JSON.parse(text, (_, value: unknown) => (value === EMPTY ? empty : value));
