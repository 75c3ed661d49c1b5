/** 0 up to `from`, 1 from `to` on, without a corner in between. */
export function smoothStep(x: number, from: number, to: number): number {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
}
