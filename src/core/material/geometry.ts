import { smoothStep } from '../numbers';
import { potBaseM2, type PotShape } from './pot';

/** One size class of pieces as it lies in the pot. */
export interface OrientedPieces {
  readonly count: number;
  /** Base area of each piece, m², and its height, m. */
  readonly footprintM2: number;
  readonly heightM: number;
  /** Volume of one piece, m³. */
  readonly volumeM3: number;
  /** `prism` has the same section at every height; `roll` is a cylinder on its side; `heap` is many small pieces. */
  readonly profile: 'prism' | 'roll' | 'heap';
  /** Laid in this many layers even if fewer would do. */
  readonly leastLayers?: number;
}

/** How the pieces settle. */
export interface Arrangement {
  readonly pieces: OrientedPieces;
  /** Mean number of layers: from 1, not in whole steps, since pieces yield. */
  readonly layers: number;
  /** Height of the top of the meat, m. */
  readonly stackHeightM: number;
  /** Share of the base that meat of the lowest layer covers, 0 to 1. */
  readonly coverage: number;
}

/** Share of the base that pieces laid by hand can cover: straight sides leave less over. Estimate, no source. */
const LAYER_PACKING: Readonly<Record<PotShape['shape'], number>> = { round: 0.8, oval: 0.8, rectangle: 0.9 };
/** Share of a heap that is meat; the rest fills with liquid. */
const HEAP_SOLID = 0.62;
/**
 * Up to this many pieces are laid by hand, from this many on they are thrown in; in between, gradually. Estimate, no
 * source.
 */
const BY_HAND = { all: 8, none: 20 } as const;
/** Share of a layer of cut vegetables that is vegetable. */
const VEGETABLE_SOLID = 0.55;
const VEGETABLE_DENSITY_KGM3 = 1000;

/** Share of the space they occupy that the pieces fill. */
function solidShare(pot: PotShape, { count, footprintM2, heightM, volumeM3, profile }: OrientedPieces): number {
  if (profile === 'heap' || footprintM2 === 0) return HEAP_SOLID;
  const laid = (LAYER_PACKING[pot.shape] * volumeM3) / (footprintM2 * heightM);
  return laid + (HEAP_SOLID - laid) * smoothStep(count, BY_HAND.all, BY_HAND.none);
}

/** Base area of the pieces in one layer, m². */
function groundM2(pot: PotShape, pieces: OrientedPieces): number {
  return (pieces.count * pieces.volumeM3) / (solidShare(pot, pieces) * pieces.heightM);
}

/**
 * Lays several sizes side by side, each on its share of the base: what it needs, or its proportion if there is not room
 * for all in one layer.
 */
export function arrangeAll(pot: PotShape, groups: readonly OrientedPieces[]): Arrangement[] {
  const ground = groups.map((pieces) => groundM2(pot, pieces));
  const total = ground.reduce((a, b) => a + b, 0);
  return groups.map((pieces, i) => arrange(pot, pieces, (ground[i] as number) / total));
}

/** Lays the pieces in one layer, or as much higher as they need; `share` of the base is theirs. */
export function arrange(pot: PotShape, pieces: OrientedPieces, share = 1): Arrangement {
  const { count, footprintM2, heightM, leastLayers = 1 } = pieces;
  const base = potBaseM2(pot);
  const needed = Math.max(leastLayers, groundM2(pot, pieces) / (base * share));
  // At most each lies on top of the last.
  const layers = Math.min(count, Math.max(1, needed));
  return {
    pieces,
    layers,
    stackHeightM: layers * heightM,
    coverage: Math.min(share, (count * footprintM2) / (layers * base)),
  };
}

/** Share of a circle of diameter 1 below height `h` (0 to 1). */
function rollShareBelow(h: number): number {
  if (h <= 0) return 0;
  if (h >= 1) return 1;
  const angle = 2 * Math.acos(1 - 2 * h);
  return (angle - Math.sin(angle)) / (2 * Math.PI);
}

/** Share of the meat's volume below `levelM`, 0 to 1. */
export function submergedShare(arrangement: Arrangement, levelM: number): number {
  const { pieces, layers, stackHeightM } = arrangement;
  if (levelM <= 0) return 0;
  if (pieces.profile !== 'roll') return Math.min(1, levelM / stackHeightM);
  // Whole layers, and on top a partial one, proportionally lower.
  let below = 0;
  for (let from = 0; from < layers; from++) {
    const part = Math.min(1, layers - from);
    below += part * rollShareBelow((levelM * layers - from * stackHeightM) / (part * stackHeightM));
  }
  return below / layers;
}

/** Everything solid in the pot. */
export interface PotContents {
  readonly pot: PotShape;
  readonly arrangements: readonly Arrangement[];
  readonly vegetablesKg: number;
  /** Vegetables lie as a bed under the meat, not between the pieces. */
  readonly bedUnder?: boolean;
}

