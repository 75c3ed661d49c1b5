import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { guide } from './guidance';
import { type CookAct, type CookEvent } from './events';
import { reduceEvents } from './reducer';
import {
  coolingClock,
  coolingNow,
  holdAhead,
  holdNow,
  holdWaysNow,
  isTooFar,
  stageAfter,
  donenessAfterHolding,
  plannedDonenessAfterHolding,
} from './keepNow';
import { learnNothing } from './learning';
import { type LiveForecast, liveForecast } from './live';
import { applyBoxOutcome, BOX_OUTCOMES, newStoredBatch } from './storedBatches';
import { boneStock, restOf, secondMeals, reheatBox } from './leftovers';
import { finishedNow, finishingNow, sauceAt, sauceNow, sauceOf, currentSauce } from './sauceNow';
import { thickenersOf } from './thickeners';
import { saltPlanned } from './saltAccount';
import { mainStage, type PlanInput } from '../choices';
import { SAUCE_ADDITIONS, type SauceAddition, sauceFixes, withAddition } from '../finish';
import { WATER_KG_PER_L } from '../heat';
import { HOLD_WAYS } from '../storage';
import { potShape } from '../material';
import { tempC } from '../message';
import { composePlan, finishSteps, type Plan } from '../plan';
import { SAUCE_SALT } from '../season';
import { donenessIndex } from '../tenderness';
import { BRAISES } from '../../testing/braises';
import { OXTAIL_PLAN } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { rounds } from '../../testing/soak';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS } from '../safety';

function planned(input: PlanInput, particles = 24): Plan {
  const made = composePlan(input, particles);
  if (!made.ok) throw new Error(english(made.faults.map((f) => f.says)));
  return made.plan;
}

function still(of: Plan): LiveForecast {
  const { heat, lid } = mainStage(of.input);
  return liveForecast(learnNothing(of.input, { particles: 4 }), of.finishBy, {
    atMin: 190,
    readyByMin: 1e6,
    heat,
    lid,
    plannedLid: lid,
    cooking: false,
  });
}

/** A braise taken off the heat at 190 min, and records this many minutes later. */
function after(of: Plan, ...acts: readonly (readonly [minutes: number, act: CookAct])[]) {
  const potMs = of.day.intoPotMs;
  const offMs = potMs + 190 * MINUTE_MS;
  const events: CookEvent[] = [
    { id: 'in', cookId: 'c', atMs: potMs, act: { kind: 'intoPot' } },
    { id: 'off', cookId: 'c', atMs: offMs, act: { kind: 'offHeat' } },
    ...acts.map(([min, act], i) => ({ id: `e${String(i)}`, cookId: 'c', atMs: offMs + min * MINUTE_MS, act })),
  ];
  const live = still(of);
  return { state: reduceEvents(of.input, events), live, at: (min: number) => offMs + min * MINUTE_MS };
}

const done = (step: string): CookAct => ({ kind: 'step', step, name: step, how: 'done' });

// Strained, skimmed with a spoon, reduced to 80 ml a serving.
const plan = planned({
  ...OXTAIL_PLAN,
  season: { ...OXTAIL_PLAN.season, gramsPerKg: 2 },
  finish: { ...OXTAIL_PLAN.finish, reduce: true, solids: 'strain', sauceLPerPlate: 0.08 },
});
const thick = planned({
  ...OXTAIL_PLAN,
  base: { ...OXTAIL_PLAN.base, thicken: 'end' },
  finish: { ...OXTAIL_PLAN.finish, reduce: true, solids: 'strain', thickener: 'corn', rung: 'gravy' },
});

const said = (min: number, litres: number, rung: null | 'runs' | 'coats' = null) =>
  [min, { kind: 'sauce', litres, rung }] as const;
const put = (min: number, thing: SauceAddition, amount: number) => [min, { kind: 'put', thing, amount }] as const;

/** Everything before reducing was done within a minute of coming off the heat. */
const ONTO_THE_FIRE = ['finish:liftOut', 'finish:solids', 'finish:fat'].map((step) => [1, done(step)] as const);

