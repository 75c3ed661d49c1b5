import { describe, expect, it } from 'vitest';
import { mainStage, MODES, singleStageSchedule } from '../choices';
import { planFromWish, parsePlanRequest, type PlanRequest } from './planRequest';
import { makePlan } from '../plan';
import { BRAISE_STYLES } from '../styles';
import { cutById, CUTS } from '../larder';
import { SALTMARSH_ROW } from '@/engine/demo/kitchen';
import { NOON_MS } from '@/testing/fixtures';
import { US, WORDS } from '@/testing/words';
import { ofRow } from '../message';
import { HOUR_MS } from '../quantity';

const { pots } = SALTMARSH_ROW;
const read = (text: string): PlanRequest => parsePlanRequest(text, { pots });
/** What is shown of a request. */
const said = (text: string): Partial<PlanRequest> =>
  Object.fromEntries(
    Object.entries(read(text)).filter(([, v]) => v !== undefined && !(Array.isArray(v) && v.length === 0)),
  );
const small = pots.find((p) => p.lengthMm === 220);
const wide = pots.find((p) => p.lengthMm === 300);

describe('a braise said in one line', () => {
  it.each<readonly [string, Partial<PlanRequest>]>([
    [
      'oxtail for 6 saturday 7pm, 150, small pot',
      {
        cutId: 'beef_oxtail',
        eaters: 6,
        day: { kind: 'weekday', weekday: 6 },
        minuteOfDay: 19 * 60,
        heat: { kind: 'oven', tempC: 150, fan: false },
        pot: small,
      },
    ],
    [
      '4 lamb shanks tomorrow at 7 with preserved lemon and white wine',
      {
        cutId: 'lamb_shank',
        pieces: 4,
        day: { kind: 'inDays', days: 1 },
        minuteOfDay: 19 * 60,
        liquids: ['whiteWine'],
        garnish: ['preservedLemon'],
      },
    ],
    [
      '1.8 kg pork cheeks in cider for eight people on Sunday, 19:30, on the hob, no lid',
      {
        cutId: 'pork_cheek',
        massKg: 1.8,
        eaters: 8,
        day: { kind: 'weekday', weekday: 7 },
        minuteOfDay: 19 * 60 + 30,
        heat: { kind: 'simmer', tempC: 96 },
        lid: 'none',
        liquids: ['cider'],
      },
    ],
    [
      'diced chuck, 2 lb, gas 3, half past six, in 3 days, for five, in the 30 cm pot',
      {
        cutId: 'beef_chuck_cubes',
        massKg: 0.90718474,
        heat: { kind: 'oven', tempC: 170, fan: false },
        minuteOfDay: 18 * 60 + 30,
        day: { kind: 'inDays', days: 3 },
        eaters: 5,
        pot: wide,
      },
    ],
    [
      'duck legs 28 Nov 12:30 fan 140 °C',
      {
        cutId: 'duck_leg',
        day: { kind: 'date', month: 11, day: 28 },
        minuteOfDay: 12 * 60 + 30,
        heat: { kind: 'oven', tempC: 140, fan: true },
      },
    ],
    ['brisket tonight', { cutId: 'beef_brisket_point', day: { kind: 'inDays', days: 0 } }],
    ['oxtail at noon', { cutId: 'beef_oxtail', minuteOfDay: 720 }],
    ['lamb shanks at 300', { cutId: 'lamb_shank', heat: { kind: 'oven', tempC: 150, fan: false } }],
    ['for 6', { eaters: 6 }],
    ['', {}],
  ])('“%s”', (text, wish) => {
    expect(said(text)).toEqual(
      wish.massKg === undefined ? wish : { ...wish, massKg: expect.closeTo(wish.massKg, 3) as number },
    );
  });

  it('leaves nothing out: what is not understood is there as it was written', () => {
    expect(read('oxtail for 6 with moonbeams and stout, purple saturday').notUnderstood).toEqual([
      'moonbeams',
      'purple',
    ]);
    expect(read('zebra tomorrow')).toMatchObject({ cutId: undefined, notUnderstood: ['zebra'] });
    expect(read('for 2 hours').eaters).toBeUndefined();
    expect(read('oxtail at 25:70')).toMatchObject({ minuteOfDay: undefined, notUnderstood: ['at 25:70'] });
    expect(read('oxtail for 0, 0 kg, gas 99, 40 november').notUnderstood).toEqual([
      '0 kg',
      'for 0',
      '40 november',
      'gas 99',
    ]);
  });

  it('takes a bare number for degrees of the reader, or of the other where only that makes an oven', () => {
    expect(parsePlanRequest('oxtail 325', { pots, units: US }).heat).toEqual({
      kind: 'oven',
      tempC: expect.closeTo(162.8, 1) as number,
      fan: false,
    });
    expect(parsePlanRequest('oxtail 150', { pots, units: US }).heat).toEqual({ kind: 'oven', tempC: 150, fan: false });
    expect(read('oxtail 800')).toMatchObject({ heat: undefined, notUnderstood: ['800'] });
  });

  it('takes two figures for degrees where it says so, or of an oven', () => {
    const oven = (tempC: number) => ({ kind: 'oven', tempC, fan: false });
    for (const text of ['oven 85', 'oven at 85', '85 degrees', '85°', 'at 85c', '185 f'])
      expect(read(`lamb shanks for 4, ${text}`), text).toMatchObject({ heat: oven(85), notUnderstood: [] });
    expect(read('lamb shanks, oven at 7')).toMatchObject({ heat: undefined, minuteOfDay: 19 * 60 });
    expect(read('lamb shanks, 85 in the oven at 19')).toMatchObject({ minuteOfDay: 19 * 60, notUnderstood: ['85'] });
  });

  it('refuses degrees that where it cooks has not, by name', () => {
    expect(read('oxtail 90 f')).toMatchObject({ heat: undefined, notUnderstood: ['90 f'] });
    expect(read('oxtail, oven 300 c')).toMatchObject({ heat: undefined, notUnderstood: ['300 c'] });
    expect(read('oxtail on the stove, 150 c')).toMatchObject({
      heat: { kind: 'simmer', tempC: 96 },
      notUnderstood: ['150 c'],
    });
    expect(read('oxtail, steam oven 160')).toMatchObject({ notUnderstood: ['160'] });
    expect(read('oxtail, fan').heat).toEqual({ kind: 'oven', tempC: MODES.fan.usualC, fan: true });
  });

  it('knows every cut of the larder by the name the larder gives it', () => {
    const unknown = CUTS.filter((c) => {
      const { cutId } = read(`${WORDS.say(ofRow('cut', c.id, 'full'))} for 4`);
      return cutId === undefined || cutById(cutId).species !== c.species;
    });
    expect(unknown.map((c) => c.id)).toEqual([]);
  });
});

