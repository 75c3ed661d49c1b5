import 'server-only';
import { constants, copyFileSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { mkdir, open, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import sqlite from 'sqlite3';
import { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { MIGRATIONS } from './migrations';
import { type Message, say } from '../core/message';

/** Why the data cannot be served: the file, the cause and what to do, as a message. */
export class StartError extends Error {
  constructor(readonly says: Message) {
    super(says.code);
    this.name = 'StartError';
  }
}

/**
 * The message of a `StartError`; undefined for any other error. Compared by name: each server bundle has its own class,
 * and they share the database.
 */
export function startupMessage(error: unknown): Message | undefined {
  return error instanceof Error && error.name === 'StartError' ? (error as StartError).says : undefined;
}

/** The file with everything a cook owns, in the served folder. */
export const FILE = 'even-ember.sqlite';
const LOCK = 'even-ember.lock';

/** The process serving a folder. The folder is included, so that a copy of it does not count as in use. */
interface Lock {
  readonly pid: number;
  /** When the process started, in clock ticks of the machine: a later one may reuse its id. */
  readonly began: string;
  readonly boot: string;
  readonly folder: string;
}

/** Start time that identifies a process, where the system provides it; otherwise empty. */
function beganOf(pid: number): string {
  try {
    const text = readFileSync(`/proc/${String(pid)}/stat`, 'utf8');
    return text.slice(text.lastIndexOf(')') + 2).split(' ')[19] ?? '';
  } catch {
    return '';
  }
}

function boot(): string {
  try {
    return readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim();
  } catch {
    return '';
  }
}

function isRunning(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

const folderMark = (folder: string): string => {
  const { dev, ino } = statSync(folder);
  return `${String(dev)}:${String(ino)}`;
};

function readLock(path: string): Lock | undefined {
  try {
    const lock = JSON.parse(readFileSync(path, 'utf8')) as Partial<Lock>;
    return typeof lock.pid === 'number' ? { began: '', boot: '', folder: '', ...lock, pid: lock.pid } : undefined;
  } catch {
    return undefined;
  }
}

/** Whether another process serves the folder now: it runs, it wrote the lock, and it wrote it for this folder. */
function isServed(lock: Lock, folder: string): boolean {
  return (
    lock.pid !== process.pid &&
    lock.folder === folderMark(folder) &&
    lock.boot === boot() &&
    isRunning(lock.pid) &&
    lock.began === beganOf(lock.pid)
  );
}

/** Writes a lock if there is none; of two processes trying at once, one succeeds. */
function wrote(path: string, lock: Lock): boolean {
  try {
    writeFileSync(path, JSON.stringify(lock), { flag: 'wx' });
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'EEXIST') return false;
    throw error;
  }
}

/** Claims `folder` for this process; call the result to release it. Throws `StartError` if another process has it. */
function takeFolder(folder: string): () => void {
  const path = join(folder, LOCK);
  const mine: Lock = { pid: process.pid, began: beganOf(process.pid), boot: boot(), folder: folderMark(folder) };
  for (let tries = 0; !wrote(path, mine); tries++) {
    const known = readLock(path);
    if (tries > 1 || (known && isServed(known, folder))) {
      throw new StartError(say('start.served', { folder, pid: known?.pid ?? 0 }));
    }
    // From a process that is gone, from another folder, or from this process.
    rmSync(path, { force: true });
  }
  return () => {
    if (readLock(path)?.pid === process.pid) rmSync(path, { force: true });
  };
}

/** Errors after which a served file can no longer be written or read. */
const LOST = ['SQLITE_FULL', 'SQLITE_READONLY', 'SQLITE_IOERR', 'SQLITE_CORRUPT', 'SQLITE_CANTOPEN', 'ENOSPC', 'EROFS'];

/**
 * What an error while serving the file in `folder` means, if it is the file's or the disk's; undefined for any other.
 */
export function fileMessage(error: unknown, folder: string): Message | undefined {
  const { parent, original, code } = (error ?? {}) as { parent?: unknown; original?: unknown; code?: unknown };
  const inner = (parent ?? original ?? { code }) as { readonly code?: unknown };
  return LOST.includes(String(inner.code)) ? causeOf(error, join(folder, FILE)).says : undefined;
}

/** What a system or SQLite error means for whoever starts the app. */
function causeOf(error: unknown, file: string): StartError {
  if (startupMessage(error)) return error as StartError;
  const { parent, original, code } = error as { parent?: unknown; original?: unknown; code?: unknown };
  const inner = (parent ?? original ?? error) as { readonly code?: string; readonly message?: string };
  const name = typeof code === 'string' && code.startsWith('E') ? code : (inner.code ?? '');
  switch (name) {
    case 'ENOSPC':
    case 'SQLITE_FULL':
      return new StartError(say('start.full', { file }));
    case 'EACCES':
    case 'EPERM':
    case 'EROFS':
    case 'SQLITE_READONLY':
    case 'SQLITE_CANTOPEN':
      return new StartError(say('start.readOnly', { file }));
    case 'SQLITE_NOTADB':
      return new StartError(say('start.notDatabase', { file }));
    case 'SQLITE_CORRUPT':
      return new StartError(say('start.corrupt', { file, why: inner.message ?? name }));
    case 'SQLITE_BUSY':
      return new StartError(say('start.busy', { file }));
    default:
      return new StartError(say('start.other', { file, why: inner.message ?? String(error) }));
  }
}

const HEADER = Buffer.from('SQLite format 3\0');

async function isDatabase(file: string): Promise<boolean> {
  const handle = await open(file, 'r');
  try {
    const { buffer, bytesRead } = await handle.read(Buffer.alloc(HEADER.length), 0, HEADER.length, 0);
    return bytesRead === HEADER.length && buffer.equals(HEADER);
  } finally {
    await handle.close();
  }
}

/** Rows of a query on a file opened read-only. */
function readOnly<Row>(file: string, sql: string): Promise<Row[]> {
  return new Promise((resolve, reject) => {
    const db = new sqlite.Database(file, sqlite.OPEN_READONLY, (failed) => {
      if (failed) {
        reject(failed);
        return;
      }
      db.all<Row>(sql, (error, rows) => {
        db.close(() => {
          if (error) reject(error);
          else resolve(rows);
        });
      });
    });
  });
}

/** Schema changes a file has had, by name; empty if it was never ours. */
async function changesIn(file: string): Promise<string[]> {
  const tables = await readOnly<{ name: string }>(file, "SELECT name FROM sqlite_master WHERE name = 'SequelizeMeta'");
  if (tables.length === 0) return [];
  return (await readOnly<{ name: string }>(file, 'SELECT name FROM SequelizeMeta')).map((r) => r.name);
}

/** Checks a file without writing to it. Throws `StartError` if it cannot be served. */
async function lookOver(file: string): Promise<readonly string[]> {
  if (!(await isDatabase(file))) throw new StartError(say('start.notDatabase', { file }));
  const [first] = await readOnly<{ integrity_check: string }>(file, 'PRAGMA integrity_check(1)');
  if (first?.integrity_check !== 'ok') {
    throw new StartError(say('start.corrupt', { file, why: first?.integrity_check ?? '' }));
  }
  const changes = await changesIn(file);
  const known = new Set(MIGRATIONS.map((m) => m.name));
  if (changes.some((name) => !known.has(name))) throw new StartError(say('start.newer', { file }));
  return changes;
}

const connect = (file: string): Sequelize => new Sequelize({ dialect: 'sqlite', storage: file, logging: false });

async function migrate(file: string): Promise<void> {
  const sequelize = connect(file);
  try {
    await new Umzug({
      migrations: MIGRATIONS,
      context: sequelize.getQueryInterface(),
      storage: new SequelizeStorage({ sequelize }),
      logger: undefined,
    }).up();
  } finally {
    await sequelize.close();
  }
}

/** A moment as part of a file name. */
const stampOf = (at: Date): string => at.toISOString().replaceAll(/[-:]/g, '').replace('.', '-');

/** Copies a file next to itself under a name that states its origin and time and is never reused. */
function copyAside(file: string, from: string): void {
  copyFileSync(file, `${file}.before-${from}-${stampOf(new Date())}`, constants.COPYFILE_EXCL);
}

/**
 * Migrates a file to the present schema: a copy is migrated and replaces the file once everything has worked. An error
 * on the way leaves the file as it was.
 */
async function update(file: string, has: readonly string[]): Promise<void> {
  const next = MIGRATIONS.find((m) => !has.includes(m.name));
  if (!next) return;
  const trial = `${file}.updating`;
  for (const end of ['', '-wal', '-shm', '-journal']) rmSync(`${trial}${end}`, { force: true });
  const old = connect(file);
  try {
    // From here on everything written is in this one file.
    await old.query('PRAGMA wal_checkpoint(TRUNCATE)');
    await old.query('PRAGMA journal_mode = DELETE');
  } finally {
    await old.close();
  }
  copyFileSync(file, trial);
  try {
    await migrate(trial);
    await lookOver(trial);
  } catch (error) {
    throw new StartError(
      say('start.update', { file, change: next.name, why: error instanceof Error ? error.message : String(error) }),
    );
  }
  copyAside(file, next.name);
  await rename(trial, file);
}

/** SQLite's online backup as provided by the driver; its types omit it. */
interface Backup {
  step(pages: number, done: (error: Error | null) => void): void;
  finish(done: (error: Error | null) => void): void;
}
interface BackingUp {
  backup(to: string, ready: (error: Error | null) => void): Backup;
}

/**
 * Backs up a database as it is at one moment, in use or not, with SQLite's online backup, and verifies the copy. It
 * appears complete under its name or not at all. Throws `StartError` if the copy is damaged.
 */
export async function backUp(from: string, to: string): Promise<void> {
  const trial = `${to}.making`;
  await rm(trial, { force: true });
  await new Promise<void>((resolve, reject) => {
    const db = new sqlite.Database(from, sqlite.OPEN_READONLY, (failed) => {
      if (failed) {
        reject(failed);
        return;
      }
      const end = (error: Error | null): void => {
        db.close(() => {
          if (error) reject(error);
          else resolve();
        });
      };
      const backup = (db as unknown as BackingUp).backup(trial, (unready) => {
        if (unready) {
          end(unready);
          return;
        }
        backup.step(-1, (broken) => {
          backup.finish((unfinished) => {
            end(broken ?? unfinished);
          });
        });
      });
    });
  });
  const settled = connect(trial);
  try {
    await settled.query('PRAGMA journal_mode = DELETE');
  } finally {
    await settled.close();
  }
  await lookOver(trial);
  await rename(trial, to);
}

/**
 * Restores a backup over the data in `folder`, which is kept next to it under its own name. Throws `StartError` if the
 * backup is not ours or another process serves the folder; then nothing has changed.
 */
export async function restore(folder: string, copy: string): Promise<void> {
  const file = join(folder, FILE);
  let release = (): void => undefined;
  try {
    await stat(copy);
    if ((await lookOver(copy)).length === 0) throw new StartError(say('start.notOurs', { file: copy }));
    await mkdir(folder, { recursive: true });
    release = takeFolder(folder);
    const next = `${file}.restoring`;
    await backUp(copy, next);
    const stamp = stampOf(new Date());
    for (const end of ['', '-wal', '-shm']) {
      await rename(`${file}${end}`, `${file}.before-restore-${stamp}${end}`).catch((error: unknown) => {
        if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
      });
    }
    await rename(next, file);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') throw new StartError(say('start.noCopy', { file: copy }));
    throw causeOf(error, file);
  } finally {
    release();
  }
}

/** A file of the present schema that nobody else serves. */
export interface OpenFile {
  readonly sequelize: Sequelize;
  readonly release: () => void;
}

/**
 * Opens the database in `folder`, creating or migrating it. Throws `StartError` with the file, the cause and what to do
 * if it cannot be served; a file from a newer version is not written to.
 */
export async function openFile(folder: string): Promise<OpenFile> {
  const file = join(folder, FILE);
  let release = (): void => undefined;
  try {
    await mkdir(folder, { recursive: true });
    const there = await stat(file).then(
      (s) => s.size > 0,
      () => false,
    );
    const has = there ? await lookOver(file) : undefined;
    release = takeFolder(folder);
    if (has) await update(file, has);
    else await migrate(file);
    const sequelize = connect(file);
    await sequelize.query('PRAGMA journal_mode = WAL');
    return { sequelize, release };
  } catch (error) {
    release();
    throw causeOf(error, file);
  }
}
