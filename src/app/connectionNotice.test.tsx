// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ConnectionNotice } from './ConnectionNotice';
import { NOON_MS } from '@/testing/fixtures';
import { shown } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import { MINUTE_MS } from '@/core/quantity';

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true, now: NOON_MS });
});

describe('the server', () => {
  it('is not spoken of while it answers, and since when it does not is said until it does again', async () => {
    let up = true;
    const { calls } = stubServer(() => (up ? { data: { ok: true, nowMs: Date.now() } } : 'down'));
    const { container } = shown(<ConnectionNotice />);
    await waitFor(() => {
      expect(calls).toHaveLength(1);
    });
    expect(container.textContent).toBe('');
    up = false;
    await vi.advanceTimersByTimeAsync(20 * MINUTE_MS);
    // Asked every ten minutes: reachable at 12:00, not at 12:10.
    expect((await screen.findByRole('status')).textContent).toMatch(/^ ?No connection to the server since 12:00: /);
    up = true;
    await vi.advanceTimersByTimeAsync(MINUTE_MS);
    await waitFor(() => {
      expect(container.textContent).toBe('');
    });
  });

  it('that is away when a page of before is opened was last there when the page was made', async () => {
    stubServer(() => 'down');
    vi.setSystemTime(NOON_MS + 100 * MINUTE_MS);
    vi.resetModules();
    const { ConnectionNotice: Fresh } = await import('./ConnectionNotice');
    const { shown: freshlyShown } = await import('@/testing/screen');
    freshlyShown(<Fresh />, { nowMs: NOON_MS });
    expect((await screen.findByRole('status')).textContent).toContain('since 12:00');
  });
});
