import { checkPlanInput } from './check';
import { type PlanFault, type PlanHeat, type PlanInput } from './input';
import { meatGroup, type PieceSize, pieceSize } from './pieces';
import { boneFraction, lyingPieces } from '../forecast/assemble';
import { type Ensemble, priorEnsemble, stepAt } from '../forecast/ensemble';
import { etaOf, type Forecast, summarise } from '../forecast/forecast';
import { lookCostMin } from '../forecast/look';
import { type CourseSamples, courseSamples } from '../forecast/course';
import { levelMmAt } from '../forecast/pot';
import { type BraiseRequest, UNEVENTFUL } from '../forecast/request';
import { boilingPointC, pressureAtAltitudePa } from '../heat/water';
import { type Cut, cutById } from '../larder/cuts';
import { MATERIAL_HEAT_JKGK, potVolumeL } from '../larder/vessels';
import { arrange, litresForLevel, meatHeightM, type PotContents, submergedShare } from '../liquid/geometry';
import { OPEN_SECONDS, type PlannedLooks, plannedLooks, withLooks } from './looks';
import { type FinishedPot, finishedPot } from '../sauce/finish';
import { type Day, latestIntoPotMs, layOutDay, type WorkMinutes } from '../schedule/day';
import { type SearPlan, searPlan } from '../sear/batches';

/** Version of what `makePlan` computes; raised whenever the same input would give another plan. */
export const PLAN_VERSION = 1;

/** How the pot is filled, for the section drawing. Millimetres. */
export interface PotPlan {
  readonly diameterMm: number;
  readonly heightMm: number;
  readonly pieceLengthMm: number;
  readonly pieceWidthMm: number;
  readonly pieceHeightMm: number;
  readonly profile: 'prism' | 'roll' | 'heap';
  readonly perLayer: number;
  readonly layers: number;
  readonly meatTopMm: number;
  readonly levelStartMm: number;
  readonly levelHalfMm: number;
  readonly levelEndMm: number;
  readonly headroomMm: number;
  /** Share of the pot's volume taken at the start. */
  readonly fullShare: number;
  readonly submergedShare: number;
  readonly bone: 'none' | 'core' | 'edge';
  readonly vegetablesKg: number;
}

/** Why one figure is what it is, in words a cook can read. */
export interface Reason {
  readonly text: string;
}

export interface Plan {
  readonly version: number;
  readonly input: PlanInput;
  readonly cutId: string;
  readonly size: PieceSize;
  readonly forecast: Forecast;
  readonly pot: PotPlan;
  readonly sear: SearPlan;
  readonly work: WorkMinutes;
  readonly liquidL: number;
  readonly evaporationMlPerHour: number;
  readonly servings: number;
  readonly finished: FinishedPot;
  readonly day: Day;
  readonly course: CourseSamples;
  readonly lookCostMin: number;
  /** Minutes between the fork turning and dry threads, at the median. */
  readonly goodForMin: number;
  readonly reasons: readonly Reason[];
  readonly watch: readonly string[];
}

export type PlanResult =
  { readonly ok: true; readonly plan: Plan } | { readonly ok: false; readonly faults: readonly PlanFault[] };

const VEGETABLE_MIN = 12;
const PASTE_AND_GARLIC_MIN = 4;
const WINE_MIN = 8;
const BURNER_W = 1200;
const TAP_C = 20;
const LIFT_AND_STRAIN_MIN = 8;
const LIFT_FAT_MIN = 5;
const PLATE_MIN = 5;
const PREP_BASE_MIN = 10;
const PREP_PER_KG_MIN = 8;
/** Below the boil by this much is how a pot brought to a simmer goes in. */
const SIMMER_START_BELOW_BOIL_K = 4;

/** What a simmer on the stove cannot exceed where the cook lives. */
export function boilingAtC(altitudeM: number): number {
  return boilingPointC(pressureAtAltitudePa(altitudeM));
}

