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
import { type UnitChoice } from '@/core/quantity';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { HOUR_MS, NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { choose, retype, shown, US } from '@/testing/screen';
import { WORDS } from '@/testing/words';

const OPTIONS = { timeZone: 'Europe/Lisbon' };

function planned(input: PlanInput): Plan | undefined {
  if (checkPlanInput(input, NOON_MS - 48 * HOUR_MS).length > 0) return undefined;
  const made = composePlan(input, 0);
  return made.ok ? made.plan : undefined;
}

/** A form at work: what it changes is planned anew, and its faults are the core's. */
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
    await retype(hand, field('Weight, trimmed'), '4 lb');
    expect(now().meat.massKg).toBeCloseTo(1.814, 3);
    await retype(hand, field('Weight, trimmed'), '');
    expect(now().meat.massKg).toBeNaN();
    expect(document.body.textContent).toContain(
      'Weight of the meat: no number was given. Anything from 100 g to 12 kg can be planned.',
    );
  });

  it('guesses the thickness anew from the pieces until the cook has measured it', async () => {
    const guessed = open(MeatForm, { meat: { ...OXTAIL_PLAN.meat, thicknessMeasured: false } });
    await retype(guessed.hand, field('Pieces'), '6');
    expect(guessed.now().meat.thicknessMm).toBeGreaterThan(OXTAIL_PLAN.meat.thicknessMm);
    const { hand, now } = guessed;
    await retype(hand, field('Thickness at the thickest'), '45 mm');
    expect(now().meat).toMatchObject({ thicknessMeasured: true, thicknessMm: 45 });
    await retype(hand, field('Pieces'), '12');
    expect(now().meat.thicknessMm).toBe(45);
  });

  it('counts cubes from their weight and edge', async () => {
    const { hand, now } = open(MeatForm);
    await choose(hand, /^.*Cut$/, /Pork shoulder cubes/i);
    const { pieces, massKg } = now().meat;
    await retype(hand, field('Weight, trimmed'), `${String(massKg * 2)} kg`);
    expect(now().meat.pieces).toBeGreaterThanOrEqual(pieces * 2 - 1);
    await retype(hand, field('Edge of a cube'), '20 mm');
    expect(now().meat.pieces).toBeGreaterThan(pieces * 3);
  });

  it('takes a second meat, names it as it is taken out again, and no more than three', async () => {
    const { hand, now } = open(MeatForm, { also: [OXTAIL_PLAN.meat, OXTAIL_PLAN.meat] });
    await hand.click(press('Add another meat or size'));
    expect(now().also).toHaveLength(3);
    expect(press('Add another meat or size')).toHaveProperty('disabled', true);
    await hand.click(screen.getAllByRole('button', { name: /Take out/ })[0] as HTMLElement);
    expect(now().also).toHaveLength(2);
  });

  it('scales the whole plan when more come to the table than it feeds', async () => {
    const { hand, now } = open(MeatForm);
    const before = now();
    await retype(hand, field('At the table'), '8');
    await hand.click(await screen.findByRole('button', { name: /Scale the whole plan to 8/ }));
    expect(now().meat.massKg).toBeGreaterThan(before.meat.massKg * 1.3);
    expect(now().base.items[0]?.kg).toBeGreaterThan(before.base.items[0]?.kg ?? Infinity);
  });

  it('keeps no weight as bought and no price unless they are given', async () => {
    const { hand, now } = open(MeatForm);
    await retype(hand, field('Price a kilo'), '12.5');
    expect(now().meat.pricePerKg).toBe(12.5);
    await retype(hand, field('Price a kilo'), '');
    expect(now().meat.pricePerKg).toBeNull();
    await retype(hand, field('As bought'), '2.6 kg');
    expect(now().meat.grossKg).toBeCloseTo(2.6);
    await retype(hand, field('As bought'), '');
    expect(now().meat.grossKg).toBeNull();
  });

  it('is shown in pounds and inches to who reads those', () => {
    open(MeatForm, {}, { units: US });
    expect(field('Weight, trimmed')).toHaveProperty('value', '4 lb 14 oz');
    expect((field('Thickness at the thickest') as HTMLInputElement).value).toMatch(/in$/);
  });
});

