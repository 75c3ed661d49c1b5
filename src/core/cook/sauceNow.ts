import { type LiveForecast } from './live';
import { type CookAct, type EffectiveEvent } from './events';
import { type StepId, stepId } from '../steps';
import { type CookState, eventsOf } from './state';
import { type PlanInput, type Thickness } from '../choices';
import {
  isReducing,
  doseFor,
  FIRST_SHARE,
  type FinishedPot,
  type LeftMinutes,
  leftToBoil,
  litresAtSalt,
  type SauceAddition,
  reduce,
  REDUCE_RANGE,
  saltTo,
  type Sauce,
  type SauceShown,
  shownAt,
  SOLIDS_KG_PER_L,
  type Thickener,
  EMPTY_SAUCE,
  withAddition,
  withObservedThickness,
} from '../finish';
import { burnerNetW } from '../larder';
import { boilingPointC, pressureAtAltitudePa, WATER_KG_PER_L } from '../heat';
import { type KeptPot, potLoss } from '../storage';
import { potShape } from '../material';
import { finishSteps, type Finishing, type BegunPlan } from '../plan';
import { SAUCE_SALT } from '../season';
import { MINUTE_MS } from '../quantity';
import { type SaltLine, saltLines } from './saltAccount';

/** A sauce at one volume, and what it takes to get there. */
export interface SauceAt extends SauceShown {
  /** Minutes of reducing from here, median and 80% range; 0 where it is there or would be thinned. */
  readonly minutes: number;
  readonly range: readonly [low: number, high: number];
  /** Unsalted liquid to thin it to there, l. */
  readonly thinL: number;
  /** Salt to reach the aim there, g; negative if it is over. */
  readonly saltG: number;
}

/** The sauce now, from the records, and its target. */
export interface SauceNow {
  readonly sauce: Sauce;
  /** Observed and measured by the cook, not only estimated. */
  readonly measured: boolean;
  readonly now: SauceShown;
  /** The volume it is reduced to: as the cook last said, or as planned. */
  readonly aimL: number;
  readonly aim: SauceAt;
  /** Volume at which its salt would be at the limit, l. */
  readonly saltFloorL: number;
  /** Salt missing at the target, g; 0 where it tastes seasoned. */
  readonly saltMissingG: number;
  /** Since when it has been reducing, and how far; undefined while it is not. */
  readonly boiling:
    | {
        readonly sinceMs: number;
        readonly left: LeftMinutes;
        /** When it is most likely halfway, and from when it may be nearly done. */
        readonly halfMs: number;
        readonly nearMs: number;
      }
    | undefined;
  /** The dose for the wanted thickness at the target volume; null where nothing thickens it. */
  readonly dose: {
    readonly by: Thickener;
    readonly rung: Thickness;
    readonly firstG: number;
    readonly restG: number;
  } | null;
  readonly salt: readonly SaltLine[];
  /** Total salt in the meat and in the sauce, g. */
  readonly inMeatG: number;
}

/** The pot as the open pan in which its sauce is reduced. */
const panOf = (plan: BegunPlan): KeptPot => {
  const { pot } = plan.input;
  return { ...potShape(pot), massKg: pot.massKg, material: pot.material };
};

/** A sauce as it comes off the heat, vegetables dealt with. */
export function sauceOf(plan: BegunPlan, finished: FinishedPot): Sauce {
  return {
    litres: finished.looseL,
    saltG: plan.salt.sauce.value * plan.finished.sauceL * WATER_KG_PER_L * 1000,
    gelatinG: finished.gelatinGPerL * finished.sauceL,
    starchG: finished.starchG,
    fatL: finished.fatL,
    solidsKg: finished.looseL * SOLIDS_KG_PER_L,
  };
}

/** A sauce at this many litres, with nothing more to be done. */
export function sauceAtLitres(pot: PlanInput['pot'], sauce: Sauce, litres: number): SauceAt {
  return { ...shownAt(sauce, litres, potShape(pot)), minutes: 0, range: [0, 0], thinL: 0, saltG: 0 };
}

