import { daysBetween } from '@/calendar/calendar';
import { applyBoxOutcome, type StoredBatch } from '@/core/cook';
import { type OutboxRow } from '@/ui/outbox/record';
import { type KeptBoxes } from '@/server/shelf';

/** Boxes of a braise, including records of this device the server has not shown yet. */
export function storedBatchesNow(
  { id, lots, known }: KeptBoxes,
  recorded: readonly OutboxRow[],
): readonly StoredBatch[] {
  const waiting = recorded.filter((r) => r.cookId === id && !known.includes(r.event.id));
  const undone = new Set(waiting.flatMap(({ event: { act } }) => (act.kind === 'undo' ? [act.eventId] : [])));
  return waiting.reduce((now, { event }) => {
    const { id: record, act, atMs } = event;
    if (act.kind !== 'box' || undone.has(record)) return now;
    return now.map((lot) => (lot.id === act.lot ? (applyBoxOutcome(lot, act.fate, act.count, atMs) ?? lot) : lot));
  }, lots);
}

/** How today relates to a use-by day: past it, or the last day; undefined while there is time. */
export function dayOfBox(byMs: number, nowMs: number, timeZone: string): 'past' | 'last' | undefined {
  const days = daysBetween(nowMs, byMs, timeZone);
  return days < 0 ? 'past' : days === 0 ? 'last' : undefined;
}
