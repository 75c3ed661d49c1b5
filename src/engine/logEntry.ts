import { eventsOf, foldCook, type Verdict } from '../core/cook';
import { readyEta } from '../core/forecast';
import { stageIndex } from '../core/tenderness';
import { planOf, type ViewedCook } from './views';

/** A finished braise as a line of the log. Minutes count from the pieces meeting the liquid. */
export interface LogEntry {
  readonly id: string;
  readonly title: string;
  readonly cutId: string;
  readonly massKg: number;
  readonly finishedMs: number;
  readonly plannedMin: number;
  readonly plannedP10Min: number;
  readonly plannedP90Min: number;
  /** When the fork was first found to turn, or the pot came off the heat. */
  readonly actualMin: number;
  readonly verdict: Verdict;
}

/** The log line of a finished cook; undefined while it is not finished. */
export function logEntry(cook: ViewedCook): LogEntry | undefined {
  const state = foldCook(cook.input, cook.events);
  if (state.finishedMs === undefined || state.verdict === undefined || state.intoPotMs === undefined) return undefined;
  const { forecast } = planOf(cook);
  const turned = eventsOf(state.events, 'fork').find((e) => stageIndex(e.act.stage) >= stageIndex(forecast.target));
  const readyMs = turned?.atMs ?? state.offHeatMs ?? state.finishedMs;
  const planned = readyEta(forecast);
  return {
    id: cook.id,
    title: cook.input.title,
    cutId: cook.input.meat.cutId,
    massKg: cook.input.meat.massKg,
    finishedMs: state.finishedMs,
    plannedMin: planned.p50,
    plannedP10Min: planned.p10,
    plannedP90Min: planned.p90,
    actualMin: (readyMs - state.intoPotMs) / 60_000,
    verdict: state.verdict,
  };
}
