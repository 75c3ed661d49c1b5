'use client';

import Link from 'next/link';
import styled from 'styled-components';
import { linkButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';

const Line = styled.nav`
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: center;
  margin-top: 14px;
`;

const PageLink = styled(Link)`
  ${linkButton('plain')}
`;

/** Links to the previous and next page; nothing where there is only one. */
export function Pages({ href, page, pages }: { href: string; page: number; pages: number }) {
  const w = useWords();
  if (pages <= 1) return null;
  return (
    <Line aria-label={w.text('pages.pages')}>
      {page > 1 ? <PageLink href={`${href}?page=${String(page - 1)}`}>{w.text('pages.before')}</PageLink> : null}
      <span>{w.text('pages.which', { page, pages })}</span>
      {page < pages ? <PageLink href={`${href}?page=${String(page + 1)}`}>{w.text('pages.after')}</PageLink> : null}
    </Line>
  );
}
