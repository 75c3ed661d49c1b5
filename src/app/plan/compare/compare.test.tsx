// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Compare } from './Compare';
import { type PlanInput, mainStage, HEAT_MODES } from '@/core/choices';
import { composePlan } from '@/core/plan';
import { type UnitChoice, HOUR_MS } from '@/core/quantity';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { failCalls } from '@/testing/comlink';
import { router } from '@/testing/navigation';
import { BROKEN, metricAmounts, shown, US } from '@/testing/screen';
import { stubServer } from '@/testing/server';
import '@/workers/plan.worker';
import { say } from '@/core/message';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';

vi.mock('comlink', () => import('@/testing/comlink'));
vi.mock('next/navigation', () => import('@/testing/navigation'));
vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));

const LONG = { timeout: 20_000 };
const NOW_MS = NOON_MS - 30 * HOUR_MS;

beforeEach(() => {
  router.push.mockClear();
  vi.useFakeTimers({ shouldAdvanceTime: true, now: NOW_MS });
});

async function open(input: PlanInput = OXTAIL_PLAN, units?: UnitChoice) {
  const made = shown(<Compare id="p1" updatedAtMs={7} input={input} modes={HEAT_MODES} />, {
    nowMs: NOW_MS,
    ...(units ? { units } : {}),
  });
  await screen.findByRole('table', {}, LONG);
  await made.hand.click(screen.getByRole('heading', { name: /on another (cooker|stove)/i }));
  await screen.findByText(saying('elsewhere.dial'), {}, LONG);
  return made;
}

const columns = (): (string | null)[] =>
  within(screen.getByRole('table'))
    .getAllByRole('columnheader')
    .map((c) => c.textContent);
const ways = (): HTMLInputElement[] =>
  within(screen.getByRole('group', { name: saying('compare.waysToCompareAtMost') })).getAllByRole('checkbox');

describe('ways side by side', () => {
  it('sets the plan beside others, each with its figures and its difference in a sentence', async () => {
    const { container } = await open();
    expect(columns().length).toBeGreaterThanOrEqual(2);
    expect(columns()[0]).toMatch(/^As planned/);
    const table = within(screen.getByRole('table'));
    const rows = table.getAllByRole('row').slice(1);
    const alike = rows.at(-1);
    expect(alike?.textContent).toMatch(saying('compare.alike'));
    // What differs has its own row with a figure for each way; what does not is said once, below.
    for (const name of [
      WORDS.text('compare.begin'),
      WORDS.text('compare.readyAbout'),
      WORDS.text('compare.staysGood'),
      WORDS.text('compare.yourHands'),
      WORDS.text('compare.leftInThePot'),
      WORDS.text('compare.waterInTheMeat'),
    ]) {
      const row = rows.find((r) => r.textContent.startsWith(name));
      if (!row) {
        expect(alike?.textContent, name).toMatch(new RegExp(`${name}: .*\\d`));
        continue;
      }
      const figures = within(row)
        .getAllByRole('cell')
        .map((c) => c.firstChild?.textContent ?? '');
      expect(
        figures.every((f) => /\d|–/.test(f)),
        name,
      ).toBe(true);
      expect(new Set(figures).size, name).toBeGreaterThan(1);
    }
    expect(columns()[0]).toContain(WORDS.text('compare.thePlanItself'));
    expect(columns()[1]).toMatch(/in the pot|window|hands/);
    expect(container.textContent).not.toMatch(BROKEN);
  });

  it('takes one in and leaves one out, at least one and at most four', async () => {
    const { hand } = await open();
    const picked = (): number => ways().filter((w) => w.checked).length;
    while (picked() < 4) {
      const next = ways().find((w) => !w.checked && !w.disabled);
      await hand.click(next as HTMLElement);
    }
    expect(
      ways()
        .filter((w) => !w.checked)
        .every((w) => w.disabled),
    ).toBe(true);
    expect(columns().length).toBe(4);
    while (picked() > 1) {
      await hand.click(ways().find((w) => w.checked && !w.disabled) as HTMLElement);
    }
    expect(ways().filter((w) => w.checked)[0]?.disabled).toBe(true);
  });

  it('keeps one: the plan is changed on the server and shown again', async () => {
    const server = stubServer(() => ({ data: { id: 'p1' } }));
    const { hand } = await open();
    await hand.click(screen.getAllByRole('button', { name: WORDS.text('compare.keepThisWay') })[0] as HTMLElement);
    await waitFor(() => {
      expect(router.push).toHaveBeenCalledWith('/plan/p1');
    });
    const body = server.calls[0]?.body as { input: PlanInput };
    expect(server.calls[0]).toMatchObject({ method: 'PUT', url: '/api/plans/p1', body: { basedOnMs: 7 } });
    expect(mainStage(body.input).heat).not.toEqual(mainStage(OXTAIL_PLAN).heat);
    expect(composePlan(body.input, 0).ok).toBe(true);
  });

  it('does not keep a way over a plan that was changed elsewhere', async () => {
    stubServer(() => ({ status: 409, data: { says: say('http.changedElsewhere') } }));
    const { hand } = await open();
    await hand.click(screen.getAllByRole('button', { name: WORDS.text('compare.keepThisWay') })[0] as HTMLElement);
    expect((await screen.findAllByRole('alert'))[0]?.textContent).toMatch(saying('compare.changed'));
    expect(router.push).not.toHaveBeenCalled();
  });

  it('says so when it could not be kept', async () => {
    stubServer(() => 'down');
    const { hand } = await open();
    await hand.click(screen.getAllByRole('button', { name: WORDS.text('compare.keepThisWay') })[0] as HTMLElement);
    expect((await screen.findAllByRole('alert'))[0]?.textContent).toMatch(saying('http.noAnswer'));
    expect(router.push).not.toHaveBeenCalled();
  });

  it('says so when the computation fails, instead of waiting for ever', async () => {
    const failed = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    failCalls(true);
    shown(<Compare id="p1" updatedAtMs={7} input={OXTAIL_PLAN} modes={HEAT_MODES} />, { nowMs: NOW_MS });
    expect(await screen.findAllByRole('alert')).toHaveLength(1);
    failCalls(false);
    failed.mockRestore();
  });

  it('takes it elsewhere: what changes and why, and keeps that place', async () => {
    const server = stubServer(() => ({ data: { id: 'p1' } }));
    const { hand } = await open();
    const stove = screen.getByRole('article', { name: /^Hob/ });
    expect(within(stove).getAllByRole('listitem').length).toBeGreaterThan(0);
    await hand.click(within(stove).getByRole('button', { name: WORDS.text('elsewhere.keepThisPlace') }));
    await waitFor(() => {
      expect(server.calls).toHaveLength(1);
    });
    expect(mainStage((server.calls[0]?.body as { input: PlanInput }).input).heat.kind).toBe('simmer');
  });

  it('is read in the cook’s own units throughout', async () => {
    const { container } = await open(OXTAIL_PLAN, US);
    expect(metricAmounts(container.textContent)).toEqual([]);
  });
});
