import { type PlanHeat } from './heats';
import { type LidKind } from '../larder';
import { type TargetStage } from '../tenderness';

/** What ends a stage of heat. */
export type StageUntil =
  | { readonly kind: 'minutes'; readonly minutes: number }
  /** So much liquid is left in the pot. */
  | { readonly kind: 'left'; readonly litres: number }
  /** The fork finds this stage. */
  | { readonly kind: 'stage'; readonly stage: TargetStage }
  /** So long before the meat is likely as wanted. */
  | { readonly kind: 'before'; readonly minutes: number }
  /** The meat is as wanted. */
  | { readonly kind: 'end' };

/** A stretch of the braise in one place, at one setting, under one lid. */
export interface HeatStage {
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  readonly until: StageUntil;
}

/** Smoked or warmed without liquid before the pot. */
export interface Bare {
  readonly minutes: number;
  readonly tempC: number;
  readonly smoke: boolean;
}
