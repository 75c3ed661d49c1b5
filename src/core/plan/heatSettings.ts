import {
  HEAT_MODES,
  heatMode,
  type HeatMode,
  heatOf,
  heatSays,
  mainStage,
  MODES,
  type PlanHeat,
  type PlanInput,
  withHeat,
} from '../choices';
import { composePlan, type Plan } from './plan';
import { boilingAtC, plannedRequest } from './engineRequest';
import { slowestAtTarget } from '../forecast';
import { litres, type Message, minutes as time, say, tempC } from '../message';
import { MINUTE_MS } from '../quantity';

/** The same braise somewhere else: the setting that takes about as long, and what changes. */
export interface SettingElsewhere {
  readonly mode: HeatMode;
  readonly says: Message;
  readonly input: PlanInput;
  /** Nominal minutes in the pot until it is ready. */
  readonly minutes: number;
  /** The liquid's highest temperature, °C. */
  readonly liquidC: number;
  /** Steam, l/h. */
  readonly steamLPerHour: number;
  /** What the cook does differently, and why. */
  readonly changes: readonly { readonly what: Message; readonly why: Message }[];
}

const TRIED_C: Readonly<Record<HeatMode, readonly number[]>> = {
  still: [110, 120, 130, 140, 150, 160, 170, 180, 190, 200],
  fan: [100, 110, 120, 130, 140, 150, 160, 170, 180],
  gas: [110, 120, 130, 140, 150, 160, 170, 180, 190, 200],
  // By thermometer well below the boil, or by eye just below it; see `manualSimmerC`.
  simmer: [86, 88, 90, 92, 98],
  // Unpressurised steam is at most at the boil.
  steamOven: [85, 90, 95, 98, 100],
  grill: [110, 120, 130, 140, 150, 160, 170, 180],
};

/** A smaller difference does not matter to a cook, min. */
const AS_LONG_MIN = 3;

/** The lowest setting of a mode that comes closest to `wantedMin` in a pot that does not run dry. */
function settingFor(input: PlanInput, mode: HeatMode, wantedMin: number): PlanHeat {
  const most = MODES[mode].underTheBoil ? boilingAtC(input.altitudeM) - 1 : Infinity;
  const tried = TRIED_C[mode]
    .filter((t) => t <= most)
    .flatMap((tempC) => {
      const heat = heatOf(mode, tempC);
      const { atMin, dry } = slowestAtTarget(plannedRequest(withHeat(input, heat)).request);
      return dry ? [] : [{ heat, off: Math.abs(atMin - wantedMin) }];
    });
  const least = Math.min(...tried.map((t) => t.off));
  const first = tried.find((t) => t.off <= least + AS_LONG_MIN);
  return first?.heat ?? heatOf(mode, MODES[mode].usualC);
}

/** What is done differently in each place, whatever the braise; the words say what and why. */
type Rule =
  'oneLook' | 'setLower' | 'lidOn' | 'lookEarly' | 'movePieces' | 'lidOff' | 'reduceAfter' | 'outdoors' | 'testEarly';

const RULES: Readonly<Record<HeatMode, readonly Rule[]>> = {
  still: ['oneLook'],
  fan: ['setLower'],
  gas: ['lidOn'],
  simmer: ['lookEarly', 'movePieces'],
  steamOven: ['lidOff', 'reduceAfter'],
  grill: ['outdoors', 'testEarly'],
};

/** The liquid's highest temperature before the meat is ready, not counting a check just before, °C. */
function warmestC(plan: Plan): number {
  const { minutes, liquidC } = plan.course;
  const ready = (plan.day.ready.p50Ms - plan.day.intoPotMs) / MINUTE_MS;
  return Math.max(...liquidC.filter((_, i) => (minutes[i] as number) <= ready));
}

const SAME_L = 0.05;
const SAME_K = 1;

