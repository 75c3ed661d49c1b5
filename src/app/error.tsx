'use client';

import { Button } from '@/ui/controls/Button';
import { Page, Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

export default function ErrorPage({ reset }: { reset: () => void }) {
  const w = useWords();
  return (
    <Page>
      <Panel>
        <h1>{w.text('error.thisPageBurntOn')}</h1>
        <p style={{ margin: '10px 0 16px' }}>
          {w.text('error.nothingYouRecordedIsLost')} <code>./start</code> {w.text('error.andComeBack')}
        </p>
        <Button $tone="main" onPress={reset}>
          {w.text('error.tryAgain')}
        </Button>
      </Panel>
    </Page>
  );
}
