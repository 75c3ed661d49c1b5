import { type StepHands, type StepKind, type StepPlace } from './kinds';
import { type CareStep } from '../cautions';
import { type Message } from '../message';
import { type DayMark } from '../schedule';

/** Stretches of the work, in their order. */
export const WORK_STAGES = ['ready', 'sear', 'base', 'liquid', 'braise', 'finish', 'serve', 'store'] as const;
export type WorkStage = (typeof WORK_STAGES)[number];

/** When a step is due. */
export type StepDue =
  /** As soon as what it waits for is done. */
  | { readonly kind: 'next' }
  /** Beside the others, to be done by the time something needs it. */
  | { readonly kind: 'beside' }
  /** At a moment of the plan's day, ms since 1970. */
  | { readonly kind: 'at'; readonly ms: number }
  /** So many minutes before the pieces go in; after where it is negative. */
  | { readonly kind: 'beforePot'; readonly minutes: number }
  /** So many minutes before the meat is as wanted. */
  | { readonly kind: 'beforeReady'; readonly minutes: number }
  /** Where the forecast asks for it, again and again. */
  | { readonly kind: 'forecast' }
  /** The stage of heat of that number begins. */
  | { readonly kind: 'heat'; readonly index: number }
  /** So many minutes before the plates go out. */
  | { readonly kind: 'beforePlate'; readonly minutes: number };

/** The records that are steps too: making one does the step. */
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

/** One thing to do, with all a cook needs to do it. */
export interface Step {
  /** Stays the same when the plan is worked out again. */
  readonly id: string;
  readonly kind: StepKind;
  readonly stage: WorkStage;
  /** What it is called where its kind does not say it: the act and its object. */
  readonly title: Message | null;
  /** How it is done, in one line, where its kind does not say it. */
  readonly how: Message | null;
  /** Of what, how much, in which size. */
  readonly what: Message | null;
  /** What to stop at, where it is this plan's own. */
  readonly sign: Message | null;
  readonly minutes: { readonly low: number; readonly likely: number; readonly high: number };
  readonly hands: StepHands;
  readonly stay: boolean;
  readonly place: StepPlace;
  /** Steps that come before it. */
  readonly after: readonly string[];
  readonly due: StepDue;
  readonly care: CareStep | null;
  /** The record that is this step; null where it is done by saying so. */
  readonly record: StepRecord | null;
  /** What it is called on the line of the day; null where it has no mark there. */
  readonly mark: { readonly kind: DayMark['kind']; readonly label: Message } | null;
  /** What is out of pan or pot once it is done, until the step `backBy` brings it back. */
  readonly aside: { readonly what: Message; readonly backBy: string } | null;
}
