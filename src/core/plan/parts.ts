import { type PieceSize, pieceSize, type PlanInput } from '../choices';
import { partsAsCooked } from '../prep';
import { pieceShape } from '../forecast';
import { equivalentBody } from '../heat';
import { type Cut, cutById } from '../larder';

/** One cut of the plan with the size of its pieces. */
export interface SizedPart {
  readonly cut: Cut;
  readonly part: PlanInput['meat'];
  readonly size: PieceSize;
}

export function sizedParts(input: PlanInput): SizedPart[] {
  return partsAsCooked(input).map((part) => {
    const cut = cutById(part.cutId);
    return { cut, part, size: pieceSize(cut, part.massKg / part.pieces, part.thicknessMm) };
  });
}

/**
 * Surface over volume of the meat, 1/m, and the exponent of its bodies; weighted by mass if there are several sizes.
 */
export function bodiesOf(parts: readonly SizedPart[]): { readonly surfacePerM: number; readonly beta: number } {
  const total = parts.reduce((sum, p) => sum + p.part.massKg, 0);
  const none = { surfacePerM: 0, beta: 0 };
  return parts.reduce((sum, { cut, part, size }) => {
    const { beta, surfaceToVolume } = equivalentBody(
      pieceShape(cut, {
        lengthM: size.lengthMm / 1000,
        widthM: size.widthMm / 1000,
        thicknessM: size.thicknessMm / 1000,
      }),
    );
    const of = part.massKg / total;
    return { surfacePerM: sum.surfacePerM + surfaceToVolume * of, beta: sum.beta + beta * of };
  }, none);
}
