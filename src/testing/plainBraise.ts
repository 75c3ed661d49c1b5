import { type BodySetup, geometryOf } from '../core/heat/body';
import { dryingLaw, lookUp } from '../core/heat/drying';
import {
  radiativeCoefficient,
  type GasCoefficient,
  type RunPhase,
  INNER_FILM,
  type PotPhase,
  WET_EMISSIVITY,
} from '../core/heat/phase';
import { type RunSetup } from '../core/heat/trace';
import { type TimeGrid } from '../core/heat/timeGrid';
import { boilingPointC, latentHeatJKg } from '../core/heat/water';
import { JUICE_TIME_S, tabulatedCookRate, tabulatedJuiceShare } from '../core/tenderness';

/** Results of a plain run at the end of each step. */
export interface PlainCourse {
  readonly liquidC: number[];
  readonly liquidKg: number[];
  readonly slowCookValue: number[][];
}

/** Conductance from gas at `gasC` into a pot whose liquid is at `liquidC`, W/K. */
export function plainGasWK(gas: GasCoefficient, gasC: number, liquidC: number): number {
  const black = radiativeCoefficient(gasC, liquidC);
  const { convectionWM2K: moving, scale } = gas;
  const wall = (moving + gas.wallEmissivity * black) * scale;
  const cover = (moving + gas.coverEmissivity * black) * scale;
  return (
    wall * gas.wallM2 +
    (moving + WET_EMISSIVITY * black) * scale * gas.surfaceM2 +
    ((wall * INNER_FILM) / (wall + INNER_FILM)) * gas.dryWallM2 +
    ((cover * INNER_FILM) / (cover + INNER_FILM)) * gas.coverM2
  );
}

/** A tridiagonal system solved by the textbook: below, on and above the diagonal, and the right side. */
function thomas(below: number[], on: number[], above: number[], right: number[]): number[] {
  const n = on.length;
  const c: number[] = [];
  const d: number[] = [];
  for (let i = 0; i < n; i++) {
    const pivot = (on[i] ?? 0) - (below[i] ?? 0) * (c[i - 1] ?? 0);
    c.push((above[i] ?? 0) / pivot);
    d.push(((right[i] ?? 0) - (below[i] ?? 0) * (d[i - 1] ?? 0)) / pivot);
  }
  const out = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) out[i] = (d[i] ?? 0) - (c[i] ?? 0) * (out[i + 1] ?? 0);
  return out;
}

/** One piece for a plain run: every step sets up its whole system and solves it. */
class PlainPiece {
  temp: number[];
  cook: number[];
  juice = 0;
  private readonly geometry;

  constructor(
    readonly setup: BodySetup,
    private readonly cells: number,
  ) {
    this.geometry = geometryOf(setup.pieces, cells);
    this.temp = new Array<number>(cells).fill(setup.startTempC);
    this.cook = new Array<number>(cells).fill(0);
  }

  /** How much longer a step counts than it is, fitted to the piece's slowest mode. */
  span(stepS: number): number {
    const decays = Math.min(3, (this.geometry.slowestRate * stepS) / this.setup.stretch ** 2);
    return (Math.exp(decays) - 1) / decays;
  }

  film(filmWM2K: number): number {
    const { surfaceM2, outerResistance } = this.geometry;
    const { stretch } = this.setup;
    return surfaceM2 / stretch / (1 / filmWM2K + outerResistance * stretch);
  }

  /** Temperatures after a step with the surroundings at `surroundingsC`. */
  after(stepS: number, filmWM2K: number, surroundingsC: number): number[] {
    const { heatCapacity, coupling } = this.geometry;
    const n = this.cells;
    const k = (i: number): number => (i < 0 || i >= n - 1 ? 0 : (coupling[i] ?? 0) / this.setup.stretch ** 2);
    const h = this.film(filmWM2K);
    const m = Array.from({ length: n }, (_, i) => (heatCapacity[i] ?? 0) / (stepS * this.span(stepS)));
    return thomas(
      m.map((_, i) => -k(i - 1)),
      m.map((x, i) => x + k(i) + k(i - 1) + (i === n - 1 ? h : 0)),
      m.map((_, i) => -k(i)),
      m.map((x, i) => x * (this.temp[i] ?? 0) + (i === n - 1 ? h * surroundingsC : 0)),
    );
  }

  take(next: number[], stepS: number): void {
    this.cook = this.cook.map(
      (c, i) => c + ((tabulatedCookRate(this.temp[i] ?? 0) + tabulatedCookRate(next[i] ?? 0)) * stepS) / 120,
    );
    this.temp = next;
  }

  mean(): number {
    return this.temp.reduce((sum, t, i) => sum + t * (this.geometry.meatShare[i] ?? 0), 0);
  }

  slow(): number {
    const { low, high, weight } = this.geometry.slow;
    return (1 - weight) * (this.cook[low] ?? 0) + weight * (this.cook[high] ?? 0);
  }
}

function phaseOf(stages: readonly RunPhase[], nowS: number, key: number): PotPhase {
  const past = stages.filter((s) => s.until?.kind === 'clock' && nowS >= s.until.atS - 1e-6).length;
  const phase = stages[past]?.phases[key];
  if (!phase) throw new RangeError('no phase');
  return phase;
}

/**
 * The pot's problem solved plainly, for validation: nothing hoisted, nothing cached, every system set up whole. Driven
 * phases that end by the clock, no dry pre-cook. The pieces' heat exchange with the liquid is found from two trial
 * solutions, since it is linear in the surroundings.
 */
