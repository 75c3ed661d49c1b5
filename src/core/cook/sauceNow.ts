import { type LiveForecast } from './live';
import { type CookAct, type EffectiveEvent } from './events';
import { type CookState, eventsOf } from './state';
import { END_THICKENERS, type PlanInput, type Thickness } from '../choices';
import { reduceEvents } from './reducer';
import {
  boilsDown,
  doseFor,
  FIRST_SHARE,
  type FinishedPot,
  type LeftMinutes,
  leftToBoil,
  litresAtSalt,
  type PutThing,
  reduce,
  REDUCE_RANGE,
  saltTo,
  starchLeft,
  type Sauce,
  type SauceShown,
  shownAt,
  SOLIDS_KG_PER_L,
  type Thickener,
  withPut,
  withObservedThickness,
} from '../finish';
import { burnerNetW, liquidById } from '../larder';
import { boilingPointC, pressureAtAltitudePa, WATER_KG_PER_L } from '../heat';
import { type KeptPot, potLoss } from '../keep';
import { kg, type Message, say } from '../message';
import { potShape } from '../material';
import { finishSteps, type Finishing, type Plan } from '../plan';
import { saltInSpoons, SAUCE_SALT } from '../season';
import { MINUTE_MS } from '../quantity';

/** What a sauce would be at one volume, and what it takes to get there. */
export interface SauceAt extends SauceShown {
  /** Minutes to boil down from here, likely and eight times in ten; nought where it is there or would be thinned. */
  readonly minutes: number;
  readonly range: readonly [low: number, high: number];
  /** Unsalted liquid that thins it to there, l. */
  readonly thinL: number;
  /** Salt that brings it there to the aim, g; negative where it is over it. */
  readonly saltG: number;
}

/** A line of the salt's account. */
export interface SaltLine {
  readonly what: Message;
  readonly grams: number;
  readonly recorded: boolean;
}

/** The sauce as it stands, by the records, and where it goes. */
export interface SauceNow {
  readonly sauce: Sauce;
  /** Seen and measured by the cook, not only estimated. */
  readonly measured: boolean;
  readonly now: SauceShown;
  /** What it is boiled down to: as the cook said last, or as planned. */
  readonly aimL: number;
  readonly aim: SauceAt;
  /** Where its salt would be at the limit, l. */
  readonly saltFloorL: number;
  /** Salt that is missing at the aim, g; nought where it is within what tastes seasoned. */
  readonly saltMissingG: number;
  /** Boiling since, and how far; undefined while it does not boil down. */
  readonly boiling:
    | {
        readonly sinceMs: number;
        readonly left: LeftMinutes;
        /** When it is most likely half-way, and from when it may be nearly there. */
        readonly halfMs: number;
        readonly nearMs: number;
      }
    | undefined;
  /** What brings it at its aim to the rung that is wanted; null where nothing thickens it. */
  readonly dose: {
    readonly by: Thickener;
    readonly rung: Thickness;
    readonly firstG: number;
    readonly restG: number;
  } | null;
  readonly salt: readonly SaltLine[];
  /** Of the salt in all, what is in the meat and what is in the sauce, g. */
  readonly inMeatG: number;
}

/** The pot as the open pan its sauce boils down in. */
const panOf = (plan: Plan): KeptPot => {
  const { pot } = plan.input;
  return { ...potShape(pot), massKg: pot.massKg, material: pot.material };
};

/** A sauce as it comes off the heat, vegetables dealt with. */
export function sauceOf(plan: Plan, finished: FinishedPot): Sauce {
  return {
    litres: finished.looseL,
    saltG: plan.salt.sauce.value * plan.finished.sauceL * WATER_KG_PER_L * 1000,
    gelatinG: finished.gelatinGPerL * finished.sauceL,
    starchG: finished.starchG,
    fatL: finished.fatL,
    solidsKg: finished.looseL * SOLIDS_KG_PER_L,
  };
}

