import { type Day } from '@/core/schedule';
import { type Words } from '@/words/words';

/** Schedule conflicts in the reader's words: a start that has passed, tasks that cannot be where they are locked. */
export function dayTroubles(w: Words, day: Day, nowMs: number): readonly string[] {
  return [
    ...(day.startMs < nowMs ? [w.text('dayLine.theFirstActOfThis', { start: w.clock(day.startMs) })] : []),
    ...day.conflicts.map((c) => w.text('line.conflict', { at: w.clock(c.atMs), why: c.says })),
  ];
}
