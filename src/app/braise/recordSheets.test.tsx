// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { RecordSheet } from './RecordSheet';
import { type SheetRecord } from './records';
import { type CookAct, type CookEvent, reduceEvents } from '@/core/cook';
import { composePlan } from '@/core/plan';
import { cookView } from '@/engine/views';
import { type UnitChoice } from '@/core/quantity';
import { DONENESS_STAGES } from '@/core/tenderness';
import { heated, NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { BROKEN, choose, metricAmounts, retype, shown, US } from '@/testing/screen';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';

const made = composePlan(OXTAIL_PLAN, 0);
if (!made.ok) throw new Error('no plan');
const { plan } = made;
const { live } = cookView(
  { id: 'c', planId: null, input: OXTAIL_PLAN, events: [], createdAtMs: NOON_MS, begun: null },
  NOON_MS,
);
const IN_THE_POT: CookEvent = { id: 'in', cookId: 'c', atMs: NOON_MS, act: { kind: 'intoPot' } };

function sheet(kind: SheetRecord, units?: UnitChoice, input = plan.input) {
  const onRecord = vi.fn<(act: CookAct) => void>();
  const onClose = vi.fn();
  const { hand } = shown(
    <RecordSheet
      kind={kind}
      state={reduceEvents(input, [IN_THE_POT])}
      plan={plan}
      live={live}
      levelMm={31.4}
      onRecord={onRecord}
      onClose={onClose}
    />,
    units ? { units } : {},
  );
  return { hand, onRecord, onClose, dialog: screen.getByRole('dialog') };
}

const field = (name: string): HTMLElement => screen.getByRole('textbox', { name });
const press = (name: string | RegExp): HTMLElement => screen.getByRole('button', { name });

describe('a record', () => {
  it('of the fork is one press on what it felt like', async () => {
    const { hand, onRecord, onClose, dialog } = sheet('fork');
    for (const stage of DONENESS_STAGES) expect(dialog.textContent).toContain(WORDS.text(`stage.${stage}.feel`));
    await hand.click(press(new RegExp(WORDS.label('stage', 'gives'))));
    expect(onRecord).toHaveBeenCalledExactlyOnceWith({ kind: 'fork', stage: 'gives' });
    expect(onClose).toHaveBeenCalledOnce();
  });

  it('of the probe is kept in °C whatever is shown, and refused where no probe reads so', async () => {
    const { hand, onRecord, onClose } = sheet('probe', US);
    expect(field('Reading')).toHaveProperty('value', '185 °F');
    await retype(hand, field('Reading'), '500');
    await hand.click(press(WORDS.text('recordSheets.recordTheReading')));
    expect(onRecord).not.toHaveBeenCalled();
    expect(onClose).not.toHaveBeenCalled();
    expect(screen.getByText(/Reading: a probe in meat shows up to 230 °F/)).toBeTruthy();
    await retype(hand, field('Reading'), '199 F');
    await hand.click(screen.getByRole('switch', { name: saying('recordSheets.theTipWasNearBone') }));
    await hand.click(press(WORDS.text('recordSheets.recordTheReading')));
    const act = onRecord.mock.lastCall?.[0];
    expect(act).toMatchObject({ kind: 'probe', nearBone: true });
    expect(act?.kind === 'probe' ? act.tempC : Number.NaN).toBeCloseTo(92.8, 1);
  });

  it('of the heat keeps a steam oven’s humidity when only its temperature changes', async () => {
    const steam = heated(OXTAIL_PLAN, { kind: 'steamOven', tempC: 100, humidity: 0.6 });
    const { hand, onRecord } = sheet('heat', undefined, steam);
    expect(field(WORDS.text('heatForm.humidity'))).toHaveProperty('value', '60');
    await retype(hand, field(WORDS.text('field.heat.steamOven')), '110 °C');
    await hand.click(press(WORDS.text('recordSheets.recordTheHeat')));
    expect(onRecord).toHaveBeenLastCalledWith({
      kind: 'heat',
      heat: { kind: 'steamOven', tempC: 110, humidity: 0.6 },
    });
  });

  it('of the liquid starts from the estimate, and asks whether what was added was hot only when something was', async () => {
    const { hand, onRecord } = sheet('liquid');
    expect(field('Depth')).toHaveProperty('value', '31 mm');
    expect(screen.queryByRole('switch', { name: /boiling hot/ })).toBeNull();
    await retype(hand, field('Added'), '200 ml');
    await hand.click(screen.getByRole('switch', { name: /boiling hot/ }));
    await hand.click(press(WORDS.text('recordSheets.recordTheLevel')));
    expect(onRecord).toHaveBeenCalledExactlyOnceWith({
      kind: 'liquid',
      levelMm: 31,
      simmering: true,
      addedL: 0.2,
      addedTempC: 20,
    });
  });

  it('of the liquid is refused without a depth, in a sentence', async () => {
    const { hand, onRecord } = sheet('liquid');
    await retype(hand, field('Depth'), '');
    await hand.click(press(WORDS.text('recordSheets.recordTheLevel')));
    expect(onRecord).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toBe(WORDS.text('shape.level.number'));
    await retype(hand, field('Depth'), '2 m');
    await hand.click(press(WORDS.text('recordSheets.recordTheLevel')));
    expect(onRecord).not.toHaveBeenCalled();
  });

  it('of the heat takes the usual temperature elsewhere, and none that cannot be', async () => {
    const { hand, onRecord } = sheet('heat');
    await hand.click(screen.getByRole('radio', { name: /Hob/ }));
    const box = screen.getAllByRole<HTMLInputElement>('textbox')[0] as HTMLInputElement;
    expect(Number.parseInt(box.value)).toBeLessThan(100);
    await retype(hand, box, '140 °C');
    expect(press(WORDS.text('recordSheets.recordTheHeat'))).toHaveProperty('disabled', true);
    await retype(hand, box, '96 °C');
    await hand.click(press(WORDS.text('recordSheets.recordTheHeat')));
    expect(onRecord).toHaveBeenCalledExactlyOnceWith({ kind: 'heat', heat: { kind: 'simmer', tempC: 96 } });
  });

  it('of the lid only where it has changed', async () => {
    const { hand, onRecord } = sheet('heat');
    expect(press(WORDS.text('recordSheets.recordTheLid'))).toHaveProperty('disabled', true);
    await choose(hand, /Lid$/, /ajar/i);
    await hand.click(press(WORDS.text('recordSheets.recordTheLid')));
    expect(onRecord).toHaveBeenCalledExactlyOnceWith({ kind: 'lid', lid: 'ajar' });
  });

  it('in the cook’s own words needs some', async () => {
    const { hand, onRecord } = sheet('note');
    await hand.click(press(WORDS.text('recordSheets.keepTheNote')));
    expect(onRecord).not.toHaveBeenCalled();
    expect(screen.getByText('Note: write something first.')).toBeTruthy();
    await hand.type(field('Note'), 'smells of orange');
    await hand.click(press(WORDS.text('recordSheets.keepTheNote')));
    expect(onRecord).toHaveBeenCalledExactlyOnceWith({ kind: 'note', text: 'smells of orange' });
  });

  it('of the end asks for what is missing by name, then takes all four', async () => {
    const { hand, onRecord } = sheet('finished');
    await hand.click(press(WORDS.text('recordSheets.finishAndLogIt')));
    expect(screen.getByRole('alert').textContent).toContain('How tender?');
    for (const question of ['How tender?', 'How moist?', 'The sauce?', 'The salt?']) {
      const radios = screen.getByRole('radiogroup', { name: question }).querySelectorAll('input');
      await hand.click(radios[3] as HTMLElement);
    }
    await hand.type(field(WORDS.text('recordSheets.oneLineForNextTime')), 'less salt');
    await hand.click(press(WORDS.text('recordSheets.finishAndLogIt')));
    expect(onRecord).toHaveBeenCalledExactlyOnceWith({
      kind: 'finished',
      verdict: { tenderness: 4, moisture: 4, sauce: 4, salt: 4, nextTime: 'less salt' },
    });
  });

  it.each(['fork', 'probe', 'liquid', 'heat', 'note', 'finished'] as const)(
    '%s reads in the cook’s units, with nothing broken',
    (kind) => {
      const { dialog } = sheet(kind, US);
      expect(dialog.textContent).not.toMatch(BROKEN);
      expect(metricAmounts(dialog.textContent)).toEqual([]);
    },
  );
});