describe('pot and heat', () => {
  it('keeps the pot of the plan among those of the kitchen, and says in words what each is', async () => {
    const { hand, now } = open(PotForm);
    await choose(hand, /Pot$/, /Small steel pot/);
    expect(now().pot.id).toBe('demo-small-22');
    // It has a light lid of its own, and the heavy one belongs to another pot.
    expect(mainStage(now()).lid).toBe('light');
    await choose(hand, /The pieces$/, /Stand up/);
    expect(now().lie).toBe('upright');
  });

  it('keeps the temperature between two kinds of oven and takes the usual one elsewhere', async () => {
    const { hand, now } = open(HeatForm);
    await retype(hand, field(/oven/i), '140');
    await choose(hand, /Where$/, /fan/i);
    expect(mainStage(now()).heat).toEqual({ kind: 'oven', tempC: 140, fan: true });
    await choose(hand, /Where$/, /hob/i);
    expect(mainStage(now()).heat).toMatchObject({ kind: 'simmer' });
    expect(mainStage(now()).heat.tempC).toBeLessThan(100);
    await retype(hand, field(/height/i), '1500');
    expect(now().altitudeM).toBe(1500);
  });

  it('measures a pot for this plan alone, keeps it in the kitchen at a press, and drops to its lids', async () => {
    const { hand, now, kept } = open(PotForm);
    await choose(hand, /Pot$/, /measured here/);
    await choose(hand, /Seen from above$/, /Rectangular/);
    await retype(hand, field(/Inside, long/), '36 cm');
    await retype(hand, field(/Inside, wide/), '26 cm');
    await retype(hand, field(/Inside, deep/), '9 cm');
    await hand.click(screen.getByRole('checkbox', { name: /heavy lid/i }));
    expect(now().pot).toMatchObject({ shape: 'rectangle', lengthMm: 360, widthMm: 260, heightMm: 90, lids: [] });
    expect(mainStage(now()).lid).toBe('tightFoil');
    expect(document.body.textContent).toContain('Holds 8.4');
    await hand.click(screen.getByRole('button', { name: 'Keep it in the kitchen' }));
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
    await choose(hand, /Stage 2 lasts$/, /so much is left/);
    await retype(hand, field(/Left in the pot/), '700 ml');
    expect(now().course[1]?.until).toMatchObject({ kind: 'left', litres: expect.closeTo(0.7, 9) as number });
    await hand.click(screen.getByRole('button', { name: 'Leave out stage 3' }));
    await hand.click(screen.getByRole('button', { name: 'Leave out stage 1' }));
    expect(now().course).toEqual(OXTAIL_PLAN.course);
    await hand.click(screen.getByRole('switch', { name: /Smoked or warmed/ }));
    expect(now().bare).toEqual({ minutes: 120, tempC: 110, smoke: true });
    expect(document.body.textContent).toContain('within about four hours');
  });

  it('takes the height above the sea in feet where the cook reads those', async () => {
    const { hand, now } = open(HeatForm, { altitudeM: 1609.344 }, { units: US });
    expect(field(/height/i)).toHaveProperty('value', '5280');
    await retype(hand, field(/height/i), '7000');
    expect(now().altitudeM).toBeCloseTo(2133.6);
    await retype(hand, field(/height/i), '');
    expect(now().altitudeM).toBeNaN();
  });

  it('says what the core refuses, with both ends of what can be planned', async () => {
    const { hand, now } = open(HeatForm, {}, { units: US });
    await retype(hand, field(/oven/i), '900');
    expect(mainStage(now()).heat.tempC).toBeCloseTo(482, 0);
    expect(document.body.textContent).toContain('900 °F is too much. Anything from 176 to 465 °F');
    expect(checkPlanInput(now(), NOON_MS).map((f) => f.field)).toContain('course.0.heat.tempC');
  });
});

