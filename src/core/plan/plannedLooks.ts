import { OPEN_SECONDS } from '../choices';
import { type BraiseRequest, slowestAtTarget, type TimedOpening } from '../forecast';

/** Meat with more than this share above the liquid is turned once. */
const TURN_BELOW_SHARE = 0.9;
const FIRST_TEST_SHARE = 0.85;

/** The planned lifts of the lid; they cost heat and are part of the forecast. Minutes from the start. */
export interface PlannedLooks {
  /** When the pieces are turned; undefined if the liquid covers them. */
  readonly turnMin: number | undefined;
  readonly testsMin: readonly number[];
}

/** One turn at half time if it helps, a first fork test at 85% of the median time and one at the median. */
export function plannedLooks(request: BraiseRequest, submergedShare: number): PlannedLooks {
  const middle = slowestAtTarget(request).atMin;
  if (!Number.isFinite(middle)) return { turnMin: undefined, testsMin: [] };
  return {
    turnMin: submergedShare < TURN_BELOW_SHARE ? Math.round(middle / 2) : undefined,
    testsMin: [Math.round(middle * FIRST_TEST_SHARE), Math.round(middle)],
  };
}

/** The request with the planned checks after `fromMin`; the turn only if it has not been done. */
export function withLidLifts(request: BraiseRequest, looks: PlannedLooks, fromMin: number): BraiseRequest {
  const turn =
    request.turnsAtMin.length === 0 && looks.turnMin !== undefined && looks.turnMin > fromMin
      ? looks.turnMin
      : undefined;
  const openings: TimedOpening[] = looks.testsMin
    .filter((atMin) => atMin > fromMin)
    .map((atMin) => ({ atMin, seconds: OPEN_SECONDS.fork }));
  if (turn !== undefined) openings.push({ atMin: turn, seconds: OPEN_SECONDS.turned });
  return {
    ...request,
    turnsAtMin: turn === undefined ? request.turnsAtMin : [turn],
    openings: [...request.openings, ...openings].sort((a, b) => a.atMin - b.atMin),
  };
}
