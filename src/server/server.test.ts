import { randomUUID } from 'node:crypto';
import { mkdir, mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { afterAll, afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import {
  appendEvent,
  findBraise,
  finishedSince,
  importBraise,
  deleteBraise,
  startBraise,
  type StoredBraise,
  unfinishedBraises,
} from './braises';
import { type Database, openDatabase } from './database';
import { loadDemo, loadDemoIfEmpty } from './demo';
import { readBody, sameOrigin } from './http';
import { rawRow } from './quarantine';
import { changedKitchen, changeKitchen, kitchensAside, PLAIN_KITCHEN, readKitchen } from './kitchens';
import { MAX_KINDS } from '../contract/kitchen';
import { kindOf, type OwnKind } from '../core/styles';
import { MIGRATIONS } from './migrations';
import { addPlan, findPlan, listPlans, removePlan, savePlan, type StoredPlan } from './plans';
import { closeEngine } from './engine';
import { saveEntry, listEntries } from './entries';
import { fridgeBoxes, readShelf } from './shelf';
import { readView } from './views';
import { PLAN_INPUT } from '../contract/stored/planInput';
import { planInputSchema } from '../contract/plan';
import { type NewEvent } from '../contract/cook';
import { type PlanInput } from '../core/choices';
import { reduceEvents } from '../core/cook';
import { NOON_MS, OXTAIL_PLAN, heated } from '../testing/fixtures';
import { english } from '../testing/words';
import { say } from '../core/message';
import { HOUR_MS, MINUTE_MS } from '../core/quantity';

// The engine may run only in the server's workers: on its own thread every heat run is an error.
vi.mock('../core/heat', async (original) => ({
  ...(await original<object>()),
  runBraise: () => {
    throw new Error('The engine ran on the server’s own thread');
  },
}));

let folder: string;
let db: Database;

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'even-ember-test-'));
  db = await openDatabase(folder);
});

afterAll(closeEngine);

afterEach(async () => {
  await db.close();
  await rm(folder, { recursive: true, force: true });
});

const at = (minutes: number, act: NewEvent['act']): NewEvent => ({
  id: randomUUID(),
  atMs: NOON_MS + minutes * MINUTE_MS,
  act,
});
async function planAt(id: string): Promise<StoredPlan> {
  const found = await findPlan(db, id);
  if (!found?.ok) throw new Error('no such plan');
  return found.value;
}

async function cookAt(id: string): Promise<StoredBraise> {
  const found = await findBraise(db, id);
  if (!found?.ok) throw new Error('no such cook');
  return found.value;
}

async function added(input: PlanInput): Promise<string> {
  const id = randomUUID();
  expect(await addPlan(db, id, input, NOON_MS)).toBe(NOON_MS);
  return id;
}

async function started(input: PlanInput): Promise<string> {
  const id = randomUUID();
  expect(await startBraise(db, id, input, null, NOON_MS)).toBe(true);
  return id;
}
const [FIRST_ID, SECOND_ID, THIRD_ID] = [randomUUID(), randomUUID(), randomUUID()];
const LATER = NOON_MS + 10 * HOUR_MS;

describe('plans', () => {
  it('are kept, changed, listed and removed', async () => {
    const id = await added(OXTAIL_PLAN);
    await savePlan(db, id, { ...OXTAIL_PLAN, eaters: 6 }, NOON_MS + 1, NOON_MS);
    expect((await planAt(id)).input.eaters).toBe(6);
    expect((await listPlans(db, NOON_MS)).plans).toHaveLength(1);
    expect(await removePlan(db, id)).toBe(true);
    expect(await removePlan(db, id)).toBe(false);
  });

  it('are not changed over a change that was made elsewhere, unless that is meant', async () => {
    const id = await added(OXTAIL_PLAN);
    const change = (eaters: number, basedOnMs: number | null) =>
      savePlan(db, id, { ...OXTAIL_PLAN, eaters }, NOON_MS, basedOnMs);
    const first = await change(5, NOON_MS);
    expect(first).toEqual({ ok: true, updatedAtMs: NOON_MS + 1 });
    expect(await change(6, NOON_MS)).toEqual({ ok: false, why: 'changed' });
    expect((await planAt(id)).input.eaters).toBe(5);
    expect(await change(7, null)).toMatchObject({ ok: true });
    expect((await planAt(id)).input.eaters).toBe(7);
    const both = await Promise.all([change(8, NOON_MS + 2), change(9, NOON_MS + 2)]);
    expect(both.map((k) => k.ok)).toEqual([true, false]);
    await removePlan(db, id);
    expect(await change(3, null)).toEqual({ ok: false, why: 'gone' });
    expect(await listPlans(db, NOON_MS)).toEqual({ plans: [], aside: [], page: 1, pages: 1 });
  });

  it('sent twice under one id are one, and another under that id is none', async () => {
    const id = await added(OXTAIL_PLAN);
    expect(await addPlan(db, id, OXTAIL_PLAN, NOON_MS + 9)).toBe(NOON_MS);
    expect(await addPlan(db, id, { ...OXTAIL_PLAN, eaters: 9 }, NOON_MS + 9)).toBeUndefined();
    expect((await listPlans(db, NOON_MS)).plans).toHaveLength(1);
  });

  it('outlive the database being closed and opened again', async () => {
    const id = await added(OXTAIL_PLAN);
    await db.close();
    db = await openDatabase(folder);
    expect((await planAt(id)).input).toEqual(OXTAIL_PLAN);
    expect(await readdir(folder)).toContain('even-ember.sqlite');
  });
});

