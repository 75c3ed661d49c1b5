import 'server-only';
import { type Read, type QuarantinedRow } from './quarantine';
import { followed } from './planAtStart';
import { type StoredCook } from './cooks';
import { type Database } from './database';
import { work } from './engine';
import { type Worked } from '../engine/jobs';
import { type CookView } from '../core/cook';

function read<T>(cook: StoredCook, worked: Worked<T>): Read<T> {
  if (worked.ok) return worked;
  const aside: QuarantinedRow = { table: 'cooks', id: cook.id, title: cook.input.title, why: worked.why };
  return { ok: false, aside };
}

/** The cook as a screen shows it, or that what is kept of it cannot be worked with. */
export async function readView(db: Database, cook: StoredCook, nowMs: number): Promise<Read<CookView>> {
  return read(cook, await work(cook.id, 'view', await followed(db, cook), nowMs));
}
