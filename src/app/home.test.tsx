// @vitest-environment jsdom
import { act, cleanup, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DemoButton } from './DemoButton';
import { ImportButton } from './ImportButton';
import { LogDetail } from './log/LogDetail';
import { LogList } from './log/LogList';
import { PlanList } from './plan/PlanList';
import { Home } from './Home';
import { Labels } from './labels/Labels';
import { storedBatchesNow } from './storedBatchesNow';
import { Leftovers } from './Leftovers';
import { LeftoversNotice } from './LeftoversNotice';
import { TopBar } from './TopBar';
import { type CookAct, type CookEvent, reduceEvents, type LogEntry, type StoredBatch, outcomeOf } from '@/core/cook';
import { type PlanInput } from '@/core/choices';
import { composePlan } from '@/core/plan';
import { savedSnapshot } from '@/engine/savedSnapshot';
import { cookView } from '@/engine/views';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { noteConnection } from '@/ui/connection';
import { noteClock } from '@/ui/serverClock';
import { type OutboxRow } from '@/ui/outbox/record';
import { router, standAt } from '@/testing/navigation';
import { BROKEN, metricAmounts, shown, US } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import { say } from '@/core/message';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '@/core/quantity';

vi.mock('next/navigation', () => import('@/testing/navigation'));
vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));
vi.mock('@/ui/outbox/store', () => ({ keepRow: vi.fn(), keptRows: () => Promise.resolve([]), dropRow: vi.fn() }));

const INTO_MS = NOON_MS + 3 * HOUR_MS;
const event = (id: string, minutes: number, act: CookEvent['act']): CookEvent => ({
  id,
  cookId: 'c1',
  atMs: INTO_MS + minutes * MINUTE_MS,
  act,
});
const FINISHED: readonly CookEvent[] = [
  event('1', 0, { kind: 'intoPot' }),
  event('2', 110, { kind: 'turned' }),
  event('3', 170, { kind: 'fork', stage: 'gives' }),
  event('4', 196, { kind: 'fork', stage: 'twists' }),
  event('5', 200, { kind: 'offHeat' }),
  event('6', 240, {
    kind: 'finished',
    verdict: { tenderness: 4, moisture: 4, sauce: 3, salt: 2, nextTime: 'a pinch more salt' },
  }),
];
const stored = (events: readonly CookEvent[]) => ({
  id: 'c1',
  planId: 'p1',
  input: OXTAIL_PLAN,
  events,
  createdAtMs: NOON_MS,
  begun: null,
});
const kept = savedSnapshot(stored(FINISHED), undefined, 'then');
const detail = (of: LogEntry) => (
  <LogDetail aside={[]} input={OXTAIL_PLAN} events={FINISHED} account={kept.account} entry={of} />
);
const outcome = (events: readonly CookEvent[]) => outcomeOf(reduceEvents(OXTAIL_PLAN, events));
const entry: LogEntry = {
  id: 'c1',
  title: OXTAIL_PLAN.title,
  cutId: OXTAIL_PLAN.meat.cutId,
  massKg: OXTAIL_PLAN.meat.massKg,
  plannedMin: 190,
  plannedP10Min: 170,
  plannedP90Min: 225,
  workedOut: 'then',
  finishedMs: 0,
  actualMin: 0,
  verdict: { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: '' },
  ...outcome(FINISHED),
};
const page = (entries: readonly LogEntry[], part: object = {}) => ({
  entries,
  page: 1,
  pages: 1,
  all: entries.length,
  inside: 0,
  waiting: 0,
  aside: [],
  ...part,
});

beforeEach(() => {
  router.push.mockClear();
  router.refresh.mockClear();
  vi.useFakeTimers({ shouldAdvanceTime: true, now: INTO_MS + 30 * MINUTE_MS });
});

// An unmounted page closes its stream.
afterEach(async () => {
  cleanup();
  await vi.advanceTimersByTimeAsync(100);
});

