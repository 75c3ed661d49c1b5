import { randomUUID } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeEach, describe, expect, it } from 'vitest';
import { archiveLines, linesOf, importArchive, type ImportResult } from './archive';
import { appendEvent, findBraise, deleteBraise, startBraise } from './braises';
import { type Database, openDatabase } from './database';
import { closeEngine } from './engine';
import { saveEntry, listEntries } from './entries';
import { changeKitchen, readKitchen } from './kitchens';
import { PLAN_INPUT } from '../contract/stored/planInput';
import { addPlan, findPlan, savePlan } from './plans';
import { type NewEvent } from '../contract/cook';
import { kindOf } from '../core/styles';
import { NOON_MS, OXTAIL_PLAN } from '../testing/fixtures';
import { MINUTE_MS } from '../core/quantity';

const folders: string[] = [];
const open: Database[] = [];
let db: Database;

async function opened(): Promise<Database> {
  const folder = await mkdtemp(join(tmpdir(), 'even-ember-archive-'));
  folders.push(folder);
  const made = await openDatabase(folder);
  open.push(made);
  return made;
}

beforeEach(async () => {
  db = await opened();
});

afterEach(async () => {
  for (const one of open.splice(0)) await one.close();
  for (const folder of folders.splice(0)) await rm(folder, { recursive: true, force: true });
});

afterAll(closeEngine);

const at = (minutes: number, act: NewEvent['act'], count = minutes): NewEvent => ({
  id: randomUUID(),
  atMs: NOON_MS + minutes * MINUTE_MS,
  act,
  by: { device: '0a0a0a0a-0000-4000-8000-000000000001', count },
  aheadMs: 5000,
});
const verdict = { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: 'greens' };

/** A kitchen with everything: a style, a plan, a braise in the log with all its saved data. */
async function lived(): Promise<{ plan: string; braise: string }> {
  const [plan, braise] = [randomUUID(), randomUUID()];
  await changeKitchen(db, { keepKind: kindOf(OXTAIL_PLAN, 'k1', 'Harbour base'), habits: { onion: 'deep' } }, NOON_MS);
  await addPlan(db, plan, OXTAIL_PLAN, NOON_MS);
  await startBraise(db, braise, OXTAIL_PLAN, plan, NOON_MS);
  for (const event of [
    at(0, { kind: 'intoPot' }),
    at(180, { kind: 'fork', stage: 'twists' }),
    at(185, { kind: 'offHeat' }),
    at(200, { kind: 'finished', verdict }),
  ]) {
    await appendEvent(db, braise, event);
  }
  const cook = await findBraise(db, braise);
  if (cook?.ok) await saveEntry(db, cook.value, 'then');
  return { plan, braise };
}

async function archive(from: Database): Promise<string[]> {
  const lines: string[] = [];
  for await (const line of archiveLines(from, NOON_MS)) lines.push(JSON.stringify(line));
  return lines;
}

async function* each(lines: readonly string[]): AsyncGenerator<string> {
  for (const line of lines) yield await Promise.resolve(line);
}

async function taken(into: Database, lines: readonly string[]): Promise<ImportResult> {
  const result = await importArchive(into, each(lines));
  if (!result.ok) throw new Error(result.says.code);
  return result.came;
}

