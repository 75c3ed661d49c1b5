'use client';

import { Undo2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { Banner } from '../Banner';
import { Button } from '@/ui/controls/Button';
import { lookAtCopy } from '@/ui/copyCookie';
import { useWords } from '@/ui/KitchenContext';

/** Above every page while a copy is looked at: that it is one, and the way back. */
export function CopyBanner({ madeMs }: { madeMs: number }) {
  const w = useWords();
  const router = useRouter();
  return (
    <Banner as="aside" $glows aria-label={w.text('copies.banner')}>
      {w.text('copies.looking', { day: w.day(madeMs), at: w.clock(madeMs) })}
      <Button
        onPress={() => {
          lookAtCopy(undefined);
          router.push('/copies');
          router.refresh();
        }}
      >
        <Undo2 size={18} aria-hidden /> {w.text('copies.back')}
      </Button>
    </Banner>
  );
}
