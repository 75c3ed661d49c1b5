'use client';

import { type Keeping } from '@/core/choices';
import { FieldRow } from '@/ui/controls/frame';
import { QuantityField } from '@/ui/controls/QuantityField';
import { SelectField } from '@/ui/controls/SelectField';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';
import { COOLING_RULES, safetyParams, type CoolingRule } from '@/core/safety';

const BOX_MM = [10, 200] as const;
const BOX_L = [0.1, 10] as const;
const within = (value: number, [low, high]: readonly [number, number]): boolean => value >= low && value <= high;

/** By which local limits what is left is cooled, and the boxes it goes into. */
export function KeepingFields({
  keeping,
  onChange,
}: {
  readonly keeping: Keeping;
  readonly onChange: (keeping: Keeping) => void;
}) {
  const w = useWords();
  return (
    <>
      <SelectField
        label={w.text('kitchen.keeping.rule')}
        value={keeping.rule}
        sections={[
          {
            options: COOLING_RULES.map((id) => ({
              id,
              label: w.title(say(`rule.${id}`)),
              why: w.text(`rule.${id}.why`, safetyParams(id)),
            })),
          },
        ]}
        onChange={(rule) => {
          onChange({ ...keeping, rule: rule as CoolingRule });
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
