'use client';

import { garnishSections, kindSections } from '../techniqueOptions';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Care, faultOf, FormHead, type FormProps, Rows, WayField } from './common';
import { bonelessKg } from '@/core/buy';
import { type Fate, FATES, garnishById, GARNISHES, isGarnishId } from '@/core/larder';
import { kindOf, BRAISE_STYLES, withStyle } from '@/core/styles';
import { lateMinutes } from '@/core/base';
import { type BaseItem, BED_POSITIONS, ITEM_TIMES, meatParts } from '@/core/choices';
import { OwnThing, ownSections } from './OwnThing';
import { FieldRow } from '@/ui/controls/frame';
import { CautionNote } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { SelectField } from '@/ui/controls/SelectField';
import { TextField } from '@/ui/controls/TextField';
import { IconButton, TextButton } from '@/ui/controls/Button';
import { useWords } from '@/ui/KitchenContext';

function ItemRow({
  item,
  edibleKg,
  set,
  remove,
}: {
  item: BaseItem;
  edibleKg: number;
  set: (part: Partial<BaseItem>) => void;
  remove: () => void;
}) {
  const w = useWords();
  if (!isGarnishId(item.id)) return null;
  const garnish = garnishById(item.id);
  const name = w.name('garnish', item.id);
  const [low, , high] = garnish.usualGPerKg;
  const perG = edibleKg / 1000;
  const isUsual = item.kg >= low * perG && item.kg <= high * perG;
  const fates = FATES.filter((f) => garnish.cutMm[f] !== undefined);
  return (
    <li>
      <div>
        {w.capital(name)}
        <IconButton aria-label={w.text('baseForm.leaveOut', { name })} onPress={remove}>
          <Trash2 size={17} aria-hidden />
        </IconButton>
      </div>
      <FieldRow>
        <QuantityField
          label={w.text('baseForm.weightOf', { name })}
          hideLabel
          dimension="mass"
          value={item.kg}
          onChange={(kg) => {
            set({ kg });
          }}
        />
        <SelectField
          label={w.text('baseForm.whatBecomesOf', { name })}
          hideLabel
          value={`${item.fate}-${item.when}`}
          sections={[
            {
              options: [
                ...fates.map((f) => ({ id: `${f}-start`, label: w.text(`fate.${f}`) })),
                ...(fates.includes('bite')
                  ? [
                      {
                        id: 'bite-apart',
                        label: w.text('baseForm.apart'),
                        why: w.text('baseForm.minBeforeTheEnd', {
                          late: w.quantity(lateMinutes({ id: item.id, when: 'apart' }), 'minutes'),
                        }),
                      },
                    ]
                  : []),
                ...(garnish.lateMinutes === undefined
                  ? []
                  : [
                      {
                        id: 'bite-late',
                        label: w.text('baseForm.inLate'),
                        why: w.text('baseForm.minBeforeTheEnd', { late: w.quantity(garnish.lateMinutes, 'minutes') }),
                      },
                    ]),
              ],
            },
          ]}
          onChange={(id) => {
            const [fate, when] = id.split('-');
            set({ fate: fate as Fate, when: ITEM_TIMES.find((t) => t === when) ?? 'start' });
          }}
        />
      </FieldRow>
      {isUsual ? null : <small>{w.text('baseForm.usual', { range: w.range(low * perG, high * perG, 'mass') })}</small>}
    </li>
  );
}

