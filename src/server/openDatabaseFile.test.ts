import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import type * as nodeFs from 'node:fs';
import { cpSync, readFileSync, writeFileSync } from 'node:fs';
import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openDatabase } from './database';
import { MIGRATIONS } from './migrations';
import { fileMessage, StartError } from './openDatabaseFile';
import { english } from '../testing/words';

/** Whether the disk has no room for backups. */
const full = vi.hoisted(() => ({ disk: false }));
vi.mock('node:fs', async (original) => {
  const fs = await original<typeof nodeFs>();
  const copyFileSync: typeof fs.copyFileSync = (...args) => {
    if (full.disk) throw Object.assign(new Error('no space left on device'), { code: 'ENOSPC' });
    fs.copyFileSync(...args);
  };
  return { ...fs, copyFileSync };
});

let folder: string;

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'even-ember-open-'));
});

afterEach(async () => {
  await rm(folder, { recursive: true, force: true });
});

const file = (): string => join(folder, 'even-ember.sqlite');
const print = (path = file()): string => createHash('sha256').update(readFileSync(path)).digest('hex');

/** The result of opening: undefined if it works, otherwise why not. */
async function trouble(at = folder): Promise<{ readonly code: string; readonly says: string } | undefined> {
  try {
    await (await openDatabase(at)).close();
    return undefined;
  } catch (error) {
    if (!(error instanceof StartError)) throw error;
    return { code: error.says.code, says: english(error.says) };
  }
}

/** A file as it was after an earlier schema change. */
async function fileOf(change: string): Promise<void> {
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file(), logging: false });
  const storage = new SequelizeStorage({ sequelize });
  const context = sequelize.getQueryInterface();
  await new Umzug({ migrations: MIGRATIONS, context, storage, logger: undefined }).up({ to: change });
  await sequelize.close();
}

describe('a file that cannot be served', () => {
  it('is said to be no database, and left as it is', async () => {
    writeFileSync(file(), 'shopping list: oxtail, stout');
    const before = print();
    expect(await trouble()).toMatchObject({ code: 'start.notDatabase' });
    expect((await trouble())?.says).toContain(file());
    expect(print()).toBe(before);
    await rm(file());
    expect(await trouble()).toBeUndefined();
  });

  it('is said to be damaged', async () => {
    expect(await trouble()).toBeUndefined();
    const bytes = readFileSync(file());
    bytes.fill(0xa5, 4096, 3 * 4096);
    writeFileSync(file(), bytes);
    expect((await trouble())?.code).toBe('start.corrupt');
  });

  it('from a newer version is not written to', async () => {
    await fileOf('0003-kept-forecasts');
    const later = new Sequelize({ dialect: 'sqlite', storage: file(), logging: false });
    await later.query("INSERT INTO SequelizeMeta (name) VALUES ('9999-from-later-on')");
    await later.close();
    const before = print();
    expect((await trouble())?.code).toBe('start.newer');
    expect(print()).toBe(before);
    expect((await readdir(folder)).filter((f) => f.includes('before'))).toEqual([]);
  });

  it('on a disk without room is said so, and served once there is some', async () => {
    await fileOf('0002-versions-of-shapes');
    const before = print();
    full.disk = true;
    const said = await trouble();
    full.disk = false;
    expect([said?.code, print()]).toEqual(['start.full', before]);
    // The folder is free again: another process may try.
    expect(await readdir(folder)).not.toContain('even-ember.lock');
    expect(said?.says).toContain(file());
    expect(await trouble()).toBeUndefined();
  });

  it('that runs full while it is served is said with every write, and written to once there is room', () => {
    const thrown = (code: string) => Object.assign(new Error(code), { parent: { code } });
    const said = (code: string) => fileMessage(thrown(code), folder)?.code;
    expect(['SQLITE_FULL', 'SQLITE_READONLY', 'SQLITE_CORRUPT', 'SQLITE_IOERR'].map(said)).toEqual([
      'start.full',
      'start.readOnly',
      'start.corrupt',
      'start.other',
    ]);
    expect([
      said('SQLITE_CONSTRAINT'),
      fileMessage(new TypeError('ours'), folder),
      fileMessage(undefined, folder),
    ]).toEqual([undefined, undefined, undefined]);
    expect(fileMessage(Object.assign(new Error('no room'), { code: 'ENOSPC' }), folder)?.code).toBe('start.full');
  });

  it('in a folder that may not be written to is said so', async () => {
    expect((await trouble('/sys/even-ember'))?.code).toBe('start.readOnly');
  });
});

