import { type Promised } from './begun';
import { checkPlanInput } from './check';
import { type CookAhead, cookAhead, cookAheadWarnings, fridgeByMin, fromColdMin } from './cookAhead';
import {
  heatMode,
  heatSays,
  mainStage,
  meatParts,
  MODES,
  sameHeat,
  sidesOf,
  stageMessage,
  type PlanFault,
  fatWayOf,
  type PlanInput,
  OPEN_SECONDS,
} from '../choices';
import { energyFigure } from './energy';
import { prepWork, type PrepWork } from './prepWork';
import { minLitresForSalt } from './salting';
import { type SizedPart, sizedParts } from './parts';
import { type PlannedLooks } from './plannedLooks';
import { type PotPlan, potPlan } from './potPlan';
import { plannedRequest } from './engineRequest';
import { phasesMissed, type PhaseTime, phaseTimes } from './phaseTimes';
import { reasonsFor } from './reasons';
import { endsDry, planWarnings } from './warnings';
import {
  boneFraction,
  type BraiseRequest,
  type TraceSamples,
  sampleTrace,
  cutOf,
  type Ensemble,
  etaOf,
  type Forecast,
  lidLiftCostMin,
  LOW_LITRES,
  lowMin,
  nominalEnsemble,
  priorEnsemble,
  readyEta,
  scheduledAt,
  valueAt,
  summarise,
} from '../forecast';
import { evenings, type Figure, type Message, minutes as time, nameOf, say, tempC } from '../message';
import { WATER_KG_PER_L } from '../heat';
import { burnerNetW } from '../larder';
import { vegetableWaterKg } from '../material';
import { type AtTarget, LATE_POUR_MIN } from '../liquid';
import { type FinishedPot, finishedPot, type FinishFigures, finishFigures, type FinishInput } from '../finish';
import { type Day, type DayInput, type DayPlan, scheduleDay, type PotPlacement } from '../schedule';
import { TARGETS } from '../tenderness';
import { MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS, safetyParams } from '../safety';

/** Version of `makePlan`'s results; raised whenever the same input would give another plan. */
export const PLAN_VERSION = 10;

export interface Plan extends PrepWork {
  readonly version: number;
  readonly input: PlanInput;
  /** The cut that is ready last, which is forecast. */
  readonly cutId: string;
  readonly parts: readonly SizedPart[];
  readonly forecast: Forecast;
  readonly pot: PotPlan;
  readonly liquidL: number;
  readonly finished: FinishedPot;
  readonly finishBy: FinishInput;
  readonly finish: FinishFigures;
  /** Cooling and reheating; null if it is eaten when done. */
  readonly ahead: CookAhead | null;
  /** Energy of the braise; null where nobody meters it. */
  readonly energy: Figure | null;
  readonly day: Day;
  /** What the day was scheduled from; the same input gives the same day. */
  readonly dayQuestion: DayInput;
  readonly course: TraceSamples;
  /** The heat phases as they likely go. */
  readonly stages: readonly PhaseTime[];
  readonly lookCostMin: number;
  /** Minutes between the target and its end, median. */
  readonly goodForMin: number;
  readonly reasons: readonly Message[];
  readonly watch: readonly Message[];
}

/** Contents of the finished pot: liquid, fat, sauce, its salt, meat per serving. */
export function finishedFigures({ finished, finishBy, salt, liquid, buy }: Promised): readonly Figure[] {
  const { fat, sauce } = finishFigures(finished, finishBy);
  return [liquid.water.left, fat, ...(endsDry({ finished }) ? [] : [sauce, salt.sauce]), buy.served];
}

export type PlanResult =
  { readonly ok: true; readonly plan: Plan } | { readonly ok: false; readonly faults: readonly PlanFault[] };

/**
 * The whole plan for an input, or what prevents one. Pure: the present time is `nowMs`. `particles` trades speed
 * against smoothness of the forecast.
 */
