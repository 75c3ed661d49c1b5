import { type Message } from '../message';
import { type Step } from '../steps';
import { stageIndex, type TargetStage } from '../tenderness';
import { type CookState, eventsOf } from './state';

/** How a step stands. `passed` was not said, but what was recorded after it shows that it is behind. */
export type StepStatus = 'done' | 'skipped' | 'passed' | 'waits' | 'due' | 'coming' | 'missed';

/** A step with where it stands in the day. */
export interface PlacedStep {
  readonly step: Step;
  readonly status: StepStatus;
  /** When it was done, is due, or will most likely be. */
  readonly atMs: number;
  /** Why now, with this pot's figures; null where the step says it all. */
  readonly why: Message | null;
}

/** The moments everything else is laid out from. */
export interface Clock {
  readonly nowMs: number;
  readonly potMs: number;
  readonly potted: boolean;
  readonly readyMs: number;
  readonly finishMin: number;
  readonly plateMs: number;
}

/** Done before the pieces go into the pot. */
export const isBefore = (step: Step): boolean => ['ready', 'sear', 'base', 'liquid'].includes(step.stage);

/** The fork found what is wanted, or more: `far`. */
export interface Found {
  readonly atMs: number;
  readonly far: boolean;
}

/** Whether the fork has found what is wanted. */
export function found(state: CookState, target: TargetStage): Found | undefined {
  const last = eventsOf(state.events, 'fork').at(-1);
  if (!last) return undefined;
  const by = stageIndex(last.act.stage) - stageIndex(target);
  return by < 0 ? undefined : { atMs: last.atMs, far: by > 0 };
}
