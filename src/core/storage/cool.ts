import { type Contents } from './keepWarm';
import { BOX_COEFFICIENTS, freezeMin, layerTimes, microwaveMin } from './layer';
import { FRIDGE_FROM_C } from './limits';
import { type CoolingTrace, keptCourse, type KeptPhase, reaches } from './potTrace';
import { warmFridge, type WarmedFridge } from './fridge';
import { LIQUID_HEAT_JKGK } from '../heat';
import { POT_MATTER } from '../larder';
import { FRIDGE_C } from '../material';
import { type CoolingLimit } from '../safety';

/** How a pot of braise cools. Minutes from when cooling starts. */
export interface Cooling {
  /** In ice water, stirred now and then, until `handoverC`. */
  readonly iceMin: number;
  /** Hottest spot when it goes from ice water into the fridge, °C. */
  readonly handoverC: number;
  /** From there until the hottest spot is cold. */
  readonly fridgeMin: number;
  /** From the start of the clock to warm, and to cold, at the hottest spot. */
  readonly warmMin: number;
  readonly coldMin: number;
  /** Within the local limit. */
  readonly safe: boolean;
  /** When the hottest spot passes the clock's starting temperature. */
  readonly clockMin: number;
  /** Temperature of the hottest spot at the warm deadline if it just stood with its lid on, °C. */
  readonly standingC: number;
  /** Ice that melts, kg. */
  readonly iceKg: number;
}

/** A cooling as its trace. */
export interface Cooled extends Cooling {
  readonly course: CoolingTrace;
}

const HOT_C = 95;
const LONGEST_MIN = 30 * 60;
/** Temperatures tried for moving it into a fridge, warmest first. */
const HANDOVERS_C = [FRIDGE_FROM_C, 15, 12, 10, 8, 6, 5, 4, 3.5] as const;
const MELTING_JKG = 334_000;
/** Braise and pot drop by this in the ice water; heat from the kitchen is allowed for. */
const ICE_SPARE = 1.3;
const TEPID_C = 21;

function run(contents: Contents, liquidKg: number, startC: number, phases: readonly KeptPhase[]): CoolingTrace {
  return keptCourse({
    pot: contents.pot,
    liquidKg: Math.max(0.1, liquidKg),
    startC,
    groups: contents.groups.map((g) => ({ ...g, startC })),
    phases,
    minutes: LONGEST_MIN,
    altitudeM: contents.altitudeM,
  });
}

/**
 * A trace against a limit: when its clock starts, and minutes to warm and cold from there. `underMin` is how long it
 * had already been below the starting temperature.
 */
function against(course: CoolingTrace, limit: CoolingLimit, underMin = 0) {
  const clockMin = reaches(course, 'hottestC', limit.fromC, 'down') - underMin;
  const warmMin = reaches(course, 'hottestC', limit.warm?.tempC ?? TEPID_C, 'down') - clockMin;
  const coldMin = reaches(course, 'hottestC', limit.cold.tempC, 'down') - clockMin;
  return {
    clockMin,
    warmMin,
    coldMin,
    safe: coldMin <= limit.cold.min && (limit.warm === null || warmMin <= limit.warm.min),
  };
}

/** Ice melted while pot, meat and liquid cool, kg. */
function iceKg(contents: Contents, liquidKg: number, fromC: number, toC: number): number {
  const meatJK = contents.groups.reduce((sum, g) => sum + g.pieces.volumeM3 * g.pieces.volumetricHeatJM3K, 0);
  const heatJK =
    liquidKg * LIQUID_HEAT_JKGK + meatJK + contents.pot.massKg * POT_MATTER[contents.pot.material].heatJKgK;
  return (heatJK * (fromC - toC) * ICE_SPARE) / (MELTING_JKG + LIQUID_HEAT_JKGK * FRIDGE_C);
}

/**
 * Cools an open pot in ice water, stirred, only as long as the fridge needs to finish within the limit. The meat stays
 * in its liquid. Vegetables are left out.
 */
