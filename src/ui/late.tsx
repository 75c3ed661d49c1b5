'use client';

import { type ComponentType, type ReactNode, useEffect, useReducer } from 'react';

const unfetched = new Set<() => Promise<void>>();

/** Fetches every late part of the page there is, and those that come with them. What cannot be fetched now waits. */
export async function fetchLate(): Promise<void> {
  const some = [...unfetched];
  await Promise.allSettled(some.map((fetchPart) => fetchPart()));
  if ([...unfetched].some((part) => !some.includes(part))) await fetchLate();
}

/**
 * What is not on screen when a page opens (sheets, menus, answers to "why?"): its script is fetched when the page has
 * time, or at the latest when it is wanted, and it is drawn from then on without waiting. Nothing until then.
 */
export function late<P extends object>(load: () => Promise<ComponentType<P>>): (props: P) => ReactNode {
  let Loaded: ComponentType<P> | undefined;
  let coming: Promise<void> | undefined;
  const ready = (): Promise<void> => {
    coming ??= load().then(
      (component) => {
        Loaded = component;
        unfetched.delete(ready);
      },
      (failure: unknown) => {
        // Without a line to the server now: asked for again the next time it is wanted.
        coming = undefined;
        throw failure;
      },
    );
    return coming;
  };
  unfetched.add(ready);
  return function LatePart(props: P) {
    const [, redraw] = useReducer((n: number) => n + 1, 0);
    useEffect(() => {
      if (Loaded) return undefined;
      let gone = false;
      ready().then(
        () => {
          if (!gone) redraw();
        },
        () => undefined,
      );
      return () => {
        gone = true;
      };
    }, []);
    return Loaded ? <Loaded {...props} /> : null;
  };
}
