/** A brief opening of the pot: oven door, lid, or both. Seconds from the moment the pieces meet the liquid. */
export interface Opening {
  readonly atS: number;
  readonly durationS: number;
  /** Fall of the oven's air while the door is open, K (0 on the stove). */
  readonly airDropK: number;
  readonly lidOff: boolean;
}

/** Liquid added on the way. */
export interface TopUp {
  readonly atS: number;
  readonly massKg: number;
  readonly tempC: number;
}

/** A reading that the pot is set to, because nothing explains it: what stands in it, or how warm it is. */
export interface Reading {
  readonly atS: number;
  readonly liquidKg?: number;
  readonly liquidC?: number;
}

/** How finely to cut time: the step allowed from `fromS` on. */
export interface StepRule {
  readonly fromS: number;
  readonly stepS: number;
}

/** Steps of a run, shared by every particle: they depend on the acts and not on the unknowns. */
export interface TimeGrid {
  readonly count: number;
  /** Length of each step, s. */
  readonly stepS: Float64Array;
  /** End of each step, s. */
  readonly endS: Float64Array;
  /** The different lengths there are, s, and which of them each step has. */
  readonly lengths: Float64Array;
  readonly length: Uint16Array;
  /** Which state of lid and turning is in force during the step. */
  readonly key: Uint16Array;
  /** How far the oven's air is below its setting, K. */
  readonly airDropK: Float64Array;
  readonly lidOff: Uint8Array;
  /** Top-up poured in at the start of the step: index into `topUps`, or -1. */
  readonly topUp: Int16Array;
  /** Reading that the pot is set to at the start of the step: index into `readings`, or -1. */
  readonly reading: Int16Array;
}

/** Time constant of oven air after the door shuts, s. Verified against measured ovens by the modeller. */
const AIR_RECOVERY_S = 300;
/** Where in a step to look for its mean: Gauss's two points. */
const GAUSS = 0.5 - Math.sqrt(1 / 12);
const OPENING_STEP_S = 15;
const RECOVERY_STEP_S = 60;

/** Full grid: 15 s steps throughout. */
export const PLAIN_STEPS: readonly StepRule[] = [{ fromS: 0, stepS: 15 }];

/** Grid for many particles: short steps while the surface is steep, long ones when all is nearly even. */
export const FAST_STEPS: readonly StepRule[] = [
  { fromS: 0, stepS: 60 },
  { fromS: 600, stepS: 120 },
  { fromS: 2400, stepS: 240 },
  { fromS: 7200, stepS: 480 },
  { fromS: 21600, stepS: 960 },
];

/** The step allowed at `atS`, where a new heat began at `calmFrom`: at most as long as so soon after the start. */
function allowedStep(rules: readonly StepRule[], atS: number, calmFrom: number): number {
  const sinceS = calmFrom > 0 ? atS - calmFrom : atS;
  let step = rules[0]?.stepS ?? 15;
  for (const rule of rules) if (sinceS >= rule.fromS) step = rule.stepS;
  return step;
}

/**
 * Cuts [0, horizonS] into steps that end exactly at every phase change, opening, top-up and asked-for mark.
 * `keyStartsS`, when another state of lid and turning begins, must be ascending and begin with 0.
 */
export function makeTimeGrid(options: {
  readonly horizonS: number;
  readonly rules: readonly StepRule[];
  readonly keyStartsS: readonly number[];
  /** When a new heat begins, after which steps are short again; ascending. */
  readonly restartsS?: readonly number[];
  readonly openings: readonly Opening[];
  readonly topUps: readonly TopUp[];
  readonly readings?: readonly Reading[];
  readonly marksS: readonly number[];
  /** The oven starts this far below its setting and catches up with this time constant. */
  readonly coldStart?: { readonly dropK: number; readonly tauS: number } | undefined;
}): TimeGrid {
  const { horizonS, rules, keyStartsS, restartsS = [], openings, topUps, readings = [], marksS, coldStart } = options;
  const breaks = new Set<number>([0, horizonS]);
  for (const t of [...keyStartsS, ...restartsS, ...marksS, ...topUps.map((u) => u.atS), ...readings.map((r) => r.atS)])
    breaks.add(t);
  for (const o of openings) {
    breaks.add(o.atS);
    breaks.add(o.atS + o.durationS);
    if (o.airDropK > 0) breaks.add(o.atS + o.durationS + 2 * AIR_RECOVERY_S);
  }
  const stops = [...breaks].filter((t) => t >= 0 && t <= horizonS).sort((x, y) => x - y);

  const steps: { end: number; step: number; key: number; drop: number; off: number; topUp: number; reading: number }[] =
    [];
  const dropAt = (atS: number): number =>
    airDropAt(openings, atS) + (coldStart ? coldStart.dropK * Math.exp(-atS / coldStart.tauS) : 0);
  let key = 0;
  let calmFrom = 0;
  for (let s = 0; s + 1 < stops.length; s++) {
    const from = stops[s] ?? 0;
    const to = stops[s + 1] ?? 0;
    while (key + 1 < keyStartsS.length && (keyStartsS[key + 1] ?? Infinity) <= from) key++;
    calmFrom = restartsS.findLast((r) => r <= from) ?? calmFrom;
    const pouring = topUps.findIndex((u) => u.atS === from);
    const reading = readings.findIndex((r) => r.atS === from);
    const open = openings.filter((o) => from >= o.atS && from < o.atS + o.durationS);
    const recovering = openings.some(
      (o) => o.airDropK > 0 && from >= o.atS + o.durationS && from < o.atS + o.durationS + 2 * AIR_RECOVERY_S,
    );
    let limit = allowedStep(rules, from, calmFrom);
    if (recovering) limit = Math.min(limit, RECOVERY_STEP_S);
    if (open.length > 0) limit = Math.min(limit, OPENING_STEP_S);
    let t = from;
    while (t < to - 1e-9) {
      limit = Math.max(limit, open.length > 0 || recovering ? 0 : allowedStep(rules, t, calmFrom));
      const remaining = to - t;
      const step = remaining < limit * 1.0000001 ? remaining : limit;
      const end = step === remaining ? to : t + step;
      steps.push({
        end,
        step,
        key,
        drop: (dropAt(t + GAUSS * step) + dropAt(end - GAUSS * step)) / 2,
        off: open.some((o) => o.lidOff) ? 1 : 0,
        topUp: t === from ? pouring : -1,
        reading: t === from ? reading : -1,
      });
      t = end;
    }
  }
  const lengths = [...new Set(steps.map((s) => s.step))];
  return {
    count: steps.length,
    lengths: Float64Array.from(lengths),
    length: Uint16Array.from(steps, (s) => lengths.indexOf(s.step)),
    stepS: Float64Array.from(steps, (s) => s.step),
    endS: Float64Array.from(steps, (s) => s.end),
    key: Uint16Array.from(steps, (s) => s.key),
    airDropK: Float64Array.from(steps, (s) => s.drop),
    lidOff: Uint8Array.from(steps, (s) => s.off),
    topUp: Int16Array.from(steps, (s) => s.topUp),
    reading: Int16Array.from(steps, (s) => s.reading),
  };
}

function airDropAt(openings: readonly Opening[], timeS: number): number {
  let drop = 0;
  for (const o of openings) {
    if (timeS <= o.atS) continue;
    const since = timeS - (o.atS + o.durationS);
    drop = Math.max(drop, since <= 0 ? o.airDropK : o.airDropK * Math.exp(-since / AIR_RECOVERY_S));
  }
  return drop;
}
