import { traceAt, type CoolingTrace, keptCourse, type KeptPhase, type KeptPieces, reaches } from './potTrace';
import { type KeptPot, lossW, potLoss, type Ambient } from './potLoss';
import { assemble, type BraiseRequest, NOMINAL_PARAMETERS } from '../forecast';
import { PLAIN_STEPS } from '../heat';

/** Pieces and pot of a braise, for keeping warm, cooling and reheating. */
export interface Contents {
  readonly pot: KeptPot;
  readonly groups: readonly Omit<KeptPieces, 'startC'>[];
  readonly altitudeM: number;
}

const known = new WeakMap<BraiseRequest, Contents>();

/** Contents of a braise's pot, in the heat model's form. */
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

/** Ways to keep it warm until serving. */
export const HOLD_WAYS = ['lid', 'towels', 'oven', 'flame'] as const;
export type HoldMethod = (typeof HOLD_WAYS)[number];

/** One way of keeping it warm. */
export interface Held {
  readonly way: HoldMethod;
  /** Liquid temperature at serving, °C. */
  readonly atPlateC: number;
  /** Until it is below the hot-holding limit, min; Infinity if it stays above. */
  readonly safeMin: number;
  /** 80% range of that. */
  readonly safeRange: readonly [number, number];
  /** Cook value the slowest quarter gains until serving, min at 95 °C. */
  readonly gained: number;
  readonly lostKg: number;
  /** Flame power needed, W into the pot; the oven's setting, °C. Null elsewhere. */
  readonly setting: number | null;
  readonly course: CoolingTrace;
}

const HOLD_OVEN_C = 90;
/** A flame that holds it here: below the boil, well above the limit. */
const HOLD_FLAME_C = 88;
const TWO_TOWELS = 0.3;
/** Log-standard deviation of the minutes. Estimate, no source. */
const SPREAD = 0.2;
const TENTH = 1.2816;
const LONGEST_MIN = 8 * 60;

/** Watts that hold a covered pot at a temperature. */
export function holdingW(contents: Contents, litres: number, tempC: number): number {
  return lossW(potLoss(contents.pot, litres, { kind: 'room', lid: true, powerW: 0 }, tempC), tempC);
}

/** Keeps a covered pot warm in each way for this many minutes from `startC`; `hotC` is the hot-holding limit. */
export function keepWarmMethods(
  contents: Contents,
  q: { readonly liquidKg: number; readonly startC: number; readonly minutes: number; readonly hotC: number },
): Held[] {
  const litres = q.liquidKg / 0.97 + contents.groups.reduce((sum, g) => sum + g.pieces.volumeM3 * 1000, 0);
  const flameW = holdingW(contents, litres, HOLD_FLAME_C);
  const where: Readonly<Record<HoldMethod, Ambient>> = {
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
      atPlateC: traceAt(course, course.liquidC, q.minutes),
      safeMin,
      safeRange: [safeMin * Math.exp(-TENTH * SPREAD), safeMin * Math.exp(TENTH * SPREAD)],
      gained: Math.max(...course.gained.map((g) => traceAt(course, g, q.minutes))),
      lostKg: traceAt(course, course.lostKg, q.minutes),
      setting: way === 'oven' ? HOLD_OVEN_C : way === 'flame' ? flameW : null,
      course,
    };
  });
}

/** Covered and off the heat in the kitchen, until it is below `hotC`, min. */
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
