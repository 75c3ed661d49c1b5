import { randomUUID } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import {
  appendEvent,
  findBraise,
  importBraise,
  deleteBraise,
  startBraise,
  type StoredBraise,
  unfinishedBraises,
} from './braises';
import { type Database, openDatabase } from './database';
import { savePlanAtStart } from './planAtStart';
import * as engine from './engine';
import { saveEntry, listEntries, backfillEntries } from './entries';
import { comingPlans, listPlans } from './plans';
import { readView } from './views';
import { type NewEvent } from '../contract/cook';
import { LOG_SNAPSHOT } from '../contract/stored/logSnapshot';
import { PLAN_AT_START, planAtStartText, readPlanAtStart } from '../contract/stored/planAtStart';
import { PLAN_INPUT } from '../contract/stored/planInput';
import { type LogSnapshot, isLate } from '../core/cook';
import { PLAN_VERSION } from '../core/plan';
import { NOON_MS, OXTAIL_PLAN, heated } from '../testing/fixtures';
import { DAY_MS, MINUTE_MS } from '../core/quantity';

let folder: string;
let db: Database;

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'even-ember-entries-'));
  db = await openDatabase(folder);
});

afterEach(async () => {
  vi.restoreAllMocks();
  await db.close();
  await rm(folder, { recursive: true, force: true });
});

afterAll(engine.closeEngine);

const at = (minutes: number, act: NewEvent['act']): NewEvent => ({
  id: randomUUID(),
  atMs: NOON_MS + minutes * MINUTE_MS,
  act,
});
const verdict = { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: '' };
const story = (): NewEvent[] => [
  at(0, { kind: 'intoPot' }),
  at(180, { kind: 'fork', stage: 'gives' }),
  at(200, { kind: 'fork', stage: 'twists' }),
  at(205, { kind: 'offHeat' }),
  at(240, { kind: 'finished', verdict }),
];

async function cookAt(id: string): Promise<StoredBraise> {
  const found = await findBraise(db, id);
  if (!found?.ok) throw new Error('no such cook');
  return found.value;
}

/** What is saved about a braise for its log. */
async function account(id: string): Promise<LogSnapshot> {
  const kept = await saveEntry(db, await cookAt(id), 'then');
  if (!kept.ok || !kept.value) throw new Error('nothing is kept');
  return kept.value.account;
}

async function begun(): Promise<string> {
  const id = randomUUID();
  await startBraise(db, id, OXTAIL_PLAN, null, NOON_MS);
  return id;
}

