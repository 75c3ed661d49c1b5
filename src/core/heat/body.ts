import { type EquivalentBody } from './shape';

/** What conducts: one size class of pieces in the pot. SI units. */
export interface BodySetup {
  readonly shape: Pick<EquivalentBody, 'beta' | 'lengthM'>;
  /** Total volume of all pieces of this class, meat and core bone, m³. */
  readonly volumeM3: number;
  readonly conductivityWMK: number;
  /** Density times specific heat of the meat, J/m³K. */
  readonly volumetricHeatJM3K: number;
  /** Share of the volume that is a bone running through the middle, 0 to 0.9. */
  readonly coreBoneFraction: number;
  readonly startTempC: number;
  /** Share of the surface under liquid when the pieces go in, 0 to 1. */
  readonly submergedFraction: number;
  /** Largest share of mass the meat can give up as juice. */
  readonly maxJuiceFraction: number;
}

/** Bone in the middle of a piece: conductivity W/mK and heat capacity J/m³K. Modeller's judgement. */
export const BONE = { conductivityWMK: 0.4, volumetricHeatJM3K: 2.4e6, densityKgM3: 1300 } as const;

/** Quantile of the meat's volume whose cook value decides tenderness: the slowest quarter. */
export const SLOW_QUANTILE = 0.25;

interface Factors {
  readonly a: Float64Array;
  readonly b: Float64Array;
  readonly c: Float64Array;
  /** Capacity of the outer cell per step, plus what its inner neighbour leaves of the coupling, W/K. */
  readonly outerCapacity: number;
  readonly outerDiagonal: number;
}

/** Where the slowest quarter sits between two cells: the value is `(1 - weight) * low + weight * high`. */
export interface QuantileCells {
  readonly low: number;
  readonly high: number;
  readonly weight: number;
}

/**
 * A piece cut into shells, advanced by implicit Euler. The surface film enters only the last row, so all other rows
 * are factored once per step length. With a core bone the shells meet exactly at its surface.
 */
export class ConductingBody {
  readonly cells: number;
  /** First cell of meat; those below are bone. */
  readonly firstMeat: number;
  readonly temp: Float64Array;
  readonly cookValue: Float64Array;
  readonly slow: QuantileCells;
  /** Share of the meat's volume in each cell (0 for bone). */
  readonly meatShare: Float64Array;
  readonly surfaceM2: number;
  /** Half of the outer shell over conductivity, m²K/W. */
  readonly outerResistance: number;
  private readonly heatCapacity: Float64Array;
  private readonly coupling: Float64Array;
  private readonly work: Float64Array;
  private readonly factorCache = new Map<number, Factors>();

  constructor(
    readonly setup: BodySetup,
    cells: number,
  ) {
    const { beta, lengthM } = setup.shape;
    const power = beta + 1;
    const bone = setup.coreBoneFraction;
    const boneRadius = bone > 0 ? lengthM * bone ** (1 / power) : 0;
    const boneCells = bone > 0 ? Math.max(2, Math.round((cells * boneRadius) / lengthM / 2)) : 0;
    const meatCells = cells - boneCells;
    this.cells = cells;
    this.firstMeat = boneCells;
    const face = (i: number): number =>
      i <= boneCells && boneCells > 0
        ? (boneRadius * i) / boneCells
        : boneRadius + ((lengthM - boneRadius) * (i - boneCells)) / meatCells;

    const geometricVolume = lengthM ** power / power;
    const scale = setup.volumeM3 / geometricVolume;
    this.temp = new Float64Array(cells).fill(setup.startTempC);
    this.cookValue = new Float64Array(cells);
    this.work = new Float64Array(cells);
    this.heatCapacity = new Float64Array(cells);
    this.coupling = new Float64Array(cells);
    this.meatShare = new Float64Array(cells);
    const halfResistance = new Float64Array(cells);
    let meatVolume = 0;
    for (let i = 0; i < cells; i++) {
      const isBone = i < boneCells;
      const volume = (scale * (face(i + 1) ** power - face(i) ** power)) / power;
      this.heatCapacity[i] = volume * (isBone ? BONE.volumetricHeatJM3K : setup.volumetricHeatJM3K);
      halfResistance[i] = (face(i + 1) - face(i)) / (2 * (isBone ? BONE.conductivityWMK : setup.conductivityWMK));
      if (!isBone) {
        this.meatShare[i] = volume;
        meatVolume += volume;
      }
    }
    for (let i = 0; i < cells; i++) this.meatShare[i] = (this.meatShare[i] ?? 0) / meatVolume;
    for (let i = 0; i < cells - 1; i++) {
      this.coupling[i] = (scale * face(i + 1) ** beta) / ((halfResistance[i] ?? 0) + (halfResistance[i + 1] ?? 0));
    }
    this.surfaceM2 = scale * lengthM ** beta;
    this.outerResistance = halfResistance[cells - 1] ?? 0;
    this.slow = this.findQuantile(SLOW_QUANTILE);
  }