describe('the sauce by its records', () => {
  it('is the planned one until something is recorded, and as measured from then on', () => {
    const none = after(plan);
    const first = sauceNow(plan, none.state, none.live, none.at(1));
    expect(first.measured).toBe(false);
    expect(first.sauce.litres).toBeCloseTo(none.live.finished.looseL, 9);
    const read = after(plan, said(10, 0.9));
    const now = sauceNow(plan, read.state, read.live, read.at(11));
    expect([now.measured, now.sauce.litres]).toEqual([true, 0.9]);
    // The amount of salt is unchanged: with less water each litre has more.
    expect(now.sauce.saltG).toBeCloseTo(first.sauce.saltG, 9);
    expect(now.now.saltShare).toBeCloseTo(first.sauce.saltG / 1000 / (0.9 * WATER_KG_PER_L), 9);
    // The steps and the panel are given the same pot.
    expect(finishedNow(plan, read.state, read.live).looseL).toBe(0.9);
    expect(finishingNow(plan, read.state, read.live).finished.sauceL).toBeCloseTo(now.aimL, 9);
  });

  it('holds each thing that was put in, in whatever order, and never less than nothing', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...SAUCE_ADDITIONS), fc.double({ min: 0.5, max: 200, noNaN: true })), {
          maxLength: 6,
        }),
        (things) => {
          const { state, live, at } = after(plan, ...things.map(([thing, amount], i) => put(i + 1, thing, amount)));
          const now = currentSauce(plan, state, live, at(20));
          const wanted = things.reduce(
            (s, [thing, amount]) => withAddition(s, thing, amount),
            sauceOf(plan, live.finished),
          );
          expect(now).toEqual(wanted);
          const ledger = sauceNow(plan, state, live, at(20)).salt.reduce((sum, l) => sum + l.grams, 0);
          const brought = now.saltG - sauceOf(plan, live.finished).saltG;
          const before = sauceNow(plan, after(plan).state, live, at(20)).salt.reduce((sum, l) => sum + l.grams, 0);
          expect(ledger - before).toBeCloseTo(brought, 6);
          for (const n of Object.values(now)) expect(n).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 100 },
    );
  });

  it('boils down to the line by the burner, from when the step before was done, and no further', () => {
    // Lifted out and not yet strained, it does not boil.
    const lifted = after(plan, [1, done('finish:liftOut')]);
    expect(sauceNow(plan, lifted.state, lifted.live, lifted.at(2)).boiling).toBeUndefined();
    const { state, live, at } = after(plan, ...ONTO_THE_FIRE);
    const start = sauceNow(plan, state, live, at(2));
    expect(start.boiling).toBeDefined();
    // Checked halfway, and from when it may be done.
    const { halfMs = 0, nearMs = 0, left } = start.boiling ?? {};
    expect(halfMs).toBeCloseTo(at(1) + ((left?.p50 ?? 0) + 1) * 0.5 * MINUTE_MS, -4);
    expect(nearMs).toBeCloseTo(at(2) + Math.max(0, (left?.p10 ?? 0) - 4) * MINUTE_MS, -3);
    const later = sauceNow(plan, state, live, at(6));
    expect(later.sauce.litres).toBeLessThan(start.sauce.litres);
    expect(later.boiling?.left.p50 ?? 0).toBeLessThan(start.boiling?.left.p50 ?? 0);
    const end = sauceNow(plan, state, live, at(600));
    expect(end.sauce.litres).toBeCloseTo(end.aimL, 6);
    expect(end.boiling).toBeUndefined();
    // Depth is volume over base area, worked out by hand: a 26 cm pot has 531 cm².
    const aim = sauceAt(plan, end.sauce, end.aimL);
    const across = OXTAIL_PLAN.pot.lengthMm / 2000;
    expect(aim.depthMm).toBeCloseTo(end.aimL / (Math.PI * across * across), 3);
  });

  it('is as it was when it came onto the table, and does not boil there', () => {
    const { state, live, at } = after(plan, ...ONTO_THE_FIRE, [4, { kind: 'served' }]);
    const then = sauceNow(plan, state, live, at(4));
    expect(sauceNow(plan, state, live, at(300)).sauce).toEqual(then.sauce);
    expect([then.boiling, then.aimL]).toEqual([undefined, then.sauce.litres]);
    const onFire = after(plan, ...ONTO_THE_FIRE);
    expect(then.sauce.litres).toBeCloseTo(sauceNow(plan, onFire.state, onFire.live, onFire.at(4)).sauce.litres, 9);
  });

  it('left as it stands does not boil down, until a line is drawn for it again', () => {
    const left: CookAct = { kind: 'step', step: 'finish:reduce', name: 'boil', how: 'skipped' };
    const { state, live, at } = after(plan, ...ONTO_THE_FIRE, [1, left]);
    const now = sauceNow(plan, state, live, at(60));
    expect([now.boiling, now.aimL]).toEqual([undefined, now.sauce.litres]);
    expect(now.sauce.litres).toBeCloseTo(live.finished.looseL, 9);
    expect(finishingNow(plan, state, live).finished.sauceL).toBeCloseTo(now.aimL, 9);
    const again = after(plan, ...ONTO_THE_FIRE, [1, left], [2, { kind: 'aim', litres: 0.4 }]);
    expect(sauceNow(plan, again.state, again.live, again.at(3)).aimL).toBe(0.4);
  });

  it('dipped on the way says more surely how long it takes', () => {
    const free = after(plan, ...ONTO_THE_FIRE);
    const all = sauceNow(plan, free.state, free.live, free.at(1)).boiling?.left.p50 ?? 0;
    const half = 1 + all / 2;
    const soon = half + 0.1;
    const wide = sauceNow(plan, free.state, free.live, free.at(soon)).boiling?.left;
    const stands = sauceNow(plan, free.state, free.live, free.at(half)).sauce.litres;
    const dipped = after(plan, ...ONTO_THE_FIRE, said(half, stands));
    const sure = sauceNow(plan, dipped.state, dipped.live, dipped.at(soon)).boiling?.left;
    if (!wide || !sure) throw new Error('it does not boil');
    expect(sure.p90 - sure.p10).toBeLessThan(wide.p90 - wide.p10);
  });

  it('measured while it boils is what was measured at that moment', () => {
    const free = after(plan, ...ONTO_THE_FIRE);
    const thought = sauceNow(plan, free.state, free.live, free.at(3)).sauce.litres;
    for (const by of [0.8, 1.15]) {
      const read = after(plan, ...ONTO_THE_FIRE, said(3, thought * by));
      expect(sauceNow(plan, read.state, read.live, read.at(3)).sauce.litres).toBeCloseTo(thought * by, 6);
    }
  });

  it('goes where the cook draws the line, and asks for nothing that line forbids', () => {
    const { state, live, at } = after(plan, ...ONTO_THE_FIRE, [2, { kind: 'aim', litres: 0.5 }]);
    const now = sauceNow(plan, state, live, at(3));
    expect(now.aimL).toBe(0.5);
    expect(now.aim.litres).toBeCloseTo(0.5, 9);
    // Missing salt is relative to the tastes-seasoned level, and adding it reaches that level.
    for (const litres of [0.2, 0.5, 1]) {
      const there = after(plan, [2, { kind: 'aim', litres }]);
      const s = sauceNow(plan, there.state, there.live, there.at(3));
      expect(s.saltMissingG > 0).toBe(s.aim.saltShare < SAUCE_SALT.low);
      if (s.saltMissingG > 0) {
        const salted = (s.sauce.saltG + s.saltMissingG) / 1000 / (litres * WATER_KG_PER_L);
        expect(salted).toBeCloseTo(SAUCE_SALT.aim, 9);
      }
    }
  });

  it('goes on from a measurement with all that was put in after it', () => {
    const measured = after(plan, said(2, 0.9));
    const salted = after(plan, said(2, 0.9), put(3, 'salt', 5), put(4, 'water', 100));
    const [before, now] = [measured, salted].map((a) => currentSauce(plan, a.state, a.live, a.at(5)));
    expect((now?.saltG ?? 0) - (before?.saltG ?? 0)).toBeCloseTo(5, 9);
    expect((now?.litres ?? 0) - (before?.litres ?? 0)).toBeCloseTo(0.1, 9);
    // What was put in before it was measured is in what was measured: only its salt still counts.
    const sooner = after(plan, put(1, 'water', 100), said(2, 0.9));
    expect(currentSauce(plan, sooner.state, sooner.live, sooner.at(5)).litres).toBe(0.9);
  });

  it('has one step for the salt, which says what the panel says on either side of having enough', () => {
    const heard = new Set<boolean>();
    for (const litres of [0.15, 0.3, 0.6, 0.9, 1.2]) {
      const { state, live, at } = after(plan, ...ONTO_THE_FIRE, said(2, litres), [2, { kind: 'aim', litres }]);
      const { saltMissingG } = sauceNow(plan, state, live, at(3));
      const step = guide(plan, state, live, at(3)).steps.find((p) => p.step.id === 'finish:salt')?.step;
      const missing = saltMissingG > 0.2;
      heard.add(missing);
      expect(step?.how?.code, `${String(litres)} l`).toBe(missing ? 'finish.saltLast' : 'finish.taste');
      if (missing) expect(step?.how && english(step.how)).toContain(WORDS.quantity(saltMissingG / 1000, 'mass'));
    }
    expect(heard.size).toBe(2);
  });

  it('asks for a thickener in two halves that bring it to its rung, and one seen thicker asks for less', () => {
    const { state, live, at } = after(thick);
    const now = sauceNow(thick, state, live, at(1));
    if (!now.dose) throw new Error('nothing thickens it');
    const dosed = withAddition({ ...now.sauce, litres: now.aimL }, 'corn', now.dose.firstG + now.dose.restG);
    const there = sauceFixes(dosed, 'gravy', potShape(thick.input.pot));
    expect(there.thicken.starchG).toBeCloseTo(0, 6);
    const seen = after(thick, said(2, now.sauce.litres, 'coats'));
    const less = sauceNow(thick, seen.state, seen.live, seen.at(3)).dose;
    expect((less?.firstG ?? 0) + (less?.restG ?? 0)).toBeLessThan(now.dose.firstG + now.dose.restG);
    // The step gives the same dose as the panel.
    const step = finishSteps(finishingNow(thick, state, live)).find((s) => s.work === 'thicken');
    for (const g of [now.dose.firstG, now.dose.restG]) {
      expect(step && english(step.says)).toContain(WORDS.quantity(g / 1000, 'mass'));
    }
  });
});

