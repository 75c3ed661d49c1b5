import { describe, expect, it } from 'vitest';
import {
  dries,
  HEAT_MODES,
  heatMode,
  heatOf,
  heatSays,
  MODES,
  mainStage,
  sameHeat,
  singleStageSchedule,
  withHumidity,
} from '../choices';
import { alternatives } from './alternatives';
import { waysToCompare } from './compare';
import { startPlan } from './start';
import { parsePlanRequest } from '../intake';
import { type Oven } from '../larder';
import { composePlan } from './plan';
import { dialCurve, type SettingElsewhere, settingsElsewhere } from './heatSettings';
import { burnerKWh, ovenKWh } from '../heat';
import { NOON_MS, OXTAIL_PLAN, heated, TEST_KITCHEN } from '../../testing/fixtures';
import { english, US_WORDS, WORDS } from '../../testing/words';
import { say } from '../message';
import { saying } from '../../testing/saying';
import { HOUR_MS, MINUTE_MS } from '../quantity';

type OvenKind = Oven['kind'];

describe('heats', () => {
  it('are named as a cook sets them', () => {
    expect(WORDS.title(heatSays({ kind: 'oven', tempC: 150, fan: true }))).toBe('Oven 150 °C, fan');
    expect(english(heatSays({ kind: 'simmer', tempC: 95 }))).toBe(WORDS.text('heat.simmer', { temp: '95 °C' }));
    expect(US_WORDS.say(heatSays({ kind: 'simmer', tempC: 95 }))).toBe(
      US_WORDS.text('heat.simmer', { temp: '203 °F' }),
    );
    expect(US_WORDS.title(heatSays({ kind: 'grill', tempC: 150 }))).toContain('300 °F');
    expect(WORDS.title(heatSays({ kind: 'steamOven', tempC: Number.NaN }))).toBe('Steam oven –');
  });

  const gas = heatOf('gas', 150);
  const half = withHumidity(heatOf('steamOven', 100), 0.5);

  it('stay the oven’s own wherever they are changed: a gas oven lights no electric one', () => {
    const braise = heated(OXTAIL_PLAN, gas, 'none');
    const compared = waysToCompare(braise, ['gas', 'simmer']).map((w) => mainStage(w.input).heat);
    expect(compared.filter((h) => h.kind === 'oven').map(heatMode)).toEqual(expect.arrayContaining(['gas']));
    expect(compared.filter((h) => h.kind === 'oven' && heatMode(h) !== 'gas')).toEqual([]);
    const late = alternatives(
      { ...heated(OXTAIL_PLAN, heatOf('gas', 130)), serveAtMs: NOON_MS + 3 * HOUR_MS },
      NOON_MS,
    );
    for (const { input } of late) expect(mainStage(input).heat).not.toMatchObject({ kind: 'oven', fan: true });
    // Open in gas it stands cooler than in a still electric oven, at every setting.
    const still = dialCurve(heated(OXTAIL_PLAN, heatOf('still', 150), 'none'));
    for (const point of dialCurve(braise)) {
      const beside = still.find((s) => s.tempC === point.tempC);
      if (beside) expect(point.liquidC, String(point.tempC)).toBeLessThan(beside.liquidC);
    }
  });

  it('of a kitchen are those a plan starts with and a line means by “oven”', () => {
    const withOven = (kind: OvenKind) => ({ ...TEST_KITCHEN, ovens: [{ kind }] });
    const asked = { title: 'Shanks', cutId: 'lamb_shank', eaters: 4, serveAtMs: NOON_MS + 24 * HOUR_MS };
    expect(heatMode(mainStage(startPlan(withOven('gas'), asked)).heat)).toBe('gas');
    expect(heatMode(mainStage(startPlan(withOven('fan'), asked)).heat)).toBe('still');
    expect(heatMode(mainStage(startPlan({ ...TEST_KITCHEN, ovens: [] }, asked)).heat)).toBe('still');
    const read = (line: string, kind: OvenKind) => parsePlanRequest(line, { pots: [], ovens: [{ kind }] }).heat;
    expect(read('lamb shanks oven 160', 'gas')).toEqual(heatOf('gas', 160));
    expect(read('lamb shanks oven 160', 'still')).toEqual(heatOf('still', 160));
    expect(read('lamb shanks gas oven 160', 'still')).toEqual(heatOf('gas', 160));
  });

  it('say how much steam a steam oven holds where it is not full, and tell one from the other', () => {
    expect(english(heatSays(half))).toBe(WORDS.text('heat.steamOvenAt', { temp: '100 °C', humidity: '50' }));
    expect(english(heatSays(heatOf('steamOven', 100)))).not.toContain('%');
    expect(sameHeat(half, heatOf('steamOven', 100))).toBe(false);
    expect(withHumidity(half, 1)).toEqual(heatOf('steamOven', 100));
    expect(withHumidity(half, 7)).toEqual(heatOf('steamOven', 100));
    expect(withHumidity(gas, 0.5)).toBe(gas);
    expect([dries(half), dries(heatOf('steamOven', 100)), dries(gas)]).toEqual([true, false, true]);
  });

  it('go there and back between mode and heat', () => {
    for (const mode of HEAT_MODES) {
      expect(heatMode(heatOf(mode, MODES[mode].usualC))).toBe(mode);
      expect(MODES[mode].usualC).toBeGreaterThanOrEqual(MODES[mode].limitsC[0]);
      expect(MODES[mode].usualC).toBeLessThanOrEqual(MODES[mode].limitsC[1]);
    }
  });

  it('can all be planned, each in its place and with its own warming', () => {
    for (const mode of HEAT_MODES) {
      const made = composePlan(heated(OXTAIL_PLAN, heatOf(mode, MODES[mode].usualC)), 64);
      if (!made.ok) throw new Error(mode);
      const { day } = made.plan;
      expect(day.tasks.find((t) => t.id === 'braise')).toMatchObject({
        place: MODES[mode].place,
        label: say(`task.braise.${mode}`),
      });
      expect(day.tasks.some((t) => t.id === 'oven')).toBe(MODES[mode].warmsMin > 0);
      expect(day.marks.some((m) => m.label.code === 'mark.bubbles')).toBe(mode === 'simmer');
    }
  });
});

