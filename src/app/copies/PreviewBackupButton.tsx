'use client';

import { Eye } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { Button } from '@/ui/controls/Button';
import { lookAtCopy } from '@/ui/copyCookie';
import { useWords } from '@/ui/KitchenContext';

/** Opens a copy in the ordinary pages. All of them are asked for anew: what they show is another kitchen's past. */
export function PreviewBackupButton({ name }: { name: string }) {
  const w = useWords();
  const router = useRouter();
  return (
    <Button
      onPress={() => {
        lookAtCopy(name);
        router.push('/');
        router.refresh();
      }}
    >
      <Eye size={18} aria-hidden /> {w.text('copies.look')}
    </Button>
  );
}
