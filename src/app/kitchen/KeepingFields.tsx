'use client';

import { type StorageSettings } from '@/core/choices';
import { FieldRow } from '@/ui/controls/frame';
import { QuantityField } from '@/ui/controls/QuantityField';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';
import { COOLING_RULES, safetyParams } from '@/core/safety';

const BOX_MM = [10, 200] as const;
const BOX_L = [0.1, 10] as const;
const within = (value: number, [low, high]: readonly [number, number]): boolean => value >= low && value <= high;

/** The local cooling rule for leftovers, and the boxes they go into. */
export function KeepingFields({
  keeping,
  onChange,
}: {
  readonly keeping: StorageSettings;
  readonly onChange: (keeping: StorageSettings) => void;
}) {
  const w = useWords();
  return (
    <>
      <ChoiceField
        label={w.text('kitchen.keeping.rule')}
        value={keeping.rule}
        ids={COOLING_RULES}
        name={(id) => w.title(say(`rule.${id}`))}
        why={(id) => w.text(`rule.${id}.why`, safetyParams(id))}
        onChange={(rule) => {
          onChange({ ...keeping, rule: rule });
        }}
      />
      <FieldRow>
        <QuantityField
          label={w.text('kitchen.keeping.depth')}
          dimension="length"
          value={keeping.boxMm}
          onChange={(boxMm) => {
            if (within(boxMm, BOX_MM)) onChange({ ...keeping, boxMm });
          }}
        />
        <QuantityField
          label={w.text('kitchen.keeping.volume')}
          dimension="volume"
          value={keeping.boxL}
          onChange={(boxL) => {
            if (within(boxL, BOX_L)) onChange({ ...keeping, boxL });
          }}
        />
      </FieldRow>
    </>
  );
}
