import { type Cut, cutById } from '../larder';
import { mixtureProperties } from '../composition';
import { type MeatGroup } from '../material';
import { type PlanInput } from './input';

/** Meat and liquid as they meet after searing and bringing to a simmer. The middle is still cold, the outside hot. */
export const START_MEAT_C = 25;

/** Size of one piece, mm, from mass and thickness, in the cut's usual proportions. */
export interface PieceSize {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly thicknessMm: number;
}

/** Number of cubes of `edgeMm` in `massKg` of meat, at least one. */
export function cubeCount(cut: Cut, massKg: number, edgeMm: number): number {
  const density = mixtureProperties(cut.composition).densityKgM3;
  return Math.max(1, Math.round(massKg / (density * (edgeMm / 1000) ** 3)));
}

/** Number of whole pieces in `massKg` at the cut's usual weight, at least one. */
export function usualCount(cut: Cut, massKg: number): number {
  return cut.form === 'cubes'
    ? cubeCount(cut, massKg, cut.sizeMm.thickness)
    : Math.max(1, Math.round(massKg / cut.typicalPieceKg));
}

/**
 * Usual thickness, mm, of a piece of `pieceKg`: joints keep the cut's proportions, but slices and discs keep their
 * thickness.
 */
export function usualThicknessMm(cut: Cut, pieceKg: number): number {
  if (cut.form === 'cubes' || cut.shape === 'disc') return cut.sizeMm.thickness;
  return Math.round(cut.sizeMm.thickness * Math.cbrt(pieceKg / cut.typicalPieceKg));
}

/** Dimensions of one piece that match both mass and thickness. */
export function pieceSize(cut: Cut, pieceKg: number, thicknessMm: number): PieceSize {
  const { length, width, thickness } = cut.sizeMm;
  if (cut.form === 'cubes') return { lengthMm: thicknessMm, widthMm: thicknessMm, thicknessMm };
  const massRatio = pieceKg / cut.typicalPieceKg;
  const thicknessRatio = thicknessMm / thickness;
  if (cut.shape === 'roll') {
    return {
      lengthMm: (length * massRatio) / thicknessRatio ** 2,
      widthMm: width * thicknessRatio,
      thicknessMm,
    };
  }
  const spread = Math.sqrt(massRatio / thicknessRatio);
  return { lengthMm: length * spread, widthMm: width * spread, thicknessMm };
}

/** The engine's view of one cut of a plan; it names its cut if that is not the one forecast. */
export function meatGroup(
  lead: Cut,
  part: {
    readonly cutId: string;
    readonly massKg: number;
    readonly pieces: number;
    readonly thicknessMm: number;
    readonly onBone: boolean;
  },
  lie: PlanInput['lie'] = 'flat',
): MeatGroup {
  const cut = cutById(part.cutId);
  const size = pieceSize(cut, part.massKg / part.pieces, part.thicknessMm);
  return {
    ...(cut.id === lead.id ? {} : { cut }),
    ...(lie === 'upright' ? { upright: true } : {}),
    ...(lie === 'stacked' ? { stacked: true } : {}),
    massKg: part.massKg,
    pieces: part.pieces,
    lengthM: size.lengthMm / 1000,
    widthM: size.widthMm / 1000,
    thicknessM: size.thicknessMm / 1000,
    onBone: part.onBone && cut.bone !== 'no',
    startTempC: START_MEAT_C,
  };
}

/** Many small pieces that form a heap rather than lie side by side. */
export function isSmall(cut: Cut, part: { readonly massKg: number; readonly pieces: number }): boolean {
  return cut.form === 'cubes' || part.massKg / part.pieces < 0.07;
}
