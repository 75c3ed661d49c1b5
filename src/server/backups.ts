import 'server-only';
import { mkdir, mkdtemp, readdir, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Database, openDatabase } from './database';
import { log } from './log';
import { backUp, FILE } from './openDatabaseFile';
import { DAY_MS, HOUR_MS } from '../core/quantity';

/** A copy of all that is kept. */
export interface Copy {
  /** Its file's name. */
  readonly name: string;
  readonly madeMs: number;
  readonly bytes: number;
  /** Made by itself every day, or before an update or a restoring. */
  readonly kind: 'daily' | 'before';
}

const FOLDER = 'copies';
const DAILY = /^even-ember-(\d{4}-\d{2}-\d{2})\.sqlite$/;
const BEFORE = /^even-ember\.sqlite\.before-[\w-]+$/;

/** How many daily copies stay: of the last days, of the last weeks the first, of the last months the first. */
const KEPT = { days: 7, weeks: 4, months: 12 } as const;

/** Daily copies together take no more than this, however few that leaves; the last always stays. */
export const CEILING_BYTES = 1_000_000_000;

const LOOKS_EVERY_MS = HOUR_MS;

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/** Days since 1970 of the Monday before or on a day. */
function weekOf(day: string): number {
  const days = Date.parse(day) / DAY_MS;
  return days - ((days + 3) % 7);
}

/** The first day of each of the last `most` stretches that `of` tells apart. */
function firsts(days: readonly string[], most: number, of: (day: string) => string | number): string[] {
  const first = new Map<string | number, string>();
  // From the last day to the first: what is set last is the stretch's first.
  for (const day of days) {
    if (!first.has(of(day)) && first.size === most) break;
    first.set(of(day), day);
  }
  return [...first.values()];
}

/** Which daily copies stay, of these days, the last first. */
export function staying(days: readonly string[]): ReadonlySet<string> {
  return new Set([
    ...days.slice(0, KEPT.days),
    ...firsts(days, KEPT.weeks, weekOf),
    ...firsts(days, KEPT.months, (day) => day.slice(0, 7)),
  ]);
}

async function filesOf(folder: string, pattern: RegExp, kind: Copy['kind']): Promise<Copy[]> {
  const names = await readdir(folder).catch(() => []);
  const found = names.filter((name) => pattern.test(name) && !/-(?:wal|shm)$/.test(name));
  return Promise.all(
    found.map(async (name) => {
      const { mtimeMs, size } = await stat(join(folder, name));
      return { name, madeMs: mtimeMs, bytes: size, kind };
    }),
  );
}

/** All copies of what is kept in `folder`, the last first. */
export async function listBackups(folder: string): Promise<Copy[]> {
  const all = [...(await filesOf(join(folder, FOLDER), DAILY, 'daily')), ...(await filesOf(folder, BEFORE, 'before'))];
  return all.sort((a, b) => b.madeMs - a.madeMs || (a.name < b.name ? 1 : -1));
}

/** Where the file of a copy is; undefined where there is no such copy. */
export async function findCopy(folder: string, name: string): Promise<string | undefined> {
  const copy = (await listBackups(folder)).find((c) => c.name === name);
  if (!copy) return undefined;
  return copy.kind === 'daily' ? join(folder, FOLDER, name) : join(folder, name);
}

/** Throws away daily copies that need not stay, and the oldest while all together are too large. */
async function prune(folder: string, ceilingBytes: number): Promise<void> {
  const daily = (await filesOf(join(folder, FOLDER), DAILY, 'daily')).sort((a, b) => (a.name < b.name ? 1 : -1));
  const stay = staying(daily.map((c) => DAILY.exec(c.name)?.[1] ?? ''));
  let bytes = 0;
  for (const [i, copy] of daily.entries()) {
    bytes += copy.bytes;
    const stays = i === 0 || (stay.has(DAILY.exec(copy.name)?.[1] ?? '') && bytes <= ceilingBytes);
    if (!stays) await rm(join(folder, FOLDER, copy.name), { force: true });
  }
}

/** Makes the copy of the day of `nowMs` unless there is one, and throws away those that need not stay any more. */
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

/** Sees to the daily copy now and every hour. A copy that fails is logged and tried again. */
export function keepCopies(folder: string): void {
  const look = (): void => {
    backUpDaily(folder, Date.now()).catch((err: unknown) => {
      log().error({ err }, 'the daily copy could not be made');
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
    const file = await findCopy(folder, name);
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
 * A copy opened to be looked at: a copy of the copy, brought to the present schema, so that it stays as it is. One at a time;
 * undefined where there is none of that name. Rejects with `StartError` where it cannot be opened.
 */
export function openCopy(folder: string, name: string): Promise<Database | undefined> {
  const known = globalThis.evenEmberCopy;
  if (known?.name === name) return known.db;
  globalThis.evenEmberCopy = opening(folder, name, known);
  return globalThis.evenEmberCopy.db;
}

/** Closes the copy that is looked at, if there is one. */
export async function closeCopy(): Promise<void> {
  const open = globalThis.evenEmberCopy;
  globalThis.evenEmberCopy = undefined;
  await open?.close();
}
