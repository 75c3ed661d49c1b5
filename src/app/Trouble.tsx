'use client';

import { useEffect } from 'react';
import { type Message } from '@/core/message';
import { FaultNote, Mute, Page, Panel } from '@/ui/controls/Panel';
import { useWords } from '@/ui/KitchenContext';

const LOOK_AGAIN_MS = 5000;

/** Shown instead of every page while the data cannot be opened: why, and what to do. Checks again by itself. */
export function Trouble({ says }: { says: Message }) {
  const w = useWords();
  useEffect(() => {
    const timer = setTimeout(() => {
      location.reload();
    }, LOOK_AGAIN_MS);
    return () => {
      clearTimeout(timer);
    };
  }, []);
  return (
    <Page>
      <Panel>
        <h1>{w.text('start.head')}</h1>
        <FaultNote role="alert" style={{ margin: '12px 0' }}>
          {w.say(says)}
        </FaultNote>
        <Mute>{w.text('start.again')}</Mute>
      </Panel>
    </Page>
  );
}
