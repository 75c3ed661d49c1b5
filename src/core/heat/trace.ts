import { type BodySetup } from './body';
import { type HeatingStage } from './dryPreCook';
import { type RunPhase } from './phase';
import { type Reading, type TopUp } from './timeGrid';
import { type WaterSource } from '../material';

/** One pot with everything known: the deterministic problem. */
export interface RunSetup {
  readonly bodies: readonly BodySetup[];
  /** In order; the pot starts as the first begins. */
  readonly stages: readonly RunPhase[];
  readonly topUps: readonly TopUp[];
  readonly readings: readonly Reading[];
  /** What the pieces went through before the pot, e.g. smoking: seconds in air at a temperature and coefficient. */
  readonly history: readonly HeatingStage[];
  /** What releases water into the liquid, or absorbs it, besides meat. */
  readonly vegetables: readonly WaterSource[];
  readonly vesselHeatJK: number;
  readonly liquidKg: number;
  readonly liquidTempC: number;
  readonly surfaceM2: number;
  readonly pressurePa: number;
  /** Heat-transfer coefficient below the liquid, W/m²K: still, simmering, boiling. */
  readonly liquidFilm: readonly [still: number, simmering: number, boiling: number];
}

/** Coefficients of clear liquid. A thick sauce halves them; a circulated bath uses `BATH_FILM`. */
export const CLEAR_LIQUID_FILM: readonly [number, number, number] = [200, 400, 600];
export const BATH_FILM: readonly [number, number, number] = [200, 200, 200];

/** Specific heat of braising liquid, J/kgK. */
export const LIQUID_HEAT_JKGK = 4100;

/** Trace of one run; every array has one entry per step of the grid, taken at the step's end. */
export interface SimulationTrace {
  readonly liquidC: Float64Array;
  /** Lost as steam so far, kg. */
  readonly evaporatedKg: Float64Array;
  /** Contents: poured in, released by meat and vegetables, less steam; never negative. */
  readonly liquidKg: Float64Array;
  /** Per body: cook value of the slowest quarter, min. */
  readonly slowCookValue: readonly Float64Array[];
  /** Per body: coldest meat, °C. */
  readonly coreC: readonly Float64Array[];
  /** When the pot first ran dry, s; Infinity if it never did. Set by the run. */
  dryS: number;
}

/** Empty traces for `runs` runs of `bodies` size classes over `steps` steps, all in one block of memory. */
export function emptyTraces(runs: number, bodies: number, steps: number): SimulationTrace[] {
  const rows = 3 + 2 * bodies;
  const block = new Float64Array(runs * rows * steps);
  return Array.from({ length: runs }, (_, run) => {
    const row = (k: number): Float64Array => block.subarray((run * rows + k) * steps, (run * rows + k + 1) * steps);
    return {
      liquidC: row(0),
      evaporatedKg: row(1),
      liquidKg: row(2),
      slowCookValue: Array.from({ length: bodies }, (_, g) => row(3 + g)),
      coreC: Array.from({ length: bodies }, (_, g) => row(3 + bodies + g)),
      dryS: Infinity,
    };
  });
}