describe('the sear', () => {
  it('takes salt, a spice in a usual amount, a pan, a burner, a fat', async () => {
    const { hand, now } = open(SearForm);
    await retype(hand, field('Salt on a kilo'), '7');
    expect(now().season.gramsPerKg).toBe(7);
    const before = now().season.spices.length;
    await choose(hand, /Add a spice/, /^Sweet paprika|^Paprika/i);
    expect(now().season.spices).toHaveLength(before + 1);
    expect(now().season.spices.at(-1)?.grams).toBeGreaterThan(0);
    await hand.click(screen.getAllByRole('button', { name: /Leave out/ }).at(-1) as HTMLElement);
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
    await choose(hand, /How dark/, /Light gold/);
    expect(now().sear.depth).toBe('light');
    await hand.click(press('Make this our way'));
    expect(kept.habit).toHaveBeenCalledExactlyOnceWith('searDepth', 'light');
  });

  it('marks the kitchen’s own way beside the usual one', async () => {
    const { hand } = open(SearForm, {}, { kitchen: { ...SALTMARSH_ROW, habits: { searDepth: 'light' } } });
    await hand.click(press(/How dark/));
    const options = within(screen.getByRole('listbox')).getAllByRole('option');
    expect(options.map((o) => o.textContent).join('|')).toMatch(/Deep brown · usual.*Light gold · yours/);
  });
});

describe('the base', () => {
  it('takes in and leaves out, weighs, and sends a root in late', async () => {
    const { hand, now } = open(BaseForm);
    const before = now().base.items.length;
    await choose(hand, /Add something/, /^Potatoes$/);
    const added = now().base.items.at(-1);
    expect(now().base.items).toHaveLength(before + 1);
    expect(added).toMatchObject({ when: 'late', fate: 'bite' });
    await retype(hand, field(/Weight of potato/), '350 g');
    expect(now().base.items.at(-1)?.kg).toBeCloseTo(0.35);
    await choose(hand, /What becomes of potato/, /melts|as pieces/i);
    expect(now().base.items.at(-1)?.when).toBe('start');
    await hand.click(press(/Leave out potato/));
    expect(now().base.items).toHaveLength(before);
  });

  it('starts from a known base, and keeps this one under a name of its own', async () => {
    const { hand, now, kept } = open(BaseForm);
    const own = now().base.items.map((i) => i.id);
    await choose(hand, /Start from a kind/, /^Cider and mustard/);
    expect(now().base.items.map((i) => i.id)).not.toEqual(own);
    expect(now().liquid.parts.map((p) => p.id)).toContain('cider');
    expect(press(/Keep it, per kilo/)).toHaveProperty('disabled', true);
    await hand.type(field('Name of the kind'), '  Harbour base ');
    await waitFor(() => {
      expect(press(/Keep it, per kilo/)).toHaveProperty('disabled', false);
    });
    await hand.click(press(/Keep it, per kilo/));
    expect(kept.kind).toHaveBeenCalledOnce();
    expect(kept.kind.mock.calls[0]?.[0].name).toBe('Harbour base');
    expect(field('Name of the kind')).toHaveProperty('value', '');
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
    await hand.click(press(/Without alcohol/));
    expect(now().liquid.parts.map((p) => p.id)).toEqual(['vinegar']);
    expect(now().liquid.parts[0]?.litres).toBeCloseTo(0.03);
    expect(screen.queryByRole('button', { name: /Without alcohol/ })).toBeNull();
  });

  it('offers what may stand in for a liquid, by how much', async () => {
    const { hand, now } = open(LiquidForm);
    await hand.click(press(/Instead of/));
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
    await choose(hand, /Fills up to the line/, WORDS.label('liquid', 'stockUnsalted'));
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
    await hand.click(press(/Leave out.*sage/i));
    expect(now().liquid.herbs).toHaveLength(before);
  });
});

describe('finish and serve', () => {
  it('sets the sauce on each plate', async () => {
    const { hand, now } = open(FinishForm);
    await retype(hand, field('Sauce on each plate'), '90 ml');
    expect(now().finish.sauceLPerPlate).toBeCloseTo(0.09);
  });

  it('takes the plate time in the kitchen’s own zone, as its reader writes it', async () => {
    const { hand, now } = open(ServeForm, { serveAtMs: Date.UTC(2026, 6, 10, 18) });
    const plates = within(screen.getByRole('group', { name: /^Plates out at/ }));
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
    await hand.click(screen.getByRole('radio', { name: /Ahead/ }));
    expect(now().day.ahead?.fridgeByMs).toBe(hourOn(now().serveAtMs, -1, 21, OPTIONS.timeZone));
    expect(document.body.textContent).toContain('reheat to 74 °C');
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
    await retype(hand, field('Cooks at the bench'), '0');
    expect(document.body.textContent).toContain('Cooks: 0 is too little. Anything from 1 to');
  });
});
