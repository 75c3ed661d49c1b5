'use client';

import { Printer } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import styled from 'styled-components';
import { type StoredBatch } from '@/core/cook';
import { type Kept } from '@/server/shelf';
import { reheatText } from '../reheatText';
import { type Avoided } from '@/core/larder';
import { Button } from '@/ui/controls/Button';
import { Page, PageHead } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';
import { useOutbox } from '@/ui/outbox/useOutbox';

const Sheet = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(240px, 100%), 1fr));
  gap: 10px;
  li {
    border: 2px dashed var(--rim);
    border-radius: 8px;
    padding: 10px 12px;
    display: grid;
    gap: 2px;
    break-inside: avoid;
    background: #fcfcf8;
    color: #16323a;
  }
  b {
    font-size: 1.25rem;
  }
  strong {
    font-size: 1.125rem;
  }
  @media print {
    grid-template-columns: repeat(3, 1fr);
  }
`;

const Head = styled(PageHead)`
  @media print {
    display: none;
  }
`;

interface LabelsProps {
  readonly id: string;
  readonly title: string;
  readonly madeMs: number;
  readonly lots: readonly StoredBatch[];
  readonly warmed: Kept['warmed'];
  readonly brings: readonly Avoided[];
}

/** A label for every stored box, to print and cut out. */
export function Labels({ id, title, madeMs, lots, warmed, brings }: LabelsProps) {
  const w = useWords();
  const router = useRouter();
  const { sent } = useOutbox();
  const arrived = sent.filter((r) => r.cookId === id).length;
  // Boxes may still be on their way to the server when the labels are opened.
  useEffect(() => {
    if (arrived > 0) router.refresh();
  }, [arrived, router]);
  const boxes = lots.flatMap((lot) => [
    ...Array.from({ length: lot.fridge }, (_, i) => ({ key: `${lot.id} c${String(i)}`, lot, frozen: false })),
    ...Array.from({ length: lot.freezer }, (_, i) => ({ key: `${lot.id} f${String(i)}`, lot, frozen: true })),
  ]);
  return (
    <Page>
      <Head>
        <h1>{w.text('labels.title')}</h1>
        <Button
          $tone="main"
          isDisabled={boxes.length === 0}
          onPress={() => {
            window.print();
          }}
        >
          <Printer size={18} aria-hidden /> {w.text('labels.print')}
        </Button>
      </Head>
      {boxes.length === 0 ? <p>{w.text('labels.none')}</p> : null}
      <Sheet>
        {boxes.map(({ key, lot, frozen }) => (
          <li key={key}>
            <b>{title}</b>
            <span>
              {w.quantity(lot.grams / 1000, 'mass')}, {w.text('labels.madeOn', { day: w.day(madeMs) })}
            </span>
            <strong>
              {frozen
                ? w.text('labels.frozenBy', { day: w.day(lot.freezerByMs) })
                : w.text('labels.eatBy', { day: w.day(lot.useByMs) })}
            </strong>
            <span>
              {reheatText(
                w,
                warmed.find((b) => b.grams === lot.grams),
              )}
            </span>
            {brings.length > 0 ? (
              <small>
                {w.text('labels.brings', {
                  things: w.list(
                    brings.map((id) => w.label('avoid', id)),
                    'comma',
                  ),
                })}
              </small>
            ) : null}
          </li>
        ))}
      </Sheet>
    </Page>
  );
}
