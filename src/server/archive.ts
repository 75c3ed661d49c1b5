import 'server-only';
import { col, type CreationAttributes, fn, Op, type Transaction } from 'sequelize';
import { readInput, readRow, type RowTable } from './quarantine';
import { byBraise, findBraise, outcomeColumns } from './braises';
import { type BraiseRow, type Database, type EntryRow, type EventRow, type PlanRow } from './database';
import { entryColumns } from './entries';
import { KITCHEN_ID, readKitchen } from './kitchens';
import { ARCHIVE_VERSION, archiveHeadSchema, type ArchiveLine, archiveLineSchema } from '../contract/archive';
import { MAX_KINDS, MAX_OWN } from '../contract/kitchen';
import { type OwnKind } from '../core/styles';
import { readEvent } from '../contract/stored/act';
import { KITCHEN } from '../contract/stored/kitchen';
import { type Message, say } from '../core/message';

/** Rows read at a time. */
const ROWS = 100;
/** Lines imported per transaction. */
const LINES = 200;
/** The longest line accepted, characters. */
const LONGEST_LINE = 8_000_000;

type Line = ArchiveLine | { readonly format: string; readonly version: number; readonly madeMs: number };

/** A line from the row's JSON, or of the raw row if that is not JSON. */
function lineOf(row: object, make: () => ArchiveLine): ArchiveLine {
  try {
    return make();
  } catch (error) {
    if (error instanceof SyntaxError) return { aside: row };
    throw error;
  }
}

const parsed = (text: string): unknown => JSON.parse(text) as unknown;

const planLine = ({ id, input, inputVersion, updatedAtMs }: PlanRow): ArchiveLine => ({
  plan: { id, version: inputVersion, input: parsed(input), updatedAtMs },
});

function entryOf(row: EntryRow) {
  const { plannedMin, plannedP10Min, plannedP90Min, model, workedOut, account, accountVersion } = row;
  return {
    plannedMin,
    plannedP10Min,
    plannedP90Min,
    model,
    workedOut,
    account: account === null ? null : parsed(account),
    accountVersion,
  };
}

const braiseLine = ({ id, planId, input, inputVersion, createdAtMs }: BraiseRow, entry?: EntryRow): ArchiveLine => ({
  braise: {
    id,
    planId,
    version: inputVersion,
    input: parsed(input),
    createdAtMs,
    ...(entry && { entry: entryOf(entry) }),
  },
});

const recordLine = (row: EventRow): ArchiveLine => ({
  record: {
    id: row.id,
    braise: row.cookId,
    atMs: row.atMs,
    version: row.actVersion,
    act: parsed(row.act),
    ...(row.device !== '' && { by: { device: row.device, count: row.deviceCount } }),
    aheadMs: row.aheadMs,
  },
});

/** Everything stored, one line each, read on demand: the kitchen, the plans, every braise and its records. */
export async function* archiveLines(db: Database, nowMs: number): AsyncGenerator<Line> {
  yield { format: 'even-ember/archive', version: ARCHIVE_VERSION, madeMs: nowMs };
  for (const row of await db.kitchens.findAll()) {
    const { equipment, equipmentVersion } = row;
    yield lineOf(row.get({ plain: true }), () => ({
      kitchen: { version: equipmentVersion, equipment: parsed(equipment) },
    }));
  }
  for (let after = ''; ;) {
    const plans = await db.plans.findAll({ where: { id: { [Op.gt]: after } }, order: [['id', 'ASC']], limit: ROWS });
    for (const row of plans) yield lineOf(row.get({ plain: true }), () => planLine(row));
    const last = plans.at(-1);
    if (!last) break;
    after = last.id;
  }
  for (let after = ''; ;) {
    const braises = await db.braises.findAll({
      where: { id: { [Op.gt]: after } },
      order: [['id', 'ASC']],
      limit: ROWS,
    });
    const entries = new Map(
      (await db.entries.findAll({ where: { cookId: braises.map((c) => c.id) } })).map((e) => [e.cookId, e]),
    );
    const events = await db.events.findAll({
      where: { cookId: braises.map((c) => c.id) },
      order: [['position', 'ASC']],
    });
    const of = byBraise(events);
    for (const row of braises) {
      yield lineOf(row.get({ plain: true }), () => braiseLine(row, entries.get(row.id)));
      for (const event of of.get(row.id) ?? []) yield lineOf(event.get({ plain: true }), () => recordLine(event));
    }
    const last = braises.at(-1);
    if (!last) break;
    after = last.id;
  }
}

/** Result of importing an archive. */
export interface ImportResult {
  /** Plans, braises and styles that were new. */
  readonly added: number;
  /** Plans that were older here, and records that were missing here. */
  readonly changed: number;
  /** What was already here. */
  readonly known: number;
  /** What could not be read or belongs to nothing. */
  readonly refused: number;
}

type Came = keyof ImportResult;
type Part<Kind extends string> = ArchiveLine extends infer L ? (L extends Record<Kind, infer P> ? P : never) : never;

