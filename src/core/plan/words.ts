import { type PlanInput } from './input';
import { type KitchenWork } from './kitchenWork';
import { type PotPlan } from './potPlan';
import { HEADROOM_MM } from './check';
import { cutDoubt } from '../buy/buy';
import { type Ensemble, stepAt } from '../forecast/ensemble';
import { etaOf, type Forecast, readyEta, slowestGroup } from '../forecast/forecast';
import { cutOf } from '../forecast/request';
import { type Cut } from '../larder/cuts';
import { type FinishedPot } from '../sauce/finish';
import { TARGETS } from '../tenderness/stages';

/** Why the forecast is what it is, in sentences a cook can read. */
export function reasonsFor(
  input: PlanInput,
  cut: Cut,
  ensemble: Ensemble,
  forecast: Forecast,
  lookMin: number,
): string[] {
  const { nominal, assembly, request } = ensemble;
  const ready = readyEta(forecast);
  const step = stepAt(assembly.grid, ready.p50);
  const liquidEnd = nominal.liquidC[step] as number;
  const group = slowestGroup(ensemble);
  const core = nominal.coreC[group] as Float64Array;
  const warm = core.findIndex((t) => t >= 85);
  const warmMin = warm < 0 ? undefined : Math.round((assembly.grid.endS[warm] as number) / 60);
  const spread = Math.round((Math.exp(cut.toughnessSpread) - 1) * 100);
  const thick = Math.round((request.groups[group]?.thicknessM ?? 0) * 1000);
  const needs = Math.round(cut.cookValue[forecast.target]);
  const reasons = [
    `${String(thick)} mm thick: ${warmMin === undefined ? 'its middle stays below 85 °C' : `its middle passes 85 °C after about ${String(warmMin)} min`}; from there collagen melts fast.`,
    `The liquid ends at ${String(Math.round(liquidEnd))} °C${input.heat.kind === 'simmer' ? ', where you hold it' : ', whatever the dial says above it: covered liquid cannot pass the boil'}.`,
    `This cut needs about ${String(needs)} minutes at 95 °C for that; one animal and the next differ by ${String(spread)} %, which is most of the band.`,
    `Every look lets heat out; one of a minute costs about ${String(Math.max(1, Math.round(lookMin)))} min. ${String(request.openings.length)} are counted in.`,
  ];
  if (request.groups.length > 1) {
    const names = request.groups.map((g) => cutOf(request, g).name.toLowerCase());
    reasons.unshift(`The ${cut.name.toLowerCase()} governs: of ${names.join(' and ')} it is done last.`);
  }
  return reasons;
}

/** Under this the model of a wet pot no longer holds, l. */
export const DRY_L = 0.15;

/** What the cook should keep an eye on. */
export function thingsToWatch(
  input: PlanInput,
  cut: Cut,
  pot: PotPlan,
  finished: FinishedPot,
  forecast: Forecast,
  kitchen: KitchenWork,
): string[] {
  const watch: string[] = [...kitchen.table.conflicts];
  const { buy, sear, salt } = kitchen;
  if (buy.plates.value < input.eaters * 0.85) {
    watch.push(
      `This meat feeds about ${String(Math.max(1, Math.floor(buy.plates.value + 0.05)))}; ${String(input.eaters)} eaters want ${buy.wanted.value.toFixed(1)} kg, trimmed.`,
    );
  }
  const doubt = cutDoubt(cut.id, input.result);
  if (doubt !== '') watch.push(doubt);
  if (sear.verdict !== 'sears') watch.push(sear.says);
  if (salt.says.startsWith('What else')) watch.push(salt.says);
  if (pot.levelEndMm < pot.levelStartMm * 0.6) {
    watch.push('The liquid falls by more than a third: have hot stock ready and look at half time.');
  }
  if (pot.levelEndMm > pot.heightMm - HEADROOM_MM) {
    watch.push(
      `By the end it stands ${String(Math.round(pot.levelEndMm))} mm deep with what goes in late: little headroom, take some liquid out first.`,
    );
  }
  if (finished.liquidL < DRY_L) {
    watch.push(
      `It would boil dry: ${String(Math.round(finished.liquidL * 1000))} ml left by the time it is ready, and the forecast does not hold for a dry pot. More liquid, a tighter lid, or hot stock at half time.`,
    );
  } else if (finished.liquidL < 0.25) {
    watch.push('Less than 250 ml is left at the end: it can catch. Start with more, or a tighter lid.');
  }
  if (pot.headroomMm < 50) watch.push('Little headroom: fill with the pot where it will cook, and lift it level.');
  if (input.lid === 'none') watch.push('Without a lid the liquid stays well below the boil and the tops dry.');
  watch.push(...kitchen.liquid.says);
  const until = etaOf(forecast, TARGETS[forecast.target].until).p10;
  if (until - readyEta(forecast).p50 < 40) watch.push('It passes its best quickly: stay near once it is there.');
  if (cut.confidence === 'low') watch.push('Few kitchens have told us about this cut: trust the fork over the clock.');
  return watch;
}
