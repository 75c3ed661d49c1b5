import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { guide, type Guidance } from './guidance';
import { type CookAct, type CookEvent } from './events';
import { reduceEvents } from './reducer';
import { learnAll, learnNothing } from './learning';
import { type LiveForecast, liveForecast } from './live';
import { PROBLEM_IDS } from './problemIds';
import { problemFigures, problemsNow } from './problem';
import { mainStage, type PlanInput } from '../choices';
import { readyEta, sampleAt, toLineL } from '../forecast';
import { composePlan, type Plan } from '../plan';
import { type Step, stepKeyOf, stepsOf, titleOf } from '../steps';
import { COOL_WAYS, HOLD_WAYS } from '../storage';
import { LID_KINDS } from '../larder';
import { potBaseM2, potShape } from '../material';
import { litres } from '../message';
import { DONENESS_STAGES, donenessIndex } from '../tenderness';
import { BRAISES } from '../../testing/braises';
import { OXTAIL_PLAN } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { rounds } from '../../testing/soak';
import { saying } from '../../testing/saying';
import { MINUTE_MS } from '../quantity';

const HOUR_MIN = 60;

function planned(input: PlanInput, particles = 0): Plan {
  const made = composePlan(input, particles);
  if (!made.ok) throw new Error(english(made.faults.map((f) => f.says)));
  return made.plan;
}

const plan = planned(OXTAIL_PLAN, 64);
const hob = planned(
  { ...OXTAIL_PLAN, course: [{ heat: { kind: 'simmer', tempC: 96 }, lid: 'heavy', until: { kind: 'end' } }] },
  64,
);

/** Events at minutes after the first task of the planned day. */
const log = (of: Plan, ...acts: readonly (readonly [minutes: number, act: CookEvent['act']])[]): CookEvent[] =>
  acts.map(([minutes, act], i) => ({
    id: `e${String(i)}`,
    cookId: 'c',
    atMs: firstMs(of) + minutes * MINUTE_MS,
    act,
  }));
const firstMs = (of: Plan): number => of.day.spans.find((s) => s.id !== 'salt')?.fromMs ?? of.day.startMs;
const done = (step: string): CookAct => ({ kind: 'step', step, name: step, how: 'done' });

const still = new Map<Plan, LiveForecast>();

/** The forecast of a plan before anything was recorded, computed once. */
function unlearned(of: Plan): LiveForecast {
  const known = still.get(of);
  if (known) return known;
  const live = liveForecast(learnNothing(of.input, { particles: 4 }), of.finishBy, {
    atMin: 0,
    readyByMin: 1e6,
    heat: mainStage(of.input).heat,
    lid: mainStage(of.input).lid,
    plannedLid: mainStage(of.input).lid,
    cooking: false,
  });
  still.set(of, live);
  return live;
}

/** The state at a minute after the first task, with a forecast of few particles, or one that learns nothing. */
function at(
  of: Plan,
  minutes: number,
  events: readonly CookEvent[],
  particles = 24,
): Guidance & { live: LiveForecast } {
  const nowMs = firstMs(of) + minutes * MINUTE_MS;
  const known = events.filter((e) => e.atMs <= nowMs);
  const state = reduceEvents(of.input, known);
  if (particles === 0) {
    const live = unlearned(of);
    return { ...guide(of, state, live, nowMs), live };
  }
  const startMs = state.intoPotMs ?? of.day.intoPotMs;
  const live = liveForecast(learnAll(state, { particles }), of.finishBy, {
    atMin: state.intoPotMs === undefined ? 0 : Math.max(0, ((state.offHeatMs ?? nowMs) - startMs) / MINUTE_MS),
    readyByMin: Math.max(0, (of.day.offHeatByMs - startMs) / MINUTE_MS),
    heat: state.heat,
    lid: state.lid,
    plannedLid: mainStage(of.input).lid,
    cooking: state.phase === 'braising',
  });
  return { ...guide(of, state, live, nowMs), live };
}

const INTO: CookAct = { kind: 'intoPot' };
const pot = (of: Plan): number => (of.day.intoPotMs - firstMs(of)) / MINUTE_MS;

