import { isSmall, type PlanInput } from '../choices';
import { fatById } from '../larder';
import { type SearPieces, searPlan, type SearPlan } from '../sear';
import { type SizedPart } from './parts';

const THIN_EDGE_MM = 30;

/** A part as it comes to the sear pan: which side lies down, how many sides and edges are browned. */
function searPieces({ cut, part, size }: SizedPart): SearPieces {
  const small = isSmall(cut, part);
  if (cut.form === 'cubes') {
    const edge = size.thicknessMm;
    return {
      count: part.pieces,
      footprint: { kind: 'rectangle', length: edge, width: edge },
      faces: 3,
      edges: 0,
      small,
    };
  }
  if (cut.shape === 'disc') {
    const diameter = (size.lengthMm + size.widthMm) / 2;
    return { count: part.pieces, footprint: { kind: 'circle', diameter }, faces: 2, edges: 1, small };
  }
  const width = cut.shape === 'roll' ? size.thicknessMm : size.widthMm;
  return {
    count: part.pieces,
    footprint: { kind: 'rectangle', length: size.lengthMm, width },
    faces: cut.shape === 'roll' ? 4 : 2,
    edges: cut.shape === 'roll' || size.thicknessMm < THIN_EDGE_MM ? 0 : 2,
    small,
  };
}

export function searOf(input: PlanInput, parts: readonly SizedPart[]): SearPlan {
  const { sear } = input;
  return searPlan({
    pieces: parts.map(searPieces),
    pan: input.pan,
    burner: sear.burner,
    fat: fatById(sear.fatId),
    depth: sear.depth,
    moving: sear.moving === 'moving',
    dried: sear.dried,
    flouredKg:
      sear.dredge !== 'bare' || input.season.when === 'flour' ? parts.reduce((sum, p) => sum + p.part.massKg, 0) : null,
    mostAtOnce: sear.mostAtOnce,
  });
}
