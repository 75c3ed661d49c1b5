import 'server-only';
import { mkdir, mkdtemp, readdir, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Database, openDatabase } from './database';
import { log } from './log';
import { backUp, FILE } from './openDatabaseFile';
import { DAY_MS, HOUR_MS } from '../core/quantity';

/** A backup of all data. */
export interface BackupFile {
  /** Its file name. */
  readonly name: string;
  readonly madeMs: number;
  readonly bytes: number;
  /** Made automatically every day, or before an update or a restore. */
  readonly kind: 'daily' | 'before';
}

const FOLDER = 'copies';
const DAILY = /^even-ember-(\d{4}-\d{2}-\d{2})\.sqlite$/;
const BEFORE = /^even-ember\.sqlite\.before-[\w-]+$/;

/** How many daily backups are kept: the last days, the first of each of the last weeks and months. */
const KEPT = { days: 7, weeks: 4, months: 12 } as const;

/** Size cap for daily backups; the newest is always kept. */
export const CEILING_BYTES = 1_000_000_000;

const LOOKS_EVERY_MS = HOUR_MS;

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/** Days since 1970 of the Monday on or before a day. */
function weekOf(day: string): number {
  const days = Date.parse(day) / DAY_MS;
  return days - ((days + 3) % 7);
}

/** The first day of each of the last `most` periods that `of` distinguishes. */
function firsts(days: readonly string[], most: number, of: (day: string) => string | number): string[] {
  const first = new Map<string | number, string>();
  // From the last day to the first: the last one set is the period's first.
  for (const day of days) {
    if (!first.has(of(day)) && first.size === most) break;
    first.set(of(day), day);
  }
  return [...first.values()];
}

/** Which daily backups are kept, of these days, newest first. */
export function backupsToRetain(days: readonly string[]): ReadonlySet<string> {
  return new Set([
    ...days.slice(0, KEPT.days),
    ...firsts(days, KEPT.weeks, weekOf),
    ...firsts(days, KEPT.months, (day) => day.slice(0, 7)),
  ]);
}

async function filesOf(folder: string, pattern: RegExp, kind: BackupFile['kind']): Promise<BackupFile[]> {
  const names = await readdir(folder).catch(() => []);
  const found = names.filter((name) => pattern.test(name) && !/-(?:wal|shm)$/.test(name));
  return Promise.all(
    found.map(async (name) => {
      const { mtimeMs, size } = await stat(join(folder, name));
      return { name, madeMs: mtimeMs, bytes: size, kind };
    }),
  );
}

/** All backups in `folder`, newest first. */
export async function listBackups(folder: string): Promise<BackupFile[]> {
  const all = [...(await filesOf(join(folder, FOLDER), DAILY, 'daily')), ...(await filesOf(folder, BEFORE, 'before'))];
  return all.sort((a, b) => b.madeMs - a.madeMs || (a.name < b.name ? 1 : -1));
}

/** Path of a backup; undefined if there is no such backup. */
export async function findBackup(folder: string, name: string): Promise<string | undefined> {
  const copy = (await listBackups(folder)).find((c) => c.name === name);
  if (!copy) return undefined;
  return copy.kind === 'daily' ? join(folder, FOLDER, name) : join(folder, name);
}

/** Deletes daily backups that need not be kept, and the oldest while the total is too large. */
async function prune(folder: string, ceilingBytes: number): Promise<void> {
  const daily = (await filesOf(join(folder, FOLDER), DAILY, 'daily')).sort((a, b) => (a.name < b.name ? 1 : -1));
  const stay = backupsToRetain(daily.map((c) => DAILY.exec(c.name)?.[1] ?? ''));
  let bytes = 0;
  for (const [i, copy] of daily.entries()) {
    bytes += copy.bytes;
    const stays = i === 0 || (stay.has(DAILY.exec(copy.name)?.[1] ?? '') && bytes <= ceilingBytes);
    if (!stays) await rm(join(folder, FOLDER, copy.name), { force: true });
  }
}

/** Makes the backup for the day of `nowMs` unless there is one, and deletes those no longer needed. */
export async function backUpDaily(folder: string, nowMs: number, ceilingBytes = CEILING_BYTES): Promise<void> {
  await mkdir(join(folder, FOLDER), { recursive: true });
  const to = join(folder, FOLDER, `even-ember-${dayOf(nowMs)}.sqlite`);
  const there = await stat(to).then(
    () => true,
    () => false,
  );
  if (!there) await backUp(join(folder, FILE), to);
  await prune(folder, ceilingBytes);
}

/** Makes the daily backup now and checks every hour. A failure is logged and tried again. */
export function scheduleBackups(folder: string): void {
  const look = (): void => {
    backUpDaily(folder, Date.now()).catch((err: unknown) => {
      log().error({ err }, 'daily backup failed');
    });
  };
  look();
  setInterval(look, LOOKS_EVERY_MS).unref();
}

interface OpenCopy {
  readonly name: string;
  readonly db: Promise<Database | undefined>;
  readonly close: () => Promise<void>;
}

declare global {
  var evenEmberCopy: OpenCopy | undefined;
}

function opening(folder: string, name: string, before: OpenCopy | undefined): OpenCopy {
  let aside = '';
  const open = async (): Promise<Database | undefined> => {
    await before?.close();
    const file = await findBackup(folder, name);
    if (file === undefined) return undefined;
    aside = await mkdtemp(join(tmpdir(), 'even-ember-looked-at-'));
    await backUp(file, join(aside, FILE));
    return openDatabase(aside);
  };
  const db = open();
  return {
    name,
    db,
    close: async () => {
      await db.then((opened) => opened?.close()).catch(() => undefined);
      if (aside !== '') await rm(aside, { recursive: true, force: true });
    },
  };
}

/**
 * A backup opened for preview: a copy of it, migrated to the present schema, so that the backup itself is unchanged.
 * One at a time; undefined if there is none of that name. Rejects with `StartError` if it cannot be opened.
 */
export function openBackup(folder: string, name: string): Promise<Database | undefined> {
  const known = globalThis.evenEmberCopy;
  if (known?.name === name) return known.db;
  globalThis.evenEmberCopy = opening(folder, name, known);
  return globalThis.evenEmberCopy.db;
}

/** Closes the previewed backup, if any. */
export async function closeBackup(): Promise<void> {
  const open = globalThis.evenEmberCopy;
  globalThis.evenEmberCopy = undefined;
  await open?.close();
}
