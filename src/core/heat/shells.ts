import { type BodySetup, type Geometry, geometryOf } from './body';
import { tabulatedCookRate } from '../tenderness';

/** A step in which the slowest unevenness dies away by more than this power of e is not drawn out further. */
const MOST_DECAYS = 3;

/**
 * All pieces of a pot as shells in flat blocks, advanced by implicit Euler, fitted exponentially (Liniger & Willoughby 1970): a
 * step counts as somewhat longer than it is, so that each piece's slowest unevenness dies away exactly as it should, however
 * long the steps. The surface film enters only the last row of each piece, so its other rows are factored once for each step
 * length. One object serves run after run: `load` fills it, its arrays are kept and only ever grow.
 */
export class Shells {
  bodies = 0;
  cells = 0;
  geometry: readonly Geometry[] = [];
  /** By body and cell. */
  temp = new Float64Array(0);
  /**
   * By body: film conductance over the step by the clock, W/K, and the new surface temperature as
   * `offset + gain * surroundings`.
   */
  film = new Float64Array(0);
  offset = new Float64Array(0);
  gain = new Float64Array(0);
  /** By body: mean temperature of the meat after the last `backward`, °C. */
  mean = new Float64Array(0);
  surfaceM2 = new Float64Array(0);
  outerResistance = new Float64Array(0);
  private slowestRate = new Float64Array(0);

  /** By body: share that stands out of the liquid, mass that gives juice, kg, and the largest share of it that does. */
  outside = new Float64Array(0);
  edibleKg = new Float64Array(0);
  maxJuice = new Float64Array(0);
  /** By body: the shells between which the slowest quarter lies, how near the second it is, and the coldest meat's shell. */
  slowLowAt = new Int32Array(0);
  slowHighAt = new Int32Array(0);
  slowWeight = new Float64Array(0);
  coreAt = new Int32Array(0);

  private work = new Float64Array(0);
  private capacity = new Float64Array(0);
  private coupling = new Float64Array(0);
  private share = new Float64Array(0);
  /** By step length, body and cell. */
  private a = new Float64Array(0);
  private b = new Float64Array(0);
  private c = new Float64Array(0);
  /** By step length and body. */
  private outerCapacity = new Float64Array(0);
  private outerDiagonal = new Float64Array(0);
  private factored = new Uint8Array(0);
  private span = new Float64Array(0);
  private lengths: Float64Array = new Float64Array(0);

  /** Takes the pieces in at their starting temperatures, for steps of the given lengths, s. */
  load(setups: readonly BodySetup[], cells: number, lengths: Float64Array): void {
    const bodies = setups.length;
    const size = bodies * cells;
    this.bodies = bodies;
    this.cells = cells;
    this.lengths = lengths;
    this.geometry = setups.map((s) => geometryOf(s.pieces, cells));
    this.reserve(size, bodies, lengths.length);
    this.factored.fill(0);
    for (let g = 0; g < bodies; g++) {
      const { stretch, startTempC, submergedFraction, edibleKg, maxJuiceFraction } = setups[g] as BodySetup;
      const geometry = this.geometry[g] as Geometry;
      this.surfaceM2[g] = geometry.surfaceM2 / stretch;
      this.outerResistance[g] = geometry.outerResistance * stretch;
      const perSquare = 1 / (stretch * stretch);
      this.slowestRate[g] = geometry.slowestRate * perSquare;
      const from = g * cells;
      for (let i = 0; i < cells; i++) {
        this.capacity[from + i] = geometry.heatCapacity[i] as number;
        this.coupling[from + i] = (geometry.coupling[i] as number) * perSquare;
        this.share[from + i] = geometry.meatShare[i] as number;
        this.temp[from + i] = startTempC;
      }
      this.mean[g] = startTempC;
      this.outside[g] = 1 - submergedFraction;
      this.edibleKg[g] = edibleKg;
      this.maxJuice[g] = maxJuiceFraction;
      this.slowLowAt[g] = from + geometry.slow.low;
      this.slowHighAt[g] = from + geometry.slow.high;
      this.slowWeight[g] = geometry.slow.weight;
      this.coreAt[g] = from + geometry.firstMeat;
    }
  }