describe('each kind of thickener', () => {
  it('brings it to the rung by its own strength, and boiling in wine undoes the weak ones', () => {
    const { state, live, at } = after(thick);
    const now = sauceNow(thick, state, live, at(1));
    const sauce = { ...now.sauce, litres: now.aimL };
    const kinds = thickenersOf(thick, sauce);
    expect(kinds.length).toBeGreaterThan(5);
    for (const { by, grams, left } of kinds) {
      expect(
        sauceFixes(withAddition(sauce, by, grams), 'gravy', potShape(thick.input.pot)).thicken.starchG,
      ).toBeCloseTo(0, 6);
      expect(left).toBeGreaterThan(0);
      expect(left).toBeLessThanOrEqual(1);
    }
    const of = (by: string) => kinds.find((t) => t.by === by)?.left ?? 0;
    expect(of('potatoStarch')).toBeLessThan(of('corn'));
    expect(kinds.find((t) => t.by === now.dose?.by)?.grams).toBeCloseTo(
      (now.dose?.firstG ?? 0) + (now.dose?.restG ?? 0),
      9,
    );
    expect(thickenersOf(thick, withAddition(sauce, 'corn', 500))).toEqual([]);
  });

  it('has the salt of a plan by its sources, as the pot will have it', () => {
    const { salt, inMeatG } = saltPlanned(plan);
    const inSauceG = sauceOf(plan, plan.finished).saltG;
    expect(salt.reduce((sum, l) => sum + l.grams, 0)).toBeCloseTo(inMeatG + inSauceG, 6);
    expect(salt.every((l) => !l.recorded)).toBe(true);
  });
});

describe('rescues', () => {
  const pan = potShape(OXTAIL_PLAN.pot);
  const bare = { litres: 0.5, saltG: 0, gelatinG: 0, starchG: 0, fatL: 0.06, solidsKg: 0.02 };

  it('dilute what is too salty, worked by hand', () => {
    // 0.5 l of it weighs 0.48 kg; at 1.4% that is 6.72 g, which is 0.85% of 0.79 kg, or 0.8235 l: 0.3235 l more.
    const salty = { ...bare, saltG: 0.014 * 0.5 * WATER_KG_PER_L * 1000, starchG: 8 };
    const saved = sauceFixes(salty, 'coats', pan);
    expect(saved.dilute.litres).toBeCloseTo(0.5 * (1.4 / 0.85 - 1), 9);
    const thinned = withAddition(
      withAddition(salty, 'water', saved.dilute.litres * 1000),
      'corn',
      saved.dilute.starchG,
    );
    const again = sauceFixes(thinned, 'coats', pan);
    expect(again.dilute.litres).toBeCloseTo(0, 6);
    // As thick as before: 8 g in half a litre, 16 g a litre.
    expect(thinned.starchG / thinned.litres).toBeCloseTo(16, 6);
  });

  it('thin what is too thick to its rung and say the salt that leaves', () => {
    const stiff = { ...bare, saltG: 4, starchG: 30 };
    const saved = sauceFixes(stiff, 'coats', pan);
    const thinned = { ...stiff, litres: stiff.litres + saved.thin.litres };
    expect(sauceFixes(thinned, 'coats', pan).thicken.starchG).toBeCloseTo(0, 2);
    expect(saved.thin.saltShare).toBeCloseTo(4 / 1000 / (thinned.litres * WATER_KG_PER_L), 6);
    expect(sauceFixes({ ...bare, saltG: 4 }, 'coats', pan).thin.litres).toBe(0);
  });

  it('are a litre’s first dose for a litre', () => {
    const litre = sauceFixes({ ...bare, litres: 1 }, 'light', pan);
    expect([litre.sugarSourG, litre.sodaG, litre.butterG, litre.vinegarMl, litre.coldWaterMl]).toEqual([
      4, 0.25, 10, 5, 20,
    ]);
    expect(litre.fat).toEqual({ onL: 0.06, tiltL: 0.018, paperL: 0.009 });
  });
});