describe('what is not planned here', () => {
  it.each([
    ['salmon for 4', 'fish'],
    ['braised octopus, saturday', 'fish'],
    ['braised fennel and leeks for 6', 'vegetables'],
    ['oxtail with carrots', undefined],
    ['beef cheeks with anchovy', undefined],
    ['for 6 on saturday', undefined],
  ])('%s', (line, unplanned) => {
    expect(parsePlanRequest(line, { pots: [] }).unplanned).toBe(unplanned);
  });
});

describe('a plan from a wish', () => {
  const settled = (text: string, eaters = 4) => ({
    ...read(text),
    cutId: read(text).cutId ?? '',
    title: 'x',
    eaters: read(text).eaters ?? eaters,
    serveAtMs: NOON_MS + 31 * HOUR_MS,
  });

  it('can be cooked as it stands, whatever the cut', () => {
    for (const cut of CUTS) {
      const input = planFromWish({ ...settled('oxtail for 4'), cutId: cut.id }, SALTMARSH_ROW);
      const made = makePlan(input, { nowMs: NOON_MS, particles: 0 });
      expect(made.ok ? [] : made.faults.filter((f) => f.tooFull !== true).map((f) => f.says.code), cut.id).toEqual([]);
    }
  });

  it('lets what was said go before the kind that was picked', () => {
    const kind = BRAISE_STYLES.find((k) => k.id === 'paprika-onion');
    const input = planFromWish(settled('lamb shanks in cider with prunes, no lid'), SALTMARSH_ROW, kind);
    expect(input.liquid.parts.map((p) => p.id)).toEqual(['cider']);
    expect(input.liquid.parts[0]?.litres).toBeGreaterThan(0.1);
    expect(mainStage(input).lid).toBe('none');
    expect(input.base.items.map((i) => i.id)).toEqual(expect.arrayContaining(['pepper', 'prune']));
    expect(input.season.spices.map((s) => s.id)).toContain('paprika');
  });

  it('keeps to what was said and leaves the rest to the kitchen', () => {
    const input = planFromWish(
      settled('5 lamb shanks in cider and water for 6, fan 140, small pot, with prunes'),
      SALTMARSH_ROW,
    );
    expect(input).toMatchObject({
      eaters: 6,
      meat: { cutId: 'lamb_shank', pieces: 5 },
      pot: small,
      course: singleStageSchedule({ kind: 'oven', tempC: 140, fan: true }, 'light'),
      liquid: { parts: [{ id: 'cider' }], fillerId: 'water', reduce: 'none' },
    });
    expect(input.base.items.map((i) => i.id)).toContain('prune');
    expect(input.meat.massKg).toBeCloseTo(5 * 0.4, 1);
    expect(planFromWish(settled('2 kg oxtail for 6'), SALTMARSH_ROW).meat.massKg).toBe(2);
  });
});
