'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { type BoxOutcome, type BoxReheating, type CookAct, type StoredBatch } from '@/core/cook';
import { dayOfBox } from './storedBatchesNow';
import { reheatText } from './reheatText';
import { Button } from '@/ui/controls/Button';
import { linkButton } from '@/ui/controls/Button';
import { useKitchen, useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';

const Lots = styled.ul`
  display: grid;
  gap: 8px;
  > li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 6px 14px;
    > span {
      flex: 1 1 320px;
    }
    small {
      display: block;
      color: var(--mute);
      font-size: 0.875rem;
    }
    border: 1px solid var(--line);
    border-radius: 12px;
    padding: 8px 12px;
  }
  > li[data-late] {
    border-color: var(--warn);
    border-width: 2px;
  }
`;

const Acts = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  button,
  a {
    min-height: 44px;
  }
`;

const LabelLink = styled(Link)`
  ${linkButton('plain')}
`;

const FATES_OF: Readonly<Record<'fridge' | 'freezer', readonly BoxOutcome[]>> = {
  fridge: ['eaten', 'frozen', 'thrown'],
  freezer: ['thawed', 'eaten', 'thrown'],
};

interface ShelfProps {
  readonly cookId: string;
  readonly title: string;
  readonly lots: readonly StoredBatch[];
  readonly now: number;
  readonly warmed: (grams: number) => BoxReheating | undefined;
  readonly onRecord: (act: CookAct) => void;
}

/** Boxes of a braise in fridge and freezer, their use-by dates, and one-tap actions for them. */
export function Leftovers({ cookId, title, lots, now, warmed, onRecord }: ShelfProps) {
  const w = useWords();
  const { timeZone } = useKitchen();
  const rows = lots.flatMap((lot) =>
    (['fridge', 'freezer'] as const).flatMap((place) => {
      const byMs = place === 'fridge' ? lot.useByMs : lot.freezerByMs;
      return lot[place] > 0 ? [{ lot, place, byMs, day: dayOfBox(byMs, now, timeZone) }] : [];
    }),
  );
  if (rows.length === 0) return null;
  return (
    <Lots aria-label={w.text('shelf.of', { title })}>
      {rows.map(({ lot, place, day, byMs }) => (
        <li key={`${lot.id} ${place}`} data-late={day === undefined ? undefined : ''}>
          <span>
            <b>{title}</b>{' '}
            {w.text(`shelf.${place}`, {
              boxes: lot[place],
              weight: { as: 'mass', value: lot.grams / 1000 },
              day: w.day(byMs),
            })}{' '}
            {day === undefined ? null : <b>{w.text(`shelf.${place}.${day}`)}</b>}
            {place === 'fridge' && day !== 'past' ? <small>{reheatText(w, warmed(lot.grams))}</small> : null}
          </span>
          <Acts>
            {FATES_OF[place].map((fate) => (
              <Button
                key={fate}
                aria-label={w.text('shelf.act', { fate: say(`fate.${fate}`), title })}
                onPress={() => {
                  onRecord({ kind: 'box', lot: lot.id, count: 1, fate });
                }}
              >
                {w.title(say(`fate.${fate}`))}
              </Button>
            ))}
            <LabelLink href={`/labels/${cookId}`}>{w.text('shelf.labels')}</LabelLink>
          </Acts>
        </li>
      ))}
    </Lots>
  );
}