/** A sauce at this many litres, and the minutes that takes in this pot on this burner. */
export function sauceAt(plan: BegunPlan, sauce: Sauce, litres: number): SauceAt {
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

const REDUCES = stepId('finish', 'reduce');

/** The volume the cook last wanted it reduced to, l. */
const aimedL = (state: CookState): number | undefined => eventsOf(state.events, 'aim').at(-1)?.act.litres;

/** Reducing was skipped, and no new target set since. */
function leftOut(state: CookState): boolean {
  const was = state.steps.get(REDUCES);
  return was?.how === 'skipped' && was.atMs >= (eventsOf(state.events, 'aim').at(-1)?.atMs ?? 0);
}

const finishedPotCache = new WeakMap<LiveForecast, Map<string, FinishedPot>>();

/** The pot for the finish steps: estimated, until the sauce was measured or its target changed. */
export function finishedNow(plan: BegunPlan, state: CookState, live: LiveForecast): FinishedPot {
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

/** A finished pot with this much sauce, reduced to the target. */
function asMeasured(
  plan: BegunPlan,
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
    reduceMinutes: isReducing(looseL, sauceL) ? minutes : 0,
    gelatinGPerL: sauce.gelatinG / sauceL,
  };
}

/** What the finish steps are made from, for the actual pot: the sauce as measured, its dose, its salt. */
export function finishingNow(plan: BegunPlan, state: CookState, live: LiveForecast): Finishing {
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

/** Heat lost other than by steam while it boils open, W. */
function openLossW(plan: BegunPlan, litres: number): number {
  const pressure = pressureAtAltitudePa(plan.input.altitudeM);
  const boilC = boilingPointC(pressure);
  return potLoss(panOf(plan), litres, { kind: 'room', lid: false, powerW: 0 }, boilC, 'thin', pressure).dryW;
}

/** How records after the heat change a sauce. */
interface Recorded {
  readonly sauce: Sauce;
  readonly measured: boolean;
}

const isDone = (act: CookAct, step: StepId): boolean => act.kind === 'step' && act.how === 'done' && act.step === step;

/** Record by record: a measurement sets it, an addition goes in; a step that was only ticked is taken as instructed. */
export function recorded(
  plan: BegunPlan,
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
      if (act.kind === 'put') return { sauce: withAddition(sauce, act.thing, act.amount), measured };
      if (isDone(act, REDUCES) && !measured)
        return { sauce: { ...sauce, litres: Math.min(sauce.litres, wantedL) }, measured };
      if (isDone(act, stepId('finish', 'fat')) && !fatTold) {
        return { sauce: { ...sauce, fatL: Math.min(sauce.fatL, fatLeftL) }, measured };
      }
      if (isDone(act, stepId('finish', 'thicken')) && !weighed) {
        const dose = doseOf(plan, sauce);
        return { sauce: dose ? withAddition(sauce, dose.by, dose.firstG + dose.restG) : sauce, measured };
      }
      return { sauce, measured };
    },
    { sauce: before, measured: false },
  );
}

/** Less boiling left than this counts as done, min. */
const BOILED_MIN = 0.5;

/** The sauce from the records, its target, and how far it has been reduced. */
interface Standing {
  readonly sauce: Sauce;
  readonly measured: boolean;
  readonly aimL: number;
  readonly boiling: SauceNow['boiling'];
}

/**
 * The sauce from the records: measurements hold, additions are in, skimmed fat is gone; between measurements it reduces
 * by the estimate from when the step before was done.
 */
function standing(plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): Standing {
  const known = stands.get(state);
  if (known?.plan === plan && known.live === live && known.nowMs === nowMs) return known.is;
  const is = workedOut(plan, state, live, nowMs);
  stands.set(state, { plan, live, nowMs, is });
  return is;
}

