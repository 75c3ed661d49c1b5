// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Outbox } from './outbox';
import { type OutboxRow } from './record';
import { noteClock } from '../serverClock';
import { type NewEvent } from '@/contract/cook';
import { type Call, stubServer } from '@/testing/server';
import { say } from '@/core/message';

/** The device's storage; `full` acts like a device without room. */
const device = vi.hoisted((): { rows: Map<string, OutboxRow>; full: boolean } => ({ rows: new Map(), full: false }));
vi.mock('./store', () => ({
  keepRow: (row: OutboxRow) => {
    if (device.full) return Promise.reject(new DOMException('no room', 'QuotaExceededError'));
    device.rows.set(row.event.id, row);
    return Promise.resolve();
  },
  keptRows: () =>
    device.full
      ? Promise.reject(new DOMException('refused', 'SecurityError'))
      : Promise.resolve([...device.rows.values()]),
  dropRow: (id: string) => {
    device.rows.delete(id);
    return Promise.resolve();
  },
}));

const touched = vi.hoisted((): boolean[] => []);
vi.mock('../connection', () => ({ noteConnection: (answers: boolean) => touched.push(answers) }));

const NOTE = (text: string): NewEvent['act'] => ({ kind: 'note', text });
const texts = (rows: readonly { event: NewEvent }[]) =>
  rows.map((r) => (r.event.act.kind === 'note' ? r.event.act.text : r.event.act.kind));
const sentTexts = (calls: readonly Call[]) => texts(calls.map((c) => ({ event: c.body as NewEvent })));

/** An outbox as seen by a page. */
function opened() {
  const box = new Outbox();
  return { box, close: box.subscribe(() => undefined) };
}

const until = (what: () => void) => vi.waitFor(what);

beforeEach(() => {
  device.rows.clear();
  device.full = false;
  localStorage.clear();
  noteClock(0, 0, 0);
});

describe('a record', () => {
  it('is said to be kept when it is, sent, and with the server then', async () => {
    const { calls } = stubServer(() => ({ data: {} }));
    const { box, close } = opened();
    box.record('c1', 'Oxtail', NOTE('one'));
    expect(box.snapshot().records.map((r) => r.kept)).toEqual(['not yet']);
    await until(() => {
      expect(box.snapshot()).toMatchObject({ records: [], sent: [{ cookId: 'c1' }] });
    });
    expect(device.rows.size).toBe(0);
    expect(sentTexts(calls)).toEqual(['one']);
    box.record('c1', 'Oxtail', NOTE('two'));
    await until(() => {
      expect(calls).toHaveLength(2);
    });
    const [first, second] = calls.map((c) => c.body as NewEvent);
    expect(first?.by?.device).toBe(second?.by?.device);
    expect([first?.by?.count, second?.by?.count, first?.aheadMs]).toEqual([0, 1, 0]);
    close();
  });

  it('waits on the device while the server is away, through a reload, and goes in its order', async () => {
    let up = false;
    const { calls } = stubServer(() => (up ? { data: {} } : 'down'));
    const first = opened();
    first.box.record('c1', 'Oxtail', NOTE('one'));
    first.box.record('c2', 'Cheeks', NOTE('two'));
    await until(() => {
      expect(first.box.snapshot()).toMatchObject({ records: [{ kept: 'yes' }, { kept: 'yes' }] });
      expect(touched.at(-1)).toBe(false);
    });
    first.close();
    up = true;
    const before = calls.length;
    const second = opened();
    await until(() => {
      expect(sentTexts(calls.slice(before))).toEqual(['one', 'two']);
      expect(second.box.snapshot()).toMatchObject({ records: [] });
      expect(touched.at(-1)).toBe(true);
    });
    second.close();
  });

  it('that the device has no room for says so, and is sent all the same', async () => {
    device.full = true;
    let up = false;
    stubServer(() => (up ? { data: {} } : 'down'));
    const { box, close } = opened();
    box.record('c1', 'Oxtail', NOTE('one'));
    await until(() => {
      expect(box.snapshot().records.map((r) => r.kept)).toEqual(['no']);
    });
    up = true;
    await box.flush();
    expect(box.snapshot()).toMatchObject({ records: [], sent: [{ cookId: 'c1' }] });
    close();
  });

  it('that was refused stays, with why, through a reload; it is sent again or thrown away by hand alone', async () => {
    let refuses = true;
    const says = say('http.noBraise');
    const { calls } = stubServer(() => (refuses ? { status: 404, data: { says } } : { data: {} }));
    const first = opened();
    first.box.record('c1', 'Oxtail', NOTE('one'));
    first.box.record('c1', 'Oxtail', NOTE('two'));
    await until(() => {
      expect(first.box.snapshot().records.map((r) => r.refused)).toEqual([says, says]);
    });
    await first.box.flush();
    expect(calls).toHaveLength(2);
    first.close();
    const { box, close } = opened();
    await until(() => {
      expect(box.snapshot().records.map((r) => [r.refused, r.kept])).toEqual([
        [says, 'yes'],
        [says, 'yes'],
      ]);
    });
    refuses = false;
    const [one, two] = box.snapshot().records.map((r) => r.event.id);
    await box.retry(one ?? '');
    expect(texts(box.snapshot().records)).toEqual(['two']);
    await box.discard(two ?? '');
    expect([box.snapshot().records, device.rows.size, calls.length]).toEqual([[], 0, 3]);
    close();
  });

  it('of a braise that cannot be written to does not hold up those of others', async () => {
    const { calls } = stubServer(({ url }) => (url.includes('/c1/') ? { status: 503, data: {} } : { data: {} }));
    const { box, close } = opened();
    for (const [cook, text] of [
      ['c1', 'one'],
      ['c1', 'two'],
      ['c2', 'three'],
    ] as const) {
      box.record(cook, cook, NOTE(text));
    }
    await until(() => {
      expect(texts(box.snapshot().sent)).toEqual(['three']);
    });
    expect(texts(box.snapshot().records)).toEqual(['one', 'two']);
    expect(sentTexts(calls)).not.toContain('two');
    expect(touched.at(-1)).toBe(true);
    close();
  });

  it('says how far the clock of its device is off', async () => {
    const { calls } = stubServer(() => ({ data: {} }));
    noteClock(360_000, 0, 360_200);
    const { box, close } = opened();
    box.record('c1', 'Oxtail', NOTE('one'));
    await until(() => {
      expect(calls).toHaveLength(1);
    });
    expect(calls[0]?.body).toMatchObject({ aheadMs: 360_100 });
    close();
  });
});
