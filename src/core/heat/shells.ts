import { type BodySetup, geometryOf } from './body';
import { tabulatedCookRate } from '../tenderness';

/** A step in which the slowest mode decays by more than this power of e is not stretched further. */
const MAX_DECAYS = 3;

/** Capacity of the blocks: shells of all bodies, and as many again per step length. */
interface Room {
  readonly cells: number;
  readonly factors: number;
}

/**
 * All pieces of a pot as shells in flat blocks, advanced by exponentially fitted implicit Euler (Liniger & Willoughby
 * 1970): a step counts as somewhat longer than it is, so that each piece's slowest mode decays exactly, however long
 * the steps. The surface coefficient enters only the last row of each piece, so its other rows are factored once per
 * step length. The blocks are reused for every run. They are constants of one closure and not fields, because the
 * compiler then knows where they are, which makes a step a sixth cheaper.
 */
function makeShells(room: Room) {
  const block = (size: number): Float64Array => new Float64Array(size);
  /** By body and cell. */
  const temp = block(room.cells);
  const work = block(room.cells);
  const keptTemp = block(room.cells);
  const keptMean = block(room.cells);
  const capacity = block(room.cells);
  const coupling = block(room.cells);
  const share = block(room.cells);
  /**
   * By body: surface conductance over the step, W/K, and the new surface temperature as `offset + gain * surroundings`.
   */
  const film = block(room.cells);
  const offset = block(room.cells);
  const gain = block(room.cells);
  /** By body: mean temperature of the meat after the last `backward`, °C. */
  const mean = block(room.cells);
  const surfaceM2 = block(room.cells);
  const outerResistance = block(room.cells);
  const slowestRate = block(room.cells);
  /** By body: the shells between which the slowest quarter lies, and the weight of the second. */
  const slowLowAt = new Int32Array(room.cells);
  const slowHighAt = new Int32Array(room.cells);
  const slowWeight = block(room.cells);
  /** By step length, body and cell. */
  const a = block(room.factors);
  const b = block(room.factors);
  const c = block(room.factors);
  /** By step length and body. */
  const outerCapacity = block(room.factors);
  const outerDiagonal = block(room.factors);
  const span = block(room.factors);
  const factored = new Uint8Array(room.factors);
  let bodies = 0;
  let cells = 0;
  let lengths: Float64Array = new Float64Array(0);

  /** Loads the pieces at their starting temperatures, for steps of the given lengths, s. */
  function load(setups: readonly BodySetup[], cellCount: number, stepLengths: Float64Array): void {
    bodies = setups.length;
    cells = cellCount;
    lengths = stepLengths;
    factored.fill(0, 0, lengths.length * bodies);
    setups.forEach(({ pieces, stretch, startTempC }, g) => {
      const piece = geometryOf(pieces, cells);
      const perSquare = 1 / (stretch * stretch);
      surfaceM2[g] = piece.surfaceM2 / stretch;
      outerResistance[g] = piece.outerResistance * stretch;
      slowestRate[g] = piece.slowestRate * perSquare;
      const from = g * cells;
      for (let i = 0; i < cells; i++) {
        capacity[from + i] = piece.heatCapacity[i] as number;
        coupling[from + i] = (piece.coupling[i] as number) * perSquare;
        share[from + i] = piece.meatShare[i] as number;
        temp[from + i] = startTempC;
      }
      mean[g] = startTempC;
      slowLowAt[g] = from + piece.slow.low;
      slowHighAt[g] = from + piece.slow.high;
      slowWeight[g] = piece.slow.weight;
    });
  }

  /** Makes a length index stand for another length, s. */
  function relength(length: number, stepS: number): void {
    if (lengths[length] === stepS) return;
    lengths[length] = stepS;
    factored.fill(0, length * bodies, (length + 1) * bodies);
  }

  /** Remembers all temperatures, for `back`. */
  function keep(): void {
    for (let i = 0; i < bodies * cells; i++) keptTemp[i] = temp[i] as number;
    for (let g = 0; g < bodies; g++) keptMean[g] = mean[g] as number;
  }

  /** Back to the temperatures last kept. */
  function back(): void {
    for (let i = 0; i < bodies * cells; i++) temp[i] = keptTemp[i] as number;
    for (let g = 0; g < bodies; g++) mean[g] = keptMean[g] as number;
  }

  function factor(g: number, length: number): void {
    const row = length * bodies + g;
    const from = g * cells;
    const to = row * cells;
    const decays = Math.min(MAX_DECAYS, (slowestRate[g] as number) * (lengths[length] as number));
    const longer = Math.expm1(decays) / decays;
    const perStep = 1 / (longer * (lengths[length] as number));
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
    outerCapacity[row] = outer;
    outerDiagonal[row] = outer + previousK * (1 - previousC);
    span[row] = longer;
    factored[row] = 1;
  }

  /**
   * First half of a step with that length index: eliminates all inner rows of piece `g` behind a surface `resistance`,
   * m²K/W. Afterwards its new surface shell is at `offset + gain * surroundings`, with `film` W/K between them.
   */
  function forward(g: number, length: number, resistance: number): void {
    const row = length * bodies + g;
    if (factored[row] === 0) factor(g, length);
    const from = g * cells;
    const last = cells - 1;
    const at = row * cells;
    let d = 0;
    for (let i = 0; i < last; i++) {
      d = (a[at + i] as number) * (temp[from + i] as number) + (b[at + i] as number) * d;
      work[from + i] = d;
    }
    const filmWK = (surfaceM2[g] as number) / (resistance + (outerResistance[g] as number));
    const inverse = 1 / ((outerDiagonal[row] as number) + filmWK);
    const held = (outerCapacity[row] as number) * (temp[from + last] as number);
    film[g] = filmWK * (span[row] as number);
    offset[g] = (held + (coupling[from + last - 1] as number) * d) * inverse;
    gain[g] = filmWK * inverse;
  }

  /** Second half of a step: substitutes the surroundings' new temperature and fills all shells. */
  function backward(g: number, length: number, surroundingsC: number): void {
    const from = g * cells;
    const at = (length * bodies + g) * cells;
    let next = (offset[g] as number) + (gain[g] as number) * surroundingsC;
    let sum = (share[from + cells - 1] as number) * next;
    temp[from + cells - 1] = next;
    for (let i = cells - 2; i >= 0; i--) {
      next = (work[from + i] as number) + (c[at + i] as number) * next;
      temp[from + i] = next;
      sum += (share[from + i] as number) * next;
    }
    mean[g] = sum;
  }

  /** Cook value per minute that the slowest quarter of piece `g` gains at its temperature. */
  function slowCookRate(g: number): number {
    const low = tabulatedCookRate(temp[slowLowAt[g] as number] as number);
    const high = tabulatedCookRate(temp[slowHighAt[g] as number] as number);
    return low + (slowWeight[g] as number) * (high - low);
  }

  /** Heat held above 0 °C by all pieces, J. */
  function enthalpyJ(): number {
    let sum = 0;
    for (let i = 0; i < bodies * cells; i++) sum += (capacity[i] as number) * (temp[i] as number);
    return sum;
  }

  /** Mean over the meat of piece `g` (without bone) of a value by body and cell. */
  function meatMean(g: number, values: Float64Array): number {
    let sum = 0;
    const from = g * cells;
    for (let i = 0; i < cells; i++) sum += (share[from + i] as number) * (values[from + i] as number);
    return sum;
  }

  return {
    room,
    load,
    relength,
    keep,
    back,
    forward,
    backward,
    slowCookRate,
    enthalpyJ,
    meatMean,
    temp,
    film,
    offset,
    gain,
    mean,
    surfaceM2,
    outerResistance,
  };
}

export type Shells = ReturnType<typeof makeShells>;

/** Room for eight bodies on the full grid and 24 step lengths: more than a braise has. */
const USUAL: Room = { cells: 320, factors: 7680 };

let kept = makeShells(USUAL);

/**
 * The pieces at their starting temperatures, for steps of the given lengths, s. Only one set at a time: the blocks are
 * shared.
 */
export function loadShells(setups: readonly BodySetup[], cells: number, lengths: Float64Array): Shells {
  const size = setups.length * cells;
  const factors = size * lengths.length;
  if (kept.room.cells < size || kept.room.factors < factors) {
    kept = makeShells({ cells: Math.max(size, kept.room.cells), factors: Math.max(factors, kept.room.factors) });
  }
  kept.load(setups, cells, lengths);
  return kept;
}
