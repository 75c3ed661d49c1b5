// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type * as Drafts from './drafts';
import { OXTAIL_PLAN } from '@/testing/fixtures';

/** Browser locks, shared by all the tabs of a test. */
class Locks {
  readonly held = new Set<string>();
  async request(name: string, _: object, hold: (lock: object | null) => unknown): Promise<void> {
    if (this.held.has(name)) {
      hold(null);
      return;
    }
    this.held.add(name);
    await hold({ name });
  }
  query(): Promise<{ held: { name: string }[] }> {
    return Promise.resolve({ held: [...this.held].map((name) => ({ name })) });
  }
}

const locks = new Locks();

/** A tab of this browser: its own page, and its own session unless it is a duplicate. */
async function tab(session: Record<string, string> = {}): Promise<Pick<typeof Drafts, 'openDraft'>> {
  vi.resetModules();
  sessionStorage.clear();
  for (const [key, value] of Object.entries(session)) sessionStorage.setItem(key, value);
  return import('./drafts');
}

const session = (): Record<string, string> =>
  Object.fromEntries(Object.keys(sessionStorage).map((key) => [key, sessionStorage.getItem(key) ?? '']));
const unsaved = (title: string) => ({ input: { ...OXTAIL_PLAN, title }, basedOnMs: 7 });

beforeEach(() => {
  localStorage.clear();
  locks.held.clear();
  Object.defineProperty(navigator, 'locks', { value: locks, configurable: true });
});

describe('what is unsaved', () => {
  it('is of one plan and one tab, and is there again after a reload', async () => {
    const first = await tab();
    (await first.openDraft('p1')).write(unsaved('of the first'));
    const mine = session();
    const second = await tab();
    expect((await second.openDraft('p1')).found).toBeUndefined();
    (await second.openDraft('p1')).write(unsaved('of the second'));
    expect((await second.openDraft('p2')).found).toBeUndefined();
    // The first page is gone and is opened again with its session.
    locks.held.delete(`even-ember:tab:${String(mine['even-ember:tab'])}`);
    const again = await tab(mine);
    expect((await again.openDraft('p1')).found).toMatchObject({ input: { title: 'of the first' }, basedOnMs: 7 });
  });

  it('is not taken by a duplicated tab, which begins with its twin’s name', async () => {
    const first = await tab();
    (await first.openDraft(null)).write(unsaved('mine'));
    const twin = await tab(session());
    expect((await twin.openDraft(null)).found).toBeUndefined();
    expect(session()['even-ember:tab']).toBeDefined();
  });

  it('of a tab that is gone is taken up by the next, the newest first, and of a time without tabs too', async () => {
    vi.useFakeTimers({ toFake: ['Date'], now: 1000 });
    const first = await tab();
    (await first.openDraft('p1')).write(unsaved('older'));
    vi.setSystemTime(2000);
    const second = await tab();
    (await second.openDraft('p1')).write(unsaved('newer'));
    locks.held.clear();
    vi.useRealTimers();
    const third = await tab();
    expect((await third.openDraft('p1')).found?.input.title).toBe('newer');
    const fourth = await tab();
    expect((await fourth.openDraft('p1')).found?.input.title).toBe('older');
    (await fourth.openDraft('p1')).clear();
    localStorage.setItem('even-ember:draft:p1', JSON.stringify({ inputVersion: 6, ...unsaved('of old') }));
    expect((await fourth.openDraft('p1')).found?.input.title).toBe('of old');
    expect(localStorage.getItem('even-ember:draft:p1')).toBeNull();
  });

  it('keeps an emptied field empty, and is nothing where it cannot be read', async () => {
    const page = await tab();
    const slot = await page.openDraft('p1');
    slot.write({ input: { ...OXTAIL_PLAN, eaters: Number.NaN }, basedOnMs: null });
    expect((await page.openDraft('p1')).found?.input.eaters).toBeNaN();
    slot.clear();
    localStorage.setItem('even-ember:draft:p1', '{"title": 7');
    expect((await page.openDraft('p1')).found).toBeUndefined();
  });
});
