// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { askClock, clockAheadMs, kitchenNow, noteClock } from './serverClock';
import { stubServer } from '@/testing/server';
import { MINUTE_MS } from '@/core/quantity';

const SIX_MIN = 6 * MINUTE_MS;

afterEach(() => {
  vi.useRealTimers();
});

describe('the kitchen’s clock', () => {
  it('is the server’s, however wrong the device’s is, and noted on the device', () => {
    vi.useFakeTimers({ now: 10_000_000 });
    noteClock(SIX_MIN, 0, SIX_MIN);
    expect([clockAheadMs(), kitchenNow()]).toEqual([SIX_MIN, 10_000_000 - SIX_MIN]);
    expect(localStorage.getItem('even-ember:clock-ahead-ms')).toBe(String(SIX_MIN));
    noteClock(0, 5000, 100);
    expect(clockAheadMs()).toBe(-4950);
  });

  it('takes what an honest clock is off by for nothing, and lets go what came too late to tell', () => {
    noteClock(0, 900, 0);
    expect(clockAheadMs()).toBe(0);
    noteClock(0, 90_000, MINUTE_MS);
    expect(clockAheadMs()).toBe(0);
    // Three seconds there and back are the most that still tell something; an answer before the question tells nothing.
    noteClock(0, 90_000, 3001);
    expect(clockAheadMs()).toBe(0);
    noteClock(10, 90_000, 9);
    expect(clockAheadMs()).toBe(0);
    noteClock(0, 90_000, 3000);
    expect(clockAheadMs()).toBe(1500 - 90_000);
    noteClock(0, 0, 0);
  });

  it('is asked of the server; one that does not answer changes nothing', async () => {
    vi.useFakeTimers({ now: 50_000_000 });
    stubServer(() => ({ data: { ok: true, nowMs: 50_000_000 - SIX_MIN } }));
    await askClock();
    expect(clockAheadMs()).toBe(SIX_MIN);
    stubServer(() => 'down');
    await askClock();
    expect(clockAheadMs()).toBe(SIX_MIN);
    stubServer(() => ({ status: 503, data: {} }));
    await askClock();
    expect(clockAheadMs()).toBe(SIX_MIN);
    noteClock(0, 0, 0);
  });
});