  private findQuantile(quantile: number): QuantileCells {
    let cumulative = 0;
    let previousMiddle = 0;
    for (let i = this.firstMeat; i < this.cells; i++) {
      const share = this.meatShare[i] ?? 0;
      const middle = cumulative + share / 2;
      if (middle >= quantile) {
        if (i === this.firstMeat) return { low: i, high: i, weight: 0 };
        return { low: i - 1, high: i, weight: (quantile - previousMiddle) / (middle - previousMiddle) };
      }
      previousMiddle = middle;
      cumulative += share;
    }
    return { low: this.cells - 1, high: this.cells - 1, weight: 0 };
  }

  private factors(stepS: number): Factors {
    const cached = this.factorCache.get(stepS);
    if (cached) return cached;
    const last = this.cells - 1;
    const a = new Float64Array(last);
    const b = new Float64Array(last);
    const c = new Float64Array(last);
    let previousC = 0;
    let previousK = 0;
    for (let i = 0; i < last; i++) {
      const m = (this.heatCapacity[i] ?? 0) / stepS;
      const k = this.coupling[i] ?? 0;
      const inverse = 1 / (m + k + previousK * (1 - previousC));
      a[i] = m * inverse;
      b[i] = previousK * inverse;
      c[i] = k * inverse;
      previousC = k * inverse;
      previousK = k;
    }
    const outerCapacity = (this.heatCapacity[last] ?? 0) / stepS;
    const made: Factors = { a, b, c, outerCapacity, outerDiagonal: outerCapacity + previousK * (1 - previousC) };
    this.factorCache.set(stepS, made);
    return made;
  }

  /**
   * First half of a step: eliminates all inner rows. Afterwards the new surface-cell temperature is
   * `offset + gain * T_env`, with the film's conductance `film` (W/K) between them.
   */
  forward(stepS: number, filmWM2K: number): void {
    const { a, b, outerCapacity, outerDiagonal } = this.factors(stepS);
    const last = this.cells - 1;
    const { temp, work } = this;
    let d = 0;
    for (let i = 0; i < last; i++) {
      d = (a[i] as number) * (temp[i] as number) + (b[i] as number) * d;
      work[i] = d;
    }
    this.film = this.surfaceM2 / (1 / filmWM2K + this.outerResistance);
    const inverse = 1 / (outerDiagonal + this.film);
    this.offset = (outerCapacity * (temp[last] as number) + (this.coupling[last - 1] as number) * d) * inverse;
    this.gain = this.film * inverse;
  }

  film = 0;
  offset = 0;
  gain = 0;

  /** Second half of a step: puts the surroundings' new temperature in and fills all cells. */
  backward(stepS: number, surroundingsC: number): void {
    const { c } = this.factors(stepS);
    const { temp, work } = this;
    let next = this.offset + this.gain * surroundingsC;
    temp[this.cells - 1] = next;
    for (let i = this.cells - 2; i >= 0; i--) {
      next = (work[i] as number) + (c[i] as number) * next;
      temp[i] = next;
    }
  }

  /** Heat held above 0 °C, J. */
  enthalpyJ(): number {
    let sum = 0;
    for (let i = 0; i < this.cells; i++) sum += (this.heatCapacity[i] ?? 0) * (this.temp[i] ?? 0);
    return sum;
  }

  /** Mean over the meat (bone left out) of a per-cell array. */
  meatMean(values: Float64Array): number {
    let sum = 0;
    for (let i = this.firstMeat; i < this.cells; i++) sum += (this.meatShare[i] ?? 0) * (values[i] ?? 0);
    return sum;
  }

  /** Value of a per-cell array at the slowest quarter. */
  atSlowQuarter(values: Float64Array): number {
    const { low, high, weight } = this.slow;
    return (1 - weight) * (values[low] ?? 0) + weight * (values[high] ?? 0);
  }

  /** Temperature of the coldest meat, °C: the centre, or the meat at the bone. */
  coreTempC(): number {
    return this.temp[this.firstMeat] ?? 0;
  }
}
