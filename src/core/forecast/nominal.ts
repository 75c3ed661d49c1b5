import { assemble, NO_SURPRISES } from './assemble';
import { chooseHorizonMin, slowest, slowestGroupAt } from './horizon';
import { stepAt } from './commonCourse';
import { crossingMin } from './forecast';
import { type BraiseRequest } from './request';
import { FAST_CELLS, FAST_STEPS, runBraise } from '../heat';

/** Which group is last to reach the target without surprises, and when, min; Infinity if not within the horizon. */
export function slowestAtTarget(request: BraiseRequest): { readonly group: number; readonly atMin: number } {
  const assembly = assemble(request, chooseHorizonMin(request, []), FAST_STEPS, []);
  const course = runBraise(assembly.setup(NO_SURPRISES), assembly.grid, FAST_CELLS);
  const wanted = request.cut.cookValue[request.target ?? 'twists'];
  const atMin = crossingMin(slowest(course, request), assembly.grid.endS, wanted);
  const step = Number.isFinite(atMin) ? stepAt(assembly.grid, atMin) : assembly.grid.count - 1;
  return { group: request.groups.length === 1 ? 0 : slowestGroupAt(course, request, step), atMin };
}