describe('the same braise elsewhere', () => {
  const there = settingsElsewhere(OXTAIL_PLAN);
  const to = (mode: SettingElsewhere['mode']): SettingElsewhere => {
    const found = there.find((t) => t.mode === mode);
    if (!found) throw new Error(`nothing for ${mode}`);
    return found;
  };
  const here = composePlan(OXTAIL_PLAN, 0);
  if (!here.ok) throw new Error('no plan');
  const minutes = (here.plan.day.ready.p50Ms - here.plan.day.intoPotMs) / MINUTE_MS;

  it('is taken to every place but its own', () => {
    expect(there.map((t) => t.mode)).toEqual(['fan', 'gas', 'simmer', 'steamOven', 'grill']);
  });

  it('takes about as long, or says how far off the nearest is', () => {
    for (const t of there) {
      if (Math.abs(t.minutes - minutes) > 12) expect(english(t.changes[0]?.why)).toMatch(saying('elsewhere.longer'));
      else expect(Math.abs(t.minutes - minutes)).toBeLessThanOrEqual(12);
    }
  });

  it('sets a fan no higher than a still oven, and lets nothing evaporate in steam but while the pot is open', () => {
    expect(mainStage(to('fan').input).heat.tempC).toBeLessThanOrEqual(mainStage(OXTAIL_PLAN).heat.tempC);
    expect(to('steamOven').steamLPerHour).toBeLessThan(0.02);
    expect(to('steamOven').changes.some((c) => /less$/.test(english(c.what)))).toBe(true);
    expect(to('grill').changes.some((c) => english(c.why).includes('carbon monoxide'))).toBe(true);
  });

  it('stays under the boil on a mountain', () => {
    const high = settingsElsewhere({ ...OXTAIL_PLAN, altitudeM: 2500 }).find((t) => t.mode === 'simmer');
    expect(high?.input.course[0]?.heat.tempC).toBeLessThan(91);
  });
});

describe('an oven’s dial', () => {
  const dial = dialCurve(OXTAIL_PLAN);
  const at = (tempC: number) => dial.find((p) => p.tempC === tempC);

  it('hardly warms a covered pot that bubbles, and steams off more', () => {
    expect((at(190)?.liquidC ?? 0) - (at(160)?.liquidC ?? 0)).toBeLessThan(2);
    expect(Math.max(...dial.map((p) => p.liquidC))).toBeLessThan(100.1);
    expect(at(190)?.steamLPerHour).toBeGreaterThan(at(160)?.steamLPerHour ?? Infinity);
  });

  it('never makes it slower when it is turned up', () => {
    dial.slice(1).forEach((p, i) => {
      expect(p.minutes).toBeLessThanOrEqual((dial[i]?.minutes ?? 0) + 1);
      expect(p.liquidC).toBeGreaterThanOrEqual((dial[i]?.liquidC ?? 0) - 0.2);
    });
  });
});

describe('energy', () => {
  it('is mostly what the oven’s walls lose, and grows with heat and time', () => {
    expect(ovenKWh(150, 200, 1.5e6)).toBeGreaterThan(1.2);
    expect(ovenKWh(150, 200, 1.5e6)).toBeLessThan(3);
    expect(ovenKWh(170, 200, 1.5e6)).toBeGreaterThan(ovenKWh(150, 200, 1.5e6));
    expect(ovenKWh(150, 260, 1.5e6)).toBeGreaterThan(ovenKWh(150, 200, 1.5e6));
    expect(ovenKWh(20, 200, 0)).toBe(0);
    expect(burnerKWh(3.6e6, 0.5)).toBe(2);
  });

  it('reckons the standard test of an oven near its label', () => {
    // A wet brick absorbs about 0.2 kWh in fifty minutes of a 65 l oven at 180 °C; the label says 0.82 kWh.
    expect(ovenKWh(180, 50, 0.2 * 3.6e6)).toBeGreaterThan(0.82 * 0.75);
    expect(ovenKWh(180, 50, 0.2 * 3.6e6)).toBeLessThan(0.82 * 1.25);
  });

  it('is less on a burner under a lid than in an oven, more on gas than on induction, and nobody’s on a grill', () => {
    const energy = (part: Partial<typeof OXTAIL_PLAN>) => {
      const made = composePlan({ ...OXTAIL_PLAN, ...part }, 0);
      if (!made.ok) throw new Error('no plan');
      return made.plan.energy;
    };
    const simmer = { kind: 'simmer', tempC: 95 } as const;
    const induction = { ...OXTAIL_PLAN.sear, burner: { ...OXTAIL_PLAN.sear.burner, kind: 'induction' as const } };
    const onGas = energy({ course: singleStageSchedule(simmer, 'heavy') })?.value ?? Number.NaN;
    const onInduction = energy({ course: singleStageSchedule(simmer, 'heavy'), sear: induction })?.value ?? Number.NaN;
    expect(onInduction).toBeLessThan(energy({})?.value ?? 0);
    expect(onGas / onInduction).toBeCloseTo(0.85 / 0.4, 1);
    expect(energy({ course: singleStageSchedule({ kind: 'grill', tempC: 150 }, 'heavy') })).toBeNull();
  });
});
