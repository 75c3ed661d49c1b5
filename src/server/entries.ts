import 'server-only';
import { literal, Op } from 'sequelize';
import { parted, type Read, readRow, type SetAside, UnreadableError } from './aside';
import { ENDED, findCook, outcomeColumns, type StoredCook } from './cooks';
import { type Database, type EntryRow } from './database';
import { work } from './engine';
import { log } from './log';
import { verdictSchema } from '../contract/cook';
import { isCutId } from '../core/larder';
import { say } from '../core/message';
import { foldCook, type LogEntry } from '../core/cook';
import { type KeptForecast } from '../engine/keptForecast';

/** Lines on one page of the log. */
const PAGE = 50;

/** The line of a row; undefined while its braise is not finished. */
function toEntry(row: EntryRow): Read<LogEntry | undefined> {
  const { cookId, title, verdict, finishedMs, actualMin } = row;
  return readRow({ table: 'entries', id: cookId, title }, () => {
    if (finishedMs === null || actualMin === null || verdict === null) return undefined;
    if (!isCutId(row.cutId)) {
      throw new UnreadableError(say('fault.unknown', { name: say('field.cut'), id: row.cutId }));
    }
    const { cutId, massKg, plannedMin, plannedP10Min, plannedP90Min, workedOut } = row;
    return {
      id: cookId,
      title,
      cutId,
      massKg,
      plannedMin,
      plannedP10Min,
      plannedP90Min,
      workedOut,
      finishedMs,
      actualMin,
      verdict: verdictSchema.parse(JSON.parse(verdict)),
    };
  });
}

/** A braise's entry as it is kept. */
export function entryColumns(
  cook: Pick<StoredCook, 'id' | 'input' | 'events'>,
  forecast: KeptForecast,
  workedOut: EntryRow['workedOut'],
) {
  const { title, meat } = cook.input;
  return {
    cookId: cook.id,
    title,
    cutId: meat.cutId,
    massKg: meat.massKg,
    workedOut,
    ...forecast,
    ...outcomeColumns(cook),
  };
}

/**
 * Keeps what is forecast of a cook whose meat is in, unless it is kept already; `workedOut` says whether that is then or
 * later. Gives its line of the log, undefined while it is not finished; or why nothing can be forecast for it.
 */
export async function keepEntry(
  db: Database,
  cook: StoredCook,
  workedOut: EntryRow['workedOut'],
): Promise<Read<LogEntry | undefined>> {
  const known = await db.entries.findByPk(cook.id);
  if (known) return toEntry(known);
  if (foldCook(cook.input, cook.events).intoPotMs === undefined) return { ok: true, value: undefined };
  const { title } = cook.input;
  const forecast = await work(cook.id, 'forecast', cook.input);
  if (!forecast.ok) return { ok: false, aside: { table: 'cooks', id: cook.id, title, why: forecast.why } };
  return db.write(async (transaction) => {
    const now = await findCook(db, cook.id, transaction);
    if (!now?.ok) return { ok: true, value: undefined };
    const [row] = await db.entries.findOrCreate({
      where: { cookId: cook.id },
      defaults: entryColumns(now.value, forecast.value, workedOut),
      transaction,
    });
    return toEntry(row);
  });
}

/** A page of the log, and how all of it came out. */
export interface LogPage {
  readonly entries: readonly LogEntry[];
  /** Which page it is, counting from 1, and of how many. */
  readonly page: number;
  readonly pages: number;
  /** Finished braises in all, and those ready within the window that was forecast. */
  readonly all: number;
  readonly inside: number;
  /** Finished braises whose forecast is still being worked out. */
  readonly waiting: number;
  /** Finished braises that cannot be read or forecast, and lines of this page that cannot be read. */
  readonly aside: readonly SetAside[];
}

const FINISHED = { finishedMs: { [Op.not]: null } };

/** Braises whose meat went in that have no forecast kept. */
const WITHOUT = `FROM cooks WHERE NOT EXISTS (SELECT 1 FROM entries WHERE cookId = cooks.id)
  AND EXISTS (SELECT 1 FROM events WHERE cookId = cooks.id AND act LIKE '%"kind":"intoPot"%')`;

/** Those of them that have come to their end. */
const ENDED_WITHOUT = `${WITHOUT} AND ${ENDED}`;

declare global {
  /** Whether forecasts that were never kept are being worked out. */
  var evenEmberMissing: Promise<void> | undefined;
}

/** So many of those that cannot be worked out are shown. */
const MOST_ASIDE = 20;

async function idsWithout(db: Database, which: string): Promise<string[]> {
  return (await db.select<{ id: string }>(`SELECT id ${which} ORDER BY createdAtMs DESC`)).map((r) => r.id);
}

/** Finished braises that are not in the log for good: what is wrong with each. */
async function leftOut(db: Database, ids: readonly string[]): Promise<SetAside[]> {
  const found = await Promise.all(ids.slice(0, MOST_ASIDE).map((id) => findCook(db, id)));
  const tried = await Promise.all(
    found.map((cook) => (cook?.ok ? keepEntry(db, cook.value, 'later') : Promise.resolve(cook))),
  );
  return tried.flatMap((t) => (t && !t.ok ? [t.aside] : []));
}

/** One page of finished braises, the last first; a page there is not is the last one. */
export async function listEntries(db: Database, wanted = 1, size = PAGE): Promise<LogPage> {
  const all = await db.entries.count({ where: FINISHED });
  const pages = Math.max(1, Math.ceil(all / size));
  const page = Math.min(wanted, pages);
  const rows = await db.entries.findAll({
    where: FINISHED,
    order: [
      ['finishedMs', 'DESC'],
      ['cookId', 'ASC'],
    ],
    limit: size,
    offset: (page - 1) * size,
  });
  const inside = await db.entries.count({
    where: { ...FINISHED, [Op.and]: literal('actualMin BETWEEN plannedP10Min AND plannedP90Min') },
  });
  const { read, aside } = parted(rows.map(toEntry));
  const without = await idsWithout(db, ENDED_WITHOUT);
  const working = globalThis.evenEmberMissing !== undefined;
  return {
    entries: read.filter((e) => e !== undefined),
    page,
    pages,
    all,
    inside,
    waiting: working ? without.length : 0,
    aside: working ? aside : [...aside, ...(await leftOut(db, without))],
  };
}

/** Works out, one after the other, forecasts that were never kept; what cannot be worked out stays so. */
async function workOut(db: Database): Promise<void> {
  for (const id of await idsWithout(db, WITHOUT)) {
    const cook = await findCook(db, id);
    if (!cook?.ok) continue;
    const kept = await keepEntry(db, cook.value, 'later');
    if (!kept.ok) log().warn({ cookId: id, why: kept.aside.why }, 'a braise from before cannot be worked out');
  }
}

/** Has forecasts that were never kept worked out, of braises from before or from a file. Once at a time. */
export function keepMissing(db: Database): Promise<void> {
  globalThis.evenEmberMissing ??= workOut(db)
    .catch((err: unknown) => {
      log().error({ err }, 'braises from before could not be worked out');
    })
    .finally(() => {
      globalThis.evenEmberMissing = undefined;
    });
  return globalThis.evenEmberMissing;
}
