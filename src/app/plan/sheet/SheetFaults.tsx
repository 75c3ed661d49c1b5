'use client';

import Link from 'next/link';
import { type PlanFault } from '@/core/choices';
import { FaultNote, Page } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

/** Shown instead of the sheet when the saved plan cannot be cooked as it is. */
export function SheetFaults({ id, title, faults }: { id: string; title: string; faults: readonly PlanFault[] }) {
  const w = useWords();
  return (
    <Page>
      <h1>{title}</h1>
      {faults.map((f, i) => (
        <FaultNote key={`${f.says.code}${String(i)}`} role="alert">
          {w.say(f.says)}
        </FaultNote>
      ))}
      <p>
        <Link href={`/plan/${id}`}>{w.text('common.backToThePlan')}</Link>
      </p>
    </Page>
  );
}
