'use client';

import { type RefObject, useEffect, useState } from 'react';

/** Below this width a drawing is laid out differently instead of scaled down, px. */
const NARROW_PX = 500;

/** Whether the container `ref` is too narrow for a drawing with text beside it. */
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