describe('kept warm', () => {
  it('stands under its lid until something else is said, and is colder the longer it stands', () => {
    const { state, live, at } = after(plan);
    const [early, late] = [holdNow(plan, state, live, at(10)), holdNow(plan, state, live, at(70))];
    expect([early?.way, early?.said]).toEqual(['lid', false]);
    expect(late?.tempC).toBeLessThan(early?.tempC ?? 0);
    // When it drops below the limit does not depend on when you ask.
    expect(late?.coldMs).toBe(early?.coldMs);
    const braising = { ...state, offHeatMs: undefined };
    expect(holdNow(plan, braising, live, at(-10))).toBeUndefined();
    // It stands from when it came off the heat, not from when it went in.
    const later = { ...state, offHeatMs: at(40) };
    expect(holdNow(plan, later, live, at(50))?.tempC).toBeCloseTo(early?.tempC ?? 0, 6);
  });

  it('is followed far enough to say when it gets cold, however long that takes', () => {
    const { state, live, at } = after(plan, [1, { kind: 'hold', way: 'towels' }]);
    for (const asked of [2, 120, 260]) {
      const { coldMs } = holdNow(plan, state, live, at(asked)) ?? {};
      expect((coldMs ?? 0) - at(0)).toBeGreaterThan(2 * HOUR_MS);
    }
    // Far ahead the ways are told apart by how warm they then are.
    const ahead = holdAhead(plan, state, live, at(2), at(6 * 60));
    const tempOf = (way: string) => ahead.find((h) => h.way === way)?.atPlateC ?? 0;
    expect(tempOf('towels')).toBeGreaterThan(tempOf('lid'));
    expect(tempOf('lid')).toBeGreaterThan(20);
    expect(tempOf('lid')).toBeLessThan(40);
  });

  it('goes on from where it was when another way is said', () => {
    const { state, live, at } = after(plan, [60, { kind: 'hold', way: 'towels' }]);
    const stood = holdNow(plan, after(plan).state, live, at(60));
    const wrapped = holdNow(plan, state, live, at(60));
    expect(wrapped?.tempC).toBeCloseTo(stood?.tempC ?? 0, -0.5);
    expect(wrapped?.coldMs ?? 0).toBeGreaterThan(stood?.coldMs ?? 0);
    for (const way of ['oven', 'flame'] as const) {
      const held = after(plan, [2, { kind: 'hold', way }]);
      expect(holdNow(plan, held.state, held.live, held.at(300))?.coldMs).toBeNull();
    }
  });

  it('is not hot for being put where it is hot: once under the limit it is said so until it is measured over it', () => {
    const left = after(plan);
    const coldMs = holdNow(plan, left.state, left.live, left.at(1))?.coldMs ?? 0;
    const coldMin = (coldMs - (left.state.offHeatMs ?? 0)) / MINUTE_MS;
    const said = coldMin + 30;
    for (const way of HOLD_WAYS) {
      const { state, live, at } = after(plan, [said, { kind: 'hold', way }]);
      const here = holdNow(plan, state, live, at(said + 1));
      expect(here?.tempC).toBeLessThan(here?.limitC ?? 0);
      expect(Math.abs((here?.coldMs ?? 0) - coldMs)).toBeLessThan(MINUTE_MS);
      for (const row of holdAhead(plan, state, live, at(said + 1), at(said + 60))) {
        expect(row.cold?.highMs ?? Infinity, row.way).toBeLessThan(at(said));
      }
      const far = { ...plan, day: { ...plan.day, serveMs: coldMs + 10 * 60 * MINUTE_MS } };
      expect(guide(far, state, live, at(said + 5)).alarm?.says.code, way).toBe('alarm.heldCold');
      // A flame that holds it hot heats it slowly: ten minutes are not enough.
      const later = holdNow(plan, state, live, at(said + 10));
      if (way === 'flame') expect(later?.tempC).toBeGreaterThan(here?.tempC ?? 0);
      expect(later?.tempC).toBeLessThan((here?.limitC ?? 0) + 5);
      // Brought to a simmer and measured, the clock starts again.
      const measured = after(plan, [said, { kind: 'hold', way }], [said + 8, { kind: 'hold', way, tempC: 92 }]);
      const anew = holdNow(plan, measured.state, measured.live, measured.at(said + 9));
      expect(anew?.tempC).toBeGreaterThan(88);
      expect(anew?.coldMs ?? Infinity).toBeGreaterThan(measured.at(said + 30));
      expect(guide(far, measured.state, measured.live, measured.at(said + 9)).alarm).toBeUndefined();
    }
    // Measured below the limit while it was thought hot, it counts as cold from then on.
    const cool = after(plan, [20, { kind: 'hold', way: 'towels', tempC: 50 }]);
    expect(holdNow(plan, cool.state, cool.live, cool.at(25))?.coldMs).toBe(cool.at(20));
  });

  it('goes through every way it was said to be kept in', () => {
    const both = after(plan, [10, { kind: 'hold', way: 'oven' }], [70, { kind: 'hold', way: 'towels' }]);
    const only = after(plan, [70, { kind: 'hold', way: 'towels' }]);
    const tempC = (of: typeof both): number => holdNow(plan, of.state, of.live, of.at(80))?.tempC ?? 0;
    expect(tempC(both)).toBeGreaterThan(tempC(only) + 5);
  });

  it('says of each way what it comes to from where the pot stands, and of the one it is kept in what is said of it now', () => {
    for (const way of [undefined, ...HOLD_WAYS]) {
      const { state, live, at } = after(plan, ...(way ? [[60, { kind: 'hold', way }] as const] : []));
      const now = at(100);
      const hold = holdNow(plan, state, live, now);
      const ahead = holdAhead(plan, state, live, now, at(160));
      expect(ahead.map((h) => h.way)).toEqual([...HOLD_WAYS]);
      const own = ahead.find((h) => h.way === hold?.way);
      expect(own?.cold === null).toBe(hold?.coldMs === null);
      expect((own?.cold?.midMs ?? 0) / MINUTE_MS).toBeCloseTo((hold?.coldMs ?? 0) / MINUTE_MS, 6);
      if (own?.cold && own.cold.midMs > now) {
        expect(own.cold.lowMs).toBeLessThan(own.cold.midMs);
        expect(own.cold.highMs).toBeGreaterThan(own.cold.midMs);
      }
      // Its state at serving time is where its own trace then is.
      expect(own?.atPlateC).toBeCloseTo(holdNow(plan, state, live, at(160))?.tempC ?? 0, 0);
      expect(own?.points[0]?.[0] ?? 0).toBeLessThan(now);
      for (const other of ahead) {
        if (other.way !== hold?.way) expect(other.points[0]?.[0] ?? 0).toBeGreaterThanOrEqual(now);
        expect(other.gained).toBeGreaterThan(0);
        // Towels never keep it colder than a lid alone, whatever it stood in before.
        if (other.way === 'towels') expect(other.atPlateC).toBeGreaterThanOrEqual((ahead[0]?.atPlateC ?? 0) - 0.2);
      }
    }
    const { state, live, at } = after(plan);
    expect(holdAhead(plan, { ...state, offHeatMs: undefined }, live, at(0), at(60))).toEqual([]);
  });

  it('goes on along the fork scale while it is hot, never back from what was felt', () => {
    const felt = after(plan, [-2, { kind: 'fork', stage: 'twists' }]);
    const stage = (gained: number) => donenessIndex(donenessAfterHolding(felt.state, felt.live, gained));
    expect(stage(0)).toBeGreaterThanOrEqual(donenessIndex('twists'));
    let before = 0;
    for (const gained of [0, 30, 60, 120, 240, 900]) {
      expect(stage(gained)).toBeGreaterThanOrEqual(before);
      before = stage(gained);
    }
    expect(before).toBe(donenessIndex('strings'));
  });

  it('stands in the pot where the estimate has it, and is what was felt, no less, as soon as it is felt', () => {
    const { live, state } = after(plan);
    const sure = live.forecast.etas;
    for (const eta of sure) {
      const before = donenessIndex(stageAfter(state, live, eta.p50 - 0.1));
      expect(before, eta.stage).toBeLessThan(donenessIndex(eta.stage));
      expect(donenessIndex(stageAfter(state, live, eta.p50)), eta.stage).toBe(donenessIndex(eta.stage));
    }
    for (const stage of ['drags', 'gives', 'twists'] as const) {
      const early = after(plan, [-120, { kind: 'fork', stage }]);
      const min =
        ((early.state.events.find((e) => e.act.kind === 'fork')?.atMs ?? 0) - (early.state.intoPotMs ?? 0)) / MINUTE_MS;
      expect(stageAfter(early.state, early.live, min), stage).toBe(stage);
    }
    // Where two tests differ, the later counts.
    const [first, then] = [
      [-60, { kind: 'fork', stage: 'twists' }],
      [-59, { kind: 'fork', stage: 'drags' }],
    ] as const;
    const twice = after(plan, first, then);
    const min =
      ((twice.state.events.findLast((e) => e.act.kind === 'fork')?.atMs ?? 0) - (twice.state.intoPotMs ?? 0)) /
      MINUTE_MS;
    expect(stageAfter(twice.state, twice.live, min)).toBe('drags');
  });

  it('is planned to be found as wanted off the heat, and too far only where it comes to what is too much', () => {
    for (const result of ['slices', 'tender', 'shreds'] as const) {
      const of = planned({ ...OXTAIL_PLAN, result });
      const { target } = of.forecast;
      expect(plannedDonenessAfterHolding(of, 0)).toBe(target);
      const steps = [0, 20, 60, 120, 300, 900].map((gained) => plannedDonenessAfterHolding(of, gained));
      expect(steps.map(donenessIndex)).toEqual(steps.map(donenessIndex).sort((a, b) => a - b));
      expect(steps.map((s) => isTooFar(s, target))).toEqual(
        steps.map((s) => s === 'strings' || (target === 'gives' && s === 'falls')),
      );
    }
  });

  it('has four ways, each with what it costs, and warns before it is under the limit', () => {
    const { state, live, at } = after(plan);
    expect(holdWaysNow(plan, live, 60).map((h) => h.way)).toEqual([...HOLD_WAYS]);
    const cold = holdNow(plan, state, live, at(1))?.coldMs ?? 0;
    const far = { ...plan, day: { ...plan.day, serveMs: cold + 5 * 60 * MINUTE_MS } };
    expect(guide(far, state, live, cold - 40 * MINUTE_MS).alarm).toBeUndefined();
    expect(guide(far, state, live, cold - 10 * MINUTE_MS).alarm?.says.code).toBe('alarm.heldSoon');
    expect(guide(far, state, live, cold + MINUTE_MS).alarm?.says.code).toBe('alarm.heldCold');
  });

  it('stays said to be cold though the plate’s hour has passed, until a hand is laid on the finish', () => {
    const { state, live } = after(plan);
    const cold = holdNow(plan, state, live, state.offHeatMs ?? 0)?.coldMs ?? 0;
    const soon = { ...plan, day: { ...plan.day, serveMs: cold + 5 * MINUTE_MS } };
    const later = cold + 110 * MINUTE_MS;
    const forgotten = guide(soon, state, live, later);
    expect(forgotten.alarm?.says.code).toBe('alarm.heldCold');
    expect(forgotten.keptWarm).toBe(true);
    // Within two hours it can be reheated; after that nothing makes it safe, and the day is shown with the time.
    expect(forgotten.alarm?.do.code).toBe('alarm.held.do');
    const days = guide(soon, state, live, cold + 70 * 60 * MINUTE_MS);
    expect(days.alarm?.do.code).toBe('alarm.held.tooLong');
    expect(english(days.alarm?.says)).toMatch(/(Mon|Tue|Wed|Thu|Fri|Sat|Sun) \d\d:\d\d/);
    const begun = after(plan, [(later - (state.offHeatMs ?? 0)) / MINUTE_MS, done('finish:liftOut')]);
    const here = guide(soon, begun.state, begun.live, later + MINUTE_MS);
    expect([here.alarm, here.keptWarm]).toEqual([undefined, false]);
  });
});