describe('rows from before rows said their version', () => {
  it('are read as what they were, through the migration, and new ones say it', async () => {
    await db.close();
    await rm(folder, { recursive: true, force: true });
    await mkdir(folder, { recursive: true });
    const old = new Sequelize({ dialect: 'sqlite', storage: join(folder, 'even-ember.sqlite'), logging: false });
    const umzug = new Umzug({
      migrations: MIGRATIONS,
      context: old.getQueryInterface(),
      storage: new SequelizeStorage({ sequelize: old }),
      logger: undefined,
    });
    await umzug.up({ to: '0001-first-tables' });
    const keptFile = async (
      name: string,
    ): Promise<{ input: object; events: { id: string; atMs: number; act: object }[] }> =>
      JSON.parse(await readFile(new URL(`../testing/stored/${name}.json`, import.meta.url), 'utf8')) as never;
    const put = (table: string, row: Record<string, unknown>) => old.getQueryInterface().bulkInsert(table, [row]);
    const [first, second, braise] = await Promise.all(['plan.v1', 'plan.v2', 'cook.v2'].map(keptFile));
    const plan = (id: string, input: object | undefined) =>
      put('plans', { id, origin: 'own', title: id, input: JSON.stringify(input), planVersion: 3, updatedAtMs: 1 });
    await plan(FIRST_ID, first?.input);
    await plan(SECOND_ID, second?.input);
    const kitchen = await keptFile('kitchen.v1');
    await put('kitchens', { id: 'kitchen', origin: 'own', equipment: JSON.stringify(kitchen), updatedAtMs: 1 });
    await put('cooks', { id: THIRD_ID, origin: 'own', input: JSON.stringify(braise?.input), createdAtMs: 1 });
    for (const [position, e] of (braise?.events ?? []).entries()) {
      await put('events', { id: e.id, cookId: THIRD_ID, position, atMs: e.atMs, act: JSON.stringify(e.act) });
    }
    await old.close();
    db = await openDatabase(folder);
    expect((await planAt(FIRST_ID)).input.base.items).toHaveLength(3);
    expect((await planAt(SECOND_ID)).input.day.fixed).toHaveLength(1);
    expect((await readKitchen(db)).burners[0]?.kind).toBe('gas');
    const cook = await cookAt(THIRD_ID);
    expect(cook.events.at(8)?.act).toEqual({ kind: 'fork', stage: 'twists' });
    expect((await db.events.findByPk(braise?.events[8]?.id))?.act).toContain('"turns"');
    await savePlan(db, FIRST_ID, OXTAIL_PLAN, NOON_MS, null);
    expect((await db.plans.findByPk(FIRST_ID))?.inputVersion).toBe(PLAN_INPUT.version);
  });
});

