'use client';

import { Upload } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button } from '@/ui/controls/Button';
import { FaultNote } from '@/ui/controls/Panel';
import { Sheet } from '@/ui/controls/Sheet';
import { send } from '@/ui/send';
import { useWords } from '@/ui/KitchenContext';

/** Imports a plan or braise file and opens it, or says why not. */
export function ImportButton() {
  const w = useWords();
  const router = useRouter();
  const [fault, setFault] = useState<string>();
  const take = async (files: FileList | null): Promise<void> => {
    const file = files?.[0];
    if (!file) return;
    const sent = await send<{ href: string }>('POST', '/api/import', await file.text());
    if (sent.ok) router.push(sent.data.href);
    else setFault(w.say(sent.says));
  };
  return (
    <>
      <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={(files) => void take(files)}>
        <Button>
          <Upload size={18} aria-hidden /> {w.text('importButton.import')}
        </Button>
      </FileTrigger>
      <Sheet
        title={w.text('importButton.thisFileWasNotTaken')}
        isOpen={fault !== undefined}
        onClose={() => {
          setFault(undefined);
        }}
      >
        <FaultNote role="alert">{fault}</FaultNote>
      </Sheet>
    </>
  );
}
