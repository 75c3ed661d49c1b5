'use client';

import { type ComponentType, lazy, type ReactNode, type Ref, useEffect, useRef, useSyncExternalStore } from 'react';
import styled from 'styled-components';

const unfetched = new Set<() => Promise<void>>();

/** Loads every lazy part registered so far, and those they bring. Failures wait for the next time. */
export async function prefetchLazy(): Promise<void> {
  const some = [...unfetched];
  await Promise.allSettled(some.map((fetchPart) => fetchPart()));
  if ([...unfetched].some((part) => !some.includes(part))) await prefetchLazy();
}

/** A lazy part's script, loaded once: when idle, or at the latest when needed. */
class ChunkLoader<P> {
  private loaded: ComponentType<P> | undefined;
  private coming: Promise<void> | undefined;
  private readonly waiting = new Set<() => void>();

  constructor(private readonly load: () => Promise<ComponentType<P>>) {
    unfetched.add(this.ready);
  }

  /** The component; undefined until its script has arrived. */
  readonly arrived = (): ComponentType<P> | undefined => this.loaded;

  readonly ready = (): Promise<void> => {
    this.coming ??= this.load().then(
      (component) => {
        this.loaded = component;
        unfetched.delete(this.ready);
        for (const tell of this.waiting) tell();
      },
      (failure: unknown) => {
        // The server cannot be reached now: tried again the next time it is needed.
        this.coming = undefined;
        throw failure;
      },
    );
    return this.coming;
  };

  /** Requests it: loads it, and calls `tell` once it has arrived. Returns an unsubscribe function. */
  readonly want = (tell: () => void): (() => void) => {
    this.waiting.add(tell);
    this.ready().catch(() => undefined);
    return () => {
      this.waiting.delete(tell);
    };
  };
}

const NOT_YET = (): undefined => undefined;

/**
 * The component once its script has arrived, starting the load if needed; it may arrive at any time, also during a
 * render.
 */
function useArrived<P>({ want, arrived }: ChunkLoader<P>): ComponentType<P> | undefined {
  return useSyncExternalStore(want, arrived, NOT_YET);
}

/**
 * For what is not on screen when a page opens (sheets, menus, answers to "why?"): rendered at once when its script is
 * there, and not before.
 */
export function lazyOnIdle<P extends object>(load: () => Promise<ComponentType<P>>): (props: P) => ReactNode {
  const script = new ChunkLoader(load);
  return function LatePart(props: P) {
    const Part = useArrived(script);
    return Part ? <Part {...props} /> : null;
  };
}

type Box = ComponentType<{ children?: ReactNode; ref?: Ref<HTMLDivElement>; suppressHydrationWarning?: boolean }>;

/** A box without effect on layout. */
export const Unboxed = styled.div`
  display: contents;
`;

/** On a box whose script has not arrived yet. */
const WAITS = { 'data-drawn': '' } as const;

/** Left as it is: React keeps the server's markup inside, and treats it as empty when it renders it itself. */
const AS_DRAWN = {
  ...WAITS,
  suppressHydrationWarning: true,
  dangerouslySetInnerHTML: { __html: '' },
} as const;

const FOCUSABLE = 'a, button, input, textarea, summary, [tabindex]';

/** Index of the focused element among the focusable ones in a box; -1 if none. */
const focused = (box: HTMLElement): number =>
  [...box.querySelectorAll(FOCUSABLE)].findIndex((element) => element === document.activeElement);

/**
 * For what is on screen when a page opens but need not respond at once: rendered on the server inside `box`, and
 * hydrated once its script has arrived. The focus stays where it was.
 */
export function lazyHydrated<P extends object>(
  load: () => Promise<ComponentType<P>>,
): (props: P & { readonly box: Box }) => ReactNode {
  const script = new ChunkLoader(load);
  // The server waits only for the module, once.
  const Drawn = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>;
  return function DrawnLate({ box: Box, ...props }: P & { readonly box: Box }) {
    const Part = useArrived(script);
    const waiting = useRef<HTMLDivElement>(null);
    const inFocus = useRef(-1);
    const arrived = useRef<HTMLDivElement>(null);
    useEffect(() => {
      const box = waiting.current;
      if (!box) return undefined;
      const note = (): void => {
        inFocus.current = focused(box);
      };
      note();
      box.addEventListener('focusin', note);
      return () => {
        box.removeEventListener('focusin', note);
        if (inFocus.current < 0) return;
        // What has arrived is in place by now.
        // eslint-disable-next-line react-hooks/exhaustive-deps
        const there = arrived.current;
        there?.querySelectorAll<HTMLElement>(FOCUSABLE)[inFocus.current]?.focus({ preventScroll: true });
      };
    }, [Part]);

    if (typeof window === 'undefined') {
      return (
        <Box {...WAITS}>
          <Drawn {...(props as unknown as P)} />
        </Box>
      );
    }
    return Part ? (
      <Box key="drawn" ref={arrived}>
        <Part {...(props as unknown as P)} />
      </Box>
    ) : (
      <Box key="as drawn" ref={waiting} {...AS_DRAWN} />
    );
  };
}
