'use client';

import { usePathname, useSearchParams } from 'next/navigation';
import { useCallback, useRef } from 'react';
import { type Decision, DECISIONS } from './decisions';

/** The decision in hand, which is in the address, so that Back and Forward walk from one to the next. */
export interface DecisionInHand {
  /** The one the address names; undefined where it names none, which on a phone is the list of all eight. */
  readonly named: Decision | undefined;
  readonly open: (decision: Decision) => void;
  /** From a decision to the list: back where the list is the page before, else in its place. */
  readonly leave: () => void;
}

export function useDecision(): DecisionInHand {
  const at = useSearchParams().get('at');
  const path = usePathname();
  const named = DECISIONS.find((d) => d === at);
  const fromList = useRef(false);
  const open = useCallback(
    (decision: Decision) => {
      if (decision === named) return;
      fromList.current = named === undefined;
      window.history.pushState(null, '', `${path}?at=${decision}`);
    },
    [named, path],
  );
  const leave = useCallback(() => {
    if (fromList.current) window.history.back();
    else window.history.replaceState(null, '', path);
    fromList.current = false;
  }, [path]);
  return { named, open, leave };
}