describe('a kitchen that two screens change at once', () => {
  it('loses neither, ten times of ten', async () => {
    const habits = { searDepth: 'light', onion: 'deep' } as const;
    for (let i = 0; i < 10; i++) {
      await db.kitchens.destroy({ where: {} });
      await Promise.all([
        changeKitchen(db, { habits: { searDepth: 'light' } }, NOON_MS),
        changeKitchen(db, { timeZone: 'Europe/Lisbon' }, NOON_MS),
        changeKitchen(db, { habits: { onion: 'deep' } }, NOON_MS),
      ]);
      expect(await readKitchen(db)).toMatchObject({ habits, timeZone: 'Europe/Lisbon' });
    }
    expect(changedKitchen(await readKitchen(db), { timeZone: null }).timeZone).toBeNull();
  });

  it('keeps kinds by their ids, a hundred at most, and forgets one by its id', async () => {
    const kind = (id: string, name = 'Harbour base'): OwnKind => ({ ...kindOf(OXTAIL_PLAN, id, name) });
    await changeKitchen(db, { keepKind: kind('a') }, NOON_MS);
    await changeKitchen(db, { keepKind: kind('b') }, NOON_MS);
    await changeKitchen(db, { keepKind: kind('a', 'Again') }, NOON_MS);
    expect((await readKitchen(db)).kinds.map((k) => [k.id, k.name])).toEqual([
      ['b', 'Harbour base'],
      ['a', 'Again'],
    ]);
    await changeKitchen(db, { dropKind: 'b' }, NOON_MS);
    expect((await readKitchen(db)).kinds.map((k) => k.id)).toEqual(['a']);
    for (let i = 1; i < MAX_KINDS; i++) await changeKitchen(db, { keepKind: kind(`k${String(i)}`) }, NOON_MS);
    expect(await changeKitchen(db, { keepKind: kind('one-more') }, NOON_MS)).toMatchObject({ ok: false });
    expect((await readKitchen(db)).kinds).toHaveLength(MAX_KINDS);
  });
});