/** What liquid, checks and serving would be elsewhere, compared with the plan. */
function changesTo(plan: Plan, other: Plan, mode: HeatMode): SettingElsewhere['changes'] {
  const steam = other.liquid.water.steam.value - plan.liquid.water.steam.value;
  const warmer = warmestC(other) - warmestC(plan);
  return [
    ...(Math.abs(steam) > SAME_L
      ? [
          {
            what: say(`elsewhere.${steam > 0 ? 'pourMore' : 'pourLess'}`, { by: litres(Math.abs(steam)) }),
            why: say(`elsewhere.${steam > 0 ? 'pourMore' : 'pourLess'}.why`, {
              there: litres(other.liquid.water.perHour.value),
              here: litres(plan.liquid.water.perHour.value),
            }),
          },
        ]
      : []),
    ...(Math.abs(warmer) > SAME_K
      ? [
          {
            what: say(`elsewhere.${warmer > 0 ? 'warmer' : 'cooler'}`, {
              there: tempC(warmestC(other)),
              here: tempC(warmestC(plan)),
            }),
            why: say(`elsewhere.${warmer > 0 ? 'warmer' : 'cooler'}.why`),
          },
        ]
      : []),
    ...RULES[mode].map((rule) => ({ what: say(`elsewhere.${rule}`), why: say(`elsewhere.${rule}.why`) })),
  ];
}

/**
 * The plan's braise in each other place, at the setting that takes most nearly as long by the model. Places where it
 * cannot be cooked, or boils dry first, are left out.
 */
export function settingsElsewhere(input: PlanInput): SettingElsewhere[] {
  const here = composePlan(input, 0);
  if (!here.ok) return [];
  const wantedMin = (here.plan.day.ready.p50Ms - here.plan.day.intoPotMs) / MINUTE_MS;
  return HEAT_MODES.filter((m) => m !== heatMode(mainStage(input).heat)).flatMap((mode): SettingElsewhere[] => {
    const heat = settingFor(input, mode, wantedMin);
    const there = composePlan(withHeat(input, heat), 0);
    if (!there.ok || there.plan.forecast.dry.chance > 0) return [];
    const { plan } = there;
    const minutes = (plan.day.ready.p50Ms - plan.day.intoPotMs) / MINUTE_MS;
    const longer = minutes - wantedMin;
    return [
      {
        mode,
        says: heatSays(heat),
        input: plan.input,
        minutes,
        liquidC: warmestC(plan),
        steamLPerHour: plan.liquid.water.perHour.value,
        changes: [
          {
            what: say(`elsewhere.set.${mode}`, { temp: tempC(heat.tempC) }),
            why: say(
              Math.abs(longer) < AS_LONG_MIN * 2
                ? 'elsewhere.asLong'
                : `elsewhere.${longer > 0 ? 'longer' : 'shorter'}`,
              { by: time(Math.abs(longer)) },
            ),
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
  /** The liquid's highest temperature, °C. */
  readonly liquidC: number;
  readonly minutes: number;
  readonly steamLPerHour: number;
}

const DIAL_C = [110, 120, 130, 140, 150, 160, 170, 180, 190, 200] as const;

/** The plan's braise at every oven setting; those at which it would never be ready, or boil dry first, are left out. */
export function dialCurve(input: PlanInput): DialPoint[] {
  const { heat } = mainStage(input);
  const oven = heat.kind === 'oven' ? heatMode(heat) : 'still';
  return DIAL_C.flatMap((tempC): DialPoint[] => {
    const result = composePlan(withHeat(input, heatOf(oven, tempC)), 0);
    if (!result.ok || result.plan.forecast.dry.chance > 0) return [];
    const { plan } = result;
    return [
      {
        tempC,
        liquidC: warmestC(plan),
        minutes: (plan.day.ready.p50Ms - plan.day.intoPotMs) / MINUTE_MS,
        steamLPerHour: plan.liquid.water.perHour.value,
      },
    ];
  });
}
