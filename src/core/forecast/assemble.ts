import {
  arrangeAll,
  type Arrangement,
  levelForLitres,
  type LyingPieces,
  type MeatGroup,
  potBaseM2,
  type PotContents,
  startingVegetablesKg,
  submergedShare,
} from '../material';
import {
  AS_EXPECTED,
  BATH_FILM,
  type BodySetup,
  BONE,
  CLEAR_LIQUID_FILM,
  COLD_OVEN_TAU_S,
  openingDropK,
  coldStartDropK,
  equivalentBody,
  type Heat,
  type KitchenFactors,
  makeTimeGrid,
  type Pieces,
  type PieceShape,
  type PotPhase,
  potPhase,
  pressureAtAltitudePa,
  type RunSetup,
  type StepRule,
  type TimeGrid,
  WATER_KG_PER_L,
} from '../heat';
import { type Composition, mixtureProperties } from '../composition';
import { type Cut, type LidKind, MATERIAL_HEAT_JKGK } from '../larder';
import { type BraiseRequest, cutOf } from './request';

/** Unknowns of one kitchen, as offsets and factors on what the request says. */
export interface Unknowns extends KitchenFactors {
  readonly liquidFilm: number;
  readonly thickness: number;
  readonly liquidStartOffsetK: number;
  readonly meatStartOffsetK: number;
}

export const NO_SURPRISES: Unknowns = {
  ...AS_EXPECTED,
  liquidFilm: 1,
  thickness: 1,
  liquidStartOffsetK: 0,
  meatStartOffsetK: 0,
};

/** Snug pieces shield one another; an equivalent lengthening of the piece. Modeller's judgement. */
const SNUG = { coverage: 0.62, contact: 0.15, stackedContact: 0.3, lengthPerContact: 0.5 } as const;
/** Bone along an edge slows conduction by a tenth of its share. Modeller's judgement. */
const EDGE_BONE_CONDUCTIVITY = 0.1;
/** Juice is not quite all of the loss that weighing shows. */
const JUICE_SHARE_AT_MAX = 0.98;

/** The shape the conduction formula is given for a group. */
export function pieceShape(cut: Cut, group: Pick<MeatGroup, 'lengthM' | 'widthM' | 'thicknessM'>): PieceShape {
  const { lengthM, widthM, thicknessM } = group;
  if (cut.shape === 'disc') {
    return { kind: 'cylinder', diameterM: (lengthM + widthM) / 2, heightM: thicknessM };
  }
  if (cut.shape === 'roll') {
    return { kind: 'cylinder', diameterM: (widthM + thicknessM) / 2, heightM: lengthM };
  }
  return { kind: 'box', lengthM, widthM, thicknessM };
}

/** Mass fraction of bone in the group as bought. */
export function boneFraction(cut: Cut, onBone: boolean): number {
  return onBone ? cut.boneFraction : 0;
}

/** Meat's own properties; an edge bone is mixed in, a core bone is kept apart. */
interface GroupMaterial {
  readonly conductivityWMK: number;
  readonly volumetricHeatJM3K: number;
  readonly volumeM3: number;
  readonly coreBoneFraction: number;
}

function groupMaterial(cut: Cut, group: MeatGroup): GroupMaterial {
  const meat = mixtureProperties(cut.composition satisfies Composition);
  const meatHeat = meat.densityKgM3 * meat.specificHeatJKgK;
  const share = boneFraction(cut, group.onBone);
  if (share === 0 || cut.boneMode === 'none') {
    return {
      conductivityWMK: meat.conductivityWMK,
      volumetricHeatJM3K: meatHeat,
      volumeM3: group.massKg / meat.densityKgM3,
      coreBoneFraction: 0,
    };
  }
  const boneVolume = (group.massKg * share) / BONE.densityKgM3;
  const meatVolume = (group.massKg * (1 - share)) / meat.densityKgM3;
  if (cut.boneMode === 'core') {
    return {
      conductivityWMK: meat.conductivityWMK,
      volumetricHeatJM3K: meatHeat,
      volumeM3: boneVolume + meatVolume,
      coreBoneFraction: boneVolume / (boneVolume + meatVolume),
    };
  }
  return {
    conductivityWMK: meat.conductivityWMK * (1 - EDGE_BONE_CONDUCTIVITY * share),
    volumetricHeatJM3K: (1 - share) * meatHeat + share * BONE.volumetricHeatJM3K,
    volumeM3: boneVolume + meatVolume,
    coreBoneFraction: 0,
  };
}

