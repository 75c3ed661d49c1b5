import { LIQUID_HEAT_JKGK, WATER_KG_PER_L } from '../heat';
import { type PlanInput } from '../choices';
import { contentsOfBraise, type Cooling, coolPot, type Reheating, reheatPot } from '../storage';
import {
  figure,
  type Figure,
  input as from,
  type Message,
  minutes as time,
  say,
  tempC,
  type FigureOf,
} from '../message';
import { type BraiseRequest } from '../forecast';
import { FRIDGE_C, ROOM_C } from '../material';
import { type FinishedPot } from '../finish';
import { HOUR_MS, MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS, safetyParams, type CoolingLimit, type CoolingRule } from '../safety';

/** Usually in the fridge this long before serving: the evening before. */
export const USUAL_AHEAD_MS = 22 * HOUR_MS;

/** What cooking the day before involves, as figures that explain themselves. */
export interface AheadFigures {
  readonly ice: Figure;
  readonly iceWater: Figure;
  readonly warm: Figure;
  readonly cold: Figure;
  readonly standing: Figure;
  readonly reheat: Figure;
  readonly reheatOven: Figure;
}

/** How a braise cooked ahead is cooled and warmed again. */
export interface PromisedAhead {
  readonly cooling: Pick<Cooling, 'iceMin' | 'iceKg' | 'handoverC'>;
  /** On the burner; and in the oven, unless the braise was begun before that was worked out. */
  readonly reheating: Pick<Reheating, 'minutes'> & { readonly ovenMin: number | null; readonly ovenC: number | null };
}

/** From the heat into the fridge and back. */
export interface CookAhead {
  readonly cooling: Cooling;
  readonly reheating: Reheating;
  readonly figures: AheadFigures;
}

/** What it takes to cool the finished pot and reheat it; `powerW` is the burner's power into it. */
export function cookAhead(
  request: BraiseRequest,
  finished: FinishedPot,
  powerW: number,
  keeping: PlanInput['keeping'],
): CookAhead {
  const contents = contentsOfBraise(request);
  const limit = SAFETY_LIMITS[keeping.rule];
  const cooled = coolPot(contents, finished.liquidL * WATER_KG_PER_L, limit);
  const { iceMin, handoverC, fridgeMin, warmMin, coldMin, safe, clockMin, standingC, iceKg } = cooled;
  const cooling: Cooling = { iceMin, handoverC, fridgeMin, warmMin, coldMin, safe, clockMin, standingC, iceKg };
  const reheating = reheatPot(contents, finished.sauceL * WATER_KG_PER_L, powerW, limit.reheatC);
  return { cooling, reheating, figures: aheadFigures(cooling, reheating, request, finished.liquidL, limit) };
}

function aheadFigures(
  cooling: Cooling,
  reheating: Reheating,
  request: BraiseRequest,
  liquidL: number,
  limit: CoolingLimit,
): AheadFigures {
  const pot = [
    from('liquid', liquidL, 'volume'),
    from(
      'meat',
      request.groups.reduce((sum, g) => sum + g.massKg, 0),
      'mass',
    ),
  ] as const;
  const params = {
    room: tempC(ROOM_C),
    from: tempC(limit.fromC),
    warm: tempC(limit.warm?.tempC ?? 21),
    cold: tempC(limit.cold.tempC),
    within: time(limit.warm?.min ?? limit.cold.min),
    inAll: time(limit.cold.min),
    hot: tempC(limit.reheatC),
  };
  const minutes = (id: FigureOf<'care'>, value: number, inputs: Figure['inputs'] = pot): Figure =>
    figure(`care.${id}`, value, 'minutes', 'estimate', inputs, { params });
  return {
    ice: figure('care.ice', cooling.iceKg, 'mass', 'estimate', [
      ...pot,
      from('cooledTo', cooling.handoverC, 'temperature'),
    ]),
    iceWater: minutes('iceWater', cooling.iceMin),
    warm: minutes('warm', cooling.warmMin),
    cold: minutes('cold', cooling.coldMin),
    standing: figure('care.standing', cooling.standingC, 'temperature', 'estimate', pot, { params }),
    reheatOven: minutes('reheatOven', reheating.ovenMin, [...pot, from('anOven', reheating.ovenC, 'temperature')]),
    reheat: minutes('reheat', reheating.minutes, [...pot, from('aGentleFlame', reheating.powerW, 'power')]),
  };
}

/** What to watch for when it is cooked ahead. */
export function cookAheadWarnings(ahead: CookAhead | null, rule: CoolingRule): Message[] {
  return ahead === null || ahead.cooling.safe ? [] : [say('watch.notColdInTime', safetyParams(rule))];
}

/** From the fridge to the boil, min. */
export function fromColdMin(liquidL: number, powerW: number): number {
  return (liquidL * WATER_KG_PER_L * LIQUID_HEAT_JKGK * (100 - FRIDGE_C)) / powerW / 60;
}

/** When the pot should be in the fridge, min from serving (negative: before it). */
export function fridgeByMin(
  input: Pick<PlanInput, 'serveAtMs'>,
  ahead: NonNullable<PlanInput['day']['ahead']>,
): number {
  return (ahead.fridgeByMs - input.serveAtMs) / MINUTE_MS;
}
