import { USUAL_AHEAD_MS } from './cookAhead';
import { checkPlanInput } from './check';
import {
  heatMode,
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

/** A way to cook the same meat, to be compared with others. */
export interface ComparedPlan {
  readonly id: string;
  readonly says: Message;
  readonly input: PlanInput;
}

/** Results of one way. Times in ms, litres, minutes; shares of one. */
export interface WayResult {
  readonly way: ComparedPlan;
  readonly startMs: number;
  readonly intoPotMs: number;
  readonly ready: Plan['day']['ready'];
  readonly serveMs: number;
  /** When finishing starts: at once if eaten the same day, out of the fridge if cooked ahead. */
  readonly finishFromMs: number;
  /** Minutes between the target and its end, median. */
  readonly goodForMin: number;
  readonly handsOnMin: number;
  /** 80% range of hands-on minutes. */
  readonly handsOnRangeMin: MinutesRange;
  /** Poured in at the start. */
  readonly pouredL: number;
  /** Lost as steam by the time it is ready. */
  readonly steamedL: number;
  /** In the pot when it is ready, before reducing. */
  readonly leftL: number;
  /** To add on the way, so that there is sauce for everybody and the pot is never dry. */
  readonly topUpL: number;
  readonly reduceMin: number;
  /** Water in the cooked meat. */
  readonly moisture: number;
  /** Energy used; null where nobody meters it. */
  readonly energy: Figure | null;
}

/** The plan with another heat, as a way. */
const heatWay = (input: PlanInput, heat: PlanHeat): Omit<ComparedPlan, 'id'> => ({
  says: heatSays(heat),
  input: withHeat(input, heat),
});

const OVENS_C = [130, 150, 170] as const;
const SIMMER_C = 95;

const differs = (a: PlanInput, b: PlanInput): boolean => JSON.stringify(a) !== JSON.stringify(b);

/**
 * Other ways worth comparing: oven low, medium and hot, the stove, a steam oven, a barbecue, the day before, smaller
 * pieces, a heavy lid. The present plan comes first. `modes` are this kitchen's heat sources.
 */
export function waysToCompare(input: PlanInput, modes: readonly HeatMode[]): ComparedPlan[] {
  const here = mainStage(input).heat;
  const ovens = modes.filter((mode) => MODES[mode].place === 'oven' && mode !== 'steamOven');
  const oven = here.kind === 'oven' ? heatMode(here) : ovens.includes('fan') ? 'fan' : ovens[0];
  const smaller = smallerPieces(input);
  const others: ComparedPlan[] = [
    ...(oven === undefined ? [] : OVENS_C).map((tempC) => ({
      id: `oven${String(tempC)}`,
      ...heatWay(input, heatOf(oven ?? 'still', tempC)),
    })),
    {
      id: 'stove',
      ...heatWay(input, { kind: 'simmer', tempC: SIMMER_C }),
    },
    ...modes
      .filter((mode) => mode !== oven && mode !== 'still' && mode !== 'fan' && mode !== 'simmer')
      .map((mode) => ({ id: mode, ...heatWay(input, heatOf(mode, MODES[mode].usualC)) })),
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

function resultOf(way: ComparedPlan, plan: Plan): WayResult {
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

/** Plans every way, regardless of the time now; one that cannot be cooked says why in `faults`. */
export function compareWays(ways: readonly ComparedPlan[]): {
  readonly results: readonly WayResult[];
  readonly faults: readonly { readonly way: ComparedPlan; readonly fault: Message }[];
} {
  const results: WayResult[] = [];
  const faults: { way: ComparedPlan; fault: Message }[] = [];
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

/** How `other` differs from `base`, in one sentence; differences too small to notice are left out. */
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
