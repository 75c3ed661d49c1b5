import 'server-only';
import * as z from 'zod';
import { type Database } from './database';
import { VersionError } from '../contract/stored/migrations';
import { PLAN_INPUT } from '../contract/stored/planInput';
import { type PlanInput } from '../core/choices';
import { type Message, say } from '../core/message';
import { unresolvedIds } from '../core/plan';

/** The table of a row. */
export const ROW_TABLES = ['plans', 'braises', 'events', 'kitchens', 'entries'] as const;
export type RowTable = (typeof ROW_TABLES)[number];

/** A row that cannot be read. It stays as it is, is shown as such, and can be downloaded. */
export interface QuarantinedRow {
  readonly table: RowTable;
  readonly id: string;
  /** Its title, if readable. */
  readonly title: string | null;
  readonly why: Message;
}

/** Result of reading a row. */
export type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly aside: QuarantinedRow };

/** The row's shape is valid, but something in it cannot be handled. */
export class UnreadableError extends Error {
  constructor(readonly says: Message) {
    super(says.code);
  }
}

function why(error: unknown): Message {
  if (error instanceof UnreadableError) return error.says;
  if (error instanceof VersionError) return say('aside.newer', { version: error.version, present: error.present });
  if (error instanceof z.ZodError) return say('aside.shape', { where: error.issues[0]?.path.join('.') ?? '' });
  if (error instanceof SyntaxError) return say('aside.notJson');
  throw error;
}

/** Reads one row so that a bad one affects no other. */
export function readRow<T>(about: Omit<QuarantinedRow, 'why'>, read: () => T): Read<T> {
  try {
    return { ok: true, value: read() };
  } catch (error) {
    return { ok: false, aside: { ...about, why: why(error) } };
  }
}

/** A plan's input as stored, with every id known to the larder. Throws errors that `readRow` handles. */
export function readInput(text: string, version: number): PlanInput {
  const input = PLAN_INPUT.read(JSON.parse(text), version);
  const [unknown] = unresolvedIds(input);
  if (unknown) throw new UnreadableError(unknown.says);
  return input;
}

/** Readable and unreadable rows. */
export function partitionReadable<T>(rows: readonly Read<T>[]): {
  readonly read: T[];
  readonly aside: QuarantinedRow[];
} {
  return {
    read: rows.flatMap((r) => (r.ok ? [r.value] : [])),
    aside: rows.flatMap((r) => (r.ok ? [] : [r.aside])),
  };
}

/** A row exactly as stored; undefined if there is none. */
export async function rawRow(db: Database, table: RowTable, id: string): Promise<object | undefined> {
  const rows: Readonly<Record<RowTable, () => Promise<{ get: (o: { plain: true }) => object } | null>>> = {
    plans: () => db.plans.findByPk(id),
    braises: () => db.braises.findByPk(id),
    events: () => db.events.findByPk(id),
    kitchens: () => db.kitchens.findByPk(id),
    entries: () => db.entries.findByPk(id),
  };
  return (await rows[table]())?.get({ plain: true });
}
