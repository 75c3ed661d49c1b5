'use client';

import { type RefObject, useEffect, useState } from 'react';

/** Under this a drawing is laid out anew instead of being made smaller, px. */
const NARROW_PX = 500;

/** Whether the room `ref` has is too narrow for a drawing with its words beside it. */
export function useNarrow(ref: RefObject<Element | null>): boolean {
  const [narrow, setNarrow] = useState(false);
  useEffect(() => {
    const element = ref.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setNarrow(entry.contentRect.width < NARROW_PX);
    });
    observer.observe(element);
    return () => {
      observer.disconnect();
    };
  }, [ref]);
  return narrow;
}
