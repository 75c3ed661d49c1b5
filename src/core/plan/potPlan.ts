import { meatGroup, type PlanInput } from '../choices';
import { partsAsCooked } from '../prep';
import { sizedParts } from './parts';
import { boneFraction, type Ensemble, levelMmAt, lyingPieces, scheduledAt } from '../forecast';
import { figure, type Figure, input as from } from '../message';
import { cutById, type Pot } from '../larder';
import {
  bedHeightM,
  levelForLitres,
  meatHeightM,
  potShape,
  potVolumeL,
  type PotContents,
  submergedShares,
  vegetableHeightM,
} from '../material';

/** One cut as it lies in the pot, for the cross-section. Millimetres. */
export interface PotGroup {
  readonly count: number;
  /** Width in the section, and height. */
  readonly acrossMm: number;
  readonly heightMm: number;
  readonly profile: 'prism' | 'roll' | 'heap';
  readonly perLayer: number;
  readonly layers: number;
  /** Where it starts, on a bed of vegetables, and where its top is. */
  readonly bottomMm: number;
  readonly topMm: number;
  /** This group's share of the pot's base. */
  readonly groundShare: number;
  readonly bone: 'none' | 'core' | 'edge';
}

/** How the pot is filled, for the cross-section. Millimetres. */
export interface PotPlan {
  /** Length and width; equal if round. */
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly shape: Pot['shape'];
  readonly heightMm: number;
  readonly groups: readonly PotGroup[];
  readonly meatTopMm: number;
  readonly vegetableTopMm: number;
  readonly levelStartMm: number;
  readonly levelHalfMm: number;
  readonly levelEndMm: number;
  readonly headroomMm: number;
  readonly full: Figure;
  readonly headroom: Figure;
  readonly sticksOut: Figure;
  readonly submergedShare: number;
  readonly vegetablesKg: number;
}

/** A layer overfull by no more than this still counts as one. */
const SQUEEZED = 0.1;

/** The pot at the start, halfway and when the target is reached at `readyMin`. */
export function potPlan(input: PlanInput, contents: PotContents, ensemble: Ensemble, readyMin: number): PotPlan {
  const levelMm = (atMin: number): number => levelMmAt(ensemble, scheduledAt(ensemble.assembly.grid, atMin));
  const meatTop = meatHeightM(contents);
  const liquid = ensemble.request.liquidL;
  const start = levelForLitres(contents, liquid);
  const meatL = contents.arrangements.reduce((sum, a) => sum + a.pieces.count * a.pieces.volumeM3 * 1000, 0);
  const top = Math.max(start, meatTop) * 1000;
  const room = potVolumeL(potShape(input.pot));
  const lead = cutById(input.meat.cutId);
  const covered = contents.arrangements.reduce((sum, a) => sum + a.coverage, 0);
  const submerged = submergedShares(contents, start);
  const bedMm = bedHeightM(contents) * 1000;
  const sizes = sizedParts(input);
  const parts = partsAsCooked(input);
  const groups = contents.arrangements.map((a, i): PotGroup => {
    const part = parts[i] ?? input.meat;
    const cut = cutById(part.cutId);
    const size = sizes[i]?.size;
    const group = meatGroup(lead, part, input.lie);
    const lying = lyingPieces(cut, group);
    const upright = group.upright === true && lying.profile !== 'heap';
    const across =
      lying.profile === 'heap'
        ? part.thicknessMm
        : lying.profile === 'roll'
          ? lying.heightM * 1000
          : upright
            ? cut.shape === 'roll'
              ? (size?.widthMm ?? 0)
              : (size?.thicknessMm ?? 0)
            : (size?.lengthMm ?? 0);
    return {
      count: part.pieces,
      acrossMm: across,
      heightMm: lying.heightM * 1000,
      profile: lying.profile,
      perLayer: Math.ceil(part.pieces / a.layers),
      layers: Math.ceil(a.layers - SQUEEZED),
      bottomMm: bedMm,
      topMm: bedMm + a.stackHeightM * 1000,
      groundShare: a.coverage / Math.max(1, covered),
      bone: part.onBone && boneFraction(cut, true) > 0 ? cut.boneMode : 'none',
    };
  });
  const vegetablesKg = input.base.items.reduce((sum, i) => sum + i.kg, 0);
  return {
    lengthMm: Math.max(input.pot.lengthMm, input.pot.widthMm),
    widthMm: Math.min(input.pot.lengthMm, input.pot.widthMm),
    shape: input.pot.shape,
    heightMm: input.pot.heightMm,
    groups,
    meatTopMm: meatTop * 1000,
    vegetableTopMm: vegetableHeightM(contents) * 1000,
    levelStartMm: start * 1000,
    levelHalfMm: levelMm(readyMin / 2),
    levelEndMm: levelMm(readyMin),
    headroomMm: input.pot.heightMm - top,
    submergedShare: Math.min(...submerged),
    vegetablesKg,
    full: figure('plan.full', (liquid + meatL + contents.vegetablesKg) / room, 'share', 'computed', [
      from('meat', meatL, 'volume'),
      from('vegetablesAtTheStart', contents.vegetablesKg, 'mass'),
      from('liquid', liquid, 'volume'),
      from('potToTheBrim', room, 'volume'),
    ]),
    headroom: figure('plan.headroom', input.pot.heightMm - top, 'length', 'computed', [
      from('potDeep', input.pot.heightMm, 'length'),
      from('meatStands', meatTop * 1000, 'length'),
      from('liquidStands', start * 1000, 'length'),
    ]),
    sticksOut: figure('plan.sticksOut', Math.max(0, meatTop - start) * 1000, 'length', 'computed', [
      from('meatStands', meatTop * 1000, 'length'),
      from('liquidStands', start * 1000, 'length'),
      from('ofTheMeatUnderLiquid', Math.min(...submerged), 'share'),
    ]),
  };
}
