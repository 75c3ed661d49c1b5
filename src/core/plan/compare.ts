import { USUAL_AHEAD_MS } from './ahead';
import { checkPlanInput } from './check';
import { heatOf, heatWithin, heatWords, MODES } from './heats';
import { type PlanInput } from './input';
import { composePlan, type Plan } from './plan';
import { smallerPieces } from './waysOut';
import { DRY_L } from './words';
import { type Figure } from '../explain/figure';
import { formatMinutes, formatVolume } from '../quantity/format';
import { type MinutesRange } from '../schedule/spread';
import { METRIC } from '../quantity/units';

/** A way to cook the same meat, to be set beside others. */
export interface Way {
  readonly id: string;
  readonly says: string;
  readonly input: PlanInput;
}

/** What a way comes to. Moments in ms, litres, minutes; shares of one. */
export interface WayResult {
  readonly way: Way;
  readonly startMs: number;
  readonly intoPotMs: number;
  readonly ready: Plan['day']['ready'];
  readonly serveMs: number;
  /** When finishing begins: at once when it is eaten the same day, out of the fridge when it is cooked ahead. */
  readonly finishFromMs: number;
  /** Minutes between the target and its end, at the median. */
  readonly goodForMin: number;
  readonly handsOnMin: number;
  /** Hands-on minutes in eight days of ten. */
  readonly handsOnRangeMin: MinutesRange;
  /** Poured in at the start. */
  readonly pouredL: number;
  /** Gone as steam by the time it is ready. */
  readonly steamedL: number;
  /** In the pot when it is ready, before it is reduced. */
  readonly leftL: number;
  /** To pour in on the way, so that there is sauce for everybody and the pot never dry. */
  readonly topUpL: number;
  readonly reduceMin: number;
  /** Water in the cooked meat. */
  readonly moisture: number;
  /** What it draws; null where nobody meters it. */
  readonly energy: Figure | null;
}

const OVENS_C = [130, 150, 170] as const;
const SIMMER_C = 95;

const differs = (a: PlanInput, b: PlanInput): boolean => JSON.stringify(a) !== JSON.stringify(b);

/**
 * Other ways worth a look: oven low, middling and hot, the stove, a steam oven, a grill, the day before, pieces cut smaller, a heavy lid. The plan as it
 * is comes first. `fan` is whether the kitchen's oven blows.
 */
export function waysToCompare(input: PlanInput, fan: boolean): Way[] {
  const withFan = input.heat.kind === 'oven' ? input.heat.fan : fan;
  const smaller = smallerPieces(input);
  const others: Way[] = [
    ...OVENS_C.map((tempC) => ({
      id: `oven${String(tempC)}`,
      says: `Oven ${String(tempC)} °C${withFan ? ', fan' : ''}`,
      input: { ...input, heat: { kind: 'oven' as const, tempC, fan: withFan } },
    })),
    {
      id: 'stove',
      says: `Stove, held at ${String(SIMMER_C)} °C`,
      input: { ...input, heat: { kind: 'simmer', tempC: SIMMER_C } },
    },
    ...(['steamOven', 'grill'] as const).map((mode) => {
      const heat = heatOf(mode, MODES[mode].usualC);
      return { id: mode, says: heatWords(heat), input: { ...input, heat } };
    }),
    ...(input.day.ahead
      ? []
      : [
          {
            id: 'ahead',
            says: 'Cooked the day before',
            input: { ...input, day: { ...input.day, ahead: { fridgeByMs: input.serveAtMs - USUAL_AHEAD_MS } } },
          },
        ]),
    ...(smaller ? [{ id: 'smaller', ...smaller }] : []),
    ...(input.lid === 'heavy'
      ? []
      : [{ id: 'lid', says: 'Under a heavy lid', input: { ...input, lid: 'heavy' as const } }]),
  ];
  return [
    { id: 'plan', says: `As planned, ${heatWithin(input.heat)}`, input },
    ...others.filter((w) => differs(w.input, input)),
  ];
}

const PARTICLES = 256;

