import 'server-only';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { literal, Op, type Transaction } from 'sequelize';
import { isId } from '../contract/fields';
import { parted, type Read, readInput, readRow, type SetAside } from './aside';
import { type CookRow, type Database, type EventRow } from './database';
import { type NewEvent } from '../contract/cook';
import { ACT, readEvent } from '../contract/kept/act';
import { PLAN_INPUT } from '../contract/kept/planInput';
import { type CookEvent, foldCook, outcomeOf, refusal, undoRefusal } from '../core/cook';
import { type PlanInput } from '../core/choices';
import { type Message, say } from '../core/message';

export interface StoredCook {
  readonly id: string;
  readonly planId: string | null;
  readonly input: PlanInput;
  readonly createdAtMs: number;
  readonly events: readonly CookEvent[];
  /** Records that cannot be read: the braise is shown without them. */
  readonly aside: readonly SetAside[];
}

function toEvent(row: EventRow): Read<CookEvent> {
  const { id, atMs, cookId } = row;
  return readRow({ table: 'events', id, title: null }, () => ({
    ...readEvent({ id, atMs, act: JSON.parse(row.act) as unknown }, row.actVersion),
    cookId,
  }));
}

/** A braise, with the records of it that cannot be read set aside; or that it cannot be read itself. */
function toCook(row: CookRow, rows: readonly EventRow[]): Read<StoredCook> {
  const events = parted(rows.map(toEvent));
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
  const outcome = outcomeOf(foldCook(cook.input, cook.events));
  return {
    finishedMs: outcome?.finishedMs ?? null,
    actualMin: outcome?.actualMin ?? null,
    verdict: outcome ? JSON.stringify(outcome.verdict) : null,
  };
}

const inputColumns = (input: PlanInput) => ({ input: JSON.stringify(input), inputVersion: PLAN_INPUT.version });
const actColumns = (act: NewEvent['act']) => ({ act: JSON.stringify(act), actVersion: ACT.version });

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

/** Cooks that are not finished, newest first, and those that cannot be read. */
export async function unfinishedCooks(
  db: Database,
): Promise<{ readonly cooks: StoredCook[]; readonly aside: SetAside[] }> {
  const rows = await db.cooks.findAll({
    where: { id: { [Op.in]: literal(UNFINISHED) } },
    order: [['createdAtMs', 'DESC']],
  });
  const events = await db.events.findAll({
    where: { cookId: rows.map((r) => r.id) },
    order: [['position', 'ASC']],
  });
  const byCook = new Map<string, EventRow[]>();
  for (const event of events) {
    const known = byCook.get(event.cookId);
    if (known) known.push(event);
    else byCook.set(event.cookId, [event]);
  }
  const { read, aside } = parted(rows.map((row) => toCook(row, byCook.get(row.id) ?? [])));
  return { cooks: read, aside };
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
  | { readonly ok: true; readonly cook: StoredCook }
  | { readonly ok: false; readonly status: 404 | 409 | 422 | 503; readonly says: Message };

/** How far ahead of the server's clock a screen's may run before its records are refused, ms. */
const CLOCK_SLACK_MS = 5 * 60_000;

/** Why an event cannot stand after those already there; undefined when it can. */
function objection(
  cook: Pick<StoredCook, 'input' | 'events'>,
  event: NewEvent,
  nowMs: number,
): { readonly status: 409 | 422; readonly says: Message } | undefined {
  if (event.atMs > nowMs + CLOCK_SLACK_MS) {
    return { status: 422, says: say('refused.inTheFuture') };
  }
  const state = foldCook(cook.input, cook.events);
  const says = event.act.kind === 'undo' ? undoRefusal(state, event.act.eventId) : refusal(state, event.act);
  if (says) return { status: 409, says };
  const timed = event.act.kind !== 'note' && event.act.kind !== 'undo';
  if (state.intoPotMs !== undefined && timed && event.atMs < state.intoPotMs) {
    return { status: 422, says: say('refused.beforeThePot') };
  }
  return undefined;
}

/**
 * Appends an event to a cook in one transaction. An id that is already there is the same event and changes nothing;
 * an act that makes no sense now is refused with a sentence. A cook that is written to is the cook's own.
 */
export async function appendEvent(db: Database, cookId: string, event: NewEvent, nowMs: number): Promise<Appended> {
  return db.write(async (transaction): Promise<Appended> => {
    const row = isId(cookId) ? await db.cooks.findByPk(cookId, { transaction }) : null;
    if (!row) return { ok: false, status: 404, says: say('http.noBraise') };
    const rows = await db.events.findAll({ where: { cookId }, order: [['position', 'ASC']], transaction });
    const kept = toCook(row, rows);
    // Not the record's fault: 503 keeps it on the device that made it.
    if (!kept.ok) return { ok: false, status: 503, says: say('http.setAside', { why: kept.aside.why }) };
    const cook = kept.value;
    const twin = await db.events.findByPk(event.id, { transaction });
    if (twin) {
      const known = cook.events.find((e) => e.id === event.id);
      if (!known) return { ok: false, status: 409, says: say('refused.idElsewhere') };
      return known.atMs === event.atMs && isDeepStrictEqual(known.act, event.act)
        ? { ok: true, cook }
        : { ok: false, status: 409, says: say('refused.idOtherwise') };
    }
    const no = objection(cook, event, nowMs);
    if (no) return { ok: false, ...no };
    await db.events.create(
      { id: event.id, cookId, position: (rows.at(-1)?.position ?? -1) + 1, atMs: event.atMs, ...actColumns(event.act) },
      { transaction },
    );
    if (row.origin !== 'own') await row.update({ origin: 'own' }, { transaction });
    const after = { ...cook, events: [...cook.events, { ...event, cookId }] };
    await db.entries.update(outcomeColumns(after), { where: { cookId }, transaction });
    return { ok: true, cook: after };
  });
}

/** What first speaks against a file's events as a cook's history; undefined when they hang together. */
export function historyFault(input: PlanInput, events: readonly NewEvent[], nowMs: number): Message | undefined {
  const taken: CookEvent[] = [];
  for (const event of events) {
    if (taken.some((e) => e.id === event.id)) return say('refused.idTwice');
    const no = objection({ input, events: taken }, event, nowMs);
    if (no) return no.says;
    taken.push({ ...event, cookId: '' });
  }
  return undefined;
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
      return {
        id: ids.get(event.id) ?? randomUUID(),
        cookId: id,
        position,
        atMs: event.atMs,
        ...actColumns(act),
      };
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
    return (await db.cooks.destroy({ where: { id }, transaction })) > 0;
  });
}
