import 'server-only';
import { literal, Op } from 'sequelize';
import { partitionReadable, type Read, readRow, type QuarantinedRow, UnreadableError } from './quarantine';
import { deletePlanAtStart, followed, savePlanAtStart } from './planAtStart';
import { ENDED, findCook, outcomeColumns, type StoredCook, unfinishedCooks } from './cooks';
import { type Database, type EntryRow } from './database';
import { work } from './engine';
import { log } from './log';
import { verdictSchema } from '../contract/cook';
import { ACCOUNT } from '../contract/kept/account';
import { isCutId } from '../core/larder';
import { say } from '../core/message';
import { type LogSnapshot, reduceEvents, type LogEntry, recordsMark } from '../core/cook';
import { type KeptForecast } from '../engine/keptAccount';
import { DAY_MS } from '../core/quantity';

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

/** A braise's entry as it is kept, apart from its account. */
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

/** The account of a row; undefined where there is none, or none that can be read: it is worked out again. */
function accountOfRow({ account, accountVersion, cookId }: EntryRow): LogSnapshot | undefined {
  if (account === null) return undefined;
  try {
    return ACCOUNT.read(JSON.parse(account), accountVersion);
  } catch (err) {
    log().warn({ err, cookId }, 'an account cannot be read');
    return undefined;
  }
}

/** What is kept of a braise whose meat is in: its line of the log, undefined while it is not finished, and its account. */
export interface KeptBraise {
  readonly entry: LogEntry | undefined;
  readonly account: LogSnapshot;
}

function keptOf(row: EntryRow, account: LogSnapshot): Read<KeptBraise> {
  const entry = toEntry(row);
  return entry.ok ? { ok: true, value: { entry: entry.value, account } } : entry;
}

/**
 * Keeps what is forecast of a cook whose meat is in and what its records taught, as much as is not kept already; `workedOut`
 * says whether that is then or later. Undefined before the meat is in; or why nothing can be forecast for it.
 */
export async function saveEntry(
  db: Database,
  cook: StoredCook,
  workedOut: EntryRow['workedOut'],
): Promise<Read<KeptBraise | undefined>> {
  const state = reduceEvents(cook.input, cook.events);
  if (state.intoPotMs === undefined) return { ok: true, value: undefined };
  const row = await db.entries.findByPk(cook.id);
  const known = row ? accountOfRow(row) : undefined;
  if (row && known?.after === recordsMark(state)) return keptOf(row, known);
  // Where an account was kept before it only lags behind.
  const when = known ? 'then' : workedOut;
  const worked = await work(cook.id, 'account', await followed(db, cook), known, when);
  const { title } = cook.input;
  if (!worked.ok) return { ok: false, aside: { table: 'cooks', id: cook.id, title, why: worked.why } };
  const { forecast, account } = worked.value;
  const kept = { account: JSON.stringify(account), accountVersion: ACCOUNT.version };
  return db.write(async (transaction): Promise<Read<KeptBraise | undefined>> => {
    const now = await findCook(db, cook.id, transaction);
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
  /** Braises whose entry is being kept, and whether they have changed since that began. */
  var evenEmberKeeping: Map<string, boolean> | undefined;
}

/** A braise's entry is kept no oftener than this, ms: what its screens show is worked out first. */
const KEPT_EVERY_MS = 20_000;

/** Has a braise's entry kept as it now stands. Does not wait for it; what changes meanwhile is kept a little later, once. */
export function saveEntryDeferred(db: Database, cookId: string): void {
  globalThis.evenEmberKeeping ??= new Map<string, boolean>();
  const keeping = globalThis.evenEmberKeeping;
  const busy = keeping.has(cookId);
  keeping.set(cookId, busy);
  if (busy) return;
  const logger = log();
  const keep = async (): Promise<boolean> => {
    const cook = await findCook(db, cookId);
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
      // Before the meat is in there is nothing to keep, and the first forecast does not wait.
      if (kept) setTimeout(again, KEPT_EVERY_MS).unref();
      else again();
    },
    (err: unknown) => {
      logger.error({ err, cookId }, 'a forecast could not be kept');
      again();
    },
  );
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
  readonly aside: readonly QuarantinedRow[];
}

const FINISHED = { finishedMs: { [Op.not]: null } };

/** Braises whose meat went in. */
const POTTED = `EXISTS (SELECT 1 FROM events WHERE cookId = cooks.id AND act LIKE '%"kind":"intoPot"%')`;

/** Those that have come to their end and have no forecast kept. */
const ENDED_WITHOUT = `FROM cooks WHERE NOT EXISTS (SELECT 1 FROM entries WHERE cookId = cooks.id)
  AND ${POTTED} AND ${ENDED}`;

/** Those of which something is not kept that should be. */
const WITHOUT = `FROM cooks WHERE ${POTTED}
  AND NOT EXISTS (SELECT 1 FROM entries WHERE cookId = cooks.id AND account IS NOT NULL)`;

declare global {
  /** Whether forecasts that were never kept are being worked out. */
  var evenEmberMissing: Promise<void> | undefined;
}

/** So many of those that cannot be worked out are shown. */
const MAX_ASIDE = 20;

async function idsWithout(db: Database, which: string): Promise<string[]> {
  return (await db.select<{ id: string }>(`SELECT id ${which} ORDER BY createdAtMs DESC`)).map((r) => r.id);
}

/** Finished braises that are not in the log for good: what is wrong with each. */
async function leftOut(db: Database, ids: readonly string[]): Promise<QuarantinedRow[]> {
  const found = await Promise.all(ids.slice(0, MAX_ASIDE).map((id) => findCook(db, id)));
  const tried = await Promise.all(
    found.map((cook) => (cook?.ok ? saveEntry(db, cook.value, 'later') : Promise.resolve(cook))),
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

/** So long after a braise is finished the plan it was begun with is still there, should its end be taken back, ms. */
const BEGUN_STAYS_MS = 30 * DAY_MS;

/** Works out, one after the other, what was never kept; what cannot be worked out stays so. */
async function workOut(db: Database): Promise<void> {
  const longFinished = { finishedMs: { [Op.lt]: Date.now() - BEGUN_STAYS_MS } };
  const gone = await db.entries.findAll({ where: longFinished, attributes: ['cookId'] });
  await deletePlanAtStart(
    db,
    gone.map((e) => e.cookId),
  );
  for (const cook of (await unfinishedCooks(db)).cooks) await savePlanAtStart(db, cook);
  for (const id of await idsWithout(db, WITHOUT)) {
    const cook = await findCook(db, id);
    if (!cook?.ok) continue;
    const kept = await saveEntry(db, cook.value, 'later');
    if (!kept.ok) log().warn({ cookId: id, why: kept.aside.why }, 'a braise from before cannot be worked out');
  }
}

/** Has forecasts that were never kept worked out, of braises from before or from a file. Once at a time. */
export function backfillEntries(db: Database): Promise<void> {
  globalThis.evenEmberMissing ??= workOut(db)
    .catch((err: unknown) => {
      log().error({ err }, 'braises from before could not be worked out');
    })
    .finally(() => {
      globalThis.evenEmberMissing = undefined;
    });
  return globalThis.evenEmberMissing;
}