export function makePlan(
  input: PlanInput,
  options: { readonly nowMs: number; readonly particles?: number },
): PlanResult {
  const faults = checkPlanInput(input, options.nowMs);
  if (faults.length > 0) return { ok: false, faults };
  const result = composePlan(input, options.particles);
  if (result.ok && result.plan.day.startMs < options.nowMs) {
    return { ok: false, faults: [tooLate(input, result.plan.day, options.nowMs)] };
  }
  return result;
}

/**
 * The plan for an input that has passed `checkPlanInput`, regardless of the time now. Without particles the forecast is
 * the nominal trace, and its range has no width.
 */
export function composePlan(input: PlanInput, particles?: number): PlanResult {
  const { filling, undisturbed, looks, request } = plannedRequest(input);
  const ensemble = particles === 0 ? nominalEnsemble(request) : priorEnsemble(request, { particles });
  const forecast = summarise(ensemble);
  const ready = readyEta(forecast);
  const surely = forecast.readyPercentiles[Math.round(input.confidence * 100) - 1] ?? Infinity;
  if (!(surely <= LONGEST_BRAISE_MIN)) return { ok: false, faults: [neverTender(input, forecast)] };

  const cut = request.cut;
  const place = scheduledAt(ensemble.assembly.grid, ready.p50);
  const asked: Omit<FinishInput, 'leastL'> = {
    eaters: input.eaters,
    sauceLPerPlate: input.finish.sauceLPerPlate,
    reduce: input.finish.reduce,
    solids: input.finish.solids,
    fat: fatWayOf(input),
    solidsKg: input.base.items.reduce((sum, i) => (i.fate === 'melt' || i.fate === 'strained' ? sum + i.kg : sum), 0),
    powerW: burnerNetW(input.sear.burner),
    stockGelatinG: filling.pour.gelatinG,
    rung: input.base.thicken === 'early' || input.base.thicken === 'roux' ? input.finish.rung : null,
  };
  const leastL = minLitresForSalt(
    input,
    filling.pour,
    finishedPot(ensemble, place, { ...asked, leastL: 0 }),
    ready.p50,
  );
  const finishBy: FinishInput = { ...asked, leastL };
  const finished = finishedPot(ensemble, place, finishBy);
  const kitchen = prepWork(input, request, filling, atTarget(ensemble, place, ready.p50), finished);
  const pot = potPlan(input, filling.contents, ensemble, ready.p50);
  const ahead = input.day.ahead === null ? null : cookAhead(request, finished, finishBy.powerW, input.keeping);
  const course = sampleTrace(ensemble, forecast);
  const stages = phaseTimes(ensemble, ready.p50);
  const dayQuestion: DayInput = {
    serveMs: input.serveAtMs,
    ready,
    work: dayWork(
      input,
      kitchen,
      request,
      { likelyMin: ready.p50, readyMin: surely },
      looks,
      ahead,
      stages,
      finished.reduceMinutes,
    ),
    target: forecast.target,
    turnAtMin: looks.turnMin,
    topUp: topUpOf(input, course, ready.p50, finished),
    resources: { cooks: input.day.cooks, burners: input.day.burners, ovens: 1 },
    fixed: input.day.fixed,
  };
  const day = scheduleDay(dayQuestion);
  const look = lidLiftCostMin(undisturbed, ready.p10, OPEN_SECONDS.fork);
  return {
    ok: true,
    plan: {
      version: PLAN_VERSION,
      input,
      cutId: cut.id,
      parts: sizedParts(input),
      forecast,
      pot,
      ...kitchen,
      liquidL: request.liquidL,
      finished,
      finishBy,
      finish: finishFigures(finished, finishBy),
      ahead,
      energy: energyFigure(input, ensemble, stages),
      day,
      dayQuestion,
      course,
      stages,
      lookCostMin: look,
      goodForMin: etaOf(forecast, TARGETS[forecast.target].until).p50 - ready.p50,
      reasons: reasonsFor(input, cut, ensemble, forecast, look),
      watch: [
        ...planWarnings(input, cut, pot, finished, forecast, course, kitchen),
        ...cookAheadWarnings(ahead, input.keeping.rule),
        ...bareWatch(input, ensemble),
        ...phasesMissed(input, stages).map((s) => say('watch.stageMissed', { stage: stageMessage(s) })),
        ...day.conflicts.map((c) => c.says),
      ],
    },
  };
}