/** The pot's contents for a given input. */
function contentsOf(input: PlanInput, cut: Cut): PotContents {
  const pot = { diameterM: input.pot.diameterMm / 1000, heightM: input.pot.heightMm / 1000 };
  return {
    pot,
    arrangements: [arrange(pot, lyingPieces(cut, meatGroup(cut, input.meat)))],
    vegetablesKg: input.vegetablesKg,
  };
}

/** Litres that stand at the chosen level. The input must have passed `checkPlanInput`. */
export function liquidLitres(input: PlanInput): number {
  const contents = contentsOf(input, cutById(input.meat.cutId));
  return litresForLevel(contents, meatHeightM(contents) * input.liquidLevel);
}

/** A number that stands for the input, so that the same plan always gets the same particles. */
function seedOf(input: PlanInput): number {
  const text = JSON.stringify([input.meat, input.pot, input.heat, input.lid, input.vegetablesKg, input.liquidLevel]);
  let hash = 2166136261;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 16777619);
  return hash >>> 0;
}

/** The engine's request for a plan with nobody opening the pot. The input must have passed `checkPlanInput`. */
export function braiseRequest(input: PlanInput): BraiseRequest {
  const cut = cutById(input.meat.cutId);
  return {
    cut,
    groups: [meatGroup(cut, input.meat)],
    pot: {
      diameterM: input.pot.diameterMm / 1000,
      heightM: input.pot.heightMm / 1000,
      massKg: input.pot.massKg,
      material: input.pot.material,
    },
    liquidL: liquidLitres(input),
    liquidTempC: boilingAtC(input.altitudeM) - SIMMER_START_BELOW_BOIL_K,
    ...UNEVENTFUL,
    vegetablesKg: input.vegetablesKg,
    heats: [{ atMin: 0, heat: input.heat }],
    lids: [{ atMin: 0, lid: input.lid }],
    thicknessMeasured: input.meat.thicknessMeasured,
    altitudeM: input.altitudeM,
    seed: seedOf(input),
  };
}

/** The looks a plan provides for, and the request with all of them in it. */
export function plannedRequest(input: PlanInput): { readonly looks: PlannedLooks; readonly request: BraiseRequest } {
  const bare = braiseRequest(input);
  const contents = contentsOf(input, bare.cut);
  const arrangement = contents.arrangements[0];
  const share = arrangement ? submergedShare(arrangement, meatHeightM(contents) * input.liquidLevel) : 1;
  const looks = plannedLooks(bare, share);
  return { looks, request: withLooks(bare, looks, 0) };
}

/**
 * The whole plan that follows from the input, or what keeps it from being planned. Pure: the present moment comes in as
 * `nowMs`. `particles` trades speed against smoothness of the forecast.
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

/** The plan for an input that has passed `checkPlanInput`, whatever the time is now. */
export function composePlan(input: PlanInput, particles?: number): PlanResult {
  const cut = cutById(input.meat.cutId);
  const { looks, request } = plannedRequest(input);
  const ensemble = priorEnsemble(request, { particles });
  const forecast = summarise(ensemble);
  const turns = etaOf(forecast, 'turns');
  const ready = forecast.turnsPercentiles[Math.round(input.confidence * 100) - 1] ?? Infinity;
  if (!Number.isFinite(ready)) return { ok: false, faults: [neverTender(input, forecast)] };

  const size = pieceSize(cut, input.meat.massKg / input.meat.pieces, input.meat.thicknessMm);
  const contents = contentsOf(input, cut);
  const tenderStep = stepAt(ensemble.assembly.grid, turns.p50);
  const finished = finishedPot(ensemble, tenderStep, input.eaters);
  const sear = searPlan(cut, size, input.meat.pieces, input.pan.diameterMm);
  const work = workMinutes(input, sear, request, finished);
  const intoPotMs = latestIntoPotMs(input.serveAtMs, ready, work);
  const pot = potPlan(input, cut, size, contents, ensemble, turns.p50);
  const day = layOutDay({
    serveMs: input.serveAtMs,
    intoPotMs,
    turns,
    work,
    oven: input.heat.kind === 'oven',
    heatLabel: heatLabel(input.heat),
    turnAtMin: looks.turnMin,
  });
  const look = lookCostMin(braiseRequest(input), turns.p10, OPEN_SECONDS.fork);
  const evaporated = (ensemble.nominal.evaporatedKg[tenderStep] as number) / 0.96;
  return {
    ok: true,
    plan: {
      version: PLAN_VERSION,
      input,
      cutId: cut.id,
      size,
      forecast,
      pot,
      sear,
      work,
      liquidL: request.liquidL,
      evaporationMlPerHour: (evaporated * 1000) / (turns.p50 / 60),
      servings: (input.meat.massKg * 1000) / cut.rawGramsPerServing,
      finished,
      day,
      course: courseSamples(ensemble, forecast),
      lookCostMin: look,
      goodForMin: etaOf(forecast, 'strings').p50 - turns.p50,
      reasons: reasonsFor(input, cut, ensemble, forecast, look),
      watch: thingsToWatch(input, cut, pot, finished, forecast),
    },
  };
}

