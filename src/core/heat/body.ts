import { type EquivalentBody } from './shape';

/** The pieces of one size class as conducting bodies. SI units; the same object for every particle. */
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

/** One size class in one particle. */
export interface BodySetup {
  readonly pieces: Pieces;
  /** Factor on the shape's length: thickness misjudged, pieces shielding one another. The volume stays. */
  readonly stretch: number;
  readonly startTempC: number;
  /** Share of the surface under liquid when the pieces go in, 0 to 1. */
  readonly submergedFraction: number;
  /** Largest share of mass the meat can release as juice. */
  readonly maxJuiceFraction: number;
  /** Mass that releases juice, without bone, kg. */
  readonly edibleKg: number;
}

/** Bone in the middle of a piece: conductivity W/mK and heat capacity J/m³K. Estimate, no source. */
export const BONE = { conductivityWMK: 0.4, volumetricHeatJM3K: 2.4e6, densityKgM3: 1300 } as const;

/** Quantile of the meat's volume whose cook value decides tenderness: the slowest quarter. */
export const SLOW_QUANTILE = 0.25;

/** Where the slowest quarter lies between two cells: the value is `(1 - weight) * low + weight * high`. */
export interface QuantileCells {
  readonly low: number;
  readonly high: number;
  readonly weight: number;
}

/** A piece divided into shells, before any stretch: what is the same in every particle. */
export interface Geometry {
  /** First shell of meat; those below it are bone. */
  readonly firstMeat: number;
  /** Heat capacity of each shell, J/K. */
  readonly heatCapacity: Float64Array;
  /** Conductance from each shell to the next, W/K. */
  readonly coupling: Float64Array;
  /** Share of the meat's volume in each shell; 0 for bone. */
  readonly meatShare: Float64Array;
  /** Position of the middle of each shell, as a share of the distance from centre to surface. */
  readonly depth: Float64Array;
  readonly slow: QuantileCells;
  readonly surfaceM2: number;
  /** Half the outer shell's thickness over conductivity, m²K/W. */
  readonly outerResistance: number;
  /** Rate at which the piece's slowest mode decays in simmering liquid, 1/s. */
  readonly slowestRate: number;
}

/** Heat-transfer coefficient for which steps are fitted to a piece, W/m²K: that of simmering liquid. */
const SIMMERING_FILM = 400;
const POWER_ITERATIONS = 12;

const geometries = new WeakMap<Pieces, Map<number, Geometry>>();

/** The shells of a piece; computed once per resolution. */
export function geometryOf(pieces: Pieces, cells: number): Geometry {
  const known = geometries.get(pieces) ?? new Map<number, Geometry>();
  geometries.set(pieces, known);
  const found = known.get(cells) ?? cut(pieces, cells);
  known.set(cells, found);
  return found;
}

/** Divides a piece into `cells` shells; with a core bone, shells meet exactly at its surface. */
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
  const depth = new Float64Array(cells);
  const halfResistance = new Float64Array(cells);
  for (let i = 0; i < cells; i++) {
    const isBone = i < firstMeat;
    const volume = (scale * (face(i + 1) ** power - face(i) ** power)) / power;
    heatCapacity[i] = volume * (isBone ? BONE.volumetricHeatJM3K : pieces.volumetricHeatJM3K);
    halfResistance[i] = (face(i + 1) - face(i)) / (2 * (isBone ? BONE.conductivityWMK : pieces.conductivityWMK));
    depth[i] = (face(i) + face(i + 1)) / (2 * lengthM);
    if (!isBone) meatShare[i] = volume;
  }
  const meatVolume = meatShare.reduce((a, b) => a + b, 0);
  for (let i = 0; i < cells; i++) meatShare[i] = (meatShare[i] as number) / meatVolume;
  for (let i = 0; i < cells - 1; i++) {
    coupling[i] = (scale * face(i + 1) ** beta) / ((halfResistance[i] as number) + (halfResistance[i + 1] as number));
  }
  const surfaceM2 = scale * lengthM ** beta;
  const outerResistance = halfResistance[cells - 1] as number;
  return {
    firstMeat,
    heatCapacity,
    coupling,
    meatShare,
    depth,
    slow: findQuantile(meatShare, firstMeat, SLOW_QUANTILE),
    surfaceM2,
    outerResistance,
    slowestRate: slowestRate(heatCapacity, coupling, surfaceM2 / (outerResistance + 1 / SIMMERING_FILM)),
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

/** The slowest decay rate of shells behind a surface conductance of `film` W/K, 1/s; by inverse iteration. */
function slowestRate(heatCapacity: Float64Array, coupling: Float64Array, film: number): number {
  const last = heatCapacity.length - 1;
  let mode = heatCapacity.map(() => 1);
  let rate = 0;
  for (let k = 0; k < POWER_ITERATIONS; k++) {
    // The shell temperatures for heat sources proportional to their capacity; the outward flow adds up on the way.
    const flow = new Float64Array(last + 1);
    let sum = 0;
    for (let i = 0; i <= last; i++) {
      sum += (heatCapacity[i] as number) * (mode[i] as number);
      flow[i] = sum;
    }
    const next = new Float64Array(last + 1);
    next[last] = sum / film;
    for (let i = last - 1; i >= 0; i--) {
      next[i] = (next[i + 1] as number) + (flow[i] as number) / (coupling[i] as number);
    }
    const middle = next[0] as number;
    rate = 1 / middle;
    mode = next.map((x) => x / middle);
  }
  return rate;
}
