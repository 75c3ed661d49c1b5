import { type EquivalentBody } from './shape';

/** The pieces of one size class as things that conduct. SI units; the same object for every particle. */
export interface Pieces {
  readonly shape: Pick<EquivalentBody, 'beta' | 'lengthM'>;
  /** Total volume of all pieces of this class, meat and core bone, m³. */
  readonly volumeM3: number;
  readonly conductivityWMK: number;
  /** Density times specific heat of the meat, J/m³K. */
  readonly volumetricHeatJM3K: number;
  /** Share of the volume that is a bone running through the middle, 0 to 0.9. */
  readonly coreBoneFraction: number;
}

/** One size class in one kitchen. */
export interface BodySetup {
  readonly pieces: Pieces;
  /** Factor on the shape's length: thickness misjudged, pieces shielding one another. The volume stays. */
  readonly stretch: number;
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

/** A piece cut into shells, before any stretch: what does not change from one kitchen to the next. */
interface Geometry {
  readonly firstMeat: number;
  /** Heat capacity of each shell, J/K. */
  readonly heatCapacity: Float64Array;
  /** Conductance from each shell to the next, W/K. */
  readonly coupling: Float64Array;
  readonly meatShare: Float64Array;
  readonly slow: QuantileCells;
  readonly surfaceM2: number;
  readonly outerResistance: number;
}

const geometries = new WeakMap<Pieces, Map<number, Geometry>>();

function geometryOf(pieces: Pieces, cells: number): Geometry {
  const known = geometries.get(pieces) ?? new Map<number, Geometry>();
  geometries.set(pieces, known);
  const found = known.get(cells) ?? cut(pieces, cells);
  known.set(cells, found);
  return found;
}

/** Cuts a piece into `cells` shells; with a core bone, shells meet exactly at its surface. */
function cut(pieces: Pieces, cells: number): Geometry {
  const { beta, lengthM } = pieces.shape;
  const power = beta + 1;
  const bone = pieces.coreBoneFraction;
  const boneRadius = bone > 0 ? lengthM * bone ** (1 / power) : 0;
  const firstMeat = bone > 0 ? Math.max(2, Math.round((cells * boneRadius) / lengthM / 2)) : 0;
  const meatCells = cells - firstMeat;
  const face = (i: number): number =>
    i <= firstMeat && firstMeat > 0
      ? (boneRadius * i) / firstMeat
      : boneRadius + ((lengthM - boneRadius) * (i - firstMeat)) / meatCells;
  const scale = (pieces.volumeM3 * power) / lengthM ** power;
  const heatCapacity = new Float64Array(cells);
  const coupling = new Float64Array(cells);
  const meatShare = new Float64Array(cells);
  const halfResistance = new Float64Array(cells);
  for (let i = 0; i < cells; i++) {
    const isBone = i < firstMeat;
    const volume = (scale * (face(i + 1) ** power - face(i) ** power)) / power;
    heatCapacity[i] = volume * (isBone ? BONE.volumetricHeatJM3K : pieces.volumetricHeatJM3K);
    halfResistance[i] = (face(i + 1) - face(i)) / (2 * (isBone ? BONE.conductivityWMK : pieces.conductivityWMK));
    if (!isBone) meatShare[i] = volume;
  }
  const meatVolume = meatShare.reduce((a, b) => a + b, 0);
  for (let i = 0; i < cells; i++) meatShare[i] = (meatShare[i] as number) / meatVolume;
  for (let i = 0; i < cells - 1; i++) {
    coupling[i] = (scale * face(i + 1) ** beta) / ((halfResistance[i] as number) + (halfResistance[i + 1] as number));
  }
  return {
    firstMeat,
    heatCapacity,
    coupling,
    meatShare,
    slow: findQuantile(meatShare, firstMeat, SLOW_QUANTILE),
    surfaceM2: scale * lengthM ** beta,
    outerResistance: halfResistance[cells - 1] as number,
  };
}

function findQuantile(meatShare: Float64Array, firstMeat: number, quantile: number): QuantileCells {
  let cumulative = 0;
  let previousMiddle = 0;
  for (let i = firstMeat; i < meatShare.length; i++) {
    const share = meatShare[i] as number;
    const middle = cumulative + share / 2;
    if (middle >= quantile) {
      if (i === firstMeat) return { low: i, high: i, weight: 0 };
      return { low: i - 1, high: i, weight: (quantile - previousMiddle) / (middle - previousMiddle) };
    }
    previousMiddle = middle;
    cumulative += share;
  }
  const last = meatShare.length - 1;
  return { low: last, high: last, weight: 0 };
}

/**
 * A piece cut into shells, advanced by implicit Euler. The surface film enters only the last row, so all other rows
 * are factored once per step length.
 */
export class ConductingBody {
  readonly cells: number;
  /** First cell of meat; those below are bone. */
  readonly firstMeat: number;
  readonly temp: Float64Array;
  readonly cookValue: Float64Array;
  readonly slow: QuantileCells;
  readonly surfaceM2: number;
  /** Half of the outer shell over conductivity, m²K/W. */
  readonly outerResistance: number;
  /** Share of the meat's volume in each cell (0 for bone). */
  private readonly meatShare: Float64Array;
  private readonly heatCapacity: Float64Array;
  private readonly coupling: Float64Array;
  private readonly work: Float64Array;
  private readonly factorCache = new Map<number, Factors>();

  constructor(
    readonly setup: BodySetup,
    cells: number,
  ) {
    const geometry = geometryOf(setup.pieces, cells);
    const { stretch } = setup;
    this.cells = cells;
    this.firstMeat = geometry.firstMeat;
    this.slow = geometry.slow;
    this.meatShare = geometry.meatShare;
    this.heatCapacity = geometry.heatCapacity;
    this.surfaceM2 = geometry.surfaceM2 / stretch;
    this.outerResistance = geometry.outerResistance * stretch;
    this.coupling = stretch === 1 ? geometry.coupling : geometry.coupling.map((k) => k / (stretch * stretch));
    this.temp = new Float64Array(cells).fill(setup.startTempC);
    this.cookValue = new Float64Array(cells);
    this.work = new Float64Array(cells);
  }

  private lastStepS = 0;
  private lastFactors: Factors | undefined;

  private factors(stepS: number): Factors {
    if (this.lastFactors && stepS === this.lastStepS) return this.lastFactors;
    const found = this.factorCache.get(stepS) ?? this.factorise(stepS);
    this.lastStepS = stepS;
    this.lastFactors = found;
    return found;
  }

  private factorise(stepS: number): Factors {
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
