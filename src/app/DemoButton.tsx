'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/controls/Button';
import { FaultNote } from '@/ui/controls/Panel';
import { send } from '@/ui/send';
import { useWords } from '@/ui/KitchenContext';

/** Reloads the demo kitchen; the cook's own plans and braises stay. */
export function DemoButton() {
  const w = useWords();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const load = async (): Promise<void> => {
    setBusy(true);
    const sent = await send('POST', '/api/demo');
    setFault(sent.ok ? undefined : w.say(sent.says));
    setBusy(false);
    router.refresh();
  };
  return (
    <>
      <Button isDisabled={busy} onPress={() => void load()}>
        {busy ? w.text('demoButton.settingTheTable') : w.text('demoButton.loadTheDemoKitchenAfresh')}
      </Button>
      {fault === undefined ? null : <FaultNote role="alert">{fault}</FaultNote>}
    </>
  );
}
