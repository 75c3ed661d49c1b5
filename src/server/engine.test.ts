import { existsSync } from 'node:fs';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { appendEvent, startBraise } from './braises';
import { type Database, openDatabase } from './database';
import * as engine from './engine';
import { publish, type LiveUpdate, watch } from './live';
import { PLAN_AT_START, readPlanAtStart } from '../contract/stored/planAtStart';
import { type CookEvent } from '../core/cook';
import { PLAN_VERSION } from '../core/plan';
import { NOON_MS, OXTAIL_PLAN, heated } from '../testing/fixtures';

let folder: string;
let db: Database;
const cookId = randomUUID();

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'even-ember-engine-'));
  db = await openDatabase(folder);
  await startBraise(db, cookId, OXTAIL_PLAN, null, NOON_MS);
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

  it('that hangs at its work is replaced, and the work is done', async () => {
    await engine.closeEngine();
    const before = process.env.EVEN_EMBER_ENGINE;
    const [file, hung] = [join(folder, 'hangs.mjs'), join(folder, 'hung')];
    // The first worker given a job never answers.
    await writeFile(
      file,
      `import { existsSync, writeFileSync } from 'node:fs';
       export default () => {
         if (existsSync(${JSON.stringify(hung)})) return 'done';
         writeFileSync(${JSON.stringify(hung)}, '');
         for (;;);
       };`,
    );
    Object.assign(process.env, { EVEN_EMBER_ENGINE: file, EVEN_EMBER_HANGS_MS: '1500' });
    try {
      expect(await engine.work('a', 'trial', OXTAIL_PLAN)).toBe('done');
      expect(existsSync(hung)).toBe(true);
    } finally {
      await engine.closeEngine();
      process.env.EVEN_EMBER_ENGINE = before;
      delete process.env.EVEN_EMBER_HANGS_MS;
    }
  });

  it('has time for a job from when it is begun, however long it waited behind others', async () => {
    process.env.EVEN_EMBER_HANGS_MS = '4000';
    try {
      const jobs = Array.from({ length: 40 }, (_, i) =>
        engine.work('a', 'begunPlan', { ...OXTAIL_PLAN, eaters: 1 + (i % 9) }),
      );
      expect((await Promise.all(jobs)).every((j) => j.ok)).toBe(true);
    } finally {
      delete process.env.EVEN_EMBER_HANGS_MS;
    }
  });

  it('says what the job itself says', async () => {
    const cold = heated(OXTAIL_PLAN, { kind: 'oven', tempC: 20, fan: false });
    expect(await engine.work('b', 'begunPlan', cold)).toMatchObject({ ok: false, why: { code: 'fault.neverTender' } });
    const kept = await engine.work('b', 'begunPlan', OXTAIL_PLAN);
    expect(kept.ok && readPlanAtStart(kept.value, PLAN_AT_START.version, OXTAIL_PLAN).version).toBe(PLAN_VERSION);
  });
});

const eventsOf = (news: LiveUpdate | undefined): readonly CookEvent[] => (news?.name === 'view' ? news.events : []);

/** How many forecasts were computed. */
function counted(): () => number {
  const work = vi.spyOn(engine, 'work');
  return () => work.mock.calls.filter((call) => call[1] === 'liveText').length;
}

describe('open screens of one cook', () => {
  const told = (news: readonly LiveUpdate[], count: number) =>
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
    const count = counted();
    const screens: LiveUpdate[][] = Array.from({ length: 20 }, () => []);
    const stops = screens.map((news) => watch(db, cookId, (n) => news.push(n)));
    for (const news of screens) await told(news, 1);
    await rested();
    const opened = count();
    // Everything that arrived while the first was running is answered by one more.
    expect(opened).toBeLessThanOrEqual(2);
    const into = { id: randomUUID(), atMs: NOON_MS, act: { kind: 'intoPot' as const } };
    await appendEvent(db, cookId, into);
    const before = screens.map((news) => news.length);
    publish(db, cookId);
    for (const [i, news] of screens.entries()) await told(news, (before[i] ?? 0) + 1);
    expect(count()).toBe(opened + 1);
    const last = screens.map((news) => news.at(-1));
    expect(new Set(last).size).toBe(1);
    expect(eventsOf(last[0]).map((e) => e.act.kind)).toEqual(['intoPot']);
    for (const stop of stops) stop();
    publish(db, cookId);
    expect(count()).toBe(opened + 1);
  });

  it('hear of five quick changes at most twice, and last of the last', async () => {
    const count = counted();
    const news: LiveUpdate[] = [];
    const stop = watch(db, cookId, (n) => news.push(n));
    await told(news, 1);
    await rested();
    const opened = count();
    for (let i = 0; i < 5; i++) {
      const note = { id: randomUUID(), atMs: NOON_MS, act: { kind: 'note' as const, text: `note ${String(i)}` } };
      await appendEvent(db, cookId, note);
      publish(db, cookId);
    }
    await vi.waitFor(
      () => {
        expect(eventsOf(news.at(-1))).toHaveLength(5);
      },
      { timeout: 30_000 },
    );
    expect(count() - opened).toBeLessThanOrEqual(5);
    stop();
  });
});