describe('the steps of a plan', () => {
  it.each(BRAISES.map((b): readonly [string, PlanInput] => [b.title, b]))(
    '%s: each once, each with words',
    (_, input) => {
      const steps = stepsOf(planned(input));
      const ids = steps.map((s) => s.id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const step of steps) {
        for (const before of step.after) expect(ids, `${step.id} after ${before}`).toContain(before);
        const says = english(titleOf(step));
        expect(says).not.toMatch(/NaN|undefined|Infinity/);
        if (step.what) expect(english(step.what)).not.toMatch(/NaN|undefined|Infinity/);
        expect(step.minutes.low).toBeLessThanOrEqual(step.minutes.likely);
        expect(step.minutes.high).toBeGreaterThanOrEqual(step.minutes.likely);
        expect(step.minutes.likely).toBeGreaterThan(0);
      }
      // Everything bought for the pot is put in by some step.
      const said = english(
        steps
          .map((s) => [s.title, s.how, s.what])
          .flat()
          .flatMap((m) => (m ? [m] : [])),
      );
      for (const item of input.base.items) if (item.kg > 0) expect(said).toContain(WORDS.name('garnish', item.id));
      for (const part of input.liquid.parts) if (part.litres > 0) expect(said).toContain(WORDS.name('liquid', part.id));
      for (const spice of input.season.spices)
        if (spice.grams > 0) expect(said).toContain(WORDS.name('spice', spice.id));
    },
  );

  it('stay the same steps when the plan is worked out again', () => {
    const again = planned(OXTAIL_PLAN, 96);
    expect(stepsOf(again).map((s) => s.id)).toEqual(stepsOf(plan).map((s) => s.id));
  });

  it('have the meat in the pot when the plan has it, done as the plan has them', () => {
    for (const input of BRAISES) {
      const of = planned(input);
      const { intoPotMs } = at(of, 0, [], 0);
      expect(Math.abs(intoPotMs - of.day.intoPotMs) / MINUTE_MS, input.title).toBeLessThan(1);
    }
  });
});

/** Follows the card through a braise: each step is done as soon as it is current and its likely time is over. */
function obedient(of: Plan, most = 160): { readonly asked: readonly Step[]; readonly events: readonly CookEvent[] } {
  const asked: Step[] = [];
  const events: CookEvent[] = [];
  let minute = 0;
  let id = 0;
  const record = (act: CookEvent['act']): void => {
    events.push({ id: `o${String(id++)}`, cookId: 'c', atMs: firstMs(of) + minute * MINUTE_MS, act });
  };
  while (asked.length < most) {
    const here = at(of, minute, events, 0);
    const { now } = here;
    if (!now) break;
    if (now.status !== 'due') {
      minute = Math.max(minute + 0.5, (now.atMs - firstMs(of)) / MINUTE_MS);
      continue;
    }
    asked.push(now.step);
    minute += now.step.stage === 'braise' ? 0.2 : Math.min(0.5, now.step.minutes.likely);
    const { record: kind } = now.step;
    if (kind === null) record(done(now.step.id));
    else if (kind === 'fork') {
      const ready = readyEta(here.live.forecast).p50;
      const since = (firstMs(of) + minute * MINUTE_MS - here.intoPotMs) / MINUTE_MS;
      record({ kind, stage: since >= ready - 1 ? here.live.forecast.target : 'drags' });
    } else if (kind === 'liquid') {
      record({ kind, levelMm: Math.round(of.pot.levelStartMm), simmering: true, addedL: 0, addedTempC: 95 });
    } else if (kind === 'heat') {
      const next = reduceEvents(of.input, events).stages[1];
      if (!next) break;
      const now2 = reduceEvents(of.input, events).stages[0];
      if (now2 && JSON.stringify(now2.heat) !== JSON.stringify(next.heat)) record({ kind, heat: next.heat });
      else record({ kind: 'lid', lid: next.lid });
    } else if (kind === 'finished') {
      record({ kind, verdict: { tenderness: 4, moisture: 4, sauce: 3, salt: 3, nextTime: '' } });
    } else if (kind === 'hold') record({ kind, way: 'lid' });
    else if (kind === 'counted') record({ kind, out: of.countOut.map((c) => c.count) });
    else if (kind === 'cooling') record({ kind, way: 'ice' });
    else if (kind === 'stored') record({ kind, boxes: 2, grams: 300, place: 'fridge' });
    else record({ kind });
  }
  return { asked, events };
}

