'use client';

import { Mute } from './Panel';
import { useWords } from '../KitchenContext';

/** The reminder that local food-safety guidance decides: once per screen with anything that could hurt someone. */
export function Guidance() {
  const w = useWords();
  return <Mute>{w.text('caution.defer')}</Mute>;
}
