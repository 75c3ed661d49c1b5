// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { NewPlan } from './NewPlan';
import { readDraft } from '../readDraft';
import { draftText } from '@/testing/drafts';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { NOON_MS } from '@/testing/fixtures';
import { choose, retype, shown, US } from '@/testing/screen';
import { type UnitChoice, HOUR_MS } from '@/core/quantity';
import '@/workers/plan.worker';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';

vi.mock('comlink', () => import('@/testing/comlink'));
vi.mock('next/navigation', () => import('@/testing/navigation'));
vi.mock('@/ui/charts/Chart', () => import('@/testing/chart'));

beforeEach(() => {
  localStorage.clear();
  window.history.replaceState(null, '', '/plan/new');
  vi.useFakeTimers({ shouldAdvanceTime: true, now: NOON_MS - HOUR_MS });
});

const open = (units?: UnitChoice) => shown(<NewPlan kitchen={SALTMARSH_ROW} />, units ? { units } : {});
const line = (): HTMLElement => screen.getByRole('textbox', { name: saying('begin.line') });
const plan = (): HTMLElement => screen.getByRole('button', { name: WORDS.text('begin.plan') });
const begun = () => readDraft(draftText(null) ?? '')?.input;

describe('the first minute', () => {
  it('begins with nothing of a stranger’s, and plans from one line', async () => {
    const { hand } = open();
    expect(plan()).toHaveProperty('disabled', true);
    await hand.type(line(), 'pork cheeks for 6 tomorrow 20:15, 140, small pot, cider{Enter}');
    expect(window.location.search).toBe('?begun');
    expect(begun()).toMatchObject({
      title: 'Pork cheek in dry cider',
      eaters: 6,
      meat: { cutId: 'pork_cheek' },
      course: [{ heat: { kind: 'oven', tempC: 140 }, lid: 'light' }],
      pot: { lengthMm: 220 },
      serveAtMs: NOON_MS + (24 + 8.25) * HOUR_MS,
    });
    expect(await screen.findByRole('heading', { level: 1, name: 'Pork cheek in dry cider' })).toBeTruthy();
    await screen.findAllByText(saying('measure.eveningsInTen'), {}, { timeout: 5000 });
    window.history.back();
    expect(await screen.findByText(WORDS.text('begin.unkept', { title: 'Pork cheek in dry cider' }))).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: WORDS.text('begin.goOn') }));
    expect(await screen.findByRole('heading', { level: 1, name: 'Pork cheek in dry cider' })).toBeTruthy();
  });

  it('shows what was understood to settle, says what was not, and takes what is settled by hand', async () => {
    const { hand } = open();
    await retype(hand, line(), 'oxtail for 6, moonbeams, gas 2');
    expect(screen.getByText(/150 °C/)).toBeTruthy();
    expect(screen.getByRole('status').textContent).toBe(WORDS.text('begin.notUnderstood', { what: '“moonbeams”' }));
    expect(screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') })).toHaveProperty('value', '6');
    await retype(hand, screen.getByRole('textbox', { name: WORDS.text('common.atTheTable') }), '8');
    await hand.click(screen.getByRole('button', { name: 'Lamb shank' }));
    await choose(hand, saying('begin.kind'), /^Cider and mustard/);
    await hand.click(plan());
    expect(begun()).toMatchObject({ title: 'Lamb shank', eaters: 8, meat: { cutId: 'lamb_shank' } });
    expect(begun()?.liquid.parts.map((p) => p.id)).toEqual(['cider']);
  });

  it('speaks the reader’s own dates and degrees', async () => {
    const { hand } = open(US);
    await retype(hand, line(), 'short ribs 325 tomorrow 7pm');
    expect(screen.getByText(/325 °F/)).toBeTruthy();
    const plates = within(screen.getByRole('group', { name: saying('serveForm.platesOutAt') }));
    expect(plates.getAllByRole('spinbutton').map((s) => s.textContent)).toEqual(['3', '11', '2026', '7', '00', 'PM']);
  });

  it('has a plan that was begun here again after a reload, and nothing where none was', async () => {
    const first = open();
    await first.hand.type(line(), 'oxtail{Enter}');
    await waitFor(() => {
      expect(begun()?.title).toBe('Oxtail');
    });
    first.unmount();
    open();
    expect(await screen.findByRole('heading', { level: 1, name: 'Oxtail' })).toBeTruthy();
    localStorage.clear();
    first.unmount();
  });
});
