'use client';

import { PotFields, potIsWhole } from './PotFields';
import { BurnerFields, OvenFields, PAN_LIMITS, PanFields, RING_LIMITS_W } from './ThingFields';
import { type Equipment, type Kitchen } from '@/contract/kitchen';
import { type Words } from '@/words/words';

/** A new item as first offered for editing. */
export function blank(list: Equipment['list'], w: Words): Equipment {
  const id = crypto.randomUUID();
  const name = w.text(`kitchen.new.${list}`);
  switch (list) {
    case 'pots':
      return {
        list,
        item: {
          id,
          name,
          shape: 'oval',
          lengthMm: 310,
          widthMm: 240,
          heightMm: 120,
          massKg: 5.5,
          material: 'castIron',
          lids: ['heavy'],
        },
      };
    case 'pans':
      return { list, item: { id, name, shape: 'round', lengthMm: 260, widthMm: 260, massKg: 1.6, material: 'steel' } };
    case 'ovens':
      return { list, item: { id, name, kind: 'fan' } };
    case 'burners':
      return { list, item: { id, name, kind: 'gas', powerW: 1800 } };
  }
}

/** Whether what was typed can be saved. */
export function isWhole(thing: Equipment): boolean {
  if (thing.item.name.trim() === '') return false;
  const within = (value: number, [low, high]: readonly [number, number]): boolean => value >= low && value <= high;
  switch (thing.list) {
    case 'pots':
      return potIsWhole(thing.item);
    case 'pans': {
      const { lengthMm, widthMm, massKg } = thing.item;
      return [lengthMm, widthMm].every((mm) => within(mm, PAN_LIMITS.acrossMm)) && within(massKg, PAN_LIMITS.massKg);
    }
    case 'burners':
      return within(thing.item.powerW, RING_LIMITS_W);
    case 'ovens':
      return true;
  }
}

export function Fields({ thing, onChange }: { thing: Equipment; onChange: (thing: Equipment) => void }) {
  switch (thing.list) {
    case 'pots':
      return (
        <PotFields
          pot={thing.item}
          onChange={(item) => {
            onChange({ list: 'pots', item: { ...item, lids: [...item.lids] } });
          }}
        />
      );
    case 'pans':
      return (
        <PanFields
          thing={thing.item}
          onChange={(item) => {
            onChange({ list: 'pans', item });
          }}
        />
      );
    case 'ovens':
      return (
        <OvenFields
          thing={thing.item}
          onChange={(item) => {
            onChange({ list: 'ovens', item });
          }}
        />
      );
    case 'burners':
      return (
        <BurnerFields
          thing={thing.item}
          onChange={(item) => {
            onChange({ list: 'burners', item });
          }}
        />
      );
  }
}

/** All equipment of a kitchen, list by list. */
export function thingsOf(kitchen: Kitchen, list: Equipment['list']): Equipment[] {
  switch (list) {
    case 'pots':
      return kitchen.pots.map((item) => ({ list, item }));
    case 'pans':
      return kitchen.pans.map((item) => ({ list, item }));
    case 'ovens':
      return kitchen.ovens.map((item) => ({ list, item }));
    case 'burners':
      return kitchen.burners.map((item) => ({ list, item }));
  }
}