function resultOf(way: Way, plan: Plan): WayResult {
  const { day, finished } = plan;
  return {
    way,
    startMs: day.startMs,
    intoPotMs: day.intoPotMs,
    ready: day.ready,
    serveMs: day.serveMs,
    finishFromMs: day.spans.find((s) => s.id === 'finish')?.fromMs ?? day.serveMs,
    goodForMin: plan.goodForMin,
    handsOnMin: day.handsOnMinutes,
    handsOnRangeMin: day.handsOnRangeMin,
    pouredL: plan.liquidL,
    steamedL: plan.liquid.water.steam.value,
    leftL: finished.liquidL,
    topUpL: Math.max(0, Math.max(DRY_L, way.input.eaters * way.input.finish.sauceLPerPlate) - finished.liquidL),
    reduceMin: finished.reduceMinutes,
    moisture: finished.meatWaterKg / finished.cookedKg,
    energy: plan.energy,
  };
}

/** Plans every way, whatever the time is now; a way that cannot be cooked says why in `faults`. */
export function compareWays(ways: readonly Way[]): {
  readonly results: readonly WayResult[];
  readonly faults: readonly { readonly way: Way; readonly message: string }[];
} {
  const results: WayResult[] = [];
  const faults: { way: Way; message: string }[] = [];
  for (const way of ways) {
    const [fault] = checkPlanInput(way.input, 0);
    const made = fault ? ({ ok: false, faults: [fault] } as const) : composePlan(way.input, PARTICLES);
    if (made.ok) results.push(resultOf(way, made.plan));
    else faults.push({ way, message: made.faults[0]?.message ?? '' });
  }
  return { results, faults };
}

const SAME_MIN = 5;
const SAME_L = 0.03;
const SAME_SHARE = 0.005;
const SAME_KWH = 0.15;

function minutesInPot(r: WayResult): number {
  return (r.ready.p50Ms - r.intoPotMs) / 60_000;
}

function widthMin(r: WayResult): number {
  return (r.ready.p90Ms - r.ready.p10Ms) / 60_000;
}

/** How `other` differs from `base`, in one sentence; what differs by less than can be told apart is left out. */
export function difference(base: WayResult, other: WayResult): string {
  const parts: string[] = [];
  const time = minutesInPot(other) - minutesInPot(base);
  if (Math.abs(time) >= SAME_MIN)
    parts.push(`${formatMinutes(Math.abs(time))} ${time < 0 ? 'less' : 'more'} in the pot`);
  const width = widthMin(other) - widthMin(base);
  if (Math.abs(width) >= SAME_MIN) {
    parts.push(`a window ${formatMinutes(Math.abs(width))} ${width < 0 ? 'narrower' : 'wider'}`);
  }
  const good = other.goodForMin - base.goodForMin;
  if (Math.abs(good) >= SAME_MIN) {
    parts.push(`stays good ${formatMinutes(Math.abs(good))} ${good < 0 ? 'less' : 'longer'}`);
  }
  const steam = other.steamedL - base.steamedL;
  if (Math.abs(steam) >= SAME_L) {
    parts.push(`${formatVolume(Math.abs(steam), METRIC)} ${steam < 0 ? 'less' : 'more'} gone as steam`);
  }
  const hands = other.handsOnMin - base.handsOnMin;
  if (Math.abs(hands) >= SAME_MIN) {
    parts.push(`your hands for ${formatMinutes(Math.abs(hands))} ${hands < 0 ? 'less' : 'more'}`);
  }
  if (base.energy && other.energy) {
    const kWh = other.energy.value - base.energy.value;
    if (Math.abs(kWh) >= SAME_KWH) parts.push(`about ${Math.abs(kWh).toFixed(1)} kWh ${kWh < 0 ? 'less' : 'more'}`);
  }
  const moisture = other.moisture - base.moisture;
  if (Math.abs(moisture) >= SAME_SHARE) parts.push(`meat a little ${moisture < 0 ? 'drier' : 'juicier'}`);
  if (parts.length === 0) return 'No difference that could be told at the table.';
  const text = parts.join(', ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}
