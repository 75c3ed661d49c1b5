import { hashOf } from '../numbers';
import { partsAsCooked } from '../prep';
import { type BaseItem, meatGroup, meatParts, type PlanInput, type TechniqueOption } from '../choices';
import { lateMinutes } from '../base';
import { type PlannedLooks, plannedLooks, withLidLifts } from './plannedLooks';
import { type BraiseRequest, cutOf, lyingPieces, slowestAtTarget, NO_INTERVENTIONS } from '../forecast';
import { boilingPointC, pressureAtAltitudePa } from '../heat';
import { heatsOf, withCourse } from './engineHeats';
import { burnerNetW, type Cut, cutById, garnishById } from '../larder';
import {
  arrangeAll,
  levelForLitres,
  litresForLevel,
  meatHeightM,
  potBaseM2,
  potShape,
  type PotContents,
  submergedShares,
  TAP_C,
  type WaterSource,
} from '../material';
import { LATE_POUR_MIN, liquidPlan, type PouredPlan, SIMMER_BELOW_BOIL_K } from '../liquid';
import { type Contents, contentsOfBraise } from '../storage';
import { type TargetDoneness } from '../tenderness';

/** The doneness at which a wanted result stops. */
export const RESULT_TARGET: Readonly<Record<PlanInput['result'], TargetDoneness>> = {
  slices: 'gives',
  tender: 'twists',
  falls: 'falls',
  shreds: 'falls',
  melts: 'falls',
};

/** Meat straight from the fridge into smoke or warm air, °C. */
const RAW_MEAT_C = 8;
/** Heat-transfer coefficient of moving air or smoke around bare meat, W/m²K. Estimate, no source. */
const BARE_FILM_WM2K = 15;

/** The highest possible stovetop simmer at the cook's altitude. */
export function boilingAtC(altitudeM: number): number {
  return boilingPointC(pressureAtAltitudePa(altitudeM));
}

/** Contents of the pot at the start; late vegetables are not in yet. */
export function contentsOf(input: PlanInput): PotContents {
  const lead = cutById(input.meat.cutId);
  const groups = partsAsCooked(input).map((part) => meatGroup(lead, part, input.lie));
  return {
    pot: potShape(input.pot),
    arrangements: arrangeAll(
      potShape(input.pot),
      groups.map((group) => lyingPieces(group.cut ?? lead, group)),
    ),
    vegetablesKg: startingKg(input),
    ...(input.base.lies === 'under' && { bedUnder: true }),
  };
}

/** Weight of everything but meat in the pot from the start, kg. */
export function startingKg(input: Pick<PlanInput, 'base'>): number {
  return input.base.items.reduce((sum, i) => (i.when === 'start' ? sum + i.kg : sum), 0);
}

/** What goes into the pot: how it lies, the litres at the chosen level and how they are made up. */
export interface PotFilling {
  readonly contents: PotContents;
  readonly pour: PouredPlan;
  /** Litres in the pot at the start; more than the level needs if more was measured out. */
  readonly liquidL: number;
  /** Starting temperature for either way of starting, °C. */
  readonly startC: Readonly<Record<TechniqueOption<'start'>, number>>;
}

/** What goes into the pot, for an input that has passed `checkPlanInput`. */
export function potFilling(input: PlanInput): PotFilling {
  const contents = contentsOf(input);
  const pour = additionFor(input, wantedLitres(input, contents));
  return {
    contents,
    pour,
    liquidL: pour.totalL,
    startC: { simmer: boilingAtC(input.altitudeM) - SIMMER_BELOW_BOIL_K, cold: pour.mixedC },
  };
}

/** Litres it is filled up to; undefined if the liquid is measured. */
export function wantedLitres(input: Pick<PlanInput, 'liquid'>, contents: PotContents): number {
  return input.liquid.fill ? litresForLevel(contents, meatHeightM(contents) * input.liquid.level) : 0;
}

/** How `wantedL` litres are made up. */
export function additionFor(input: PlanInput, wantedL: number): PouredPlan {
  return liquidPlan({
    wantedL,
    parts: input.liquid.parts,
    fillerId: input.liquid.fillerId,
    fillerStrength: input.liquid.fillerStrength,
    reduce: input.liquid.reduce,
    baseM2: potBaseM2(potShape(input.pot)),
    powerW: burnerNetW(input.sear.burner),
  });
}

