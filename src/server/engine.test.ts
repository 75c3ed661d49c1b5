import { mkdtemp, rm } from 'node:fs/promises';
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { appendEvent, startCook } from './cooks';
import { type Database, openDatabase } from './database';
import * as engine from './engine';
import { announce, type News, watch } from './live';
import { fromWire } from '../contract/wire';
import { type CookView } from '../core/cook';
import { NOON_MS, OXTAIL_PLAN } from '../testing/fixtures';

let folder: string;
let db: Database;
const cookId = randomUUID();

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'even-ember-engine-'));
  db = await openDatabase(folder);
  await startCook(db, cookId, OXTAIL_PLAN, null, NOON_MS);
});

afterEach(async () => {
  vi.restoreAllMocks();
  await db.close();
  await rm(folder, { recursive: true, force: true });
});

afterAll(engine.closeEngine);

const threads = () => (globalThis.evenEmberWorkers?.pools ?? []).flatMap((p) => p.threads);

describe('a worker', () => {
  it('that dies at its work is replaced, and the work is done', async () => {
    const first = await engine.work('a', 'trial', OXTAIL_PLAN);
    expect(first.ok).toBe(true);
    const again = engine.work('a', 'trial', OXTAIL_PLAN);
    for (const thread of threads()) void thread.terminate();
    expect(await again).toEqual(first);
    expect(await engine.work('a', 'trial', OXTAIL_PLAN)).toEqual(first);
  });

  it('says what the job itself says', async () => {
    const cold = { ...OXTAIL_PLAN, heat: { kind: 'oven', tempC: 20, fan: false } as const };
    expect(await engine.work('b', 'forecast', cold)).toMatchObject({ ok: false, why: { code: 'fault.neverTender' } });
    const kept = await engine.work('b', 'forecast', OXTAIL_PLAN);
    expect(kept.ok && kept.value.plannedP10Min < kept.value.plannedMin).toBe(true);
  });
});

describe('open screens of one cook', () => {
  const told = (news: readonly News[], count: number) =>
    vi.waitFor(
      () => {
        expect(news.length).toBeGreaterThanOrEqual(count);
      },
      { timeout: 30_000 },
    );

  const rested = () =>
    vi.waitFor(
      () => {
        expect(globalThis.evenEmberWatched?.get(cookId)?.working).toBe(false);
      },
      { timeout: 30_000 },
    );

  it('are told of a change by one computation, however many look', async () => {
    const work = vi.spyOn(engine, 'work');
    const screens: News[][] = Array.from({ length: 20 }, () => []);
    const stops = screens.map((news) => watch(db, cookId, (n) => news.push(n)));
    for (const news of screens) await told(news, 1);
    await rested();
    const opened = work.mock.calls.length;
    // All that came while the first was at work are answered by one more.
    expect(opened).toBeLessThanOrEqual(2);
    const into = { id: randomUUID(), atMs: NOON_MS, act: { kind: 'intoPot' as const } };
    await appendEvent(db, cookId, into, NOON_MS);
    const before = screens.map((news) => news.length);
    announce(db, cookId);
    for (const [i, news] of screens.entries()) await told(news, (before[i] ?? 0) + 1);
    expect(work.mock.calls.length).toBe(opened + 1);
    const last = screens.map((news) => news.at(-1));
    expect(new Set(last.map((n) => n?.data)).size).toBe(1);
    expect((fromWire(last[0]?.data ?? '') as CookView).events.map((e) => e.act.kind)).toEqual(['intoPot']);
    for (const stop of stops) stop();
    announce(db, cookId);
    expect(work.mock.calls.length).toBe(opened + 1);
  });

  it('hear of five quick changes at most twice, and last of the last', async () => {
    const work = vi.spyOn(engine, 'work');
    const news: News[] = [];
    const stop = watch(db, cookId, (n) => news.push(n));
    await told(news, 1);
    await rested();
    const opened = work.mock.calls.length;
    for (let i = 0; i < 5; i++) {
      const note = { id: randomUUID(), atMs: NOON_MS, act: { kind: 'note' as const, text: `note ${String(i)}` } };
      await appendEvent(db, cookId, note, NOON_MS);
      announce(db, cookId);
    }
    await vi.waitFor(
      () => {
        expect((fromWire(news.at(-1)?.data ?? '') as CookView).events).toHaveLength(5);
      },
      { timeout: 30_000 },
    );
    expect(work.mock.calls.length - opened).toBeLessThanOrEqual(5);
    stop();
  });
});
