import { type TimeGrid } from '../heat';

/** Index of the step that ends at or just after `atMin`. */
export function stepAt(grid: TimeGrid, atMin: number): number {
  const target = atMin * 60 - 1e-6;
  let low = 0;
  let high = grid.count - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((grid.endS[middle] as number) < target) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** How far into the step that ends at or after `atMin` that time lies, 0 to 1. */
export function shareOfStep(grid: TimeGrid, step: number, atMin: number): number {
  return Math.min(1, Math.max(0, 1 - ((grid.endS[step] as number) - atMin * 60) / (grid.stepS[step] as number)));
}

/**
 * A time as an index among step ends: 3.25 is a quarter of the way from the end of step 3 to that of step 4, and -1 is
 * the start.
 */
export function scheduledAt(grid: TimeGrid, atMin: number): number {
  const step = stepAt(grid, atMin);
  return step - 1 + shareOfStep(grid, step, atMin);
}

/** The value of a trace at a time index, linear between step ends; `start` is its initial value. */
export function valueAt(series: ArrayLike<number>, place: number, start = series[0] as number): number {
  const before = Math.floor(place);
  const from = before < 0 ? start : (series[before] as number);
  return place === before ? from : from + (place - before) * ((series[before + 1] as number) - from);
}
