import { type InnerFilm, type KeptPot, potLoss, type Ambient } from './potLoss';
import { boilingPointC, geometryOf, latentHeatJKg, LIQUID_HEAT_JKGK, type Pieces, pressureAtAltitudePa } from '../heat';
import { POT_MATTER } from '../larder';
import { ROOM_C } from '../material';
import { tabulatedCookRate } from '../tenderness';

/** Pieces of one size, all under the liquid. */
export interface KeptPieces {
  readonly pieces: Pieces;
  readonly startC: number;
}

/** One stretch: where the pot is from `fromMin` on. An oven that was switched off cools by itself. */
export interface KeptPhase {
  readonly fromMin: number;
  readonly where: Ambient;
  /** Time constant of the air cooling to room temperature, min: an oven off and shut. */
  readonly fallsMin?: number;
  /** Upper limit of the liquid's temperature, °C: a flame turned down in time. */
  readonly capC?: number;
}

/** What is kept warm, cooled or reheated. */
export interface CoolingInput {
  readonly pot: KeptPot;
  readonly liquidKg: number;
  readonly startC: number;
  readonly groups: readonly KeptPieces[];
  readonly phases: readonly KeptPhase[];
  readonly minutes: number;
  readonly film?: InnerFilm;
  readonly altitudeM?: number;
}

/** The trace, one value at the end of each step. */
export interface CoolingTrace {
  readonly minutes: Float64Array;
  readonly liquidC: Float64Array;
  /** The hottest and the coldest spot of liquid and pieces. */
  readonly hottestC: Float64Array;
  readonly coldestC: Float64Array;
  /** Cook value gained by the slowest quarter, by group, min at 95 °C. */
  readonly gained: readonly Float64Array[];
  /** Water lost as steam, kg. */
  readonly lostKg: Float64Array;
}

const CELLS = 16;
/** Coefficients around a piece in its liquid. Source: docs/model.md. */
const PIECE_FILM = 200;
/** Density of hot liquid, kg/l, as in the reference's levels. */
const LIQUID_KG_L = 0.97;
const FINE_S = 10;
const COARSE_S = 60;
const FINE_UNTIL_S = 4 * 3600;
const TABLE_K = 0.5;
const COLDEST_C = -5;

/** Losses of a pot in one surrounding, tabulated every half degree: bisecting in each step would be slow. */
function lossTable(q: CoolingInput, litres: number, where: Ambient, boilC: number, pressurePa: number) {
  const count = Math.ceil((boilC - COLDEST_C) / TABLE_K) + 2;
  const dry = new Float64Array(count).fill(Number.NaN);
  const steam = new Float64Array(count);
  return (tempC: number): readonly [number, number] => {
    const at = Math.min(count - 2, Math.max(0, (tempC - COLDEST_C) / TABLE_K));
    const low = Math.floor(at);
    for (const i of [low, low + 1]) {
      if (!Number.isNaN(dry[i])) continue;
      const loss = potLoss(q.pot, litres, where, COLDEST_C + i * TABLE_K, q.film, pressurePa);
      dry[i] = loss.dryW;
      steam[i] = loss.steamKgS;
    }
    const part = at - low;
    return [
      (dry[low] as number) + part * ((dry[low + 1] as number) - (dry[low] as number)),
      (steam[low] as number) + part * ((steam[low + 1] as number) - (steam[low] as number)),
    ];
  };
}

/** Conducting pieces, stepped implicitly against the liquid around them. */
class Body {
  readonly temps: Float64Array;
  readonly value: Float64Array;
  private readonly geometry;
  private readonly film: number;
  private readonly work: Float64Array;

  constructor({ pieces, startC }: KeptPieces) {
    this.geometry = geometryOf(pieces, CELLS);
    this.temps = new Float64Array(CELLS).fill(startC);
    this.value = new Float64Array(CELLS);
    this.work = new Float64Array(CELLS);
    this.film = this.geometry.surfaceM2 / (1 / PIECE_FILM + this.geometry.outerResistance);
  }

  /** Advances one step; returns the heat it gives the liquid, J (negative if it absorbs). */
  step(seconds: number, liquidC: number): number {
    const { heatCapacity, coupling } = this.geometry;
    const { temps, work, film } = this;
    const last = CELLS - 1;
    for (let i = 0; i < CELLS; i++) {
      const m = (heatCapacity[i] as number) / seconds;
      const before = i > 0 ? (coupling[i - 1] as number) : 0;
      const after = i < last ? (coupling[i] as number) : 0;
      const edge = i === last ? film : 0;
      const carried = i > 0 ? before * (work[i - 1] as number) : 0;
      const diagonal = m + before + after + edge - carried;
      const right = m * (temps[i] as number) + edge * liquidC + (i > 0 ? before * (temps[i - 1] as number) : 0);
      work[i] = after / diagonal;
      temps[i] = right / diagonal;
    }
    for (let i = last - 1; i >= 0; i--) {
      temps[i] = (temps[i] as number) + (work[i] as number) * (temps[i + 1] as number);
    }
    for (let i = this.geometry.firstMeat; i < CELLS; i++) {
      this.value[i] = (this.value[i] as number) + (tabulatedCookRate(temps[i] as number) * seconds) / 60;
    }
    return film * ((temps[last] as number) - liquidC) * seconds;
  }

