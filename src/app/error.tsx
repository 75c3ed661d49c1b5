'use client';

import { Button } from '@/ui/controls/Button';
import { Page, Panel } from '@/ui/controls/Panel';

export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <Page>
      <Panel>
        <h1>This page burnt on</h1>
        <p style={{ margin: '10px 0 16px' }}>
          Nothing you recorded is lost. Try again; if it stays, restart the app with <code>./start</code> and come back.
        </p>
        <Button $tone="main" onPress={reset}>
          Try again
        </Button>
      </Panel>
    </Page>
  );
}
