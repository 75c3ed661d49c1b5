import { type BodySetup, ConductingBody } from './body';
import { DetailRecorder, type DetailSeries } from './detail';
import { type TimeGrid, type TopUp } from './timeGrid';
import { dryingLaw, type DryingLaw, lookUp } from './drying';
import { boilingPointC, latentHeatJKg } from './water';
import { tabulatedCookRate } from '../tenderness';

/** What surrounds the pot between two changes of heat or lid. SI units. */
export interface PotPhase {
  /** `driven`: heat flows from the surroundings; `held`: the cook keeps the liquid at `holdC`. */
  readonly mode: 'driven' | 'held';
  /** Heat conductance from pot and liquid to the surroundings, W/K. */
  readonly conductanceWK: number;
  /** Oven air or room, °C. */
  readonly ambientC: number;
  /** Heat put in by a burner, net, W. */
  readonly powerW: number;
  readonly holdC: number;
  /** Share of open-surface evaporation that the lid lets through, 0 to 1. */
  readonly lidLeak: number;
  /** Mass transfer coefficient, kg/(s m² Pa). */
  readonly massTransfer: number;
  readonly ambientVapourPa: number;
  /** Film coefficient on what stands out of the liquid, W/m²K. */
  readonly topFilmWM2K: number;
  /** How much cooler the space above the liquid makes the pieces' surroundings, K. */
  readonly headspaceDropK: number;
  /** Scales how much of a piece stands out; 0.5 once the pieces have been turned. */
  readonly exposureScale: number;
}

/** A stretch in air before the pieces meet the liquid. */
export interface HeatingStage {
  readonly seconds: number;
  readonly tempC: number;
  readonly filmWM2K: number;
}

/** One pot with everything known: the deterministic problem. */
export interface RunSetup {
  readonly bodies: readonly BodySetup[];
  readonly phases: readonly PotPhase[];
  readonly topUps: readonly TopUp[];
  /** What the pieces went through before the pot, e.g. smoking: seconds in air at a temperature and film. */
  readonly history: readonly HeatingStage[];
  readonly vesselHeatJK: number;
  readonly liquidKg: number;
  readonly liquidTempC: number;
  readonly surfaceM2: number;
  readonly pressurePa: number;
  /** Film under the liquid, W/m²K: still, simmering, boiling. */
  readonly liquidFilm: readonly [still: number, simmering: number, boiling: number];
}

/** Film coefficients of clear liquid. A thick sauce halves them; a circulated bath is `BATH_FILM`. */
export const CLEAR_LIQUID_FILM: readonly [number, number, number] = [200, 400, 600];
export const BATH_FILM: readonly [number, number, number] = [200, 200, 200];

/** Specific heat of braising liquid, J/kgK. */
export const LIQUID_HEAT_JKGK = 4100;
const LEAST_LIQUID_KG = 0.02;

/** Course of one run; every array has one entry per step of the grid, taken at the step's end. */
export interface RunCourse {
  readonly liquidC: Float64Array;
  readonly evaporatedKg: Float64Array;
  /** Per body: cook value of the slowest quarter, min. */
  readonly slowCookValue: readonly Float64Array[];
  /** Per body: coldest meat, °C. */
  readonly coreC: readonly Float64Array[];
}

/** A run with everything a drawing or a proof needs. */
export type DetailedCourse = RunCourse & DetailSeries;

/** Cells per piece: the proven production grid, and the coarse one for many particles. */
export const PLAIN_CELLS = 40;
export const FAST_CELLS = 14;

/**
 * Solves conduction in every piece together with the pot's energy and water balance, exactly conservative, by implicit
 * Euler on `grid`. Result arrays have `grid.count` entries. Throws `RangeError` if there is no piece or no phase.
 */
