'use client';

import { type RefObject, useCallback, useMemo, useRef, useState } from 'react';
import { late } from '../late';

/** Plates that open beside a button; their script comes after the first answer. */
export const PopPlate = late(async () => (await import('./PopPlate')).PopPlate);
export const ListPlate = late(async () => (await import('./ListPlate')).ListPlate);
export const MenuPlate = late(async () => (await import('./MenuPlate')).MenuPlate);

/** What a button needs to open a plate. */
interface Face {
  readonly ref: RefObject<HTMLButtonElement | null>;
  readonly 'aria-haspopup': 'dialog' | 'menu' | 'listbox';
  readonly 'aria-expanded': boolean;
  readonly onPress: () => void;
}

interface OpenPlate {
  readonly open: boolean;
  /** For the button. */
  readonly face: Face;
  /** For the plate, while it is open. */
  readonly plate: { readonly trigger: RefObject<HTMLButtonElement | null>; readonly onClose: () => void };
}

/** A plate and the button that opens and closes it. */
export function usePlate(kind: Face['aria-haspopup']): OpenPlate {
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  const onClose = useCallback(() => {
    setOpen(false);
  }, []);
  const plate = useMemo(() => ({ trigger, onClose }), [onClose]);
  return {
    open,
    face: {
      ref: trigger,
      'aria-haspopup': kind,
      'aria-expanded': open,
      onPress: () => {
        setOpen((is) => !is);
      },
    },
    plate,
  };
}