/** A sauce that is only looked at: what it is at so many litres, with nothing more to be done about it. */
export function sauceAtLitres(pot: PlanInput['pot'], sauce: Sauce, litres: number): SauceAt {
  return { ...shownAt(sauce, litres, potShape(pot)), minutes: 0, range: [0, 0], thinL: 0, saltG: 0 };
}

/** What a sauce would be at so many litres, and the minutes that takes in this pot on this burner. */
export function sauceAt(plan: Plan, sauce: Sauce, litres: number): SauceAt {
  const pan = panOf(plan);
  const shown = shownAt(sauce, litres, pan);
  const down = litres < sauce.litres - 0.005;
  const { minutes } = down
    ? reduce({
        pan,
        litres: sauce.litres,
        solidsKg: sauce.solidsKg,
        startC: 85,
        powerW: burnerNetW(plan.input.sear.burner),
        starchG: sauce.starchG,
        gelatinG: sauce.gelatinG,
        altitudeM: plan.input.altitudeM,
        target: { litres },
      })
    : { minutes: 0 };
  return {
    ...shown,
    minutes,
    range: [minutes * REDUCE_RANGE[0], minutes * REDUCE_RANGE[1]],
    thinL: Math.max(0, litres - sauce.litres),
    saltG: saltTo({ ...sauce, litres }, SAUCE_SALT.aim),
  };
}

const REDUCES = 'finish-finish.boilDown';

/** What the cook last said it is to be boiled down to, l. */
const aimedL = (state: CookState): number | undefined => eventsOf(state.events, 'aim').at(-1)?.act.litres;

/** Boiling down was left out, and no line was drawn since. */
function leftOut(state: CookState): boolean {
  const was = state.steps.get(REDUCES);
  return was?.how === 'skipped' && was.atMs >= (eventsOf(state.events, 'aim').at(-1)?.atMs ?? 0);
}

const finishedPotCache = new WeakMap<LiveForecast, Map<string, FinishedPot>>();

/** The pot as its finish is told: by the estimate, until the sauce was measured or another line was drawn for it. */
export function finishedNow(plan: Plan, state: CookState, live: LiveForecast): FinishedPot {
  const read = eventsOf(state.events, 'sauce').filter((e) => e.atMs >= (state.offHeatMs ?? Infinity));
  const litres = read[0]?.act.litres;
  const aim = leftOut(state) ? Infinity : aimedL(state);
  if (litres === undefined && aim === undefined) return live.finished;
  const known = finishedPotCache.get(live) ?? new Map<string, FinishedPot>();
  finishedPotCache.set(live, known);
  const key = `${String(litres)} ${String(aim)}`;
  const found = known.get(key) ?? asMeasured(plan, live.finished, litres, aim);
  known.set(key, found);
  return found;
}

/** A finished pot with so much sauce in it, boiled down to where it is wanted. */
function asMeasured(
  plan: Plan,
  finished: FinishedPot,
  litres: number | undefined,
  aim: number | undefined,
): FinishedPot {
  const looseL = Math.max(0.01, litres ?? finished.looseL);
  const { reduce: down, sauceLPerPlate } = plan.input.finish;
  const sauce = { ...sauceOf(plan, finished), litres: looseL };
  const wanted = Math.max(sauceLPerPlate * plan.input.eaters, litresAtSalt(sauce, SAUCE_SALT.high));
  const sauceL = aim !== undefined ? Math.min(looseL, aim) : down ? Math.min(looseL, wanted) : looseL;
  const { minutes, depthMm } = sauceAt(plan, sauce, sauceL);
  return {
    ...finished,
    looseL,
    sauceL,
    depthMm,
    reduceMinutes: boilsDown(looseL, sauceL) ? minutes : 0,
    gelatinGPerL: sauce.gelatinG / sauceL,
  };
}

