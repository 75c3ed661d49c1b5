const NEVER = '\u0000never';

/** JSON text in which times that never come (`Infinity`) survive; JSON itself would turn them into null. */
export function toWire(value: unknown): string {
  return JSON.stringify(value, (_, v: unknown) => (v === Infinity ? NEVER : v));
}

/** Reads what `toWire` wrote, nulls as nulls and infinities as infinities. */
export function fromWire(text: string): unknown {
  return JSON.parse(text, (_, v: unknown) => (v === NEVER ? Infinity : v));
}