export function coolPot(
  contents: Contents,
  liquidKg: number,
  limit: CoolingLimit,
  startC = HOT_C,
  underMin = 0,
): Cooled {
  const ice = { fromMin: 0, where: { kind: 'bath', waterC: 0, stirred: true, lid: false } } as const;
  const standing = run(contents, liquidKg, startC, [{ fromMin: 0, where: { kind: 'room', lid: true } }]);
  const inIce = run(contents, liquidKg, startC, [ice]);
  const due = reaches(standing, 'hottestC', limit.fromC, 'down') + (limit.warm?.min ?? limit.cold.min);
  const standingC = standing.hottestC[standing.minutes.findIndex((m) => m >= due)] ?? startC;
  const through = (handoverC: number): Cooled => {
    const iceMin = Math.ceil(reaches(inIce, 'hottestC', handoverC, 'down'));
    const course = run(contents, liquidKg, startC, [
      ice,
      { fromMin: iceMin, where: { kind: 'fridge', airC: FRIDGE_C, lid: true } },
    ]);
    const found = against(course, limit, underMin);
    return {
      iceMin,
      handoverC,
      fridgeMin: Math.max(0, found.clockMin + found.coldMin - iceMin),
      ...found,
      standingC,
      iceKg: iceKg(contents, liquidKg, startC, handoverC),
      course,
    };
  };
  const tried = HANDOVERS_C.filter((c) => c >= limit.cold.tempC || c === FRIDGE_FROM_C);
  let last = through(tried[0] ?? FRIDGE_FROM_C);
  for (const handoverC of tried.slice(1)) {
    if (last.safe) break;
    last = through(handoverC);
  }
  return last;
}

/** Ways to cool leftovers. */
export const COOL_WAYS = ['ice', 'boxes', 'stand', 'fridge'] as const;
export type CoolMethod = (typeof COOL_WAYS)[number];

/** One way of cooling, min from now. */
export interface CoolingWay {
  readonly way: CoolMethod;
  /** When the clock starts; negative if it already has. */
  readonly clockMin: number;
  readonly warmMin: number;
  readonly coldMin: number;
  readonly safe: boolean;
  /** Temperature of the hottest spot, °C by min; for a box only where it passes the limits. */
  readonly points: readonly (readonly [min: number, tempC: number])[];
}

/** Ladling into boxes cools it to about this, °C. Estimate, no source. */
const BOX_FROM_C = 75;

/**
 * Every way to cool a pot of braise from `startC`: ice water and then the fridge, boxes of this depth straight into the
 * fridge, standing with its lid on, the hot pot in the fridge.
 */
export function coolingWays(
  contents: Contents,
  q: {
    readonly liquidKg: number;
    readonly startC: number;
    readonly boxMm: number;
    readonly limit: CoolingLimit;
    /** How long it has been below the clock's starting temperature, min. */
    readonly underMin?: number;
  },
): { readonly ways: readonly CoolingWay[]; readonly iceKg: number } {
  const { limit, underMin = 0 } = q;
  const ice = coolPot(contents, q.liquidKg, limit, q.startC, underMin);
  const pot = (where: KeptPhase['where']) => {
    const course = run(contents, q.liquidKg, q.startC, [{ fromMin: 0, where }]);
    return { ...against(course, limit, underMin), points: pointsOf(course) };
  };
  const films = BOX_COEFFICIENTS.still;
  const [under = 0, warm = Infinity, cold = Infinity] = layerTimes(
    {
      depthM: q.boxMm / 1000,
      startC: Math.min(q.startC, BOX_FROM_C),
      airC: FRIDGE_C,
      topFilm: films.top,
      bottomFilm: films.bottom,
      mixed: false,
    },
    [limit.fromC, limit.warm?.tempC ?? TEPID_C, limit.cold.tempC],
  );
  const clockMin = under - underMin;
  const boxes = { clockMin, warmMin: warm - clockMin, coldMin: cold - clockMin };
  const ways: CoolingWay[] = [
    {
      way: 'ice',
      clockMin: ice.clockMin,
      warmMin: ice.warmMin,
      coldMin: ice.coldMin,
      safe: ice.safe,
      points: pointsOf(ice.course),
    },
    {
      way: 'boxes',
      ...boxes,
      points: [
        [0, Math.min(q.startC, BOX_FROM_C)],
        ...(q.startC > limit.fromC ? [[under, limit.fromC] as const] : []),
        [warm, limit.warm?.tempC ?? TEPID_C],
        [cold, limit.cold.tempC],
      ],
      safe: boxes.coldMin <= limit.cold.min && (limit.warm === null || boxes.warmMin <= limit.warm.min),
    },
    { way: 'stand', ...pot({ kind: 'room', lid: true }) },
    { way: 'fridge', ...pot({ kind: 'fridge', airC: FRIDGE_C, lid: true }) },
  ];
  return { ways, iceKg: ice.iceKg };
}

