import { type BodySetup, geometryOf } from '../core/heat/body';
import { dryingLaw, lookUp } from '../core/heat/drying';
import { AIR_WK, COOLER_K, DRY_W, STEAM_KGS } from '../core/heat/flowTable';
import { type GasCoefficient, type RunPhase, INNER_FILM, type PotPhase } from '../core/heat/phase';
import { radiativeCoefficient, WET_EMISSIVITY } from '../core/heat/radiation';
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
    (moving + WET_EMISSIVITY * black) * scale * gas.paperM2 +
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

/** Where a falling function crosses zero. */
function bisect(from: number, to: number, falling: (t: number) => number): number {
  let low = from;
  let high = to;
  while (high - low > 1e-12 && (low + high) / 2 !== low && (low + high) / 2 !== high) {
    const middle = (low + high) / 2;
    if (falling(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
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
    const coolerK = wet * phase.exposureScale * (phase.surface?.at(COOLER_K, liquidC) ?? 0);
    const airWK = phase.surface?.at(AIR_WK, liquidC) ?? 0;
    /** Surroundings of a piece where those of one wholly in the liquid are at `feltC`. */
    const around = (piece: PlainPiece, feltC: number): number => feltC - (1 - piece.setup.submergedFraction) * coolerK;
    const heatTo = (feltC: number): number =>
      pieces.reduce((sum, piece, g) => {
        const surroundingsC = around(piece, feltC);
        const next = piece.after(stepS, films[g] ?? 0, surroundingsC);
        const flow = piece.film(films[g] ?? 0) * (surroundingsC - (next[cells - 1] ?? 0));
        return sum + piece.span(stepS) * flow;
      }, 0);
    const none = heatTo(0);
    const slopeToPieces = (heatTo(100) - none) / 100;
    const felt = (t: number): number => (liquidC + t) / 2 - phase.headspaceDropK;
    const toPieces = (t: number): number => none + slopeToPieces * felt(t);
    const capacity = (setup.vesselHeatJK + 4100 * Math.max(ownKg, 0.02)) / stepS;
    const dropK = phase.behindDoor ? (grid.airDropK[step] ?? 0) : 0;
    const gasC = phase.ambientC - dropK;
    const conductance = (phase.gas ? plainGasWK(phase.gas, gasC, liquidC) : 0) + (1 - wet) * airWK;
    const condensing = phase.condensing && liquidC < phase.condensing.dewC ? phase.condensing : undefined;
    const law = dryingLaw(setup.pressurePa, phase.ambientVapourPa);
    const wetting =
      (grid.lidOff[step] === 1 ? 1 : phase.lidLeak) * setup.surfaceM2 * phase.massTransfer * setup.pressurePa;
    const latent = latentHeatJKg(Math.min(liquidC, boilC));
    const lostDryW = (t: number): number =>
      phase.wallsFactor * (phase.walls?.at(DRY_W, t) ?? 0) + wet * (phase.surface?.at(DRY_W, t) ?? 0);
    const steamAtW = (t: number): number =>
      latent * (wet * (phase.surface?.at(STEAM_KGS, t) ?? 0) + Math.max(0, wetting * lookUp(law.drive, t)));
    /** Heat that neither warms the pot to `t` nor leaves it some way other than as steam, W. */
    const surplus = (t: number): number =>
      capacity * (liquidC - t) +
      conductance * (gasC - t) +
      (condensing ? condensing.conductanceWK * (condensing.dewC - t) : 0) +
      phase.powerW -
      wet * airWK * dropK -
      lostDryW(t) -
      toPieces(t);
    let next = boilC;
    let steamW = Math.max(surplus(boilC), steamAtW(boilC));
    if (surplus(boilC) < steamAtW(boilC)) {
      next = bisect(-40, boilC, (t) => surplus(t) - steamAtW(t));
      steamW = steamAtW(next);
    }
    if (steamW * stepS > standing * latent) {
      steamW = (standing * latent) / stepS;
      const dry = steamW;
      next = bisect(-40, 1500, (t) => surplus(t) + wet * (phase.surface?.at(DRY_W, t) ?? 0) - dry);
    }
    const steam = (steamW * stepS) / latent;
    const ofOwn = Math.min(ownKg, steam);
    ownKg -= ofOwn;
    givenKg -= steam - ofOwn;
    pieces.forEach((piece, g) => {
      piece.take(piece.after(stepS, films[g] ?? 0, around(piece, felt(next))), stepS);
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
