import { randomUUID } from 'node:crypto';
import { existsSync, readFileSync, utimesSync, writeFileSync } from 'node:fs';
import { mkdir, mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { difference } from './backupDiff';
import { appendEvent, findBraise, startBraise } from './braises';
import { closeBackup, backUpDaily, findBackup, listBackups, openBackup, backupsToRetain } from './backups';
import { type Database, openDatabase } from './database';
import { FILE, restore, StartError } from './openDatabaseFile';
import { addPlan, findPlan, listPlans, savePlan } from './plans';
import { NOON_MS, OXTAIL_PLAN } from '../testing/fixtures';
import { DAY_MS, HOUR_MS } from '../core/quantity';

let folder: string;
let db: Database;

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'even-ember-copies-'));
  db = await openDatabase(folder);
});

afterEach(async () => {
  await closeBackup();
  await db.close();
  await rm(folder, { recursive: true, force: true });
});

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
const daily = (ms: number): string => `even-ember-${dayOf(ms)}.sqlite`;
const names = async (): Promise<string[]> => (await readdir(join(folder, 'copies'))).sort();

describe('the day’s copy', () => {
  it('is made once, whole, of what is being written to, and never over', async () => {
    const plan = randomUUID();
    await addPlan(db, plan, OXTAIL_PLAN, NOON_MS);
    const id = randomUUID();
    await startBraise(db, id, OXTAIL_PLAN, null, NOON_MS);
    const writing = Array.from({ length: 30 }, (_, i) =>
      appendEvent(db, id, { id: randomUUID(), atMs: NOON_MS, act: { kind: 'note', text: String(i) } }),
    );
    await backUpDaily(folder, NOON_MS);
    await Promise.all(writing);
    expect(await names()).toEqual([daily(NOON_MS)]);
    const before = readFileSync(join(folder, 'copies', daily(NOON_MS)));
    await savePlan(db, plan, { ...OXTAIL_PLAN, title: 'Later' }, NOON_MS, null);
    await backUpDaily(folder, NOON_MS + HOUR_MS);
    expect(readFileSync(join(folder, 'copies', daily(NOON_MS)))).toEqual(before);
    const copy = await openBackup(folder, daily(NOON_MS));
    const read = copy && (await findPlan(copy, plan));
    expect(read?.ok && read.value.input.title).toBe(OXTAIL_PLAN.title);
  });

  it('stays for seven days, four weeks and twelve months', () => {
    const days = Array.from({ length: 800 }, (_, i) => dayOf(NOON_MS - i * DAY_MS));
    const kept = [...backupsToRetain(days)].sort().reverse();
    // Tue 10 March 2026: the week before, the Mondays, the firsts of the months.
    expect(kept).toEqual([
      ...['2026-03-10', '2026-03-09', '2026-03-08', '2026-03-07', '2026-03-06', '2026-03-05', '2026-03-04'],
      ...['2026-03-02', '2026-03-01', '2026-02-23', '2026-02-16', '2026-02-01', '2026-01-01', '2025-12-01'],
      ...['2025-11-01', '2025-10-01', '2025-09-01', '2025-08-01', '2025-07-01', '2025-06-01', '2025-05-01'],
      '2025-04-01',
    ]);
    // Deleting in between does no harm: day by day the same ones remain.
    let there: string[] = [];
    for (const day of days.toReversed()) {
      there = [...backupsToRetain([day, ...there])].sort().reverse();
    }
    expect(there).toEqual(kept);
    expect([...backupsToRetain(['2026-03-10', '2024-01-05'])].sort()).toEqual(['2024-01-05', '2026-03-10']);
    expect([...backupsToRetain([])]).toEqual([]);
  });

  it('is thrown away when it need not stay, the oldest first where all take too much; the last never', async () => {
    for (let i = 12; i >= 0; i--) await backUpDaily(folder, NOON_MS - i * DAY_MS);
    expect(await names()).toHaveLength(10);
    const [one] = await listBackups(folder);
    await backUpDaily(folder, NOON_MS, (one?.bytes ?? 0) * 3.5);
    expect(await names()).toEqual([2, 1, 0].map((i) => daily(NOON_MS - i * DAY_MS)));
    await backUpDaily(folder, NOON_MS, 1);
    expect(await names()).toEqual([daily(NOON_MS)]);
  });

  it('that cannot be made leaves nothing half made', async () => {
    await mkdir(join(folder, 'none'));
    writeFileSync(join(folder, 'none', FILE), 'not a database');
    await expect(backUpDaily(join(folder, 'none'), NOON_MS)).rejects.toThrow();
    expect((await readdir(join(folder, 'none', 'copies'))).filter((n) => n.endsWith('.sqlite'))).toEqual([]);
  });
});

