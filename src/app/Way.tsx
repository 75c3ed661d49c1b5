'use client';

import { usePathname } from 'next/navigation';
import { type ReactNode, useEffect, useRef } from 'react';
import styled from 'styled-components';
import { useWords } from '@/ui/KitchenContext';

const CONTENT = 'content';
/** How long to wait for a page's heading before giving up, ms. */
const HEADING_WITHIN_MS = 3000;

const Skip = styled.a`
  position: absolute;
  left: 12px;
  top: -60px;
  z-index: 60;
  padding: 12px 18px;
  border-radius: 10px;
  background: var(--plate);
  color: var(--ink);
  border: 2px solid var(--rim);
  &:focus {
    top: 6px;
  }
`;

const Content = styled.div`
  outline: none;
  h1:focus {
    outline: none;
  }
`;

/** Keyboard link past the navigation bar. */
export function SkipLink() {
  const w = useWords();
  return <Skip href={`#${CONTENT}`}>{w.text('topBar.skip')}</Skip>;
}

/** Focuses the heading in `box` once there is one. Returns a function that stops waiting. */
function toHeading(box: HTMLElement): () => void {
  const found = (): boolean => {
    const heading = box.querySelector<HTMLElement>('h1');
    if (!heading) return false;
    heading.tabIndex = -1;
    heading.focus({ preventScroll: true });
    return true;
  };
  if (found()) return () => undefined;
  const watch = new MutationObserver(() => {
    if (found()) watch.disconnect();
  });
  watch.observe(box, { childList: true, subtree: true });
  const enough = setTimeout(() => {
    watch.disconnect();
  }, HEADING_WITHIN_MS);
  return () => {
    clearTimeout(enough);
    watch.disconnect();
  };
}

/** The page under the navigation bar. On navigation the focus goes to the heading of the new page. */
export function PageContent({ children }: { children: ReactNode }) {
  const path = usePathname();
  const box = useRef<HTMLDivElement>(null);
  const before = useRef(path);
  useEffect(() => {
    if (before.current === path || !box.current) return undefined;
    before.current = path;
    return toHeading(box.current);
  }, [path]);
  return (
    <Content id={CONTENT} tabIndex={-1} ref={box}>
      {children}
    </Content>
  );
}
