'use client';

import { type Verdict } from '@/core/cook';
import { useWords } from '@/ui/KitchenContext';

/** What is scored, each from 1 to 5. */
export const SCORES = ['tenderness', 'moisture', 'sauce', 'salt'] as const;

export const POINTS = [1, 2, 3, 4, 5] as const;

/** The score that needs no mention where things are said in short. */
const RIGHT: Readonly<Partial<Record<(typeof SCORES)[number], number>>> = { sauce: 3, salt: 3 };

/** A verdict in words. `short` leaves out what was right. */
export function Scores({ verdict, short = false }: { verdict: Verdict; short?: boolean }) {
  const w = useWords();
  const parts = SCORES.flatMap((s) => {
    const points = POINTS.find((p) => p === verdict[s]);
    if (points === undefined) return [];
    if (short && points === RIGHT[s]) return [];
    // Some answers are said otherwise where their question does not stand beside them.
    const said = `score.${s}.${points}.said`;
    return [w.say({ code: w.has(said) ? said : `score.${s}.${points}` })];
  });
  return <>{w.text('score.all', { parts: w.list(parts, 'comma') })}</>;
}
