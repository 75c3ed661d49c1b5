'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Care, faultOf, FormHead, type FormProps, IconButton, Rows, SchoolField, TextButton } from './common';
import { edibleKgOf } from '@/core/buy/buy';
import {
  FATE_WORDS,
  type Fate,
  FATES,
  type Garnish,
  garnishById,
  cutSize,
  GARNISHES,
  isGarnishId,
} from '@/core/larder/garnish';
import { kindOf, KINDS, withKind } from '@/core/kinds/kinds';
import { type BaseItem, meatParts } from '@/core/plan/input';
import { FieldRow } from '@/ui/controls/frame';
import { CautionNote } from '@/ui/controls/Panel';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { TextField } from '@/ui/controls/TextField';
import { useUnits } from '@/ui/KitchenContext';
import { formatLength, formatMass } from '@/core/quantity/format';

const KIND_WORDS: Readonly<Record<Garnish['kind'], string>> = {
  aromatic: 'Vegetables',
  root: 'Roots',
  mushroom: 'Mushrooms',
  pulse: 'Pulses',
  grain: 'Grains',
  fruit: 'Fruit',
  seasoning: 'Salty and sweet',
  cured: 'Cured meat',
};
const GARNISH_KINDS = Object.keys(KIND_WORDS) as Garnish['kind'][];

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
  const units = useUnits();
  if (!isGarnishId(item.id)) return null;
  const garnish = garnishById(item.id);
  const [low, , high] = garnish.usualGPerKg;
  const cutMm = cutSize(garnish, item.fate);
  const fates = FATES.filter((f) => garnish.cutMm[f] !== undefined);
  return (
    <li>
      <div>
        {garnish.name}
        <IconButton aria-label={`Leave out ${garnish.name}`} onPress={remove}>
          <Trash2 size={17} aria-hidden />
        </IconButton>
      </div>
      <FieldRow>
        <QuantityField
          label={`Weight of ${garnish.name}`}
          hideLabel
          dimension="mass"
          value={item.kg}
          onChange={(kg) => {
            set({ kg });
          }}
        />
        <SelectField
          label={`What becomes of ${garnish.name}`}
          hideLabel
          value={`${item.fate}-${item.when}`}
          sections={[
            {
              options: [
                ...fates.map((f) => ({ id: `${f}-start`, label: FATE_WORDS[f] })),
                ...(garnish.lateMinutes === undefined
                  ? []
                  : [{ id: 'bite-late', label: 'in late', why: `${String(garnish.lateMinutes)} min before the end` }]),
              ],
            },
          ]}
          onChange={(id) => {
            const [fate, when] = id.split('-');
            set({ fate: fate as Fate, when: when === 'late' ? 'late' : 'start' });
          }}
        />
      </FieldRow>
      <small>
        {cutMm === undefined ? '' : `${formatLength(cutMm, units)} pieces. `}
        {garnish.note === '' ? '' : `${garnish.note} `}
        Usual here {formatMass((low * edibleKg) / 1000, units)} to {formatMass((high * edibleKg) / 1000, units)}
      </small>
    </li>
  );
}

export function BaseForm(props: FormProps) {
  const { kitchen, input, faults, change, keepKind, dropKind } = props;
  const { base } = input;
  const [name, setName] = useState('');
  const edibleKg = edibleKgOf(meatParts(input).filter((p) => Number.isFinite(p.massKg)));
  const setBase = (part: Partial<typeof base>): void => {
    change({ base: { ...base, ...part } });
  };
  const setItem = (index: number, part: Partial<BaseItem>): void => {
    setBase({ items: base.items.map((item, i) => (i === index ? { ...item, ...part } : item)) });
  };
  const free = GARNISHES.filter((g) => !base.items.some((i) => i.id === g.id));
  const fault = faultOf(faults, 'base.items');
  return (
    <>
      <SelectField
        label="Start from a base"
        value=""
        sections={[
          ...(kitchen.kinds.length > 0
            ? [{ title: 'Yours', options: kitchen.kinds.map((p) => ({ id: p.id, label: p.name })) }]
            : []),
          { title: 'Ours', options: KINDS.map((p) => ({ id: p.id, label: p.name, why: p.says })) },
        ]}
        onChange={(id) => {
          const kind = [...kitchen.kinds, ...KINDS].find((p) => p.id === id);
          if (kind) change(withKind(input, kind));
        }}
      />
      <Rows aria-label="In the base">
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
        label="Add something"
        value=""
        sections={GARNISH_KINDS.map((kind) => ({
          title: KIND_WORDS[kind],
          options: free.filter((g) => g.kind === kind).map((g) => ({ id: g.id, label: g.name })),
        })).filter((s) => s.options.length > 0)}
        onChange={(id) => {
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
        }}
      />
      <SchoolField
        {...props}
        school="onion"
        value={base.onion}
        onChange={(onion) => {
          setBase({ onion });
        }}
      />
      <SchoolField
        {...props}
        school="fatKept"
        value={base.fatKept}
        onChange={(fatKept) => {
          setBase({ fatKept });
        }}
      />
      <SchoolField
        {...props}
        school="pasteWhen"
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
          label="Tomato paste"
          dimension="mass"
          value={base.pasteKg}
          error={faultOf(faults, 'base.pasteKg')}
          onChange={(pasteKg) => {
            setBase({ pasteKg });
          }}
        />
      )}
      <SchoolField
        {...props}
        school="thicken"
        value={base.thicken}
        onChange={(thicken) => {
          setBase({ thicken });
        }}
      />
      <Care step="base" />
      <FormHead>Keep this as a base of your own</FormHead>
      <TextField label="Name of the base" value={name} maxLength={80} onChange={setName} />
      <TextButton
        isDisabled={name.trim() === ''}
        onPress={() => {
          keepKind(kindOf(input, crypto.randomUUID(), name.trim()));
          setName('');
        }}
      >
        Keep it, per kilo of meat
      </TextButton>
      {kitchen.kinds.map((p) => (
        <TextButton
          key={p.id}
          onPress={() => {
            dropKind(p.id);
          }}
        >
          Forget “{p.name}”
        </TextButton>
      ))}
    </>
  );
}
