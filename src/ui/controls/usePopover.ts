'use client';

import { type RefObject, useCallback, useMemo, useRef, useState } from 'react';
import { lazyOnIdle } from '../lazy';

/** Plates that open beside a button; their script comes after the first answer. */
export const Popover = lazyOnIdle(async () => (await import('./Popover')).Popover);
export const ListPlate = lazyOnIdle(async () => (await import('./ListPopover')).ListPopover);
export const MenuPlate = lazyOnIdle(async () => (await import('./MenuPopover')).MenuPopover);

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
export function usePopover(kind: Face['aria-haspopup']): OpenPlate {
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