describe('the stove', () => {
  const made = composePlan(OXTAIL_PLAN, 48);
  const day = made.ok ? made.plan.day : undefined;

  it('shows what is on, what is next and what was last', () => {
    const nowMs = INTO_MS + 30 * MINUTE_MS;
    const { container } = shown(
      <Home
        shelf={[]}
        warm={[]}
        aside={[]}
        live={[cookView(stored(FINISHED.slice(0, 1)), nowMs)]}
        coming={[
          { id: 'p2', title: 'Duck legs with lentils', eaters: 4, serveAtMs: NOON_MS + 33 * HOUR_MS, day },
          { id: 'p3', title: 'Something broken', eaters: 2, serveAtMs: NOON_MS + 40 * HOUR_MS, day: undefined },
        ]}
        last={[{ id: 'c0', title: 'Pork cheeks', finishedMs: NOON_MS - 48 * HOUR_MS, verdict: entry.verdict }]}
      />,
      { nowMs },
    );
    const fire = screen.getByRole('region', { name: WORDS.text('home.onTheFire', { title: 'Oxtail in stout' }) });
    expect(fire.textContent).toMatch(/between \d\d:\d\d and \d\d:\d\d/);
    expect(within(fire).getByRole('link').getAttribute('href')).toBe('/braise/c1');
    expect(container.textContent).toContain('for 4, tomorrow 21:00');
    expect(container.textContent).toMatch(saying('home.comingAtFault'));
    expect(container.textContent).toContain('Next time: a pinch more salt');
    expect(container.textContent).not.toMatch(BROKEN);
  });

  it('keeps what is left of a meal in sight until it is cold', () => {
    const nowMs = (FINISHED.at(-1)?.atMs ?? 0) + 40 * MINUTE_MS;
    const warm = cookView(stored(FINISHED), nowMs);
    shown(<Home live={[]} warm={[warm]} coming={[]} last={[]} shelf={[]} aside={[]} />, { nowMs });
    const left = screen.getByRole('region', { name: WORDS.text('home.stillWarm', { title: 'Oxtail in stout' }) });
    expect(left.textContent).toContain(WORDS.text('step.cool.rest'));
    expect(screen.queryByText(WORDS.text('home.nothingIsOnTheFire'))).toBeNull();
  });

  it('says what to do while there is nothing', () => {
    const { container } = shown(<Home live={[]} coming={[]} last={[]} shelf={[]} warm={[]} aside={[]} />);
    for (const text of [
      WORDS.text('home.nothingIsOnTheFire'),
      WORDS.text('home.noPlanIsWaiting'),
      WORDS.text('home.theLogIsEmptyIt'),
    ]) {
      expect(container.textContent).toContain(text);
    }
  });
});

