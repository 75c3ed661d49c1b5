import { HEAT_MODES, heatMode, type HeatMode, heatOf, heatWithin, heatWords, MODES, type PlanHeat } from './heats';
import { type PlanInput } from './input';
import { composePlan, type Plan } from './plan';
import { boilingAtC, plannedRequest } from './request';
import { slowestAtTarget } from '../forecast/nominal';
import { formatMinutes, formatVolume } from '../quantity/format';
import { METRIC } from '../quantity/units';

/** The same braise somewhere else: the setting that takes about as long, and what changes. */
export interface Translation {
  readonly mode: HeatMode;
  readonly says: string;
  readonly input: PlanInput;
  /** In the pot until it is ready, without surprises, min. */
  readonly minutes: number;
  /** The warmest the liquid gets, °C. */
  readonly liquidC: number;
  /** Steam, l/h. */
  readonly steamLPerHour: number;
  /** What the cook does otherwise, and why. */
  readonly changes: readonly { readonly what: string; readonly why: string }[];
}

const TRIED_C: Readonly<Record<HeatMode, readonly number[]>> = {
  still: [110, 120, 130, 140, 150, 160, 170, 180, 190, 200],
  fan: [100, 110, 120, 130, 140, 150, 160, 170, 180],
  simmer: [86, 88, 90, 92, 94, 95, 96, 97, 98],
  // Steam that is not under pressure is at most at the boil.
  steamOven: [85, 90, 95, 98, 100],
  grill: [110, 120, 130, 140, 150, 160, 170, 180],
};

/** Nearer than this makes no difference to a cook, min. */
const AS_LONG_MIN = 3;

function minutesAt(input: PlanInput, heat: PlanHeat): number {
  return slowestAtTarget(plannedRequest({ ...input, heat }).request).atMin;
}

/** The lowest setting of a mode that comes nearest to `wantedMin` in the pot. */
function settingFor(input: PlanInput, mode: HeatMode, wantedMin: number): PlanHeat {
  const most = mode === 'simmer' ? boilingAtC(input.altitudeM) - 1 : Infinity;
  const tried = TRIED_C[mode]
    .filter((t) => t <= most)
    .map((tempC) => {
      const heat = heatOf(mode, tempC);
      return { heat, off: Math.abs(minutesAt(input, heat) - wantedMin) };
    });
  const least = Math.min(...tried.map((t) => t.off));
  const first = tried.find((t) => t.off <= least + AS_LONG_MIN);
  return first?.heat ?? heatOf(mode, MODES[mode].usualC);
}

const RULES: Readonly<Record<HeatMode, Translation['changes']>> = {
  still: [{ what: 'One look at half time is enough', why: 'Heat comes from all sides and holds steady.' }],
  fan: [
    {
      what: 'Set it lower than a still oven',
      why: 'Moving air brings more heat to the pot at the same setting, and carries off more steam.',
    },
  ],
  simmer: [
    { what: 'Look after a quarter of an hour, then every half hour', why: 'A flame is set by eye, and it drifts.' },
    {
      what: 'Move the pieces whenever you look',
      why: 'All the heat comes in through the floor: what lies there can catch.',
    },
  ],
  steamOven: [
    {
      what: 'Leave the lid off if you like',
      why: 'The air is as moist as it can be: nothing dries and nothing evaporates.',
    },
    { what: 'Reduce the sauce afterwards, all of it', why: 'None of it goes while it braises.' },
  ],
  grill: [
    {
      what: 'Outdoors, and never unwatched',
      why: 'It gives off carbon monoxide, and fire needs an eye. Follow your local food-safety guidance.',
    },
    {
      what: 'Test the fork earlier and more than once',
      why: 'Its air wanders by 15 °C and more, twice as much as an oven’s: the window is wider.',
    },
  ],
};

/** The warmest the liquid gets before the meat is ready; a look just before does not count, °C. */
function warmestC(plan: Plan): number {
  const { minutes, liquidC } = plan.course;
  const ready = (plan.day.ready.p50Ms - plan.day.intoPotMs) / 60_000;
  return Math.max(...liquidC.filter((_, i) => (minutes[i] as number) <= ready));
}

