import { readyEta } from '../core/forecast';
import { type Plan, PLAN_VERSION } from '../core/plan';

/** What was forecast of a braise, to be kept: minutes from the pieces meeting the liquid, and by which model. */
export interface KeptForecast {
  readonly plannedMin: number;
  readonly plannedP10Min: number;
  readonly plannedP90Min: number;
  readonly model: number;
}

/** What a plan forecasts, as it is kept. */
export function keptForecast({ forecast }: Plan): KeptForecast {
  const { p10, p50, p90 } = readyEta(forecast);
  return { plannedMin: p50, plannedP10Min: p10, plannedP90Min: p90, model: PLAN_VERSION };
}
