import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { type AppServer, post, startApp } from '../e2e/server';
import { weather } from '../e2e/storm';
import { LOG_SNAPSHOT } from '../src/contract/stored/logSnapshot';
import { ACT } from '../src/contract/stored/act';
import { PLAN_INPUT } from '../src/contract/stored/planInput';
import { type CookEvent, reduceEvents, recordsMark } from '../src/core/cook';
import { savedSnapshot } from '../src/engine/savedSnapshot';
import { openDatabase } from '../src/server/database';
import { OXTAIL_PLAN } from '../src/testing/fixtures';
import { HOUR_MS, MINUTE_MS } from '../src/core/quantity';

/**
 * What takes too long for ./check: ten thousand entries, a thousand of them opened, a braise of four hundred records,
 * ten live braises on two screens each, thousands of malformed requests and two hundred kills. Prints seconds,
 * megabytes and counts; asserts nothing.
 */
const BRAISES = 10;
const SCREENS = 2;
const ENTRIES = 10_000;
const RECORDS = 6;
const EVERY_MS = 10_000;
const OPENED = 1000;
const LONG_RECORDS = 400;
const ODD_REQUESTS = 30_000;
const KILLS = 200;
const STREAMS = 20;

const quantile = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? Number.NaN;
const ms = (values: readonly number[]): string =>
  `p50 ${quantile(values, 0.5).toFixed(0)} ms, p95 ${quantile(values, 0.95).toFixed(0)} ms, p99 ${quantile(values, 0.99).toFixed(0)} ms (${String(values.length)})`;
const say = (what: string, figure: string): void => {
  process.stdout.write(`${what.padEnd(52)} ${figure}\n`);
};
const wait = (forMs: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, forMs));

async function timed<T>(into: number[], work: () => Promise<T>): Promise<T> {
  const began = performance.now();
  const result = await work();
  into.push(performance.now() - began);
  return result;
}

