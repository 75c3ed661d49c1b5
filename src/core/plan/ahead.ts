import { type PlanInput } from './input';
import { type AheadFigures, aheadFigures, type Cooling, coolPot, type Reheating, reheatPot } from '../care/cooling';
import { DEFER } from '../care/cautions';
import { type BraiseRequest } from '../forecast/request';
import { LIQUID_HEAT_JKGK } from '../heat/run';
import { FRIDGE_C } from '../heat/sources';
import { type FinishedPot } from '../sauce/finish';

/** Usually into the fridge so long before the plates: the evening before. */
export const USUAL_AHEAD_MS = 22 * 3_600_000;

/** From the heat into the fridge and back. */
export interface Ahead {
  readonly cooling: Cooling;
  readonly reheating: Reheating;
  readonly figures: AheadFigures;
}

/** What it takes to cool the finished pot and to warm it again; `powerW` is what the burner puts into it. */
export function aheadOf(request: BraiseRequest, finished: FinishedPot, powerW: number): Ahead {
  const cooling = coolPot(request, finished.liquidL);
  const reheating = reheatPot(request, finished.sauceL, powerW);
  return { cooling, reheating, figures: aheadFigures(cooling, reheating, request, finished.liquidL) };
}

/** What to watch when it is cooked ahead. */
export function aheadWatch(ahead: Ahead | null): string[] {
  return ahead === null || ahead.cooling.safe
    ? []
    : [
        `Even by way of ice water this pot is not cold within six hours: take the meat out, cut what is over 50 mm, and cool meat and liquid apart in shallow dishes. ${DEFER}`,
      ];
}

/** From the fridge to the boil, min. */
export function fromColdMin(liquidL: number, powerW: number): number {
  return (liquidL * 0.96 * LIQUID_HEAT_JKGK * (100 - FRIDGE_C)) / powerW / 60;
}

/** When the pot is to be in the fridge, min from the plate (negative: before it). */
export function fridgeByMin(
  input: Pick<PlanInput, 'serveAtMs'>,
  ahead: NonNullable<PlanInput['day']['ahead']>,
): number {
  return (ahead.fridgeByMs - input.serveAtMs) / 60_000;
}
