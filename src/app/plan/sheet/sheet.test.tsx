// @vitest-environment jsdom
import { act, fireEvent, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { PrepSheet } from './PrepSheet';
import { SheetFaults } from './SheetFaults';
import { shoppingList } from '@/core/shopping';
import { composePlan, type Plan } from '@/core/plan';
import { type PlanInput } from '@/core/choices';
import { type UnitChoice, HOUR_MS } from '@/core/quantity';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { BROKEN, metricAmounts, shown, US } from '@/testing/screen';
import { english, WORDS } from '@/testing/words';
import { say } from '@/core/message';

vi.mock('next/navigation', () => import('@/testing/navigation'));

function plan(input: PlanInput = OXTAIL_PLAN): Plan {
  const made = composePlan(input, 48);
  if (!made.ok) throw new Error(english(made.faults[0]?.says));
  return made.plan;
}
const OXTAIL = plan();

function open(p: Plan = OXTAIL, { updatedAtMs = 1, units }: { updatedAtMs?: number; units?: UnitChoice } = {}) {
  return shown(<PrepSheet id="p1" updatedAtMs={updatedAtMs} plan={p} />, units ? { units } : {});
}

const boxes = (): HTMLInputElement[] => screen.getAllByRole('checkbox');

const firstFork = (): HTMLElement => screen.getAllByRole('textbox', { name: /^Fork, fork test/ })[0] as HTMLElement;

beforeEach(() => {
  localStorage.clear();
});

describe('the bench sheet', () => {
  it('lists all there is to buy, the day’s moments in order, and blanks for what is found', () => {
    const { container } = open();
    const said = container.textContent;
    for (const line of shoppingList(OXTAIL)) expect(said).toContain(english(line.name));
    const day = screen.getByRole('region', { name: WORDS.text('benchSheet.theDay') }).textContent;
    const times = [...day.matchAll(/\d\d:\d\d/g)].map(([t]) => t);
    expect(times.length).toBeGreaterThan(6);
    expect([...times].sort()).toEqual(times);
    expect(firstFork()).toBeTruthy();
    expect(said).toContain('local food-safety guidance');
    expect(said).not.toMatch(BROKEN);
  });

  it('keeps ticks and notes through a reload, and forgets them when asked', async () => {
    const first = open();
    await first.hand.click(boxes()[0] as HTMLElement);
    await first.hand.click(boxes()[2] as HTMLElement);
    await first.hand.type(firstFork(), 'gives');
    first.unmount();
    const { hand } = open();
    expect(
      boxes()
        .map((b) => b.checked)
        .slice(0, 3),
    ).toEqual([true, false, true]);
    expect(firstFork()).toHaveProperty('value', 'gives');
    await hand.click(screen.getByRole('button', { name: WORDS.text('benchSheet.clearTheTicks') }));
    expect(boxes().some((b) => b.checked)).toBe(false);
    expect(screen.queryByRole('button', { name: WORDS.text('benchSheet.clearTheTicks') })).toBeNull();
    expect(localStorage.length).toBe(0);
  });

  it('hears of a tick in another tab', async () => {
    const { hand } = open();
    await hand.click(boxes()[0] as HTMLElement);
    const key = localStorage.key(0) as string;
    const other = JSON.parse(localStorage.getItem(key) ?? '{}') as { ticked: string[]; written: object };
    act(() => {
      localStorage.setItem(key, JSON.stringify({ ...other, ticked: [] }));
      fireEvent(window, new Event('storage'));
    });
    expect(boxes()[0]?.checked).toBe(false);
  });

  it('begins anew when the plan has been changed, and when what was kept cannot be read', async () => {
    const first = open();
    await first.hand.click(boxes()[0] as HTMLElement);
    const key = localStorage.key(0) as string;
    first.unmount();
    const changed = open(OXTAIL, { updatedAtMs: 2 });
    expect(boxes()[0]?.checked).toBe(false);
    changed.unmount();
    localStorage.setItem(key, '{"ticked": "all"}');
    open();
    expect(boxes()[0]?.checked).toBe(false);
  });

  it('names the day beside the clock where the work goes over two, with ice to buy', () => {
    const { container } = open(
      plan({
        ...OXTAIL_PLAN,
        serveAtMs: NOON_MS + 31 * HOUR_MS,
        day: { ...OXTAIL_PLAN.day, ahead: { fridgeByMs: NOON_MS + 9 * HOUR_MS } },
      }),
    );
    expect(container.textContent).toMatch(/Tue \d\d:\d\d/);
    expect(container.textContent).toContain('ice');
  });

  it('is written in the cook’s own units', () => {
    expect(metricAmounts(open(OXTAIL, { units: US }).container.textContent)).toEqual([]);
  });

  it('prints', async () => {
    const print = vi.fn();
    vi.stubGlobal('print', print);
    const { hand } = open();
    await hand.click(screen.getByRole('button', { name: 'Print' }));
    expect(print).toHaveBeenCalledOnce();
  });

  it('says instead why a kept plan cannot be cooked as it stands', () => {
    const { container } = shown(
      <SheetFaults
        id="p1"
        title="Oxtail"
        faults={[
          {
            field: 'course.0.heat.tempC',
            says: say('fault.tooMuch', {
              name: say('field.heat.still'),
              entry: { as: 'temperature', entered: 482.2, limits: [80, 240] },
              limits: { as: 'temperature', low: 80, high: 240 },
            }),
          },
        ]}
      />,
      { units: US },
    );
    expect(screen.getByRole('alert').textContent).toContain('900 °F');
    expect(container.querySelector('a')?.getAttribute('href')).toBe('/plan/p1');
  });
});
