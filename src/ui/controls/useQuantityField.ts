'use client';

import { type FocusEvent, type KeyboardEvent, useState } from 'react';
import { parseQuantity } from '@/core/intake';
import { type Message } from '@/core/message';
import { KG_PER_OZ, L_PER_FL_OZ, MM_PER_INCH, type UnitChoice } from '@/core/quantity';
import { ENDING_KEYS, useDebouncedCommit } from './useDebouncedCommit';
import { useUnits, useWords } from '../KitchenContext';

type Dimension = 'mass' | 'volume' | 'length' | 'temperature';

/** The change per press of less or more, SI: a round step of the displayed unit, growing with the amount. */
function stepOf(dimension: Dimension, value: number, units: UnitChoice): number {
  const us = units.weight === 'us';
  const size = Number.isFinite(value) ? Math.abs(value) : 0;
  switch (dimension) {
    case 'mass':
      return us ? (size < 16 * KG_PER_OZ ? KG_PER_OZ : 4 * KG_PER_OZ) : size < 0.1 ? 0.005 : size < 1 ? 0.05 : 0.1;
    case 'volume':
      return us ? L_PER_FL_OZ : size < 0.1 ? 0.01 : size < 1 ? 0.05 : 0.1;
    case 'length':
      return us ? MM_PER_INCH / 8 : size < 100 ? 1 : 5;
    case 'temperature':
      return units.temperature === 'F' ? (size > 105 ? 25 / 1.8 : 5 / 9) : size > 105 ? 5 : 1;
  }
}

export interface QuantityFieldOptions {
  readonly dimension: Dimension;
  /** kg, l, mm or °C; NaN if nothing is entered. */
  readonly value: number;
  readonly onChange: (si: number) => void;
}

/** An amount being typed. */
export interface QuantityFieldState {
  readonly text: string;
  /** Why the typed text cannot be read; undefined if it can. */
  readonly unread: Message | undefined;
  readonly type: (text: string) => void;
  /** Done typing: the amount is shown in the app's format, or dropped if it cannot be read. */
  readonly commit: () => void;
  readonly step: (sign: 1 | -1) => void;
}

/**
 * An amount typed as people say it: “2 lb 3 oz”, “1½ in”, “gas 3”, or a bare number in the displayed unit. It accepts
 * whatever is typed. Empty or unreadable text gives NaN. The amount only changes when the text does, so switching units
 * back and forth never changes it.
 */
export function useQuantityFieldState({ dimension, value, onChange }: QuantityFieldOptions): QuantityFieldState {
  const units = useUnits();
  const w = useWords();
  const [draft, setDraft] = useState<string>();
  const { entered, enter, handOn } = useDebouncedCommit(onChange);
  const amount = entered ? entered.value : value;
  const read = draft === undefined ? undefined : parseQuantity(draft, dimension, units);
  const unread = read && !read.ok ? read.says : undefined;
  return {
    text: draft ?? (Number.isFinite(amount) ? w.quantity(amount, dimension) : ''),
    unread,
    type: (text) => {
      setDraft(text);
      const typed = parseQuantity(text, dimension, units);
      if (typed.ok) enter(typed.si);
    },
    commit: () => {
      // Unreadable text left in the field is no amount: half of it must never be recorded.
      if (unread === undefined) setDraft(undefined);
      else if (!Number.isNaN(amount)) enter(Number.NaN);
      handOn();
    },
    step: (sign) => {
      const by = stepOf(dimension, amount, units);
      setDraft(undefined);
      const from = Number.isFinite(amount) ? amount : 0;
      enter(Math.max(0, Math.round((from + sign * by) / (by / 4)) * (by / 4)));
      handOn();
    },
  };
}

/** A key as the library's fields report it. */
type FieldKey = Pick<KeyboardEvent, 'key' | 'preventDefault'> & { readonly continuePropagation: () => void };

/** How a field with that state responds to pointer and keys. */
export function useQuantityField(state: QuantityFieldState): {
  readonly fieldProps: {
    readonly value: string;
    readonly onChange: (text: string) => void;
    readonly onBlur: (e: FocusEvent) => void;
    readonly onKeyDown: (e: FieldKey) => void;
  };
  readonly lessProps: { readonly onPress: () => void };
  readonly moreProps: { readonly onPress: () => void };
} {
  const step = (sign: 1 | -1) => ({
    onPress: () => {
      state.step(sign);
    },
  });
  return {
    fieldProps: {
      value: state.text,
      onChange: state.type,
      onBlur: state.commit,
      onKeyDown: (e) => {
        if (ENDING_KEYS.includes(e.key)) state.commit();
        if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
          e.preventDefault();
          state.step(e.key === 'ArrowUp' ? 1 : -1);
        } else {
          // It also means something to the sheet and the page.
          e.continuePropagation();
        }
      },
    },
    lessProps: step(-1),
    moreProps: step(1),
  };
}
