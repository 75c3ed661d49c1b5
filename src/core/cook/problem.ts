import { readyEta, sampleAt, toLineL } from '../forecast';
import { burnerNetW, POT_MATTER } from '../larder';
import { sauceFixes, shownAt } from '../finish';
import { LIQUID_HEAT_JKGK, WATER_KG_PER_L } from '../heat';
import { staysHotMin } from '../storage';
import { potBaseM2, potShape } from '../material';
import { kg, litres, type Message, minutes, mm, timeParam, noun, say, share, strength, tempC } from '../message';
import { boilAwayMinutes } from '../liquid';
import { type CareStep } from '../cautions';
import { type BegunPlan, contentsForStorage } from '../plan';
import { SAUCE_SALT } from '../season';
import { type WorkPhase } from '../steps';
import { type LiveForecast } from './live';
import { currentSauce } from './sauceNow';
import { saltSays } from './saltAccount';
import { type CookState } from './state';
import { PROBLEM_IDS, type ProblemId } from './problemIds';
import { MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS, safetyParams } from '../safety';

/** What all reports of one problem share; its text is in the words. */
interface TroubleRow {
  /** When it is offered. */
  readonly stages: readonly WorkPhase[];
  /** Nothing else is asked of the cook until it is answered. */
  readonly urgent?: true;
  readonly care: CareStep;
}

const PAN: readonly WorkPhase[] = ['sear', 'base', 'liquid'];
const POT: readonly WorkPhase[] = ['braise'];
const FINISH: readonly WorkPhase[] = ['finish', 'serve'];
const KEEP: readonly WorkPhase[] = ['store'];
const ALL: readonly WorkPhase[] = ['ready', 'sear', 'base', 'liquid', 'braise', 'finish', 'serve', 'store'];

const TROUBLES: Readonly<Record<ProblemId, TroubleRow>> = {
  lateStart: { stages: ['ready'], care: 'rawMeat' },
  stillFrozen: { stages: ['ready'], care: 'rawMeat' },
  doesNotFit: { stages: ['ready', 'liquid'], care: 'rawMeat' },
  pale: { stages: ['sear'], care: 'sear' },
  tooDark: { stages: ['sear'], care: 'sear' },
  sticking: { stages: ['sear'], care: 'sear' },
  blackBits: { stages: ['sear', 'base'], care: 'sear' },
  smoke: { stages: PAN, care: 'sear' },
  oilFire: { stages: PAN, urgent: true, care: 'sear' },
  spitting: { stages: ['sear'], care: 'sear' },
  crowded: { stages: ['sear'], care: 'sear' },
  burntGarlic: { stages: ['base'], care: 'base' },
  spiceBurnt: { stages: ['base'], care: 'base' },
  onionBurning: { stages: ['base'], care: 'base' },
  pasteBurnt: { stages: ['base'], care: 'base' },
  flourLumps: { stages: ['base', 'liquid'], care: 'liquid' },
  rouxSet: { stages: ['base', 'liquid'], care: 'base' },
  wineFlare: { stages: ['liquid'], urgent: true, care: 'liquid' },
  wineHarsh: { stages: ['liquid', 'braise'], care: 'open' },
  tooMuchLiquid: { stages: ['liquid', 'braise'], care: 'open' },
  boiledHard: { stages: POT, care: 'open' },
  noBubbles: { stages: POT, care: 'open' },
  levelLow: { stages: POT, care: 'open' },
  dryPot: { stages: POT, care: 'open' },
  catching: { stages: POT, care: 'open' },
  scorched: { stages: POT, care: 'open' },
  boilsOver: { stages: ['liquid', 'braise'], care: 'potOnStove' },
  lidForgotten: { stages: POT, care: 'open' },
  lidOffLong: { stages: POT, care: 'open' },
  ovenOff: { stages: POT, care: 'open' },
  ovenHot: { stages: POT, care: 'open' },
  ovenCold: { stages: ['liquid', 'braise'], care: 'potOnStove' },
  doorOpen: { stages: POT, care: 'open' },
  guestsEarly: { stages: ['braise', 'finish'], care: 'open' },
  guestsLate: { stages: ['braise', 'finish'], care: 'finish' },
  doneEarly: { stages: ['braise', 'finish'], care: 'finish' },
  stillTough: { stages: POT, care: 'open' },
  stringy: { stages: ['braise', 'finish'], care: 'finish' },
  mushy: { stages: ['braise', 'finish'], care: 'finish' },
  breaking: { stages: ['braise', 'finish'], care: 'finish' },
  beansHard: { stages: POT, care: 'base' },
  beansRaw: { stages: POT, urgent: true, care: 'base' },
  slicesFall: { stages: FINISH, care: 'serve' },
  meatDry: { stages: FINISH, care: 'serve' },
  vegMush: { stages: ['finish'], care: 'finish' },
  vegHard: { stages: ['braise', 'finish'], care: 'finish' },
  tooSalty: { stages: FINISH, care: 'finish' },
  tooThin: { stages: FINISH, care: 'finish' },
  tooThick: { stages: FINISH, care: 'finish' },
  greasy: { stages: FINISH, care: 'finish' },
  sour: { stages: FINISH, care: 'finish' },
  bitter: { stages: FINISH, care: 'finish' },
  sweet: { stages: FINISH, care: 'finish' },
  bland: { stages: FINISH, care: 'finish' },
  split: { stages: FINISH, care: 'finish' },
  starchLumps: { stages: ['finish'], care: 'finish' },
  boneChips: { stages: FINISH, urgent: true, care: 'serve' },
  stringLost: { stages: FINISH, care: 'serve' },
  bundleBurst: { stages: FINISH, care: 'serve' },
  sidesLate: { stages: FINISH, care: 'hold' },
  noTimeFinish: { stages: FINISH, care: 'finish' },
  cooledSlowly: { stages: KEEP, care: 'store' },
  overnightHob: { stages: KEEP, care: 'store' },
  hotInFridge: { stages: KEEP, care: 'store' },
  burntHand: { stages: ALL, urgent: true, care: 'open' },
  powerCut: { stages: ALL, urgent: true, care: 'potOnStove' },
  potCracked: { stages: ALL, urgent: true, care: 'open' },
  rawPlate: { stages: ALL, care: 'rawMeat' },
  forgotStep: { stages: ALL, care: 'rawMeat' },
};