function heatLabel(heat: PlanHeat): string {
  return heat.kind === 'oven' ? `oven${heat.fan ? ', fan' : ''}` : 'simmering';
}

function neverTender(input: PlanInput, forecast: Forecast): PlanFault {
  const hours = Math.round(forecast.horizonMin / 60);
  return {
    field: 'heat.tempC',
    message: `${input.heat.kind === 'oven' ? 'Oven' : 'Simmer'}: at ${String(Math.round(input.heat.tempC))} °C this would not be tender within ${String(hours)} hours in enough kitchens. Collagen melts usefully from about 85 °C in the pot: raise the heat or put a tighter lid on.`,
  };
}

function tooLate(input: PlanInput, day: Day, nowMs: number): PlanFault {
  const late = Math.ceil((nowMs - day.startMs) / 60_000);
  const needed = Math.ceil((day.serveMs - day.startMs) / 60_000);
  const duration = (min: number): string =>
    min < 60 ? `${String(min)} min` : `${String(Math.floor(min / 60))} h ${String(min % 60)} min`;
  return {
    field: 'serveAtMs',
    tooLate: true,
    message: `Serving time: this braise needs ${duration(needed)} from the first cut to the plate at ${String(Math.round(input.confidence * 100))} % certainty, and ${duration(late)} of it has already gone. Serve at least ${duration(late)} later, or take one of the ways out.`,
  };
}

function workMinutes(input: PlanInput, sear: SearPlan, request: BraiseRequest, finished: FinishedPot): WorkMinutes {
  const heatUpJ =
    (request.liquidL * 0.96 * 4100 + request.pot.massKg * MATERIAL_HEAT_JKGK[request.pot.material]) *
    (request.liquidTempC - TAP_C);
  return {
    prep: Math.round(PREP_BASE_MIN + PREP_PER_KG_MIN * input.meat.massKg),
    sear: sear.minutes,
    base: input.vegetablesKg > 0 ? VEGETABLE_MIN + PASTE_AND_GARLIC_MIN : 0,
    liquid: Math.round(WINE_MIN + heatUpJ / BURNER_W / 60),
    finish: Math.round(LIFT_AND_STRAIN_MIN + LIFT_FAT_MIN + finished.reduceMinutes),
    plate: PLATE_MIN,
  };
}

