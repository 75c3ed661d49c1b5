import {
  type DetailedCourse,
  FAST_CELLS,
  type Heat,
  runBraise,
  runDetailed,
  type StepRule,
  type TimeGrid,
  WATER_KG_PER_L,
} from '../heat';
import { figure, type Figure, input as from, tempC } from '../message';
import { assemble, type BraiseRequest, NO_SURPRISES, stepAt, UNEVENTFUL } from '../forecast';
import { FRIDGE_C, ROOM_C } from '../material';
import { POT_MATTER } from '../larder';

/**
 * Limits of cooling in two stages: from 57 to 21 °C within two hours, to 5 °C within six in all. Source: FDA Food Code
 * 3-501.14.
 */
export const COOLING_LIMIT = { fromC: 57, warmC: 21, coldC: 5, warmMin: 120, coldMin: 360 } as const;
/** Served again it has been through and through at this, °C. */
export const REHEAT_C = 74;

/** How a pot of braise goes from the heat to cold. Minutes. */
export interface Cooling {
  /** In ice water, stirred now and then, from the heat until `handoverC`. */
  readonly iceMin: number;
  /** Hottest spot when it goes from the ice water into the fridge, °C. */
  readonly handoverC: number;
  /** From there until the hottest spot is at 5 °C. */
  readonly fridgeMin: number;
  /** From 57 °C to 21 °C, and to 5 °C, at the hottest spot. */
  readonly warmMin: number;
  readonly coldMin: number;
  /** Within the two-stage limit. */
  readonly safe: boolean;
  /** What the hottest spot would still be at, two hours after it passed 57 °C, if it just stood there with its lid on, °C. */
  readonly standingC: number;
  /** Ice that melts, kg. */
  readonly iceKg: number;
}

const STEPS: readonly StepRule[] = [
  { fromS: 0, stepS: 30 },
  { fromS: 3600, stepS: 60 },
  { fromS: 6 * 3600, stepS: 300 },
];
const OFF_HEAT_C = 95;
const HORIZON_MIN = 30 * 60;
/** What may be warm when it goes into a fridge beside other food, tried from the warmest. */
const HANDOVERS_C = [21, 15, 12, 10, 8, 6, 5] as const;
const MELTING_JKG = 334_000;
/** Braise and pot fall by this in the ice water; what the kitchen adds is made up for. */
const ICE_SPARE = 1.3;

/** The hottest spot at the end of each step, °C. */
function hottest(course: DetailedCourse, grid: TimeGrid): Float64Array {
  const out = Float64Array.from(course.liquidC);
  course.profiles.forEach((profile) => {
    const cells = profile.length / grid.count;
    for (let step = 0; step < grid.count; step++) {
      for (let i = 0; i < cells; i++) {
        const temp = profile[step * cells + i] as number;
        if (temp > (out[step] as number)) out[step] = temp;
      }
    }
  });
  return out;
}

function run(request: BraiseRequest, heats: BraiseRequest['heats']): { readonly grid: TimeGrid; hot: Float64Array } {
  const assembly = assemble({ ...request, heats }, HORIZON_MIN, STEPS, []);
  const { grid } = assembly;
  return { grid, hot: hottest(runDetailed(assembly.setup(NO_SURPRISES), grid, FAST_CELLS), grid) };
}

/** Minutes until the hottest spot is no warmer than `tempC`; Infinity if never. */
function minutesTo({ grid, hot }: ReturnType<typeof run>, tempC: number): number {
  const step = hot.findIndex((t) => t <= tempC);
  return step < 0 ? Infinity : (grid.endS[step] as number) / 60;
}

/**
 * Cools the pot of a braise that holds `liquidL` when it comes off the heat: in ice water, stirred, only as long as it
 * takes for the fridge to finish within the limit. The meat stays in its liquid. Vegetables are left out.
 */