/** What the steps of the finish are told from, as the pot really stands: the sauce as measured, its dose, its salt. */
export function finishingNow(plan: Plan, state: CookState, live: LiveForecast): Finishing {
  const finished = finishedNow(plan, state, live);
  const sauce = { ...sauceOf(plan, live.finished), litres: finished.sauceL };
  const dose = doseOf(plan, sauce);
  const salt = sauceAt(plan, sauce, finished.sauceL);
  const { flour } = plan.base;
  return {
    ...plan,
    finished,
    base: { flour: flour && dose ? { ...flour, value: (dose.firstG + dose.restG) / 1000 } : flour },
    salt: {
      atEnd: { ...plan.salt.atEnd, value: salt.saltShare < SAUCE_SALT.low ? salt.saltG / 1000 : 0 },
    },
  };
}

/** What loses heat beside steam while it boils open, W. */
function openLossW(plan: Plan, litres: number): number {
  const pressure = pressureAtAltitudePa(plan.input.altitudeM);
  const boilC = boilingPointC(pressure);
  return potLoss(panOf(plan), litres, { kind: 'room', lid: false, powerW: 0 }, boilC, 'thin', pressure).dryW;
}

/** What the records after the heat make of a sauce. */
interface Recorded {
  readonly sauce: Sauce;
  readonly measured: boolean;
}

const isDone = (act: CookAct, step: string): boolean =>
  act.kind === 'step' && act.how === 'done' && act.step.startsWith(step);

/** One record after the other: measured it is what it is, what went in is in it; what was only said to be done is as it was told. */
function recorded(
  plan: Plan,
  before: Sauce,
  events: readonly EffectiveEvent[],
  wantedL: number,
  fatLeftL: number,
): Recorded {
  const weighed = events.some(({ act }) => act.kind === 'put' && isThickener(act.thing));
  const fatTold = events.some(({ act }) => act.kind === 'put' && act.thing === 'fatOff');
  return events.reduce<Recorded>(
    ({ sauce, measured }, { act }) => {
      if (act.kind === 'sauce') {
        const seen = { ...sauce, litres: Math.max(0.01, act.litres) };
        return { sauce: act.rung === null ? seen : withObservedThickness(seen, act.rung), measured: true };
      }
      if (act.kind === 'put') return { sauce: withPut(sauce, act.thing, act.amount), measured };
      if (isDone(act, REDUCES) && !measured)
        return { sauce: { ...sauce, litres: Math.min(sauce.litres, wantedL) }, measured };
      if (isDone(act, 'finish-finish.fat.') && !fatTold) {
        return { sauce: { ...sauce, fatL: Math.min(sauce.fatL, fatLeftL) }, measured };
      }
      if (isDone(act, 'finish-finish.thicken') && !weighed) {
        const dose = doseOf(plan, sauce);
        return { sauce: dose ? withPut(sauce, dose.by, dose.firstG + dose.restG) : sauce, measured };
      }
      return { sauce, measured };
    },
    { sauce: before, measured: false },
  );
}

/** Less than this left to boil is done, min. */
const BOILED_MIN = 0.5;

/** The sauce by the records, where it goes, and how far it has boiled down. */
interface Standing {
  readonly sauce: Sauce;
  readonly measured: boolean;
  readonly aimL: number;
  readonly boiling: SauceNow['boiling'];
}

/**
 * The sauce by the records: what was measured stands, what went in is in it, fat taken off is gone; between measurements it boils
 * down by the estimate from when the step before was done.
 */
function standing(plan: Plan, state: CookState, live: LiveForecast, nowMs: number): Standing {
  const known = stands.get(state);
  if (known?.plan === plan && known.live === live && known.nowMs === nowMs) return known.is;
  const is = workedOut(plan, state, live, nowMs);
  stands.set(state, { plan, live, nowMs, is });
  return is;
}

/** Asked by several in the same moment. */
const stands = new WeakMap<
  CookState,
  { readonly plan: Plan; readonly live: LiveForecast; readonly nowMs: number; readonly is: Standing }
>();