describe('an archive', () => {
  it('brings everything to another machine, and taken in twice doubles nothing', async () => {
    const { plan, braise } = await lived();
    const lines = await archive(db);
    const other = await opened();
    expect(await taken(other, lines)).toEqual({ added: 3, changed: 4, known: 0, refused: 0 });
    expect(await archive(other)).toEqual(lines);
    expect((await listEntries(other)).entries).toEqual((await listEntries(db)).entries);
    expect((await readKitchen(other)).habits).toEqual({ onion: 'deep' });
    expect(await findPlan(other, plan)).toEqual(await findPlan(db, plan));
    expect(await findBraise(other, braise)).toEqual(await findBraise(db, braise));
    expect(await taken(other, lines)).toEqual({ added: 0, changed: 0, known: 7, refused: 0 });
    expect(await archive(other)).toEqual(lines);
  });

  it('adds what is lacking, lets the newer of two plans stand, and touches nothing else', async () => {
    const { plan, braise } = await lived();
    const lines = await archive(db);
    // Meanwhile: the plan is changed, a style added, a record made, and a braise of the archive deleted here.
    await savePlan(db, plan, { ...OXTAIL_PLAN, title: 'Newer here' }, NOON_MS + 1000, null);
    await changeKitchen(db, { dropKind: 'k1', keepKind: kindOf(OXTAIL_PLAN, 'k2', 'Other') }, NOON_MS);
    await deleteBraise(db, braise);
    expect(await taken(db, lines)).toEqual({ added: 2, changed: 4, known: 1, refused: 0 });
    const here = await findPlan(db, plan);
    expect(here?.ok && here.value.input.title).toBe('Newer here');
    expect((await readKitchen(db)).kinds.map((k) => k.id)).toEqual(['k2', 'k1']);
    expect((await listEntries(db)).entries).toMatchObject([{ id: braise, actualMin: 180, verdict }]);
    // The other way round the archive's plan is the newer.
    const later = await archive(db);
    const other = await opened();
    await addPlan(other, plan, OXTAIL_PLAN, NOON_MS);
    expect((await taken(other, later)).changed).toBe(5);
    const there = await findPlan(other, plan);
    expect(there?.ok && there.value.input.title).toBe('Newer here');
  });

  it('carries rows that cannot be read as they are, and refuses lines that make no sense, each alone', async () => {
    const { plan } = await lived();
    await db.plans.update({ input: '{"half' }, { where: { id: plan } });
    const lines = await archive(db);
    expect(lines.filter((l) => l.includes('"aside"'))).toHaveLength(1);
    const bad = [
      'not json',
      '{"surprise": 1}',
      JSON.stringify({ plan: { id: randomUUID(), version: 99, input: {}, updatedAtMs: 1 } }),
      JSON.stringify({
        braise: { id: randomUUID(), planId: null, version: PLAN_INPUT.version, input: { no: 1 }, createdAtMs: 1 },
      }),
      JSON.stringify({
        record: { id: randomUUID(), braise: randomUUID(), atMs: 1, version: 2, act: { kind: 'turned' }, aheadMs: 0 },
      }),
    ];
    const other = await opened();
    expect(await taken(other, [...lines, ...bad])).toEqual({ added: 2, changed: 4, known: 0, refused: 6 });
  });

  it('is told from anything else by its first line', async () => {
    const code = async (lines: readonly string[]) => {
      const result = await importArchive(db, each(lines));
      return result.ok ? 'ok' : result.says.code;
    };
    expect(await code([])).toBe('archive.notOurs');
    expect(await code(['{"format":"even-ember/plan","version":1}'])).toBe('archive.notOurs');
    expect(await code(['oxtail'])).toBe('archive.notOurs');
    expect(await code(['{"format":"even-ember/archive","version":2}'])).toBe('archive.newer');
    expect(await code(['{"format":"even-ember/archive","version":1}'])).toBe('ok');
  });

  it('is read in pieces however they are cut, and a line without end is not waited for', async () => {
    const collect = async (pieces: readonly string[]) => {
      const lines: string[] = [];
      for await (const line of linesOf(each(pieces))) lines.push(line);
      return lines;
    };
    expect(await collect(['on', 'e\ntw', 'o\n\n', 'three'])).toEqual(['one', 'two', 'three']);
    await expect(collect(Array.from({ length: 9 }, () => 'x'.repeat(1_000_000)))).rejects.toThrow(RangeError);
  });
});

describe('ten thousand braises and one of five thousand records', () => {
  it('fit, line by line', async () => {
    const input = JSON.stringify(OXTAIL_PLAN);
    const ids = Array.from({ length: 10_000 }, () => randomUUID());
    await db.braises.bulkCreate(
      ids.map((id) => ({
        id,
        origin: 'own' as const,
        planId: null,
        input,
        inputVersion: PLAN_INPUT.version,
        createdAtMs: NOON_MS,
      })),
    );
    const act = JSON.stringify({ kind: 'note', text: 'once more' });
    await db.events.bulkCreate(
      Array.from({ length: 5000 }, (_, position) => ({
        id: randomUUID(),
        cookId: ids[0] ?? '',
        position,
        atMs: NOON_MS + position,
        act,
        actVersion: 2,
      })),
    );
    const other = await opened();
    const text = async function* (): AsyncGenerator<string> {
      for await (const line of archiveLines(db, NOON_MS)) yield JSON.stringify(line);
    };
    const result = await importArchive(other, text());
    expect(result).toEqual({ ok: true, came: { added: 10_000, changed: 5000, known: 0, refused: 0 } });
    const long = await findBraise(other, ids[0] ?? '');
    expect(long?.ok && long.value.events).toHaveLength(5000);
  });
});
