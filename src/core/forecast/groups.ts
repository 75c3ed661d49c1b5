import { arrangeAll, type OrientedPieces, type MeatGroup, type PotContents, startingVegetablesKg } from '../material';
import { BONE, type PieceShape } from '../heat';
import { type Composition, mixtureProperties } from '../composition';
import { type Cut } from '../larder';
import { type BraiseRequest, cutOf } from './request';

/** Bone along an edge slows conduction by a tenth of its share. Estimate, no source. */
const EDGE_BONE_CONDUCTIVITY = 0.1;

/** The shape passed to the conduction formula for a group. */
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

/** Properties of the meat; an edge bone is mixed in, a core bone is kept separate. */
interface GroupMaterial {
  readonly conductivityWMK: number;
  readonly volumetricHeatJM3K: number;
  readonly volumeM3: number;
  readonly coreBoneFraction: number;
}

export function groupMaterial(cut: Cut, group: MeatGroup): GroupMaterial {
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
export function lyingPieces(cut: Cut, group: MeatGroup): OrientedPieces {
  const lying = oneByOne(cut, group);
  return group.stacked === true && lying.profile !== 'heap' ? { ...lying, leastLayers: 2 } : lying;
}

function oneByOne(cut: Cut, group: MeatGroup): OrientedPieces {
  const volumeM3 = groupMaterial(cut, group).volumeM3 / group.pieces;
  const { lengthM, widthM, thicknessM } = group;
  if (cut.form === 'cubes') {
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

/** Contents of the pot, with the pieces laid out. */
export function potContents(request: BraiseRequest): PotContents {
  return {
    pot: request.pot,
    arrangements: arrangeAll(
      request.pot,
      request.groups.map((group) => lyingPieces(cutOf(request, group), group)),
    ),
    vegetablesKg: startingVegetablesKg(request.vegetables),
    ...(request.bedUnder === true && { bedUnder: true }),
  };
}
