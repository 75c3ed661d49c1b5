'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { QuickStart } from './QuickStart';
import { openDraft } from '../drafts';
import { type Kitchen } from '@/contract/kitchen';
import { type PlanInput } from '@/core/choices';
import { lazyOnIdle } from '@/ui/lazy';

const PlanEditor = lazyOnIdle(async () => (await import('../PlanEditor')).PlanEditor);

const BEGUN = 'begun';

/** A new plan: its quick start, then the plan itself, which only this browser has until it is saved. */
export function NewPlan({ kitchen }: { kitchen: Kitchen }) {
  const begun = useSearchParams().has(BEGUN);
  // Undefined until this browser's storage was read, null where it has none.
  const [unkept, setUnkept] = useState<PlanInput | null>();
  useEffect(() => {
    // Looked up again on every return to the quick start: the draft has changed since.
    let gone = false;
    openDraft(null).then(
      ({ found }) => {
        if (!gone) setUnkept(found?.input ?? null);
      },
      // A browser without storage has nothing unsaved.
      () => {
        if (!gone) setUnkept(null);
      },
    );
    return () => {
      gone = true;
    };
  }, [begun]);
  const goOn = (): void => {
    window.history.pushState(null, '', `/plan/new?${BEGUN}`);
  };
  const begin = async (input: PlanInput): Promise<void> => {
    try {
      (await openDraft(null)).write({ input, basedOnMs: null });
    } catch (failure) {
      console.error('What is unsaved cannot be kept by this browser', failure);
    }
    setUnkept(input);
    goOn();
  };
  if (begun && unkept === undefined) return null;
  if (begun && unkept) return <PlanEditor kitchen={kitchen} start={unkept} id={null} updatedAtMs={null} />;
  return <QuickStart kitchen={kitchen} unkept={unkept?.title} onBegin={(input) => void begin(input)} onGoOn={goOn} />;
}