export function coolPot(braise: BraiseRequest, liquidL: number): Cooling {
  const request: BraiseRequest = {
    ...braise,
    ...UNEVENTFUL,
    groups: braise.groups.map((g) => ({ ...g, startTempC: OFF_HEAT_C })),
    vegetables: [],
    liquidL: Math.max(0.1, liquidL),
    liquidTempC: OFF_HEAT_C,
    lids: [{ atMin: 0, lid: 'none' }],
  };
  const { fromC, warmC, coldC, warmMin, coldMin } = COOLING_LIMIT;
  const ice: Heat = { kind: 'iceWater', stirred: true };
  const inIce = run(request, [{ atMin: 0, heat: ice }]);
  const standing = run({ ...request, lids: [{ atMin: 0, lid: 'heavy' }] }, [{ atMin: 0, heat: { kind: 'off' } }]);
  const meatKg = request.groups.reduce((sum, g) => sum + g.massKg, 0);
  const capacityJK =
    (request.liquidL * WATER_KG_PER_L + meatKg) * 3700 + request.pot.massKg * POT_MATTER[request.pot.material].heatJKgK;
  const through = (handoverC: number): Cooling => {
    const iceMin = Math.ceil(minutesTo(inIce, handoverC));
    const course = run(request, [
      { atMin: 0, heat: ice },
      { atMin: iceMin, heat: { kind: 'fridge', fan: false } },
    ]);
    const from57 = minutesTo(course, fromC);
    const cold = minutesTo(course, coldC);
    const stages = { warmMin: minutesTo(course, warmC) - from57, coldMin: cold - from57 };
    return {
      iceMin,
      handoverC,
      fridgeMin: Math.max(0, cold - iceMin),
      ...stages,
      safe: stages.warmMin <= warmMin && stages.coldMin <= coldMin,
      standingC: standing.hot[stepAt(standing.grid, minutesTo(standing, fromC) + warmMin)] as number,
      iceKg: (capacityJK * (OFF_HEAT_C - handoverC) * ICE_SPARE) / (MELTING_JKG + 4180 * FRIDGE_C),
    };
  };
  let last = through(HANDOVERS_C[0]);
  for (const handoverC of HANDOVERS_C.slice(1)) {
    if (last.safe) break;
    last = through(handoverC);
  }
  return last;
}

/** Warming a braise again. Minutes. */
export interface Reheating {
  /** Until the middle of every piece is at 74 °C, in its sauce on a gentle burner. */
  readonly minutes: number;
  readonly powerW: number;
}

/** A flame low enough not to catch, W into the pot; what the burner gives if that is less. */
const GENTLE_W = 600;

/**
 * Warms the meat, fridge cold, in `sauceL` of sauce to 74 °C through and through: the longer of what the flame can bring
 * and what heat needs to reach the middle of a piece from sauce just below the boil.
 */
export function reheatPot(braise: BraiseRequest, sauceL: number, powerW: number): Reheating {
  const gentleW = Math.min(GENTLE_W, powerW);
  const meatKg = braise.groups.reduce((sum, g) => sum + g.massKg, 0);
  const vesselJK = braise.pot.massKg * POT_MATTER[braise.pot.material].heatJKgK;
  const flameMin = (((meatKg + sauceL * WATER_KG_PER_L) * 3700 + vesselJK) * (REHEAT_C - FRIDGE_C)) / gentleW / 60;
  const assembly = assemble(
    {
      ...braise,
      ...UNEVENTFUL,
      groups: braise.groups.map((g) => ({ ...g, startTempC: FRIDGE_C })),
      vegetables: [],
      liquidL: Math.max(0.1, sauceL),
      liquidTempC: 90,
      lids: [{ atMin: 0, lid: 'heavy' }],
      heats: [{ atMin: 0, heat: { kind: 'simmer', tempC: 90 } }],
    },
    6 * 60,
    STEPS,
    [],
  );
  const { grid } = assembly;
  const course = runBraise(assembly.setup(NO_SURPRISES), grid, FAST_CELLS);
  const step = grid.endS.findIndex((_, i) => course.coreC.every((core) => (core[i] as number) >= REHEAT_C));
  const throughMin = step < 0 ? Infinity : (grid.endS[step] as number) / 60;
  return { minutes: Math.max(flameMin, throughMin), powerW: gentleW };
}

/** What cooking the day before brings with it, as figures that answer why. */
export interface AheadFigures {
  readonly ice: Figure;
  readonly iceWater: Figure;
  readonly warm: Figure;
  readonly cold: Figure;
  readonly standing: Figure;
  readonly reheat: Figure;
}

export function aheadFigures(
  cooling: Cooling,
  reheating: Reheating,
  request: BraiseRequest,
  liquidL: number,
): AheadFigures {
  const pot = [
    from('liquid', liquidL, 'volume'),
    from(
      'meat',
      request.groups.reduce((sum, g) => sum + g.massKg, 0),
      'mass',
    ),
  ] as const;
  const minutes = (id: string, value: number, inputs: Figure['inputs'] = pot): Figure =>
    figure(`care.${id}`, value, 'minutes', 'estimate', inputs);
  return {
    ice: figure('care.ice', cooling.iceKg, 'mass', 'estimate', [
      ...pot,
      from('cooledTo', cooling.handoverC, 'temperature'),
    ]),
    iceWater: minutes('iceWater', cooling.iceMin),
    warm: minutes('warm', cooling.warmMin),
    cold: minutes('cold', cooling.coldMin),
    standing: figure('care.standing', cooling.standingC, 'temperature', 'estimate', pot, {
      params: { room: tempC(ROOM_C) },
    }),
    reheat: minutes('reheat', reheating.minutes, [...pot, from('aGentleFlame', reheating.powerW, 'power')]),
  };
}
