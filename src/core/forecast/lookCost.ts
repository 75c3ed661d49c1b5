import { assemble, NOMINAL_PARAMETERS } from './assemble';
import { chooseHorizonMin, slowest } from './horizon';
import { crossingMin } from './forecast';
import { type BraiseRequest } from './request';
import { FAST_CELLS, FAST_STEPS, runBraise } from '../heat';

/** Minutes by which opening the pot for `seconds` at `atMin` delays fork-tender, nominally. */
export function lidLiftCostMin(request: BraiseRequest, atMin: number, seconds: number): number {
  const horizon = chooseHorizonMin(request, []);
  const tenderAt = (r: BraiseRequest): number => {
    const assembly = assemble(r, horizon, FAST_STEPS, [atMin]);
    const course = runBraise(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, FAST_CELLS);
    return crossingMin(slowest(course, request), assembly.grid.endS, request.cut.cookValue.twists);
  };
  const opened = { ...request, openings: [...request.openings, { atMin, seconds }] };
  const cost = tenderAt(opened) - tenderAt(request);
  return Number.isFinite(cost) ? Math.max(0, cost) : 0;
}
