'use client';

import { type RefObject, useCallback, useMemo, useRef, useState } from 'react';
import { lazyOnIdle } from '../lazy';

/** Surfaces that open beside a button; their scripts load after the page reacts. */
export const Popover = lazyOnIdle(async () => (await import('./Popover')).Popover);
export const ListPlate = lazyOnIdle(async () => (await import('./ListPopover')).ListPopover);
export const MenuPlate = lazyOnIdle(async () => (await import('./MenuPopover')).MenuPopover);

/** What a button needs to open a popover. */
interface TriggerProps {
  readonly ref: RefObject<HTMLButtonElement | null>;
  readonly 'aria-haspopup': 'dialog' | 'menu' | 'listbox';
  readonly 'aria-expanded': boolean;
  readonly onPress: () => void;
}

interface OpenPopover {
  readonly open: boolean;
  /** Props for the button. */
  readonly triggerProps: TriggerProps;
  /** Props for the popover while it is open. */
  readonly plate: { readonly trigger: RefObject<HTMLButtonElement | null>; readonly onClose: () => void };
}

/** A popover and the button that opens and closes it. */
export function usePopover(kind: TriggerProps['aria-haspopup']): OpenPopover {
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  const onClose = useCallback(() => {
    setOpen(false);
  }, []);
  const plate = useMemo(() => ({ trigger, onClose }), [onClose]);
  return {
    open,
    triggerProps: {
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
