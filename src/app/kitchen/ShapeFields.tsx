'use client';

import { type ReactNode } from 'react';
import { POT_MATERIALS, type PotForm, type PotMaterial } from '@/core/larder';
import { ChoiceField } from '@/ui/controls/ChoiceField';
import { FieldRow } from '@/ui/controls/frame';
import { QuantityField } from '@/ui/controls/QuantityField';
import { useWords } from '@/ui/KitchenContext';
import { say } from '@/core/message';

/** A pot or pan from above. Millimetres. */
interface FromAbove<Form extends PotForm> {
  readonly shape: Form;
  readonly material: PotMaterial;
  readonly lengthMm: number;
  readonly widthMm: number;
}

interface ShapeFieldsProps<Form extends PotForm> {
  readonly thing: FromAbove<Form>;
  readonly shapes: readonly Form[];
  /** What its length, or the diameter of a round one, and its width are called. */
  readonly names: { readonly across: string; readonly length: string; readonly width: string };
  readonly wrong: (mm: number) => string | undefined;
  readonly onChange: (part: Partial<FromAbove<Form>>) => void;
  /** Further fields beside the measures. */
  readonly children: ReactNode;
}

/** Shape, material and measures of a pot or pan; a round one has one diameter. */
export function ShapeFields<Form extends PotForm>({
  thing,
  shapes,
  names,
  wrong,
  onChange,
  children,
}: ShapeFieldsProps<Form>) {
  const w = useWords();
  const round = thing.shape === 'round';
  const set = (part: Partial<FromAbove<Form>>): void => {
    const { shape, lengthMm } = { ...thing, ...part };
    onChange(shape === 'round' ? { ...part, widthMm: lengthMm } : part);
  };
  return (
    <>
      <FieldRow>
        <ChoiceField
          label={w.text('potFields.shape')}
          value={thing.shape}
          ids={shapes}
          name={(id) => w.text(`potFields.shape.${id}`)}
          onChange={(shape) => {
            set({ shape });
          }}
        />
        <ChoiceField
          label={w.text('potFields.material')}
          value={thing.material}
          ids={POT_MATERIALS}
          name={(id) => w.title(say(`material.${id}`))}
          onChange={(material) => {
            set({ material });
          }}
        />
      </FieldRow>
      <FieldRow>
        <QuantityField
          label={round ? names.across : names.length}
          dimension="length"
          value={thing.lengthMm}
          error={wrong(thing.lengthMm)}
          onChange={(lengthMm) => {
            set({ lengthMm });
          }}
        />
        {round ? null : (
          <QuantityField
            label={names.width}
            dimension="length"
            value={thing.widthMm}
            error={wrong(thing.widthMm)}
            onChange={(widthMm) => {
              set({ widthMm });
            }}
          />
        )}
        {children}
      </FieldRow>
    </>
  );
}