/** Several callers ask in the same moment. */
const stands = new WeakMap<
  CookState,
  { readonly plan: BegunPlan; readonly live: LiveForecast; readonly nowMs: number; readonly is: Standing }
>();

function workedOut(plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): Standing {
  const told = finishedNow(plan, state, live);
  const before = sauceOf(plan, live.finished);
  const aimed = leftOut(state) ? undefined : aimedL(state);
  const wantedL = aimed ?? told.sauceL;
  const after = state.events.filter((e) => e.atMs >= (state.offHeatMs ?? Infinity));
  const { sauce: seen, measured } = recorded(plan, before, after, wantedL, live.finished.fatLeftL);
  const onFire = told.reduceMinutes > 0 && state.steps.get(REDUCES)?.how !== 'done' && seen.litres > wantedL + 0.005;
  const sinceMs = onFire ? ontoTheFireMs(plan, state, live) : undefined;
  // Once served it is off the heat, and stays as it was.
  const served = state.servedMs !== undefined;
  const untilMs = Math.min(nowMs, state.servedMs ?? Infinity);
  const boils = sinceMs === undefined ? undefined : boilingNow(plan, state, before, seen, wantedL, sinceMs, untilMs);
  // A sauce is not thinned unless somebody wanted more of it.
  const aimL = aimed ?? Math.min(wantedL, seen.litres);
  const sauce = boils ? { ...seen, litres: Math.max(aimL, Math.min(seen.litres, boils.left.litres)) } : seen;
  return {
    sauce,
    measured,
    aimL: served ? sauce.litres : aimL,
    boiling: !served && boils && boils.left.p50 > BOILED_MIN ? boils : undefined,
  };
}

/** The sauce now; before coming off the heat, as planned. */
export const currentSauce = (plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): Sauce =>
  state.offHeatMs === undefined ? sauceOf(plan, live.finished) : standing(plan, state, live, nowMs).sauce;

/** Everything known about the sauce, and what it needs at its target volume. */
export function sauceNow(plan: BegunPlan, state: CookState, live: LiveForecast, nowMs: number): SauceNow {
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

const isThickener = (thing: SauceAddition): boolean => withAddition(EMPTY_SAUCE, thing, 1).starchG > 0;

/** When the last step before reducing was done: then it went on the heat. */
function ontoTheFireMs(plan: BegunPlan, state: CookState, live: LiveForecast): number | undefined {
  const works = finishSteps(finishingNow(plan, state, live));
  const before = works[works.findIndex((s) => s.work === 'reduce') - 1];
  return before ? state.steps.get(stepId('finish', before.part))?.atMs : state.offHeatMs;
}

/** It is checked this long before it could be ready at the earliest, min. */
const NEARLY_MIN = 4;

/** How far it has been reduced, from measurements since it went on the heat. */
function boilingNow(
  plan: BegunPlan,
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
  // A measurement before it went on the heat is the start; the later ones give the rate.
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
  // The rate is estimated from all measurements; its level is the one measured.
  const stands = last ? now.litres + last.litres - left(last.atMin).litres : now.litres;
  return {
    sinceMs,
    left: { ...now, litres: Math.max(0, stands) },
    halfMs: sinceMs + (left(0).p50 / 2) * MINUTE_MS,
    nearMs: nowMs + Math.max(0, now.p10 - NEARLY_MIN) * MINUTE_MS,
  };
}

/** The dose for the wanted thickness, in two halves; null where nothing thickens it at the end. */
export function doseOf(plan: BegunPlan, sauce: Sauce): SauceNow['dose'] {
  const { base, finish } = plan.input;
  if (base.thicken !== 'end') return null;
  const by = finish.thickener as Thickener;
  const grams = doseFor(sauce, finish.rung, by);
  return { by, rung: finish.rung, firstG: grams * FIRST_SHARE, restG: grams * (1 - FIRST_SHARE) };
}