const EVERY_MIN = 10;
const SHOWN_MIN = 12 * 60;

/** A trace's hottest spot every ten minutes for twelve hours. */
function pointsOf(course: CoolingTrace): (readonly [number, number])[] {
  const out: (readonly [number, number])[] = [];
  let next = 0;
  course.minutes.forEach((m, i) => {
    if (m < next || m > SHOWN_MIN) return;
    out.push([m, course.hottestC[i] as number]);
    next = m + EVERY_MIN;
  });
  return out;
}

/** What the hot pot would do to the fridge. */
export function potInFridge(contents: Contents, liquidKg: number, startC: number): WarmedFridge {
  const meatL = contents.groups.reduce((sum, g) => sum + g.pieces.volumeM3 * 1000, 0);
  const meatJK = contents.groups.reduce((sum, g) => sum + g.pieces.volumeM3 * g.pieces.volumetricHeatJM3K, 0);
  return warmFridge(contents.pot, liquidKg, meatJK, liquidKg / 0.97 + meatL, startC);
}

/** Reheating a braise. Minutes until the coldest spot is there. */
export interface Reheating {
  readonly minutes: number;
  /** Until the sauce alone is that hot. */
  readonly sauceMin: number;
  readonly powerW: number;
  /** Covered in an oven at `ovenC` instead. */
  readonly ovenMin: number;
  readonly ovenC: number;
}

/** A flame low enough not to scorch, W into the pot; the burner's power if that is less. */
const GENTLE_W = 600;
const SIMMERS_C = 95;
/** An oven for reheating a covered pot. Practice. */
const REHEAT_OVEN_C = 160;
const REHEAT_LONGEST_MIN = 8 * 60;

/**
 * Reheats the meat, fridge cold, in this much sauce until its coldest spot is at `toC`: on a low burner, and in the
 * oven.
 */
export function reheatPot(contents: Contents, sauceKg: number, powerW: number, toC: number): Reheating {
  const gentleW = Math.min(GENTLE_W, powerW);
  const warmed = (phase: Omit<KeptPhase, 'fromMin'>): CoolingTrace =>
    keptCourse({
      pot: contents.pot,
      liquidKg: Math.max(0.1, sauceKg),
      startC: FRIDGE_C,
      groups: contents.groups.map((g) => ({ ...g, startC: FRIDGE_C })),
      phases: [{ fromMin: 0, ...phase }],
      minutes: REHEAT_LONGEST_MIN,
      altitudeM: contents.altitudeM,
    });
  const flame = warmed({ where: { kind: 'room', lid: true, powerW: gentleW }, capC: SIMMERS_C });
  return {
    minutes: reaches(flame, 'coldestC', toC, 'up'),
    sauceMin: reaches(flame, 'liquidC', toC, 'up'),
    powerW: gentleW,
    ovenMin: reaches(warmed({ where: { kind: 'oven', airC: REHEAT_OVEN_C } }), 'coldestC', toC, 'up'),
    ovenC: REHEAT_OVEN_C,
  };
}

/** Reheating one box from the fridge in a microwave of this many watts, min. */
export const boxInMicrowaveMin = (kg: number, ratedW: number, toC: number): number =>
  microwaveMin(kg, ratedW, FRIDGE_C, toC);

/** A flat bag in a freezer at −18 °C, min until its middle is at −10. */
export const bagFreezesMin = (thicknessM: number): number => freezeMin(thicknessM, FRIDGE_C, -18, 9);
