import Link from 'next/link';
import { Page, Panel } from '@/ui/controls/Panel';

export default function NotFound() {
  return (
    <Page>
      <Panel>
        <h1>Nothing on this burner</h1>
        <p style={{ marginTop: 10 }}>
          There is no such page, plan or braise; it may have been deleted. <Link href="/">Back to the stove</Link>.
        </p>
      </Panel>
    </Page>
  );
}
