'use client';

import { Upload } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { type ImportResult } from '@/server/archive';
import { Button } from '@/ui/controls/Button';
import { FaultNote } from '@/ui/controls/Panel';
import { sendFile, type Sent } from '@/ui/send';
import { useWords } from '@/ui/KitchenContext';

/** Imports an archive and says what came of it. */
export function ImportArchive() {
  const w = useWords();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [came, setCame] = useState<Sent<ImportResult>>();
  const take = async (files: FileList | null): Promise<void> => {
    const file = files?.[0];
    if (!file) return;
    setBusy(true);
    setCame(await sendFile<ImportResult>('/api/archive', file));
    setBusy(false);
    router.refresh();
  };
  return (
    <>
      <FileTrigger acceptedFileTypes={['.jsonl', '.ndjson']} onSelect={(files) => void take(files)}>
        <Button isDisabled={busy}>
          <Upload size={18} aria-hidden /> {w.text(busy ? 'copies.takingIn' : 'copies.in')}
        </Button>
      </FileTrigger>
      {came === undefined ? null : came.ok ? (
        <p role="status" style={{ flexBasis: '100%' }}>
          {w.text('copies.came', { ...came.data })}
        </p>
      ) : (
        <FaultNote role="alert" style={{ flexBasis: '100%' }}>
          {w.say(came.says)}
        </FaultNote>
      )}
    </>
  );
}