describe('a copy that is looked at', () => {
  it('says what would come back, change and be lost, and stays as it is', async () => {
    const [same, changes, comesBack, isLost] = [randomUUID(), randomUUID(), randomUUID(), randomUUID()];
    const cook = randomUUID();
    for (const [id, title] of [
      [same, 'Same'],
      [changes, 'Before'],
      [comesBack, 'Back'],
    ] as const) {
      await addPlan(db, id, { ...OXTAIL_PLAN, title }, NOON_MS);
    }
    await startBraise(db, cook, { ...OXTAIL_PLAN, title: 'On the fire' }, null, NOON_MS);
    await backUpDaily(folder, NOON_MS);
    const file = (await findBackup(folder, daily(NOON_MS))) ?? '';
    const before = readFileSync(file);
    const copy = await openBackup(folder, daily(NOON_MS));
    if (!copy) throw new Error('no copy');
    expect(await difference(db, copy)).toEqual({ added: [], changed: [], lost: [] });
    await savePlan(db, changes, { ...OXTAIL_PLAN, title: 'After' }, NOON_MS, null);
    await db.plans.destroy({ where: { id: comesBack } });
    await addPlan(db, isLost, { ...OXTAIL_PLAN, title: 'Lost' }, NOON_MS);
    await appendEvent(db, cook, { id: randomUUID(), atMs: NOON_MS, act: { kind: 'intoPot' } });
    const found = await difference(db, copy);
    const titles = (part: keyof typeof found) => found[part].map((k) => `${k.kind} ${k.title}`).sort();
    expect([titles('added'), titles('changed'), titles('lost')]).toEqual([
      ['plans Back'],
      ['braises On the fire', 'plans Before'],
      ['plans Lost'],
    ]);
    await copy.plans.destroy({ where: {} });
    expect(readFileSync(file)).toEqual(before);
    expect((await listPlans(db, NOON_MS)).plans).toHaveLength(3);
  });

  it('is one at a time, whoever asks at once, and none where there is none', async () => {
    await backUpDaily(folder, NOON_MS - DAY_MS);
    await backUpDaily(folder, NOON_MS);
    const [one, again] = await Promise.all([openBackup(folder, daily(NOON_MS)), openBackup(folder, daily(NOON_MS))]);
    expect(one).toBe(again);
    const other = await openBackup(folder, daily(NOON_MS - DAY_MS));
    expect(await other?.plans.count()).toBe(0);
    await expect(one?.plans.count()).rejects.toThrow();
    expect(await openBackup(folder, '../even-ember.sqlite')).toBeUndefined();
    expect(await openBackup(folder, 'even-ember-2020-01-01.sqlite')).toBeUndefined();
    expect(await findBackup(folder, FILE)).toBeUndefined();
  });
});

describe('restoring', () => {
  const code = async (work: Promise<void>): Promise<string> =>
    work.then(
      () => 'done',
      (error: unknown) => (error instanceof StartError ? error.says.code : String(error)),
    );

  it('puts a copy in the place of what is kept, which stays beside it and can come back the same way', async () => {
    const plan = randomUUID();
    await addPlan(db, plan, OXTAIL_PLAN, NOON_MS);
    await backUpDaily(folder, NOON_MS);
    const id = randomUUID();
    await startBraise(db, id, OXTAIL_PLAN, null, NOON_MS);
    await db.close();
    expect(await code(restore(folder, join(folder, 'copies', daily(NOON_MS))))).toBe('done');
    db = await openDatabase(folder);
    expect([await db.plans.count(), await db.braises.count()]).toEqual([1, 0]);
    await db.close();
    const beside = (await listBackups(folder)).find((c) => c.kind === 'before');
    expect(beside?.name).toMatch(/^even-ember\.sqlite\.before-restore-\d{8}T\d{6}-\d{3}Z$/);
    expect(await code(restore(folder, (await findBackup(folder, beside?.name ?? '')) ?? ''))).toBe('done');
    db = await openDatabase(folder);
    expect((await findBraise(db, id))?.ok).toBe(true);
  });

  it('takes the place of a damaged file, which stays', async () => {
    await backUpDaily(folder, NOON_MS);
    await db.close();
    writeFileSync(join(folder, FILE), 'damaged');
    expect(await code(restore(folder, join(folder, 'copies', daily(NOON_MS))))).toBe('done');
    db = await openDatabase(folder);
    const beside = (await readdir(folder)).find((n) => n.includes('before-restore')) ?? '';
    expect(readFileSync(join(folder, beside), 'utf8')).toBe('damaged');
  });

  it('changes nothing where the copy is none of ours, or there is none', async () => {
    const foreign = join(folder, 'notes.txt');
    writeFileSync(foreign, 'shopping list');
    utimesSync(foreign, 1, 1);
    await db.close();
    const before = readFileSync(join(folder, FILE));
    expect(await code(restore(folder, foreign))).toBe('start.notDatabase');
    expect(await code(restore(folder, join(folder, 'nothing')))).toBe('start.noCopy');
    expect(readFileSync(join(folder, FILE))).toEqual(before);
    expect(existsSync(`${join(folder, FILE)}.restoring`)).toBe(false);
    db = await openDatabase(folder);
  });
});
