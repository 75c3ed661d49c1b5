import { randomUUID } from 'node:crypto';
import { type AppServer, post } from './server';
import { OXTAIL_PLAN } from '../src/testing/fixtures';
import { HOUR_MS } from '../src/core/quantity';

/** Result of a storm. */
export interface Weathered {
  readonly kills: number;
  /** Records the server acknowledged, and how many of them it still has. */
  readonly acknowledged: number;
  readonly kept: number;
  /** Records stored more than once. */
  readonly doubled: number;
}

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Status of a write; 0 where there was no answer. */
const sent = (app: AppServer, path: string, body: object): Promise<number> =>
  post(app, path, body).then(
    (r) => r.status,
    () => 0,
  );

/** Follows a braise as a screen does, reconnecting whenever the stream breaks. */
async function look(app: AppServer, id: string, done: AbortSignal): Promise<void> {
  while (!done.aborted) {
    try {
      const response = await fetch(`${app.url}/api/stream?cook=${id}`, { signal: done });
      const reader = response.body?.getReader();
      while (!(await reader?.read())?.done);
    } catch {
      await wait(100);
    }
  }
}

/** Records one event after the other as a screen does; anything unanswered is sent again with the same id. */
async function record(
  app: AppServer,
  id: string,
  device: string,
  done: AbortSignal,
  acknowledged: string[],
): Promise<void> {
  const over = (): boolean => done.aborted;
  for (let count = 0; !over(); count++) {
    const event = {
      id: randomUUID(),
      atMs: Date.now(),
      act: { kind: 'note', text: `${device.slice(0, 4)} ${String(count)}` },
      actVersion: 2,
      by: { device, count },
    };
    while ((await sent(app, `/api/braises/${id}/events`, event)) !== 201) {
      if (over()) return;
      await wait(40);
    }
    acknowledged.push(event.id);
    await wait(15);
  }
}

/**
 * Kills the server `kills` times while `clients` record and follow one braise, and counts what is left. Before each
 * kill, as many records as there are clients were acknowledged.
 */
export async function weather(app: AppServer, kills: number, clients: number): Promise<Weathered> {
  const id = randomUUID();
  const input = { ...OXTAIL_PLAN, serveAtMs: Date.now() + 30 * HOUR_MS };
  await sent(app, '/api/braises', { id, input, planId: null });
  await sent(app, `/api/braises/${id}/events`, { id: randomUUID(), atMs: Date.now(), act: { kind: 'intoPot' } });
  const done = new AbortController();
  const acknowledged: string[] = [];
  const recording = Array.from({ length: clients }, () => record(app, id, randomUUID(), done.signal, acknowledged));
  const looking = Array.from({ length: clients }, () => look(app, id, done.signal));
  for (let kill = 0; kill < kills; kill++) {
    // Sometimes in the middle of a write, sometimes just after the start.
    while (acknowledged.length < (kill + 1) * clients) await wait(10);
    await wait((kill * 137) % 700);
    await app.kill();
    await app.restart();
  }
  done.abort();
  await Promise.all([...recording, ...looking]);
  const file = (await (await fetch(`${app.url}/api/braises/${id}/export`)).json()) as {
    readonly events: readonly { readonly id: string }[];
  };
  const there = file.events.map((e) => e.id);
  const known = new Set(there);
  return {
    kills,
    acknowledged: acknowledged.length,
    kept: acknowledged.filter((a) => known.has(a)).length,
    doubled: there.length - known.size,
  };
}
