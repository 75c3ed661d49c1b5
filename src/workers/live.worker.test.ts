import { afterEach, expect, it, vi } from 'vitest';
import { type FromWorker } from './live.worker';

const streams: EventTarget[] = [];
vi.stubGlobal(
  'EventSource',
  class extends EventTarget {
    readyState = 1;
    constructor() {
      super();
      streams.push(this);
    }
    close(): void {
      this.readyState = 2;
    }
  },
);
vi.stubGlobal('self', globalThis);

await import('./live.worker');
const connect = (globalThis as unknown as { onconnect: (event: { ports: unknown[] }) => void }).onconnect;

/** A tab with its port to the worker. */
function tab() {
  const told: FromWorker[] = [];
  const port = {
    onmessage: (() => undefined) as (message: { data: object }) => void,
    postMessage: (m: FromWorker) => told.push(m),
  };
  connect({ ports: [port] });
  return {
    told,
    say: (data: object) => {
      port.onmessage({ data });
    },
  };
}

afterEach(() => {
  vi.useRealTimers();
});

it('six tabs share one stream, each under its own keys, and a tab that goes is told nothing more', async () => {
  vi.useFakeTimers();
  const tabs = Array.from({ length: 6 }, tab);
  tabs.forEach((t, i) => {
    t.say({ follow: 'c', key: i });
    t.say({ follow: 'd', key: 10 + i });
  });
  await vi.advanceTimersByTimeAsync(50);
  expect(streams).toHaveLength(1);
  const data = JSON.stringify({ cookId: 'c', from: 0, events: [], live: 'first' });
  streams[0]?.dispatchEvent(Object.assign(new Event('view'), { data }));
  const views = (t: (typeof tabs)[number]) => t.told.filter((m) => m.news.kind === 'view').map((m) => m.key);
  expect(tabs.map(views)).toEqual([[0], [1], [2], [3], [4], [5]]);
  tabs[0]?.say({ bye: true });
  tabs[1]?.say({ unfollow: 1 });
  streams[0]?.dispatchEvent(Object.assign(new Event('view'), { data }));
  expect(tabs.map(views)).toEqual([[0], [1], [2, 2], [3, 3], [4, 4], [5, 5]]);
});