/** How a group's pieces lie in the pot, or stand when `upright`. */
export function lyingPieces(cut: Cut, group: MeatGroup): LyingPieces {
  const volumeM3 = groupMaterial(cut, group).volumeM3 / group.pieces;
  const { lengthM, widthM, thicknessM } = group;
  if (cut.form === 'cubes' || group.pieces > 14) {
    return { count: group.pieces, footprintM2: volumeM3 / thicknessM, heightM: thicknessM, volumeM3, profile: 'heap' };
  }
  if (group.upright === true) {
    const onEdge = cut.shape === 'disc';
    const heightM = cut.shape === 'roll' ? lengthM : widthM;
    return {
      count: group.pieces,
      footprintM2: Math.max(
        volumeM3 / heightM,
        cut.shape === 'roll' ? (Math.PI / 4) * widthM * thicknessM : lengthM * thicknessM * 0.9,
      ),
      heightM,
      volumeM3,
      profile: onEdge ? 'roll' : 'prism',
    };
  }
  return {
    count: group.pieces,
    footprintM2: Math.max(
      volumeM3 / thicknessM,
      cut.shape === 'disc' ? (Math.PI / 4) * lengthM * widthM : lengthM * widthM * 0.9,
    ),
    heightM: thicknessM,
    volumeM3,
    profile: cut.shape === 'roll' ? 'roll' : 'prism',
  };
}

/** What stands in the pot, with the pieces laid out. */
export function potContents(request: BraiseRequest): PotContents {
  return {
    pot: request.pot,
    arrangements: arrangeAll(
      request.pot,
      request.groups.map((group) => lyingPieces(cutOf(request, group), group)),
    ),
    vegetablesKg: startingVegetablesKg(request.vegetables),
  };
}

function contactFraction(arrangement: Arrangement, coverage: number): number {
  if (arrangement.pieces.profile === 'heap') return 0;
  if (arrangement.layers > 1) return SNUG.stackedContact;
  return coverage > SNUG.coverage ? SNUG.contact : 0;
}

/** The parts of a braise that no unknown touches, worked out once for all particles. */
export interface Assembly {
  readonly request: BraiseRequest;
  readonly contents: PotContents;
  readonly levelM: number;
  readonly grid: TimeGrid;
  /** Setup of the deterministic problem with these unknowns. */
  setup(unknowns: Unknowns): RunSetup;
}

const S_PER_MIN = 60;

interface PhaseKey {
  readonly fromS: number;
  readonly heat: Heat;
  readonly lid: LidKind;
  readonly turned: boolean;
}

function phaseKeys(request: BraiseRequest): PhaseKey[] {
  const starts = new Set<number>([0]);
  for (const t of request.heats) starts.add(t.atMin);
  for (const t of request.lids) starts.add(t.atMin);
  for (const t of request.turnsAtMin) starts.add(t);
  return [...starts]
    .sort((a, b) => a - b)
    .map((atMin) => {
      const heat = request.heats.findLast((h) => h.atMin <= atMin) ?? request.heats[0];
      const lid = request.lids.findLast((l) => l.atMin <= atMin) ?? request.lids[0];
      if (!heat || !lid) throw new RangeError('A braise needs a heat and a lid from minute 0.');
      return {
        fromS: atMin * S_PER_MIN,
        heat: heat.heat,
        lid: lid.lid,
        turned: request.turnsAtMin.some((t) => t <= atMin),
      };
    });
}