/** A problem with this pot's figures. */
export interface Problem extends TroubleRow {
  readonly id: ProblemId;
  /** In a cook's words. */
  readonly says: Message;
  /** What to do now, in order. */
  readonly do: Message;
  /** What it costs, or until when it can be fixed. */
  readonly cost: Message;
  /** The part of it that becomes a step of the day. */
  readonly step: Message;
}

const grams = (g: number) => kg(g / 1000);
/** Skimming, starch in two halves, salt, acid: the shortest way from the pot to serving, min. Practice. */
const QUICK_FINISH_MIN = 8;
/** Vegetables blended in instead of this much starch: what they count for, g per litre. Practice. */
const MASH_G_L = 100;
const COOLS_FROM_C = 95;
const MEAT_HEAT_JKGK = 3700;
/** A pan cooled by its load recovers in this share of its heating time. */
const MM = 1000;

const stayed = new WeakMap<BegunPlan, Map<number, number>>();

/** Minutes a covered pot off the heat stays above the hot-holding limit; computed once per decilitre. */
export function potStaysHotMin(plan: BegunPlan, liquidL: number): number {
  const known = stayed.get(plan) ?? new Map<number, number>();
  stayed.set(plan, known);
  const tenths = Math.max(1, Math.round(liquidL * 10));
  const found =
    known.get(tenths) ??
    staysHotMin(
      contentsForStorage(plan),
      (tenths / 10) * WATER_KG_PER_L,
      COOLS_FROM_C,
      SAFETY_LIMITS[plan.input.keeping.rule].hotC,
    );
  known.set(tenths, found);
  return found;
}

/** Minutes on the burner until the pot simmers again from `tempC`. */
export function backToSimmerMin(plan: BegunPlan, liquidL: number, tempC: number): number {
  const { pot, sear } = plan.input;
  const meatKg = plan.parts.reduce((sum, p) => sum + p.part.massKg, 0);
  // Meat lags behind: half of its heat goes in meanwhile.
  const heatJK =
    liquidL * LIQUID_HEAT_JKGK + 0.5 * meatKg * MEAT_HEAT_JKGK + pot.massKg * POT_MATTER[pot.material].heatJKgK;
  return (heatJK * Math.max(0, 97 - tempC)) / burnerNetW(sear.burner) / 60;
}

/** Where the braise is on the clock. */
export interface TroubleClock {
  readonly nowMs: number;
  readonly potMs: number;
  readonly serveMs: number;
  readonly chance: number;
}

