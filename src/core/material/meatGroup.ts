import { type Cut } from '../larder';

/** Pieces of one size. Lengths in metres, mass as it goes into the pot (trimmed, bone in). */
export interface MeatGroup {
  /** Where it is another cut than the one forecast. */
  readonly cut?: Cut;
  readonly massKg: number;
  readonly pieces: number;
  readonly lengthM: number;
  readonly widthM: number;
  readonly thicknessM: number;
  readonly onBone: boolean;
  /** Upright on edge or end instead of lying on the broad side. */
  readonly upright?: boolean;
  /** Laid in two layers though one would do. */
  readonly stacked?: boolean;
  readonly startTempC: number;
  /** Share of the surface under liquid; computed from pot and liquid if omitted. */
  readonly submergedFraction?: number;
}