describe('what is forecast of a braise', () => {
  it('is kept when the meat goes in, once, and no model after it has a say', async () => {
    const id = await begun();
    expect(await saveEntry(db, await cookAt(id), 'then')).toEqual({ ok: true, value: undefined });
    expect(await db.entries.count()).toBe(0);
    const events = story();
    await appendEvent(db, id, events[0] as NewEvent);
    await saveEntry(db, await cookAt(id), 'then');
    const kept = await db.entries.findByPk(id);
    expect(kept).toMatchObject({ model: PLAN_VERSION, workedOut: 'then', finishedMs: null, title: OXTAIL_PLAN.title });
    // A later model would give other results: what was saved stays.
    await db.entries.update(
      { plannedMin: 111, plannedP10Min: 100, plannedP90Min: 250, model: 1 },
      { where: { cookId: id } },
    );
    for (const event of events.slice(1)) {
      await appendEvent(db, id, event);
      await saveEntry(db, await cookAt(id), 'then');
    }
    const { entries, inside, all } = await listEntries(db);
    expect(entries).toMatchObject([{ id, plannedMin: 111, actualMin: 200, finishedMs: events[4]?.atMs, verdict }]);
    expect([inside, all]).toEqual([1, 1]);
    expect((await unfinishedBraises(db)).braises).toEqual([]);
  });

  it('is kept with what every record taught, and neither is worked out again', async () => {
    const id = await begun();
    const events = story();
    for (const event of events.slice(0, 2)) await appendEvent(db, id, event);
    const first = await account(id);
    expect(first.lessons.map((l) => l.eventId)).toEqual([events[1]?.id]);
    expect(first.lessons[0]?.readyMin.p50).toBeGreaterThan(180);
    expect(JSON.stringify(first).length).toBeLessThan(9000);
    // As an earlier model would have left it.
    expect(isLate(first)).toBe(false);
    const told = { ...first.lessons[0], model: 1, shiftMin: 77 };
    const earlier = { ...first, planned: { ...first.planned, model: 1, figures: [] }, lessons: [told] };
    await db.entries.update({ account: JSON.stringify(earlier) }, { where: { cookId: id } });
    for (const event of events.slice(2)) await appendEvent(db, id, event);
    const last = await account(id);
    expect(last.lessons.map((l) => [l.eventId, l.model])).toEqual([
      [events[1]?.id, 1],
      [events[2]?.id, PLAN_VERSION],
    ]);
    expect([last.lessons[0]?.shiftMin, last.planned.model, last.planned.figures]).toEqual([77, 1, []]);
    const work = vi.spyOn(engine, 'work');
    expect(await account(id)).toEqual(last);
    expect(work).not.toHaveBeenCalled();
    // Undone, and replaced by another: what depended on it is computed again.
    await appendEvent(db, id, at(241, { kind: 'undo', eventId: events[1]?.id ?? '' }));
    expect((await account(id)).lessons.map((l) => [l.eventId, l.model])).toEqual([[events[2]?.id, PLAN_VERSION]]);
  });

  it('is worked out again, not shown, where its account cannot be read', async () => {
    const id = await begun();
    for (const event of story()) await appendEvent(db, id, event);
    const good = await account(id);
    await db.entries.update({ account: '{"half' }, { where: { cookId: id } });
    expect(await account(id)).toEqual(good);
    await db.entries.update({ accountVersion: LOG_SNAPSHOT.version + 1 }, { where: { cookId: id } });
    expect(await account(id)).toEqual(good);
  });

  it('comes of the plan the braise was begun with, which goes a month after it is finished', async () => {
    const id = await begun();
    await savePlanAtStart(db, { id, input: OXTAIL_PLAN });
    const row = await db.begun.findByPk(id);
    const plan = readPlanAtStart(row?.plan ?? '', PLAN_AT_START.version, OXTAIL_PLAN);
    // As an earlier version would have planned it.
    const earlier = { ...plan, version: 1, day: { ...plan.day, offHeatByMs: plan.day.offHeatByMs + MINUTE_MS } };
    await db.begun.update({ plan: planAtStartText(earlier) }, { where: { cookId: id } });
    await savePlanAtStart(db, { id, input: OXTAIL_PLAN });
    expect(await db.begun.count()).toBe(1);
    const view = await readView(db, await cookAt(id), NOON_MS);
    expect(view.ok && view.value.plan).toEqual(earlier);
    await db.begun.update({ plan: '{"half' }, { where: { cookId: id } });
    const anew = await readView(db, await cookAt(id), NOON_MS + MINUTE_MS);
    expect(anew.ok && anew.value.plan.version).toBe(PLAN_VERSION);
    await db.begun.update({ plan: planAtStartText(earlier) }, { where: { cookId: id } });
    const events = story();
    for (const event of events.slice(0, 3)) await appendEvent(db, id, event);
    expect((await account(id)).planned).toMatchObject({ model: 1, day: { offHeatByMs: earlier.day.offHeatByMs } });
    expect(await db.begun.count()).toBe(1);
    for (const event of events.slice(3)) await appendEvent(db, id, event);
    expect((await account(id)).planned.model).toBe(1);
    // Its finish can be undone for a month.
    expect(await db.begun.count()).toBe(1);
    await db.entries.update({ finishedMs: Date.now() - 29 * DAY_MS }, { where: { cookId: id } });
    await backfillEntries(db);
    expect(await db.begun.count()).toBe(1);
    await db.entries.update({ finishedMs: Date.now() - 31 * DAY_MS }, { where: { cookId: id } });
    await backfillEntries(db);
    expect(await db.begun.count()).toBe(0);
  });

  it('goes back to the stove when the verdict is taken back, and goes with the braise', async () => {
    const id = await begun();
    const events = story();
    for (const event of events) await appendEvent(db, id, event);
    expect((await saveEntry(db, await cookAt(id), 'then')).ok).toBe(true);
    await appendEvent(db, id, at(241, { kind: 'undo', eventId: events[4]?.id ?? '' }));
    expect((await listEntries(db)).all).toBe(0);
    expect((await unfinishedBraises(db)).braises.map((c) => c.id)).toEqual([id]);
    await deleteBraise(db, id);
    expect(await db.entries.count()).toBe(0);
  });

  it('is worked out once for braises from before, and marked so; one that cannot be is left out', async () => {
    const old = await importBraise(db, OXTAIL_PLAN, story(), NOON_MS);
    const cold = await importBraise(db, heated(OXTAIL_PLAN, { kind: 'oven', tempC: 20, fan: false }), story(), NOON_MS);
    await backfillEntries(db);
    const page = await listEntries(db);
    expect(page.entries.map((e) => [e.id, e.workedOut])).toEqual([[old, 'later']]);
    expect(page).toMatchObject({ waiting: 0, aside: [{ table: 'braises', id: cold }] });
    const worked = await account(old);
    expect([worked.lessons.length, isLate(worked)]).toEqual([2, true]);
    const { lessons } = worked;
    // A forecast from before snapshots were saved gets one, and stays.
    await db.entries.update({ account: null, plannedMin: 99 }, { where: { cookId: old } });
    await backfillEntries(db);
    expect((await account(old)).lessons).toEqual(lessons);
    expect((await listEntries(db)).entries[0]?.plannedMin).toBe(99);
    expect((await unfinishedBraises(db)).braises).toEqual([]);
    expect(await db.entries.findByPk(old)).toMatchObject({ workedOut: 'later' });
    expect(await db.entries.findByPk(cold)).toBeNull();
    const work = vi.spyOn(engine, 'work');
    await backfillEntries(db);
    expect(new Set(work.mock.calls.map((c) => c[0]))).toEqual(new Set([cold]));
  });
});

