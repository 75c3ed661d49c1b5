import { type StepId } from './stepId';
import { type StepHands, type StepKind, type StepPlace } from './kinds';
import { type CareStep } from '../cautions';
import { type Message } from '../message';
import { type DayMark } from '../schedule';

/** Phases of the work, in order. */
export const WORK_STAGES = ['ready', 'sear', 'base', 'liquid', 'braise', 'finish', 'serve', 'store'] as const;
export type WorkPhase = (typeof WORK_STAGES)[number];

/** When a step is due. */
export type StepDue =
  /** As soon as the steps it waits for are done. */
  | { readonly kind: 'next' }
  /** Alongside, to be done by the time something needs it. */
  | { readonly kind: 'beside' }
  /** At a time of the planned day, ms since 1970. */
  | { readonly kind: 'at'; readonly ms: number }
  /** This many minutes before the meat goes in; negative: after. */
  | { readonly kind: 'beforePot'; readonly minutes: number }
  /** This many minutes before the meat is as wanted. */
  | { readonly kind: 'beforeReady'; readonly minutes: number }
  /** Whenever the forecast asks for it, repeatedly. */
  | { readonly kind: 'forecast' }
  /** When the heat phase of this index begins. */
  | { readonly kind: 'heat'; readonly index: number }
  /** This many minutes before serving. */
  | { readonly kind: 'beforePlate'; readonly minutes: number };

/** Records that are also steps: making one does the step. */
export type StepRecord =
  | 'intoPot'
  | 'fork'
  | 'liquid'
  | 'turned'
  | 'heat'
  | 'offHeat'
  | 'hold'
  | 'counted'
  | 'served'
  | 'cooling'
  | 'stored'
  | 'finished';

/** One thing to do, with everything a cook needs for it. */
export interface Step {
  /** Stays the same when the plan is computed again. */
  readonly id: StepId;
  readonly kind: StepKind;
  readonly stage: WorkPhase;
  /** Its title if the kind has none: act and object. */
  readonly title: Message | null;
  /** How it is done, in one line, if the kind does not say. */
  readonly how: Message | null;
  /** Of what, how much, in which size. */
  readonly what: Message | null;
  /** What to stop at, if specific to this plan. */
  readonly sign: Message | null;
  readonly minutes: { readonly low: number; readonly likely: number; readonly high: number };
  readonly hands: StepHands;
  readonly stay: boolean;
  readonly place: StepPlace;
  /** Ids of the steps that come before it. */
  readonly after: readonly StepId[];
  readonly due: StepDue;
  readonly care: CareStep | null;
  /** The record that is this step; null if it is ticked off. */
  readonly record: StepRecord | null;
  /** Its label on the timeline; null if it has no mark there. */
  readonly mark: { readonly kind: DayMark['kind']; readonly label: Message } | null;
  /** What is out of pan or pot once it is done, until the step `backBy` puts it back. */
  readonly aside: { readonly what: Message; readonly backBy: StepId } | null;
}