  /** Cook value gained by the slowest quarter, min. */
  slow(): number {
    const { low, high, weight } = this.geometry.slow;
    const sorted = this.value;
    return (1 - weight) * (sorted[low] as number) + weight * (sorted[high] as number);
  }
}

/**
 * A pot that is kept warm, cooled or reheated: liquid and pot at one temperature, pieces conducting inside it. Source:
 * docs/model.md, “Keeping warm, cooling, storing”; within the tolerances of the reference cases.
 */
export function keptCourse(q: CoolingInput): CoolingTrace {
  const pressurePa = pressureAtAltitudePa(q.altitudeM ?? 0);
  const boilC = boilingPointC(pressurePa);
  const bodies = q.groups.map((g) => new Body(g));
  const meatL = q.groups.reduce((sum, g) => sum + g.pieces.volumeM3 * 1000, 0);
  const litres = q.liquidKg / LIQUID_KG_L + meatL;
  const vesselJK = q.pot.massKg * POT_MATTER[q.pot.material].heatJKgK;
  const totalS = q.minutes * 60;
  const count =
    Math.ceil(Math.min(totalS, FINE_UNTIL_S) / FINE_S) + Math.ceil(Math.max(0, totalS - FINE_UNTIL_S) / COARSE_S);
  const out = {
    minutes: new Float64Array(count),
    liquidC: new Float64Array(count),
    hottestC: new Float64Array(count),
    coldestC: new Float64Array(count),
    gained: q.groups.map(() => new Float64Array(count)),
    lostKg: new Float64Array(count),
  };
  const tables = q.phases.map(({ where, fallsMin }) =>
    fallsMin === undefined ? lossTable(q, litres, where, boilC, pressurePa) : undefined,
  );
  let liquidC = Math.min(boilC, q.startC);
  let liquidKg = q.liquidKg;
  let seconds = 0;
  let lost = 0;
  for (let n = 0; n < count; n++) {
    const dt = seconds < FINE_UNTIL_S ? FINE_S : COARSE_S;
    const at = q.phases.findLastIndex((p) => p.fromMin * 60 <= seconds);
    const phase = q.phases[Math.max(0, at)] as KeptPhase;
    const table = tables[Math.max(0, at)];
    const [dryW, steamKgS] = table ? table(liquidC) : fallingLoss(q, litres, phase, seconds, liquidC, pressurePa);
    let given = 0;
    // The pieces see the liquid of the previous step: their surface exchange is slow compared with a step.
    for (const body of bodies) given += body.step(dt, liquidC);
    const heatJK = vesselJK + LIQUID_HEAT_JKGK * liquidKg;
    let next = liquidC + (given - (dryW + steamKgS * latentHeatJKg(liquidC)) * dt) / heatJK;
    let gone = steamKgS * dt;
    if (next > boilC) {
      gone += ((next - boilC) * heatJK) / latentHeatJKg(boilC);
      next = boilC;
    }
    if (phase.capC !== undefined) next = Math.min(next, Math.max(phase.capC, COLDEST_C));
    liquidC = next;
    liquidKg = Math.max(0.02, liquidKg - gone);
    lost += gone;
    seconds += dt;
    out.minutes[n] = seconds / 60;
    out.liquidC[n] = liquidC;
    let hot = liquidC;
    let cold = liquidC;
    bodies.forEach((body, g) => {
      for (const t of body.temps) {
        if (t > hot) hot = t;
        if (t < cold) cold = t;
      }
      (out.gained[g] as Float64Array)[n] = body.slow();
    });
    out.hottestC[n] = hot;
    out.coldestC[n] = cold;
    out.lostKg[n] = lost;
  }
  return out;
}

/** Losses to air that is itself cooling. */
function fallingLoss(
  q: CoolingInput,
  litres: number,
  { where, fallsMin = 1, fromMin }: KeptPhase,
  seconds: number,
  tempC: number,
  pressurePa: number,
): readonly [number, number] {
  const start = where.kind === 'oven' ? where.airC : ROOM_C;
  const airC = ROOM_C + (start - ROOM_C) * Math.exp(-(seconds / 60 - fromMin) / fallsMin);
  const loss = potLoss(q.pot, litres, { kind: 'oven', airC }, tempC, q.film, pressurePa);
  return [loss.dryW, loss.steamKgS];
}

/** When a trace drops, or rises, to a temperature, min; Infinity if it does not. */
export function reaches(
  course: CoolingTrace,
  of: 'liquidC' | 'hottestC' | 'coldestC',
  tempC: number,
  way: 'down' | 'up',
): number {
  const values = course[of];
  const n = values.findIndex((t) => (way === 'down' ? t <= tempC : t >= tempC));
  return n < 0 ? Infinity : (course.minutes[n] as number);
}

/** A value of a trace at a time, interpolated between steps. */
export function traceAt(course: CoolingTrace, values: Float64Array, minutes: number): number {
  const n = course.minutes.findIndex((m) => m >= minutes);
  return (n < 0 ? values.at(-1) : values[n]) ?? Number.NaN;
}
