import { courseAt, type KeptCourse, keptCourse, type KeptPhase, type KeptPieces, reaches } from './potCourse';
import { type KeptPot, lossW, potLoss, type Surrounding } from './potLoss';
import { assemble, type BraiseRequest, NOMINAL_PARAMETERS } from '../forecast';
import { PLAIN_STEPS } from '../heat';

/** Pieces and pot of a braise, as they are kept warm, cooled and warmed. */
export interface Contents {
  readonly pot: KeptPot;
  readonly groups: readonly Omit<KeptPieces, 'startC'>[];
  readonly altitudeM: number;
}

const known = new WeakMap<BraiseRequest, Contents>();

/** What is in the pot of a braise, as the heat law sees it. */
export function contentsOfBraise(request: BraiseRequest): Contents {
  const found = known.get(request);
  if (found) return found;
  const { bodies } = assemble(request, 60, PLAIN_STEPS, []).setup(NOMINAL_PARAMETERS);
  const contents: Contents = {
    pot: request.pot,
    groups: bodies.map(({ pieces }) => ({ pieces })),
    altitudeM: request.altitudeM,
  };
  known.set(request, contents);
  return contents;
}

/** Ways to keep what is done early until the plates go out. */
export const HOLD_WAYS = ['lid', 'towels', 'oven', 'flame'] as const;
export type HoldMethod = (typeof HOLD_WAYS)[number];

/** How one way of keeping it warm goes. */
export interface Held {
  readonly way: HoldMethod;
  /** Liquid when the plates go out, °C. */
  readonly atPlateC: number;
  /** Until it is under the limit for food kept hot, min; Infinity if it stays over it. */
  readonly safeMin: number;
  /** The same, eight times in ten. */
  readonly safeRange: readonly [number, number];
  /** Cook value the slowest quarter gains until the plate, min at 95 °C. */
  readonly gained: number;
  readonly lostKg: number;
  /** What the flame has to give, W into the pot; the oven's setting, °C. Null elsewhere. */
  readonly setting: number | null;
  readonly course: KeptCourse;
}

const HOLD_OVEN_C = 90;
/** A flame that holds it here: under the boil, well over the limit. */
const HOLD_FLAME_C = 88;
const TWO_TOWELS = 0.3;
/** Spread of the logarithm of the minutes. Modeller's judgement. */
const SPREAD = 0.2;
const TENTH = 1.2816;
const LONGEST_MIN = 8 * 60;

/** Watts that hold a covered pot at a temperature. */
export function holdingW(contents: Contents, litres: number, tempC: number): number {
  return lossW(potLoss(contents.pot, litres, { kind: 'room', lid: true, powerW: 0 }, tempC), tempC);
}

/** Keeps a covered pot warm in each way for so many minutes from `startC`; `hotC` is the limit for food kept hot. */
export function keepWarmMethods(
  contents: Contents,
  q: { readonly liquidKg: number; readonly startC: number; readonly minutes: number; readonly hotC: number },
): Held[] {
  const litres = q.liquidKg / 0.97 + contents.groups.reduce((sum, g) => sum + g.pieces.volumeM3 * 1000, 0);
  const flameW = holdingW(contents, litres, HOLD_FLAME_C);
  const where: Readonly<Record<HoldMethod, Surrounding>> = {
    lid: { kind: 'room', lid: true },
    towels: { kind: 'room', lid: true, wrap: TWO_TOWELS },
    oven: { kind: 'oven', airC: HOLD_OVEN_C },
    flame: { kind: 'room', lid: true, powerW: flameW },
  };
  const minutes = Math.min(LONGEST_MIN, Math.max(q.minutes, 240));
  return HOLD_WAYS.map((way): Held => {
    const phase: KeptPhase = { fromMin: 0, where: where[way] };
    const course = keptCourse({
      pot: contents.pot,
      liquidKg: q.liquidKg,
      startC: q.startC,
      groups: contents.groups.map((g) => ({ ...g, startC: q.startC })),
      phases: [phase],
      minutes,
      altitudeM: contents.altitudeM,
    });
    const safeMin = reaches(course, 'liquidC', q.hotC, 'down');
    return {
      way,
      atPlateC: courseAt(course, course.liquidC, q.minutes),
      safeMin,
      safeRange: [safeMin * Math.exp(-TENTH * SPREAD), safeMin * Math.exp(TENTH * SPREAD)],
      gained: Math.max(...course.gained.map((g) => courseAt(course, g, q.minutes))),
      lostKg: courseAt(course, course.lostKg, q.minutes),
      setting: way === 'oven' ? HOLD_OVEN_C : way === 'flame' ? flameW : null,
      course,
    };
  });
}

/** Covered and off the heat in the kitchen, until it is under `hotC`, min. */
export function staysHotMin(contents: Contents, liquidKg: number, startC: number, hotC: number): number {
  const course = keptCourse({
    pot: contents.pot,
    liquidKg,
    startC,
    groups: contents.groups.map((g) => ({ ...g, startC })),
    phases: [{ fromMin: 0, where: { kind: 'room', lid: true } }],
    minutes: LONGEST_MIN,
    altitudeM: contents.altitudeM,
  });
  return reaches(course, 'liquidC', hotC, 'down');
}
