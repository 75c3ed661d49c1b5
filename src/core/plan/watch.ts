import { type PlanInput } from '../choices';
import { type Mise } from './mise';
import { type PotPlan } from './potPlan';
import { HEADROOM_MM } from './check';
import { cutDoubt } from '../buy';
import { etaOf, type Forecast, LOW_LITRES, readyEta } from '../forecast';
import { type Cut } from '../larder';
import { kg, litres, type Message, mm, say } from '../message';
import { type FinishedPot } from '../sauce';
import { TARGETS } from '../tenderness';

/** Under this the model of a wet pot no longer holds, l. */
export const DRY_L = 0.15;

/** Plates that meat makes, as a cook counts them. */
export function platesFed(plates: number): number {
  return Math.max(1, Math.floor(plates + 0.05));
}

/** Less than this share of the wanted plates is worth saying. */
const TOO_LITTLE_SHARE = 0.85;
const FALLS_SHARE = 0.6;
const LITTLE_HEADROOM_MM = 50;
const QUICKLY_PAST_MIN = 40;

/** What the pot should be watched for: how its liquid falls and rises. */
function potWatch(input: PlanInput, pot: PotPlan, finished: FinishedPot): Message[] {
  return [
    ...(pot.levelEndMm < pot.levelStartMm * FALLS_SHARE ? [say('watch.falls')] : []),
    ...(pot.levelEndMm > pot.heightMm - HEADROOM_MM ? [say('watch.rises', { deep: mm(pot.levelEndMm) })] : []),
    ...(finished.liquidL < DRY_L
      ? [say('watch.boilsDry', { left: litres(finished.liquidL) })]
      : finished.liquidL < LOW_LITRES
        ? [say('watch.low', { low: litres(LOW_LITRES) })]
        : []),
    ...(pot.headroomMm < LITTLE_HEADROOM_MM ? [say('watch.headroom')] : []),
    ...(input.lid === 'none' ? [say('watch.noLid')] : []),
  ];
}

/** What the cook should keep an eye on. */
export function thingsToWatch(
  input: PlanInput,
  cut: Cut,
  pot: PotPlan,
  finished: FinishedPot,
  forecast: Forecast,
  kitchen: Mise,
): Message[] {
  const { buy, sear, salt } = kitchen;
  const doubt = cutDoubt(cut.id, input.result);
  const until = etaOf(forecast, TARGETS[forecast.target].until).p10;
  return [
    ...kitchen.table.conflicts,
    ...(buy.plates.value < input.eaters * TOO_LITTLE_SHARE
      ? [
          say('watch.feeds', {
            plates: platesFed(buy.plates.value),
            eaters: input.eaters,
            wanted: kg(buy.wanted.value),
          }),
        ]
      : []),
    ...(doubt ? [doubt] : []),
    ...(sear.verdict === 'sears' ? [] : [sear.says]),
    ...(salt.tooSalty ? [salt.says] : []),
    ...potWatch(input, pot, finished),
    ...kitchen.liquid.says,
    ...(until - readyEta(forecast).p50 < QUICKLY_PAST_MIN ? [say('watch.passesQuickly')] : []),
    ...(cut.confidence === 'low' ? [say('watch.fewKitchens')] : []),
  ];
}
