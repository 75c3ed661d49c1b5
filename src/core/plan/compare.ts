import { USUAL_AHEAD_MS } from './cookAhead';
import { checkPlanInput } from './check';
import {
  type HeatMode,
  heatOf,
  heatSays,
  mainStage,
  MODES,
  type PlanHeat,
  type PlanInput,
  withHeat,
  withLid,
} from '../choices';
import { composePlan, type Plan } from './plan';
import { lidsFor } from '../larder';
import { smallerPieces } from './alternatives';
import { DRY_L } from './warnings';
import {
  type Code,
  type Figure,
  kWh,
  listParam,
  litres,
  type Message,
  minutes,
  type Param,
  say,
  share,
} from '../message';
import { type MinutesRange } from '../schedule';
import { MINUTE_MS } from '../quantity';

/** A way to cook the same meat, to be set beside others. */
export interface Way {
  readonly id: string;
  readonly says: Message;
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

/** The plan with another heat, as a way. */
const heatWay = (input: PlanInput, heat: PlanHeat): Omit<Way, 'id'> => ({
  says: heatSays(heat),
  input: withHeat(input, heat),
});

const OVENS_C = [130, 150, 170] as const;
const SIMMER_C = 95;

const differs = (a: PlanInput, b: PlanInput): boolean => JSON.stringify(a) !== JSON.stringify(b);

/**
 * Other ways worth a look: oven low, middling and hot, the stove, a steam oven, a grill, the day before, pieces cut smaller, a heavy lid. The plan as it
 * is comes first. `modes` is what the kitchen can heat a pot with.
 */
export function waysToCompare(input: PlanInput, modes: readonly HeatMode[]): Way[] {
  const here = mainStage(input).heat;
  const withFan = here.kind === 'oven' ? here.fan : modes.includes('fan');
  const smaller = smallerPieces(input);
  const others: Way[] = [
    ...(modes.includes('still') ? OVENS_C : []).map((tempC) => ({
      id: `oven${String(tempC)}`,
      ...heatWay(input, { kind: 'oven', tempC, fan: withFan }),
    })),
    {
      id: 'stove',
      ...heatWay(input, { kind: 'simmer', tempC: SIMMER_C }),
    },
    ...(['steamOven', 'grill'] as const)
      .filter((mode) => modes.includes(mode))
      .map((mode) => {
        return { id: mode, ...heatWay(input, heatOf(mode, MODES[mode].usualC)) };
      }),
    ...(input.day.ahead
      ? []
      : [
          {
            id: 'ahead',
            says: say('compare.dayBefore'),
            input: { ...input, day: { ...input.day, ahead: { fridgeByMs: input.serveAtMs - USUAL_AHEAD_MS } } },
          },
        ]),
    ...(smaller ? [{ id: 'smaller', ...smaller }] : []),
    ...(mainStage(input).lid === 'heavy' || !lidsFor(input.pot).includes('heavy')
      ? []
      : [{ id: 'lid', says: say('compare.heavyLid'), input: withLid(input, 'heavy') }]),
  ];
  return [
    { id: 'plan', says: say('compare.asPlanned', { heat: heatSays(here) }), input },
    ...others.filter((w) => differs(w.input, input)),
  ];
}

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
  readonly faults: readonly { readonly way: Way; readonly fault: Message }[];
} {
  const results: WayResult[] = [];
  const faults: { way: Way; fault: Message }[] = [];
  for (const way of ways) {
    const [fault] = checkPlanInput(way.input, 0);
    const made = fault ? ({ ok: false, faults: [fault] } as const) : composePlan(way.input);
    if (made.ok) results.push(resultOf(way, made.plan));
    else faults.push(...made.faults.slice(0, 1).map(({ says }) => ({ way, fault: says })));
  }
  return { results, faults };
}

const SAME_MIN = 5;
const SAME_L = 0.03;
const SAME_SHARE = 0.005;
const SAME_KWH = 0.15;

function minutesInPot(r: WayResult): number {
  return (r.ready.p50Ms - r.intoPotMs) / MINUTE_MS;
}

function widthMin(r: WayResult): number {
  return (r.ready.p90Ms - r.ready.p10Ms) / MINUTE_MS;
}

type Difference = Extract<Code, `differs.${string}.less`> extends `differs.${infer Of}.less` ? Of : never;

/** How `other` differs from `base`, in one sentence; what differs by less than can be told apart is left out. */
export function difference(base: WayResult, other: WayResult): Message {
  const parts: Message[] = [];
  const part = (code: Difference, by: number, least: number, quantity: (value: number) => Param): void => {
    if (Math.abs(by) >= least)
      parts.push(say(`differs.${code}.${by < 0 ? 'less' : 'more'}`, { by: quantity(Math.abs(by)) }));
  };
  part('inPot', minutesInPot(other) - minutesInPot(base), SAME_MIN, minutes);
  part('window', widthMin(other) - widthMin(base), SAME_MIN, minutes);
  part('good', other.goodForMin - base.goodForMin, SAME_MIN, minutes);
  part('steam', other.steamedL - base.steamedL, SAME_L, litres);
  part('hands', other.handsOnMin - base.handsOnMin, SAME_MIN, minutes);
  if (base.energy && other.energy) part('energy', other.energy.value - base.energy.value, SAME_KWH, kWh);
  part('moisture', other.moisture - base.moisture, SAME_SHARE, share);
  return parts.length === 0 ? say('differs.nothing') : say('differs.all', { parts: listParam(parts, 'comma') });
}
