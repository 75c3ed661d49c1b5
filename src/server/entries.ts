import 'server-only';
import { literal, Op } from 'sequelize';
import { partitionReadable, type Read, readRow, type QuarantinedRow, UnreadableError } from './quarantine';
import { deletePlanAtStart, followed, savePlanAtStart } from './planAtStart';
import { ENDED, findBraise, outcomeColumns, type StoredBraise, unfinishedBraises } from './braises';
import { type Database, type EntryRow } from './database';
import { work } from './engine';
import { log } from './log';
import { verdictSchema } from '../contract/cook';
import { LOG_SNAPSHOT } from '../contract/stored/logSnapshot';
import { isCutId } from '../core/larder';
import { say } from '../core/message';
import { type LogSnapshot, reduceEvents, type LogEntry, recordsMark } from '../core/cook';
import { type KeptForecast } from '../engine/savedSnapshot';
import { DAY_MS } from '../core/quantity';

/** Lines on one page of the log. */
const PAGE = 50;

/** The log line of a row; undefined while its braise is not finished. */
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

/** A braise's log entry as stored, without its snapshot. */
export function entryColumns(
  cook: Pick<StoredBraise, 'id' | 'input' | 'events'>,
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

/** The snapshot of a row; undefined if it has none, or none that can be read: it is computed again. */
function snapshotOfRow({ account, accountVersion, cookId }: EntryRow): LogSnapshot | undefined {
  if (account === null) return undefined;
  try {
    return LOG_SNAPSHOT.read(JSON.parse(account), accountVersion);
  } catch (err) {
    log().warn({ err, cookId }, 'log snapshot cannot be read');
    return undefined;
  }
}

/**
 * What is saved about a braise whose meat is in: its log line, undefined while it is not finished, and its snapshot.
 */
export interface SavedBraise {
  readonly entry: LogEntry | undefined;
  readonly account: LogSnapshot;
}

function keptOf(row: EntryRow, account: LogSnapshot): Read<SavedBraise> {
  const entry = toEntry(row);
  return entry.ok ? { ok: true, value: { entry: entry.value, account } } : entry;
}

/**
 * Saves the forecast of a braise whose meat is in and what its records taught, unless already saved; `workedOut` says
 * whether that is at the time or later. Undefined before the meat is in; or why nothing can be forecast.
 */
export async function saveEntry(
  db: Database,
  cook: StoredBraise,
  workedOut: EntryRow['workedOut'],
): Promise<Read<SavedBraise | undefined>> {
  const state = reduceEvents(cook.input, cook.events);
  if (state.intoPotMs === undefined) return { ok: true, value: undefined };
  const row = await db.entries.findByPk(cook.id);
  const known = row ? snapshotOfRow(row) : undefined;
  if (row && known?.after === recordsMark(state)) return keptOf(row, known);
  // With an earlier snapshot it is merely out of date.
  const when = known ? 'then' : workedOut;
  const worked = await work(cook.id, 'account', await followed(db, cook), known, when);
  const { title } = cook.input;
  if (!worked.ok) return { ok: false, aside: { table: 'braises', id: cook.id, title, why: worked.why } };
  const { forecast, account } = worked.value;
  const kept = { account: JSON.stringify(account), accountVersion: LOG_SNAPSHOT.version };
  return db.write(async (transaction): Promise<Read<SavedBraise | undefined>> => {
    const now = await findBraise(db, cook.id, transaction);
    if (!now?.ok) return { ok: true, value: undefined };
    const [mine] = await db.entries.findOrCreate({
      where: { cookId: cook.id },
      defaults: entryColumns(now.value, forecast, workedOut),
      transaction,
    });
    await mine.update(kept, { transaction });
    return keptOf(mine, account);
  });
}

declare global {
  /** Braises whose entry is being saved, and whether they have changed since that began. */
  var evenEmberKeeping: Map<string, boolean> | undefined;
}

/** Shortest interval between saves of a braise's entry, ms: what its screens show is computed first. */
const KEPT_EVERY_MS = 20_000;

/** Saves the log entry, debounced and without waiting; changes made meanwhile are saved a little later, once. */
export function saveEntryDeferred(db: Database, cookId: string): void {
  globalThis.evenEmberKeeping ??= new Map<string, boolean>();
  const keeping = globalThis.evenEmberKeeping;
  const busy = keeping.has(cookId);
  keeping.set(cookId, busy);
  if (busy) return;
  const logger = log();
  const keep = async (): Promise<boolean> => {
    const cook = await findBraise(db, cookId);
    const kept = cook?.ok ? await saveEntry(db, cook.value, 'then') : undefined;
    return kept?.ok === true && kept.value !== undefined;
  };
  const again = (): void => {
    const changed = keeping.get(cookId) === true;
    keeping.delete(cookId);
    if (changed) saveEntryDeferred(db, cookId);
  };
  keep().then(
    (kept) => {
      // Before the meat is in there is nothing to save, and the first forecast does not wait.
      if (kept) setTimeout(again, KEPT_EVERY_MS).unref();
      else again();
    },
    (err: unknown) => {
      logger.error({ err, cookId }, 'a forecast could not be kept');
      again();
    },
  );
}

/** A page of the log, and how everything turned out. */
export interface LogPage {
  readonly entries: readonly LogEntry[];
  /** Page number, from 1, and number of pages. */
  readonly page: number;
  readonly pages: number;
  /** All finished braises, and those ready within the forecast range. */
  readonly all: number;
  readonly inside: number;
  /** Finished braises whose forecast is still being computed. */
  readonly waiting: number;
  /** Finished braises that cannot be read or forecast, and lines of this page that cannot be read. */
  readonly aside: readonly QuarantinedRow[];
}

const FINISHED = { finishedMs: { [Op.not]: null } };

/** Braises whose meat went in. */
const POTTED = `EXISTS (SELECT 1 FROM events WHERE cookId = braises.id AND act LIKE '%"kind":"intoPot"%')`;

/** Those that have ended without a saved forecast. */
const ENDED_WITHOUT = `FROM braises WHERE NOT EXISTS (SELECT 1 FROM entries WHERE cookId = braises.id)
  AND ${POTTED} AND ${ENDED}`;

/** Those with something still to be saved. */
const WITHOUT = `FROM braises WHERE ${POTTED}
  AND NOT EXISTS (SELECT 1 FROM entries WHERE cookId = braises.id AND account IS NOT NULL)`;

declare global {
  /** Whether missing forecasts are being computed. */
  var evenEmberMissing: Promise<void> | undefined;
}

/** How many of those that cannot be computed are shown. */
const MAX_ASIDE = 20;

async function idsWithout(db: Database, which: string): Promise<string[]> {
  return (await db.select<{ id: string }>(`SELECT id ${which} ORDER BY createdAtMs DESC`)).map((r) => r.id);
}

/** Finished braises that cannot get into the log: what is wrong with each. */
async function leftOut(db: Database, ids: readonly string[]): Promise<QuarantinedRow[]> {
  const found = await Promise.all(ids.slice(0, MAX_ASIDE).map((id) => findBraise(db, id)));
  const tried = await Promise.all(
    found.map((cook) => (cook?.ok ? saveEntry(db, cook.value, 'later') : Promise.resolve(cook))),
  );
  return tried.flatMap((t) => (t && !t.ok ? [t.aside] : []));
}

/** One page of finished braises, newest first; a page that does not exist becomes the last one. */
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
    attributes: { exclude: ['account'] },
  });
  const inside = await db.entries.count({
    where: { ...FINISHED, [Op.and]: literal('actualMin BETWEEN plannedP10Min AND plannedP90Min') },
  });
  const { read, aside } = partitionReadable(rows.map(toEntry));
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

