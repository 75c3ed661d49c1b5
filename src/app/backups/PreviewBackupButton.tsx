'use client';

import { Eye } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { Button } from '@/ui/controls/Button';
import { previewBackup } from '@/ui/backupCookie';
import { useWords } from '@/ui/KitchenContext';

/** Opens a backup in the ordinary pages. All are fetched anew, since they show other data. */
export function PreviewBackupButton({ name }: { name: string }) {
  const w = useWords();
  const router = useRouter();
  return (
    <Button
      onPress={() => {
        previewBackup(name);
        router.push('/');
        router.refresh();
      }}
    >
      <Eye size={18} aria-hidden /> {w.text('copies.look')}
    </Button>
  );
}