/** Figures of this pot used in the answers to problems. */
export function problemFigures(plan: BegunPlan, state: CookState, live: LiveForecast, clock: TroubleClock) {
  const { nowMs, potMs, serveMs, chance } = clock;
  const inPot = state.intoPotMs !== undefined;
  const here = sampleAt(live.course, inPot ? (nowMs - potMs) / MINUTE_MS : 0);
  const leftL = inPot ? here.litres : plan.liquidL;
  const baseM2 = potBaseM2(potShape(plan.input.pot));
  const pourL = toLineL(here);
  const underMm = plan.pot.levelStartMm - here.levelMm;
  const eta = readyEta(live.forecast);
  const powerW = burnerNetW(plan.input.sear.burner);
  const { sear } = plan;
  const planned = sear.perBatch.value;
  const cool = inPot ? here.liquidC : 20;
  const sauce = currentSauce(plan, state, live, nowMs);
  const shape = potShape(plan.input.pot);
  const saved = sauceFixes(sauce, plan.input.finish.rung, shape);
  const limit = SAFETY_LIMITS[plan.input.keeping.rule];
  const { out, outHot, warm, warmIn } = safetyParams(plan.input.keeping.rule);
  const safety = { out, outHot, warm, warmIn };
  const bones = plan.parts.reduce((sum, p) => sum + p.part.pieces, 0);
  return {
    left: litres(leftL),
    toLine: litres(pourL),
    whole: litres(here.lineL),
    // Meat takes up room; above it there is only the pot.
    perMm: litres(underMm >= 1 ? pourL / underMm : baseM2),
    level: mm(inPot ? here.levelMm : plan.pot.levelStartMm),
    line: mm(plan.pot.levelStartMm),
    perBatch: planned,
    batches: Math.max(1, sear.batches.length),
    batchTime: minutes(sear.batches[0]?.minutes ?? 5),
    recover: minutes(Math.max(1, sear.batches[0]?.recoverMinutes ?? 2)),
    face: minutes(sear.faceMinutes),
    simmer: minutes(Math.max(1, backToSimmerMin(plan, leftL, Math.min(cool, 80)))),
    fromCold: minutes(Math.max(1, backToSimmerMin(plan, Math.max(leftL, pourL), 20))),
    boilOff: minutes(boilAwayMinutes(0.1, powerW, baseM2)),
    hot: minutes(potStaysHotMin(plan, leftL)),
    limit: tempC(limit.hotC),
    ready: timeParam(potMs + (Number.isFinite(eta.p50) ? eta.p50 : live.forecast.horizonMin) * MINUTE_MS, nowMs),
    first: timeParam(potMs + (Number.isFinite(eta.p10) ? eta.p10 : live.forecast.horizonMin) * MINUTE_MS, nowMs),
    plate: timeParam(serveMs, nowMs),
    chance: share(chance),
    base: minutes(Math.max(1, plan.base.minutes.value)),
    pieces: bones,
    noun: noun(plan.parts[0]?.cut.pieceNoun ?? 'piece', bones),
    sauce: litres(sauce.litres),
    salt: strength(shownAt(sauce, sauce.litres, shape).saltShare),
    salted: strength(SAUCE_SALT.aim),
    saltMost: strength(SAUCE_SALT.high),
    addL: litres(saved.dilute.litres),
    backG: grams(saved.dilute.starchG),
    toL: litres(saved.thicken.toL),
    bindG: grams(saved.thicken.starchG),
    halfG: grams(saved.thicken.starchG / 2),
    thinL: litres(saved.thin.litres),
    thinSalt: strength(saved.thin.saltShare),
    fat: litres(saved.fat.onL),
    tilt: litres(saved.fat.tiltL),
    paper: litres(saved.fat.paperL),
    sugarSour: grams(saved.sugarSourG),
    soda: grams(saved.sodaG),
    sugarBitter: grams(saved.sugarBitterG),
    butter: grams(saved.butterG),
    vinegar: litres(saved.vinegarMl / MM),
    soy: litres(saved.soyMl / MM),
    coldWater: litres(saved.coldWaterMl / MM),
    holdG: grams(saved.bindG),
    missing: saltSays(plan, saved.saltG),
    fifth: litres(sauce.litres * 0.2),
    rung: say(`rung.${plan.input.finish.rung}`),
    quick: minutes(QUICK_FINISH_MIN),
    mash: grams(sauce.litres * MASH_G_L),
    cold: tempC(limit.cold.tempC),
    within: minutes(limit.cold.min),
    from: tempC(limit.fromC),
    again: tempC(limit.reheatC),
    ...safety,
    liquidC: { as: 'temperature', value: cool },
    thick: mm(Math.max(...plan.parts.map((p) => p.size.thicknessMm))),
    high: mm(plan.input.pot.heightMm - 30),
    thaw: minutes(Math.max(...plan.parts.map((p) => thawMin(p.size.thicknessMm / MM)))),
  };
}

/**
 * Minutes in cold running water for a bagged piece to thaw: 45 for 25 mm, two to three times as long for twice the
 * thickness. Practice.
 */
function thawMin(thicknessM: number): number {
  return 45 * (thicknessM / 0.025) ** 1.3;
}

/** Parameters shared by the answers to all problems. */
export type ProblemFigures = ReturnType<typeof problemFigures>;

function troubleOf(id: ProblemId, figures: ProblemFigures): Problem {
  return {
    id,
    ...TROUBLES[id],
    says: say(`trouble.${id}`),
    do: say(`trouble.${id}.do`, figures),
    cost: say(`trouble.${id}.cost`, figures),
    step: say(`trouble.${id}.step`, figures),
  };
}

/** Every problem now, those of the present phase first. */
export function problemsNow(figures: ProblemFigures, stage: WorkPhase): readonly Problem[] {
  const all = PROBLEM_IDS.map((id) => troubleOf(id, figures));
  return [...all.filter((t) => t.stages.includes(stage)), ...all.filter((t) => !t.stages.includes(stage))];
}

/** One problem with the figures of this pot. */
export function problemNow(id: ProblemId, figures: ProblemFigures): Problem {
  return troubleOf(id, figures);
}
