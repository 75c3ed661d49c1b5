'use client';

import { Trash2 } from 'lucide-react';
import { type FormProps, Rows } from './common';
import { GARNISHES } from '@/core/larder';
import { type Filling } from '@/core/choices';
import { garnishSections } from '../techniqueOptions';
import { ownSections } from './OwnThing';
import { IconButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';
import { NumberField } from '@/ui/controls/NumberField';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';

/** Breadcrumbs as a binder, something cured, something sharp. */
export const USUAL_FILLING: Filling['items'] = [
  { id: 'breadcrumbsFresh', kg: 0.08 },
  { id: 'curedPork', kg: 0.06 },
  { id: 'onion', kg: 0.06 },
  { id: 'mustard', kg: 0.02 },
];

interface FillingProps extends Pick<FormProps, 'kitchen'> {
  readonly filling: Filling;
  readonly error: string | undefined;
  readonly onChange: (filling: Filling) => void;
}

/** How many rolls, and what their filling is made of. */
export function FillingFields({ filling, kitchen, error, onChange }: FillingProps) {
  const w = useWords();
  const { items } = filling;
  const setItems = (next: Filling['items']): void => {
    onChange({ ...filling, items: next });
  };
  const inIt = (id: string): boolean => items.some((i) => i.id === id);
  return (
    <>
      <NumberField
        label={w.text('meatForm.rolls')}
        step={1}
        value={filling.rolls}
        error={error}
        onChange={(rolls) => {
          onChange({ ...filling, rolls });
        }}
      />
      <Rows aria-label={w.text('meatForm.fillingAll')}>
        {items.map((item, i) => (
          <li key={item.id}>
            <div>
              {w.label('garnish', item.id)}
              <IconButton
                aria-label={w.text('common.leaveOut', { things: w.name('garnish', item.id) })}
                onPress={() => {
                  setItems(items.filter((_, k) => k !== i));
                }}
              >
                <Trash2 size={17} aria-hidden />
              </IconButton>
            </div>
            <QuantityField
              label={w.text('meatForm.inTheFilling', { name: w.name('garnish', item.id) })}
              hideLabel
              dimension="mass"
              value={item.kg}
              onChange={(kg) => {
                setItems(items.map((own, k) => (k === i ? { ...own, kg } : own)));
              }}
            />
          </li>
        ))}
      </Rows>
      <SelectField
        label={w.text('meatForm.addToTheFilling')}
        value=""
        sections={[
          ...ownSections(
            w,
            kitchen.own.filter((id) => !inIt(id)),
            'garnish',
          ),
          ...garnishSections(
            w,
            GARNISHES.filter((g) => !inIt(g.id)),
          ),
        ]}
        onChange={(id) => {
          setItems([...items, { id, kg: 0.05 }]);
        }}
      />
    </>
  );
}