describe('what is kept', () => {
  const lot: StoredBatch = {
    id: '33333333-3333-4333-8333-333333333333',
    storedMs: NOON_MS,
    grams: 400,
    fridge: 2,
    freezer: 1,
    useByMs: NOON_MS + 3 * DAY_MS,
    freezerByMs: NOON_MS + 90 * DAY_MS,
  };
  const warmed = [{ grams: 400, toC: 74, microwaveMin: 4, microwaveW: 800, panMin: null, ovenMin: 45, ovenC: 160 }];

  it('is eaten by one touch, and says when its day is past', async () => {
    const acts: CookAct[] = [];
    const shelf = (now: number) => (
      <Leftovers
        cookId="c1"
        title="Oxtail"
        lots={[lot]}
        now={now}
        warmed={() => warmed[0]}
        onRecord={(act) => acts.push(act)}
      />
    );
    const { hand, container, rerender } = shown(shelf(NOON_MS));
    expect(container.textContent).toMatch(/2 boxes of 400 g .*Fri 13 Mar/);
    expect(container.textContent).toContain('cut them first');
    await hand.click(screen.getAllByRole('button', { name: 'thrown away: one box of Oxtail' })[0] as HTMLElement);
    expect(acts).toEqual([{ kind: 'box', lot: lot.id, count: 1, fate: 'thrown' }]);
    rerender(shelf(NOON_MS + 4 * DAY_MS));
    expect(container.textContent).toContain('throw it away');
    // Past its use-by day nobody is told how to reheat it.
    expect(container.textContent).not.toMatch(saying('caution.reheat'));
  });

  it('says on every page what its row says of its day, from the last day on, and of the freezer nothing', () => {
    const kept = [{ id: 'c1', title: 'Oxtail', lots: [lot], known: [] }];
    const row = { past: 'throw it away', last: WORDS.text('shelf.fridge.last') };
    const note = { past: WORDS.text('shelfNote.past', { dishes: 'Oxtail' }), last: 'Last day in the fridge: Oxtail' };
    for (const [days, told] of [
      [0, undefined],
      [2, undefined],
      [3, 'last'],
      [4, 'past'],
      [40, 'past'],
    ] as const) {
      const nowMs = NOON_MS + days * DAY_MS;
      const shelf = (
        <Leftovers cookId="c1" title="Oxtail" lots={[lot]} now={nowMs} warmed={() => undefined} onRecord={vi.fn()} />
      );
      const { container } = shown(
        <>
          <LeftoversNotice kept={kept} />
          <main>{shelf}</main>
        </>,
        { nowMs },
      );
      const [status, list] = [container.querySelector('[role=status]'), container.querySelector('main')];
      for (const day of ['past', 'last'] as const) {
        expect(list?.textContent.includes(row[day]), String(days)).toBe(told === day);
        expect(status?.textContent.includes(note[day]) ?? false, String(days)).toBe(told === day);
      }
      expect(status?.textContent ?? '').not.toMatch(BROKEN);
      cleanup();
    }
    const frozen = [{ id: 'c1', title: 'Oxtail', lots: [{ ...lot, fridge: 0 }], known: [] }];
    const { container } = shown(<LeftoversNotice kept={frozen} />, { nowMs: NOON_MS + 4 * DAY_MS });
    expect(container.textContent).toBe('');
  });

  it('goes by the kitchen’s clock as soon as this device hears that its own is wrong', () => {
    const kept = [{ id: 'c1', title: 'Oxtail', lots: [lot], known: [] }];
    vi.setSystemTime(NOON_MS + 9 * DAY_MS);
    try {
      const { container } = shown(<LeftoversNotice kept={kept} />, { nowMs: NOON_MS });
      act(() => {
        vi.advanceTimersByTime(10);
      });
      expect(container.textContent).toMatch(saying('shelfNote.past'));
      act(() => {
        noteClock(Date.now(), NOON_MS, Date.now());
      });
      expect(container.textContent).toBe('');
    } finally {
      noteClock(Date.now(), Date.now(), Date.now());
    }
  });

  it('asks the server anew once it has answered on another day, and never before', () => {
    router.refresh.mockClear();
    shown(<LeftoversNotice kept={[]} />, { nowMs: NOON_MS - 9 * DAY_MS });
    act(() => {
      vi.advanceTimersByTime(70_000);
    });
    // A cached page, opened days later while the server is away.
    expect(router.refresh).not.toHaveBeenCalled();
    act(() => {
      noteConnection(false, NOON_MS);
      noteConnection(true, NOON_MS);
    });
    expect(router.refresh).toHaveBeenCalledOnce();
  });

  it('goes from the note with the touch that says it was eaten, and comes back with what takes that back', () => {
    const kept = { id: 'c1', title: 'Oxtail', lots: [{ ...lot, fridge: 1 }], known: ['seen'] };
    const touch = (id: string, act: OutboxRow['event']['act']) => ({
      cookId: 'c1',
      title: 'Oxtail',
      event: { ...event(id, 0, act), cookId: 'c1' },
    });
    const eaten = touch('eaten', { kind: 'box', lot: lot.id, count: 1, fate: 'eaten' });
    const boxes = (...recorded: readonly ReturnType<typeof touch>[]) =>
      storedBatchesNow(kept, recorded as unknown as Parameters<typeof storedBatchesNow>[1]).map((l) => l.fridge);
    expect(boxes()).toEqual([1]);
    expect(boxes(eaten)).toEqual([0]);
    expect(boxes(eaten, touch('back', { kind: 'undo', eventId: 'eaten' }))).toEqual([1]);
    // The server already shows it.
    expect(boxes({ ...eaten, event: { ...eaten.event, id: 'seen' } })).toEqual([1]);
  });

  it('has a label for every box, with its day, how it is warmed and what is in it', () => {
    const { container } = shown(
      <Labels id="c1" title="Oxtail" madeMs={NOON_MS} lots={[lot]} warmed={warmed} brings={['celery']} />,
    );
    expect(within(container).getAllByRole('listitem')).toHaveLength(3);
    expect(container.textContent).toMatch(saying('labels.frozenBy'));
    expect(container.textContent).toContain('Celery');
    expect(container.textContent).not.toMatch(BROKEN);
  });
});