describe('what is left', () => {
  it('is cooled against the local limit, in ice within it and standing not, and the clock warns', () => {
    for (const [rule, limit] of Object.entries(SAFETY_LIMITS)) {
      const of = { ...plan, input: { ...plan.input, keeping: { ...plan.input.keeping, rule: rule as 'us' } } };
      const { state, live, at } = after(of, [60, { kind: 'served' }], [100, { kind: 'cooling', way: 'stand' }]);
      const { ways } = coolingNow(of, state, live, at(100));
      expect(ways.find((c) => c.way === 'stand')?.safe, rule).toBe(false);
      const clock = coolingClock(of, state, live);
      if (!clock) throw new Error('nothing cools');
      expect(clock.coldByMs - clock.startsMs).toBe(limit.cold.min * MINUTE_MS);
      const late = guide(of, state, live, clock.coldByMs + MINUTE_MS).alarm;
      expect(late?.says.code, rule).toBe('alarm.notCold');
      expect(late?.do.params?.['hot'], rule).toEqual(tempC(limit.reheatC));
      const cold = after(
        of,
        [60, { kind: 'served' }],
        [100, { kind: 'cooling', way: 'ice' }],
        [200, { kind: 'cooled', tempC: limit.cold.tempC }],
      );
      expect(guide(of, cold.state, cold.live, at(230)).alarm).toBeUndefined();
    }
  });

  it('is warned of while nobody cools it: soon, now, and when it is not good any more', () => {
    const { state, live, at } = after(plan, [60, { kind: 'served' }]);
    const said = (min: number) => guide(plan, state, live, at(min)).alarm;
    expect(said(61)).toBeUndefined();
    expect(said(60 + 104)).toBeUndefined();
    expect(said(60 + 106)?.says.code).toBe('alarm.restSoon');
    expect(said(60 + 121)).toMatchObject({ says: { code: 'alarm.restOut' }, record: 'cooling' });
    const cold = holdNow(plan, state, live, at(61))?.coldMs ?? 0;
    expect(cold).toBeGreaterThan(at(60));
    expect(guide(plan, state, live, cold + 121 * MINUTE_MS).alarm?.says.code).toBe('alarm.restCold');
    expect(guide(plan, state, live, cold + 121 * MINUTE_MS).alarm?.do.code).toBe('alarm.restCold.do');
    const verdict = { tenderness: 4, moisture: 5, sauce: 3, salt: 3, nextTime: '' };
    const logged = after(plan, [60, { kind: 'served' }], [61, { kind: 'finished', verdict }]);
    expect(guide(plan, logged.state, logged.live, at(60 + 11 * 60)).alarm?.says.code).toBe('alarm.restCold');
    expect(guide(plan, logged.state, logged.live, at(60 + 13 * 60)).alarm).toBeUndefined();
    for (const last of [
      { kind: 'cooling', way: 'ice' },
      { ...done('cool'), how: 'skipped' },
    ] as const) {
      const told = after(plan, [60, { kind: 'served' }], [90, last]);
      expect(guide(plan, told.state, told.live, told.at(60 + 121)).alarm, last.kind).toBeUndefined();
    }
    // Kept above the limit, as measured, it has not been below it since earlier.
    const hot = after(plan, [60, { kind: 'served' }], [300, { kind: 'hold', way: 'flame', tempC: 88 }]);
    const later = guide(plan, hot.state, hot.live, cold + 121 * MINUTE_MS).alarm;
    expect(later?.says.code).toBe('alarm.restOut');
  });

  it('is warned of too where it was cooked ahead and is not being cooled', () => {
    const { day } = plan.input;
    const ahead = planned({
      ...OXTAIL_PLAN,
      day: { ...day, ahead: { fridgeByMs: plan.day.intoPotMs + 8 * HOUR_MS } },
    });
    const { state, live, at } = after(ahead);
    expect(guide(ahead, state, live, at(1)).alarm).toBeUndefined();
    const cold = holdNow(ahead, state, live, at(1))?.coldMs ?? 0;
    expect(guide(ahead, state, live, cold + 121 * MINUTE_MS).alarm?.do.code).toBe('alarm.held.tooLong');
    const cooled = after(ahead, [10, { kind: 'cooling', way: 'ice' }], [60, { kind: 'cooled', tempC: 4 }]);
    expect(guide(ahead, cooled.state, cooled.live, cold + 121 * MINUTE_MS).alarm).toBeUndefined();
  });

  it('has lost heat, and its clock has run, for as long as it stood before it was cooled', () => {
    const cooled = (min: number) => {
      const { state, live, at } = after(plan, [60, { kind: 'served' }], [60 + min, { kind: 'cooling', way: 'ice' }]);
      const clock = coolingClock(plan, state, live);
      if (!clock) throw new Error('nothing cools');
      return { clock, beganMs: at(60 + min), now: coolingNow(plan, state, live, at(60 + min)) };
    };
    const heldUntil = (min: number) => {
      const { state, live, at } = after(plan, [60, { kind: 'served' }]);
      return [state, live, at(min)] as const;
    };
    const [soon, late] = [cooled(10), cooled(240)];
    expect(soon.clock.startsMs).toBeGreaterThan(soon.beganMs);
    expect(late.now.startC).toBeLessThan(soon.now.startC);
    // It starts from what the pot has come down to, in steps of two degrees, never colder.
    const stood = holdNow(plan, ...heldUntil(60 + 10))?.tempC ?? 0;
    expect(soon.now.startC).toBe(Math.ceil(stood / 2) * 2);
    // It dropped below the limit long before anyone cooled it, at the same moment whenever that is recorded.
    expect(late.clock.startsMs).toBeLessThan(late.beganMs - 30 * MINUTE_MS);
    expect(Math.abs(cooled(300).clock.startsMs - late.clock.startsMs)).toBeLessThanOrEqual(5 * MINUTE_MS);
    expect(late.clock.coldByMs - late.clock.startsMs).toBe(SAFETY_LIMITS.us.cold.min * MINUTE_MS);
    expect(soon.clock.safe).toBe(true);
    expect(cooled(500).clock.safe).toBe(false);
  });

  it('keeps three days from when it was served, is frozen, thawed for a day, and never eaten twice', () => {
    const lot = newStoredBatch('l', { boxes: 2, grams: 400, place: 'fridge' }, 1000, 0, SAFETY_LIMITS.us);
    expect(lot.useByMs).toBe(SAFETY_LIMITS.us.fridgeDays * DAY_MS);
    const frozen = applyBoxOutcome(lot, 'frozen', 1, 5000);
    expect([frozen?.fridge, frozen?.freezer]).toEqual([1, 1]);
    const thawed = frozen && applyBoxOutcome(frozen, 'thawed', 1, 9000);
    expect([thawed?.fridge, thawed?.freezer, thawed?.useByMs]).toEqual([2, 0, 9000 + DAY_MS]);
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...BOX_OUTCOMES), fc.integer({ min: 0, max: 3 }))), (fates) => {
        let now = newStoredBatch('l', { boxes: 5, grams: 400, place: 'fridge' }, 0, 0, SAFETY_LIMITS.us);
        let gone = 0;
        for (const [fate, count] of fates) {
          const next = applyBoxOutcome(now, fate, count, 1);
          if (!next) continue;
          if (fate === 'eaten' || fate === 'thrown') gone += count;
          now = next;
        }
        expect(now.fridge + now.freezer + gone).toBe(5);
        expect(Math.min(now.fridge, now.freezer)).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it('is warmed by its weight and the thickness of its pieces, to the local figure', () => {
    const [small, large] = [reheatBox(plan, 300), reheatBox(plan, 900)];
    expect(small.toC).toBe(74);
    expect(large.microwaveMin).toBeGreaterThan(small.microwaveMin);
    const uk = { input: { ...plan.input, keeping: { ...plan.input.keeping, rule: 'ukHome' as const } } };
    expect(reheatBox(uk, 300).toC).toBe(75);
    const thin = planned({ ...plan.input, meat: { ...plan.input.meat, thicknessMm: 25 } });
    expect(reheatBox(thin, 300).panMin ?? 0).toBeLessThan(small.panMin ?? Infinity);
  });

  it('makes second meals of what there is: salt, gelatin and liquid of the rest close', () => {
    const acts = [
      [60, { kind: 'served' }],
      [200, { kind: 'stored', boxes: 2, grams: 400, place: 'fridge' }],
    ] as const;
    const { state, live, at } = after(plan, ...acts);
    const rest = restOf(plan, state, live, at(210));
    expect([rest.recorded, rest.kg]).toEqual([true, 0.8]);
    expect(rest.meatKg + rest.sauce.litres * WATER_KG_PER_L).toBeCloseTo(0.8, 9);
    const whole = sauceNow(plan, state, live, at(210));
    expect(rest.sauce.saltG / rest.sauce.litres).toBeCloseTo(whole.sauce.saltG / whole.aimL, 9);
    const meals = secondMeals(plan, rest);
    expect(meals.map((m) => m.meal)).toEqual(['pasta', 'pie', 'soup']);
    for (const m of meals) {
      expect(m.litres - m.addL).toBeCloseTo(rest.sauce.litres, 9);
      expect(m.saltShare * m.litres * WATER_KG_PER_L * 1000).toBeCloseTo(rest.sauce.saltG, 6);
      expect(m.gelatinGPerL * m.litres).toBeCloseTo(rest.sauce.gelatinG, 6);
      if (m.saltG > 0) {
        expect((rest.sauce.saltG + m.saltG) / 1000 / (m.litres * WATER_KG_PER_L)).toBeCloseTo(SAUCE_SALT.aim, 9);
      }
    }
    // Eight hundred grams are five servings of 150 for pasta, four of 200 under mash, six of 130 for soup.
    expect(meals.map((m) => m.eaters)).toEqual([5, 4, 6]);
    // Bones are the oxtail’s share, with a litre and a half of water per kilo; off the bone there are none.
    const bones = boneStock(plan);
    const raw = plan.parts.reduce((sum, p) => sum + p.part.massKg * p.cut.boneFraction, 0);
    expect(bones?.bonesKg).toBeCloseTo(raw, 9);
    expect((bones?.litres ?? 0) / (bones?.waterL ?? 1)).toBeLessThan(1);
    const boned = { ...plan, parts: plan.parts.map((p) => ({ ...p, part: { ...p.part, onBone: false } })) };
    expect(boneStock(boned)).toBeUndefined();
    const eaten = after(plan, ...acts, [300, { kind: 'box', lot: 'e1', count: 2, fate: 'eaten' }]);
    expect(secondMeals(plan, restOf(plan, eaten.state, eaten.live, eaten.at(310)))).toEqual([]);
  });
});

