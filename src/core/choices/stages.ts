import { type PlanHeat } from './heats';
import { type LidKind } from '../larder';
import { type TargetDoneness } from '../tenderness';

/** What ends a heat phase. */
export type StageUntil =
  | { readonly kind: 'minutes'; readonly minutes: number }
  /** This much liquid is left in the pot. */
  | { readonly kind: 'left'; readonly litres: number }
  /** The meat has this doneness. */
  | { readonly kind: 'stage'; readonly stage: TargetDoneness }
  /** This long before the meat is likely as wanted. */
  | { readonly kind: 'before'; readonly minutes: number }
  /** The meat is as wanted. */
  | { readonly kind: 'end' };

/** A stretch of the braise in one place, at one setting, under one lid. */
export interface HeatPhase {
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  readonly until: StageUntil;
}

/** Smoked or warmed dry before the liquid. */
export interface DryPreCook {
  readonly minutes: number;
  readonly tempC: number;
  readonly smoke: boolean;
}
