import { dries, type PlanInput } from '../choices';
import { type PrepWork } from './prepWork';
import { type PotPlan } from './potPlan';
import { HEADROOM_MM } from './check';
import { boilingAtC } from './engineRequest';
import { cutDoubt } from '../buy';
import { type TraceSamples, DRY_WORTH_SAYING, etaOf, type Forecast, lowL, readyEta } from '../forecast';
import { manualSimmerC } from '../heat';
import { type Cut } from '../larder';
import { kg, litres, type Message, minutes, mm, say, share, tempC } from '../message';
import { type FinishedPot } from '../finish';
import { TARGETS } from '../tenderness';

/** With less than this a pot is as good as dry, l. */
export const DRY_L = 0.15;

/** Whether too little is left to say anything about a sauce: its salt, sugar or reducing. */
export function endsDry({ finished }: { readonly finished: Pick<FinishedPot, 'liquidL'> }): boolean {
  return finished.liquidL < DRY_L;
}

/** Sauce advice, skipped when the pot ends dry. */
const OF_SAUCE: readonly string[] = ['advice.sugarCatches'];

/** Servings from the meat, as a cook counts them. */
export function servings(plates: number): number {
  return Math.max(1, Math.floor(plates + 0.05));
}

/** A smaller share of the wanted servings is reported. */
const TOO_LITTLE_SHARE = 0.85;
const FALLS_SHARE = 0.6;
const LITTLE_HEADROOM_MM = 50;
const QUICKLY_PAST_MIN = 40;

/** A simmer set by eye is not at its label's temperature; mentioned from half a degree on. */
function simmerWatch({ course, altitudeM }: PlanInput): Message[] {
  const heat = course.find((s) => s.heat.kind === 'simmer')?.heat;
  if (!heat) return [];
  const held = manualSimmerC(heat.tempC, boilingAtC(altitudeM));
  return held - heat.tempC < 0.5 ? [] : [say('watch.simmerByEye', { held: tempC(held) })];
}

/** What to watch in the pot: how its liquid falls and rises. */
function potWatch(input: PlanInput, pot: PotPlan, forecast: Forecast, finished: FinishedPot, low: number): Message[] {
  const { dry } = forecast;
  return [
    ...(pot.levelEndMm < pot.levelStartMm * FALLS_SHARE ? [say('watch.falls')] : []),
    ...(pot.levelEndMm > pot.heightMm - HEADROOM_MM ? [say('watch.rises', { deep: mm(pot.levelEndMm) })] : []),
    ...(dry.chance >= DRY_WORTH_SAYING
      ? [say('watch.boilsDry', { share: share(dry.chance), at: minutes(dry.p50) })]
      : finished.liquidL < low
        ? [say('watch.low', { low: litres(low) })]
        : []),
    ...(pot.headroomMm < LITTLE_HEADROOM_MM ? [say('watch.headroom')] : []),
    ...(input.course.every((s) => s.lid === 'none' && dries(s.heat)) ? [say('watch.noLid')] : []),
    ...simmerWatch(input),
  ];
}

/** What the cook should watch for. */
export function planWarnings(
  input: PlanInput,
  cut: Cut,
  pot: PotPlan,
  finished: FinishedPot,
  forecast: Forecast,
  course: TraceSamples,
  kitchen: PrepWork,
): Message[] {
  const { buy, sear, salt } = kitchen;
  const dry = endsDry({ finished });
  const doubt = cutDoubt(cut.id, input.result);
  const until = etaOf(forecast, TARGETS[forecast.target].until).p10;
  return [
    ...kitchen.table.conflicts,
    ...(buy.plates.value < input.eaters * TOO_LITTLE_SHARE
      ? [
          say('watch.feeds', {
            plates: servings(buy.plates.value),
            eaters: input.eaters,
            wanted: kg(buy.wanted.value),
          }),
        ]
      : []),
    ...(doubt ? [doubt] : []),
    ...(sear.verdict === 'sears' ? [] : [sear.says]),
    ...(salt.tooSalty && !dry ? [salt.says] : []),
    ...potWatch(input, pot, forecast, finished, lowL(course)),
    ...kitchen.liquid.says.filter(({ code }) => !dry || !OF_SAUCE.includes(code)),
    ...(until - readyEta(forecast).p50 < QUICKLY_PAST_MIN ? [say('watch.passesQuickly')] : []),
    ...(cut.confidence === 'low' ? [say('watch.fewKitchens')] : []),
  ];
}
