import { latentHeatJKg } from '../heat';

/** The amount of sauce at a time while reducing: by a dipped rod, or from a jug. */
export interface Dip {
  /** Minutes since it came to the boil. */
  readonly atMin: number;
  readonly litres: number;
}

/** Minutes still to go: 10th, 50th and 90th percentile. */
export interface LeftMinutes {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
  /** Most likely litres now. */
  readonly litres: number;
}

/**
 * Log-standard deviations of the heat reaching the pan and of the initial volume. Estimate; a burner known well does
 * better.
 */
const POWER_SPREAD = 0.25;
const VOLUME_SPREAD = 0.08;
/** A dipped rod reads 1.5 mm over the base; as a volume in a pan of usual width, l. */
const DIP_SPREAD_L = 0.08;
const POINTS = 61;
const REACH = 3.2;
const BOIL_C = 100;

/**
 * Minutes until a boiling sauce is down to `targetL`, averaged over burner output and initial volume, weighted by the
 * dips. Source: docs/model.md, “After the heat”; on a grid, with normal dip errors.
 */
export function leftToBoil(q: {
  readonly startL: number;
  readonly powerW: number;
  /** Heat the open pan loses other than by steam, W. */
  readonly lossW: number;
  readonly targetL: number;
  readonly nowMin: number;
  readonly dips: readonly Dip[];
  readonly dipSpreadL?: number;
}): LeftMinutes {
  const sd = q.dipSpreadL ?? DIP_SPREAD_L;
  const perWattMin = 60 / latentHeatJKg(BOIL_C) / 0.97;
  const found: { minutes: number; litres: number; weight: number }[] = [];
  for (let i = 0; i < POINTS; i++) {
    const u = REACH * ((2 * i) / (POINTS - 1) - 1);
    const rate = Math.max(0.001, (q.powerW * Math.exp(POWER_SPREAD * u) - q.lossW) * perWattMin);
    for (let j = 0; j < POINTS; j++) {
      const v = REACH * ((2 * j) / (POINTS - 1) - 1);
      const start = q.startL * Math.exp(VOLUME_SPREAD * v);
      let log = -(u * u + v * v) / 2;
      for (const dip of q.dips) log -= ((dip.litres - (start - rate * dip.atMin)) / sd) ** 2 / 2;
      const litres = start - rate * q.nowMin;
      found.push({ minutes: Math.max(0, (litres - q.targetL) / rate), litres, weight: log });
    }
  }
  const most = Math.max(...found.map((f) => f.weight));
  const total = found.reduce((sum, f) => sum + (f.weight = Math.exp(f.weight - most)), 0);
  found.sort((a, b) => a.minutes - b.minutes);
  const at = (share: number): number => {
    let sum = 0;
    for (const f of found) if ((sum += f.weight) >= share * total) return f.minutes;
    return found.at(-1)?.minutes ?? 0;
  };
  return {
    p10: at(0.1),
    p50: at(0.5),
    p90: at(0.9),
    litres: Math.max(0, found.reduce((sum, f) => sum + f.litres * f.weight, 0) / total),
  };
}
