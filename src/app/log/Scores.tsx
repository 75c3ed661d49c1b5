'use client';

import { type Verdict } from '@/core/cook/events';

/** What each score says, 1 to 5. */
export const SCORE_WORDS: Readonly<
  Record<keyof Omit<Verdict, 'nextTime'>, readonly [string, string, string, string, string]>
> = {
  tenderness: ['tough', 'chewy', 'firm', 'just right', 'falling apart'],
  moisture: ['dry', 'dryish', 'fair', 'moist', 'succulent'],
  sauce: ['watery', 'thin', 'right', 'thick', 'sticky'],
  salt: ['unsalted', 'short of salt', 'right', 'a bit salty', 'too salty'],
};

export const SCORES = ['tenderness', 'moisture', 'sauce', 'salt'] as const;

/** A verdict in words. `short` leaves out what was right. */
export function Scores({ verdict, short = false }: { verdict: Verdict; short?: boolean }) {
  const words = SCORES.flatMap((s) => {
    const word = SCORE_WORDS[s][verdict[s] - 1] ?? '';
    if (word !== 'right') return [s === 'sauce' ? `${word} sauce` : word];
    return short ? [] : [`${s} right`];
  });
  const text = words.join(', ');
  return <>{text.charAt(0).toUpperCase() + text.slice(1)}.</>;
}