describe('the plans', () => {
  const plans = [
    { id: 'p1', input: OXTAIL_PLAN },
    { id: 'p2', input: { ...OXTAIL_PLAN, title: 'Last week’s', serveAtMs: NOON_MS - 100 * HOUR_MS } },
  ];

  it('say for whom and when, those gone by too', () => {
    const { container } = shown(<PlanList aside={[]} page={1} pages={1} plans={plans} />);
    expect(container.textContent).toContain('for 4 · serve today 21:00');
    expect(container.textContent).toContain(WORDS.text('planList.wasToBeServed'));
    expect(metricAmounts(container.textContent).length).toBeGreaterThan(0);
  });

  it('say so even where the server knows a reason this page has no words for yet', async () => {
    stubServer(() => ({ status: 409, data: { says: { code: 'http.fromLaterOn' } } }));
    const { hand } = shown(<PlanList aside={[]} page={1} pages={1} plans={plans} />);
    await hand.click(screen.getByRole('button', { name: 'Delete Oxtail in stout' }));
    await hand.click(screen.getByRole('button', { name: WORDS.text('planList.deleteThePlan') }));
    expect((await screen.findByRole('alert')).textContent).toMatch(saying('http.failed'));
  });

  it('are deleted only after a second word, and say so when it failed', async () => {
    const server = stubServer(() => ({ status: 404, data: { says: say('http.noPlan') } }));
    const { hand } = shown(<PlanList aside={[]} page={1} pages={1} plans={plans} />, { units: US });
    await hand.click(screen.getByRole('button', { name: 'Delete Oxtail in stout' }));
    expect(server.calls).toEqual([]);
    await hand.click(screen.getByRole('button', { name: WORDS.text('planList.deleteThePlan') }));
    expect((await screen.findByRole('alert')).textContent).toBe(WORDS.text('http.noPlan'));
    expect(server.calls).toMatchObject([{ method: 'DELETE', url: '/api/plans/p1' }]);
    expect(router.refresh).toHaveBeenCalled();
  });

  it('invite to the first while there is none', () => {
    expect(shown(<PlanList aside={[]} page={1} pages={1} plans={[]} />).container.textContent).toMatch(
      saying('home.noPlanIsWaiting'),
    );
  });
});

describe('what cannot be read', () => {
  const aside = [
    { table: 'plans' as const, id: 'p7', title: 'Old shanks', why: say('aside.notJson') },
    { table: 'events' as const, id: 'e7', title: null, why: say('aside.shape', { where: 'act.kind' }) },
  ];

  it('says which and why, is taken out as it is, and a plan or braise is removed after a second word', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand, container } = shown(<PlanList aside={aside} page={1} pages={1} plans={[]} />);
    expect(container.textContent).toMatch(/“Old shanks”/);
    expect(screen.getAllByRole('link', { name: saying('aside.takeOut') }).map((a) => a.getAttribute('href'))).toEqual([
      '/api/rows/plans/p7',
      '/api/rows/events/e7',
    ]);
    await hand.click(screen.getByRole('button', { name: WORDS.text('aside.remove') }));
    await hand.click(within(screen.getByRole('dialog')).getByRole('button', { name: WORDS.text('aside.remove') }));
    await waitFor(() => {
      expect(router.refresh).toHaveBeenCalled();
    });
    expect(server.calls).toMatchObject([{ method: 'DELETE', url: '/api/plans/p7' }]);
  });
});

