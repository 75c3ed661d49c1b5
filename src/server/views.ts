import 'server-only';
import { type Read, type QuarantinedRow } from './quarantine';
import { followed } from './planAtStart';
import { type StoredBraise } from './braises';
import { type Database } from './database';
import { work } from './engine';
import { type Worked } from '../engine/jobs';
import { type CookView } from '../core/cook';

function read<T>(cook: StoredBraise, worked: Worked<T>): Read<T> {
  if (worked.ok) return worked;
  const aside: QuarantinedRow = { table: 'braises', id: cook.id, title: cook.input.title, why: worked.why };
  return { ok: false, aside };
}

/** The braise as a screen shows it, or that its saved data cannot be used. */
export async function readView(db: Database, cook: StoredBraise, nowMs: number): Promise<Read<CookView>> {
  return read(cook, await work(cook.id, 'view', await followed(db, cook), nowMs));
}
