import 'server-only';
import { literal, Op } from 'sequelize';
import { type Read } from './aside';
import { findCook, outcomeColumns, type StoredCook } from './cooks';
import { type Database, type EntryRow } from './database';
import { work } from './engine';
import { log } from './log';
import { foldCook, type LogEntry, type Verdict } from '../core/cook';

/** Lines on one page of the log. */
const PAGE = 50;

function toEntry(row: EntryRow): LogEntry | undefined {
  const { cookId, title, cutId, massKg, plannedMin, plannedP10Min, plannedP90Min, finishedMs, actualMin, verdict } =
    row;
  if (finishedMs === null || actualMin === null || verdict === null) return undefined;
  return {
    id: cookId,
    title,
    cutId,
    massKg,
    plannedMin,
    plannedP10Min,
    plannedP90Min,
    finishedMs,
    actualMin,
    verdict: JSON.parse(verdict) as Verdict,
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
  if (known) return { ok: true, value: toEntry(known) };
  if (foldCook(cook.input, cook.events).intoPotMs === undefined) return { ok: true, value: undefined };
  const { title, meat } = cook.input;
  const forecast = await work(cook.id, 'forecast', cook.input);
  if (!forecast.ok) return { ok: false, aside: { table: 'cooks', id: cook.id, title, why: forecast.why } };
  return db.write(async (transaction) => {
    const now = await findCook(db, cook.id, transaction);
    if (!now?.ok) return { ok: true, value: undefined };
    const [row] = await db.entries.findOrCreate({
      where: { cookId: cook.id },
      defaults: {
        cookId: cook.id,
        title,
        cutId: meat.cutId,
        massKg: meat.massKg,
        workedOut,
        ...forecast.value,
        ...outcomeColumns(now.value),
      },
      transaction,
    });
    return { ok: true, value: toEntry(row) };
  });
}

/** A page of the log, and how all of it came out. */
export interface LogPage {
  readonly entries: readonly LogEntry[];
  readonly pages: number;
  /** Finished braises in all, and those ready within the window that was forecast. */
  readonly all: number;
  readonly inside: number;
  /** Braises from before forecasts were kept that are still being worked out. */
  readonly waiting: number;
}

const FINISHED = { finishedMs: { [Op.not]: null } };

declare global {
  /** Braises from before that are still to be worked out. */
  var evenEmberWaiting: number | undefined;
}

/** One page of finished braises, the last first; pages count from 1. */
export async function listEntries(db: Database, page = 1, size = PAGE): Promise<LogPage> {
  const { rows, count } = await db.entries.findAndCountAll({
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
  return {
    entries: rows.map(toEntry).filter((e) => e !== undefined),
    pages: Math.max(1, Math.ceil(count / size)),
    all: count,
    inside,
    waiting: globalThis.evenEmberWaiting ?? 0,
  };
}

/** Works out, one after the other, what was never kept of braises from before; what cannot be worked out stays so. */
export async function workOutOlder(db: Database): Promise<void> {
  const older = await db.select<{ id: string }>(
    `SELECT id FROM cooks WHERE NOT EXISTS (SELECT 1 FROM entries WHERE cookId = cooks.id)
       AND EXISTS (SELECT 1 FROM events WHERE cookId = cooks.id) ORDER BY createdAtMs DESC`,
  );
  for (const [i, { id }] of older.entries()) {
    globalThis.evenEmberWaiting = older.length - i;
    const cook = await findCook(db, id);
    if (!cook?.ok) continue;
    const kept = await keepEntry(db, cook.value, 'later');
    if (!kept.ok) log().warn({ cookId: id, why: kept.aside.why }, 'a braise from before cannot be worked out');
  }
  globalThis.evenEmberWaiting = 0;
}
