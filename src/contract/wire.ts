const NEVER = '\u0000never';

/** JSON text in which times that never come (`Infinity`) survive; JSON itself would make nulls of them. */
export function toWire(value: unknown): string {
  return JSON.stringify(value, (_, v: unknown) => (v === Infinity ? NEVER : v));
}

/** What `toWire` made text of, with its nulls null and its infinities infinite. */
export function fromWire(text: string): unknown {
  return JSON.parse(text, (_, v: unknown) => (v === NEVER ? Infinity : v));
}
