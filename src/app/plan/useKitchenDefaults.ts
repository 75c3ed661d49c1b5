'use client';

import { useState } from 'react';
import { type FormProps } from './forms/common';
import { type Kitchen, type KitchenChange } from '@/contract/kitchen';
import { useWords } from '@/ui/KitchenContext';
import { send } from '@/ui/send';

type Ours = Pick<FormProps, 'keepHabit' | 'keepOwn' | 'keepKind' | 'dropKind' | 'keepThing'>;

/** The kitchen with its new usual choice; `say` is told about a refusal. */
export function useKitchenDefaults(first: Kitchen, say: (message: string) => void): readonly [Kitchen, Ours] {
  const w = useWords();
  const [kitchen, setKitchen] = useState(first);
  const keep = async (change: KitchenChange): Promise<void> => {
    const sent = await send<Kitchen>('PUT', '/api/kitchen', change);
    if (sent.ok) setKitchen(sent.data);
    else say(w.say(sent.says));
  };
  return [
    kitchen,
    {
      keepHabit: (topic, way) => void keep({ habits: { [topic]: way } }),
      keepOwn: (id) => void keep({ keepOwn: id }),
      keepKind: (kind) => void keep({ keepKind: kind }),
      dropKind: (kindId) => void keep({ dropKind: kindId }),
      keepThing: (thing) => void keep({ keep: thing }),
    },
  ];
}
