import { randomUUID } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { NextRequest } from 'next/server';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { GET as exportCook } from './braises/[id]/export/route';
import { POST as addEvent } from './braises/[id]/events/route';
import { DELETE as deleteCook } from './braises/[id]/route';
import { POST as startCook } from './braises/route';
import { POST as loadDemo } from './demo/route';
import { GET as health } from './health/route';
import { POST as takeIn } from './import/route';
import { PUT as changeKitchen } from './kitchen/route';
import { GET as exportPlan } from './plans/[id]/export/route';
import { DELETE as deletePlan, PUT as savePlan } from './plans/[id]/route';
import { POST as addPlan } from './plans/route';
import { GET as follow } from './stream/route';
import { type NewEvent } from '@/contract/cook';
import { fromWire } from '@/contract/wire';
import { type CookAct, type CookEvent } from '@/core/cook';
import { type PlanInput } from '@/core/choices';
import { type Message } from '@/core/message';
import { proxy } from '@/proxy';
import { buildId } from '@/server/build';
import { closeBackup, backUpDaily, listBackups } from '@/server/backups';
import { database } from '@/server/database';
import { closeEngine } from '@/server/engine';
import { closeStreams } from '@/server/hub';
import { OXTAIL_PLAN, heated } from '@/testing/fixtures';
import { english } from '@/testing/words';
import { saying } from '@/testing/saying';
import { HOUR_MS } from '@/core/quantity';

vi.mock('@/core/heat', async (original) => ({
  ...(await original<object>()),
  runBraise: () => {
    throw new Error('The engine ran on the server’s own thread');
  },
}));

let folder: string;
const before = process.env.EVEN_EMBER_DATA;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'even-ember-routes-'));
  process.env.EVEN_EMBER_DATA = folder;
});

afterAll(async () => {
  await closeEngine();
  await (await database()).close();
  globalThis.evenEmberDatabase = undefined;
  process.env.EVEN_EMBER_DATA = before;
  await rm(folder, { recursive: true, force: true });
});

const HOST = '127.0.0.1:4870';
const OURS = { host: HOST, origin: `http://${HOST}` };

