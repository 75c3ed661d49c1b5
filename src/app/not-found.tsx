'use client';

import Link from 'next/link';
import { Page, Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

export default function NotFound() {
  const w = useWords();
  return (
    <Page>
      <Panel>
        <h1>{w.text('notFound.nothingOnThisBurner')}</h1>
        <p style={{ marginTop: 10 }}>
          {w.text('notFound.thereIsNoSuchPage')} <Link href="/">{w.text('notFound.backHome')}</Link>.
        </p>
      </Panel>
    </Page>
  );
}
