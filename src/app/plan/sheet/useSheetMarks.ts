'use client';

import { useCallback, useMemo, useSyncExternalStore } from 'react';
import * as z from 'zod';

const marksSchema = z.object({
  ticked: z.array(z.string()),
  written: z.record(z.string(), z.string()),
});

type Marks = z.infer<typeof marksSchema>;

const NONE: Marks = { ticked: [], written: {} };

function parseMarks(text: string | null): Marks {
  if (text === null) return NONE;
  try {
    const read = marksSchema.safeParse(JSON.parse(text));
    return read.success ? read.data : NONE;
  } catch {
    return NONE;
  }
}

/** Tells this page's own subscribers; other tabs are told by the browser. */
const HEARD = 'even-ember-sheet';

function subscribe(heard: () => void): () => void {
  window.addEventListener('storage', heard);
  window.addEventListener(HEARD, heard);
  return () => {
    window.removeEventListener('storage', heard);
    window.removeEventListener(HEARD, heard);
  };
}

export interface SheetMarks {
  readonly any: boolean;
  readonly isTicked: (id: string) => boolean;
  readonly tick: (id: string, on: boolean) => void;
  readonly written: (id: string) => string;
  readonly write: (id: string, text: string) => void;
  readonly clear: () => void;
}

/** Ticks and notes on a sheet, stored in this browser under `key` and shared between its tabs. */
export function useSheetMarks(key: string): SheetMarks {
  const text = useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(key),
    () => null,
  );
  const marks = useMemo(() => parseMarks(text), [text]);
  const keep = useCallback(
    (change: (before: Marks) => Marks) => {
      localStorage.setItem(key, JSON.stringify(change(parseMarks(localStorage.getItem(key)))));
      window.dispatchEvent(new Event(HEARD));
    },
    [key],
  );
  return {
    any: marks.ticked.length > 0 || Object.keys(marks.written).length > 0,
    isTicked: (id) => marks.ticked.includes(id),
    tick: (id, on) => {
      keep((m) => ({ ...m, ticked: on ? [...m.ticked, id] : m.ticked.filter((t) => t !== id) }));
    },
    written: (id) => marks.written[id] ?? '',
    write: (id, note) => {
      keep((m) => {
        const written = Object.fromEntries(Object.entries(m.written).filter(([k]) => k !== id));
        return { ...m, written: note === '' ? written : { ...written, [id]: note } };
      });
    },
    clear: () => {
      localStorage.removeItem(key);
      window.dispatchEvent(new Event(HEARD));
    },
  };
}