describe('a braise done as the card says', () => {
  it.each(BRAISES.slice(0, 30).map((b): readonly [string, PlanInput] => [b.title, b]))(
    '%s: goes from the fridge door to the log, each step of hands asked for once',
    (_, input) => {
      const of = planned(input);
      const { asked, events } = obedient(of);
      const state = reduceEvents(of.input, events);
      expect(state.phase).toBe('finished');
      expect(state.rejected.map((p) => p.event.act)).toEqual([]);
      const times = new Map<string, number>();
      for (const s of asked) times.set(s.id, (times.get(s.id) ?? 0) + 1);
      for (const [id, count] of times) if (!['look', 'test', 'topUp'].includes(id)) expect(count, id).toBe(1);
      for (const step of stepsOf(of)) {
        // Tests the forecast does not ask for, and heats the meat overtook, are not called for.
        if (['look', 'topUp', 'turn', 'herbsHalf', 'hold'].includes(step.id) || stepKeyOf(step.id) === 'heat') continue;
        expect(times.has(step.id), step.id).toBe(true);
      }
    },
  );
});

describe('the card', () => {
  it('never offers the meat into the pot while it is being trimmed', () => {
    const { now } = at(plan, 1, []);
    expect(now?.step.id).toBe('washHands');
    expect(now?.step.record).toBeNull();
  });

  it('lets nothing come between a cook and what must not be left', () => {
    const faces = stepsOf(plan).filter((s) => s.stage === 'ready' || s.id === 'heatPan' || s.id === 'lay:1');
    const events = log(
      plan,
      ...faces.filter((s) => s.due.kind === 'next').map((s, i) => [i * 0.5, done(s.id)] as const),
    );
    const here = at(plan, 60, events);
    expect(here.now?.step.id).toBe('face:1:1');
    expect(here.now?.step.stay).toBe(true);
    expect(here.also.map((p) => p.step.id)).toContain('chop');
    expect(here.timers.map((t) => t.step)).toContain('face:1:1');
  });

  it('asks for the fork though nobody ever answered about the bubbles', () => {
    const events = log(hob, [pot(hob), INTO]);
    const late = at(hob, pot(hob) + readyEta(hob.forecast).p50, events);
    expect(late.now?.step.id).toBe('test');
    expect(late.also.map((p) => p.step.id)).toContain('look');
  });

  it('takes it off once the fork has found it, and asks for no other test', () => {
    const min = pot(plan) + 190;
    const events = log(plan, [pot(plan), INTO], [min, { kind: 'fork', stage: 'twists' }]);
    const here = at(plan, min + 1, events);
    expect(here.now?.step.record).toBe('offHeat');
    expect([here.now, ...here.also, ...here.next].map((p) => p?.step.id)).not.toContain('test');
  });

  it('keeps warm when it is early, and finishes in time for the plate', () => {
    const min = pot(plan) + 100;
    const events = log(
      plan,
      [pot(plan), INTO],
      [min, { kind: 'fork', stage: 'twists' }],
      [min + 1, { kind: 'offHeat' }],
    );
    const early = at(plan, min + 2, events);
    expect(early.now?.step.id).toBe('hold');
    expect(english(early.now?.why ?? [])).toContain('lid on');
    const held = [
      ...events,
      ...log(plan, [min + 3, { kind: 'hold', way: 'towels' }]).map((e) => ({ ...e, id: 'hold' })),
    ];
    const later = at(plan, min + 4, held);
    expect(later.now?.status).toBe('coming');
    const begin = ((later.now?.atMs ?? 0) - firstMs(plan)) / MINUTE_MS;
    expect(at(plan, begin + 0.1, events).now?.status).toBe('due');
    expect(early.outlook.serveMs).toBe(plan.day.serveMs);
  });

  it('that is on hours too early is not told to begin later', () => {
    const hours = -5 * HOUR_MIN;
    const on = at(plan, hours + 30, log(plan, [hours, INTO]));
    expect(on.outlook.ways.map((x) => x.code)).toEqual(['conduct.way.early']);
    expect(english(on.outlook.ways[0] ?? [])).not.toContain(WORDS.text('home.begin', { start: 'later' }));
  });

  it('counts from the facts, not from the plan’s clock, when it begins two hours late', () => {
    const late = at(plan, 2 * HOUR_MIN, []);
    expect((late.intoPotMs - plan.day.intoPotMs) / MINUTE_MS).toBeCloseTo(120, 0);
    expect(late.headline.atMs).toBeGreaterThan(plan.day.ready.p50Ms + 100 * MINUTE_MS);
    expect(late.outlook.chance).toBeLessThan(0.6);
    expect(late.outlook.ways.length).toBeGreaterThan(0);
    const tomorrow = at(plan, -24 * HOUR_MIN, []);
    expect(tomorrow.now?.status).toBe('coming');
    expect(tomorrow.intoPotMs).toBeCloseTo(plan.day.intoPotMs, -1);
  });

  it('takes hands that are quick or slow into the rest of the day', () => {
    const quick = at(
      plan,
      10,
      log(plan, [1, done('washHands')], [2, done('layOut')], [3, done('meatOut')], [4, done('prep:trim')]),
    );
    const slow = at(plan, 60, log(plan, [50, done('washHands')]));
    expect(quick.intoPotMs).toBeLessThan(plan.day.intoPotMs);
    expect(slow.intoPotMs).toBeGreaterThan(plan.day.intoPotMs + 40 * MINUTE_MS);
  });

  it('holds what is set aside until it is back', () => {
    const upTo = stepsOf(plan).findIndex((s) => s.id === 'out:1');
    const before = stepsOf(plan)
      .slice(0, upTo + 1)
      .filter((s) => s.due.kind === 'next');
    const events = log(plan, ...before.map((s, i) => [i, done(s.id)] as const));
    expect(at(plan, 70, events).shelf).toHaveLength(1);
    expect(at(plan, 80, [...events, ...log(plan, [79, INTO]).map((e) => ({ ...e, id: 'in' }))]).shelf).toEqual([]);
  });

  it('does not ask again for what was left out, and can have what was forgotten put in later', () => {
    const skip: CookAct = { kind: 'step', step: 'herbsIn', name: 'herbs', how: 'skipped' };
    const events = log(plan, [1, skip], [pot(plan), INTO], [pot(plan) + 20, done('deglaze')]);
    const here = at(plan, pot(plan) + 30, events);
    const status = (id: string) => here.steps.find((p) => p.step.id === id)?.status;
    expect(status('herbsIn')).toBe('skipped');
    expect(status('deglaze')).toBe('done');
    expect(status('fatOff')).toBe('passed');
  });
});