export function runBraise(setup: RunSetup, grid: TimeGrid, cells: number, detailed: true): DetailedCourse;
export function runBraise(setup: RunSetup, grid: TimeGrid, cells: number, detailed?: false): RunCourse;
export function runBraise(
  setup: RunSetup,
  grid: TimeGrid,
  cells: number,
  detailed = false,
): RunCourse | DetailedCourse {
  if (setup.bodies.length === 0) throw new RangeError('A braise needs at least one piece.');
  if (setup.phases.length === 0) throw new RangeError('A braise needs at least one heat phase.');
  const bodies = setup.bodies.map((b) => new ConductingBody(b, cells));
  const count = grid.count;
  const bodyCount = bodies.length;
  const series = (): Float64Array[] => bodies.map(() => new Float64Array(count));
  const course = {
    liquidC: new Float64Array(count),
    evaporatedKg: new Float64Array(count),
    slowCookValue: series(),
    coreC: series(),
  };
  const detail = detailed ? new DetailRecorder(bodies, count) : undefined;

  const pressure = setup.pressurePa;
  const boilC = boilingPointC(pressure);
  const dryingLaws = setup.phases.map((phase) => dryingLaw(pressure, phase.ambientVapourPa));
  const latentAtBoil = latentHeatJKg(boilC);
  const [filmStill, filmSimmer, filmBoil] = setup.liquidFilm;
  let liquidC = setup.liquidTempC;
  // What was poured, less steam: under nothing while it is the juice of the meat that boils off.
  let liquidKg = setup.liquidKg;
  let evaporatedKg = 0;
  const slowLow = new Float64Array(bodies.length);
  const slowHigh = new Float64Array(bodies.length);
  for (const stage of setup.history) {
    bodies.forEach((body, g) => {
      preHeat(body, stage);
      slowLow[g] = body.cookValue[body.slow.low] as number;
      slowHigh[g] = body.cookValue[body.slow.high] as number;
    });
  }

  const rateLow = Float64Array.from(bodies, (body) => tabulatedCookRate(body.temp[body.slow.low] as number));
  const rateHigh = Float64Array.from(bodies, (body) => tabulatedCookRate(body.temp[body.slow.high] as number));

  for (let step = 0; step < count; step++) {
    const stepS = grid.stepS[step] as number;
    const phase = setup.phases[grid.phase[step] as number] as PotPhase;
    const poured = grid.topUp[step] as number;
    if (poured >= 0) {
      const topUp = setup.topUps[poured] as TopUp;
      const held = setup.vesselHeatJK + LIQUID_HEAT_JKGK * Math.max(liquidKg, LEAST_LIQUID_KG);
      const added = LIQUID_HEAT_JKGK * topUp.massKg;
      liquidC = (held * liquidC + added * topUp.tempC) / (held + added);
      liquidKg += topUp.massKg;
    }

    const belowBoil = boilC - liquidC;
    const filmLiquid =
      belowBoil >= 10
        ? filmStill
        : belowBoil >= 3
          ? filmStill + ((filmSimmer - filmStill) * (10 - belowBoil)) / 7
          : belowBoil > 0
            ? filmSimmer + ((filmBoil - filmSimmer) * (3 - belowBoil)) / 3
            : filmBoil;

    let toPieces = 0;
    let pieceConductance = 0;
    for (let g = 0; g < bodyCount; g++) {
      const body = bodies[g] as ConductingBody;
      const exposed = (1 - body.setup.submergedFraction) * phase.exposureScale;
      const film = 1 / ((1 - exposed) / filmLiquid + exposed / phase.topFilmWM2K);
      body.forward(stepS, film);
      toPieces += body.film * body.offset;
      pieceConductance += body.film * (1 - body.gain);
    }

    const capacity = (setup.vesselHeatJK + LIQUID_HEAT_JKGK * Math.max(liquidKg, LEAST_LIQUID_KG)) / stepS;
    const leak = grid.lidOff[step] === 1 ? 1 : phase.lidLeak;
    const source = phase.conductanceWK * (phase.ambientC - (grid.airDropK[step] as number)) + phase.powerW;
    const drop = phase.headspaceDropK;
    const drying = dryingLaws[grid.phase[step] as number] as DryingLaw;
    const wetting = leak * setup.surfaceM2 * phase.massTransfer * pressure;
    let nextC: number;
    let evaporationW: number;
    let latent = latentHeatJKg(liquidC);
    let suppliedW: number;

    if (phase.mode === 'held') {
      nextC = Math.min(phase.holdC, boilC);
      latent = latentHeatJKg(nextC);
      evaporationW = Math.max(0, wetting * lookUp(drying.drive, nextC) * latent);
      const pieces = pieceConductance * (nextC - drop) - toPieces;
      suppliedW = capacity * (nextC - liquidC) + pieces + evaporationW + phase.conductanceWK * (nextC - phase.ambientC);
    } else {
      const base = wetting * lookUp(drying.drive, liquidC) * latent;
      const slope = wetting * lookUp(drying.slope, liquidC) * latent;
      const numerator = capacity * liquidC + source + toPieces + pieceConductance * drop;
      nextC = (numerator - base + slope * liquidC) / (capacity + phase.conductanceWK + slope + pieceConductance);
      evaporationW = base + slope * (nextC - liquidC);
      if (evaporationW < 0) {
        evaporationW = 0;
        nextC = numerator / (capacity + phase.conductanceWK + pieceConductance);
      }
      if (nextC > boilC) {
        nextC = boilC;
        latent = latentAtBoil;
        evaporationW =
          capacity * (liquidC - boilC) +
          source -
          phase.conductanceWK * boilC -
          (pieceConductance * (boilC - drop) - toPieces);
      }
      suppliedW = source;
    }

    const steamKg = (evaporationW * stepS) / latent;
    evaporatedKg += steamKg;
    liquidKg -= steamKg;

    const surroundingsC = nextC - drop;
    const halfMinutes = stepS / 120;
    for (let g = 0; g < bodyCount; g++) {
      const body = bodies[g] as ConductingBody;
      const { low, high, weight } = body.slow;
      if (detail) detail.before(g, body);
      body.backward(stepS, surroundingsC);
      const nowLow = tabulatedCookRate(body.temp[low] as number);
      const nowHigh = tabulatedCookRate(body.temp[high] as number);
      slowLow[g] = (slowLow[g] as number) + ((rateLow[g] as number) + nowLow) * halfMinutes;
      slowHigh[g] = (slowHigh[g] as number) + ((rateHigh[g] as number) + nowHigh) * halfMinutes;
      rateLow[g] = nowLow;
      rateHigh[g] = nowHigh;
      (course.slowCookValue[g] as Float64Array)[step] =
        (1 - weight) * (slowLow[g] as number) + weight * (slowHigh[g] as number);
      (course.coreC[g] as Float64Array)[step] = body.coreTempC();
      if (detail) detail.after(g, body, step, stepS);
    }
    if (detail) {
      detail.pot(step, {
        stepS,
        suppliedW,
        netW:
          suppliedW -
          (phase.mode === 'held' ? phase.conductanceWK * (nextC - phase.ambientC) : phase.conductanceWK * nextC),
        evaporationW,
        storedW: capacity * (nextC - liquidC),
      });
    }
    liquidC = nextC;
    course.liquidC[step] = liquidC;
    course.evaporatedKg[step] = evaporatedKg;
  }
  return detail ? { ...course, ...detail.result() } : course;
}

const PRE_HEAT_STEP_S = 30;

/** Carries a body through air at a fixed temperature, cook value included. */
function preHeat(body: ConductingBody, stage: HeatingStage): void {
  const steps = Math.ceil(stage.seconds / PRE_HEAT_STEP_S);
  const stepS = stage.seconds / Math.max(1, steps);
  for (let s = 0; s < steps; s++) {
    body.forward(stepS, stage.filmWM2K);
    body.backward(stepS, stage.tempC);
    for (let i = 0; i < body.cells; i++) {
      body.cookValue[i] = (body.cookValue[i] as number) + (tabulatedCookRate(body.temp[i] as number) * stepS) / 60;
    }
  }
}