describe('a folder that another process serves', () => {
  const lock = (): string => join(folder, 'even-ember.lock');

  it('is refused while that process lives, and only then', async () => {
    const other = spawn('sleep', ['60']);
    try {
      const db = await openDatabase(folder);
      const mine = JSON.parse(readFileSync(lock(), 'utf8')) as Record<string, unknown>;
      await db.close();
      const began = readFileSync(`/proc/${String(other.pid)}/stat`, 'utf8')
        .split(') ')[1]
        ?.split(' ')[19];
      const theirs = { ...mine, pid: other.pid, began };
      writeFileSync(lock(), JSON.stringify(theirs));
      const refused = await trouble();
      expect(refused?.code).toBe('start.served');
      expect(refused?.says).toContain(String(other.pid));
      // A copied folder is not in use, nor is one whose process id has been reused since.
      const copy = await mkdtemp(join(tmpdir(), 'even-ember-copy-'));
      cpSync(folder, copy, { recursive: true });
      expect(await trouble(copy)).toBeUndefined();
      await rm(copy, { recursive: true });
      writeFileSync(lock(), JSON.stringify({ ...theirs, began: '1' }));
      expect(await trouble()).toBeUndefined();
      writeFileSync(lock(), JSON.stringify(theirs));
      const ended = new Promise((resolve) => other.once('exit', resolve));
      other.kill('SIGKILL');
      await ended;
      expect(await trouble()).toBeUndefined();
      writeFileSync(lock(), 'half a lo');
      expect(await trouble()).toBeUndefined();
    } finally {
      other.kill('SIGKILL');
    }
  });

  it('is given free when it is closed', async () => {
    const db = await openDatabase(folder);
    expect(await readdir(folder)).toContain('even-ember.lock');
    await db.close();
    expect(await readdir(folder)).not.toContain('even-ember.lock');
  });
});

describe('an update', () => {
  const copies = async (): Promise<string[]> => (await readdir(folder)).filter((f) => f.includes('.before-'));

  it('keeps the file as it was under a name of its own each time', async () => {
    await fileOf('0001-first-tables');
    const before = print();
    expect(await trouble()).toBeUndefined();
    const [copy] = await copies();
    expect(copy).toMatch(/^even-ember\.sqlite\.before-0002-versions-of-shapes-\d{8}T\d{6}-\d{3}Z$/);
    expect(print(join(folder, copy ?? ''))).toBe(before);
    await rm(file());
    await fileOf('0002-versions-of-shapes');
    expect(await trouble()).toBeUndefined();
    expect(await copies()).toHaveLength(2);
    expect(print(join(folder, copy ?? ''))).toBe(before);
    expect(await trouble()).toBeUndefined();
    expect(await copies()).toHaveLength(2);
  });

  it('that fails half way leaves the file as it was, however often it is tried', async () => {
    await fileOf('0002-versions-of-shapes');
    const broken = {
      name: '9998-breaks',
      up: async ({ context }: { context: { sequelize: Sequelize } }) => {
        await context.sequelize.query('DELETE FROM kitchens');
        throw new Error('the lamp went out');
      },
      down: () => Promise.resolve(),
    };
    MIGRATIONS.push(broken);
    try {
      const before = print();
      for (let i = 0; i < 2; i++) {
        const failed = await trouble();
        expect(failed?.code).toBe('start.update');
        expect(failed?.says).toContain('the lamp went out');
        expect(print()).toBe(before);
      }
      expect(await copies()).toEqual([]);
    } finally {
      MIGRATIONS.pop();
    }
    expect(await trouble()).toBeUndefined();
  });
});
