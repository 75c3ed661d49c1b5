import 'server-only';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { literal, Op, type Transaction } from 'sequelize';
import { isId } from '../contract/fields';
import { partitionReadable, type Read, readInput, readRow, type QuarantinedRow } from './quarantine';
import { type BraiseRow, type Database, type EventRow } from './database';
import { type NewEvent } from '../contract/cook';
import { ACT, readEvent } from '../contract/stored/act';
import { PLAN_INPUT } from '../contract/stored/planInput';
import { type CookEvent, reduceEvents, outcomeOf } from '../core/cook';
import { type PlanInput } from '../core/choices';
import { type Message, say } from '../core/message';

export interface StoredBraise {
  readonly id: string;
  readonly planId: string | null;
  readonly input: PlanInput;
  readonly createdAtMs: number;
  readonly events: readonly CookEvent[];
  /** Records that cannot be read: the braise is shown without them. */
  readonly aside: readonly QuarantinedRow[];
}

function toEvent(row: EventRow): Read<CookEvent> {
  const { id, cookId, device, deviceCount, aheadMs } = row;
  return readRow({ table: 'events', id, title: null }, () => ({
    ...readEvent({ id, atMs: row.atMs - aheadMs, act: JSON.parse(row.act) as unknown }, row.actVersion),
    ...(device === '' ? {} : { by: { device, count: deviceCount } }),
    cookId,
  }));
}

/** A braise, with its unreadable records separated; or the fact that it cannot be read itself. */
function toBraise(row: BraiseRow, rows: readonly EventRow[]): Read<StoredBraise> {
  const events = partitionReadable(rows.map(toEvent));
  return readRow({ table: 'braises', id: row.id, title: null }, () => ({
    id: row.id,
    planId: row.planId,
    input: readInput(row.input, row.inputVersion),
    createdAtMs: row.createdAtMs,
    events: events.read,
    aside: events.aside,
  }));
}

/** Result of a braise, as its log entry stores it. */
export function outcomeColumns(cook: Pick<StoredBraise, 'input' | 'events'>) {
  const outcome = outcomeOf(reduceEvents(cook.input, cook.events));
  return {
    finishedMs: outcome?.finishedMs ?? null,
    actualMin: outcome?.actualMin ?? null,
    verdict: outcome ? JSON.stringify(outcome.verdict) : null,
  };
}

const inputColumns = (input: PlanInput) => ({ input: JSON.stringify(input), inputVersion: PLAN_INPUT.version });

/** A record as stored: as its device sent it, and what that device said of itself. */
const eventColumns = ({ id, atMs, act, by, aheadMs }: NewEvent) => ({
  id,
  atMs,
  act: JSON.stringify(act),
  actVersion: ACT.version,
  device: by?.device ?? '',
  deviceCount: by?.count ?? 0,
  aheadMs: aheadMs ?? 0,
});

/** The braise with this id, or that it cannot be read; undefined if there is none. */
export async function findBraise(
  db: Database,
  id: string,
  transaction?: Transaction,
): Promise<Read<StoredBraise> | undefined> {
  const row = isId(id) ? await db.braises.findByPk(id, { transaction }) : null;
  if (!row) return undefined;
  return toBraise(row, await db.events.findAll({ where: { cookId: id }, order: [['position', 'ASC']], transaction }));
}

/** Found by its text: a row that is not JSON must not stop the query. Nothing a cook types can look like it. */
export const ENDED = `EXISTS (SELECT 1 FROM events WHERE cookId = braises.id AND act LIKE '%"kind":"finished"%')`;

/**
 * Without a log entry, a braise counts as finished when that was recorded; its entry will tell whether it was undone.
 */
const UNFINISHED = `(SELECT id FROM braises LEFT JOIN entries ON cookId = id
  WHERE CASE WHEN cookId IS NULL THEN NOT ${ENDED} ELSE finishedMs IS NULL END)`;

/** Ids of unfinished braises, newest first, at most `most`. */
export async function unfinishedIds(db: Database, most: number): Promise<string[]> {
  const rows = await db.braises.findAll({
    where: { id: { [Op.in]: literal(UNFINISHED) } },
    order: [['createdAtMs', 'DESC']],
    attributes: ['id'],
    limit: most,
  });
  return rows.map((r) => r.id);
}

/** Records grouped by braise, in order. */
export function byBraise(events: readonly EventRow[]): ReadonlyMap<string, readonly EventRow[]> {
  const of = new Map<string, EventRow[]>();
  for (const event of events) {
    const known = of.get(event.cookId);
    if (known) known.push(event);
    else of.set(event.cookId, [event]);
  }
  return of;
}

/** Unfinished braises, newest first, and those that cannot be read. */
export async function unfinishedBraises(
  db: Database,
): Promise<{ readonly braises: StoredBraise[]; readonly aside: QuarantinedRow[] }> {
  const rows = await db.braises.findAll({
    where: { id: { [Op.in]: literal(UNFINISHED) } },
    order: [['createdAtMs', 'DESC']],
  });
  const events = await db.events.findAll({
    where: { cookId: rows.map((r) => r.id) },
    order: [['position', 'ASC']],
  });
  const of = byBraise(events);
  const { read, aside } = partitionReadable(rows.map((row) => toBraise(row, of.get(row.id) ?? [])));
  return { braises: read, aside };
}