const isReadable = (table: RowTable, id: string, read: () => unknown): boolean =>
  readRow({ table, id, title: null }, read).ok;

/** A line of an archive; undefined for anything else, and for lines that are not imported. */
function readLine(text: string): Exclude<ArchiveLine, { aside: unknown }> | undefined {
  try {
    const read = archiveLineSchema.safeParse(JSON.parse(text));
    return read.success && !('aside' in read.data) ? read.data : undefined;
  } catch {
    return undefined;
  }
}

/** What already exists of the things some lines mention, and what is to be added. */
interface Batch {
  readonly transaction: Transaction;
  readonly plans: Map<string, PlanRow>;
  /** Existing braises, and how many records each has. */
  readonly braises: Map<string, number>;
  /** Existing records, and their braise. */
  readonly events: Map<string, string>;
  readonly newPlans: CreationAttributes<PlanRow>[];
  readonly newBraises: CreationAttributes<BraiseRow>[];
  readonly newEntries: CreationAttributes<EntryRow>[];
  readonly newEvents: CreationAttributes<EventRow>[];
}

/** Imports lines, one transaction at a time, and notes which braises got records. */
class TakingIn {
  readonly counts = { added: 0, changed: 0, known: 0, refused: 0 };
  private readonly touched = new Set<string>();

  constructor(private readonly db: Database) {}

  async take(texts: readonly string[]): Promise<void> {
    const lines = texts.map(readLine);
    await this.db.write(async (transaction) => {
      const batch = await this.batchOf(lines, transaction);
      for (const line of lines) this.counts[line ? await this.line(line, batch) : 'refused']++;
      await this.db.plans.bulkCreate(batch.newPlans, { transaction });
      await this.db.braises.bulkCreate(batch.newBraises, { transaction });
      await this.db.entries.bulkCreate(batch.newEntries, { transaction });
      await this.db.events.bulkCreate(batch.newEvents, { transaction });
    });
  }

  /** The results of braises that got records are computed again. */
  async settle(): Promise<void> {
    const ids = [...this.touched];
    for (let i = 0; i < ids.length; i += LINES) {
      await this.db.write(async (transaction) => {
        const some = { cookId: ids.slice(i, i + LINES) };
        for (const { cookId } of await this.db.entries.findAll({ where: some, attributes: ['cookId'], transaction })) {
          const cook = await findBraise(this.db, cookId, transaction);
          if (cook?.ok) await this.db.entries.update(outcomeColumns(cook.value), { where: { cookId }, transaction });
        }
      });
    }
  }

  private async batchOf(lines: readonly (ArchiveLine | undefined)[], transaction: Transaction): Promise<Batch> {
    const ids = (of: (line: ArchiveLine) => string | undefined): string[] =>
      lines.flatMap((line) => (line && of(line)) ?? []);
    const plans = ids((l) => ('plan' in l ? l.plan.id : undefined));
    const braises = ids((l) => ('braise' in l ? l.braise.id : 'record' in l ? l.record.braise : undefined));
    const events = ids((l) => ('record' in l ? l.record.id : undefined));
    const here = <Row extends { id: string }>(rows: readonly Row[]) => new Map(rows.map((row) => [row.id, row]));
    const known = await this.db.braises.findAll({ where: { id: braises }, attributes: ['id'], transaction });
    const last = await this.db.events.findAll({
      where: { cookId: braises },
      attributes: ['cookId', [fn('max', col('position')), 'position']],
      group: ['cookId'],
      transaction,
    });
    const records = await this.db.events.findAll({ where: { id: events }, attributes: ['id', 'cookId'], transaction });
    return {
      transaction,
      plans: here(await this.db.plans.findAll({ where: { id: plans }, transaction })),
      braises: new Map([
        ...known.map((c) => [c.id, 0] as const),
        ...last.map((e) => [e.cookId, e.position + 1] as const),
      ]),
      events: new Map(records.map((e) => [e.id, e.cookId])),
      newPlans: [],
      newBraises: [],
      newEntries: [],
      newEvents: [],
    };
  }

  private async line(line: Exclude<ArchiveLine, { aside: unknown }>, batch: Batch): Promise<Came> {
    if ('kitchen' in line) return this.kitchen(line.kitchen, batch);
    if ('plan' in line) return this.plan(line.plan, batch);
    return 'braise' in line ? this.braise(line.braise, batch) : this.record(line.record, batch);
  }

  /** The whole kitchen is imported if the cook has none; otherwise only its styles. */
  private async kitchen({ version, equipment }: Part<'kitchen'>, { transaction }: Batch): Promise<Came> {
    if (!isReadable('kitchens', '', () => KITCHEN.read(equipment, version))) return 'refused';
    const theirs = KITCHEN.read(equipment, version);
    const row = await this.db.kitchens.findByPk(KITCHEN_ID, { transaction });
    const isOwn = row?.origin === 'own';
    const ours = await readKitchen(this.db, transaction);
    const lacks = (kind: OwnKind): boolean => !ours.kinds.some((k) => k.id === kind.id);
    const more = isOwn ? theirs.kinds.filter(lacks) : theirs.kinds;
    const things = theirs.own.filter((id) => !ours.own.includes(id));
    if (isOwn && more.length === 0 && things.length === 0) return 'known';
    const kitchen = isOwn
      ? {
          ...ours,
          kinds: [...ours.kinds, ...more].slice(0, MAX_KINDS),
          own: [...ours.own, ...things].slice(0, MAX_OWN),
        }
      : theirs;
    await this.db.kitchens.upsert(
      {
        id: KITCHEN_ID,
        origin: 'own',
        equipment: JSON.stringify(kitchen),
        equipmentVersion: KITCHEN.version,
        updatedAtMs: (row?.updatedAtMs ?? 0) + 1,
      },
      { transaction },
    );
    return 'added';
  }

