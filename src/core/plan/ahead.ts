import { LIQUID_HEAT_JKGK, WATER_KG_PER_L } from '../heat';
import { type PlanInput } from '../choices';
import { type AheadFigures, aheadFigures, type Cooling, coolPot, type Reheating, reheatPot } from '../care';
import { type Message, say } from '../message';
import { type BraiseRequest } from '../forecast';
import { FRIDGE_C } from '../material';
import { type FinishedPot } from '../finish';

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
export function aheadWatch(ahead: Ahead | null): Message[] {
  return ahead === null || ahead.cooling.safe ? [] : [say('watch.notColdInTime')];
}

/** From the fridge to the boil, min. */
export function fromColdMin(liquidL: number, powerW: number): number {
  return (liquidL * WATER_KG_PER_L * LIQUID_HEAT_JKGK * (100 - FRIDGE_C)) / powerW / 60;
}

/** When the pot is to be in the fridge, min from the plate (negative: before it). */
export function fridgeByMin(
  input: Pick<PlanInput, 'serveAtMs'>,
  ahead: NonNullable<PlanInput['day']['ahead']>,
): number {
  return (ahead.fridgeByMs - input.serveAtMs) / 60_000;
}