function ask(method: string, body?: unknown, headers: Record<string, string> = OURS): Request {
  return new Request(`http://${HOST}/x`, {
    method,
    headers,
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
}

const at = (id: string) => ({ params: Promise.resolve({ id }) });
const json = async <T>(response: Response): Promise<T> => (await response.json()) as T;
const said = async (response: Response): Promise<string> => english((await json<{ says: Message }>(response)).says);

/** Oxtail with plenty of time, whatever the clock says. */
const dinner = (): PlanInput => ({ ...OXTAIL_PLAN, serveAtMs: Date.now() + 30 * HOUR_MS });

async function keptPlan(): Promise<string> {
  const response = await addPlan(ask('POST', { id: randomUUID(), input: dinner() }));
  expect(response.status).toBe(201);
  return (await json<{ id: string }>(response)).id;
}

async function cooking(): Promise<string> {
  const response = await startCook(ask('POST', { id: randomUUID(), input: dinner(), planId: null }));
  expect(response.status).toBe(201);
  return (await json<{ id: string }>(response)).id;
}

const event = (act: CookAct | { kind: 'undo'; eventId: string }, agoMs = 0) => ({
  id: randomUUID(),
  atMs: Date.now() - agoMs,
  act,
});

describe('plans over the wire', () => {
  it('are kept, changed, given out as a file and removed', async () => {
    const id = await keptPlan();
    const changed = await savePlan(ask('PUT', { input: { ...dinner(), eaters: 6 }, basedOnMs: null }), at(id));
    expect(changed.status).toBe(200);
    const { updatedAtMs } = await json<{ updatedAtMs: number }>(changed);
    const stale = await savePlan(ask('PUT', { input: dinner(), basedOnMs: updatedAtMs - 1 }), at(id));
    expect(stale.status).toBe(409);
    expect(await said(stale)).toMatch(saying('http.changedElsewhere'));
    const file = await exportPlan(ask('GET'), at(id));
    expect(file.headers.get('content-disposition')).toBe('attachment; filename="oxtail-in-stout.plan.json"');
    expect(await json(file)).toMatchObject({ format: 'even-ember/plan', input: { eaters: 6 } });
    expect((await deletePlan(ask('DELETE'), at(id))).status).toBe(204);
    for (const gone of [
      deletePlan(ask('DELETE'), at(id)),
      savePlan(ask('PUT', { input: dinner(), basedOnMs: null }), at(id)),
      exportPlan(ask('GET'), at(id)),
    ]) {
      const response = await gone;
      expect(response.status).toBe(404);
      expect(await said(response)).toMatch(saying('http.noPlan'));
    }
  });

  it.each([
    ['no JSON', 'eaters: 4', 400],
    ['nothing', undefined, 400],
    ['no input', { id: randomUUID() }, 400],
    ['no id', { input: dinner() }, 400],
    ['an id of its own making', { id: 'mine', input: dinner() }, 400],
    ['characters no keyboard gives', { id: randomUUID(), input: { ...dinner(), title: 'a\uD800b' } }, 400],
    [
      'a cut there is not',
      { id: randomUUID(), input: { ...dinner(), meat: { ...dinner().meat, cutId: 'nope' } } },
      422,
    ],
    ['more than is known', { id: randomUUID(), input: dinner(), admin: true }, 400],
    ['a number as text', { id: randomUUID(), input: { ...dinner(), eaters: 'four' } }, 400],
    ['a megabyte', { input: { ...dinner(), title: 'x'.repeat(1_100_000) } }, 413],
  ])('refuse %s with a sentence', async (_, body, status) => {
    const response = await addPlan(ask('POST', body));
    expect(response.status).toBe(status);
    expect((await said(response)).length).toBeGreaterThan(8);
  });

  it.each([
    ['another site', { host: HOST, origin: 'https://example.test' }],
    ['no origin', { host: HOST }],
    ['an origin that is none', { host: HOST, origin: 'null' }],
  ])('refuse to write for %s', async (_, headers) => {
    const id = await keptPlan();
    for (const response of [
      await addPlan(ask('POST', { id: randomUUID(), input: dinner() }, headers)),
      await savePlan(ask('PUT', { input: dinner() }, headers), at(id)),
      await deletePlan(ask('DELETE', undefined, headers), at(id)),
      await takeIn(ask('POST', '{}', headers)),
      await changeKitchen(ask('PUT', {}, headers)),
      await loadDemo(ask('POST', undefined, headers)),
    ]) {
      expect(response.status).toBe(403);
    }
    expect((await deletePlan(ask('DELETE'), at(id))).status).toBe(204);
  });
});

describe('a braise over the wire', () => {
  it('is started only from a plan that can be cooked', async () => {
    const late = await startCook(
      ask('POST', { id: randomUUID(), input: { ...dinner(), serveAtMs: Date.now() - HOUR_MS }, planId: null }),
    );
    expect(late.status).toBe(422);
    const cold = { kind: 'oven', tempC: 20, fan: false } as const;
    const response = await startCook(ask('POST', { id: randomUUID(), input: heated(dinner(), cold), planId: null }));
    expect(response.status).toBe(422);
    expect(await said(response)).toMatch(saying('fault.tooLittle'));
  });

  it('takes the same record twice as one, refuses what is malformed, and goes out as a file that comes in again', async () => {
    const id = await cooking();
    const into = event({ kind: 'intoPot' }, HOUR_MS);
    for (let i = 0; i < 2; i++) expect((await addEvent(ask('POST', into), at(id))).status).toBe(201);
    expect((await addEvent(ask('POST', event({ kind: 'fork', stage: 'drags' })), at(id))).status).toBe(201);
    expect((await addEvent(ask('POST', { ...into, id: 'no-uuid' }), at(id))).status).toBe(400);
    expect((await addEvent(ask('POST', event({ kind: 'turned' })), at(randomUUID()))).status).toBe(404);

    const file = await (await exportCook(ask('GET'), at(id))).text();
    expect((JSON.parse(file) as { events: unknown[] }).events).toHaveLength(2);
    const again = await takeIn(ask('POST', file));
    expect(again.status).toBe(201);
    expect((await json<{ href: string }>(again)).href).toMatch(/^\/braise\//);
    expect((await takeIn(ask('POST', '{"format": "something/else"}'))).status).toBe(422);
    expect((await takeIn(ask('POST', 'not a file'))).status).toBe(422);

    expect((await deleteCook(ask('DELETE'), at(id))).status).toBe(204);
    expect((await deleteCook(ask('DELETE'), at(id))).status).toBe(404);
    expect((await exportCook(ask('GET'), at(id))).status).toBe(404);
  });

  it('is not written to while a copy is looked at; one that is not there is none', async () => {
    const id = await cooking();
    const wearing = (copy: string) =>
      ask('POST', event({ kind: 'note', text: 'x' }), { ...OURS, cookie: `a=b; even-ember-copy=${copy}` });
    for (const none of ['even-ember-2020-01-01.sqlite', '%E0%A4%A', '../even-ember.sqlite']) {
      expect((await addEvent(wearing(none), at(id))).status).toBe(201);
    }
    await backUpDaily(folder, Date.now());
    const [copy] = await listBackups(folder);
    const refused = await addEvent(wearing(copy?.name ?? ''), at(id));
    expect(refused.status).toBe(503);
    expect(await said(refused)).toMatch(saying('copy.stays'));
    await closeBackup();
  });

  it('refuses a record whose moment is none once its clock is put right', async () => {
    const id = await cooking();
    const odd = { ...event({ kind: 'note', text: 'x' }), aheadMs: 9e15 };
    expect((await addEvent(ask('POST', odd), at(id))).status).toBe(400);
  });

  it('tells every open screen of each change, and ends when the screen goes or the server closes', async () => {
    const [id, twin] = [await cooking(), await cooking()];
    const leaving = new AbortController();
    const asked = (...ids: string[]) => new URLSearchParams(ids.map((i) => ['cook', i])).toString();
    const stream = (query: string, signal?: AbortSignal) =>
      follow(new Request(`http://${HOST}/api/stream?${query}`, signal ? { signal } : {}));
    const response = await stream(asked(id, twin), leaving.signal);
    expect(response.headers.get('content-type')).toBe('text/event-stream');
    const reader = (response.body as ReadableStream<Uint8Array>).getReader();
    const decoder = new TextDecoder();
    let rest = '';
    const next = async (): Promise<{ name: string; data: string }> => {
      for (;;) {
        const end = rest.indexOf('\n\n');
        if (end < 0) {
          rest += decoder.decode((await reader.read()).value, { stream: true });
          continue;
        }
        const [name = '', data = ''] = rest.slice(0, end).split('\n');
        rest = rest.slice(end + 2);
        // A line that begins with a colon is a heartbeat.
        if (!name.startsWith(':')) return { name: name.replace('event: ', ''), data: data.replace('data: ', '') };
      }
    };
    /** The next message about one of the two, ignoring the other. */
    const of = async (cookId: string): Promise<{ name: string; from?: number; events?: CookEvent[] }> => {
      for (;;) {
        const { name, data } = await next();
        const said = fromWire(data) as { cookId: string; from?: number; events?: CookEvent[] };
        if (said.cookId === cookId) return { name, ...said };
      }
    };
    expect(await next()).toEqual({ name: 'build', data: buildId() });
    expect(await of(id)).toMatchObject({ name: 'view', from: 0, events: [], live: { forecast: { target: 'twists' } } });
    // Only what is new is sent, for either of them.
    for (const [before, act] of [{ kind: 'intoPot' }, { kind: 'note', text: 'smells good' }].entries()) {
      await addEvent(ask('POST', event(act as NewEvent['act'])), at(id));
      const said = await of(id);
      expect([said.from, said.events?.map((e) => e.act.kind)]).toEqual([before, [act.kind]]);
      expect(said).not.toHaveProperty('plan');
    }
    await addEvent(ask('POST', event({ kind: 'intoPot' })), at(twin));
    expect((await of(twin)).events).toHaveLength(1);
    await deleteCook(ask('DELETE'), at(id));
    expect((await of(id)).name).toBe('gone');
    leaving.abort();
    for (;;) if ((await reader.read()).done) break;

    const open = (await stream(asked(twin))).body?.getReader();
    closeStreams();
    for (;;) if ((await open?.read())?.done) break;
    const statuses = [asked('nobody'), '', asked(...Array.from({ length: 101 }, () => randomUUID()))];
    for (const query of statuses) expect((await stream(query)).status).toBe(400);
  });
});

describe('the kitchen over the wire', () => {
  it('changes what it is told and leaves the rest', async () => {
    const habits = { searDepth: 'light' };
    expect(await json(await changeKitchen(ask('PUT', { habits })))).toMatchObject({ habits, timeZone: null });
    const zone = await changeKitchen(ask('PUT', { timeZone: 'Europe/Lisbon' }));
    expect(await json(zone)).toMatchObject({ habits, timeZone: 'Europe/Lisbon' });
    const unknown = await changeKitchen(ask('PUT', { timeZone: 'Mars/Base' }));
    expect(unknown.status).toBe(400);
    expect(await said(unknown)).toMatch(saying('shape.timeZone'));
    expect(await json(await changeKitchen(ask('PUT', { timeZone: null })))).toMatchObject({ timeZone: null });
  });

  it('is well', async () => {
    expect((await health(ask('GET'))).status).toBe(200);
  });
});

describe('every page', () => {
  const arrives = (headers: Record<string, string>, method = 'GET') =>
    proxy(new NextRequest(`http://${HOST}/plan`, { method, headers: { host: HOST, ...headers } }));

  it('comes with a nonce of its own and what keeps strangers out', () => {
    const answer = () => arrives({});
    const csp = answer().headers.get('content-security-policy') ?? '';
    expect(csp).toContain("default-src 'self'");
    expect(csp).toContain("frame-ancestors 'none'");
    expect(csp).not.toContain('unsafe-eval');
    expect(csp).toMatch(/'nonce-[^']{20,}'/);
    expect(answer().headers.get('content-security-policy')).not.toBe(csp);
    expect(answer().headers.get('x-middleware-request-x-request-id')).toMatch(/^[\da-f-]{36}$/);
  });

  it('is given only to who asks for this machine by its own name, at the port that is served', () => {
    const asked = (host: string) => arrives({ host }).status;
    expect([HOST, 'localhost:4870', '[::1]:4870', 'localhost'].map(asked)).toEqual([200, 200, 200, 200]);
    expect(['evil.example', 'evil.example:4870', '127.0.0.1.evil.example', '10.0.0.1', ''].map(asked)).toEqual([
      421, 421, 421, 421, 421,
    ]);
    process.env.EVEN_EMBER_PORT = '4870';
    expect([HOST, '127.0.0.1:4871', '127.0.0.1'].map(asked)).toEqual([200, 421, 421]);
    delete process.env.EVEN_EMBER_PORT;
    expect(arrives({ host: 'evil.example' }).headers.get('content-security-policy')).toContain("default-src 'self'");
  });

  it('is not given to another site’s page, unless a person goes there', () => {
    const from = (site: string, mode: string, dest: string, method = 'GET') =>
      arrives({ 'sec-fetch-site': site, 'sec-fetch-mode': mode, 'sec-fetch-dest': dest }, method).status;
    expect(from('same-origin', 'cors', 'empty')).toBe(200);
    expect(from('none', 'navigate', 'document')).toBe(200);
    expect(from('cross-site', 'navigate', 'document')).toBe(200);
    expect(from('cross-site', 'no-cors', 'script')).toBe(403);
    expect(from('cross-site', 'navigate', 'iframe')).toBe(403);
    expect(from('same-site', 'cors', 'empty')).toBe(403);
    expect(from('cross-site', 'navigate', 'document', 'POST')).toBe(403);
  });
});