export function plainBraise(setup: RunSetup, grid: TimeGrid, cells: number): PlainCourse {
  const pieces = setup.bodies.map((b) => new PlainPiece(b, cells));
  const boilC = boilingPointC(setup.pressurePa);
  let liquidC = setup.liquidTempC;
  let ownKg = setup.liquidKg;
  let givenKg = 0;
  const hotMin = setup.vegetables.map(() => 0);
  const course: PlainCourse = { liquidC: [], liquidKg: [], slowCookValue: setup.bodies.map(() => []) };
  for (let step = 0; step < grid.count; step++) {
    const stepS = grid.stepS[step] ?? 0;
    const endS = grid.endS[step] ?? 0;
    const phase = phaseOf(setup.stages, endS - stepS, grid.key[step] ?? 0);
    const topUp = setup.topUps[grid.topUp[step] ?? -1];
    if (topUp) {
      const held = setup.vesselHeatJK + 4100 * Math.max(ownKg, 0.02);
      liquidC = (held * liquidC + 4100 * topUp.massKg * topUp.tempC) / (held + 4100 * topUp.massKg);
      ownKg += topUp.massKg;
    }
    const standing = Math.max(0, ownKg + givenKg);
    const wet = Math.min(1, standing / 0.15);
    const [still, simmering, boiling] = setup.liquidFilm;
    const under = boilC - liquidC;
    const liquidFilm =
      under >= 10
        ? still
        : under >= 3
          ? still + ((simmering - still) * (10 - under)) / 7
          : under > 0
            ? simmering + ((boiling - simmering) * (3 - under)) / 3
            : boiling;
    const films = pieces.map(({ setup: { submergedFraction } }) => {
      const exposed = (1 - submergedFraction) * phase.exposureScale;
      return (wet * 1) / ((1 - exposed) / liquidFilm + exposed / phase.topFilmWM2K) + (1 - wet) * 15;
    });
    const heatTo = (surroundingsC: number): number =>
      pieces.reduce((sum, piece, g) => {
        const next = piece.after(stepS, films[g] ?? 0, surroundingsC);
        const flow = piece.film(films[g] ?? 0) * (surroundingsC - (next[cells - 1] ?? 0));
        return sum + piece.span(stepS) * flow;
      }, 0);
    const none = heatTo(0);
    const slopeToPieces = (heatTo(100) - none) / 100;
    const felt = (t: number): number => (liquidC + t) / 2 - phase.headspaceDropK;
    const toPieces = (t: number): number => none + slopeToPieces * felt(t);
    const capacity = (setup.vesselHeatJK + 4100 * Math.max(ownKg, 0.02)) / stepS;
    const gasC = phase.behindDoor ? phase.ambientC - (grid.airDropK[step] ?? 0) : phase.ambientC;
    const conductance = phase.conductanceWK + (phase.gas ? plainGasWK(phase.gas, gasC, liquidC) : 0);
    const law = dryingLaw(setup.pressurePa, phase.ambientVapourPa);
    const wetting =
      (grid.lidOff[step] === 1 ? 1 : phase.lidLeak) * setup.surfaceM2 * phase.massTransfer * setup.pressurePa;
    let latent = latentHeatJKg(liquidC);
    const base = wetting * lookUp(law.drive, liquidC) * latent;
    const slope = wetting * lookUp(law.slope, liquidC) * latent;
    const surplus = (t: number): number =>
      capacity * (liquidC - t) + conductance * (gasC - t) + phase.powerW - toPieces(t);
    const perKelvin = capacity + conductance + slopeToPieces / 2;
    let next = (surplus(0) - base + slope * liquidC) / (perKelvin + slope);
    let steamW = base + slope * (next - liquidC);
    if (steamW < 0) {
      steamW = 0;
      next = surplus(0) / perKelvin;
    }
    if (next > boilC) {
      next = boilC;
      latent = latentHeatJKg(boilC);
      steamW = surplus(boilC);
    }
    if (steamW * stepS > standing * latent) {
      steamW = (standing * latent) / stepS;
      next = (surplus(0) - steamW) / perKelvin;
    }
    const steam = (steamW * stepS) / latent;
    const ofOwn = Math.min(ownKg, steam);
    ownKg -= ofOwn;
    givenKg -= steam - ofOwn;
    pieces.forEach((piece, g) => {
      piece.take(piece.after(stepS, films[g] ?? 0, felt(next)), stepS);
      const wanted = tabulatedJuiceShare(piece.mean()) * piece.setup.maxJuiceFraction - piece.juice;
      const more = Math.max(0, wanted) * (1 - Math.exp(-stepS / JUICE_TIME_S));
      piece.juice += more;
      givenKg += more * piece.setup.edibleKg;
      course.slowCookValue[g]?.push(piece.slow());
    });
    liquidC = next;
    setup.vegetables.forEach((v, i) => {
      const since = endS / 60 - v.fromMin;
      if (next < 75 || since <= 0) return;
      const before = hotMin[i] ?? 0;
      hotMin[i] = before + Math.min(since, stepS / 60);
      givenKg += v.kg * v.waterShare * (Math.exp(-before / v.tauMin) - Math.exp(-(hotMin[i] ?? 0) / v.tauMin));
    });
    givenKg = Math.max(givenKg, -ownKg);
    course.liquidC.push(liquidC);
    course.liquidKg.push(ownKg + givenKg);
  }
  return course;
}
