/** A brief opening of the pot: oven door, lid, or both. Seconds from the moment the pieces meet the liquid. */
export interface Opening {
  readonly atS: number;
  readonly durationS: number;
  /** Drop in oven air temperature while the door is open, K (0 on the stove). */
  readonly airDropK: number;
  readonly lidOff: boolean;
}

/** Liquid added on the way. */
export interface TopUp {
  readonly atS: number;
  readonly massKg: number;
  readonly tempC: number;
}

/** An unexplained reading the pot is set to: its contents or its temperature. */
export interface Reading {
  readonly atS: number;
  readonly liquidKg?: number;
  readonly liquidC?: number;
}

/** Time resolution: the step allowed from `fromS` on. */
export interface StepRule {
  readonly fromS: number;
  readonly stepS: number;
}

/** Steps of a run, shared by every particle: they depend on the acts and not on the parameters. */
export interface TimeGrid {
  readonly count: number;
  /** Longest steps after a change, which a particle's own changes follow too. */
  readonly rules: readonly StepRule[];
  /** Length of each step, s. */
  readonly stepS: Float64Array;
  /** End of each step, s. */
  readonly endS: Float64Array;
  /** The distinct step lengths, s, and the index of each step's. */
  readonly lengths: Float64Array;
  readonly length: Uint16Array;
  /** Index of the lid and turning state during the step. */
  readonly key: Uint16Array;
  /** How far the oven's air is below its setting, K. */
  readonly airDropK: Float64Array;
  readonly lidOff: Uint8Array;
  /** Top-up added at the start of the step: index into `topUps`, or -1. */
  readonly topUp: Int16Array;
  /** Reading the pot is set to at the start of the step: index into `readings`, or -1. */
  readonly reading: Int16Array;
}

/** Time constant of oven air after the door shuts, s. Checked against measured ovens. */
const AIR_RECOVERY_S = 300;
/** Where in a step to evaluate its mean: Gauss's two points. */
const GAUSS = 0.5 - Math.sqrt(1 / 12);
/** After which steps no longer need to be short for the air's sake. */
const RECOVERED_AFTER_S = 2 * AIR_RECOVERY_S;
const OPENING_STEP_S = 15;
const RECOVERY_STEP_S = 60;

/** Full grid: 15 s steps throughout. */
export const PLAIN_STEPS: readonly StepRule[] = [{ fromS: 0, stepS: 15 }];

/** Grid for many particles: short steps while gradients are steep, long ones later. */
export const FAST_STEPS: readonly StepRule[] = [
  { fromS: 0, stepS: 60 },
  { fromS: 600, stepS: 120 },
  { fromS: 2400, stepS: 240 },
  { fromS: 7200, stepS: 480 },
  { fromS: 21600, stepS: 960 },
  { fromS: 86400, stepS: 3600 },
];

/** The longest step allowed this long after a change. */
export function allowedStep(rules: readonly StepRule[], sinceS: number): number {
  return rules.findLast((rule) => rule.fromS <= sinceS)?.stepS ?? Infinity;
}

/** When an opening is over. */
function shutS(opening: Opening): number {
  return opening.atS + opening.durationS;
}

interface Step {
  readonly endS: number;
  readonly stepS: number;
  readonly key: number;
  readonly airDropK: number;
  readonly lidOff: number;
  readonly topUp: number;
  readonly reading: number;
}

/**
 * Divides [0, horizonS] into steps that end exactly at every phase change, opening, top-up and requested mark.
 * `keyStartsS`, when another state of lid and turning begins, must be ascending and begin with 0.
 */
export function makeTimeGrid(options: {
  readonly horizonS: number;
  readonly rules: readonly StepRule[];
  readonly keyStartsS: readonly number[];
  /** When heat, lid or contents change, after which steps are short again; ascending. */
  readonly restartsS?: readonly number[];
  readonly openings: readonly Opening[];
  readonly topUps: readonly TopUp[];
  readonly readings?: readonly Reading[];
  readonly marksS: readonly number[];
  /** The oven starts this far below its setting and catches up with this time constant. */
  readonly coldStart?: { readonly dropK: number; readonly tauS: number } | undefined;
}): TimeGrid {
  const { horizonS, rules, keyStartsS, restartsS = [], openings, topUps, readings = [], marksS, coldStart } = options;
  const recoveries = openings
    .filter((o) => o.airDropK > 0)
    .map((o) => ({ fromS: shutS(o), toS: shutS(o) + RECOVERED_AFTER_S }));
  const breaks = new Set([
    0,
    horizonS,
    ...keyStartsS,
    ...restartsS,
    ...marksS,
    ...[...topUps, ...readings, ...openings].map((act) => act.atS),
    ...openings.map(shutS),
    ...recoveries.map((r) => r.toS),
  ]);
  const stops = [...breaks].filter((t) => t >= 0 && t <= horizonS).sort((x, y) => x - y);
  const dropAt = (atS: number): number =>
    airDropAt(openings, atS) + (coldStart ? coldStart.dropK * Math.exp(-atS / coldStart.tauS) : 0);
  const steps: Step[] = [];
  stops.slice(1).forEach((to, s) => {
    const from = stops[s] as number;
    const key = keyStartsS.findLastIndex((t) => t <= from);
    const changedS = restartsS.findLast((t) => t <= from) ?? 0;
    const open = openings.filter((o) => from >= o.atS && from < shutS(o));
    const recovering = recoveries.some((r) => from >= r.fromS && from < r.toS);
    const most = open.length > 0 ? OPENING_STEP_S : recovering ? RECOVERY_STEP_S : Infinity;
    let t = from;
    while (t < to) {
      const limit = Math.min(most, allowedStep(rules, t - changedS));
      const last = to - t < limit * 1.0000001;
      const stepS = last ? to - t : limit;
      const endS = last ? to : t + limit;
      steps.push({
        endS,
        stepS,
        key,
        airDropK: (dropAt(t + GAUSS * stepS) + dropAt(endS - GAUSS * stepS)) / 2,
        lidOff: open.some((o) => o.lidOff) ? 1 : 0,
        topUp: t === from ? topUps.findIndex((u) => u.atS === from) : -1,
        reading: t === from ? readings.findIndex((r) => r.atS === from) : -1,
      });
      t = endS;
    }
  });
  const lengths = [...new Set(steps.map((s) => s.stepS))];
  return {
    count: steps.length,
    rules,
    lengths: Float64Array.from(lengths),
    length: Uint16Array.from(steps, (s) => lengths.indexOf(s.stepS)),
    stepS: Float64Array.from(steps, (s) => s.stepS),
    endS: Float64Array.from(steps, (s) => s.endS),
    key: Uint16Array.from(steps, (s) => s.key),
    airDropK: Float64Array.from(steps, (s) => s.airDropK),
    lidOff: Uint8Array.from(steps, (s) => s.lidOff),
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