const residentMb = (app: AppServer): string => {
  const kb = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${String(app.pid())}/status`, 'utf8'))?.[1];
  return `${(Number(kb) / 1024).toFixed(0)} MB`;
};

/** Ten thousand finished braises and plans with everything stored about them. */
async function fillLog(folder: string): Promise<readonly string[]> {
  const db = await openDatabase(folder);
  const input = JSON.stringify(OXTAIL_PLAN);
  const verdict = { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: '' };
  const ids = Array.from({ length: ENTRIES }, () => randomUUID());
  const first = { id: ids[0] ?? '', planId: null, input: OXTAIL_PLAN, ...storyAt(0), begun: null };
  const { forecast, account } = savedSnapshot(first, undefined, 'then');
  for (let from = 0; from < ENTRIES; from += 500) {
    const some = ids.slice(from, from + 500).map((id, i) => ({ id, story: storyAt(from + i) }));
    await db.braises.bulkCreate(
      some.map(({ id, story }) => ({
        id,
        origin: 'own' as const,
        planId: null,
        input,
        inputVersion: PLAN_INPUT.version,
        createdAtMs: story.createdAtMs,
      })),
    );
    await db.events.bulkCreate(
      some.flatMap(({ id, story }) =>
        story.events.map((event, position) => ({
          id: event.id,
          cookId: id,
          position,
          atMs: event.atMs,
          act: JSON.stringify(event.act),
          actVersion: ACT.version,
        })),
      ),
    );
    await db.entries.bulkCreate(
      some.map(({ id, story }, i) => {
        const mine = { ...account, after: recordsMark(reduceEvents(OXTAIL_PLAN, story.events)) };
        return {
          cookId: id,
          title: `Braise ${String(from + i)}`,
          cutId: OXTAIL_PLAN.meat.cutId,
          massKg: OXTAIL_PLAN.meat.massKg,
          ...forecast,
          workedOut: 'then' as const,
          finishedMs: story.events.at(-1)?.atMs ?? 0,
          actualMin: 180,
          verdict: JSON.stringify(verdict),
          account: JSON.stringify(mine),
          accountVersion: LOG_SNAPSHOT.version,
        };
      }),
    );
    await db.plans.bulkCreate(
      some.map(({ story }, i) => ({
        id: randomUUID(),
        origin: 'own' as const,
        title: `Plan ${String(from + i)}`,
        input,
        inputVersion: PLAN_INPUT.version,
        serveAtMs: story.createdAtMs,
        updatedAtMs: 1,
      })),
    );
  }
  await db.close();
  return ids;
}

/** The events of a braise this many days ago. */
function storyAt(daysAgo: number): { readonly createdAtMs: number; readonly events: readonly CookEvent[] } {
  const at = Date.now() - (daysAgo + 1) * 24 * HOUR_MS;
  const verdict = { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: '' };
  const acts: readonly (readonly [number, CookEvent['act']])[] = [
    [at - 5 * HOUR_MS, { kind: 'intoPot' }],
    [at - 2 * HOUR_MS, { kind: 'fork', stage: 'twists' }],
    [at - HOUR_MS, { kind: 'offHeat' }],
    [at, { kind: 'finished', verdict }],
  ];
  const events = acts.map(([atMs, act]) => ({ id: randomUUID(), cookId: '', atMs, act }));
  return { createdAtMs: at - 8 * HOUR_MS, events };
}

/** A screen's stream: calls `onView` with the text of every view. */
async function listen(app: AppServer, id: string, signal: AbortSignal, onView: (text: string) => void): Promise<void> {
  const response = await fetch(`${app.url}/api/stream?cook=${id}`, { signal });
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  for (;;) {
    const read = await reader?.read().catch(() => undefined);
    if (!read || read.done) return;
    text += read.value;
    for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
      if (text.startsWith('event: view')) onView(text.slice(0, end));
      text = text.slice(end + 2);
    }
  }
}

/** A braise whose meat went in `hours` ago. */
async function underWay(app: AppServer, title: string, hours: number): Promise<string> {
  const id = randomUUID();
  const input = { ...OXTAIL_PLAN, title, serveAtMs: Date.now() + 30 * HOUR_MS };
  await post(app, '/api/braises', { id, input, planId: null });
  await record(app, id, Date.now() - hours * HOUR_MS, { kind: 'intoPot' });
  return id;
}

function record(app: AppServer, id: string, atMs: number, act: object): Promise<Response> {
  return post(app, `/api/braises/${id}/events`, { id: randomUUID(), atMs, act, actVersion: ACT.version });
}

/**
 * How much memory the server holds: after a thousand opened entries, then after a braise of fourteen hours with four
 * hundred records.
 */
async function memory(app: AppServer, ids: readonly string[]): Promise<void> {
  const opened: number[] = [];
  for (const id of ids.slice(0, OPENED)) {
    await timed(opened, async () => (await fetch(`${app.url}/log/${id}`)).text());
  }
  say(`an entry opened, ${String(OPENED)} of them`, ms(opened));
  say('resident after them', residentMb(app));
  const id = await underWay(app, 'Four hundred records', 14);
  const leaving = new AbortController();
  const followedAfter: number[] = [];
  let views = 0;
  void listen(app, id, leaving.signal, () => views++);
  await wait(5000);
  for (let i = 0; i < LONG_RECORDS; i++) {
    const atMs = Date.now() - 14 * HOUR_MS + (i + 1) * 2 * MINUTE_MS;
    const act =
      i % 4 === 0
        ? { kind: 'fork', stage: 'holds' }
        : i % 4 === 1
          ? { kind: 'turned' }
          : { kind: 'note', text: String(i) };
    const before = views;
    await timed(followedAfter, async () => {
      await record(app, id, atMs, act);
      // At a person's pace: the next record once the last is on screen.
      for (let waited = 0; act.kind !== 'note' && views === before && waited < 400; waited++) await wait(25);
    });
    if (i % 100 === 99) say(`resident after ${String(i + 1)} records of one braise`, residentMb(app));
  }
  leaving.abort();
  say('record of it to the new forecast on screen', ms(followedAfter));
  say('resident after all of them', residentMb(app));
}

/** Thousands of malformed requests: how many were answered with 500, and whether the server still answers. */
async function odd(app: AppServer): Promise<void> {
  let failed = 0;
  const pieces = [
    '',
    'api',
    'braises',
    'plans',
    'events',
    'stream',
    '%00',
    '%ED%A0%80',
    '..',
    randomUUID(),
    'A'.repeat(300),
    'log',
  ];
  const methods = ['GET', 'POST', 'PUT', 'DELETE', 'PATCH'];
  const one = async (n: number): Promise<void> => {
    const path = Array.from({ length: 1 + (n % 4) }, (_, i) => pieces[(n * 7 + i * 13) % pieces.length] ?? '').join(
      '/',
    );
    const method = methods[n % methods.length] ?? 'GET';
    const body = method === 'GET' ? undefined : '{"half'.repeat(n % 5);
    const response = await fetch(`${app.url}/${path}`, { method, headers: { origin: app.url }, body }).catch(
      () => undefined,
    );
    if (response?.status === 500) failed++;
    await response?.body?.cancel();
  };
  for (let n = 0; n < ODD_REQUESTS; n += 20) await Promise.all(Array.from({ length: 20 }, (_, i) => one(n + i)));
  const { status } = await fetch(`${app.url}/api/health`);
  say(
    `${String(ODD_REQUESTS)} odd requests, answered by 500`,
    `${String(failed)}, health ${String(status)} after them`,
  );
}

const app = await startApp({ demo: false });
try {
  say('resident, idle', residentMb(app));
  await app.stop();
  const entries = await fillLog(app.folder);
  await app.restart();
  await wait(2000);
  for (const path of ['/', '/plan', '/log', '/log?page=200']) {
    const [first, whole]: [number[], number[]] = [[], []];
    for (let i = 0; i < 8; i++) {
      await timed(whole, async () => {
        const response = await timed(first, () => fetch(app.url + path));
        await response.text();
      });
    }
    say(`${path} with ${String(ENTRIES)} entries, first byte`, ms(first));
    say(`${path} with ${String(ENTRIES)} entries, whole`, ms(whole));
  }
  await memory(app, entries);
  const ids: string[] = [];
  for (let i = 0; i < BRAISES; i++) ids.push(await underWay(app, `Live ${String(i)}`, 3));
  const [answered, shown, health]: [number[], number[], number[]] = [[], [], []];
  const leaving = new AbortController();
  const sentAt = new Map<string, number>();
  for (const id of ids) {
    for (let i = 0; i < SCREENS; i++) {
      void listen(app, id, leaving.signal, (text) => {
        for (const [event, at] of sentAt) {
          if (!text.includes(event)) continue;
          shown.push(performance.now() - at);
          if (i === SCREENS - 1) sentAt.delete(event);
        }
      });
    }
  }
  await wait(15_000);
  say(`resident, ${String(BRAISES)} live braises`, residentMb(app));
  let asking = true;
  const asked = (async () => {
    while (asking) {
      await timed(health, () => fetch(`${app.url}/api/health`));
      await wait(100);
    }
  })();
  for (let round = 0; round < RECORDS; round++) {
    await Promise.all(
      ids.map(async (id, i) => {
        await wait((i * EVERY_MS) / BRAISES);
        const event = { id: randomUUID(), atMs: Date.now() - HOUR_MS + round, act: { kind: 'fork', stage: 'holds' } };
        sentAt.set(event.id, performance.now());
        await timed(answered, () => post(app, `/api/braises/${id}/events`, { ...event, actVersion: ACT.version }));
      }),
    );
  }
  await wait(10_000);
  asking = false;
  await asked;
  say('record to its answer', ms(answered));
  say('record to the new forecast on screen', ms(shown));
  say('health meanwhile', ms(health));
  const home: number[] = [];
  for (let i = 0; i < 3; i++) await timed(home, () => fetch(app.url).then((r) => r.text()));
  say(`Home with ${String(BRAISES)} live braises`, ms(home));
  say('resident after it', residentMb(app));
  leaving.abort();
  await odd(app);
  say('asked to stop, stopped after', `${(await app.stop()).toFixed(0)} ms`);
  await app.restart();
  const { acknowledged, kept, doubled } = await weather(app, KILLS, STREAMS);
  say(
    `${String(KILLS)} kills, ${String(STREAMS)} streams and clients`,
    `${String(acknowledged)} acknowledged, ${String(acknowledged - kept)} lost, ${String(doubled)} doubled`,
  );
} finally {
  await app.close();
}
