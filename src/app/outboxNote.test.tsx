// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { OutboxNote } from './OutboxNote';
import { NOON_MS } from '@/testing/fixtures';
import { standAt } from '@/testing/navigation';
import { BROKEN, shown } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import { type OutboxRow } from '@/ui/outbox/record';
import { say } from '@/core/message';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';
import { MINUTE_MS } from '@/core/quantity';

vi.mock('next/navigation', () => import('@/testing/navigation'));
const kept = vi.hoisted((): { rows: OutboxRow[] } => ({ rows: [] }));
vi.mock('@/ui/outbox/store', () => ({
  keepRow: () => Promise.resolve(),
  keptRows: () => Promise.resolve(kept.rows),
  dropRow: () => Promise.resolve(),
}));

const row = (id: string, agoMs: number, part: Partial<OutboxRow> = {}): OutboxRow => ({
  cookId: 'c1',
  title: 'Oxtail in stout',
  event: { id, atMs: NOON_MS - agoMs, act: { kind: 'fork', stage: 'drags' } },
  order: NOON_MS - agoMs,
  ...part,
});

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true, now: NOON_MS });
  standAt('/plan');
});

describe('what is not with the server', () => {
  it('is said on every page, with why and what to do, and nothing where nothing is', async () => {
    stubServer(() => 'down');
    kept.rows = [row('w', MINUTE_MS), row('r', 90_000, { refused: say('http.noBraise') })];
    const { container, unmount } = shown(<OutboxNote />);
    expect(await screen.findByText(WORDS.text('outbox.head', { count: 2 }))).toBeTruthy();
    expect(container.textContent).toContain(WORDS.text('outbox.waits'));
    expect(container.textContent).toMatch(saying('outbox.refused'));
    expect(container.textContent).not.toMatch(BROKEN);
    expect(screen.getAllByRole('button', { name: 'Send again' })).toHaveLength(1);
    expect(screen.getAllByRole('link', { name: 'Oxtail in stout' })[0]?.getAttribute('href')).toBe('/braise/c1');
    unmount();
    kept.rows = [];
    expect(shown(<OutboxNote />).container.textContent).toBe('');
  });

  it('is not said twice on the braise’s own page, nor of what is on its way', async () => {
    stubServer(() => 'down');
    standAt('/braise/c1');
    kept.rows = [row('w', MINUTE_MS), row('e', MINUTE_MS, { cookId: 'c2', title: 'Pork cheeks' })];
    const { container } = shown(<OutboxNote />);
    expect(await screen.findByText(WORDS.text('outbox.head', { count: 1 }))).toBeTruthy();
    expect(container.textContent).toContain('Pork cheeks');
  });

  it('goes when it is thrown away, after a second word', async () => {
    stubServer(() => 'down');
    kept.rows = [row('r', 90_000, { refused: say('http.noBraise') })];
    const { hand, container } = shown(<OutboxNote />);
    await hand.click(await screen.findByRole('button', { name: /“Fork: drags/ }));
    expect(container.textContent).not.toBe('');
    await hand.click(screen.getByRole('button', { name: WORDS.text('outbox.discard') }));
    await waitFor(() => {
      expect(container.textContent).toBe('');
    });
  });
});