describe('the log', () => {
  it('knows when the fork turned, not when the pot came off', () => {
    expect(entry.actualMin).toBe(196);
    expect(outcome(FINISHED.slice(0, -1))).toBeUndefined();
    const untested = FINISHED.filter((e) => e.act.kind !== 'fork');
    expect(outcome(untested)?.actualMin).toBe(200);
  });

  it('counts how many turned within their window', () => {
    const late = { ...entry, id: 'c2', actualMin: entry.plannedP90Min + 30 };
    const { container } = shown(<LogList {...page([entry, late], { all: 8, inside: 5 })} />);
    expect(container.textContent).toContain('5 of 8 braises');
    expect(screen.getAllByRole('img')).toHaveLength(2);
    expect(container.innerHTML).not.toContain('NaN');
  });

  it('is turned page by page, and says what is still to come', () => {
    const { container, unmount } = shown(<LogList {...page([entry], { page: 2, pages: 3, waiting: 4 })} />);
    expect(screen.getByRole('link', { name: WORDS.text('pages.before') }).getAttribute('href')).toBe('/log?page=1');
    expect(screen.getByRole('link', { name: WORDS.text('pages.after') }).getAttribute('href')).toBe('/log?page=3');
    expect(container.textContent).toContain('4 finished braises');
    unmount();
    shown(<LogList {...page([entry])} />);
    expect(screen.queryByRole('navigation', { name: 'Pages' })).toBeNull();
  });

  it('is empty in words', () => {
    expect(shown(<LogList {...page([])} />).container.textContent).toMatch(saying('logList.nothingIsInTheLog'));
  });

  it('sets planned against actual, with every record and what it taught', () => {
    const { container } = shown(detail(entry), { units: US });
    expect(container.textContent).toContain(WORDS.text('logDetail.sauceEstimated'));
    expect(container.textContent).toMatch(/\d+ g.*\d+ g/);
    expect(container.textContent).toContain('Planned: ');
    expect(container.textContent).toContain('Next time: a pinch more salt');
    expect(container.textContent).toContain('Fork: gives');
    // Up to the test that found it fork-tender; a later forecast would contradict it.
    expect(container.textContent.match(/Forecast then: \d+:\d\d\sPM, between/g)).toHaveLength(2);
    expect(container.textContent).not.toMatch(BROKEN);
    expect(metricAmounts(container.textContent)).toEqual([]);
  });

  it('shows what counted for nothing with the reason, and what was worked out only afterwards', () => {
    const late = savedSnapshot(stored(FINISHED), undefined, 'later').account;
    const events = [...FINISHED, event('7', 250, { kind: 'turned' })];
    const { container } = shown(
      <LogDetail aside={[]} input={OXTAIL_PLAN} events={events} account={late} entry={entry} />,
    );
    expect(container.textContent).toContain(
      WORDS.text('common.pointlessRecord', { act: 'Turned', why: 'This braise is finished' }),
    );
    expect(container.textContent).toMatch(saying('logDetail.lessonsLater'));
  });

  it('says so where the forecast was not kept when the meat went in', () => {
    const note = 'when the meat went in';
    const { container, unmount } = shown(detail({ ...entry, workedOut: 'later' }));
    expect(container.textContent).toContain(note);
    unmount();
    expect(shown(detail(entry)).container.textContent).not.toContain(note);
  });

  it('tells a night in which the clocks went back in its order, and as long as it was', () => {
    const midnightMs = Date.parse('2026-10-24T22:00:00Z');
    const night = { ...OXTAIL_PLAN, serveAtMs: Date.parse('2026-10-25T06:00:00Z') };
    const moved = (id: string, minutes: number, act: CookEvent['act']): CookEvent => ({
      ...event(id, 0, act),
      atMs: midnightMs + minutes * MINUTE_MS,
    });
    // Half past two comes twice: the fork drags at the first and gives at the second.
    const events = [
      moved('1', 0, { kind: 'intoPot' }),
      moved('3', 210, { kind: 'fork', stage: 'gives' }),
      moved('2', 150, { kind: 'fork', stage: 'drags' }),
      moved('4', 240, { kind: 'fork', stage: 'twists' }),
      moved('5', 241, { kind: 'offHeat' }),
      moved('6', 270, { kind: 'finished', verdict: entry.verdict }),
    ];
    const { account } = savedSnapshot({ ...stored(events), input: night }, undefined, 'then');
    const outcome = outcomeOf(reduceEvents(night, events));
    expect(outcome?.actualMin).toBe(240);
    const { container } = shown(
      <LogDetail aside={[]} input={night} events={events} account={account} entry={{ ...entry, ...outcome }} />,
      { timeZone: 'Europe/Berlin' },
    );
    const text = container.textContent;
    const places = ['02:30 CESTFork: drags', '02:30 CETFork: gives', '03:00Fork: twists'].map((t) => text.indexOf(t));
    expect(places.every((p, i) => p > 0 && (i === 0 || p > (places[i - 1] ?? 0)))).toBe(true);
    expect(text).toContain('after 4 h');
    expect(text).not.toMatch(BROKEN);
  });

  it('braises it again at the same clock time on the next day that leaves time', async () => {
    const server = stubServer(() => ({ data: { id: 'p9' } }));
    vi.setSystemTime(NOON_MS + 50 * HOUR_MS);
    const { hand } = shown(detail(entry), { timeZone: 'Europe/Lisbon' });
    await hand.click(screen.getByRole('button', { name: saying('logDetail.braiseItAgain') }));
    await waitFor(() => {
      expect(router.push).toHaveBeenCalledWith('/plan/p9');
    });
    const { input } = server.calls[0]?.body as { input: PlanInput };
    expect(new Date(input.serveAtMs).toISOString()).toBe('2026-03-12T21:00:00.000Z');
    expect(input.meat).toEqual(OXTAIL_PLAN.meat);
  });

  it('deletes an entry after a second word', async () => {
    const server = stubServer(() => ({ data: {} }));
    const { hand } = shown(detail(entry));
    await hand.click(screen.getByRole('button', { name: 'Delete this entry' }));
    await hand.click(screen.getByRole('button', { name: WORDS.text('logDetail.deleteTheEntry') }));
    await waitFor(() => {
      expect(router.push).toHaveBeenCalledWith('/log');
    });
    expect(server.calls).toMatchObject([{ method: 'DELETE', url: '/api/braises/c1' }]);
  });
});

