import { type ReactNode } from 'react';
import type * as AfterSheets from './FinishSheets';
import type * as FireSheets from './RecordSheets';
import { type SheetProps } from './RecordSheets';
import { type CookActKind } from '@/core/cook';
import { lazyOnIdle } from '@/ui/lazy';

type SheetsOf<Sheets> = {
  [K in keyof Sheets]: Sheets[K] extends (props: SheetProps) => ReactNode ? K : never;
}[keyof Sheets];

const onTheFire = (name: SheetsOf<typeof FireSheets>) => lazyOnIdle(async () => (await import('./RecordSheets'))[name]);
const after = (name: SheetsOf<typeof AfterSheets>) => lazyOnIdle(async () => (await import('./FinishSheets'))[name]);

/** How a kind of record is made at the stove. */
interface RecordUi {
  /** Its shortcut key, if it has a button of its own. */
  readonly key?: string;
  /** The form for the rest; without one it is recorded at a tap. */
  readonly Sheet?: (props: SheetProps) => ReactNode;
  /** Whether it can be recorded before the meat is in the pot. */
  readonly anyTime?: true;
}

/** One row for each kind of record; a new kind without one does not compile. The lid is on the heat sheet. */
export const RECORD_UI = {
  intoPot: { anyTime: true },
  fork: { key: 'f', Sheet: onTheFire('ForkSheet') },
  probe: { key: 'p', Sheet: onTheFire('ProbeSheet') },
  liquid: { key: 'l', Sheet: onTheFire('LiquidSheet') },
  turned: { key: 't' },
  lid: {},
  heat: { key: 'h', Sheet: onTheFire('HeatSheet') },
  step: { anyTime: true },
  timer: { anyTime: true },
  trouble: { anyTime: true },
  note: { key: 'n', Sheet: onTheFire('NoteSheet'), anyTime: true },
  offHeat: {},
  hold: { Sheet: after('HoldSheet') },
  sauce: { Sheet: after('SauceSheet') },
  aim: {},
  put: { Sheet: after('PutSheet') },
  counted: { Sheet: after('CountedSheet') },
  served: {},
  cooling: { Sheet: after('CoolingSheet') },
  cooled: { Sheet: after('CooledSheet') },
  stored: { Sheet: after('StoredSheet') },
  box: {},
  finished: { Sheet: onTheFire('FinishSheet') },
} as const satisfies Record<CookActKind, RecordUi>;

type With<Part extends keyof RecordUi> = {
  [K in CookActKind]: (typeof RECORD_UI)[K] extends Record<Part, unknown> ? K : never;
}[CookActKind];

export type KeyedRecord = With<'key'>;
export type SheetRecord = With<'Sheet'>;

export function hasSheet(kind: CookActKind): kind is SheetRecord {
  return 'Sheet' in RECORD_UI[kind];
}

/** Records with a button and a key, in the order of their buttons. */
export const KEYED_RECORDS = (Object.keys(RECORD_UI) as CookActKind[]).filter(
  (kind): kind is KeyedRecord => 'key' in RECORD_UI[kind],
);

/** Whether a kind can be recorded before the meat is in the pot. */
export function anyTime(kind: CookActKind): boolean {
  return 'anyTime' in RECORD_UI[kind];
}
