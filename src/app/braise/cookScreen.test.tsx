// @vitest-environment jsdom
import { act, cleanup, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CookScreen } from './CookScreen';
import { type NewEvent } from '@/contract/cook';
import { toWire } from '@/contract/wire';
import { type CookAct, type CookEvent } from '@/core/cook';
import { type PlanInput } from '@/core/choices';
import { type UnitChoice, HOUR_MS, MINUTE_MS } from '@/core/quantity';
import { cookView } from '@/engine/views';
import { NOON_MS, OXTAIL_PLAN, heated } from '@/testing/fixtures';
import { router } from '@/testing/navigation';
import { BROKEN, choose, metricAmounts, shown, US } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import { type OutboxRow } from '@/ui/outbox/record';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';
import { say } from '@/core/message';

vi.mock('next/navigation', () => import('@/testing/navigation'));
vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));

const reloadForBuild = vi.hoisted(() => vi.fn());
vi.mock('@/ui/newerBuild', () => ({ reloadForBuild }));

// The device's storage, without a database.
const queued: OutboxRow[] = [];
vi.mock('@/ui/outbox/store', () => ({
  keepRow: (row: OutboxRow) => Promise.resolve(void queued.push(row)),
  keptRows: () => Promise.resolve([...queued]),
  dropRow: (id: string) => {
    queued.splice(
      queued.findIndex((r) => r.event.id === id),
      1,
    );
    return Promise.resolve();
  },
}));

/** The server's stream, driven by the test. */
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

const INTO_MS = NOON_MS + 3 * HOUR_MS;

const event = (id: string, minutes: number, did: CookEvent['act']): CookEvent => ({
  id,
  cookId: 'c1',
  atMs: INTO_MS + minutes * MINUTE_MS,
  act: did,
});
const IN: CookEvent = event('in', 0, { kind: 'intoPot' });

function view(events: readonly CookEvent[], nowMs: number, input: PlanInput = OXTAIL_PLAN) {
  return cookView({ id: 'c1', planId: 'p1', input, events, createdAtMs: NOON_MS, begun: null }, nowMs);
}

/** The page has opened its stream. */
const streaming = () =>
  waitFor(() => {
    expect(Stream.open).toHaveLength(1);
  });

/** The server's message for a braise with these records. */
const news = (events: readonly CookEvent[], nowMs: number): string =>
  toWire({ cookId: 'c1', from: 0, events, live: view(events, nowMs).live });

function at(minutes: number, events: readonly CookEvent[] = [IN], units?: UnitChoice) {
  const nowMs = INTO_MS + minutes * MINUTE_MS;
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
  router.push.mockClear();
});

// An unmounted page closes its stream.
afterEach(async () => {
  cleanup();
  await vi.advanceTimersByTimeAsync(100);
});

