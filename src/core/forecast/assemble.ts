import {
  levelForLitres,
  potBaseM2,
  potRimM,
  potSpanM,
  type PotContents,
  submergedShares,
  wallThicknessM,
} from '../material';
import {
  AS_EXPECTED,
  BATH_FILM,
  type BodySetup,
  CLEAR_LIQUID_FILM,
  COLD_OVEN_TAU_S,
  openingDropK,
  coldStartDropK,
  equivalentBody,
  INNER_FILM,
  type Heat,
  type RunPhase,
  type KitchenFactors,
  makeTimeGrid,
  type Pieces,
  potPhase,
  type PotShell,
  type StageEnd,
  pressureAtAltitudePa,
  type RunSetup,
  type StepRule,
  type TimeGrid,
  type TopUp,
  WATER_KG_PER_L,
} from '../heat';
import { smoothStep } from '../numbers';
import { type Cut, type LidKind, POT_MATTER } from '../larder';
import { type BraiseRequest, cutOf, type HeatEnd, type HeatThen, type TimedHeat } from './request';
import { pieceShape, boneFraction, groupMaterial, potContents } from './groups';

/** Parameters of one particle, as offsets and factors on the request. */
export interface Unknowns extends KitchenFactors {
  readonly liquidFilm: number;
  readonly thickness: number;
  readonly liquidStartOffsetK: number;
  readonly meatStartOffsetK: number;
}

export const NOMINAL_PARAMETERS: Unknowns = {
  ...AS_EXPECTED,
  liquidFilm: 1,
  thickness: 1,
  liquidStartOffsetK: 0,
  meatStartOffsetK: 0,
};

/**
 * Touching pieces shield one another, modelled as extra length: none while they lie loose, most when they fill `packed`
 * of the room they lie in and more. By volume, so that as much meat in thinner pieces touches no more. Estimate, no
 * source.
 */
const CONTACT = { loose: 0.3, packed: 0.75, most: 0.3, lengthPerContact: 0.5 } as const;

/** Thick liquid brings half as much heat to meat and surface. */
const THICK = 0.5;

/** Juice is not quite all of the weighed loss. */
const JUICE_SHARE_AT_MAX = 0.98;

/** Share of the room up to the liquid, or to the top of the highest piece, that is meat. */
function meatShare({ arrangements, pot }: PotContents, levelM: number): number {
  const volumeM3 = arrangements.reduce((sum, { pieces }) => sum + pieces.count * pieces.volumeM3, 0);
  const heightM = Math.max(levelM, ...arrangements.map(({ pieces }) => pieces.heightM));
  return volumeM3 / (potBaseM2(pot) * heightM);
}

/** How much pieces touch; liquid runs freely between cubes, and a single piece touches nothing. */
function contactOf(contents: PotContents, cut: Cut, levelM: number): number {
  const several = contents.arrangements.reduce((sum, a) => sum + a.pieces.count, 0) > 1;
  if (!several || cut.form === 'cubes') return 0;
  return CONTACT.most * smoothStep(meatShare(contents, levelM), CONTACT.loose, CONTACT.packed);
}

/** The parts of a braise that no parameter affects, computed once for all particles. */
export interface Assembly {
  readonly request: BraiseRequest;
  readonly contents: PotContents;
  readonly levelM: number;
  readonly grid: TimeGrid;
  /** The deterministic problem with these parameters, for meat that needs `demand` times the usual cook value. */
  setup(unknowns: Unknowns, demand?: number): RunSetup;
}

const S_PER_MIN = 60;

/** A step ends this long after something is added or the pot is set to a reading, to show the change. */
export const AFTER_JUMP_S = 1;

/** A state of lid and turning, and when it starts. */
interface PotKey {
  readonly fromS: number;
  readonly lid: LidKind;
  readonly lidSinceMin: number;
  readonly turned: boolean;
}

function potKeys(request: BraiseRequest): PotKey[] {
  const starts = new Set<number>([0]);
  for (const t of request.lids) starts.add(t.atMin);
  for (const t of request.turnsAtMin) starts.add(t);
  return [...starts]
    .sort((a, b) => a - b)
    .map((atMin) => {
      const lid = request.lids.findLast((l) => l.atMin <= atMin) ?? request.lids[0];
      if (!lid) throw new RangeError('A braise needs a heat and a lid from minute 0.');
      return {
        fromS: atMin * S_PER_MIN,
        lid: lid.lid,
        lidSinceMin: lid.atMin,
        turned: request.turnsAtMin.some((t) => t <= atMin),
      };
    });
}

