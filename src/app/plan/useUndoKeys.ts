'use client';

import { useEffect } from 'react';
import { type Draft } from './useDraft';

/** Fields in which the browser itself undoes typing. */
const TYPED_INTO =
  'input:not([type=checkbox], [type=radio], [type=range]), textarea, [contenteditable], [role=textbox]';

/** Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y) for the plan, except in text fields. */
export function useUndoKeys({ undo, redo }: Pick<Draft, 'undo' | 'redo'>): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || e.altKey || (e.target instanceof Element && e.target.closest(TYPED_INTO)))
        return;
      const key = e.key.toLowerCase();
      const step = key === 'y' || (key === 'z' && e.shiftKey) ? redo : key === 'z' ? undo : undefined;
      if (!step) return;
      e.preventDefault();
      step();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [undo, redo]);
}
