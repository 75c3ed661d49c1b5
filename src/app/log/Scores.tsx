'use client';

import { type Verdict } from '@/core/cook';
import { type Code } from '@/core/message';
import { useWords } from '@/ui/KitchenContext';

/** What is scored, each from 1 to 5. */
export const SCORES = ['tenderness', 'moisture', 'sauce', 'salt'] as const;

export const POINTS = [1, 2, 3, 4, 5] as const;

/** The score not mentioned in short texts. */
const RIGHT: Readonly<Partial<Record<(typeof SCORES)[number], number>>> = { sauce: 3, salt: 3 };

/** Answers worded differently where their question is not next to them. */
const SAID_ALONE: Readonly<
  Partial<
    Record<
      (typeof SCORES)[number],
      Readonly<Partial<Record<number, `score.${'sauce' | 'salt'}.${1 | 2 | 3 | 4 | 5}.said` & Code>>>
    >
  >
> = {
  sauce: {
    1: 'score.sauce.1.said',
    2: 'score.sauce.2.said',
    3: 'score.sauce.3.said',
    4: 'score.sauce.4.said',
    5: 'score.sauce.5.said',
  },
  salt: { 3: 'score.salt.3.said' },
};

/** A verdict in words. `short` leaves out what was right. */
export function Scores({ verdict, short = false }: { verdict: Verdict; short?: boolean }) {
  const w = useWords();
  const parts = SCORES.flatMap((s) => {
    const points = POINTS.find((p) => p === verdict[s]);
    if (points === undefined) return [];
    if (short && points === RIGHT[s]) return [];
    return [w.text(SAID_ALONE[s]?.[points] ?? `score.${s}.${points}`)];
  });
  return <>{w.text('score.all', { parts: w.list(parts, 'comma') })}</>;
}