describe('a pot that is dry, or nearly', () => {
  it('is an alarm at 0, 5 and 20 mm, never “liquid is fine”', () => {
    for (const levelMm of [0, 5]) {
      const min = pot(plan) + 120;
      const events = log(
        plan,
        [pot(plan), INTO],
        [min, { kind: 'liquid', levelMm, simmering: true, addedL: 0, addedTempC: 95 }],
      );
      const here = at(plan, min + 1, events, 64);
      expect(here.alarm, String(levelMm)).toBeDefined();
      expect(english(here.alarm?.do)).toMatch(/\d/);
    }
    const min = pot(plan) + 120;
    const low = log(
      plan,
      [pot(plan), INTO],
      [min, { kind: 'liquid', levelMm: 20, simmering: true, addedL: 0, addedTempC: 95 }],
    );
    const here = at(plan, min + 1, low, 64);
    // Twenty millimetres in this pot are more than nearly dry: it asks for a top-up or says when.
    expect(here.alarm !== undefined || here.live.liquidLowMin !== undefined).toBe(true);
  });

  it('is none in a packed pot that stands at its line with little in it, from its first minute on', () => {
    const stout = [{ id: 'stout', litres: 0.2, when: 'start' }] as const;
    const packed = planned({ ...OXTAIL_PLAN, liquid: { ...OXTAIL_PLAN.liquid, fill: false, parts: stout } }, 64);
    expect(packed.liquidL).toBeGreaterThan(0.1);
    expect(packed.liquidL).toBeLessThan(0.25);
    expect(packed.dayQuestion.topUp).toBeUndefined();
    expect(packed.watch.map((m) => m.code)).not.toContain('watch.low');
    for (const min of [0, 1, 20, 60]) {
      const here = at(packed, pot(packed) + min, log(packed, [pot(packed), INTO]), 64);
      expect(here.alarm, String(min)).toBeUndefined();
      expect(here.live.liquidLowMin ?? Infinity, String(min)).toBeGreaterThan(readyEta(packed.forecast).p50);
    }
  });

  it('is believed: the estimate goes on from what was seen, and doubts itself', () => {
    const min = pot(plan) + 120;
    const on = log(plan, [pot(plan), INTO]);
    const dry = [
      ...on,
      ...log(plan, [min, { kind: 'liquid', levelMm: 0, simmering: true, addedL: 0, addedTempC: 95 }]).map((e) => ({
        ...e,
        id: 'dry',
      })),
    ];
    const [before, after] = [at(plan, min + 1, on, 128), at(plan, min + 1, dry, 128)];
    expect(sampleAt(before.live.course, 121).litres).toBeGreaterThan(0.3);
    expect(sampleAt(after.live.course, 121).litres).toBeLessThan(0.05);
    // Roasting meat is not forecast as a braise.
    expect(after.headline.between).toBeNull();
    expect(english(after.headline.says)).toContain('Dry');
    // An hour later, nothing added and nothing recorded, it is still dry: the estimate does not forget.
    expect(at(plan, min + 60, dry, 64).alarm).toBeDefined();
  });

  it('is none once hot liquid was poured in', () => {
    const min = pot(plan) + 120;
    const events = log(
      plan,
      [pot(plan), INTO],
      [min, { kind: 'liquid', levelMm: 0, simmering: true, addedL: 0, addedTempC: 95 }],
      [min + 3, { kind: 'liquid', levelMm: 30, simmering: true, addedL: 0.8, addedTempC: 95 }],
    );
    expect(at(plan, min + 4, events, 64).alarm).toBeUndefined();
  });

  it('shows what was read at once, and one amount brings it back to its line wherever one is said', () => {
    const min = pot(plan) + 120;
    for (const levelMm of [0, 5, 20]) {
      const read: CookAct = { kind: 'liquid', levelMm, simmering: true, addedL: 0, addedTempC: 95 };
      const events = log(plan, [pot(plan), INTO], [min - 20, { kind: 'lid', lid: 'none' }], [min, read]);
      const here = at(plan, min, events, 64);
      const stands = sampleAt(here.live.course, 120);
      // A dip is good to 80 ml: what stands within that of it is not contradicted.
      const dipMm = 0.08 / potBaseM2(potShape(plan.input.pot));
      expect(Math.abs(stands.levelMm - levelMm), String(levelMm)).toBeLessThanOrEqual(dipMm + 0.1);
      const pour = litres(toLineL(stands));
      expect(pour.value).toBeGreaterThan(0.2);
      const clock = { nowMs: firstMs(plan) + min * MINUTE_MS, potMs: plan.day.intoPotMs, serveMs: 0, chance: 1 };
      const figures = problemFigures(plan, reduceEvents(plan.input, events), here.live, clock);
      expect(figures['toLine']).toEqual(pour);
      expect(here.lidBack?.params?.['pour']).toEqual(pour);
      if (levelMm < 10) expect(here.alarm?.do.params?.['pour']).toEqual(pour);
      // Something seen a moment ago is not said to have been dry for long, and a dry pot is not called merely low.
      const said = [here.alarm?.says.code, here.steps.find((p) => p.step.id === 'topUp')?.why?.code];
      if (levelMm === 0) expect(said).toEqual(['alarm.dry', 'next.topUp.ran']);
      if (levelMm === 5) expect(said).toEqual(['alarm.nearlyDry', 'next.topUp.lowDry']);
      // Once added, the liquid is there, and the pot is no longer low.
      const full = at(
        plan,
        min + 1,
        [
          ...events,
          {
            ...(events.at(-1) as CookEvent),
            id: 'poured',
            atMs: clock.nowMs + MINUTE_MS,
            act: { ...read, addedL: pour.value },
          },
        ],
        64,
      );
      expect(sampleAt(full.live.course, 121).levelMm).toBeCloseTo(plan.pot.levelStartMm, -1);
      expect(full.alarm).toBeUndefined();
    }
  });

  it('that nobody looks at is low, then dry by the estimate, and every word of it keeps to the minute', () => {
    const events = log(plan, [pot(plan), INTO], [pot(plan) + 5, { kind: 'lid', lid: 'none' }]);
    const seen = new Set<string>();
    for (let min = 20; min <= 420; min += 20) {
      const here = at(plan, pot(plan) + min, events, 48);
      const { litres: left } = sampleAt(here.live.course, min);
      const nowMs = firstMs(plan) + (pot(plan) + min) * MINUTE_MS;
      const why = here.steps.find((p) => p.step.id === 'topUp')?.why?.code;
      const said = here.alarm?.says.code;
      if (left < 0.05) {
        expect([said, here.headline.says.code, here.headline.between], String(min)).toEqual([
          'alarm.dryLikely',
          'conduct.dryLikely',
          null,
        ]);
        expect(here.headline.atMs).toBeLessThanOrEqual(nowMs);
        expect([here.outlook.dry, here.outlook.ways]).toEqual([true, []]);
        expect(why).toBe('next.topUp.ran');
      } else {
        expect(said === 'alarm.nearlyDry', String(min)).toBe(left < 0.15);
        expect(here.headline.between).not.toBeNull();
        expect(here.outlook.dry).toBe(false);
        const lows = ['next.topUp.low', 'next.topUp.lowDry', 'next.topUp.lowMay'];
        if (why) expect(lows.includes(why), String(min)).toBe(left < 0.25);
      }
      seen.add(why ?? '');
    }
    expect([...seen].filter((c) => c !== '')).toEqual(['next.topUp.dry', 'next.topUp.lowDry', 'next.topUp.ran']);
  });

  it('steams as much as is recorded to be over it', () => {
    const min = pot(plan) + 40;
    const shut = log(plan, [pot(plan), INTO]);
    const open = log(plan, [pot(plan), INTO], [pot(plan) + 20, { kind: 'lid', lid: 'none' }]);
    const steams = (events: readonly CookEvent[]): number =>
      sampleAt(at(plan, min, events).live.course, 40).steamLPerHour;
    expect(steams(open)).toBeGreaterThan(2.5 * steams(shut));
    // From the moment the lid is off, not gradually.
    const off = at(plan, pot(plan) + 20, open).live.course;
    expect(sampleAt(off, 20).steamLPerHour).toBeGreaterThan(2 * sampleAt(off, 19.9).steamLPerHour);
  });

  it('says how it would go with the lid back on', () => {
    const min = pot(plan) + 60;
    const events = log(plan, [pot(plan), INTO], [min, { kind: 'lid', lid: 'none' }]);
    const here = at(plan, min + 1, events, 64);
    expect(english(here.lidBack ?? [])).toMatch(saying('conduct.lidBack'));
    expect(here.live.lidBack?.p50Min).toBeLessThan(readyEta(here.live.forecast).p50);
    expect(at(plan, min - 1, events, 64).lidBack).toBeNull();
  });
});

