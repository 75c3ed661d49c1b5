import { type Verdict } from './events';
import { type CookState, eventsOf } from './state';
import { RESULT_TARGET } from '../plan';
import { donenessIndex } from '../tenderness';
import { MINUTE_MS } from '../quantity';

/** Result of a braise. Minutes count from when the meat met the liquid. */
export interface Outcome {
  readonly finishedMs: number;
  /** When the wanted doneness was first found, or the pot came off the heat. */
  readonly actualMin: number;
  readonly verdict: Verdict;
}

/** Result of a braise; undefined while it is not finished. Nothing is forecast: all of it is in the records. */
export function outcomeOf(state: CookState): Outcome | undefined {
  const { finishedMs, verdict, intoPotMs, input } = state;
  if (finishedMs === undefined || verdict === undefined || intoPotMs === undefined) return undefined;
  const wanted = donenessIndex(RESULT_TARGET[input.result]);
  const found = eventsOf(state.events, 'fork').find((e) => donenessIndex(e.act.stage) >= wanted);
  const readyMs = found?.atMs ?? state.offHeatMs ?? finishedMs;
  return { finishedMs, actualMin: (readyMs - intoPotMs) / MINUTE_MS, verdict };
}

/** A finished braise as a line of the log. Minutes count from when the meat met the liquid. */
export interface LogEntry extends Outcome {
  readonly id: string;
  readonly title: string;
  readonly cutId: string;
  readonly massKg: number;
  /** The forecast when the meat went in: median and 80% range. */
  readonly plannedMin: number;
  readonly plannedP10Min: number;
  readonly plannedP90Min: number;
  /** When the meat went in, or later if that forecast was not saved. */
  readonly workedOut: 'then' | 'later';
}
