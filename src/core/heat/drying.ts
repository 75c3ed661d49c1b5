import { saturationPressurePa, saturationSlopePaK } from './water';

/** Drying rate of a wet surface in air of a given vapour pressure, tabulated every 0.05 K from 0 to 110 °C. */
export interface DryingLaw {
  /** ln((p - p_air) / (p - p_surface)): multiply by conductance and pressure for kg/s. */
  readonly drive: Float64Array;
  /** Its derivative, 1/K; 0 where the surface is limited to just below boiling. */
  readonly slope: Float64Array;
}

/** Mass-transfer coefficient of a wet surface in still air, kg/(s m² Pa). Estimate. */
export const STILL_MASS_TRANSFER = 3.2e-8;
/** Saturation pressure is capped within 3% of the air's: the law diverges at boiling. */
const NEAR_BOIL = 0.97;
const STEPS_PER_K = 20;
const MAX_C = 110;
const KEPT = 32;

const laws = new Map<string, DryingLaw>();

/** The law at `pressurePa` in air of `ambientVapourPa`; Stefan flow, linear between 0.05 K steps, 0 to 110 °C. */
export function dryingLaw(pressurePa: number, ambientVapourPa: number): DryingLaw {
  if (last && lastPa === pressurePa && lastVapourPa === ambientVapourPa) return last;
  lastPa = pressurePa;
  lastVapourPa = ambientVapourPa;
  last = find(pressurePa, ambientVapourPa);
  return last;
}

/** The last law requested: every particle of a forecast asks for the same. */
let last: DryingLaw | undefined;
let lastPa = Number.NaN;
let lastVapourPa = Number.NaN;

function find(pressurePa: number, ambientVapourPa: number): DryingLaw {
  const key = `${String(pressurePa)}/${String(ambientVapourPa)}`;
  const known = laws.get(key);
  if (known) return known;
  const made = tabulate(pressurePa, ambientVapourPa);
  if (laws.size >= KEPT) laws.clear();
  laws.set(key, made);
  return made;
}

function tabulate(pressurePa: number, ambientVapourPa: number): DryingLaw {
  const size = MAX_C * STEPS_PER_K + 2;
  const drive = new Float64Array(size);
  const slope = new Float64Array(size);
  for (let i = 0; i < size; i++) {
    const tempC = i / STEPS_PER_K;
    const saturation = saturationPressurePa(tempC);
    const clamped = saturation >= NEAR_BOIL * pressurePa;
    const vapour = clamped ? NEAR_BOIL * pressurePa : saturation;
    drive[i] = Math.log((pressurePa - ambientVapourPa) / (pressurePa - vapour));
    slope[i] = clamped ? 0 : saturationSlopePaK(tempC, saturation) / (pressurePa - vapour);
  }
  return { drive, slope };
}

/** A tabulated law at `tempC`, linear between entries; constant beyond the ends. */
export function lookUp(table: Float64Array, tempC: number): number {
  const position = (tempC < 0 ? 0 : tempC > MAX_C ? MAX_C : tempC) * STEPS_PER_K;
  const index = position | 0;
  const low = table[index] as number;
  return low + (position - index) * ((table[index + 1] as number) - low);
}