describe('troubles', () => {
  const braising = log(plan, [pot(plan), INTO]);
  const full = at(plan, pot(plan) + 60, braising);

  it('each have a figure of this pot and a step; another pot has other figures', () => {
    const wide = planned({ ...OXTAIL_PLAN, pot: { ...OXTAIL_PLAN.pot, lengthMm: 300, widthMm: 300, massKg: 8 } });
    const other = at(wide, pot(wide) + 60, log(wide, [pot(wide), INTO]));
    const of = (here: Guidance) =>
      new Map(problemsNow(here.figures, 'braise').map((t) => [t.id, english([t.do, t.cost, t.step])]));
    const [one, two] = [of(full), of(other)];
    let changed = 0;
    for (const id of PROBLEM_IDS) {
      expect(one.get(id), id).toMatch(/\d/);
      expect(one.get(id), id).not.toMatch(/NaN|undefined|Infinity/);
      if (one.get(id) !== two.get(id)) changed += 1;
    }
    // Those about the pan use the pan's figures; those about pot and liquid change with the pot.
    expect(changed).toBeGreaterThan(25);
  });

  it('become the step in hand, and nothing else is asked while it is urgent', () => {
    const fire = log(plan, [20, { kind: 'trouble', trouble: 'oilFire' }]);
    const here = at(plan, 21, fire);
    expect(here.now?.step.kind).toBe('trouble');
    expect(here.also).toEqual([]);
    const out = at(plan, 30, [...fire, ...log(plan, [29, done('trouble:e0')]).map((e) => ({ ...e, id: 'x' }))]);
    expect(out.now?.step.kind).not.toMatch(saying('trouble'));
  });
});