/** One heat and how it ends. */
interface PlannedStage {
  readonly heat: Heat;
  readonly until: StageEnd | undefined;
  /** The lid it brings, unless the lid is changed by the clock after `fromMin`. */
  readonly lid: LidKind | undefined;
  readonly fromMin: number;
}

/** How a self-ending phase ends, for pieces that need `demand` times the usual cook value. */
function endOf(request: BraiseRequest, end: HeatEnd, demand: number): StageEnd {
  switch (end.kind) {
    case 'liquid':
      return end;
    case 'minutes':
      return { kind: 'elapsed', seconds: end.minutes * S_PER_MIN };
    case 'level':
      return { kind: 'level', liquidKg: end.litres * WATER_KG_PER_L };
    case 'stage':
      return {
        kind: 'cookValue',
        minutes: request.groups.map((group) => cutOf(request, group).cookValue[end.stage] * demand),
      };
  }
}

/** Whether a heat ends at a doneness, which is another time for each animal. */
export function endsByStage({ heats }: Pick<BraiseRequest, 'heats'>): boolean {
  return heats.some((timed) => {
    for (let next = timed.then; next; next = next.then) if (next.after.kind === 'stage') return true;
    return false;
  });
}

/** The heats in order: each until the clock brings the next, or until its own end brings what follows. */
function stagesOf(request: BraiseRequest, demand: number): PlannedStage[] {
  const { heats } = request;
  if (heats.length === 0) throw new RangeError('A braise needs a heat and a lid from minute 0.');
  return heats.flatMap((timed: TimedHeat, i): PlannedStage[] => {
    const next = heats[i + 1];
    const byClock: StageEnd | undefined = next && { kind: 'clock', atS: next.atMin * S_PER_MIN };
    const out: PlannedStage[] = [];
    let lid: LidKind | undefined;
    for (let now: Pick<TimedHeat, 'heat' | 'then'> & { lid?: LidKind } = timed; ; now = now.then) {
      lid = now.lid ?? lid;
      out.push({
        heat: now.heat,
        until: now.then ? endOf(request, now.then.after, demand) : byClock,
        lid,
        fromMin: timed.atMin,
      });
      if (!now.then) return out;
    }
  });
}

/** Additions; those at the same time count as one. */
function pouredTogether(request: BraiseRequest): TopUp[] {
  const together = new Map<number, TopUp>();
  for (const { atMin, litres, tempC } of request.topUps) {
    const atS = atMin * S_PER_MIN;
    const addedKg = litres * WATER_KG_PER_L;
    const held = together.get(atS) ?? { atS, massKg: 0, tempC };
    const massKg = held.massKg + addedKg;
    const mixedC = massKg > 0 ? (held.massKg * held.tempC + addedKg * tempC) / massKg : tempC;
    together.set(atS, { atS, massKg, tempC: mixedC });
  }
  return [...together.values()];
}

/** When heat, lid or contents change by the clock, so that steps are short again, min; ascending. */
function changesMin(request: BraiseRequest): number[] {
  const { heats, lids, topUps, corrections = [] } = request;
  const after = heats.flatMap(({ atMin, then }) =>
    then?.after.kind === 'minutes' ? [atMin + then.after.minutes] : [],
  );
  return [...[...heats, ...lids, ...topUps, ...corrections].map((x) => x.atMin), ...after].sort((a, b) => a - b);
}

/** Drop in air temperature around the pot when it is opened at `atMin`, K. */
function dropAt(request: BraiseRequest, atMin: number): number {
  const timed = request.heats.findLast((h) => h.atMin <= atMin);
  let drop = 0;
  for (let heat: HeatThen | TimedHeat | undefined = timed; heat; heat = heat.then) {
    drop = Math.max(drop, openingDropK(heat.heat));
  }
  return drop;
}

/**
 * Prepares a request for running: geometry, phases and time grid. `marksMin` are times at which exact values are
 * needed. Throws `RangeError` if the request has no heat, lid or meat.
 */
