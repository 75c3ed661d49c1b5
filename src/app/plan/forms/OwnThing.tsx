'use client';

import { useState } from 'react';
import { Fold, type FormProps } from './common';
import { AVOIDABLE, type Avoided } from '@/core/larder';
import {
  CUSTOM_LIMITS,
  OWN_NAME_MAX,
  customId,
  findCustom,
  type OwnTable,
  type CustomIngredient as Thing,
} from '@/core/custom';
import { Button } from '@/ui/controls/Button';
import { Chips } from '@/ui/controls/Chips';
import { FieldRow } from '@/ui/controls/frame';
import { NumberField } from '@/ui/controls/NumberField';
import { SelectField } from '@/ui/controls/SelectField';
import { Switch } from '@/ui/controls/Switch';
import { TextField } from '@/ui/controls/TextField';
import { useWords } from '@/ui/KitchenContext';
import { type Words } from '@/words/words';

type Figure = keyof typeof CUSTOM_LIMITS;

/** What can be known about an ingredient of each table. */
const ASKED: Readonly<Record<OwnTable, readonly Figure[]>> = {
  garnish: ['salt', 'sugar', 'water'],
  liquid: ['salt', 'sugar', 'alcohol'],
  spice: [],
  cut: ['tough'],
};

/** Alcohol, and milk beside meat, follow from the rest. */
const BRINGABLE = AVOIDABLE.filter((a) => a !== 'alcohol' && a !== 'milkWithMeat');

interface Section {
  readonly title?: string;
  readonly options: readonly { readonly id: string; readonly label: string }[];
}

interface OwnThingProps extends Pick<FormProps, 'keepOwn'> {
  readonly table: OwnTable;
  /** Rows it may behave like. */
  readonly likes: readonly Section[];
  readonly onAdd: (id: string) => void;
}

/** An ingredient in no table, typed by name: what it behaves like and, if known, its composition. */
export function OwnThing({ table, likes, keepOwn, onAdd }: OwnThingProps) {
  const w = useWords();
  const [name, setName] = useState('');
  const [like, setLike] = useState('');
  const [figures, setFigures] = useState<Partial<Record<Figure, number>>>({});
  const [brings, setBrings] = useState<readonly Avoided[]>();
  const faulty = (figure: Figure): boolean => {
    const value = figures[figure];
    const [low, high] = CUSTOM_LIMITS[figure];
    return value !== undefined && !(value >= low && value <= high);
  };
  const add = (): void => {
    const known = Object.fromEntries(Object.entries(figures).filter(([, v]) => Number.isFinite(v)));
    const thing: Thing = { table, like, name: name.trim(), ...known, ...(brings && { brings }) };
    const id = customId(thing);
    keepOwn(id);
    onAdd(id);
    setName('');
    setFigures({});
    setBrings(undefined);
  };
  return (
    <Fold>
      <summary>{w.text(`own.title.${table}`)}</summary>
      <div>
        <TextField label={w.text('own.name')} value={name} maxLength={OWN_NAME_MAX} onChange={setName} />
        <SelectField label={w.text(`own.like.${table}`)} value={like} sections={likes} onChange={setLike} />
        {ASKED[table].length === 0 ? null : (
          <FieldRow>
            {ASKED[table].map((figure) => {
              const [least, most] = CUSTOM_LIMITS[figure];
              return (
                <NumberField
                  key={figure}
                  label={w.text(`own.figure.${figure}`)}
                  step={figure === 'tough' ? 10 : 1}
                  value={figures[figure] ?? Number.NaN}
                  error={faulty(figure) ? w.text('own.limits', { least, most }) : undefined}
                  onChange={(value) => {
                    setFigures({ ...figures, [figure]: Number.isFinite(value) ? value : undefined });
                  }}
                />
              );
            })}
          </FieldRow>
        )}
        {table === 'cut' ? null : (
          <>
            <Switch
              value={brings !== undefined}
              onChange={(known) => {
                setBrings(known ? [] : undefined);
              }}
            >
              {w.text('own.bringsKnown')}
            </Switch>
            {brings === undefined ? null : (
              <Chips
                label={w.text('own.brings')}
                options={BRINGABLE.map((id) => ({ id, label: w.label('avoid', id) }))}
                chosen={brings}
                onChange={setBrings}
              />
            )}
          </>
        )}
        <div>
          <Button isDisabled={name.trim() === '' || like === '' || ASKED[table].some(faulty)} onPress={add}>
            {w.text('own.add')}
          </Button>
        </div>
      </div>
    </Fold>
  );
}

/** The kitchen's custom ingredients of a table as a section of a list; empty where there are none. */
export function ownSections(w: Words, own: readonly string[], table: OwnTable): Section[] {
  const ids = own.filter((id) => findCustom(id)?.table === table);
  return ids.length === 0
    ? []
    : [{ title: w.text('baseForm.yours'), options: ids.map((id) => ({ id, label: w.label(table, id) })) }];
}