describe('timers', () => {
  it('run from their event, stop, and can be set anew', () => {
    const set = (minutes: number): CookAct => ({ kind: 'timer', timer: 't', name: 'potatoes', minutes });
    const mine = (here: Guidance) => here.timers.filter((t) => t.id === 't');
    const events = log(plan, [5, set(10)], [12, set(2)], [20, set(0)]);
    expect(mine(at(plan, 6, events)).map((t) => (t.endsMs - firstMs(plan)) / MINUTE_MS)).toEqual([15]);
    expect(mine(at(plan, 13, events)).map((t) => (t.endsMs - firstMs(plan)) / MINUTE_MS)).toEqual([14]);
    expect(mine(at(plan, 21, events))).toEqual([]);
  });
});

/** Any act at all, valid there or not. */
const anyAct = fc.oneof(
  fc.constantFrom(...stepsOf(plan).map((s) => s.id)).map((step): CookAct => done(step)),
  fc
    .constantFrom(...stepsOf(plan).map((s) => s.id))
    .map((step): CookAct => ({ kind: 'step', step, name: step, how: 'skipped' })),
  fc.constant<CookAct>({ kind: 'intoPot' }),
  fc.constant<CookAct>({ kind: 'turned' }),
  fc.constant<CookAct>({ kind: 'offHeat' }),
  fc.constant<CookAct>({ kind: 'served' }),
  fc.constantFrom(...HOLD_WAYS).map((way): CookAct => ({ kind: 'hold', way })),
  fc.constantFrom(...COOL_WAYS).map((way): CookAct => ({ kind: 'cooling', way })),
  fc.integer({ min: 1, max: 80 }).map((tempC): CookAct => ({ kind: 'cooled', tempC })),
  fc.integer({ min: 1, max: 30 }).map((dl): CookAct => ({ kind: 'sauce', litres: dl / 10, rung: null })),
  fc.constant<CookAct>({ kind: 'counted', out: [1, 1] }),
  fc.integer({ min: 1, max: 4 }).map((boxes): CookAct => ({ kind: 'stored', boxes, grams: 300, place: 'fridge' })),
  fc.constant<CookAct>({ kind: 'finished', verdict: { tenderness: 4, moisture: 4, sauce: 3, salt: 3, nextTime: '' } }),
  fc.constantFrom(...DONENESS_STAGES).map((stage): CookAct => ({ kind: 'fork', stage })),
  fc.constantFrom(...LID_KINDS).map((lid): CookAct => ({ kind: 'lid', lid })),
  fc.constantFrom(...PROBLEM_IDS).map((trouble): CookAct => ({ kind: 'trouble', trouble })),
  fc
    .record({ levelMm: fc.integer({ min: 0, max: 90 }), addedL: fc.constantFrom(0, 0.3) })
    .map(({ levelMm, addedL }): CookAct => ({ kind: 'liquid', levelMm, addedL, simmering: true, addedTempC: 95 })),
  fc
    .record({ minutes: fc.integer({ min: 0, max: 60 }) })
    .map(({ minutes }): CookAct => ({ kind: 'timer', timer: 'a', name: 'a', minutes })),
);

