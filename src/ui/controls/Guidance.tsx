'use client';

import { Mute } from './Panel';
import { useWords } from '../KitchenContext';

/** That local food-safety guidance decides: once on each screen with anything that could hurt someone. */
export function Guidance() {
  const w = useWords();
  return <Mute>{w.text('caution.defer')}</Mute>;
}