/** Fall of the air around the pot when it is opened at `atMin`, K. */
function dropAt(request: BraiseRequest, atMin: number): number {
  const heat = request.heats.findLast((h) => h.atMin <= atMin)?.heat;
  return heat ? openingDropK(heat) : 0;
}

/**
 * Prepares a request for running: geometry, phases and time grid. `marksMin` are moments at which a value is wanted
 * exactly. Throws `RangeError` when the request has no heat, lid or meat.
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
  const side = Math.PI * pot.diameterM;
  const surfaces = { base, wetSide: side * levelM, drySide: side * Math.max(0, pot.heightM - levelM) };
  const shell = { surfaces, material: pot.material, wallAboveLiquidM: pot.heightM - levelM };
  const keys = phaseKeys(request);
  const pieces = request.groups.map((group): Pieces => ({
    shape: equivalentBody(pieceShape(cutOf(request, group), group)),
    ...groupMaterial(cutOf(request, group), group),
  }));
  const first = request.heats[0]?.heat;
  const coldDropK = request.coldOven && first ? coldStartDropK(first) : undefined;
  const grid = makeTimeGrid({
    horizonS: horizonMin * S_PER_MIN,
    rules,
    phaseStartsS: keys.map((k) => k.fromS),
    openings: request.openings.map((o) => ({
      atS: o.atMin * S_PER_MIN,
      durationS: o.seconds,
      airDropK: dropAt(request, o.atMin),
      lidOff: true,
    })),
    topUps: request.topUps.map((t) => ({
      atS: t.atMin * S_PER_MIN,
      massKg: t.litres * WATER_KG_PER_L,
      tempC: t.tempC,
    })),
    marksS: marksMin.map((m) => m * S_PER_MIN),
    coldStart: coldDropK === undefined ? undefined : { dropK: coldDropK, tauS: COLD_OVEN_TAU_S },
  });
  const filmBase = first?.kind === 'bath' ? BATH_FILM : CLEAR_LIQUID_FILM;
  const filmScale = request.thickLiquid ? 0.5 : 1;
  const submerged = request.groups.map(
    (group, i) => group.submergedFraction ?? submergedShare(contents.arrangements[i] as Arrangement, levelM),
  );
  const laid = contents.arrangements.reduce((sum, a) => sum + a.coverage, 0);
  const several = contents.arrangements.reduce((sum, a) => sum + a.pieces.count, 0) > 1;
  const contact = contents.arrangements.map((a) => contactFraction(a, several ? laid : 0));

  return {
    request,
    contents,
    levelM,
    grid,
    setup: (unknowns) => ({
      bodies: request.groups.map((group, i): BodySetup => {
        return {
          pieces: pieces[i] as Pieces,
          stretch: unknowns.thickness * (1 + SNUG.lengthPerContact * (contact[i] ?? 0)),
          startTempC: group.startTempC + unknowns.meatStartOffsetK,
          submergedFraction: submerged[i] ?? 1,
          maxJuiceFraction: cutOf(request, group).cookLoss / JUICE_SHARE_AT_MAX,
        };
      }),
      phases: keys.map((k): PotPhase => potPhase(k.heat, k.lid, k.turned, shell, unknowns)),
      topUps: request.topUps.map((t) => ({
        atS: t.atMin * S_PER_MIN,
        massKg: t.litres * WATER_KG_PER_L,
        tempC: t.tempC,
      })),
      history: request.preCook.map((p) => ({ seconds: p.minutes * S_PER_MIN, tempC: p.tempC, filmWM2K: p.filmWM2K })),
      vesselHeatJK: pot.massKg * MATERIAL_HEAT_JKGK[pot.material],
      liquidKg: request.liquidL * WATER_KG_PER_L,
      liquidTempC: request.liquidTempC + unknowns.liquidStartOffsetK,
      surfaceM2: base,
      pressurePa: pressureAtAltitudePa(request.altitudeM),
      liquidFilm: filmBase.map((h) => h * filmScale * unknowns.liquidFilm) as unknown as readonly [
        number,
        number,
        number,
      ],
    }),
  };
}
