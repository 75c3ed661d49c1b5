import { noteConnection } from './connection';

/** A device's clock compared with the server's. The kitchen has one clock: the server's. */

const KEPT = 'even-ember:clock-ahead-ms';

/** Differences below this are ignored, ms: what an honest clock may be off by, plus the round trip. */
const HONEST_MS = 1500;

let aheadMs: number | undefined;
const listeners = new Set<() => void>();

/** Calls `listener` whenever the clock difference changes; returns an unsubscribe function. */
export function onClock(listener: () => void): () => void {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}

function fromBefore(): number | undefined {
  try {
    const text = localStorage.getItem(KEPT);
    return text === null ? undefined : Number(text) || 0;
  } catch {
    return undefined;
  }
}

/** How far this device's clock is ahead of the server's, as last noted, ms; undefined if never. */
export function clockAheadMs(): number | undefined {
  aheadMs ??= fromBefore();
  return aheadMs;
}

/** The current time on the server's clock, as far as this device knows. */
export function kitchenNow(): number {
  return Date.now() - (clockAheadMs() ?? 0);
}

/** Notes what the server's clock said between two moments of this one's; a slow answer is ignored. */
export function noteClock(askedMs: number, serverMs: number, answeredMs: number): void {
  const took = answeredMs - askedMs;
  if (took < 0 || took > 2 * HONEST_MS) return;
  const ahead = Math.round((askedMs + answeredMs) / 2 - serverMs);
  const before = clockAheadMs() ?? 0;
  aheadMs = Math.abs(ahead) < HONEST_MS ? 0 : ahead;
  try {
    localStorage.setItem(KEPT, String(aheadMs));
  } catch {
    // It is remembered as long as the page is open.
  }
  if (Math.abs(aheadMs - before) >= HONEST_MS) for (const listener of listeners) listener();
}

/** Asks the server for its time, and notes whether it answers. */
export async function askClock(): Promise<void> {
  const askedMs = Date.now();
  try {
    const { nowMs } = (await (await fetch('/api/health', { method: 'GET' })).json()) as { readonly nowMs?: number };
    if (nowMs !== undefined) noteClock(askedMs, nowMs, Date.now());
    noteConnection(true, kitchenNow());
  } catch {
    // Unreachable: the last difference stays.
    noteConnection(false, kitchenNow());
  }
}
