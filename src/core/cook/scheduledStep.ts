import { type Message } from '../message';
import { type Step } from '../steps';
import { donenessIndex, type TargetDoneness } from '../tenderness';
import { type CookState, eventsOf } from './state';

/** State of a step. `passed` was not recorded, but a later record shows it must be done. */
export type StepStatus = 'done' | 'skipped' | 'passed' | 'waits' | 'due' | 'coming' | 'missed';

/** A step and its place in the day. */
export interface ScheduledStep {
  readonly step: Step;
  readonly status: StepStatus;
  /** When it was done, is due, or will most likely be. */
  readonly atMs: number;
  /** Why now, with this pot's figures; null where the step itself says enough. */
  readonly why: Message | null;
}

/** The times from which everything else is scheduled. */
export interface Clock {
  readonly nowMs: number;
  readonly potMs: number;
  readonly inPot: boolean;
  readonly readyMs: number;
  readonly finishMin: number;
  readonly serveMs: number;
}

/** Done before the meat goes into the pot. */
export const isBefore = (step: Step): boolean => ['ready', 'sear', 'base', 'liquid'].includes(step.stage);

/** The wanted doneness was found, or more: `far`. */
export interface Found {
  readonly atMs: number;
  readonly far: boolean;
}

/** Whether the wanted doneness was found. */
export function found(state: CookState, target: TargetDoneness): Found | undefined {
  const last = eventsOf(state.events, 'fork').at(-1);
  if (!last) return undefined;
  const by = donenessIndex(last.act.stage) - donenessIndex(target);
  return by < 0 ? undefined : { atMs: last.atMs, far: by > 0 };
}
