'use client';

import { SelectField, type SelectFieldProps } from './SelectField';

interface ChoiceFieldProps<T extends string> extends Omit<SelectFieldProps, 'sections' | 'value' | 'onChange'> {
  readonly ids: readonly T[];
  /** What an option is called, and a line under that in the open list. */
  readonly name: (id: T) => string;
  readonly why?: (id: T) => string;
  /** Empty while nothing is chosen. */
  readonly value: NoInfer<T> | '';
  readonly onChange: (id: T) => void;
}

/** One of a list of ids, with a name each. */
export function ChoiceField<T extends string>({ ids, name, why, onChange, ...field }: ChoiceFieldProps<T>) {
  return (
    <SelectField
      {...field}
      sections={[{ options: ids.map((id) => ({ id, label: name(id), ...(why && { why: why(id) }) })) }]}
      onChange={(chosen) => {
        const id = ids.find((i) => i === chosen);
        if (id !== undefined) onChange(id);
      }}
    />
  );
}
