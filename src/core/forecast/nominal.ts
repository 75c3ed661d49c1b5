import { assemble, NOMINAL_PARAMETERS } from './assemble';
import { chooseHorizonMin, slowest, slowestGroupAt } from './horizon';
import { stepAt } from './timeIndex';
import { crossingMin } from './forecast';
import { type BraiseRequest } from './request';
import { FAST_CELLS, FAST_STEPS, runBraise } from '../heat';

/** The nominal trace up to the target. */
export interface AtTargetNominal {
  /** Which group reaches it last. */
  readonly group: number;
  /** When, min; Infinity if not within the horizon. */
  readonly atMin: number;
  /** Whether the pot has run dry by then. */
  readonly dry: boolean;
}

/** Which group nominally reaches the target last, and when. */
export function slowestAtTarget(request: BraiseRequest): AtTargetNominal {
  const assembly = assemble(request, chooseHorizonMin(request, []), FAST_STEPS, []);
  const course = runBraise(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, FAST_CELLS);
  const wanted = request.cut.cookValue[request.target ?? 'twists'];
  const atMin = crossingMin(slowest(course, request), assembly.grid.endS, wanted);
  const step = Number.isFinite(atMin) ? stepAt(assembly.grid, atMin) : assembly.grid.count - 1;
  return {
    group: request.groups.length === 1 ? 0 : slowestGroupAt(course, request, step),
    atMin,
    dry: course.dryS / 60 < atMin,
  };
}