/** Water balance at the target, from the nominal trace. */
function atTarget(ensemble: Ensemble, place: number, minutes: number): AtTarget {
  const { request, nominal, assembly } = ensemble;
  const meatKg = request.groups.reduce((sum, group, g) => {
    const given = valueAt(nominal.juiceFraction[g] as Float64Array, place) - (nominal.lostBefore[g] as number);
    return sum + group.massKg * (1 - boneFraction(cutOf(request, group), group.onBone)) * given;
  }, 0);
  const giving = request.vegetables.filter((v) => v.waterShare > 0);
  const vegetableKg = valueAt(vegetableWaterKg(giving, nominal.liquidC, assembly.grid), place);
  const evaporatedKg = valueAt(nominal.evaporatedKg, place);
  const leftKg = valueAt(nominal.liquidKg, place);
  const pouredL = request.topUps.reduce((sum, t) => (t.atMin <= minutes ? sum + t.litres : sum), request.liquidL);
  const takenKg = pouredL * WATER_KG_PER_L + meatKg + vegetableKg - evaporatedKg - leftKg;
  return {
    minutes,
    pouredLateL: pouredL - request.liquidL,
    evaporatedL: evaporatedKg / WATER_KG_PER_L,
    gainedFromMeatL: meatKg / WATER_KG_PER_L,
    gainedFromVegetablesL: vegetableKg / WATER_KG_PER_L,
    // Water not found elsewhere has been absorbed; never more than there is.
    takenUpL: Math.max(0, takenKg) / WATER_KG_PER_L,
  };
}

/** Meat still cold in the middle after a long time in smoke or warm air. */
function bareWatch({ bare, keeping }: PlanInput, { nominal }: Ensemble): Message[] {
  const { slow } = SAFETY_LIMITS[keeping.rule];
  if (bare === null || bare.minutes < slow.min) return [];
  const coldest = Math.min(...nominal.coreC.map((core) => core[0] ?? slow.toC));
  return coldest >= slow.toC
    ? []
    : [say('watch.bareSlow', { ...safetyParams(keeping.rule), time: time(bare.minutes), core: tempC(coldest) })];
}

/** What is done where one phase gives way to the next: changes of heat and lid. */
function changeSays(before: PhaseTime | undefined, after: PhaseTime): Message {
  const heat = heatSays(after.heat);
  const lid = nameOf('lid', after.lid);
  if (!before || (!sameHeat(before.heat, after.heat) && before.lid !== after.lid))
    return say('change.both', { heat, lid });
  return before.lid === after.lid ? say('change.heat', { heat }) : say('change.lid', { lid });
}

/** Salting ahead works from an hour to a day; overnight is most common. */
const SALT_AHEAD_HOURS = 12;

