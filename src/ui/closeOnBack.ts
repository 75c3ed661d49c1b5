'use client';

import { useEffect, useId, useRef } from 'react';

/** What is open over the page, each with its own entry in the browser's history, newest last. */
const open: { readonly id: string; readonly close: () => void }[] = [];
/** Opened while the browser is still going back from what was closed before. */
const waiting: (typeof open)[number][] = [];
let goingBack = 0;
let listening = false;

const holds = (id: string): boolean => (window.history.state as { over?: unknown } | null)?.over === id;

function push(entry: (typeof open)[number]): void {
  open.push(entry);
  window.history.pushState({ over: entry.id }, '');
}

function onBack(): void {
  if (goingBack > 0) {
    goingBack--;
    if (goingBack === 0) for (const entry of waiting.splice(0)) push(entry);
    return;
  }
  const top = open.at(-1);
  if (top && !holds(top.id)) {
    open.pop();
    top.close();
  }
}

/** While `isOpen`, the browser's Back closes what is open instead of leaving the page. */
export function useCloseOnBack(isOpen: boolean, close: () => void): void {
  const id = useId();
  const closing = useRef(close);
  useEffect(() => {
    closing.current = close;
  }, [close]);
  useEffect(() => {
    if (!isOpen) return undefined;
    if (!listening) window.addEventListener('popstate', onBack);
    listening = true;
    const entry = {
      id,
      close: () => {
        closing.current();
      },
    };
    if (goingBack > 0) waiting.push(entry);
    else push(entry);
    return () => {
      const late = waiting.indexOf(entry);
      if (late >= 0) waiting.splice(late, 1);
      const at = open.indexOf(entry);
      if (at < 0) return;
      open.splice(at, 1);
      // On another page by now, its history entry is behind us and stays there.
      if (!holds(id)) return;
      goingBack++;
      window.history.back();
    };
  }, [isOpen, id]);
}
