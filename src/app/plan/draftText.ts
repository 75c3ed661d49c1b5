import { type PlanInput } from '@/core/choices';

/** What is unsaved of a plan, and when the plan it was begun on had been kept; null for one that never was. */
export interface Unsaved {
  readonly input: PlanInput;
  readonly basedOnMs: number | null;
}

/** NaN, an emptied field, does not survive JSON; this stands for it. */
const EMPTY = '\u0000empty';

const pack = (_: string, value: unknown): unknown => (Number.isNaN(value) ? EMPTY : value);

/** A draft as text. */
export const packed = (draft: object): string => JSON.stringify(draft, pack);

/** A draft from its text, with its empty fields as `empty`. */
export const unpacked = (text: string, empty: number): unknown =>
  JSON.parse(text, (_, value: unknown) => (value === EMPTY ? empty : value));