/** A hash of the input, so that the same plan always gets the same particles. */
function seedOf(input: PlanInput): number {
  return hashOf(
    JSON.stringify([
      input.meat,
      input.also,
      input.prepare.filling,
      input.pot,
      input.bare,
      input.course,
      input.base.items,
      input.liquid,
    ]),
  );
}

/** What was browned separately has already lost half of its water. Estimate, no source. */
const BROWNED_KEEPS = 0.5;

const waterGiver = (item: BaseItem, fromMin: number): WaterSource => {
  const { waterShare, tauMin } = garnishById(item.id);
  return { kg: item.kg, waterShare: item.when === 'apart' ? waterShare * BROWNED_KEEPS : waterShare, tauMin, fromMin };
};

/** The request with `lead` as the cut being forecast, without anything that goes in later. */
function requestFor(input: PlanInput, filling: PotFilling, lead: Cut): BraiseRequest {
  return {
    cut: lead,
    groups: partsAsCooked(input).map((part) => ({
      ...meatGroup(lead, part, input.lie),
      ...(input.bare && { startTempC: RAW_MEAT_C }),
    })),
    pot: { ...potShape(input.pot), massKg: input.pot.massKg, material: input.pot.material },
    liquidL: filling.liquidL,
    liquidTempC: filling.startC[input.liquid.start],
    ...NO_INTERVENTIONS,
    vegetables: input.base.items.filter((i) => i.when === 'start' && i.kg > 0).map((i) => waterGiver(i, 0)),
    ...(input.base.lies === 'under' && { bedUnder: true }),
    ...heatsOf({ stages: input.course, sinceMin: 0 }, Infinity),
    preCook: input.bare === null ? [] : [{ ...input.bare, filmWM2K: BARE_FILM_WM2K }],
    target: RESULT_TARGET[input.result],
    thicknessMeasured: meatParts(input).every((p) => p.thicknessMeasured),
    altitudeM: input.altitudeM,
    seed: seedOf(input),
  };
}

/**
 * The engine's request for a plan without lifting the lid: of mixed meats the one that is ready last leads; late
 * ingredients are counted back from the median. The input must have passed `checkPlanInput`.
 */
export function braiseRequest(input: PlanInput, filling = potFilling(input)): BraiseRequest {
  let request = requestFor(input, filling, cutById(input.meat.cutId));
  let last = slowestAtTarget(request);
  const slowest = request.groups[last.group];
  if (slowest?.cut) {
    request = requestFor(input, filling, cutOf(request, slowest));
    last = slowestAtTarget(request);
  }
  request = withCourse(request, { stages: input.course, sinceMin: 0 });
  const late = input.base.items.filter((i) => i.when !== 'start' && i.kg > 0);
  const pours = input.liquid.parts.filter((p) => p.when === 'late' && p.litres > 0);
  if (late.length === 0 && pours.length === 0) return request;
  if (request.heats.length > 1) last = slowestAtTarget(request);
  const endMin = Number.isFinite(last.atMin) ? last.atMin : 0;
  const before = (minutes: number): number => Math.max(0, Math.round(endMin - minutes));
  return {
    ...request,
    vegetables: [...request.vegetables, ...late.map((i) => waterGiver(i, before(lateMinutes(i))))],
    topUps: [...request.topUps, ...pours.map(({ litres }) => ({ atMin: before(LATE_POUR_MIN), litres, tempC: TAP_C }))],
  };
}

/** A plan in the engine's form. */
export interface PlannedRequest {
  readonly filling: PotFilling;
  /** Without lifting the lid. */
  readonly undisturbed: BraiseRequest;
  readonly looks: PlannedLooks;
  /** With all planned checks. */
  readonly request: BraiseRequest;
}

/** A plan in the engine's form, with its checks chosen. The input must have passed `checkPlanInput`. */
export function plannedRequest(input: PlanInput): PlannedRequest {
  const filling = potFilling(input);
  const undisturbed = braiseRequest(input, filling);
  const levelM = levelForLitres(filling.contents, filling.liquidL);
  const share = Math.min(...submergedShares(filling.contents, levelM));
  const looks = plannedLooks(undisturbed, share);
  return { filling, undisturbed, looks, request: withLidLifts(undisturbed, looks, 0) };
}

const contents = new WeakMap<PlanInput, Contents>();

/** Pot and pieces of a plan, for keeping warm and cooling. */
export function contentsForStorage({ input }: { readonly input: PlanInput }): Contents {
  const known = contents.get(input);
  if (known) return known;
  const made = contentsOfBraise(plannedRequest(input).request);
  contents.set(input, made);
  return made;
}
