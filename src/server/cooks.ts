import 'server-only';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { literal, Op, type Transaction } from 'sequelize';
import { isId } from '../contract/fields';
import { partitionReadable, type Read, readInput, readRow, type QuarantinedRow } from './quarantine';
import { type CookRow, type Database, type EventRow } from './database';
import { type NewEvent } from '../contract/cook';
import { ACT, readEvent } from '../contract/kept/act';
import { PLAN_INPUT } from '../contract/kept/planInput';
import { type CookEvent, reduceEvents, outcomeOf } from '../core/cook';
import { type PlanInput } from '../core/choices';
import { type Message, say } from '../core/message';

export interface StoredCook {
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

/** A braise, with the records of it that cannot be read set aside; or that it cannot be read itself. */
function toCook(row: CookRow, rows: readonly EventRow[]): Read<StoredCook> {
  const events = partitionReadable(rows.map(toEvent));
  return readRow({ table: 'cooks', id: row.id, title: null }, () => ({
    id: row.id,
    planId: row.planId,
    input: readInput(row.input, row.inputVersion),
    createdAtMs: row.createdAtMs,
    events: events.read,
    aside: events.aside,
  }));
}

/** How a braise came out, as its entry keeps it. */
export function outcomeColumns(cook: Pick<StoredCook, 'input' | 'events'>) {
  const outcome = outcomeOf(reduceEvents(cook.input, cook.events));
  return {
    finishedMs: outcome?.finishedMs ?? null,
    actualMin: outcome?.actualMin ?? null,
    verdict: outcome ? JSON.stringify(outcome.verdict) : null,
  };
}

const inputColumns = (input: PlanInput) => ({ input: JSON.stringify(input), inputVersion: PLAN_INPUT.version });

/** A record as it is kept: as its device said it, and what that device said of itself. */
const eventColumns = ({ id, atMs, act, by, aheadMs }: NewEvent) => ({
  id,
  atMs,
  act: JSON.stringify(act),
  actVersion: ACT.version,
  device: by?.device ?? '',
  deviceCount: by?.count ?? 0,
  aheadMs: aheadMs ?? 0,
});

/** The braise of that id, or that it cannot be read; undefined where there is none. */
export async function findCook(
  db: Database,
  id: string,
  transaction?: Transaction,
): Promise<Read<StoredCook> | undefined> {
  const row = isId(id) ? await db.cooks.findByPk(id, { transaction }) : null;
  if (!row) return undefined;
  return toCook(row, await db.events.findAll({ where: { cookId: id }, order: [['position', 'ASC']], transaction }));
}

/** Told by its text: a row that is no JSON may not stop the query. Nothing a cook types can look like it. */
export const ENDED = `EXISTS (SELECT 1 FROM events WHERE cookId = cooks.id AND act LIKE '%"kind":"finished"%')`;

/** Without an entry to say so a braise is finished when that was recorded; whether it was taken back its entry will tell. */
const UNFINISHED = `(SELECT id FROM cooks LEFT JOIN entries ON cookId = id
  WHERE CASE WHEN cookId IS NULL THEN NOT ${ENDED} ELSE finishedMs IS NULL END)`;

/** Ids of cooks that are not finished, newest first, at most `most`. */
export async function unfinishedIds(db: Database, most: number): Promise<string[]> {
  const rows = await db.cooks.findAll({
    where: { id: { [Op.in]: literal(UNFINISHED) } },
    order: [['createdAtMs', 'DESC']],
    attributes: ['id'],
    limit: most,
  });
  return rows.map((r) => r.id);
}

/** Records by the braise they are of, each in its order. */
export function byCook(events: readonly EventRow[]): ReadonlyMap<string, readonly EventRow[]> {
  const of = new Map<string, EventRow[]>();
  for (const event of events) {
    const known = of.get(event.cookId);
    if (known) known.push(event);
    else of.set(event.cookId, [event]);
  }
  return of;
}

/** Cooks that are not finished, newest first, and those that cannot be read. */
export async function unfinishedCooks(
  db: Database,
): Promise<{ readonly cooks: StoredCook[]; readonly aside: QuarantinedRow[] }> {
  const rows = await db.cooks.findAll({
    where: { id: { [Op.in]: literal(UNFINISHED) } },
    order: [['createdAtMs', 'DESC']],
  });
  const events = await db.events.findAll({
    where: { cookId: rows.map((r) => r.id) },
    order: [['position', 'ASC']],
  });
  const of = byCook(events);
  const { read, aside } = partitionReadable(rows.map((row) => toCook(row, of.get(row.id) ?? [])));
  return { cooks: read, aside };
}

/** Braises said to be finished less than so long ago: what is left of them may still stand warm. */
export async function finishedSince(db: Database, sinceMs: number): Promise<StoredCook[]> {
  const rows = await db.entries.findAll({
    where: { finishedMs: { [Op.gt]: sinceMs } },
    order: [['finishedMs', 'DESC']],
    attributes: ['cookId'],
  });
  const found = await Promise.all(rows.map(({ cookId }) => findCook(db, cookId)));
  return partitionReadable(found.flatMap((cook) => (cook ? [cook] : []))).read;
}

/** Starts a cook. The same one sent again under its id is the one that is there; false where the id is another's. */
export async function startCook(
  db: Database,
  id: string,
  input: PlanInput,
  planId: string | null,
  nowMs: number,
): Promise<boolean> {
  return db.write(async (transaction) => {
    const known = await db.cooks.findByPk(id, { transaction });
    if (known) return known.input === JSON.stringify(input) && known.planId === planId;
    await db.cooks.create({ id, origin: 'own', planId, ...inputColumns(input), createdAtMs: nowMs }, { transaction });
    return true;
  });
}

export type Appended =
  { readonly ok: true } | { readonly ok: false; readonly status: 404 | 409 | 503; readonly says: Message };

/**
 * Appends an event to a cook in one transaction. An id that is already there is the same event and changes nothing. What is
 * well-formed is kept, in whatever order it arrives: what it means beside the rest is for `foldCook` to say. A cook that is
 * written to is the cook's own.
 */
export async function appendEvent(db: Database, cookId: string, event: NewEvent): Promise<Appended> {
  return db.write(async (transaction): Promise<Appended> => {
    const row = isId(cookId) ? await db.cooks.findByPk(cookId, { transaction }) : null;
    if (!row) return { ok: false, status: 404, says: say('http.noBraise') };
    const twin = await db.events.findByPk(event.id, { transaction });
    if (twin && twin.cookId !== cookId) return { ok: false, status: 409, says: say('refused.idElsewhere') };
    if (twin && !isTwin(twin, event)) return { ok: false, status: 409, says: say('refused.idOtherwise') };
    const rows = await db.events.findAll({ where: { cookId }, order: [['position', 'ASC']], transaction });
    const kept = toCook(row, rows);
    // Not the record's fault: 503 keeps it on the device that made it.
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

/** Whether a record is the one that is kept, by what was said when it was made. */
function isTwin(row: EventRow, { atMs, act }: NewEvent): boolean {
  const kept = partitionReadable([toEvent(row)]).read[0];
  return kept !== undefined && row.atMs === atMs && isDeepStrictEqual(kept.act, act);
}

/** Takes in a cook from a file under a new id, its events with new ids so that the same file can come twice. */
export async function importCook(
  db: Database,
  input: PlanInput,
  events: readonly NewEvent[],
  nowMs: number,
): Promise<string> {
  const ids = new Map(events.map((e) => [e.id, randomUUID()]));
  const id = randomUUID();
  await db.write(async (transaction) => {
    await db.cooks.create(
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

/** Removes a cook and its events. Returns whether there was one. */
export async function removeCook(db: Database, id: string): Promise<boolean> {
  if (!isId(id)) return false;
  return db.write(async (transaction) => {
    await db.events.destroy({ where: { cookId: id }, transaction });
    await db.entries.destroy({ where: { cookId: id }, transaction });
    await db.begun.destroy({ where: { cookId: id }, transaction });
    return (await db.cooks.destroy({ where: { id }, transaction })) > 0;
  });
}
