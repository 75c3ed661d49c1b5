import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LiveHub, type LiveUpdate } from './hub';
import { toWire } from '@/contract/wire';

/** The server's stream, driven by the test. */
class Stream extends EventTarget {
  static all: Stream[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Stream.all.push(this);
  }
  close(): void {
    this.readyState = 2;
  }
  say(name: string, data: object | string = ''): void {
    const text = typeof data === 'string' ? data : toWire(data);
    this.dispatchEvent(Object.assign(new Event(name), { data: text }));
  }
}

const open = () => Stream.all.filter((s) => s.readyState !== 2);
const only = (): Stream => {
  expect(open()).toHaveLength(1);
  return open()[0] as Stream;
};
const settled = () => vi.advanceTimersByTimeAsync(50);
const view = (cookId: string, from: number, ids: readonly string[], live: unknown = 'live') => ({
  cookId,
  from,
  events: ids.map((id) => ({ id })),
  live,
});
/** The last update of records, and of the connection. */
const records = (told: readonly LiveUpdate[]) =>
  told.flatMap((n) => (n.kind === 'view' ? [n.events.map((e) => e.id)] : [])).at(-1);
const connected = (told: readonly LiveUpdate[]) =>
  told.flatMap((n) => (n.kind === 'connected' ? [n.connected] : [])).at(-1);

beforeEach(() => {
  Stream.all = [];
  vi.useFakeTimers();
  vi.stubGlobal('EventSource', Stream);
});
afterEach(() => {
  vi.useRealTimers();
});

describe('one stream for all', () => {
  it('is opened once for ten braises and six who look at each', async () => {
    const hub = new LiveHub();
    const told: LiveUpdate[][] = [];
    for (let cook = 0; cook < 10; cook++) {
      for (let screen = 0; screen < 6; screen++) {
        const news: LiveUpdate[] = [];
        told.push(news);
        hub.follow(`c${String(cook)}`, (n) => news.push(n));
      }
    }
    await settled();
    expect(Stream.all).toHaveLength(1);
    expect(only().url).toBe(`/api/stream?${Array.from({ length: 10 }, (_, i) => `cook=c${String(i)}`).join('&')}`);
    only().say('view', view('c3', 0, ['a', 'b']));
    expect(told.map(records).filter((r) => r !== undefined)).toEqual(Array.from({ length: 6 }, () => ['a', 'b']));
  });

  it('says nothing of the server before it was heard of', async () => {
    const told: LiveUpdate[] = [];
    new LiveHub().follow('c', (n) => told.push(n));
    await settled();
    expect(told).toEqual([]);
    only().say('open');
    expect(told).toEqual([{ kind: 'connected', connected: true }]);
  });

  it('adds what is new to what was said, and begins again when it is opened again', async () => {
    const hub = new LiveHub();
    const told: LiveUpdate[] = [];
    hub.follow('c', (n) => told.push(n));
    await settled();
    only().say('view', view('c', 0, ['a']));
    only().say('view', view('c', 1, ['b', 'c'], { never: Infinity }));
    expect(records(told)).toEqual(['a', 'b', 'c']);
    expect(told.at(-1)).toMatchObject({ live: { never: Infinity } });
    only().say('view', view('c', 0, ['a', 'b', 'c', 'd']));
    expect(records(told)).toEqual(['a', 'b', 'c', 'd']);
  });

  it('tells who comes later at once, opens anew for another braise alone, and keeps what is left for a moment', async () => {
    const hub = new LiveHub();
    const stop = hub.follow('c', () => undefined);
    await settled();
    only().say('build', 'b1');
    only().say('view', view('c', 0, ['a', 'b']));
    // From the list to the braise: one page stops following it, the next starts.
    stop();
    const told: LiveUpdate[] = [];
    hub.follow('c', (n) => told.push(n));
    await settled();
    expect(Stream.all).toHaveLength(1);
    expect(told.map((n) => n.kind)).toEqual(['connected', 'build', 'view']);
    only().say('view', view('c', 2, ['d']));
    expect(records(told)).toEqual(['a', 'b', 'd']);
    hub.follow('e', () => undefined);
    await settled();
    expect(Stream.all).toHaveLength(2);
    expect(only().url).toBe('/api/stream?cook=c&cook=e');
    Stream.all[0]?.say('view', view('c', 0, ['too late']));
    expect(records(told)).toEqual(['a', 'b', 'd']);
  });

  it('asks for no more braises than one stream brings', async () => {
    const hub = new LiveHub();
    for (let i = 0; i < 120; i++) hub.follow(`c${String(i)}`, () => undefined);
    await settled();
    expect(only().url.match(/cook=/g)).toHaveLength(100);
  });

  it('is closed when nobody follows anything', async () => {
    const hub = new LiveHub();
    const stops = ['a', 'b'].map((id) => hub.follow(id, () => undefined));
    await settled();
    stops[0]?.();
    await settled();
    expect(open()).toHaveLength(1);
    stops[1]?.();
    await settled();
    expect(open()).toEqual([]);
  });

  it('is asked for again where it was refused, and says whether it stands', async () => {
    const hub = new LiveHub();
    const told: LiveUpdate[] = [];
    hub.follow('c', (n) => told.push(n));
    await settled();
    // Interrupted: the browser reconnects by itself.
    only().say('error');
    expect(connected(told)).toBe(false);
    await vi.advanceTimersByTimeAsync(10_000);
    expect(Stream.all).toHaveLength(1);
    only().say('open');
    expect(connected(told)).toBe(true);
    const first = only();
    first.readyState = 2;
    first.say('error');
    await vi.advanceTimersByTimeAsync(5000);
    expect(Stream.all).toHaveLength(2);
    only().say('view', view('c', 0, ['a']));
    expect([connected(told), records(told)]).toEqual([true, ['a']]);
  });

  it('says that a braise is gone to those who follow it', async () => {
    const hub = new LiveHub();
    const [told, others]: [LiveUpdate[], LiveUpdate[]] = [[], []];
    hub.follow('c', (n) => told.push(n));
    hub.follow('d', (n) => others.push(n));
    await settled();
    only().say('gone', { cookId: 'c' });
    expect([told.map((n) => n.kind), others]).toEqual([['gone'], []]);
  });
});
