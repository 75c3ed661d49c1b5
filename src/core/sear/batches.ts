import { layInPan, type PlacedPiece } from './panMap';
import { type Cut } from '../larder/cuts';
import { type PieceSize } from '../plan/pieces';

/** How the meat is browned. */
export interface SearPlan {
  readonly batches: number;
  readonly perBatch: number;
  readonly minutesPerBatch: number;
  /** Whole time at the pan, heating it and letting it recover between batches. */
  readonly minutes: number;
  /** Share of the pan one batch covers. */
  readonly coverage: number;
  /** The first batch as it lies; empty when one piece is larger than the pan. */
  readonly layout: readonly PlacedPiece[];
}

/** At most this share of the pan is covered, so that steam escapes. A common kitchen rule, taken as our default. */
export const PAN_SHARE = 2 / 3;
const HEAT_PAN_MIN = 4;
const RECOVER_MIN = 2;
/** Minutes a face on good heat, ended by colour. Cooks say anything from one to five. */
const FACE_MIN = 3;

function facesOf(cut: Cut): number {
  if (cut.form === 'cubes') return 3;
  if (cut.shape === 'disc') return 3;
  return cut.shape === 'roll' ? 4 : 3.5;
}

/** Batches and minutes to brown `pieces` of this size in a round pan. */
export function searPlan(cut: Cut, size: PieceSize, pieces: number, panDiameterMm: number): SearPlan {
  const pan = (Math.PI / 4) * panDiameterMm ** 2;
  const footprint = cut.shape === 'disc' ? (Math.PI / 4) * size.lengthMm * size.widthMm : size.lengthMm * size.widthMm;
  const byCover = Math.floor((PAN_SHARE * pan) / footprint);
  const fitting = layInPan(panDiameterMm, size.lengthMm, size.widthMm, pieces);
  const most = Math.max(1, Math.min(pieces, byCover, fitting.length));
  const batches = Math.ceil(pieces / most);
  const perBatch = Math.ceil(pieces / batches);
  const minutesPerBatch = FACE_MIN * facesOf(cut);
  return {
    batches,
    perBatch,
    minutesPerBatch,
    minutes: Math.round(HEAT_PAN_MIN + batches * minutesPerBatch + (batches - 1) * RECOVER_MIN),
    coverage: (perBatch * footprint) / pan,
    layout: fitting.slice(0, perBatch),
  };
}
