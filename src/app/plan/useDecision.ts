'use client';

import { usePathname, useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useRef } from 'react';
import { type Decision, DECISIONS } from './decisions';

/** The open decision. It is in the address, so that Back and Forward step through decisions. */
export interface DecisionInHand {
  /** The decision in the address; undefined if none, which on a phone is the list of all eight. */
  readonly named: Decision | undefined;
  readonly open: (decision: Decision) => void;
  /** From a decision to the list: back if the list is the previous page, otherwise in its place. */
  readonly leave: () => void;
}

/** The decision's name in the address. */
export const AT = 'at';

/** The address with a decision open, or none; everything else in it stays. */
function address(path: string, params: URLSearchParams, decision: Decision | undefined): string {
  const next = new URLSearchParams(params);
  if (decision === undefined) next.delete(AT);
  else next.set(AT, decision);
  const query = next.toString();
  return query === '' ? path : `${path}?${query}`;
}

/** Where there is no room for a decision beside the list. */
const NARROW = '(max-width: 900px)';

/** Where list and decision are separate pages, the focus follows the cook: to the decision's heading, and back. */
function useFollowedFocus(named: Decision | undefined): void {
  const before = useRef(named);
  useEffect(() => {
    const from = before.current;
    before.current = named;
    if (from === named || !window.matchMedia(NARROW).matches) return;
    const to = named === undefined ? `decision-${from ?? ''}` : 'drawing-title';
    document.getElementById(to)?.focus({ preventScroll: true });
  }, [named]);
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
      // It starts at the top, however far down the last one was scrolled.
      window.scrollTo(0, 0);
      window.history.pushState(null, '', address(path, params, decision));
    },
    [named, path, params],
  );
  const leave = useCallback(() => {
    if (fromList.current) window.history.back();
    else window.history.replaceState(null, '', address(path, params, undefined));
    fromList.current = false;
  }, [path, params]);
  useFollowedFocus(named);
  return { named, open, leave };
}