const SAME_L = 0.05;
const SAME_K = 1;

/** What pouring, looking and serving come to elsewhere, against the plan. */
function changesTo(plan: Plan, other: Plan, mode: HeatMode): Translation['changes'] {
  const changes: { what: string; why: string }[] = [];
  const litres = (l: number): string => formatVolume(l, METRIC);
  const steam = other.liquid.water.steam.value - plan.liquid.water.steam.value;
  if (Math.abs(steam) > SAME_L) {
    const had = other.liquid.water.perHour.value;
    changes.push({
      what: `Pour in about ${litres(Math.abs(steam))} ${steam > 0 ? 'more, or top up' : 'less'}`,
      why: `There about ${litres(had)} an hour goes as steam, here about ${litres(plan.liquid.water.perHour.value)}.`,
    });
  }
  const warmer = warmestC(other) - warmestC(plan);
  if (Math.abs(warmer) > SAME_K) {
    changes.push({
      what: `The liquid stands at about ${String(Math.round(warmestC(other)))} °C, not ${String(Math.round(warmestC(plan)))} °C`,
      why:
        warmer > 0
          ? 'It bubbles more: look that it stays lazy.'
          : 'It bubbles less, or not at all; that is as it should be.',
    });
  }
  return [...changes, ...RULES[mode]];
}

/**
 * The plan's braise taken to each other place, at the setting that the model says takes most nearly as long. Places where
 * it cannot be cooked are left out.
 */
export function translate(input: PlanInput): Translation[] {
  const here = composePlan(input, 0);
  if (!here.ok) return [];
  const wantedMin = (here.plan.day.ready.p50Ms - here.plan.day.intoPotMs) / 60_000;
  return HEAT_MODES.filter((m) => m !== heatMode(input.heat)).flatMap((mode): Translation[] => {
    const heat = settingFor(input, mode, wantedMin);
    const there = composePlan({ ...input, heat }, 0);
    if (!there.ok) return [];
    const { plan } = there;
    const minutes = (plan.day.ready.p50Ms - plan.day.intoPotMs) / 60_000;
    const longer = minutes - wantedMin;
    return [
      {
        mode,
        says: heatWords(heat),
        input: plan.input,
        minutes,
        liquidC: warmestC(plan),
        steamLPerHour: plan.liquid.water.perHour.value,
        changes: [
          {
            what: `${MODES[mode].setTo} ${heatWithin(heat).replace(/^\D*/, '').replace(', fan', '')}`,
            why:
              Math.abs(longer) < AS_LONG_MIN * 2
                ? 'The setting that takes as long, by the model.'
                : `The nearest there is: ${formatMinutes(Math.abs(longer))} ${longer > 0 ? 'longer' : 'shorter'} in the pot.`,
          },
          ...changesTo(here.plan, plan, mode),
        ],
      },
    ];
  });
}

/** What an oven's dial does to a covered pot. */
export interface DialPoint {
  readonly tempC: number;
  /** The warmest the liquid gets, °C. */
  readonly liquidC: number;
  readonly minutes: number;
  readonly steamLPerHour: number;
}

const DIAL_C = [110, 120, 130, 140, 150, 160, 170, 180, 190, 200] as const;

/** The plan's braise at every setting of an oven; settings at which it would never be ready are left out. */
export function dialCurve(input: PlanInput): DialPoint[] {
  const fan = input.heat.kind === 'oven' && input.heat.fan;
  return DIAL_C.flatMap((tempC): DialPoint[] => {
    const result = composePlan({ ...input, heat: { kind: 'oven', tempC, fan } }, 0);
    if (!result.ok) return [];
    const { plan } = result;
    return [
      {
        tempC,
        liquidC: warmestC(plan),
        minutes: (plan.day.ready.p50Ms - plan.day.intoPotMs) / 60_000,
        steamLPerHour: plan.liquid.water.perHour.value,
      },
    ];
  });
}
