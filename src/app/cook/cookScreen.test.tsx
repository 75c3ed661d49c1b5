// @vitest-environment jsdom
import { act, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { CookScreen } from './CookScreen';
import { type NewEvent } from '@/contract/cook';
import { toWire } from '@/contract/wire';
import { type CookAct, type CookEvent } from '@/core/cook';
import { type PlanInput } from '@/core/choices';
import { type UnitChoice } from '@/core/quantity';
import { cookView } from '@/engine/views';
import { HOUR_MS, NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { router } from '@/testing/navigation';
import { BROKEN, metricAmounts, shown, US } from '@/testing/screen';
import { stubServer } from '@/testing/server';

vi.mock('next/navigation', () => import('@/testing/navigation'));
vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));

const reloadForBuild = vi.hoisted(() => vi.fn());
vi.mock('@/ui/newerBuild', () => ({ reloadForBuild }));

// The queue on the device, without a database.
const queued: NewEvent[] = [];
vi.mock('./queue', () => ({
  enqueue: (_: string, event: NewEvent) => Promise.resolve(void queued.push(event)),
  waiting: () => Promise.resolve([...queued]),
  dequeue: (id: string) => {
    queued.splice(
      queued.findIndex((e) => e.id === id),
      1,
    );
    return Promise.resolve();
  },
}));

/** The server's stream, which the test speaks through. */
class Stream extends EventTarget {
  static open: Stream[] = [];
  constructor(readonly url: string) {
    super();
    Stream.open.push(this);
  }
  close(): void {
    Stream.open = Stream.open.filter((s) => s !== this);
  }
  static say(name: string, data = ''): void {
    act(() => {
      for (const s of [...Stream.open]) s.dispatchEvent(Object.assign(new Event(name), { data }));
    });
  }
}
vi.stubGlobal('EventSource', Stream);

const MIN_MS = 60_000;
const INTO_MS = NOON_MS + 3 * HOUR_MS;

const event = (id: string, minutes: number, did: CookEvent['act']): CookEvent => ({
  id,
  cookId: 'c1',
  atMs: INTO_MS + minutes * MIN_MS,
  act: did,
});
const IN: CookEvent = event('in', 0, { kind: 'intoPot' });

function view(events: readonly CookEvent[], nowMs: number, input: PlanInput = OXTAIL_PLAN) {
  return cookView({ id: 'c1', planId: 'p1', input, events, createdAtMs: NOON_MS }, nowMs);
}

function at(minutes: number, events: readonly CookEvent[] = [IN], units?: UnitChoice) {
  const nowMs = INTO_MS + minutes * MIN_MS;
  vi.useFakeTimers({ shouldAdvanceTime: true, now: nowMs });
  const made = shown(
    <CookScreen aside={[]} first={view(events, nowMs)} night={false} />,
    units ? { units, nowMs } : { nowMs },
  );
  return { ...made, nowMs };
}

const press = (name: string | RegExp): HTMLElement => screen.getByRole('button', { name });
const sent = (calls: ReturnType<typeof stubServer>['calls']): CookAct[] =>
  calls.filter((c) => c.url.endsWith('/events')).map((c) => (c.body as NewEvent).act as CookAct);

beforeEach(() => {
  queued.length = 0;
  Stream.open = [];
  router.push.mockClear();
});

