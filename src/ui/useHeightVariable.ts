'use client';

import { type RefObject, useEffect } from 'react';

/** Publishes the height of `element`, px, as the custom property `name` of `on`, or of itself. */
export function useHeightVariable(
  element: RefObject<HTMLElement | null>,
  name: `--${string}`,
  on?: () => HTMLElement,
): void {
  useEffect(() => {
    const measured = element.current;
    if (!measured) return undefined;
    const told = on?.() ?? measured;
    const observer = new ResizeObserver(() => {
      told.style.setProperty(name, `${String(measured.offsetHeight)}px`);
    });
    observer.observe(measured);
    return () => {
      observer.disconnect();
      told.style.removeProperty(name);
    };
  }, [element, name, on]);
}