describe('braises', () => {
  it('sent twice under one id are one, and another under that id is none', async () => {
    const id = await started(OXTAIL_PLAN);
    expect(await startBraise(db, id, OXTAIL_PLAN, null, LATER)).toBe(true);
    expect(await startBraise(db, id, { ...OXTAIL_PLAN, eaters: 9 }, null, LATER)).toBe(false);
    expect((await unfinishedBraises(db)).braises).toHaveLength(1);
  });

  it('take no record under an id that says something else already, here or in another', async () => {
    const [one, other] = [await started(OXTAIL_PLAN), await started(OXTAIL_PLAN)];
    const into = at(0, { kind: 'intoPot' });
    expect((await appendEvent(db, one, into)).ok).toBe(true);
    const elsewhere = await appendEvent(db, other, into);
    expect(elsewhere).toMatchObject({ ok: false, status: 409, says: say('refused.idElsewhere') });
    const otherwise = await appendEvent(db, one, { ...into, atMs: into.atMs + 1 });
    expect(otherwise).toMatchObject({ ok: false, status: 409, says: say('refused.idOtherwise') });
    expect((await cookAt(one)).events).toHaveLength(1);
  });

  it.each(['\u0000', '%00', '\uD800', 'A'.repeat(36), "' OR 1=1 --", ''])('are not asked for by %o', async (id) => {
    expect(await findBraise(db, id)).toBeUndefined();
    expect(await deleteBraise(db, id)).toBe(false);
    expect(await findPlan(db, id)).toBeUndefined();
    expect(await removePlan(db, id)).toBe(false);
    expect(await savePlan(db, id, OXTAIL_PLAN, NOON_MS, null)).toEqual({ ok: false, why: 'gone' });
    expect(await appendEvent(db, id, at(0, { kind: 'intoPot' }))).toMatchObject({ status: 404 });
  });

  it('append events once, and keep whatever is well-formed: what it means is for the fold to say', async () => {
    const id = await started(OXTAIL_PLAN);
    const into = at(0, { kind: 'intoPot' });
    for (let i = 0; i < 2; i++) expect((await appendEvent(db, id, into)).ok).toBe(true);
    expect((await cookAt(id)).events).toHaveLength(1);
    const rest = [at(5, { kind: 'intoPot' }), at(-5, { kind: 'turned' }), at(60 * 24, { kind: 'turned' })];
    for (const event of rest) expect((await appendEvent(db, id, event)).ok).toBe(true);
    const { input, events } = await cookAt(id);
    const state = reduceEvents(input, events);
    expect(state.events.map((e) => e.id)).toEqual([into.id, rest[2]?.id]);
    expect(state.rejected.map((p) => [p.event.id, p.why.code])).toEqual([
      [rest[1]?.id, 'refused.nothingInPot'],
      [rest[0]?.id, 'refused.inPotAlready'],
    ]);
    expect(await appendEvent(db, 'nowhere', into)).toMatchObject({ ok: false, status: 404 });
  });

  it('set a record of a device whose clock is wrong at its moment, and know it by what it said', async () => {
    const id = await started(OXTAIL_PLAN);
    await appendEvent(db, id, at(0, { kind: 'intoPot' }));
    const by = { device: randomUUID(), count: 7 };
    const fast = { ...at(66, { kind: 'fork', stage: 'holds' }), by, aheadMs: 6 * MINUTE_MS };
    expect((await appendEvent(db, id, fast)).ok).toBe(true);
    // Sent again by a page that has compared the clocks since.
    expect((await appendEvent(db, id, { ...fast, aheadMs: 6 * MINUTE_MS + 40 })).ok).toBe(true);
    expect((await cookAt(id)).events.at(-1)).toEqual({
      id: fast.id,
      cookId: id,
      atMs: NOON_MS + 60 * MINUTE_MS,
      act: fast.act,
      by,
    });
  });

  it('take fifty records at once without losing one', async () => {
    const id = await started(OXTAIL_PLAN);
    await appendEvent(db, id, at(0, { kind: 'intoPot' }));
    const notes = Array.from({ length: 50 }, (_, i) => at(i + 1, { kind: 'note', text: `note ${String(i)}` }));
    const results = await Promise.all(notes.map((n) => appendEvent(db, id, n)));
    expect(results.every((r) => r.ok)).toBe(true);
    expect((await cookAt(id)).events).toHaveLength(51);
  });

  it('come in from a file under new ids, as often as wanted', async () => {
    const turned = at(60, { kind: 'turned' });
    const events = [at(0, { kind: 'intoPot' }), turned, at(61, { kind: 'undo', eventId: turned.id })];
    const ids = [
      await importBraise(db, OXTAIL_PLAN, events, NOON_MS),
      await importBraise(db, OXTAIL_PLAN, events, NOON_MS),
    ];
    for (const id of ids) {
      const cook = await cookAt(id);
      expect(reduceEvents(cook.input, cook.events).turned).toBe(false);
    }
  });

  it('show the same forecast after an undo as before the record', async () => {
    const id = await started(OXTAIL_PLAN);
    await appendEvent(db, id, at(0, { kind: 'intoPot' }));
    const view = async () => {
      const shown = await readView(db, await cookAt(id), NOON_MS + 160 * MINUTE_MS);
      if (!shown.ok) throw new Error('not shown');
      return shown.value.live.forecast;
    };
    const before = await view();
    const fork = at(150, { kind: 'fork', stage: 'holds' });
    await appendEvent(db, id, fork);
    expect(await view()).not.toEqual(before);
    await appendEvent(db, id, at(151, { kind: 'undo', eventId: fork.id }));
    expect(await view()).toEqual(before);
  });
});

describe('what is kept in fridge and freezer', () => {
  const off = [at(0, { kind: 'intoPot' }), at(190, { kind: 'offHeat' }), at(220, { kind: 'served' })];

  it('is found, those to be eaten first before the others, until the last of it is gone', async () => {
    const [first, second, none] = [await started(OXTAIL_PLAN), await started(OXTAIL_PLAN), await started(OXTAIL_PLAN)];
    const boxes = (min: number) => at(min, { kind: 'stored', boxes: 2, grams: 400, place: 'fridge' });
    for (const id of [first, second, none]) {
      for (const event of off) await appendEvent(db, id, { ...event, id: randomUUID() });
    }
    const stored = boxes(300);
    await appendEvent(db, first, stored);
    await appendEvent(db, second, at(310, { kind: 'stored', boxes: 1, grams: 300, place: 'freezer' }));
    const nowMs = NOON_MS + 400 * MINUTE_MS;
    const shelf = await readShelf(db, nowMs);
    expect(shelf.map((k) => k.id)).toEqual([first, second]);
    expect(shelf[0]).toMatchObject({ title: OXTAIL_PLAN.title, lots: [{ fridge: 2, grams: 400 }] });
    expect(shelf[0]?.known).toContain(stored.id);
    const { id, title, lots, known } = shelf[0] ?? {};
    expect(await fridgeBoxes(db, nowMs)).toEqual([{ id, title, lots, known }]);
    expect(shelf[0]?.warmed).toMatchObject([{ grams: 400, toC: 74 }]);
    await appendEvent(db, first, at(500, { kind: 'box', lot: stored.id, count: 2, fate: 'eaten' }));
    expect(await fridgeBoxes(db, NOON_MS + 505 * MINUTE_MS)).toEqual([]);
    // For a while it can still be undone; then it is gone.
    expect((await readShelf(db, NOON_MS + 505 * MINUTE_MS)).map((k) => k.id)).toContain(first);
    expect((await readShelf(db, NOON_MS + 600 * MINUTE_MS)).map((k) => k.id)).toEqual([second]);
  });

  it('and what is left of a meal is still warm for twelve hours after it was finished', async () => {
    const id = await started(OXTAIL_PLAN);
    for (const event of off) await appendEvent(db, id, { ...event, id: randomUUID() });
    const verdict = { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: '' };
    await appendEvent(db, id, at(240, { kind: 'finished', verdict }));
    await saveEntry(db, await cookAt(id), 'then');
    const since = (min: number) => finishedSince(db, NOON_MS + min * MINUTE_MS);
    expect((await since(230)).map((c) => c.id)).toEqual([id]);
    expect(await since(250)).toEqual([]);
  });
});