describe('the cook screen', () => {
  it('has one thing to do next, when the fork twists, and nothing broken, in the cook’s units', () => {
    const { container, unmount } = at(30);
    expect(screen.getByRole('region', { name: 'Next action' }).textContent).toMatch(/Turn the|Fork test/);
    expect(container.textContent).toMatch(/Fork twists, most likely at\d\d:\d\d/);
    expect(container.textContent).toMatch(/off the heat by \d\d:\d\d to strain, reduce and plate in/);
    expect(container.textContent).not.toMatch(BROKEN);
    unmount();
    const us = at(30, [IN, event('p', 20, { kind: 'probe', tempC: 71, nearBone: false })], US);
    expect(metricAmounts(us.container.textContent)).toEqual([]);
  });

  it('asks to be opened anew when the server says it is another build', () => {
    at(30);
    Stream.say('build', 'newer');
    expect(reloadForBuild).toHaveBeenCalledExactlyOnceWith('tested', 'newer');
  });

  it('records a fork test by its key, sends it once and shows it as not yet sent till the server has it', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand, nowMs } = at(150);
    await hand.keyboard('f');
    await hand.click(within(screen.getByRole('dialog')).getByRole('button', { name: /Drags/ }));
    await waitFor(() => {
      expect(sent(server.calls)).toEqual([{ kind: 'fork', stage: 'drags' }]);
    });
    expect(screen.getByText('kept on this device, not yet sent')).toBeTruthy();
    const body = server.calls[0]?.body as NewEvent;
    Stream.say('view', toWire(view([IN, { ...body, cookId: 'c1' }], nowMs)));
    expect(screen.queryByText('kept on this device, not yet sent')).toBeNull();
    expect(screen.getByText(/Fork: drags/)).toBeTruthy();
    expect(queued).toEqual([]);
  });

  it('keeps records while the server is down and sends them, oldest first, when it is back', async () => {
    let up = false;
    const server = stubServer(() => (up ? { data: {} } : 'down'));
    const { hand } = at(150);
    Stream.say('error');
    expect(screen.getByRole('status').textContent).toContain('No connection to the server');
    await hand.keyboard('t');
    await hand.keyboard('n');
    await hand.type(screen.getByRole('textbox', { name: 'Note' }), 'smells right');
    await hand.click(press('Keep the note'));
    await waitFor(() => {
      expect(queued).toHaveLength(2);
    });
    up = true;
    const before = server.calls.length;
    Stream.say('open');
    await waitFor(() => {
      expect(queued).toEqual([]);
    });
    expect(sent(server.calls.slice(before)).map((a) => a.kind)).toEqual(['turned', 'note']);
    expect(screen.queryByText(/No connection to the server/)).toBeNull();
  });

  it('keeps a record the server could not take, from status 500 on, and drops what it refused below', async () => {
    stubServer(() => ({ status: 500, data: {} }));
    const { hand } = at(150);
    await hand.keyboard('t');
    expect(await screen.findByText(/No connection to the server/)).toBeTruthy();
    expect(queued).toHaveLength(1);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('shows why the server refused a record, and does not send it again', async () => {
    const server = stubServer(() => ({ status: 409, data: { says: { code: 'refused.offHeatAlready' } } }));
    const { hand } = at(150);
    await hand.keyboard('t');
    expect((await screen.findByRole('alert')).textContent).toBe('The pot is off the heat already.');
    expect(queued).toEqual([]);
    expect(sent(server.calls)).toHaveLength(1);
  });

  it('takes back the last record by a key or any by its button', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(150, [IN, event('11111111-1111-4111-8111-111111111111', 140, { kind: 'turned' })]);
    await hand.keyboard('u');
    await waitFor(() => {
      expect(server.calls[0]?.body).toMatchObject({
        act: { kind: 'undo', eventId: '11111111-1111-4111-8111-111111111111' },
      });
    });
    expect(screen.queryByRole('button', { name: /Take back: Turned/ })).toBeNull();
  });

  it('listens to no key while something is typed or a dialog is open', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(150);
    await hand.keyboard('n');
    await hand.type(screen.getByRole('textbox', { name: 'Note' }), 'turned it, ugh');
    expect(server.calls).toEqual([]);
    expect(screen.getAllByRole('dialog')).toHaveLength(1);
  });

  it('says its keys when asked', async () => {
    const { hand } = at(30);
    await hand.keyboard('?');
    expect(screen.getByRole('dialog').textContent).toMatch(/fork/i);
  });

  it('takes no record but a note before the pot', async () => {
    stubServer(() => ({ data: {} }));
    const { hand } = at(-60, []);
    expect(press(/^Fork/)).toHaveProperty('disabled', true);
    expect(press(/^Note/)).toHaveProperty('disabled', false);
    await hand.keyboard('f');
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  it('puts a due action off for ten minutes', async () => {
    const { hand } = at(130);
    const next = screen.getByRole('region', { name: 'Next action' });
    expect(next.textContent).toMatch(/^Now/);
    await hand.click(press(/^Later/));
    expect(next.textContent).toMatch(/^Next, in 10 min/);
  });

  it('offers another heat only when the plate is in danger, and records it at a press', async () => {
    const server = stubServer(() => ({ data: {} }));
    const late = INTO_MS + 200 * MIN_MS;
    vi.useFakeTimers({ shouldAdvanceTime: true, now: late });
    const input: PlanInput = { ...OXTAIL_PLAN, heat: { kind: 'oven', tempC: 130, fan: false } };
    const { hand } = shown(
      <CookScreen
        aside={[]}
        first={view([IN, event('f', 195, { kind: 'fork', stage: 'holds' })], late, {
          ...input,
          serveAtMs: late + HOUR_MS,
        })}
        night
      />,
    );
    const ways = screen.getByRole('list', { name: 'What the heat could do' });
    await hand.click(within(ways).getAllByRole('button', { name: 'I have done that' })[0] as HTMLElement);
    await waitFor(() => {
      expect(sent(server.calls)[0]).toMatchObject({ kind: 'heat' });
    });
  });

  it('goes to the log when the server has the verdict, not before', async () => {
    const server = stubServer(() => ({ data: {} }));
    const off = event('off', 190, { kind: 'offHeat' });
    const { hand, nowMs } = at(230, [IN, off]);
    await hand.click(press('Say how it came out'));
    for (const question of ['How tender?', 'How moist?', 'The sauce?', 'The salt?']) {
      const radios = within(screen.getByRole('radiogroup', { name: question })).getAllByRole('radio');
      await hand.click(radios[2] as HTMLElement);
    }
    await hand.click(press('Finish and log it'));
    await waitFor(() => {
      expect(sent(server.calls)).toHaveLength(1);
    });
    expect(router.push).not.toHaveBeenCalled();
    const body = server.calls[0]?.body as NewEvent;
    Stream.say('view', toWire(view([IN, off, { ...body, cookId: 'c1' }], nowMs)));
    expect(router.push).toHaveBeenCalledWith('/log/c1');
  });

  it('leaves when the braise is deleted elsewhere', () => {
    at(30);
    Stream.say('gone');
    expect(router.push).toHaveBeenCalledWith('/');
    expect(Stream.open).toEqual([]);
  });

  it('asks before it deletes', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(30);
    await hand.click(press('Delete this braise'));
    expect(server.calls).toEqual([]);
    await hand.click(press('Delete the braise'));
    await waitFor(() => {
      expect(server.calls).toMatchObject([{ method: 'DELETE', url: '/api/cooks/c1' }]);
    });
    expect(router.push).toHaveBeenCalledWith('/');
  });
});
