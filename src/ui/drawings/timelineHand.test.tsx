// @vitest-environment jsdom
import { LIMITS, mainStage } from '@/core/choices';
import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Timeline } from './Timeline';
import { PotSection } from './PotSection';
import { composePlan } from '@/core/plan';
import { OXTAIL_PLAN } from '@/testing/fixtures';
import { shown } from '@/testing/screen';
import { english, WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';
import { say } from '@/core/message';
import { MINUTE_MS } from '@/core/quantity';

const made = composePlan({ ...OXTAIL_PLAN, day: { ...OXTAIL_PLAN.day, burners: 2, sides: ['mash'] } }, 48);
if (!made.ok) throw new Error(english(made.faults[0]?.says));
const { plan } = made;
const { day } = plan;

function line(fixed: readonly string[] = []) {
  const edit = {
    onMove: vi.fn<(task: string, toMs: number) => void>(),
    onDrop: vi.fn(),
    onCancel: vi.fn(),
    onFree: vi.fn(),
  };
  const { hand } = shown(
    <Timeline day={day} timeZone="UTC" zoomsAt="above" edit={{ tasks: day.tasks, fixed, ...edit }} />,
  );
  return { hand, edit };
}

const grip = (name: string | RegExp): HTMLElement => screen.getByRole('slider', { name });

/** Drags as a mouse does, in steps, and releases. */
function drag(from: HTMLElement, byPx: number): void {
  const pointer = { pointerId: 1, pointerType: 'mouse', button: 0, clientY: 50, pageY: 50 };
  fireEvent.pointerDown(from, { ...pointer, clientX: 500, pageX: 500 });
  for (const share of [0.5, 1]) {
    fireEvent.pointerMove(document, { ...pointer, clientX: 500 + byPx * share, pageX: 500 + byPx * share });
  }
  fireEvent.pointerUp(document, { ...pointer, clientX: 500 + byPx, pageX: 500 + byPx });
}

describe('the plate and the tasks by hand', () => {
  it('have a grip each, saying their clock time; what needs no hands has none', () => {
    line();
    expect(grip(WORDS.text('emberLine.platesOut')).getAttribute('aria-valuetext')).toBe('21:00');
    for (const t of day.tasks.filter((x) => x.handsMinutes > 0 && x.place !== 'table')) {
      expect(grip(english(t.label)).getAttribute('aria-valuetext'), t.id).toMatch(/^\d\d:\d\d$/);
    }
    expect(screen.queryByRole('slider', { name: /oven on/ })).toBeNull();
  });

  it('move five minutes by an arrow key, thirty with shift, and come to rest', async () => {
    const { hand, edit } = line();
    grip(WORDS.text('emberLine.platesOut')).focus();
    await hand.keyboard('{ArrowRight}');
    expect(edit.onMove).toHaveBeenLastCalledWith('plate', day.serveMs + 5 * MINUTE_MS);
    expect(edit.onDrop).toHaveBeenCalledTimes(1);
    await hand.keyboard('{Shift>}{ArrowLeft}{/Shift}');
    expect(edit.onMove).toHaveBeenLastCalledWith('plate', day.serveMs - 30 * MINUTE_MS);
    await hand.keyboard('{ArrowUp}');
    expect(edit.onMove).toHaveBeenLastCalledWith('plate', day.serveMs + 5 * MINUTE_MS);
  });

  it('follow the mouse and stay where they are let go', () => {
    const { edit } = line();
    const meat = day.tasks.find((t) => t.id === 'meat');
    drag(grip(WORDS.text('task.meat')), -40);
    const [task, toMs] = edit.onMove.mock.lastCall ?? ['', Number.NaN];
    expect(task).toBe('meat');
    expect(toMs).toBeLessThan(meat?.fromMs ?? 0);
    expect(edit.onDrop).toHaveBeenCalledOnce();
    expect(edit.onCancel).not.toHaveBeenCalled();
  });

  it('go back on Escape, and what is dragged after it is not taken', () => {
    const { edit } = line();
    const plate = grip(WORDS.text('emberLine.platesOut'));
    const pointer = { pointerId: 1, pointerType: 'mouse', button: 0, clientY: 50, pageY: 50 };
    fireEvent.pointerDown(plate, { ...pointer, clientX: 500, pageX: 500 });
    fireEvent.pointerMove(document, { ...pointer, clientX: 520, pageX: 520 });
    fireEvent.keyDown(plate, { key: 'Escape' });
    fireEvent.pointerMove(document, { ...pointer, clientX: 580, pageX: 580 });
    fireEvent.pointerUp(document, { ...pointer, clientX: 580, pageX: 580 });
    expect(edit.onCancel).toHaveBeenCalledOnce();
    expect(edit.onMove).toHaveBeenCalledOnce();
    expect(edit.onDrop).not.toHaveBeenCalled();
  });

  it('are let go of a moment by Delete where they are fixed, and not elsewhere', async () => {
    const { hand, edit } = line(['meat']);
    grip(WORDS.text('line.fixed', { task: say('task.meat') })).focus();
    await hand.keyboard('{Delete}');
    expect(edit.onFree).toHaveBeenCalledExactlyOnceWith('meat');
    grip(WORDS.text('emberLine.platesOut')).focus();
    await hand.keyboard('{Delete}');
    expect(edit.onFree).toHaveBeenCalledOnce();
  });

  it('are looked at from near by', async () => {
    const { hand } = line();
    const drawing = (): string => screen.getByRole('group', { name: saying('line.day') }).style.width;
    const wide = drawing();
    await hand.click(screen.getByRole('radio', { name: /½ h/ }));
    expect(drawing()).not.toBe(wide);
  });
});

describe('the level by hand', () => {
  const section = (onLevel: (share: number) => void) => (
    <PotSection
      pot={plan.pot}
      liquidL={plan.liquidL}
      evaporationMlPerHour={plan.liquid.water.perHour.value * 1000}
      heat={mainStage(plan.input).heat}
      lid={mainStage(plan.input).lid}
      onLevel={onLevel}
    />
  );

  it('goes by hundredths, by tenths, to its ends, and never beyond', async () => {
    const onLevel = vi.fn<(share: number) => void>();
    const { hand } = shown(section(onLevel));
    const handle = screen.getByRole('slider', { name: saying('levelHandle.levelOfTheLiquidAs') });
    const now = Number(handle.getAttribute('aria-valuenow')) / 100;
    handle.focus();
    await hand.keyboard('{ArrowUp}');
    expect(onLevel.mock.lastCall?.[0]).toBeCloseTo(now + 0.01, 2);
    await hand.keyboard('{PageDown}');
    expect(onLevel.mock.lastCall?.[0]).toBeCloseTo(now - 0.1, 2);
    await hand.keyboard('{Home}');
    expect(onLevel).toHaveBeenLastCalledWith(LIMITS.liquidLevel[0]);
    await hand.keyboard('{End}');
    expect(onLevel).toHaveBeenLastCalledWith(LIMITS.liquidLevel[1]);
  });

  it('follows the pointer only while it is down', () => {
    const onLevel = vi.fn<(share: number) => void>();
    shown(section(onLevel));
    const handle = screen.getByRole('slider', { name: saying('levelHandle.levelOfTheLiquidAs') });
    const at = (y: number) => ({
      pointerId: 1,
      pointerType: 'mouse',
      button: 0,
      clientX: 9,
      pageX: 9,
      clientY: y,
      pageY: y,
    });
    fireEvent.pointerMove(document, at(100));
    expect(onLevel).not.toHaveBeenCalled();
    fireEvent.pointerDown(handle, at(100));
    fireEvent.pointerMove(document, at(90));
    expect(onLevel).toHaveBeenCalledOnce();
    fireEvent.pointerUp(document, at(90));
    fireEvent.pointerMove(document, at(10));
    expect(onLevel).toHaveBeenCalledOnce();
  });
});