describe('a row that cannot be read', () => {
  const BAD: readonly [string, (input: string) => { input: string; inputVersion?: number }, string][] = [
    [
      'of a cut that is called something else by now',
      (t) => ({ input: t.replaceAll('beef_oxtail', 'nope') }),
      'fault.unknown',
    ],
    ['with more in it than is known', (t) => ({ input: t.replace('{', '{"admin":true,') }), 'aside.shape'],
    ['cut off', (t) => ({ input: t.slice(0, 90) }), 'aside.notJson'],
    ['of a version from later on', (t) => ({ input: t, inputVersion: 99 }), 'aside.newer'],
  ];

  it.each(BAD)('%s stays alone', async (_, spoil, code) => {
    const [good, bad] = [await added(OXTAIL_PLAN), await added(OXTAIL_PLAN)];
    const [kept, lost] = [await started(OXTAIL_PLAN), await started(OXTAIL_PLAN)];
    const text = JSON.stringify(OXTAIL_PLAN);
    await db.plans.update(spoil(text), { where: { id: bad } });
    await db.braises.update(spoil(text), { where: { id: lost } });
    const plans = await listPlans(db, NOON_MS);
    expect(plans.plans.map((p) => p.id)).toEqual([good]);
    expect(plans.aside).toMatchObject([{ table: 'plans', id: bad, title: OXTAIL_PLAN.title, why: { code } }]);
    expect(english(plans.aside[0]?.why).length).toBeGreaterThan(8);
    const braises = await unfinishedBraises(db);
    expect(braises.braises.map((c) => c.id)).toEqual([kept]);
    expect(braises.aside).toMatchObject([{ table: 'braises', id: lost, why: { code } }]);
    expect(await findPlan(db, bad)).toMatchObject({ ok: false, aside: { why: { code } } });
    expect(await findBraise(db, lost)).toMatchObject({ ok: false, aside: { why: { code } } });
    expect(await appendEvent(db, lost, at(0, { kind: 'intoPot' }))).toMatchObject({ ok: false, status: 503 });
    expect(await rawRow(db, 'plans', bad)).toMatchObject({ id: bad, ...spoil(text) });
    // Overwritten only when that is intended.
    expect((await savePlan(db, bad, OXTAIL_PLAN, NOON_MS + 1, null)).ok).toBe(true);
    expect((await listPlans(db, NOON_MS)).aside).toEqual([]);
  });

  it('is a record: the braise goes on without it, and the next one has a place of its own', async () => {
    const id = await started(OXTAIL_PLAN);
    const events = [at(0, { kind: 'intoPot' }), at(60, { kind: 'turned' }), at(70, { kind: 'note', text: 'hm' })];
    for (const e of events) await appendEvent(db, id, e);
    await db.events.update({ act: '{"kind":"blessed"}' }, { where: { id: events[1]?.id } });
    const cook = await cookAt(id);
    expect(cook.events.map((e) => e.act.kind)).toEqual(['intoPot', 'note']);
    expect(cook.aside).toMatchObject([{ table: 'events', id: events[1]?.id }]);
    expect((await appendEvent(db, id, at(80, { kind: 'turned' }))).ok).toBe(true);
    expect((await cookAt(id)).events.map((e) => e.act.kind)).toEqual(['intoPot', 'note', 'turned']);
  });

  it('is the kitchen: a plain one stands in, and a change moves the old one aside and loses nothing of it', async () => {
    await changeKitchen(db, { timeZone: 'Europe/Lisbon' }, NOON_MS);
    await db.kitchens.update({ equipment: '{"name":1}' }, { where: {} });
    expect(await readKitchen(db)).toEqual(PLAIN_KITCHEN);
    expect(await kitchensAside(db)).toMatchObject([{ table: 'kitchens', id: 'kitchen' }]);
    await changeKitchen(db, { habits: { onion: 'deep' } }, NOON_MS + 5);
    expect((await readKitchen(db)).habits).toEqual({ onion: 'deep' });
    const [aside] = await kitchensAside(db);
    expect(await rawRow(db, 'kitchens', aside?.id ?? '')).toMatchObject({ equipment: '{"name":1}' });
    expect(await rawRow(db, 'kitchens', 'none')).toBeUndefined();
  });

  it('is one whose braise cannot be planned any more', async () => {
    const cold: PlanInput = heated(OXTAIL_PLAN, { kind: 'oven', tempC: 20, fan: false });
    expect(await readView(db, await cookAt(await started(cold)), LATER)).toMatchObject({
      ok: false,
      aside: { table: 'braises' },
    });
  });
});

