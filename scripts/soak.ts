import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import sqlite from 'sqlite3';
import { type AppServer, startApp } from '../e2e/server';
import { ACT } from '../src/contract/kept/act';
import { PLAN_INPUT } from '../src/contract/kept/planInput';
import { HOUR_MS, OXTAIL_PLAN } from '../src/testing/fixtures';

/**
 * What takes too long for ./check: ten live braises of two screens each beside ten thousand entries of the log. Prints
 * seconds and megabytes; asserts nothing.
 */
const BRAISES = 10;
const SCREENS = 2;
const ENTRIES = 10_000;
const RECORDS = 6;
const EVERY_MS = 10_000;

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

/** Ten thousand finished braises as they are kept. */
async function fillLog(folder: string): Promise<void> {
  const db = new sqlite.Database(join(folder, 'even-ember.sqlite'));
  const run = (sql: string, values: readonly unknown[] = []): Promise<void> =>
    new Promise((resolve, reject) => {
      db.run(sql, values, (error) => {
        if (error) reject(error);
        else resolve();
      });
    });
  const input = JSON.stringify(OXTAIL_PLAN);
  const verdict = { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: '' };
  await run('BEGIN');
  for (let i = 0; i < ENTRIES; i++) {
    const [id, at] = [randomUUID(), Date.now() - i * 24 * HOUR_MS];
    await run('INSERT INTO cooks (id, origin, planId, input, inputVersion, createdAtMs) VALUES (?, ?, NULL, ?, ?, ?)', [
      id,
      'own',
      input,
      PLAN_INPUT.version,
      at - 8 * HOUR_MS,
    ]);
    const acts = [
      [at - 5 * HOUR_MS, { kind: 'intoPot' }],
      [at - 2 * HOUR_MS, { kind: 'fork', stage: 'twists' }],
      [at - HOUR_MS, { kind: 'offHeat' }],
      [at, { kind: 'finished', verdict }],
    ] as const;
    for (const [position, [atMs, act]] of acts.entries()) {
      await run('INSERT INTO events (id, cookId, position, atMs, act, actVersion) VALUES (?, ?, ?, ?, ?, ?)', [
        randomUUID(),
        id,
        position,
        atMs,
        JSON.stringify(act),
        ACT.version,
      ]);
    }
    await run('INSERT INTO entries VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)', [
      id,
      `Braise ${String(i)}`,
      'beef_oxtail',
      2,
      200,
      180,
      230,
      1,
      'later',
      at,
      180,
      JSON.stringify(verdict),
    ]);
    await run(
      'INSERT INTO plans (id, origin, title, input, inputVersion, serveAtMs, updatedAtMs) VALUES (?, ?, ?, ?, ?, ?, ?)',
      [randomUUID(), 'own', `Plan ${String(i)}`, input, PLAN_INPUT.version, at, 1],
    );
  }
  await run('COMMIT');
  await new Promise<void>((resolve) => {
    db.close(() => {
      resolve();
    });
  });
}

async function post(app: AppServer, path: string, body: object): Promise<Response> {
  return fetch(app.url + path, {
    method: 'POST',
    headers: { origin: app.url, 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
}

/** A screen's stream: calls `onView` with the text of every view. */
async function listen(app: AppServer, id: string, signal: AbortSignal, onView: (text: string) => void): Promise<void> {
  const response = await fetch(`${app.url}/api/cooks/${id}/stream`, { signal });
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

const app = await startApp({ demo: false });
try {
  say('resident, idle', residentMb(app));
  await app.stop();
  await fillLog(app.folder);
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
  const ids: string[] = [];
  for (let i = 0; i < BRAISES; i++) {
    const id = randomUUID();
    const input = { ...OXTAIL_PLAN, title: `Live ${String(i)}`, serveAtMs: Date.now() + 30 * HOUR_MS };
    await post(app, '/api/cooks', { id, input, planId: null });
    await post(app, `/api/cooks/${id}/events`, {
      id: randomUUID(),
      atMs: Date.now() - 3 * HOUR_MS,
      act: { kind: 'intoPot' },
      actVersion: ACT.version,
    });
    ids.push(id);
  }
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
        await timed(answered, () => post(app, `/api/cooks/${id}/events`, { ...event, actVersion: ACT.version }));
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
  say('asked to stop, stopped after', `${(await app.stop()).toFixed(0)} ms`);
} finally {
  await app.close();
}