/** Height of the bed of vegetables under the meat, m; 0 if they lie between the pieces. */
export function bedHeightM(contents: PotContents): number {
  return contents.bedUnder === true ? vegetableVolumeM3(contents) / VEGETABLE_SOLID / potBaseM2(contents.pot) : 0;
}

/** Share of the meat's volume below `levelM` in this pot, per arrangement, 0 to 1. */
export function submergedShares(contents: PotContents, levelM: number): number[] {
  const bedM = bedHeightM(contents);
  return contents.arrangements.map((a) => submergedShare(a, levelM - bedM));
}

function vegetableVolumeM3(contents: PotContents): number {
  return contents.vegetablesKg / VEGETABLE_DENSITY_KGM3;
}

/** Base area the meat takes from the vegetables, m². */
function coveredM2(contents: PotContents): number {
  return potBaseM2(contents.pot) * contents.arrangements.reduce((sum, a) => sum + a.coverage, 0);
}

function solidsBelowM3(contents: PotContents, levelM: number): number {
  const base = potBaseM2(contents.pot);
  const shares = submergedShares(contents, levelM);
  const meat = contents.arrangements.reduce(
    (sum, a, i) => sum + (shares[i] as number) * a.pieces.count * a.pieces.volumeM3,
    0,
  );
  const vegetables = vegetableVolumeM3(contents);
  if (vegetables === 0) return meat;
  if (contents.bedUnder === true) return meat + VEGETABLE_SOLID * base * Math.min(levelM, bedHeightM(contents));
  const bed = vegetableBed(contents);
  const low = Math.min(levelM, bed.betweenM);
  const high = Math.min(Math.max(0, levelM - bed.betweenM), bed.overM);
  return meat + VEGETABLE_SOLID * (bed.freeM2 * low + base * high);
}

/** Cut vegetables as they lie: between the pieces up to the meat's height, the rest on top of all. */
interface VegetableBed {
  /** Area between the pieces, m². */
  readonly freeM2: number;
  readonly betweenM: number;
  readonly overM: number;
}

function vegetableBed(contents: PotContents): VegetableBed {
  const base = potBaseM2(contents.pot);
  const freeM2 = Math.max(0.15 * base, base - coveredM2(contents));
  const vegetables = vegetableVolumeM3(contents) / VEGETABLE_SOLID;
  const betweenM = Math.min(vegetables / freeM2, meatHeightM(contents));
  return { freeM2, betweenM, overM: Math.max(0, vegetables - freeM2 * betweenM) / base };
}

/** Height of the vegetables between the pieces and, if there are many, above them, m. */
export function vegetableHeightM(contents: PotContents): number {
  if (contents.bedUnder === true) return bedHeightM(contents);
  const { betweenM, overM } = vegetableBed(contents);
  return betweenM + overM;
}

/** Height of the meat itself, m. */
function stackHeightM(contents: PotContents): number {
  return Math.max(...contents.arrangements.map((a) => a.stackHeightM));
}

/** Height of the top of the meat, m. */
export function meatHeightM(contents: PotContents): number {
  return bedHeightM(contents) + stackHeightM(contents);
}

/** Litres of liquid that raise the surface to `levelM` above the base. */
export function litresForLevel(contents: PotContents, levelM: number): number {
  const free = potBaseM2(contents.pot) * levelM - solidsBelowM3(contents, levelM);
  return Math.max(0, free) * 1000;
}

/** Height of the liquid's surface, m, with `litres` in the pot; the inverse of `litresForLevel` to 1e-7 m. */
export function levelForLitres(contents: PotContents, litres: number): number {
  let low = 0;
  let high = 2;
  while (high - low > 1e-7) {
    const middle = (low + high) / 2;
    if (litresForLevel(contents, middle) < litres) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * The same contents after the meat has lost a share of its volume as liquid, smaller in every direction, with the
 * vegetables present by then. `meatLoss` has one share per arrangement.
 */
export function shrunk(contents: PotContents, meatLoss: readonly number[], vegetablesKg: number): PotContents {
  return {
    ...contents,
    vegetablesKg,
    arrangements: contents.arrangements.map((a, i) => {
      const loss = meatLoss[i] ?? 0;
      const line = Math.cbrt(1 - loss);
      return {
        ...a,
        stackHeightM: a.stackHeightM * line,
        coverage: a.coverage * line * line,
        pieces: {
          ...a.pieces,
          footprintM2: a.pieces.footprintM2 * line * line,
          heightM: a.pieces.heightM * line,
          volumeM3: a.pieces.volumeM3 * (1 - loss),
        },
      };
    }),
  };
}
