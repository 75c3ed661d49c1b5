import { mainStage, type PlanInput } from '../choices';
import { cutOf, type Ensemble, type Forecast, readyEta, slowestGroup, stepAt } from '../forecast';
import { type Cut } from '../larder';
import { listParam, type Message, minutes, mm, nameOf, say, share, tempC } from '../message';

/** Collagen melts fast from this temperature, °C. */
const MELTS_C = 85;

/** Why the forecast is what it is. */
export function reasonsFor(
  input: PlanInput,
  cut: Cut,
  ensemble: Ensemble,
  forecast: Forecast,
  lookMin: number,
): Message[] {
  const { nominal, assembly, request } = ensemble;
  const eta = readyEta(forecast);
  const step = stepAt(assembly.grid, eta.p50);
  const group = slowestGroup(ensemble);
  const core = nominal.coreC[group] as Float64Array;
  const warm = core.findIndex((t) => t >= MELTS_C);
  const thick = mm((request.groups[group]?.thicknessM ?? 0) * 1000);
  const melts = tempC(MELTS_C);
  return [
    ...(request.groups.length > 1
      ? [
          say('reason.governs', {
            cut: nameOf('cut', cut.id),
            all: listParam(request.groups.map((g) => nameOf('cut', cutOf(request, g).id))),
          }),
        ]
      : []),
    warm < 0
      ? say('reason.staysBelow', { thick, melts })
      : say('reason.thick', { thick, melts, after: minutes((assembly.grid.endS[warm] as number) / 60) }),
    nominal.dryS <= (assembly.grid.endS[step] as number)
      ? say('reason.runsDry', { at: minutes(Math.min(forecast.dry.p50, eta.p50)) })
      : say(mainStage(input).heat.kind === 'simmer' ? 'reason.liquidHeld' : 'reason.liquidEnds', {
          ends: tempC(nominal.liquidC[step] as number),
        }),
    say('reason.needs', {
      need: minutes(cut.cookValue[forecast.target]),
      spread: share(Math.exp(cut.toughnessSpread) - 1),
    }),
    say('reason.looks', { cost: minutes(Math.max(1, lookMin)), looks: request.openings.length }),
  ];
}