function workedOut(plan: Plan, state: CookState, live: LiveForecast, nowMs: number): Standing {
  const told = finishedNow(plan, state, live);
  const before = sauceOf(plan, live.finished);
  const aimed = leftOut(state) ? undefined : aimedL(state);
  const wantedL = aimed ?? told.sauceL;
  const after = state.events.filter((e) => e.atMs >= (state.offHeatMs ?? Infinity));
  const { sauce: seen, measured } = recorded(plan, before, after, wantedL, live.finished.fatLeftL);
  const onFire = told.reduceMinutes > 0 && state.steps.get(REDUCES)?.how !== 'done' && seen.litres > wantedL + 0.005;
  const sinceMs = onFire ? ontoTheFireMs(plan, state, live) : undefined;
  // On the table it is off the fire, and is what it then was.
  const served = state.servedMs !== undefined;
  const untilMs = Math.min(nowMs, state.servedMs ?? Infinity);
  const boils = sinceMs === undefined ? undefined : boilingNow(plan, state, before, seen, wantedL, sinceMs, untilMs);
  // Nobody thins a sauce that nobody asked to be more.
  const aimL = aimed ?? Math.min(wantedL, seen.litres);
  const sauce = boils ? { ...seen, litres: Math.max(aimL, Math.min(seen.litres, boils.left.litres)) } : seen;
  return {
    sauce,
    measured,
    aimL: served ? sauce.litres : aimL,
    boiling: !served && boils && boils.left.p50 > BOILED_MIN ? boils : undefined,
  };
}

/** The sauce as it stands; before it is off the heat as it is planned to be. */
export const currentSauce = (plan: Plan, state: CookState, live: LiveForecast, nowMs: number): Sauce =>
  state.offHeatMs === undefined ? sauceOf(plan, live.finished) : standing(plan, state, live, nowMs).sauce;

/** All that is known of the sauce, and what it needs at the line it goes to. */
export function sauceNow(plan: Plan, state: CookState, live: LiveForecast, nowMs: number): SauceNow {
  const { sauce, measured, aimL, boiling } = standing(plan, state, live, nowMs);
  const aim = sauceAt(plan, sauce, aimL);
  return {
    sauce,
    measured,
    now: shownAt(sauce, sauce.litres, panOf(plan)),
    aimL,
    aim: boiling ? { ...aim, minutes: boiling.left.p50, range: [boiling.left.p10, boiling.left.p90] } : aim,
    saltFloorL: litresAtSalt(sauce, SAUCE_SALT.high),
    saltMissingG: aim.saltShare < SAUCE_SALT.low ? aim.saltG : 0,
    boiling,
    dose: doseOf(plan, { ...sauce, litres: aimL }),
    salt: saltLines(plan, state),
    inMeatG: plan.salt.meat.value * plan.finished.cookedKg * 1000,
  };
}

const isThickener = (thing: PutThing): boolean => withPut(EMPTY, thing, 1).starchG > 0;

/** When the last step before the boiling down was behind: then it came onto the fire. */
function ontoTheFireMs(plan: Plan, state: CookState, live: LiveForecast): number | undefined {
  const works = finishSteps(finishingNow(plan, state, live));
  const before = works[works.findIndex((s) => s.work === 'reduce') - 1];
  return before ? state.steps.get(`finish-${before.says.code}`)?.atMs : state.offHeatMs;
}

/** It is looked at from so long before it is there at the earliest, min. */
const NEARLY_MIN = 4;

/** How far it has boiled down, from what was measured since it came onto the fire. */
function boilingNow(
  plan: Plan,
  state: CookState,
  before: Sauce,
  sauce: Sauce,
  aimL: number,
  sinceMs: number,
  nowMs: number,
): NonNullable<SauceNow['boiling']> {
  const read = eventsOf(state.events, 'sauce').filter((e) => e.atMs >= (state.offHeatMs ?? 0));
  const earlier = read.filter((e) => e.atMs <= sinceMs).at(-1);
  const startL = earlier?.act.litres ?? before.litres;
  // A measurement before it went onto the fire is where it starts from; the others say how fast it goes.
  const dips = read
    .filter((e) => e.atMs > sinceMs)
    .map((e) => ({ atMin: (e.atMs - sinceMs) / MINUTE_MS, litres: e.act.litres }));
  const left = (nowMin: number): LeftMinutes =>
    leftToBoil({
      startL,
      powerW: burnerNetW(plan.input.sear.burner),
      lossW: openLossW(plan, sauce.litres),
      targetL: aimL,
      nowMin,
      dips,
    });
  const sinceMin = Math.max(0, (nowMs - sinceMs) / MINUTE_MS);
  const now = left(sinceMin);
  const last = dips.at(-1);
  // How fast it goes is weighed against all that was measured; where it stood is what was measured.
  const stands = last ? now.litres + last.litres - left(last.atMin).litres : now.litres;
  return {
    sinceMs,
    left: { ...now, litres: Math.max(0, stands) },
    halfMs: sinceMs + (left(0).p50 / 2) * MINUTE_MS,
    nearMs: nowMs + Math.max(0, now.p10 - NEARLY_MIN) * MINUTE_MS,
  };
}