/** Any braise of the list, with any finish. */
const anyFinish = fc.record({
  input: fc.constantFrom(...BRAISES),
  eaters: fc.integer({ min: 2, max: 8 }),
  solids: fc.constantFrom('leave' as const, 'lift' as const, 'strain' as const, 'press' as const, 'blend' as const),
  fat: fc.constantFrom('leave' as const, 'spoon' as const, 'jug' as const, 'ice' as const, 'chill' as const),
  reduce: fc.boolean(),
  perPlate: fc.double({ min: 0.03, max: 0.2, noNaN: true }),
  puts: fc.array(fc.tuple(fc.constantFrom(...SAUCE_ADDITIONS), fc.double({ min: 1, max: 60, noNaN: true })), {
    maxLength: 3,
  }),
  boxes: fc.integer({ min: 0, max: 4 }),
});

describe('from raw meat to plate and box', () => {
  it('water, fat, salt and gelatin close in hundreds of braises', () => {
    let reduced = 0;
    fc.assert(
      fc.property(anyFinish, ({ input, eaters, solids, fat, reduce, perPlate, puts, boxes }) => {
        const finish = { ...input.finish, solids, fat, reduce, sauceLPerPlate: perPlate };
        const of = planned({ ...input, eaters, finish }, 0);
        const { finished, salt } = of;
        // Water balance of the pot: poured in plus given by the meat, less what left, is what is there to finish.
        const { water } = of.liquid;
        const gained = water.poured.value + water.pouredLate.value + water.fromMeat.value + water.fromVegetables.value;
        const left = gained - water.takenUp.value - water.steam.value;
        expect(water.left.value, of.input.title).toBeCloseTo(left, 6);
        expect(finished.liquidL, of.input.title).toBeCloseTo(water.left.value, 6);
        // The meat's own water: still in it, in the pot, and lost before the pot.
        const off = of.parts.map(({ cut, part }) => ({
          kg: part.massKg * (1 - (part.onBone ? cut.boneFraction : 0)),
          water: cut.composition.water,
        }));
        const rawWaterKg = off.reduce((sum, p) => sum + p.kg * p.water, 0);
        expect(finished.meatWaterKg + finished.juiceKg, of.input.title).toBeCloseTo(rawWaterKg, 6);
        const beforeThePotKg = finished.juiceKg - water.fromMeat.value * WATER_KG_PER_L;
        expect(beforeThePotKg, of.input.title).toBeGreaterThanOrEqual(-1e-3);
        // All of it, from raw meat to sauce: in the meat, in the sauce, absorbed, steamed off, held by the vegetables,
        // boiled off.
        const heldBackL = finished.liquidL - finished.looseL;
        const boiledOffL = finished.looseL - finished.sauceL;
        const outL = water.takenUp.value + water.steam.value + heldBackL + boiledOffL + finished.sauceL;
        const inL = gained - water.fromMeat.value;
        expect(finished.meatWaterKg + beforeThePotKg + outL * WATER_KG_PER_L, of.input.title).toBeCloseTo(
          rawWaterKg + inL * WATER_KG_PER_L,
          5,
        );
        expect(boiledOffL).toBeGreaterThanOrEqual(-1e-9);
        // Meat: its boneless weight is what is eaten plus the juice given and the fat rendered.
        const edible = finished.cookedKg + finished.juiceKg + finished.fatL * 0.9;
        const raw = of.parts.reduce((sum, p) => sum + p.part.massKg, 0);
        expect(edible).toBeLessThanOrEqual(raw + 1e-9);
        expect(finished.fatLeftL).toBeLessThanOrEqual(finished.fatL + 1e-9);
        // Salt: meat and sauce hold all that went in.
        const inMeatG = salt.meat.value * finished.cookedKg * 1000;
        const inSauceG = salt.sauce.value * finished.sauceL * WATER_KG_PER_L * 1000;
        if (finished.sauceL > 0.15) expect(inMeatG + inSauceG).toBeCloseTo(salt.total.value * 1000, 3);
        if (finished.reduceMinutes > 0) reduced += 1;
        // Gelatin: reducing does not change its amount.
        const before = sauceOf(of, finished);
        expect(before.gelatinG).toBeCloseTo(finished.gelatinGPerL * finished.sauceL, 9);
        // To the plate: with all additions, reduced to the line, in servings and boxes.
        const { state, live, at } = after(
          of,
          ...puts.map(([thing, amount], i) => put(i + 1, thing, amount)),
          [60, { kind: 'served' }],
          ...(boxes > 0 ? [[200, { kind: 'stored', boxes, grams: 150, place: 'fridge' }] as const] : []),
        );
        const now = sauceNow(of, state, live, at(300));
        const start = sauceOf(of, live.finished);
        const wanted = puts.reduce((s, [thing, amount]) => withAddition(s, thing, amount), start);
        for (const what of ['saltG', 'gelatinG', 'starchG', 'solidsKg'] as const) {
          expect(now.sauce[what], what).toBeCloseTo(wanted[what], 6);
        }
        const rest = restOf(of, state, live, at(300));
        const part = rest.kg / (live.finished.cookedKg + now.aimL * WATER_KG_PER_L);
        expect(rest.sauce.saltG + (1 - part) * now.sauce.saltG).toBeCloseTo(now.sauce.saltG, 9);
        expect(part).toBeLessThanOrEqual(1 + 1e-9);
      }),
      { numRuns: rounds(250, 2000) },
    );
    expect(reduced).toBeGreaterThan(50);
  });
});
