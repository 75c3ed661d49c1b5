'use client';

import Link from 'next/link';
import { type PlanFault } from '@/core/plan/input';
import { FaultNote, Page } from '@/ui/controls/Panel';
import { useSay } from '@/ui/KitchenContext';

/** In place of the sheet when the kept plan cannot be cooked as it stands. */
export function SheetFaults({ id, title, faults }: { id: string; title: string; faults: readonly PlanFault[] }) {
  const say = useSay();
  return (
    <Page>
      <h1>{title}</h1>
      {faults.map((f) => (
        <FaultNote key={`${f.field}${f.message}`} role="alert">
          {say(f.message)}
        </FaultNote>
      ))}
      <p>
        <Link href={`/plan/${id}`}>Back to the plan</Link>
      </p>
    </Page>
  );
}