describe('the log', () => {
  it('says how many are still to come, and that nothing is finished for as long only of those', async () => {
    const old = await importBraise(db, OXTAIL_PLAN, story(), NOON_MS);
    const working = backfillEntries(db);
    expect(await listEntries(db)).toMatchObject({ entries: [], all: 0, waiting: 1, aside: [] });
    await working;
    expect(await listEntries(db)).toMatchObject({ entries: [{ id: old }], all: 1, waiting: 0, aside: [] });
  });

  it('shows a line that cannot be read, and a finished braise that cannot, as such', async () => {
    const ids = [];
    for (let i = 0; i < 4; i++) ids.push(await importBraise(db, OXTAIL_PLAN, story(), NOON_MS));
    const [verdictOf, cutOf, inputOf, good] = ids as [string, string, string, string];
    await db.braises.update({ input: '{"half' }, { where: { id: inputOf } });
    await backfillEntries(db);
    await db.entries.update({ verdict: '{"tenderness":9}' }, { where: { cookId: verdictOf } });
    await db.entries.update({ cutId: 'renamed' }, { where: { cookId: cutOf } });
    const { entries, aside } = await listEntries(db);
    expect(entries.map((e) => e.id)).toEqual([good]);
    expect(aside.map((a) => [a.table, a.id, a.why.code]).sort()).toEqual(
      [
        ['entries', verdictOf, 'aside.shape'],
        ['entries', cutOf, 'fault.unknown'],
        ['braises', inputOf, 'aside.notJson'],
      ].sort(),
    );
  });

  it('gives its last page where one is asked for that there is not', async () => {
    expect(await listEntries(db, 99)).toMatchObject({ page: 1, pages: 1 });
    expect(await listPlans(db, NOON_MS, 99)).toMatchObject({ page: 1, pages: 1 });
  });
});

describe('ten thousand', () => {
  it('are read a page at a time, and nothing is worked out for it', async () => {
    const work = vi.spyOn(engine, 'work');
    const input = JSON.stringify(OXTAIL_PLAN);
    const ids = Array.from({ length: 10_000 }, () => randomUUID());
    await db.braises.bulkCreate(
      ids.map((id, i) => ({
        id,
        origin: 'own' as const,
        planId: null,
        input,
        inputVersion: PLAN_INPUT.version,
        createdAtMs: i,
      })),
    );
    await db.entries.bulkCreate(
      ids.map((cookId, i) => ({
        cookId,
        title: `Braise ${String(i)}`,
        cutId: 'beef_oxtail',
        massKg: 2,
        plannedMin: 200,
        plannedP10Min: 180,
        plannedP90Min: 230,
        model: 1,
        workedOut: 'later' as const,
        finishedMs: NOON_MS + i,
        actualMin: i % 10 === 0 ? 300 : 200,
        verdict: JSON.stringify(verdict),
      })),
    );
    const [first, last] = [await listEntries(db), await listEntries(db, 200)];
    expect(first).toMatchObject({ all: 10_000, inside: 9000, pages: 200 });
    expect([first.entries[0]?.title, first.entries.length]).toEqual(['Braise 9999', 50]);
    expect(last.entries.at(-1)?.title).toBe('Braise 0');
    expect((await unfinishedBraises(db)).braises).toEqual([]);
    await db.plans.bulkCreate(
      ids.map((id, i) => ({
        id,
        origin: 'own' as const,
        title: `Plan ${String(i)}`,
        input,
        inputVersion: PLAN_INPUT.version,
        serveAtMs: NOON_MS + (i - 9990) * 1000,
        updatedAtMs: 1,
      })),
    );
    // As they all were before forecasts were saved.
    await db.entries.destroy({ where: {} });
    await db.events.bulkCreate(
      ids.map((cookId) => ({
        id: randomUUID(),
        cookId,
        position: 0,
        atMs: NOON_MS,
        act: JSON.stringify({ kind: 'finished', verdict }),
        actVersion: 1,
      })),
    );
    const read = vi.spyOn(JSON, 'parse');
    expect((await unfinishedBraises(db)).braises).toEqual([]);
    const plans = await listPlans(db, NOON_MS);
    expect(plans.plans.map((p) => p.id).slice(0, 11)).toEqual([...ids.slice(9990), ids[9989]]);
    expect(plans).toMatchObject({ pages: 200 });
    expect((await comingPlans(db, NOON_MS, 4)).plans.map((p) => p.id)).toEqual(ids.slice(9991, 9995));
    expect(read.mock.calls.length).toBeLessThan(100);
    expect(work).not.toHaveBeenCalled();
  });
});