describe('the demo kitchen', () => {
  it('gives a stranger a plan, a braise on the fire and six in the log', async () => {
    await loadDemoIfEmpty(db);
    expect((await unfinishedBraises(db)).braises.map((c) => reduceEvents(c.input, c.events).phase)).toEqual([
      'braising',
    ]);
    expect(await db.braises.count()).toBe(7);
    const { entries, waiting } = await listEntries(db);
    expect(entries.map((e) => e.workedOut)).toEqual(Array.from({ length: 6 }, () => 'then'));
    expect(waiting).toBe(0);
    expect((await listPlans(db, NOON_MS)).plans).toHaveLength(1);
    const kitchen = await readKitchen(db);
    expect([kitchen.pots.length, kitchen.pans.length, kitchen.ovens.length, kitchen.burners.length]).toEqual([
      3, 3, 1, 2,
    ]);
  });

  it('is replaced when loaded again, and never touches what the cook has made or written to', async () => {
    await loadDemo(db, NOON_MS);
    const own = await added({ ...OXTAIL_PLAN, title: 'Mine' });
    const [live] = (await unfinishedBraises(db)).braises;
    if (!live) throw new Error('no live cook');
    await appendEvent(db, live.id, { id: randomUUID(), atMs: NOON_MS, act: { kind: 'note', text: 'mine now' } });
    await loadDemo(db, NOON_MS + 1000);
    expect((await planAt(own)).input.title).toBe('Mine');
    expect(await findBraise(db, live.id)).toBeDefined();
    expect(await db.braises.count()).toBe(8);
    expect(await deleteBraise(db, live.id)).toBe(true);
    expect(await db.braises.count()).toBe(7);
  });
});

describe('writes over HTTP', () => {
  const post = (headers: Record<string, string>, body: string): Request =>
    new Request('http://127.0.0.1:4870/api/plans', {
      method: 'POST',
      headers: { host: '127.0.0.1:4870', ...headers },
      body,
    });

  it('come only from our own pages', () => {
    expect(sameOrigin(post({ origin: 'http://127.0.0.1:4870' }, ''))).toBe(true);
    expect(sameOrigin(post({ origin: 'http://evil.example' }, ''))).toBe(false);
    expect(sameOrigin(post({}, ''))).toBe(false);
    expect(sameOrigin(post({ origin: 'null' }, ''))).toBe(false);
  });

  it('are limited in size and read as described', async () => {
    const origin = { origin: 'http://127.0.0.1:4870' };
    const status = async (body: string): Promise<number> => {
      const read = await readBody(post(origin, body), planInputSchema);
      return read.ok ? 200 : read.response.status;
    };
    expect(await status(JSON.stringify(OXTAIL_PLAN))).toBe(200);
    expect(await status('x'.repeat(1_000_001))).toBe(413);
    expect(await status('{')).toBe(400);
    expect(await status('{}')).toBe(400);
  });
});