/** What brings a sauce to the rung that is wanted, in two halves; null where nothing thickens it at the end. */
export function doseOf(plan: Plan, sauce: Sauce): SauceNow['dose'] {
  const { base, finish } = plan.input;
  if (base.thicken !== 'end') return null;
  const by = finish.thickener as Thickener;
  const grams = doseFor(sauce, finish.rung, by);
  return { by, rung: finish.rung, firstG: grams * FIRST_SHARE, restG: grams * (1 - FIRST_SHARE) };
}

/** One way to thicken a sauce: how much of it, g, and what share of it a quarter of an hour at the boil leaves. */
export interface ThickenedBy {
  readonly by: Thickener;
  readonly grams: number;
  readonly left: number;
}

/** A sauce with wine, tomato or vinegar in it, and one without. Modeller's judgement; acidity itself is not modelled. */
const SOUR_PH = 4.3;
const MILD_PH = 5.8;
const QUARTER_HOUR_MIN = 15;

/** What would bring a sauce to the rung that is wanted, kind by kind; none where it is there. */
export function thickenersOf(plan: Plan, sauce: Sauce): ThickenedBy[] {
  const { finish, liquid } = plan.input;
  const isSour = liquid.parts.some((p) => p.litres > 0 && liquidById(p.id).acid);
  return END_THICKENERS.map((by) => ({
    by,
    grams: doseFor(sauce, finish.rung, by),
    left: starchLeft(by, isSour ? SOUR_PH : MILD_PH, QUARTER_HOUR_MIN),
  })).filter((t) => t.grams >= 0.5);
}

/** The salt of a braise that is only planned: what brings it, and what of it will be in the meat, g. */
export const saltPlanned = (plan: Plan): Pick<SauceNow, 'salt' | 'inMeatG'> => ({
  salt: saltLines(plan, reduceEvents(plan.input, [])),
  inMeatG: plan.salt.meat.value * plan.finished.cookedKg * 1000,
});

/** Every pinch from the first to the last: as planned until it was recorded. */
function saltLines(plan: Plan, state: CookState): SaltLine[] {
  return [
    ...(plan.salt.now.value > 0
      ? [
          {
            what: say('salt.line.meat'),
            grams: plan.salt.now.value * 1000,
            recorded: ['saltMeat', 'saltAhead'].some((id) => state.steps.get(id)?.how === 'done'),
          },
        ]
      : []),
    ...plan.salt.sources.map((s) => ({ what: s.name, grams: s.grams, recorded: state.intoPotMs !== undefined })),
    ...eventsOf(state.events, 'put').flatMap((e): SaltLine[] => {
      const grams = withPut(EMPTY, e.act.thing, e.act.amount).saltG;
      return grams > 0
        ? [{ what: say('salt.line.put', { thing: say(`put.${e.act.thing}`) }), grams, recorded: true }]
        : [];
    }),
  ];
}

const EMPTY: Sauce = { litres: 1, saltG: 0, gelatinG: 0, starchG: 0, fatL: 0, solidsKg: 0 };

/** Grams of salt as the cook measures them: weight, and pinches or spoons of the kitchen's crystal. */
export function saltSays(plan: Plan, grams: number): Message {
  const { crystal } = plan.input.season;
  return say('salt.asSpoons', { weight: kg(grams / 1000), spoons: saltInSpoons(grams, crystal) });
}
