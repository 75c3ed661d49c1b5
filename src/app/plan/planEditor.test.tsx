// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { DECISIONS } from './decisions';
import { PlanEditor } from './PlanEditor';
import { PLAN_INPUT } from '@/contract/stored/planInput';
import { type PlanInput } from '@/core/choices';
import { type UnitChoice, HOUR_MS } from '@/core/quantity';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { planOutlook } from '@/core/plan';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { failCalls } from '@/testing/comlink';
import { router } from '@/testing/navigation';
import { BROKEN, choose, retype, shown, US } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import '@/workers/plan.worker';
import { draftText } from '@/testing/drafts';
import { WORDS } from '@/testing/words';
import { say } from '@/core/message';
import { saying } from '@/testing/saying';

vi.mock('comlink', () => import('@/testing/comlink'));
vi.mock('next/navigation', () => import('@/testing/navigation'));
vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));

const VERDICT = { timeout: 5000 };

beforeEach(() => {
  localStorage.clear();
  window.history.replaceState(null, '', '/plan/p1');
  router.push.mockClear();
  vi.useFakeTimers({ shouldAdvanceTime: true, now: NOON_MS - HOUR_MS });
});

function open(start: Partial<PlanInput> = {}, id: string | null = 'p1', units?: UnitChoice) {
  return shown(
    <PlanEditor
      kitchen={SALTMARSH_ROW}
      start={{ ...OXTAIL_PLAN, ...start }}
      id={id}
      updatedAtMs={id === null ? null : 7}
    />,
    units ? { units } : {},
  );
}

const press = (name: string | RegExp): HTMLElement => screen.getByRole('button', { name });
const verdict = async (): Promise<void> => {
  await screen.findAllByText(saying('measure.eveningsInTen'), {}, VERDICT);
};

