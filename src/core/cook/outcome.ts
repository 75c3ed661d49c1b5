import { type Verdict } from './events';
import { type CookState, eventsOf } from './state';
import { RESULT_TARGET } from '../plan';
import { stageIndex } from '../tenderness';
import { MINUTE_MS } from '../quantity';

/** How a braise came out. Minutes count from the pieces meeting the liquid. */
export interface Outcome {
  readonly finishedMs: number;
  /** When the fork was first found to be where it was wanted, or the pot came off the heat. */
  readonly actualMin: number;
  readonly verdict: Verdict;
}

/** How a braise came out; undefined while it is not finished. Nothing is forecast for it: it is in what was recorded. */
export function outcomeOf(state: CookState): Outcome | undefined {
  const { finishedMs, verdict, intoPotMs, input } = state;
  if (finishedMs === undefined || verdict === undefined || intoPotMs === undefined) return undefined;
  const wanted = stageIndex(RESULT_TARGET[input.result]);
  const found = eventsOf(state.events, 'fork').find((e) => stageIndex(e.act.stage) >= wanted);
  const readyMs = found?.atMs ?? state.offHeatMs ?? finishedMs;
  return { finishedMs, actualMin: (readyMs - intoPotMs) / MINUTE_MS, verdict };
}

/** A finished braise as a line of the log. Minutes count from the pieces meeting the liquid. */
export interface LogEntry extends Outcome {
  readonly id: string;
  readonly title: string;
  readonly cutId: string;
  readonly massKg: number;
  /** What was forecast when the meat went in: the middle, and eight days of ten. */
  readonly plannedMin: number;
  readonly plannedP10Min: number;
  readonly plannedP90Min: number;
  /** When the meat went in, or later, where that forecast was not kept. */
  readonly workedOut: 'then' | 'later';
}