describe('the cook screen', () => {
  it('has one thing to do next, when the fork twists, and nothing broken, in the cook’s units', () => {
    const { container, unmount } = at(30);
    expect(screen.getByRole('region', { name: WORDS.text('nextCard.nextAction') }).textContent).toMatch(/\d\d:\d\d/);
    expect(container.textContent).toMatch(/between \d\d:\d\d and \d\d:\d\d/);
    expect(container.textContent).toMatch(/\d\d:\d\d/);
    expect(container.textContent).not.toMatch(BROKEN);
    unmount();
    const us = at(30, [IN, event('p', 20, { kind: 'probe', tempC: 71, nearBone: false })], US);
    expect(metricAmounts(us.container.textContent)).toEqual([]);
  });

  it('asks to be opened anew when the server says it is another build', async () => {
    at(30);
    await streaming();
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
    expect(await screen.findByText(WORDS.text('soFar.sent'))).toBeTruthy();
    await streaming();
    const body = server.calls[0]?.body as NewEvent;
    Stream.say('view', news([IN, { ...body, cookId: 'c1' }], nowMs));
    expect(screen.queryByText(WORDS.text('soFar.sent'))).toBeNull();
    expect(screen.getAllByText(/Fork: drags/).length).toBeGreaterThan(0);
    // A record and its effect are announced, not only shown.
    expect(screen.getAllByRole('status').some((e) => e.textContent.includes('Fork: drags'))).toBe(true);
    expect(queued).toEqual([]);
  });

  it('keeps records while the server is down and sends them, oldest first, when it is back', async () => {
    let up = false;
    const server = stubServer(() => (up ? { data: {} } : 'down'));
    const { hand } = at(150);
    await streaming();
    Stream.say('error');
    await hand.keyboard('t');
    await hand.keyboard('n');
    await hand.type(screen.getByRole('textbox', { name: 'Note' }), 'smells right');
    await hand.click(press(WORDS.text('recordSheets.keepTheNote')));
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
  });

  it('keeps a record the server could not take, and says that this device has it', async () => {
    stubServer(() => ({ status: 500, data: {} }));
    const { hand } = at(150);
    await hand.keyboard('t');
    expect(await screen.findByText(WORDS.text('soFar.keptOnThisDeviceNot'))).toBeTruthy();
    expect(queued).toHaveLength(1);
  });

  it('shows what counts for nothing with the reason, and takes it back', async () => {
    const server = stubServer(() => ({ data: {} }));
    const early = event('22222222-2222-4222-8222-222222222222', -4, { kind: 'turned' });
    const { hand } = at(150, [IN, early]);
    const list = screen.getByRole('list', { name: WORDS.text('soFar.pointless') });
    expect(list.textContent).toMatch(saying('refused.nothingInPot'));
    await hand.click(within(list).getByRole('button'));
    await waitFor(() => {
      expect(server.calls[0]?.body).toMatchObject({ act: { kind: 'undo', eventId: early.id } });
    });
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
    expect(screen.queryByRole('button', { name: WORDS.text('soFar.takeBack', { act: 'Turned' }) })).toBeNull();
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

  it('lets single keys be switched off on this device, and on again', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(-60, []);
    const toggled = async (): Promise<void> => {
      await hand.keyboard('?');
      await hand.click(screen.getByRole('switch', { name: WORDS.text('hotkeys.on') }));
      await hand.keyboard('{Escape}');
    };
    await toggled();
    await hand.keyboard(' x');
    expect(screen.queryByRole('dialog')).toBeNull();
    expect(server.calls).toEqual([]);
    await toggled();
    await hand.keyboard(' ');
    await waitFor(() => {
      expect(sent(server.calls)).toHaveLength(1);
    });
  });

  it('asks for the first step before the pot, takes it by one key, and no record of the pot', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(-60, []);
    expect(screen.getByRole('region', { name: WORDS.text('nextCard.nextAction') }).textContent).toContain('Wash hands');
    expect(screen.queryByRole('button', { name: /^Fork/ })).toBeNull();
    await hand.keyboard('f');
    expect(screen.queryByRole('dialog')).toBeNull();
    await hand.keyboard(' ');
    await waitFor(() => {
      expect(sent(server.calls)).toMatchObject([{ kind: 'step', step: 'washHands', how: 'done' }]);
    });
    expect(screen.getByRole('region', { name: WORDS.text('nextCard.nextAction') }).textContent).toContain(
      'Set out everything',
    );
  });

  it('records what was done ten minutes ago at its real moment', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand, nowMs } = at(-60, []);
    await hand.click(press('Earlier…'));
    await hand.click(screen.getByRole('menuitem', { name: 'I did that 10 min ago' }));
    await waitFor(() => {
      expect(sent(server.calls)).toHaveLength(1);
    });
    const { atMs } = server.calls[0]?.body as NewEvent;
    expect((nowMs - atMs) / MINUTE_MS).toBeGreaterThan(9.5);
    expect((nowMs - atMs) / MINUTE_MS).toBeLessThan(10.5);
  });

  it('answers a trouble with figures of this pot and makes it a step', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(60);
    await hand.keyboard('x');
    await hand.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'The liquid is low' }));
    const dialog = screen.getByRole('dialog');
    expect(dialog.textContent).toMatch(/\d+ ml/);
    await hand.click(within(dialog).getByRole('button', { name: saying('trouble.levelLow.step') }));
    await waitFor(() => {
      expect(sent(server.calls)).toEqual([{ kind: 'trouble', trouble: 'levelLow' }]);
    });
    expect(screen.getByRole('region', { name: WORDS.text('nextCard.nextAction') }).textContent).toMatch(
      saying('trouble.levelLow.step'),
    );
  });

  it('rings a timer that is over, says by how much, and stops when it is answered', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(60, [IN, event('t', 40, { kind: 'timer', timer: 'p', name: 'potatoes', minutes: 12 })]);
    expect(screen.getByRole('alert').textContent).toContain('potatoes8 min');
    await hand.click(press(WORDS.text('timers.answer', { name: 'potatoes' })));
    await waitFor(() => {
      expect(sent(server.calls)).toEqual([{ kind: 'timer', timer: 'p', name: 'potatoes', minutes: 0 }]);
    });
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('puts the dry pot before everything else', () => {
    at(130, [IN, event('l', 129, { kind: 'liquid', levelMm: 0, simmering: true, addedL: 0, addedTempC: 95 })]);
    expect(screen.getByRole('alert').textContent).toContain(WORDS.text('alarm.dry'));
    expect(document.body.textContent).not.toMatch(saying('liveForecast.liquidIsFineItWill'));
  });

  it('makes the whole screen the button when hands are full', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(-60, []);
    await hand.click(press(/Hands full/));
    await hand.click(screen.getByText(saying('stepCard.anywhere')));
    await waitFor(() => {
      expect(sent(server.calls)).toMatchObject([{ kind: 'step', step: 'washHands' }]);
    });
    await hand.keyboard('q');
    await waitFor(() => {
      expect(sent(server.calls)).toHaveLength(2);
    });
  });

  it('puts a due action off for ten minutes', async () => {
    const { hand } = at(130);
    const next = screen.getByRole('region', { name: WORDS.text('nextCard.nextAction') });
    expect(next.textContent).toMatch(/^Braise · Now/);
    await hand.click(press(saying('nextCard.laterMin')));
    expect(next.textContent).toMatch(/^Braise · Next, in 10 min/);
  });

  it('offers another heat only when the plate is in danger, and records it at a press', async () => {
    const server = stubServer(() => ({ data: {} }));
    const late = INTO_MS + 200 * MINUTE_MS;
    vi.useFakeTimers({ shouldAdvanceTime: true, now: late });
    const input: PlanInput = heated(OXTAIL_PLAN, { kind: 'oven', tempC: 110, fan: false });
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
    const ways = screen.getByRole('list', { name: WORDS.text('liveForecast.whatTheHeatCouldDo') });
    await hand.click(
      within(ways).getAllByRole('button', {
        name: WORDS.text('liveForecast.iHaveDoneThat'),
      })[0] as HTMLElement,
    );
    await waitFor(() => {
      expect(sent(server.calls)[0]).toMatchObject({ kind: 'heat' });
    });
  });

  it('goes to the log when the server has the verdict, not before', async () => {
    const server = stubServer(() => ({ data: {} }));
    const off = event('off', 190, { kind: 'offHeat' });
    const eaten = event('eaten', 220, { kind: 'served' });
    const { hand, nowMs } = at(230, [IN, off, eaten]);
    await hand.click(press(WORDS.text('next.button.finished')));
    for (const question of ['How tender?', 'How moist?', 'The sauce?', 'The salt?']) {
      const radios = within(screen.getByRole('radiogroup', { name: question })).getAllByRole('radio');
      await hand.click(radios[2] as HTMLElement);
    }
    await hand.click(press(WORDS.text('recordSheets.finishAndLogIt')));
    await waitFor(() => {
      expect(sent(server.calls).at(-1)?.kind).toBe('finished');
    });
    expect(router.push).not.toHaveBeenCalled();
    await streaming();
    const body = server.calls.at(-1)?.body as NewEvent;
    Stream.say('view', news([IN, off, eaten, { ...body, cookId: 'c1' }], nowMs));
    expect(router.push).toHaveBeenCalledWith('/log/c1');
  });

  describe('after the heat', () => {
    const off = event('off', 190, { kind: 'offHeat' });
    const eaten = event('eaten', 220, { kind: 'served' });
    const step = (id: string, min: number) =>
      event(`did ${id}`, min, { kind: 'step', step: id, name: id, how: 'done' });
    const slow = { ...OXTAIL_PLAN, serveAtMs: OXTAIL_PLAN.serveAtMs + 4 * HOUR_MS };

    it('offers four ways to keep it warm, each with what it does, and records the one that is taken', async () => {
      const server = stubServer(() => ({ data: {} }));
      const nowMs = INTO_MS + 195 * MINUTE_MS;
      vi.useFakeTimers({ shouldAdvanceTime: true, now: nowMs });
      const { hand, container } = shown(<CookScreen aside={[]} first={view([IN, off], nowMs, slow)} night={false} />, {
        nowMs,
      });
      expect(container.textContent).toMatch(saying('hold.nowUnsaid'));
      expect(screen.getAllByRole('button', { name: saying('hold.take') })).toHaveLength(4);
      expect(container.textContent).toMatch(saying('hold.never'));
      expect(container.textContent).not.toMatch(BROKEN);
      await hand.click(press(WORDS.text('hold.take', { way: say('hold.flame.short') })));
      await waitFor(() => {
        expect(sent(server.calls)).toEqual([{ kind: 'hold', way: 'flame' }]);
      });
      expect(container.textContent).toContain(WORDS.text('hold.flame'));
    });

    it('says that what is left stands too long, and takes that it was cooled an hour ago', async () => {
      const server = stubServer(() => ({ data: {} }));
      const nowMs = INTO_MS + (220 + 150) * MINUTE_MS;
      vi.useFakeTimers({ shouldAdvanceTime: true, now: nowMs });
      const { hand } = shown(<CookScreen aside={[]} first={view([IN, off, eaten], nowMs)} night={false} />, { nowMs });
      expect(screen.getByRole('alert').textContent).toMatch(saying('alarm.restOut'));
      await hand.click(press(WORDS.text('alarm.record.cooling')));
      const sheet = within(screen.getByRole('dialog', { name: WORDS.text('record.cooling.title') }));
      await choose(hand, /When/, /^1.h 00 ago$/);
      await hand.click(sheet.getByRole('button', { name: /^Pot in ice water/ }));
      await waitFor(() => {
        expect(sent(server.calls)).toEqual([{ kind: 'cooling', way: 'ice' }]);
      });
      const { atMs } = server.calls[0]?.body as NewEvent;
      expect(Math.round((nowMs - atMs) / MINUTE_MS)).toBe(60);
      expect(screen.queryByRole('alert')).toBeNull();
    });

    it('draws the sauce: a row of keys is one line, what goes in is weighed, what is missing is named', async () => {
      const server = stubServer(() => ({ data: {} }));
      const { hand, container } = at(195, [IN, off, step('finish:liftOut', 191)]);
      const line = screen.getByRole('slider', { name: WORDS.text('sauceColumn.aim') });
      const before = line.getAttribute('aria-valuetext');
      line.focus();
      await hand.keyboard('{ArrowDown}{ArrowDown}{PageDown}');
      expect(line.getAttribute('aria-valuetext')).not.toBe(before);
      expect(sent(server.calls)).toEqual([]);
      await act(() => vi.advanceTimersByTimeAsync(800));
      await waitFor(() => {
        expect(sent(server.calls)).toMatchObject([{ kind: 'aim' }]);
      });
      await hand.click(press(WORDS.text('record.put.title')));
      const amount = screen.getByRole('textbox', { name: /How much/ });
      await hand.clear(amount);
      await hand.type(amount, '4{Tab}');
      await hand.click(press(WORDS.text('record.put.record')));
      await waitFor(() => {
        expect(sent(server.calls)[1]).toEqual({ kind: 'put', thing: 'salt', amount: 4 });
      });
      await hand.click(press(WORDS.text('record.counted.title')));
      const [first] = screen.getAllByRole('textbox', { name: saying('record.counted.out') });
      await hand.clear(first as HTMLElement);
      await hand.type(first as HTMLElement, '0{Tab}');
      expect(screen.getByRole('dialog').textContent).toContain('Something is missing');
      await hand.click(press(WORDS.text('record.counted.record')));
      expect(await screen.findByText(saying('counted.missing'))).toBeTruthy();
      expect(container.textContent).not.toMatch(BROKEN);
    });

    it('refuses a sauce that is none, in words', async () => {
      const { hand } = at(195, [IN, off, step('finish:liftOut', 191)]);
      await hand.click(press('I measured the sauce'));
      const litres = screen.getByRole('textbox', { name: WORDS.text('record.sauce.litres') });
      await hand.clear(litres);
      await hand.type(litres, '1{Tab}');
      await hand.click(press(WORDS.text('record.sauce.record')));
      expect(screen.getByRole('alert').textContent).toContain('Sauce: between 20 ml and 20 l');
    });

    it('counts down what cools, believes the thermometer, and keeps the boxes in sight', async () => {
      const server = stubServer(() => ({ data: {} }));
      const cooling = event('cool', 260, { kind: 'cooling', way: 'ice' });
      const first = at(270, [IN, off, eaten, cooling]);
      expect(first.container.textContent).toMatch(/21 °C by \d\d:\d\d: .* left · likely \d\d:\d\d/);
      first.unmount();
      const { hand, container } = at(300, [IN, off, eaten, cooling, event('r', 295, { kind: 'cooled', tempC: 19 })]);
      expect(container.textContent).toMatch(/It was at 21 °C by \d\d:\d\d/);
      await hand.click(press(WORDS.text('record.stored.title')));
      await hand.click(press(WORDS.text('record.put.record')));
      await waitFor(() => {
        expect(sent(server.calls)).toMatchObject([{ kind: 'stored', place: 'fridge' }]);
      });
      expect(container.textContent).toContain(WORDS.text('rest.title'));
      await hand.click(press(/^eaten: one box of/));
      await waitFor(() => {
        expect(sent(server.calls).at(-1)).toMatchObject({ kind: 'box', fate: 'eaten', count: 1 });
      });
      expect(container.textContent).not.toMatch(BROKEN);
    });
  });

  it('leaves when the braise is deleted elsewhere', async () => {
    at(30);
    await streaming();
    Stream.say('gone', '{"cookId":"c1"}');
    expect(router.push).toHaveBeenCalledWith('/');
  });

  it('asks before it deletes', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = at(30);
    await hand.click(press('Delete this braise'));
    expect(server.calls).toEqual([]);
    await hand.click(press(WORDS.text('soFar.deleteTheBraise')));
    await waitFor(() => {
      expect(server.calls).toMatchObject([{ method: 'DELETE', url: '/api/braises/c1' }]);
    });
    expect(router.push).toHaveBeenCalledWith('/');
  });
});