describe('the plan screen', () => {
  it('says when the fork twists, and opens every decision to a form and a drawing', async () => {
    const { hand, container } = open();
    await verdict();
    for (const decision of DECISIONS) {
      const step = press(new RegExp(`^${WORDS.label('decision', decision)}:`));
      await hand.click(step);
      expect(step.getAttribute('aria-current'), decision).toBe('step');
      expect(window.location.search).toBe(`?at=${decision}`);
      expect(container.textContent, decision).not.toMatch(BROKEN);
    }
    expect(screen.getByRole('heading', { name: /^The day,/ })).toBeTruthy();
  });

  it('takes a step back and does it again, and says which', async () => {
    const { hand } = open();
    await verdict();
    expect(press('Undo')).toHaveProperty('disabled', true);
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('meatForm.weightTrimmed') }), '3 kg');
    expect(press(/^Meat:/).textContent).toContain('3 kg');
    await hand.click(press('Undo'));
    expect(press(/^Meat:/).textContent).toContain('2 kg');
    expect(screen.getByText('Undone: the meat')).toBeTruthy();
    await hand.click(press('Redo'));
    expect(press(/^Meat:/).textContent).toContain('3 kg');
    expect(screen.getByText(WORDS.text('step.redo', { what: 'the meat' }))).toBeTruthy();
  });

  it('leaves Ctrl+Z to a text field and takes it everywhere else', async () => {
    const { hand } = open();
    await verdict();
    const title = screen.getByRole('textbox', { name: WORDS.text('common.nameOfTheDish') });
    await retype(hand, title, 'Harbour oxtail');
    const h1 = screen.getByRole('heading', { level: 1 });
    fireEvent.keyDown(title, { key: 'z', ctrlKey: true });
    expect(h1.textContent).toBe('Harbour oxtail');
    fireEvent.keyDown(press(/^Pot:/), { key: 'z', ctrlKey: true });
    expect(h1.textContent).toBe('Oxtail in stout');
    fireEvent.keyDown(press(/^Pot:/), { key: 'Z', ctrlKey: true, shiftKey: true });
    expect(h1.textContent).toBe('Harbour oxtail');
    fireEvent.keyDown(press(/^Pot:/), { key: 'z', ctrlKey: true });
    fireEvent.keyDown(press(/^Pot:/), { key: 'y', ctrlKey: true });
    expect(h1.textContent).toBe('Harbour oxtail');
  });

  it('has the decision in hand in the address, and walks back through them', async () => {
    const { hand } = open();
    await verdict();
    await hand.click(press(/^Pot:/));
    await hand.click(press(/^Heat:/));
    expect(screen.getByRole('heading', { level: 2, name: WORDS.text('panel.heat') })).toBeTruthy();
    window.history.back();
    expect(await screen.findByRole('heading', { level: 2, name: 'Does it fit?' })).toBeTruthy();
    window.history.forward();
    expect(await screen.findByRole('heading', { level: 2, name: WORDS.text('panel.heat') })).toBeTruthy();
  });

  it('takes the focus along where the decision is a page of its own', async () => {
    const room = (narrow: boolean): void => {
      vi.stubGlobal('matchMedia', () => ({ matches: narrow, addEventListener: vi.fn(), removeEventListener: vi.fn() }));
    };
    room(true);
    const { hand } = open();
    await verdict();
    await hand.click(press(/^Heat:/));
    expect(document.activeElement?.textContent).toBe(WORDS.text('panel.heat'));
    await hand.click(press(WORDS.text('decisionPanel.toTheDecisions')));
    await waitFor(() => {
      expect(document.activeElement).toBe(press(/^Heat:/));
    });
    expect(window.location.search).toBe('');
    room(false);
  });

  it('pulls the day up, and Back lowers it before it leaves the page', async () => {
    const { hand } = open();
    await verdict();
    await hand.click(press(/^Pot:/));
    const pull = press('Tasks and sides');
    await hand.click(pull);
    expect(screen.getByRole('heading', { name: 'The day, task by task' })).toBeTruthy();
    window.history.back();
    await waitFor(() => {
      expect(screen.queryByRole('heading', { name: 'The day, task by task' })).toBeNull();
    });
    expect(window.location.search).toBe('?at=pot');
  });

  it('keeps a change on this device until it is kept for good', async () => {
    const server = stubServer(() => ({ data: { id: 'p1', updatedAtMs: 8 } }));
    const first = open();
    await verdict();
    expect(press(WORDS.text('planEditor.kept'))).toHaveProperty('disabled', true);
    await retype(
      first.hand,
      screen.getByRole('textbox', { name: WORDS.text('common.nameOfTheDish') }),
      'Harbour oxtail',
    );
    await waitFor(() => {
      expect(draftText('p1')).toContain('Harbour oxtail');
    });
    first.unmount();

    const second = open();
    expect(await screen.findByText(WORDS.text('planEditor.hereIsWhatYouHad'))).toBeTruthy();
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Harbour oxtail');
    await waitFor(() => {
      expect(press(WORDS.text('planEditor.keep'))).toHaveProperty('disabled', false);
    }, VERDICT);
    await second.hand.click(press(WORDS.text('planEditor.keep')));
    await waitFor(() => {
      expect(draftText('p1')).toBeNull();
    });
    expect(server.calls).toMatchObject([
      { method: 'PUT', url: '/api/plans/p1', body: { input: { title: 'Harbour oxtail' }, basedOnMs: 7 } },
    ]);
    expect(press(WORDS.text('planEditor.kept'))).toHaveProperty('disabled', true);
  });

  it('goes back to the kept plan', async () => {
    localStorage.setItem(
      'even-ember:draft:p1',
      JSON.stringify({ inputVersion: PLAN_INPUT.version, input: { ...OXTAIL_PLAN, eaters: 9 }, basedOnMs: 7 }),
    );
    const { hand } = open();
    await hand.click(await screen.findByRole('button', { name: WORDS.text('planEditor.goBackToTheKept') }));
    expect(screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') })).toHaveProperty('value', '4');
    expect(draftText('p1')).toBeNull();
  });

  it('knows on which plan a draft was begun, so that it is not kept over a later one unasked', async () => {
    localStorage.setItem(
      'even-ember:draft:p1',
      JSON.stringify({
        inputVersion: PLAN_INPUT.version,
        input: { ...OXTAIL_PLAN, title: 'Begun before' },
        basedOnMs: 3,
      }),
    );
    const server = stubServer(() => ({ status: 409, data: { says: say('http.changedElsewhere') } }));
    const { hand } = open();
    await screen.findByText(WORDS.text('planEditor.hereIsWhatYouHad'));
    await waitFor(() => {
      expect(press(WORDS.text('planEditor.keep'))).toHaveProperty('disabled', false);
    }, VERDICT);
    await hand.click(press(WORDS.text('planEditor.keep')));
    expect((await screen.findByRole('alert')).textContent).toMatch(saying('http.changedElsewhere'));
    expect(server.calls[0]?.body).toMatchObject({ basedOnMs: 3, input: { title: 'Begun before' } });
  });

  it('keeps an emptied field empty through a reload', async () => {
    const first = open();
    await verdict();
    await retype(first.hand, screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') }), '');
    await waitFor(() => {
      expect(draftText('p1')).not.toBeNull();
    });
    first.unmount();
    open();
    await screen.findByText(WORDS.text('planEditor.hereIsWhatYouHad'));
    expect(screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') })).toHaveProperty('value', '');
  });

  it('takes no notice of a draft it cannot read', async () => {
    localStorage.setItem('even-ember:draft:p1', '{"title": 7');
    open();
    await verdict();
    expect(screen.queryByText(WORDS.text('planEditor.hereIsWhatYouHad'))).toBeNull();
  });

  it('marks the decision at fault, in the cook’s units, and lets nothing be cooked until it is mended', async () => {
    const { hand } = open({}, 'p1', US);
    await verdict();
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('meatForm.weightTrimmed') }), '100 lb');
    expect((await screen.findAllByText(saying('fault.tooMuch'), {}, VERDICT)).length).toBe(2);
    expect(press('Start the braise')).toHaveProperty('disabled', true);
    expect(within(press(/^Meat:/)).getByText('!')).toBeTruthy();
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('meatForm.weightTrimmed') }), '5 lb');
    await waitFor(() => {
      expect(press('Start the braise')).toHaveProperty('disabled', false);
    }, VERDICT);
  });

  it('offers ways that really fit when the plate is too soon, and takes one at a press', async () => {
    const { hand } = open({ serveAtMs: NOON_MS + 2 * HOUR_MS });
    await hand.click(await screen.findByRole('button', { name: saying('verdict.waysOut') }, VERDICT));
    await hand.click(await screen.findByRole('button', { name: saying('verdict.take2') }));
    await verdict();
    expect(screen.queryByText(saying('fault.tooLate'))).toBeNull();
  });

  it('keeps a new plan, then starts the braise from it and goes to the pot', async () => {
    const server = stubServer(({ url }) => ({ data: { id: url === '/api/plans' ? 'new1' : 'cook1', updatedAtMs: 8 } }));
    const { hand } = open({}, null);
    await waitFor(() => {
      expect(press('Start the braise')).toHaveProperty('disabled', false);
    }, VERDICT);
    await hand.click(press('Start the braise'));
    await waitFor(() => {
      expect(router.push).toHaveBeenCalledWith('/braise/cook1');
    });
    expect(server.calls.map((c) => `${c.method} ${c.url}`)).toEqual(['POST /api/plans', 'POST /api/braises']);
  });

  it('keeps a new plan once, however often what comes after it fails', async () => {
    let cooks = 0;
    const server = stubServer(({ url }) => {
      if (url !== '/api/braises') return { data: { id: 'new1', updatedAtMs: 8 } };
      cooks++;
      return cooks === 1 ? 'down' : { data: { id: 'cook1' } };
    });
    const { hand } = open({}, null);
    await waitFor(() => {
      expect(press('Start the braise')).toHaveProperty('disabled', false);
    }, VERDICT);
    await hand.click(press('Start the braise'));
    await screen.findByRole('alert');
    await hand.click(press('Start the braise'));
    await waitFor(() => {
      expect(router.push).toHaveBeenCalledWith('/braise/cook1');
    });
    expect(server.calls.filter((c) => c.url === '/api/plans')).toHaveLength(1);
  });

  it('asks whose change to keep when the plan was changed elsewhere', async () => {
    const server = stubServer(({ body }) =>
      (body as { basedOnMs: number | null }).basedOnMs === null
        ? { data: { id: 'p1', updatedAtMs: 12 } }
        : { status: 409, data: { says: say('http.changedElsewhere') } },
    );
    const { hand } = open();
    await verdict();
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('common.nameOfTheDish') }), 'Mine');
    await waitFor(() => {
      expect(press(WORDS.text('planEditor.keep'))).toHaveProperty('disabled', false);
    }, VERDICT);
    await hand.click(press(WORDS.text('planEditor.keep')));
    expect((await screen.findByRole('alert')).textContent).toMatch(saying('http.changedElsewhere'));
    expect(screen.getByRole('link', { name: WORDS.text('planEditor.showTheOther') }).getAttribute('href')).toBe(
      '/plan/p1',
    );
    await hand.click(press(WORDS.text('planEditor.keepMineOverIt')));
    await waitFor(() => {
      expect(screen.queryByRole('alert')).toBeNull();
    });
    expect(server.calls.map((c) => (c.body as { basedOnMs: number | null }).basedOnMs)).toEqual([7, null]);
    expect(press(WORDS.text('planEditor.kept'))).toHaveProperty('disabled', true);
  });

  it('says so when the server does not answer, and loses nothing', async () => {
    stubServer(() => 'down');
    const { hand } = open({}, null);
    await waitFor(() => {
      expect(press(WORDS.text('planEditor.keep'))).toHaveProperty('disabled', false);
    }, VERDICT);
    await hand.click(press(WORDS.text('planEditor.keep')));
    expect((await screen.findByRole('alert')).textContent).toMatch(saying('http.noAnswer'));
    expect(router.push).not.toHaveBeenCalled();
  });

  it('says so when the computation fails, and goes on with the next change', async () => {
    const failed = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const { hand } = open();
    await verdict();
    failCalls(true);
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') }), '5');
    expect(await screen.findByText(saying('fault.ours'), {}, VERDICT)).toBeTruthy();
    expect(press('Start the braise')).toHaveProperty('disabled', true);
    failCalls(false);
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') }), '4');
    await waitFor(() => {
      expect(press('Start the braise')).toHaveProperty('disabled', false);
    }, VERDICT);
    expect(failed).toHaveBeenCalled();
    failed.mockRestore();
  });

  it('remembers this kitchen’s own way on the server', async () => {
    const server = stubServer(() => ({ data: { ...SALTMARSH_ROW, habits: { searDepth: 'light' } } }));
    const { hand } = open();
    await verdict();
    await hand.click(press(/^Sear:/));
    await choose(hand, saying('ways.searDepth'), /Light gold/);
    await hand.click(press(WORDS.text('common.makeThisOurWay')));
    await waitFor(() => {
      expect(server.calls).toMatchObject([
        { method: 'PUT', url: '/api/kitchen', body: { habits: { searDepth: 'light' } } },
      ]);
    });
  });

  it('opens with what came with the page, and plans anew where that is of another time', async () => {
    const first = planOutlook(OXTAIL_PLAN, { nowMs: NOON_MS - 6 * HOUR_MS, pots: [], how: 'quick' });
    const editor = <PlanEditor kitchen={SALTMARSH_ROW} start={OXTAIL_PLAN} id="p1" updatedAtMs={7} first={first} />;
    shown(editor, { nowMs: Date.now() });
    expect(screen.getAllByText(saying('measure.eveningsInTen')).length).toBeGreaterThan(0);
    cleanup();
    failCalls(true);
    shown(editor, { nowMs: Date.now() - 2 * HOUR_MS });
    // The worker is used, and fails here.
    expect((await screen.findAllByRole('alert')).length).toBeGreaterThan(0);
    failCalls(false);
  });

  it('offers the day as files of open formats', async () => {
    const saved: string[] = [];
    vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined }));
    const click = vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      saved.push(this.download);
    });
    const { hand } = open();
    await verdict();
    for (const name of [/Plan file/, /Calendar/, /Recipe to read/, /Recipe for other/]) {
      await waitFor(() => {
        expect(press('Print or export this plan')).toHaveProperty('disabled', false);
      }, VERDICT);
      await hand.click(press('Print or export this plan'));
      const before = saved.length;
      await hand.click(await screen.findByRole('menuitem', { name }));
      await waitFor(() => {
        expect(saved.length).toBe(before + 1);
      });
    }
    click.mockRestore();
    expect(saved).toEqual([
      'oxtail-in-stout.plan.json',
      'oxtail-in-stout.ics',
      'oxtail-in-stout.md',
      'oxtail-in-stout.recipe.json',
    ]);
  });
});