/** What the day is scheduled from. */
function dayWork(
  input: PlanInput,
  kitchen: PrepWork,
  request: BraiseRequest,
  when: Pick<DayPlan, 'likelyMin' | 'readyMin'>,
  looks: PlannedLooks,
  ahead: CookAhead | null,
  stages: readonly PhaseTime[],
  finishedMin: number,
): DayPlan {
  const { rhythm, base, sear } = kitchen;
  const chosen = input.day.ahead;
  const warmMin = ahead ? fromColdMin(kitchen.liquid.water.left.value, burnerNetW(input.sear.burner)) : 0;
  const work = { ...kitchen.work, finish: kitchen.work.finish + Math.round(warmMin) };
  const late = request.vegetables.filter((v) => v.fromMin > 0);
  // Late ingredients are counted back from when the meat most likely is as wanted.
  const endMin = Number.isFinite(when.likelyMin) ? when.likelyMin : when.readyMin;
  const firstLate = Math.min(...late.map((v) => v.fromMin));
  return {
    work,
    chopMin: rhythm.chopMin,
    lateChop: late.length > 0 ? { minutes: rhythm.lateChopMin, neededAtMin: firstLate } : undefined,
    bare: input.bare ?? undefined,
    batches: sear.batches,
    panHeatsMin: rhythm.panHeatsMin,
    baseSteps: base.steps.map((s) => ({ minutes: s.minutes, stay: s.stay })),
    wineMin: rhythm.wineMin,
    ...when,
    confidence: input.confidence,
    looks: [
      ...(looks.turnMin === undefined ? [] : [{ atMin: looks.turnMin }]),
      ...looks.testsMin.map((atMin) => ({ atMin })),
      ...kitchen.liquid.herbs.lines
        .filter((l) => l.herb.when === 'halfway')
        .map((l) => ({
          atMin: looks.turnMin ?? endMin / 2,
          adds: nameOf('herb', l.herb.id),
        })),
      ...kitchen.liquid.late.map((p) => ({
        atMin: Math.max(0, endMin - LATE_POUR_MIN),
        adds: nameOf('liquid', p.liquid.id),
      })),
      ...base.late.map((s) => ({
        atMin: Math.max(0, endMin - s.minutes),
        adds: s.title,
      })),
    ],
    heat: heatMode(mainStage(input).heat),
    place: MODES[heatMode(mainStage(input).heat)].place,
    stages: stages.map((stage, i): PotPlacement => {
      const mode = heatMode(stage.heat);
      const { place, warmsMin } = MODES[mode];
      return { fromMin: stage.fromMin, heat: mode, place, warmsMin, says: changeSays(stages[i - 1], stage) };
    }),
    reduceMin: Math.min(180, finishedMin),
    lastHerbs: kitchen.liquid.herbs.lines.filter((l) => l.herb.when === 'end').map((l) => l.herb.id),
    sides: sidesOf(input),
    eaters: input.eaters,
    saltAheadHours: input.season.when === 'overnight' ? SALT_AHEAD_HOURS : undefined,
    ahead:
      ahead && chosen
        ? {
            fridgeByMin: fridgeByMin(input, chosen),
            iceWaterMin: ahead.cooling.iceMin,
            boning: meatParts(input).reduce((sum, p) => (p.onBone ? sum + p.pieces : sum), 0),
            reheatMin: ahead.reheating.minutes,
          }
        : undefined,
  };
}

/** Before a top-up somebody has to check the level. */
const TOP_UP_EARLY_MIN = 10;
const MIN_TOP_UP_L = 0.1;

/** Sauce wanted for everybody, and never less than keeps a pot from scorching, l. */
export const wantedSauceL = (input: Pick<PlanInput, 'eaters' | 'finish'>): number =>
  Math.max(LOW_LITRES, input.eaters * input.finish.sauceLPerPlate);

/** When the pot needs hot liquid on the way, and how much, so that there is sauce for everybody at the end. */
function topUpOf(input: PlanInput, course: TraceSamples, readyMin: number, finished: FinishedPot): DayInput['topUp'] {
  const low = lowMin(course, 0);
  if (low === undefined || low >= readyMin) return undefined;
  const wanted = wantedSauceL(input);
  return {
    atMin: Math.max(0, low - TOP_UP_EARLY_MIN),
    litres: Math.max(MIN_TOP_UP_L, wanted - finished.liquidL),
  };
}

/** No braise is longer than this, and no day can be scheduled for it. */
const LONGEST_BRAISE_MIN = 3 * 24 * 60;

function neverTender(input: PlanInput, forecast: Forecast): PlanFault {
  const hours = Math.round(Math.min(forecast.horizonMin, LONGEST_BRAISE_MIN) / 60);
  return {
    field: 'course',
    says: say('fault.neverTender', { heat: heatSays(mainStage(input).heat), hours }),
  };
}

function tooLate(input: PlanInput, day: Day, nowMs: number): PlanFault {
  const late = Math.ceil((nowMs - day.startMs) / MINUTE_MS);
  const needed = Math.ceil((day.serveMs - day.startMs) / MINUTE_MS);
  return {
    field: 'serveAtMs',
    tooLate: true,
    says: say('fault.tooLate', { needed: time(needed), sure: evenings(input.confidence), late: time(late) }),
  };
}