  private reserve(size: number, bodies: number, lengths: number): void {
    if (this.temp.length < size) {
      this.temp = new Float64Array(size);
      this.work = new Float64Array(size);
      this.capacity = new Float64Array(size);
      this.coupling = new Float64Array(size);
      this.share = new Float64Array(size);
    }
    if (this.film.length < bodies) {
      this.film = new Float64Array(bodies);
      this.offset = new Float64Array(bodies);
      this.gain = new Float64Array(bodies);
      this.mean = new Float64Array(bodies);
      this.surfaceM2 = new Float64Array(bodies);
      this.outerResistance = new Float64Array(bodies);
      this.slowestRate = new Float64Array(bodies);
      this.outside = new Float64Array(bodies);
      this.edibleKg = new Float64Array(bodies);
      this.maxJuice = new Float64Array(bodies);
      this.slowLowAt = new Int32Array(bodies);
      this.slowHighAt = new Int32Array(bodies);
      this.slowWeight = new Float64Array(bodies);
      this.coreAt = new Int32Array(bodies);
    }
    if (this.a.length < lengths * size) {
      this.a = new Float64Array(lengths * size);
      this.b = new Float64Array(lengths * size);
      this.c = new Float64Array(lengths * size);
    }
    if (this.factored.length < lengths * bodies) {
      this.factored = new Uint8Array(lengths * bodies);
      this.span = new Float64Array(lengths * bodies);
      this.outerCapacity = new Float64Array(lengths * bodies);
      this.outerDiagonal = new Float64Array(lengths * bodies);
    }
  }

  private factor(g: number, length: number): void {
    const { a, b, c, capacity, coupling, cells } = this;
    const row = length * this.bodies + g;
    const from = g * cells;
    const to = row * cells;
    const decays = Math.min(MOST_DECAYS, (this.slowestRate[g] as number) * (this.lengths[length] as number));
    const span = Math.expm1(decays) / decays;
    const perStep = 1 / (span * (this.lengths[length] as number));
    let previousC = 0;
    let previousK = 0;
    for (let i = 0; i < cells - 1; i++) {
      const m = (capacity[from + i] as number) * perStep;
      const k = coupling[from + i] as number;
      const inverse = 1 / (m + k + previousK * (1 - previousC));
      a[to + i] = m * inverse;
      b[to + i] = previousK * inverse;
      c[to + i] = k * inverse;
      previousC = k * inverse;
      previousK = k;
    }
    const outer = (capacity[from + cells - 1] as number) * perStep;
    this.outerCapacity[row] = outer;
    this.outerDiagonal[row] = outer + previousK * (1 - previousC);
    this.span[row] = span;
    this.factored[row] = 1;
  }

  /**
   * First half of a step of the length of that number: eliminates all inner rows of piece `g` behind a film of
   * `resistance`, m²K/W. Afterwards its new surface shell is at `offset + gain * surroundings`, with `film` W/K between
   * them.
   */
  forward(g: number, length: number, resistance: number): void {
    const row = length * this.bodies + g;
    if (this.factored[row] === 0) this.factor(g, length);
    const { a, b, temp, work, cells } = this;
    const from = g * cells;
    const last = cells - 1;
    const at = row * cells;
    let d = 0;
    for (let i = 0; i < last; i++) {
      d = (a[at + i] as number) * (temp[from + i] as number) + (b[at + i] as number) * d;
      work[from + i] = d;
    }
    const film = (this.surfaceM2[g] as number) / (resistance + (this.outerResistance[g] as number));
    const inverse = 1 / ((this.outerDiagonal[row] as number) + film);
    const held = (this.outerCapacity[row] as number) * (temp[from + last] as number);
    this.film[g] = film * (this.span[row] as number);
    this.offset[g] = (held + (this.coupling[from + last - 1] as number) * d) * inverse;
    this.gain[g] = film * inverse;
  }

  /** Second half of a step: puts the surroundings' new temperature in and fills all shells. */
  backward(g: number, length: number, surroundingsC: number): void {
    const { c, temp, work, share, cells } = this;
    const from = g * cells;
    const at = (length * this.bodies + g) * cells;
    let next = (this.offset[g] as number) + (this.gain[g] as number) * surroundingsC;
    let mean = (share[from + cells - 1] as number) * next;
    temp[from + cells - 1] = next;
    for (let i = cells - 2; i >= 0; i--) {
      next = (work[from + i] as number) + (c[at + i] as number) * next;
      temp[from + i] = next;
      mean += (share[from + i] as number) * next;
    }
    this.mean[g] = mean;
  }

  /** Heat held above 0 °C by all pieces, J. */
  enthalpyJ(): number {
    let sum = 0;
    const size = this.bodies * this.cells;
    for (let i = 0; i < size; i++) sum += (this.capacity[i] as number) * (this.temp[i] as number);
    return sum;
  }

  /** Mean over the meat of piece `g` (bone left out) of a value by body and cell. */
  meatMean(g: number, values: Float64Array): number {
    let sum = 0;
    const from = g * this.cells;
    for (let i = 0; i < this.cells; i++) sum += (this.share[from + i] as number) * (values[from + i] as number);
    return sum;
  }
}

/** Cook value that the slowest quarter of piece `g` gains a minute as warm as it is. */
export function slowCookRate({ temp, slowLowAt, slowHighAt, slowWeight }: Shells, g: number): number {
  const low = tabulatedCookRate(temp[slowLowAt[g] as number] as number);
  const high = tabulatedCookRate(temp[slowHighAt[g] as number] as number);
  return low + (slowWeight[g] as number) * (high - low);
}
