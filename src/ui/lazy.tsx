'use client';

import { type ComponentType, lazy, type ReactNode, type Ref, useEffect, useRef, useSyncExternalStore } from 'react';
import styled from 'styled-components';

const unfetched = new Set<() => Promise<void>>();

/** Fetches every late part of the page there is, and those that come with them. What cannot be fetched now waits. */
export async function prefetchLazy(): Promise<void> {
  const some = [...unfetched];
  await Promise.allSettled(some.map((fetchPart) => fetchPart()));
  if ([...unfetched].some((part) => !some.includes(part))) await prefetchLazy();
}

/** A part's script, fetched once: when there is time, or at the latest when it is wanted. */
class PartScript<P> {
  private loaded: ComponentType<P> | undefined;
  private coming: Promise<void> | undefined;
  private readonly waiting = new Set<() => void>();

  constructor(private readonly load: () => Promise<ComponentType<P>>) {
    unfetched.add(this.ready);
  }

  /** The component; undefined until its script has come. */
  readonly arrived = (): ComponentType<P> | undefined => this.loaded;

  readonly ready = (): Promise<void> => {
    this.coming ??= this.load().then(
      (component) => {
        this.loaded = component;
        unfetched.delete(this.ready);
        for (const tell of this.waiting) tell();
      },
      (failure: unknown) => {
        // Without a line to the server now: asked for again the next time it is wanted.
        this.coming = undefined;
        throw failure;
      },
    );
    return this.coming;
  };

  /** Wants it: has it fetched, and `tell` called when it has come. Gives what ends that. */
  readonly want = (tell: () => void): (() => void) => {
    this.waiting.add(tell);
    this.ready().catch(() => undefined);
    return () => {
      this.waiting.delete(tell);
    };
  };
}

const NOT_YET = (): undefined => undefined;

/** The component once its script has come, which it sets about fetching; it may come at any moment, also while drawing. */
function useArrived<P>({ want, arrived }: PartScript<P>): ComponentType<P> | undefined {
  return useSyncExternalStore(want, arrived, NOT_YET);
}

/**
 * What is not on screen when a page opens (sheets, menus, answers to "why?"): drawn without waiting once its script is
 * there. Nothing until then.
 */
export function lazyOnIdle<P extends object>(load: () => Promise<ComponentType<P>>): (props: P) => ReactNode {
  const script = new PartScript(load);
  return function LatePart(props: P) {
    const Part = useArrived(script);
    return Part ? <Part {...props} /> : null;
  };
}

type Box = ComponentType<{ children?: ReactNode; ref?: Ref<HTMLDivElement>; suppressHydrationWarning?: boolean }>;

/** A box that takes no part in how what is in it is laid out. */
export const Unboxed = styled.div`
  display: contents;
`;

/** On a box whose script has not come yet. */
const WAITS = { 'data-drawn': '' } as const;

/** Left as it stands: React keeps what the server drew within, and takes it for empty where it draws it itself. */
const AS_DRAWN = {
  ...WAITS,
  suppressHydrationWarning: true,
  dangerouslySetInnerHTML: { __html: '' },
} as const;

const FOCUSABLE = 'a, button, input, textarea, summary, [tabindex]';

/** Which of the things in a box that take the focus has it; -1 for none. */
const focused = (box: HTMLElement): number =>
  [...box.querySelectorAll(FOCUSABLE)].findIndex((element) => element === document.activeElement);

/**
 * What is on screen when a page opens but need not answer at once: drawn on the server within `box`, and answering the
 * hand as soon as its script has come. The focus stays where it was.
 */
export function lazyHydrated<P extends object>(
  load: () => Promise<ComponentType<P>>,
): (props: P & { readonly box: Box }) => ReactNode {
  const script = new PartScript(load);
  // On the server there is nothing to wait for but the module, once.
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
        // What has come stands in its place by now.
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
