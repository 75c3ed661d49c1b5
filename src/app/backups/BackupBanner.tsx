'use client';

import { Undo2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { Banner } from '../Banner';
import { Button } from '@/ui/controls/Button';
import { previewBackup } from '@/ui/backupCookie';
import { useWords } from '@/ui/KitchenContext';

/** Above every page while a backup is previewed: says so, and how to go back. */
export function BackupBanner({ madeMs }: { madeMs: number }) {
  const w = useWords();
  const router = useRouter();
  return (
    <Banner as="aside" $glows aria-label={w.text('copies.banner')}>
      {w.text('copies.looking', { day: w.day(madeMs), at: w.clock(madeMs) })}
      <Button
        onPress={() => {
          previewBackup(undefined);
          router.push('/backups');
          router.refresh();
        }}
      >
        <Undo2 size={18} aria-hidden /> {w.text('copies.back')}
      </Button>
    </Banner>
  );
}