/** Braises finished less than this long ago: their leftovers may still be warm. */
export async function finishedSince(db: Database, sinceMs: number): Promise<StoredBraise[]> {
  const rows = await db.entries.findAll({
    where: { finishedMs: { [Op.gt]: sinceMs } },
    order: [['finishedMs', 'DESC']],
    attributes: ['cookId'],
  });
  const found = await Promise.all(rows.map(({ cookId }) => findBraise(db, cookId)));
  return partitionReadable(found.flatMap((cook) => (cook ? [cook] : []))).read;
}

/** Starts a braise. Sent again under its id it is the existing one; false if the id belongs to another. */
export async function startBraise(
  db: Database,
  id: string,
  input: PlanInput,
  planId: string | null,
  nowMs: number,
): Promise<boolean> {
  return db.write(async (transaction) => {
    const known = await db.braises.findByPk(id, { transaction });
    if (known) return known.input === JSON.stringify(input) && known.planId === planId;
    await db.braises.create({ id, origin: 'own', planId, ...inputColumns(input), createdAtMs: nowMs }, { transaction });
    return true;
  });
}

export type Appended =
  { readonly ok: true } | { readonly ok: false; readonly status: 404 | 409 | 503; readonly says: Message };

/**
 * Appends an event to a braise in one transaction. An existing id is the same event and changes nothing. Anything
 * well-formed is stored, in whatever order it arrives: what it means is decided by `reduceEvents`. A braise that is
 * written to becomes the cook's own.
 */
export async function appendEvent(db: Database, cookId: string, event: NewEvent): Promise<Appended> {
  return db.write(async (transaction): Promise<Appended> => {
    const row = isId(cookId) ? await db.braises.findByPk(cookId, { transaction }) : null;
    if (!row) return { ok: false, status: 404, says: say('http.noBraise') };
    const twin = await db.events.findByPk(event.id, { transaction });
    if (twin && twin.cookId !== cookId) return { ok: false, status: 409, says: say('refused.idElsewhere') };
    if (twin && !isTwin(twin, event)) return { ok: false, status: 409, says: say('refused.idOtherwise') };
    const rows = await db.events.findAll({ where: { cookId }, order: [['position', 'ASC']], transaction });
    const kept = toBraise(row, rows);
    // Not the record's fault: with 503 it stays on the device that made it.
    if (!kept.ok) return { ok: false, status: 503, says: say('http.setAside', { why: kept.aside.why }) };
    const cook = kept.value;
    if (twin) return { ok: true };
    const added = await db.events.create(
      { ...eventColumns(event), cookId, position: (rows.at(-1)?.position ?? -1) + 1 },
      { transaction },
    );
    if (row.origin !== 'own') await row.update({ origin: 'own' }, { transaction });
    const after = { ...cook, events: [...cook.events, ...partitionReadable([toEvent(added)]).read] };
    await db.entries.update(outcomeColumns(after), { where: { cookId }, transaction });
    return { ok: true };
  });
}

/** Whether a record equals the stored one, by what was said when it was made. */
function isTwin(row: EventRow, { atMs, act }: NewEvent): boolean {
  const kept = partitionReadable([toEvent(row)]).read[0];
  return kept !== undefined && row.atMs === atMs && isDeepStrictEqual(kept.act, act);
}

/**
 * Imports a braise from a file under a new id, its events with new ids, so that the same file can be imported twice.
 */
export async function importBraise(
  db: Database,
  input: PlanInput,
  events: readonly NewEvent[],
  nowMs: number,
): Promise<string> {
  const ids = new Map(events.map((e) => [e.id, randomUUID()]));
  const id = randomUUID();
  await db.write(async (transaction) => {
    await db.braises.create(
      { id, origin: 'own', planId: null, ...inputColumns(input), createdAtMs: events[0]?.atMs ?? nowMs },
      { transaction },
    );
    const rows = events.map((event, position) => {
      const act =
        event.act.kind === 'undo'
          ? { ...event.act, eventId: ids.get(event.act.eventId) ?? event.act.eventId }
          : event.act;
      return { ...eventColumns({ ...event, id: ids.get(event.id) ?? randomUUID(), act }), cookId: id, position };
    });
    await db.events.bulkCreate(rows, { transaction });
  });
  return id;
}

/** Deletes a braise and its events. Returns whether there was one. */
export async function deleteBraise(db: Database, id: string): Promise<boolean> {
  if (!isId(id)) return false;
  return db.write(async (transaction) => {
    await db.events.destroy({ where: { cookId: id }, transaction });
    await db.entries.destroy({ where: { cookId: id }, transaction });
    await db.begun.destroy({ where: { cookId: id }, transaction });
    return (await db.braises.destroy({ where: { id }, transaction })) > 0;
  });
}