export function assemble(
  request: BraiseRequest,
  horizonMin: number,
  rules: readonly StepRule[],
  marksMin: readonly number[],
): Assembly {
  const { pot } = request;
  const contents = potContents(request);
  const base = potBaseM2(pot);
  const levelM = Math.min(levelForLitres(contents, request.liquidL), pot.heightM);
  const side = potRimM(pot);
  const pressurePa = pressureAtAltitudePa(request.altitudeM);
  const wallAboveLiquidM = pot.heightM - levelM;
  const shell: PotShell = {
    spanM: potSpanM(pot),
    rimM: side,
    baseM2: base,
    wetSideM2: side * levelM,
    drySideM2: side * wallAboveLiquidM,
    heightM: pot.heightM,
    wallAboveLiquidM,
    wallThicknessM: wallThicknessM(pot),
    material: pot.material,
    pressurePa,
    innerFilmWM2K: INNER_FILM[request.thickLiquid ? 'sauce' : 'thin'],
    liquidTransfer: request.thickLiquid ? THICK : 1,
  };
  const keys = potKeys(request);
  const pieces = request.groups.map((group): Pieces => ({
    shape: equivalentBody(pieceShape(cutOf(request, group), group)),
    ...groupMaterial(cutOf(request, group), group),
  }));
  const first = request.heats[0]?.heat;
  const coldDropK = request.coldOven && first ? coldStartDropK(first) : undefined;
  const topUps = pouredTogether(request);
  const readings = (request.corrections ?? []).map(({ atMin, litres, tempC }) => ({
    atS: atMin * S_PER_MIN,
    ...(litres !== undefined && { liquidKg: litres * WATER_KG_PER_L }),
    ...(tempC !== undefined && { liquidC: tempC }),
  }));
  const grid = makeTimeGrid({
    horizonS: horizonMin * S_PER_MIN,
    rules,
    keyStartsS: keys.map((k) => k.fromS),
    restartsS: changesMin(request).map((atMin) => atMin * S_PER_MIN),
    openings: request.openings
      .filter((o) => o.seconds > 0)
      .map((o) => ({
        atS: o.atMin * S_PER_MIN,
        durationS: o.seconds,
        airDropK: dropAt(request, o.atMin),
        lidOff: true,
      })),
    topUps,
    readings,
    marksS: [...marksMin.map((m) => m * S_PER_MIN), ...[...topUps, ...readings].map(({ atS }) => atS + AFTER_JUMP_S)],
    coldStart: coldDropK === undefined ? undefined : { dropK: coldDropK, tauS: COLD_OVEN_TAU_S },
  });
  const filmBase = first?.kind === 'bath' ? BATH_FILM : CLEAR_LIQUID_FILM;
  const filmScale = request.thickLiquid ? THICK : 1;
  const shares = submergedShares(contents, levelM);
  const submerged = request.groups.map((group, i) => group.submergedFraction ?? (shares[i] as number));
  const edible = request.groups.map((group) => group.massKg * (1 - boneFraction(cutOf(request, group), group.onBone)));
  const contact = request.groups.map((group) => contactOf(contents, cutOf(request, group), levelM));
  // From the first recorded change on, the lid is as recorded.
  const recordedS = (request.lids.find((l) => l.recorded === true)?.atMin ?? Infinity) * S_PER_MIN;
  const usual = stagesOf(request, 1);
  const steered = endsByStage(request);
  const [still, simmering, boiling] = filmBase;
  const history = request.preCook.map((p) => ({
    seconds: p.minutes * S_PER_MIN,
    tempC: p.tempC,
    filmWM2K: p.filmWM2K,
  }));

  return {
    request,
    contents,
    levelM,
    grid,
    setup: (unknowns, demand = 1) => ({
      bodies: request.groups.map((group, i): BodySetup => {
        return {
          pieces: pieces[i] as Pieces,
          stretch: unknowns.thickness * (1 + CONTACT.lengthPerContact * (contact[i] ?? 0)),
          startTempC: group.startTempC + unknowns.meatStartOffsetK,
          submergedFraction: submerged[i] ?? 1,
          maxJuiceFraction: cutOf(request, group).cookLoss / JUICE_SHARE_AT_MAX,
          edibleKg: edible[i] as number,
        };
      }),
      stages: (steered ? stagesOf(request, demand) : usual).map(({ heat, until, lid, fromMin }): RunPhase => ({
        phases: keys.map((k) =>
          potPhase(
            heat,
            lid !== undefined && k.lidSinceMin <= fromMin ? lid : k.lid,
            k.turned,
            shell,
            unknowns.lidAjar && k.fromS >= recordedS ? { ...unknowns, lidAjar: false } : unknowns,
          ),
        ),
        until,
      })),
      topUps,
      readings,
      history,
      vegetables: request.vegetables,
      vesselHeatJK: pot.massKg * POT_MATTER[pot.material].heatJKgK,
      liquidKg: request.liquidL * WATER_KG_PER_L,
      liquidTempC: request.liquidTempC + unknowns.liquidStartOffsetK,
      surfaceM2: base,
      pressurePa,
      liquidFilm: [
        still * filmScale * unknowns.liquidFilm,
        simmering * filmScale * unknowns.liquidFilm,
        boiling * filmScale * unknowns.liquidFilm,
      ],
    }),
  };
}