describe('the bar above', () => {
  it('marks the place, the pot counting as the stove', () => {
    standAt('/braise/c1');
    shown(<TopBar theme="light" />);
    const marked = screen.getAllByRole('link').filter((l) => l.getAttribute('aria-current') === 'page');
    expect(marked.map((l) => l.textContent)).toEqual(['Home']);
  });

  it('goes from daylight to the night kitchen and remembers it', async () => {
    const { hand } = shown(<TopBar theme="light" />);
    await hand.click(screen.getByRole('button', { name: WORDS.text('topBar.nightKitchenColours') }));
    expect(document.documentElement.dataset.theme).toBe('dark');
    expect(document.cookie).toContain('dark');
    expect(screen.getByRole('button', { name: WORDS.text('topBar.daylightColours') })).toBeTruthy();
  });

  it('changes the units at once, and the kitchen’s zone on the server', async () => {
    const server = stubServer(({ body }) =>
      (body as { timeZone: string }).timeZone === 'Europe/Lisbon'
        ? { data: {} }
        : { status: 400, data: { says: say('shape.timeZone') } },
    );
    const { hand } = shown(<TopBar theme="light" />);
    await hand.click(
      screen.getByRole('button', {
        name: WORDS.text('unitsMenu.unitsAndClock', { shown: 'g · °C' }),
      }),
    );
    await hand.click(screen.getByRole('radio', { name: /US customary/ }));
    await hand.click(screen.getByRole('radio', { name: /Fahrenheit/ }));
    expect(document.cookie).toContain('us-F');
    const zone = screen.getByRole('combobox', { name: WORDS.text('unitsMenu.timeZoneOfTheKitchen') });
    await hand.clear(zone);
    await hand.type(zone, 'lisbon');
    await hand.click(await screen.findByRole('option', { name: 'Europe/Lisbon' }));
    await waitFor(() => {
      expect(router.refresh).toHaveBeenCalled();
    });
    expect(server.calls).toMatchObject([{ method: 'PUT', url: '/api/kitchen', body: { timeZone: 'Europe/Lisbon' } }]);
  });
});

describe('taking in', () => {
  it('goes to what was in the file, or says why not', async () => {
    let good = true;
    stubServer(() =>
      good ? { status: 201, data: { href: '/plan/p5' } } : { status: 422, data: { says: say('file.notOurs') } },
    );
    const { hand, container } = shown(<ImportButton />);
    const input = container.querySelector('input[type="file"]') as HTMLInputElement;
    await hand.upload(input, new File(['{}'], 'a.json', { type: 'application/json' }));
    await waitFor(() => {
      expect(router.push).toHaveBeenCalledWith('/plan/p5');
    });
    good = false;
    await hand.upload(input, new File(['{"x":1}'], 'b.json', { type: 'application/json' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(saying('file.notOurs'));
  });

  it('loads the demo kitchen, and says when it could not', async () => {
    stubServer(() => 'down');
    const { hand } = shown(<DemoButton />);
    await hand.click(screen.getByRole('button', { name: /demo kitchen/ }));
    expect((await screen.findByRole('alert')).textContent).toMatch(saying('http.noAnswer'));
    expect(screen.getByRole('button', { name: /demo kitchen/ })).toHaveProperty('disabled', false);
  });
});