  private async plan({ id, version, input, updatedAtMs }: Part<'plan'>, batch: Batch): Promise<Came> {
    const text = JSON.stringify(input);
    const read = readRow({ table: 'plans', id, title: null }, () => readInput(text, version));
    if (!read.ok) return 'refused';
    const { title, serveAtMs } = read.value;
    const row = { origin: 'own' as const, title, input: text, inputVersion: version, serveAtMs, updatedAtMs };
    const here = batch.plans.get(id);
    if (!here) {
      if (batch.newPlans.some((p) => p.id === id)) return 'known';
      batch.newPlans.push({ id, ...row });
      return 'added';
    }
    if (here.input === text || here.updatedAtMs >= updatedAtMs) return 'known';
    await here.update(row, { transaction: batch.transaction });
    return 'changed';
  }

  private braise({ id, planId, version, input, createdAtMs, entry }: Part<'braise'>, batch: Batch): Came {
    if (batch.braises.has(id)) return 'known';
    const text = JSON.stringify(input);
    const read = readRow({ table: 'braises', id, title: null }, () => readInput(text, version));
    if (!read.ok) return 'refused';
    batch.braises.set(id, 0);
    batch.newBraises.push({ id, origin: 'own', planId, input: text, inputVersion: version, createdAtMs });
    if (entry) {
      const { account, ...forecast } = entry;
      batch.newEntries.push({
        ...entryColumns({ id, input: read.value, events: [] }, forecast, forecast.workedOut),
        account: account === null ? null : JSON.stringify(account),
        accountVersion: forecast.accountVersion,
      });
    }
    return 'added';
  }

  private record({ id, braise, atMs, version, act, by, aheadMs }: Part<'record'>, batch: Batch): Came {
    const of = batch.events.get(id);
    if (of !== undefined) return of === braise ? 'known' : 'refused';
    const position = batch.braises.get(braise);
    const readable = isReadable('events', id, () => readEvent({ id, atMs, act, aheadMs }, version));
    if (position === undefined || !readable) return 'refused';
    batch.newEvents.push({
      id,
      cookId: braise,
      position,
      atMs,
      act: JSON.stringify(act),
      actVersion: version,
      aheadMs,
      ...(by && { device: by.device, deviceCount: by.count }),
    });
    batch.events.set(id, braise);
    batch.braises.set(braise, position + 1);
    this.touched.add(braise);
    return 'changed';
  }
}

/** Chunks of text as lines. Throws `RangeError` at a line too long to be ours. */
export async function* linesOf(pieces: AsyncIterable<string>): AsyncGenerator<string> {
  let rest = '';
  for await (const piece of pieces) {
    const lines = (rest + piece).split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > LONGEST_LINE) throw new RangeError('A line longer than any that is kept');
    for (const line of lines) if (line.trim() !== '') yield line;
  }
  if (rest.trim() !== '') yield rest;
}

/** Why a first line is not that of a readable archive; undefined if it is. */
function headFault(text: string | undefined): Message | undefined {
  try {
    const head = archiveHeadSchema.safeParse(JSON.parse(text ?? ''));
    if (!head.success) return say('archive.notOurs');
    const { version } = head.data;
    return version > ARCHIVE_VERSION ? say('archive.newer', { version, present: ARCHIVE_VERSION }) : undefined;
  } catch {
    return say('archive.notOurs');
  }
}

/**
 * Imports an archive, a few lines at a time: existing data stay, a newer plan replaces an older one, missing records
 * are added. Importing it twice changes nothing. Returns the result, or why it is not an archive.
 */
export async function importArchive(
  db: Database,
  lines: AsyncIterable<string>,
): Promise<{ readonly ok: true; readonly came: ImportResult } | { readonly ok: false; readonly says: Message }> {
  const taking = new TakingIn(db);
  let head = false;
  let batch: string[] = [];
  try {
    for await (const line of lines) {
      if (!head) {
        const fault = headFault(line);
        if (fault) return { ok: false, says: fault };
        head = true;
        continue;
      }
      batch.push(line);
      if (batch.length < LINES) continue;
      await taking.take(batch);
      batch = [];
    }
    if (!head) return { ok: false, says: say('archive.notOurs') };
    await taking.take(batch);
  } finally {
    // Even if an archive breaks off, what came before is kept.
    await taking.settle();
  }
  return { ok: true, came: taking.counts };
}
