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

/** What names the decision in the address. */
export const AT = 'at';

/** The address with a decision in hand, or none; all else in it stays. */
function address(path: string, params: URLSearchParams, decision: Decision | undefined): string {
  const next = new URLSearchParams(params);
  if (decision === undefined) next.delete(AT);
  else next.set(AT, decision);
  const query = next.toString();
  return query === '' ? path : `${path}?${query}`;
}

export function useDecision(): DecisionInHand {
  const params = useSearchParams();
  const path = usePathname();
  const named = DECISIONS.find((d) => d === params.get(AT));
  const fromList = useRef(false);
  const open = useCallback(
    (decision: Decision) => {
      if (decision === named) return;
      fromList.current = named === undefined;
      window.history.pushState(null, '', address(path, params, decision));
    },
    [named, path, params],
  );
  const leave = useCallback(() => {
    if (fromList.current) window.history.back();
    else window.history.replaceState(null, '', address(path, params, undefined));
    fromList.current = false;
  }, [path, params]);
  return { named, open, leave };
}