export function BaseForm(props: FormProps) {
  const { kitchen, input, faults, change, keepKind, dropKind } = props;
  const w = useWords();
  const { base } = input;
  const [name, setName] = useState('');
  const edibleKg = bonelessKg(meatParts(input).filter((p) => Number.isFinite(p.massKg)));
  const setBase = (part: Partial<typeof base>): void => {
    change({ base: { ...base, ...part } });
  };
  const setItem = (index: number, part: Partial<BaseItem>): void => {
    setBase({ items: base.items.map((item, i) => (i === index ? { ...item, ...part } : item)) });
  };
  const inIt = (id: string): boolean => base.items.some((i) => i.id === id);
  const free = GARNISHES.filter((g) => !inIt(g.id));
  const ownFree = kitchen.own.filter((id) => !inIt(id));
  const add = (id: string): void => {
    const garnish = garnishById(id);
    const kg = Math.max(0.005, Math.round((garnish.usualGPerKg[1] * edibleKg) / 5) * 0.005);
    const fate = FATES.find((f) => garnish.cutMm[f] !== undefined) ?? 'melt';
    const late = garnish.lateMinutes !== undefined && garnish.kind !== 'aromatic';
    setBase({
      items: [
        ...base.items,
        { id, kg: Number.isFinite(kg) ? kg : 0.1, fate: late ? 'bite' : fate, when: late ? 'late' : 'start' },
      ],
    });
  };
  const fault = faultOf(w, faults, 'base.items');
  return (
    <>
      <SelectField
        label={w.text('baseForm.startFromAKind')}
        value=""
        sections={kindSections(w, kitchen.kinds)}
        onChange={(id) => {
          const kind = [...kitchen.kinds, ...BRAISE_STYLES].find((p) => p.id === id);
          if (kind) change(withStyle(input, kind));
        }}
      />
      <Rows aria-label={w.text('baseForm.inTheBase')}>
        {base.items.map((item, i) => (
          <ItemRow
            key={item.id}
            item={item}
            edibleKg={edibleKg}
            set={(part) => {
              setItem(i, part);
            }}
            remove={() => {
              setBase({ items: base.items.filter((_, k) => k !== i) });
            }}
          />
        ))}
      </Rows>
      {fault === undefined ? null : <CautionNote role="alert">{fault}</CautionNote>}
      <SelectField
        label={w.text('baseForm.addSomething')}
        value=""
        sections={[...ownSections(w, ownFree, 'garnish'), ...garnishSections(w, free)]}
        onChange={add}
      />
      <OwnThing table="garnish" likes={garnishSections(w, GARNISHES)} keepOwn={props.keepOwn} onAdd={add} />
      <ChoiceField
        label={w.text('baseForm.whereTheyLie')}
        value={base.lies}
        ids={BED_POSITIONS}
        name={(id) => w.text(`bed.${id}`)}
        why={(id) => w.text(`bed.${id}.why`)}
        onChange={(id) => {
          setBase({ lies: id });
        }}
      />
      <WayField
        {...props}
        topic="onion"
        value={base.onion}
        onChange={(onion) => {
          setBase({ onion });
        }}
      />
      <WayField
        {...props}
        topic="fatKept"
        value={base.fatKept}
        onChange={(fatKept) => {
          setBase({ fatKept });
        }}
      />
      <WayField
        {...props}
        topic="pasteWhen"
        value={base.pasteWhen}
        onChange={(pasteWhen) => {
          setBase({
            pasteWhen,
            pasteKg: pasteWhen !== 'none' && base.pasteKg === 0 ? Math.round(edibleKg * 4) * 0.005 : base.pasteKg,
          });
        }}
      />
      {base.pasteWhen === 'none' ? null : (
        <QuantityField
          label={w.text('baseForm.tomatoPaste')}
          dimension="mass"
          value={base.pasteKg}
          error={faultOf(w, faults, 'base.pasteKg')}
          onChange={(pasteKg) => {
            setBase({ pasteKg });
          }}
        />
      )}
      <Care step="base" input={input} />
      <FormHead>{w.text('baseForm.keepThisAsAKind')}</FormHead>
      <TextField label={w.text('baseForm.nameOfTheKind')} value={name} maxLength={80} onChange={setName} />
      <TextButton
        isDisabled={name.trim() === ''}
        onPress={() => {
          keepKind(kindOf(input, crypto.randomUUID(), name.trim()));
          setName('');
        }}
      >
        {w.text('baseForm.keepItPerKiloOf')}
      </TextButton>
      {kitchen.kinds.map((p) => (
        <TextButton
          key={p.id}
          onPress={() => {
            dropKind(p.id);
          }}
        >
          {w.text('baseForm.forget', { name: p.name })}
        </TextButton>
      ))}
    </>
  );
}
