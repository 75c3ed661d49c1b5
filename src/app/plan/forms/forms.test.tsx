// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { type ReactNode, useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { BaseForm } from './BaseForm';
import { type FormProps } from './common';
import { FinishForm } from './FinishForm';
import { HeatForm } from './HeatForm';
import { LiquidForm } from './LiquidForm';
import { MeatForm } from './MeatForm';
import { PotForm } from './PotForm';
import { SearForm } from './SearForm';
import { ServeForm } from './ServeForm';
import { type Kitchen } from '@/contract/kitchen';
import { hourOn } from '@/calendar/calendar';
import { SIDES } from '@/core/larder';
import { checkPlanInput, composePlan, type Plan } from '@/core/plan';
import { type PlanInput, mainStage } from '@/core/choices';
import { type UnitChoice, HOUR_MS } from '@/core/quantity';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { choose, retype, shown, US } from '@/testing/screen';
import { WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';

const OPTIONS = { timeZone: 'Europe/Lisbon' };

function planned(input: PlanInput): Plan | undefined {
  if (checkPlanInput(input, NOON_MS - 48 * HOUR_MS).length > 0) return undefined;
  const made = composePlan(input, 0);
  return made.ok ? made.plan : undefined;
}

/** A working form: every change is planned again, and its faults come from the core. */
function open(
  Form: (props: FormProps) => ReactNode,
  start: Partial<PlanInput> = {},
  { kitchen = SALTMARSH_ROW, units }: { readonly kitchen?: Kitchen; readonly units?: UnitChoice } = {},
) {
  const kept = {
    habit: vi.fn<FormProps['keepHabit']>(),
    kind: vi.fn<FormProps['keepKind']>(),
    own: vi.fn<FormProps['keepOwn']>(),
    drop: vi.fn(),
    thing: vi.fn<FormProps['keepThing']>(),
  };
  let current: PlanInput = { ...OXTAIL_PLAN, ...start };
  function Live() {
    const [input, setInput] = useState(current);
    return (
      <Form
        kitchen={kitchen}
        input={input}
        plan={planned(input)}
        faults={checkPlanInput(input, NOON_MS - 48 * HOUR_MS)}
        timeZone={OPTIONS.timeZone}
        change={(part) => {
          current = { ...current, ...part };
          setInput(current);
        }}
        keepHabit={kept.habit}
        keepKind={kept.kind}
        keepOwn={kept.own}
        dropKind={kept.drop}
        keepThing={kept.thing}
      />
    );
  }
  const { hand } = shown(<Live />, units ? { ...OPTIONS, units } : OPTIONS);
  return { hand, kept, now: () => current };
}

const field = (name: string | RegExp): HTMLElement => screen.getByRole('textbox', { name });
const press = (name: string | RegExp): HTMLElement => screen.getByRole('button', { name });
const turn = (name: string | RegExp): HTMLElement => screen.getByRole('switch', { name });

describe('the meat', () => {
  it('is weighed in any unit and says the core’s fault when there is none', async () => {
    const { hand, now } = open(MeatForm);
    await retype(hand, field(WORDS.text('meatForm.weightTrimmed')), '4 lb');
    expect(now().meat.massKg).toBeCloseTo(1.814, 3);
    await retype(hand, field(WORDS.text('meatForm.weightTrimmed')), '');
    expect(now().meat.massKg).toBeNaN();
    expect(document.body.textContent).toMatch(saying('fault.noNumber', { limits: '100 g to 12 kg' }));
  });

  it('guesses the thickness anew from the pieces until the cook has measured it', async () => {
    const guessed = open(MeatForm, { meat: { ...OXTAIL_PLAN.meat, thicknessMeasured: false } });
    await retype(guessed.hand, field('Pieces'), '6');
    expect(guessed.now().meat.thicknessMm).toBeGreaterThan(OXTAIL_PLAN.meat.thicknessMm);
    const { hand, now } = guessed;
    await retype(hand, field(WORDS.text('meatForm.thicknessAtTheThickest')), '45 mm');
    expect(now().meat).toMatchObject({ thicknessMeasured: true, thicknessMm: 45 });
    await retype(hand, field('Pieces'), '12');
    expect(now().meat.thicknessMm).toBe(45);
  });

  it('counts cubes from their weight and edge', async () => {
    const { hand, now } = open(MeatForm);
    await choose(hand, /^.*Cut$/, /Pork shoulder cubes/i);
    const { pieces, massKg } = now().meat;
    await retype(hand, field(WORDS.text('meatForm.weightTrimmed')), `${String(massKg * 2)} kg`);
    expect(now().meat.pieces).toBeGreaterThanOrEqual(pieces * 2 - 1);
    await retype(hand, field(WORDS.text('meatForm.edgeOfACube')), '20 mm');
    expect(now().meat.pieces).toBeGreaterThan(pieces * 3);
  });

  it('takes a second meat, names it as it is taken out again, and no more than three', async () => {
    const { hand, now } = open(MeatForm, { also: [OXTAIL_PLAN.meat, OXTAIL_PLAN.meat] });
    await hand.click(press('Add another meat or size'));
    expect(now().also).toHaveLength(3);
    expect(press('Add another meat or size')).toHaveProperty('disabled', true);
    await hand.click(screen.getAllByRole('button', { name: saying('meatForm.takeOut') })[0] as HTMLElement);
    expect(now().also).toHaveLength(2);
  });

  it('scales the whole plan when more come to the table than it feeds', async () => {
    const { hand, now } = open(MeatForm);
    const before = now();
    await retype(hand, field(WORDS.text('common.atTheTable')), '8');
    await hand.click(await screen.findByRole('button', { name: saying('meatForm.scaleTheWholePlanTo') }));
    expect(now().meat.massKg).toBeGreaterThan(before.meat.massKg * 1.3);
    expect(now().base.items[0]?.kg).toBeGreaterThan(before.base.items[0]?.kg ?? Infinity);
  });

  it('keeps no weight as bought and no price unless they are given', async () => {
    const { hand, now } = open(MeatForm);
    await retype(hand, field(WORDS.text('field.price')), '12.5');
    expect(now().meat.pricePerKg).toBe(12.5);
    await retype(hand, field(WORDS.text('field.price')), '');
    expect(now().meat.pricePerKg).toBeNull();
    await retype(hand, field(WORDS.text('meatForm.asBought')), '2.6 kg');
    expect(now().meat.grossKg).toBeCloseTo(2.6);
    await retype(hand, field(WORDS.text('meatForm.asBought')), '');
    expect(now().meat.grossKg).toBeNull();
  });

  it('is shown in pounds and inches to who reads those', () => {
    open(MeatForm, {}, { units: US });
    expect(field(WORDS.text('meatForm.weightTrimmed'))).toHaveProperty('value', '4 lb 14 oz');
    expect((field(WORDS.text('meatForm.thicknessAtTheThickest')) as HTMLInputElement).value).toMatch(/in$/);
  });
});

describe('pot and heat', () => {
  it('keeps the pot of the plan among those of the kitchen, and says in words what each is', async () => {
    const { hand, now } = open(PotForm);
    await choose(hand, /Pot$/, /Small steel pot/);
    expect(now().pot.id).toBe('demo-small-22');
    // It has a light lid, and the heavy one belongs to another pot.
    expect(mainStage(now()).lid).toBe('light');
    await choose(hand, /The pieces$/, /Stand up/);
    expect(now().lie).toBe('upright');
  });

  it('keeps the temperature between two kinds of oven and takes the usual one elsewhere', async () => {
    const { hand, now } = open(HeatForm);
    await retype(hand, field(/oven/i), '140');
    await choose(hand, /Where$/, WORDS.text('heatMode.fan'));
    expect(mainStage(now()).heat).toEqual({ kind: 'oven', tempC: 140, fan: true });
    await choose(hand, /Where$/, /hob/i);
    expect(mainStage(now()).heat).toMatchObject({ kind: 'simmer' });
    expect(mainStage(now()).heat.tempC).toBeLessThan(100);
    await retype(hand, field(/altitude/i), '1500');
    expect(now().altitudeM).toBe(1500);
  });

  it('measures a pot for this plan alone, keeps it in the kitchen at a press, and drops to its lids', async () => {
    const { hand, now, kept } = open(PotForm);
    await choose(hand, /Pot$/, saying('potForm.measured'));
    await choose(hand, saying('potFields.shape'), /Rectangular/);
    await retype(hand, field(saying('potFields.length')), '36 cm');
    await retype(hand, field(saying('potFields.width')), '26 cm');
    await retype(hand, field(saying('potFields.deep')), '9 cm');
    await hand.click(screen.getByRole('checkbox', { name: /heavy lid/i }));
    expect(now().pot).toMatchObject({ shape: 'rectangle', lengthMm: 360, widthMm: 260, heightMm: 90, lids: [] });
    expect(mainStage(now()).lid).toBe('tightFoil');
    expect(document.body.textContent).toContain('Holds 8.4');
    await hand.click(screen.getByRole('button', { name: WORDS.text('potForm.keepInKitchen') }));
    expect(kept.thing).toHaveBeenCalledWith({ list: 'pots', item: now().pot });
  });

  it('adds stages of heat, says until when each lasts, and leaves them out again', async () => {
    const { hand, now } = open(HeatForm);
    await hand.click(screen.getByRole('button', { name: 'On the hob first' }));
    await hand.click(screen.getByRole('button', { name: 'Lid off for the last hour' }));
    expect(now().course.map((s) => [s.heat.kind, s.lid, s.until.kind])).toEqual([
      ['simmer', 'heavy', 'minutes'],
      ['oven', 'heavy', 'before'],
      ['oven', 'none', 'end'],
    ]);
    await choose(hand, /Stage 2 lasts$/, saying('heatForm.until.left'));
    await retype(hand, field(saying('heatForm.left')), '700 ml');
    expect(now().course[1]?.until).toMatchObject({ kind: 'left', litres: expect.closeTo(0.7, 9) as number });
    await hand.click(screen.getByRole('button', { name: WORDS.text('baseForm.leaveOut', { name: 'stage 3' }) }));
    await hand.click(screen.getByRole('button', { name: WORDS.text('baseForm.leaveOut', { name: 'stage 1' }) }));
    expect(now().course).toEqual(OXTAIL_PLAN.course);
    await hand.click(screen.getByRole('switch', { name: /Smoked or warmed/ }));
    expect(now().bare).toEqual({ minutes: 120, tempC: 110, smoke: true });
    expect(document.body.textContent).toContain('4 h 00');
  });

  it('takes the height above the sea in feet where the cook reads those', async () => {
    const { hand, now } = open(HeatForm, { altitudeM: 1609.344 }, { units: US });
    expect(field(/altitude/i)).toHaveProperty('value', '5280');
    await retype(hand, field(/altitude/i), '7000');
    expect(now().altitudeM).toBeCloseTo(2133.6);
    await retype(hand, field(/altitude/i), '');
    expect(now().altitudeM).toBeNaN();
  });

  it('says what the core refuses, with both ends of what can be planned', async () => {
    const { hand, now } = open(HeatForm, {}, { units: US });
    await retype(hand, field(/oven/i), '900');
    expect(mainStage(now()).heat.tempC).toBeCloseTo(482, 0);
    expect(document.body.textContent).toMatch(saying('fault.tooMuch'));
    expect(checkPlanInput(now(), NOON_MS).map((f) => f.field)).toContain('course.0.heat.tempC');
  });
});

describe('the sear', () => {
  it('takes salt, a spice in a usual amount, a pan, a burner, a fat', async () => {
    const { hand, now } = open(SearForm);
    await retype(hand, field(WORDS.text('searForm.saltOnAKilo')), '7');
    expect(now().season.gramsPerKg).toBe(7);
    const before = now().season.spices.length;
    await choose(hand, /Add a spice/, /^Sweet paprika|^Paprika/i);
    expect(now().season.spices).toHaveLength(before + 1);
    expect(now().season.spices.at(-1)?.grams).toBeGreaterThan(0);
    await hand.click(screen.getAllByRole('button', { name: saying('common.leaveOut') }).at(-1) as HTMLElement);
    expect(now().season.spices).toHaveLength(before);
    await choose(hand, /Pan$/, /Roasting tin/);
    expect(now().pan.id).toBe('demo-tin');
    await choose(hand, /Burner$/, /Small burner/);
    expect(now().sear.burner.powerW).toBe(1400);
    await choose(hand, /Fat$/, /olive/i);
    expect(now().sear.fatId).not.toBe(OXTAIL_PLAN.sear.fatId);
  });

  it('lets the cook say how many go in at once, and takes that back', async () => {
    const { hand, now } = open(SearForm);
    await hand.click(turn(/how many at once/));
    expect(now().sear.mostAtOnce).toBeGreaterThanOrEqual(1);
    await retype(hand, field('Pieces at once'), '3');
    expect(now().sear.mostAtOnce).toBe(3);
    await hand.click(turn(/how many at once/));
    expect(now().sear.mostAtOnce).toBeNull();
  });

  it('makes a way of doing things this kitchen’s own', async () => {
    const { hand, now, kept } = open(SearForm);
    await choose(hand, saying('ways.searDepth'), /Light gold/);
    expect(now().sear.depth).toBe('light');
    await hand.click(press(WORDS.text('common.makeThisOurWay')));
    expect(kept.habit).toHaveBeenCalledExactlyOnceWith('searDepth', 'light');
  });

  it('marks the kitchen’s own way beside the usual one', async () => {
    const { hand } = open(SearForm, {}, { kitchen: { ...SALTMARSH_ROW, habits: { searDepth: 'light' } } });
    await hand.click(press(saying('ways.searDepth')));
    const options = within(screen.getByRole('listbox')).getAllByRole('option');
    expect(options.map((o) => o.textContent).join('|')).toMatch(/Deep brown · usual.*Light gold · yours/);
  });
});

describe('the base', () => {
  it('takes in and leaves out, weighs, and sends a root in late', async () => {
    const { hand, now } = open(BaseForm);
    const before = now().base.items.length;
    await choose(hand, saying('baseForm.addSomething'), /^Potatoes$/);
    const added = now().base.items.at(-1);
    expect(now().base.items).toHaveLength(before + 1);
    expect(added).toMatchObject({ when: 'late', fate: 'bite' });
    await retype(hand, field(/Weight of potato/), '350 g');
    expect(now().base.items.at(-1)?.kg).toBeCloseTo(0.35);
    await choose(hand, /happens to potatoes/i, /melts|in pieces/i);
    expect(now().base.items.at(-1)?.when).toBe('start');
    await hand.click(press(/Remove potatoes/i));
    expect(now().base.items).toHaveLength(before);
  });

  it('starts from a known base, and keeps this one under a name of its own', async () => {
    const { hand, now, kept } = open(BaseForm);
    const own = now().base.items.map((i) => i.id);
    await choose(hand, saying('baseForm.startFromAKind'), /^Cider and mustard/);
    expect(now().base.items.map((i) => i.id)).not.toEqual(own);
    expect(now().liquid.parts.map((p) => p.id)).toContain('cider');
    expect(press(saying('baseForm.keepItPerKiloOf'))).toHaveProperty('disabled', true);
    await hand.type(field(WORDS.text('baseForm.nameOfTheKind')), '  Harbour base ');
    await waitFor(() => {
      expect(press(saying('baseForm.keepItPerKiloOf'))).toHaveProperty('disabled', false);
    });
    await hand.click(press(saying('baseForm.keepItPerKiloOf')));
    expect(kept.kind).toHaveBeenCalledOnce();
    expect(kept.kind.mock.calls[0]?.[0].name).toBe('Harbour base');
    expect(field(WORDS.text('baseForm.nameOfTheKind'))).toHaveProperty('value', '');
  });

  it('brings paste in a usual amount when paste is wanted', async () => {
    const { hand, now } = open(BaseForm, { base: { ...OXTAIL_PLAN.base, pasteWhen: 'none', pasteKg: 0 } });
    expect(screen.queryByRole('textbox', { name: 'Tomato paste' })).toBeNull();
    await choose(hand, /Tomato paste/, /Into the stock/);
    expect(now().base.pasteKg).toBeGreaterThan(0.01);
    await retype(hand, field('Tomato paste'), '45 g');
    expect(now().base.pasteKg).toBeCloseTo(0.045);
  });
});

describe('the liquid', () => {
  it('swaps one liquid for another with its factor, and all alcohol for vinegar', async () => {
    const { hand, now } = open(LiquidForm);
    expect(now().liquid.parts.map((p) => p.id)).toEqual(['stout']);
    await hand.click(press(saying('liquidForm.withoutAlcoholStockAndA')));
    expect(now().liquid.parts.map((p) => p.id)).toEqual(['vinegar']);
    expect(now().liquid.parts[0]?.litres).toBeCloseTo(0.03);
    expect(screen.queryByRole('button', { name: saying('liquidForm.withoutAlcoholStockAndA') })).toBeNull();
  });

  it('offers what may stand in for a liquid, by how much', async () => {
    const { hand, now } = open(LiquidForm);
    await hand.click(press(saying('liquidForm.insteadOf')));
    const options = within(screen.getByRole('listbox')).getAllByRole('option');
    expect(options.length).toBeGreaterThan(0);
    await hand.click(options[0] as HTMLElement);
    expect(now().liquid.parts.some((p) => p.id === 'stout')).toBe(false);
  });

  it('takes the filler out of what is measured, so that nothing is poured twice', async () => {
    const { hand, now } = open(LiquidForm, {
      liquid: {
        ...OXTAIL_PLAN.liquid,
        fillerId: 'water',
        parts: [
          { id: 'stout', litres: 0.3, when: 'start' },
          { id: 'stockUnsalted', litres: 0.2, when: 'start' },
        ],
      },
    });
    expect(screen.queryByRole('slider', { name: /Of that/ })).toBeNull();
    await choose(hand, saying('liquidForm.fillsUpToTheLine'), WORDS.label('liquid', 'stockUnsalted'));
    expect(now().liquid.parts.map((p) => p.id)).toEqual(['stout']);
  });

  it('asks for the wine only where there is some, and counts herbs', async () => {
    const { hand, now } = open(LiquidForm);
    expect(screen.queryByRole('button', { name: /^Wine/ })).toBeNull();
    const before = now().liquid.herbs.length;
    await choose(hand, /Add a herb/, /sage/i);
    expect(now().liquid.herbs).toHaveLength(before + 1);
    await retype(hand, field(/sage, how many/i), '4');
    expect(now().liquid.herbs.at(-1)?.count).toBe(4);
    await hand.click(press(/Remove.*sage/i));
    expect(now().liquid.herbs).toHaveLength(before);
  });
});

describe('finish and serve', () => {
  it('sets the sauce on each plate', async () => {
    const { hand, now } = open(FinishForm);
    await retype(hand, field(WORDS.text('finishForm.sauceOnEachPlate')), '90 ml');
    expect(now().finish.sauceLPerPlate).toBeCloseTo(0.09);
  });

  it('takes the plate time in the kitchen’s own zone, as its reader writes it', async () => {
    const { hand, now } = open(ServeForm, { serveAtMs: Date.UTC(2026, 6, 10, 18) });
    const plates = within(screen.getByRole('group', { name: saying('serveForm.platesOutAt') }));
    expect(plates.getAllByRole('spinbutton').map((s) => s.textContent)).toEqual(['10', '07', '2026', '19', '00']);
    const segment = (name: RegExp): HTMLElement => plates.getByRole('spinbutton', { name });
    await hand.click(segment(/^hour/));
    await hand.keyboard('20');
    await hand.click(segment(/^minute/));
    await hand.keyboard('30');
    expect(now().serveAtMs).toBe(Date.UTC(2026, 6, 10, 19, 30));
    await hand.click(segment(/^day/));
    await hand.keyboard('{ArrowUp}');
    expect(now().serveAtMs).toBe(Date.UTC(2026, 6, 11, 19, 30));
  });

  it('cooks ahead into the fridge the evening before, and the same day again', async () => {
    const { hand, now } = open(ServeForm, { serveAtMs: NOON_MS + 30 * HOUR_MS });
    await hand.click(screen.getByRole('radio', { name: saying('serveForm.ahead') }));
    expect(now().day.ahead?.fridgeByMs).toBe(hourOn(now().serveAtMs, -1, 21, OPTIONS.timeZone));
    expect(document.body.textContent).toContain('74 °C');
    await hand.click(screen.getByRole('radio', { name: /The same day/ }));
    expect(now().day.ahead).toBeNull();
  });

  it('takes sides, six at most, and what somebody avoids', async () => {
    const { hand, now } = open(ServeForm, {
      day: {
        ...OXTAIL_PLAN.day,
        sides: SIDES.map((s) => s.id)
          .filter((id) => id !== 'mash')
          .slice(0, 5),
      },
    });
    const side = (name: RegExp): HTMLElement => screen.getByRole('checkbox', { name });
    await hand.click(side(/^Mash/));
    expect(now().day.sides).toHaveLength(6);
    expect(now().day.sides.at(-1)).toBe('mash');
    await hand.click(screen.getAllByRole<HTMLInputElement>('checkbox').find((b) => !b.checked) as HTMLElement);
    expect(now().day.sides).toHaveLength(6);
    await hand.click(screen.getAllByRole('checkbox').at(-1) as HTMLElement);
    expect(now().avoid).toHaveLength(1);
  });

  it('asks for a cook at least', async () => {
    const { hand } = open(ServeForm);
    await retype(hand, field(WORDS.text('serveForm.cooksAtTheBench')), '0');
    expect(document.body.textContent).toMatch(saying('fault.tooLittle'));
  });
});