const anyHistory = fc.array(
  fc.record({ at: fc.integer({ min: 0, max: 480 }), act: anyAct, undo: fc.integer({ min: 0, max: 12 }) }),
  { maxLength: 30 },
);

const eventsOf = (history: readonly { at: number; act: CookAct; undo: number }[]): CookEvent[] =>
  history.flatMap(({ at: minute, act, undo }, i): CookEvent[] => {
    const atMs = firstMs(plan) + minute * MINUTE_MS;
    const made: CookEvent = { id: `h${String(i)}`, cookId: 'c', atMs, act };
    return undo === 0
      ? [made, { id: `u${String(i)}`, cookId: 'c', atMs: atMs + 1, act: { kind: 'undo', eventId: made.id } }]
      : [made];
  });

/** Invariants of any screen state. */
function checkAgreement(here: Guidance, live: LiveForecast, events: readonly CookEvent[], nowMs: number): void {
  const state = reduceEvents(plan.input, events);
  const known = new Set(stepsOf(plan).map((s) => s.id));
  const ids = here.steps.map((p) => p.step.id);
  // No step lost, none doubled.
  expect(new Set(ids).size).toBe(ids.length);
  for (const id of known) expect(ids).toContain(id);
  const shownNow = [here.now, ...here.also].flatMap((p) => (p ? [p] : []));
  expect(new Set(shownNow.map((p) => p.step.id)).size).toBe(shownNow.length);
  // Every due step is called for.
  const urgent = here.now?.step.kind === 'trouble' && here.also.length === 0;
  if (state.phase !== 'finished') {
    const due = here.steps.filter((p) => p.status === 'due').map((p) => p.step.id);
    for (const id of due)
      if (!urgent)
        expect(
          shownNow.map((p) => p.step.id),
          id,
        ).toContain(id);
  }
  const said = (id: string): boolean => shownNow.some((p) => p.step.id === id);
  if (state.intoPotMs !== undefined) expect(said('meatBack')).toBe(false);
  if (state.intoPotMs === undefined)
    for (const id of ['test', 'look', 'topUp', 'turn', 'offHeat']) expect(said(id), id).toBe(false);
  const lastFork = state.events.findLast((e) => e.act.kind === 'fork')?.act;
  const found = lastFork?.kind === 'fork' && donenessIndex(lastFork.stage) >= donenessIndex(live.forecast.target);
  // Once it is fork-tender, nothing says when it will be; off the heat, nothing mentions the pot's liquid.
  if (state.phase === 'braising' && found) {
    expect(here.headline.between).toBeNull();
    expect(said('test')).toBe(false);
    if (!urgent) expect(said('offHeat')).toBe(true);
  }
  if (state.phase === 'offHeat') {
    expect(here.alarm?.record).not.toBe('liquid');
    expect(here.headline.between).toBeNull();
    expect(here.lidBack).toBeNull();
    for (const id of ['look', 'topUp', 'turn', 'test', 'offHeat']) expect(said(id), id).toBe(false);
  }
  if (state.phase === 'braising' && !found && here.headline.between)
    expect(here.headline.atMs).toBeGreaterThanOrEqual(nowMs - 1);
  // Serving time is never missed in silence.
  if (state.servedMs !== undefined) expect(here.outlook.serveMs).toBe(state.servedMs);
  else expect(here.outlook.serveMs).toBeGreaterThanOrEqual(here.outlook.wantedMs);
  if (here.outlook.serveMs > here.outlook.wantedMs + 5 * MINUTE_MS) {
    expect(here.outlook.lateMin).toBeGreaterThan(4.9);
    if (state.servedMs === undefined) expect(here.outlook.ways.length).toBeGreaterThan(0);
  }
  here.spans.slice(1).forEach((s, i) => {
    expect(s.fromMs).toBeGreaterThanOrEqual((here.spans[i]?.toMs ?? 0) - 1);
  });
}