function potPlan(
  input: PlanInput,
  cut: Cut,
  size: PieceSize,
  contents: PotContents,
  ensemble: Ensemble,
  tenderMin: number,
): PotPlan {
  const arrangement = contents.arrangements[0];
  if (!arrangement) throw new RangeError('A plan needs meat.');
  const levelMm = (atMin: number): number => levelMmAt(ensemble, stepAt(ensemble.assembly.grid, atMin));
  const start = meatHeightM(contents) * input.liquidLevel;
  const liquid = litresForLevel(contents, start);
  const meatVolume = arrangement.pieces.count * arrangement.pieces.volumeM3 * 1000;
  const top = Math.max(start, meatHeightM(contents)) * 1000;
  return {
    diameterMm: input.pot.diameterMm,
    heightMm: input.pot.heightMm,
    pieceLengthMm: size.lengthMm,
    pieceWidthMm: size.widthMm,
    pieceHeightMm: size.thicknessMm,
    profile: arrangement.pieces.profile,
    perLayer: arrangement.perLayer,
    layers: arrangement.layers,
    meatTopMm: arrangement.stackHeightM * 1000,
    levelStartMm: start * 1000,
    levelHalfMm: levelMm(tenderMin / 2),
    levelEndMm: levelMm(tenderMin),
    headroomMm: input.pot.heightMm - top,
    fullShare: (liquid + meatVolume + input.vegetablesKg) / potVolumeL(input.pot),
    submergedShare: submergedShare(arrangement, start),
    bone: input.meat.onBone && boneFraction(cut, true) > 0 ? cut.boneMode : 'none',
    vegetablesKg: input.vegetablesKg,
  };
}

function reasonsFor(input: PlanInput, cut: Cut, ensemble: Ensemble, forecast: Forecast, lookMin: number): Reason[] {
  const { nominal, assembly } = ensemble;
  const turns = etaOf(forecast, 'turns');
  const step = stepAt(assembly.grid, turns.p50);
  const liquidEnd = nominal.liquidC[step] as number;
  const core = nominal.coreC[0] as Float64Array;
  const warm = core.findIndex((t) => t >= 85);
  const warmMin = warm < 0 ? undefined : Math.round((assembly.grid.endS[warm] as number) / 60);
  const spread = Math.round((Math.exp(cut.toughnessSpread) - 1) * 100);
  const reasons = [
    `${String(Math.round(input.meat.thicknessMm))} mm thick: ${warmMin === undefined ? 'its middle stays below 85 °C' : `its middle passes 85 °C after about ${String(warmMin)} min`}; from there collagen melts fast.`,
    `The liquid ends at ${String(Math.round(liquidEnd))} °C${input.heat.kind === 'oven' ? `, whatever the dial says above it: covered liquid cannot pass the boil` : ', where you hold it'}.`,
    `This cut needs about ${String(Math.round(cut.cookValue.turns))} minutes at 95 °C; one animal and the next differ by ${String(spread)} %, which is most of the band.`,
    `Every look lets heat out; one of a minute costs about ${String(Math.max(1, Math.round(lookMin)))} min. ${String(ensemble.request.openings.length)} are counted in.`,
  ];
  return reasons.map((text) => ({ text }));
}

function thingsToWatch(input: PlanInput, cut: Cut, pot: PotPlan, finished: FinishedPot, forecast: Forecast): string[] {
  const watch: string[] = [];
  const servings = (input.meat.massKg * 1000) / cut.rawGramsPerServing;
  if (servings < input.eaters * 0.85) {
    watch.push(
      `${String(Math.round(input.meat.massKg * 100) / 100)} kg feeds about ${String(Math.max(1, Math.floor(servings)))}; ${String(input.eaters)} eaters want ${(Math.ceil((input.eaters * cut.rawGramsPerServing) / 100) / 10).toFixed(1)} kg.`,
    );
  }
  if (pot.levelEndMm < pot.levelStartMm * 0.6) {
    watch.push('The liquid falls by more than a third: have hot stock ready and look at half time.');
  }
  if (finished.liquidL < 0.25)
    watch.push('Less than 250 ml is left at the end: it can catch. Start with more, or a tighter lid.');
  if (pot.headroomMm < 50) watch.push('Little headroom: fill with the pot where it will cook, and lift it level.');
  if (input.lid === 'none') watch.push('Without a lid the liquid stays well below the boil and the tops dry.');
  const strings = etaOf(forecast, 'strings').p10;
  if (strings - etaOf(forecast, 'turns').p50 < 40) {
    watch.push('It passes its best quickly: stay near once the fork turns.');
  }
  if (cut.confidence === 'low') watch.push('Few kitchens have told us about this cut: trust the fork over the clock.');
  return watch;
}