/** How long after a braise is finished its plan at start is still there, in case the finish is undone, ms. */
const BEGUN_STAYS_MS = 30 * DAY_MS;

/** Computes, one after the other, what was never saved; what cannot be computed stays so. */
async function workOut(db: Database): Promise<void> {
  const longFinished = { finishedMs: { [Op.lt]: Date.now() - BEGUN_STAYS_MS } };
  const gone = await db.entries.findAll({ where: longFinished, attributes: ['cookId'] });
  await deletePlanAtStart(
    db,
    gone.map((e) => e.cookId),
  );
  for (const cook of (await unfinishedBraises(db)).braises) await savePlanAtStart(db, cook);
  for (const id of await idsWithout(db, WITHOUT)) {
    const cook = await findBraise(db, id);
    if (!cook?.ok) continue;
    const kept = await saveEntry(db, cook.value, 'later');
    if (!kept.ok) log().warn({ cookId: id, why: kept.aside.why }, 'older braise cannot be computed');
  }
}

/** Computes forecasts that were never saved, for old or imported braises. One run at a time. */
export function backfillEntries(db: Database): Promise<void> {
  globalThis.evenEmberMissing ??= workOut(db)
    .catch((err: unknown) => {
      log().error({ err }, 'older braises could not be computed');
    })
    .finally(() => {
      globalThis.evenEmberMissing = undefined;
    });
  return globalThis.evenEmberMissing;
}