describe('any history at all', () => {
  const nominal = at(plan, 0, [], 0).live;

  it('is the same state in whatever order it arrives, loses no step, calls all that is due and contradicts nothing', () => {
    fc.assert(
      fc.property(anyHistory, fc.integer({ min: 0, max: 600 }), fc.integer(), (history, minute, seed) => {
        const events = eventsOf(history);
        const nowMs = firstMs(plan) + minute * MINUTE_MS;
        const known = events.filter((e) => e.atMs <= nowMs);
        const state = reduceEvents(plan.input, known);
        const here = guide(plan, state, nominal, nowMs);
        checkAgreement(here, nominal, known, nowMs);
        const mixed = [...known].sort((a, b) => (a.id + String(seed) < b.id + String(seed) ? 1 : -1));
        expect(guide(plan, reduceEvents(plan.input, mixed), nominal, nowMs)).toEqual(here);
      }),
      { numRuns: rounds(1000, 8000) },
    );
  });

  it('keeps to the same with a forecast that learns', () => {
    fc.assert(
      fc.property(anyHistory, fc.integer({ min: 60, max: 500 }), (history, minute) => {
        const events = eventsOf(history).filter((e) => e.atMs <= firstMs(plan) + minute * MINUTE_MS);
        const here = at(plan, minute, events, 16);
        checkAgreement(here, here.live, events, firstMs(plan) + minute * MINUTE_MS);
      }),
      { numRuns: 20 },
    );
  });
});

it('is put on the plate as what has become of it asks', () => {
  const platedBy = (input: PlanInput): string => {
    const step = stepsOf(planned(input)).find((s) => s.kind === 'plate');
    return step?.how?.code ?? 'as usual';
  };
  const shanks: PlanInput = { ...OXTAIL_PLAN, meat: { ...OXTAIL_PLAN.meat, onBone: true } };
  expect(platedBy({ ...shanks, result: 'tender' })).toBe('as usual');
  expect(platedBy({ ...shanks, result: 'falls' })).toBe('step.plate.offBone');
  expect(platedBy({ ...OXTAIL_PLAN, finish: { ...OXTAIL_PLAN.finish, meat: 'shred' } })).toBe('step.plate.pulled');
  for (const braise of BRAISES) {
    const by = platedBy(braise);
    if (braise.finish.meat !== 'whole') expect(by, braise.title).toBe('step.plate.pulled');
    else if (braise.result === 'slices') expect(by, braise.title).toBe('step.plate.slices');
  }
});
