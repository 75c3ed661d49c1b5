import { latentHeatJKg, saturationPressurePa } from './water';
import { radiativeCoefficient, WET_EMISSIVITY } from './radiation';
import { ROOM_C } from '../material';

/** Air over an open pot in an oven. Vapour the pot gives off stays until the oven's draught takes it. */
export interface OvenAir {
  readonly kind: 'oven';
  readonly tempC: number;
  /** Heat-transfer coefficient over the sheltered surface, W/m²K, and over meat above the liquid. */
  readonly surfaceFilm: number;
  readonly meatFilm: number;
  /** Dry room air drawn in, mol/s; water a gas flame adds, mol/s. */
  readonly draughtMolS: number;
  readonly flameMolS: number;
  /** Share of the air that the oven itself keeps as steam, 0 to 1. */
  readonly steamShare: number;
}

/** Room air over an open pot on the hob: warm damp air rises from the surface. */
export interface RoomAir {
  readonly kind: 'room';
  readonly tempC: number;
  readonly vapourPa: number;
  /** Inner width of the pot, m; share of the surface its walls leave exposed; factor on what moving air carries off. */
  readonly spanM: number;
  readonly exposed: number;
  readonly transfer: number;
}

/** Vapour in kitchen air, Pa. */
export const ROOM_VAPOUR_PA = 1500;

/** Room air over liquid `wallM` below the rim of a pot `spanM` wide. */
export function roomAirOver(
  wallM: number,
  spanM: number,
  {
    tempC = ROOM_C,
    vapourPa = ROOM_VAPOUR_PA,
    transfer = 1,
  }: Partial<Pick<RoomAir, 'tempC' | 'vapourPa' | 'transfer'>>,
): RoomAir {
  return { kind: 'room', tempC, vapourPa, spanM, exposed: rimShelterFactor(wallM, spanM), transfer };
}

export interface OpenSurface {
  readonly areaM2: number;
  readonly pressurePa: number;
  /** Factor on how fast the liquid brings heat up to its surface: thick liquid is slower. */
  readonly liquidTransfer: number;
  readonly air: OvenAir | RoomAir;
}

/** What passes through an open surface over liquid of one temperature. */
export interface SurfaceFlow {
  /** Heat the liquid loses, W: steam, less what the air gives. Negative if it gains. */
  readonly lossW: number;
  readonly steamKgS: number;
  readonly surfaceC: number;
  /** Vapour pressure of the air over it, Pa. */
  readonly vapourPa: number;
  /** How fast warmer air would heat it, W/K. */
  readonly airWK: number;
}

/** kg/s of vapour per W/m²K, m² and Pa: Chilton and Colburn, with a Lewis number to the power 2/3 of 0.90. */
const PER_FILM = 6.77e-9;
const MOL_KG = 0.018;
/** Vapour in room air, as a share. */
const ROOM_VAPOUR_SHARE = 0.015;
const AIR_KG_MOL = 0.0289652;
const WATER_KG_MOL = 0.018015;
const GAS_JMOLK = 8.314;
const KELVIN = 273.15;
const GRAVITY = 9.81;
/** Walls above the liquid shelter an open surface: most where they are as high as half the pot's width. */
const MIN_SHELTERED = 0.6;
/** Steam condensing on the surface, W/m²K. Estimate, no source. */
const CONDENSING_FILM = 150;
/** A surface's temperature is found to this, K. */
const FOUND_K = 1e-4;
const MOST_TRIES = 40;
const COLDEST_C = -20;

/** A surface seldom lies further below its liquid than this, K. */
const STARTS_BELOW_K = 10;

/**
 * Where a rising function crosses zero: the regula falsi with the Illinois rule, from a bracket that is widened downwards
 * until it holds the root. `low` if that is above zero at the coldest.
 */
function rootOfRising(f: (x: number) => number, low: number, high: number): number {
  let from = low;
  let to = high;
  let atTo = Math.min(f(to), 1e9);
  if (atTo <= 0) return to;
  let atFrom = f(from);
  for (let width = to - from; atFrom > 0 && from > COLDEST_C; width *= 2) {
    to = from;
    atTo = atFrom;
    from = Math.max(COLDEST_C, from - width);
    atFrom = f(from);
  }
  if (atFrom > 0) return from;
  let side = 0;
  for (let i = 0; i < MOST_TRIES; i++) {
    const x = (from * atTo - to * atFrom) / (atTo - atFrom);
    const at = f(x);
    if (Math.abs(at) < 1e-9 || to - from < FOUND_K) return x;
    if (at > 0) {
      if (to - x < FOUND_K && side === 1) return x;
      to = x;
      atTo = at;
      if (side === 1) atFrom /= 2;
      side = 1;
    } else {
      if (x - from < FOUND_K && side === -1) return x;
      from = x;
      atFrom = at;
      if (side === -1) atTo /= 2;
      side = -1;
    }
  }
  return (from + to) / 2;
}

/** Heat liquid at `tempC` brings up to a surface `belowK` cooler, W/m²: half a Rayleigh–Bénard layer, within 15 %. */
function broughtUp(tempC: number, belowK: number, factor: number): number {
  return belowK <= 0 ? 0 : factor * (300 + 2.4 * tempC) * belowK * Math.cbrt(belowK);
}

/** Share of open-surface evaporation left by walls `wallM` above it, from 1 to 0.6. */
export function rimShelterFactor(wallM: number, spanM: number): number {
  const open = 1 - Math.min(1, wallM / (spanM / 2));
  return MIN_SHELTERED + (1 - MIN_SHELTERED) * open * open;
}

/** Flow through the surface if it is at `surfaceC`: heat drawn from below, W. */
type Drawn = Omit<SurfaceFlow, 'surfaceC'>;

function intoOven(air: OvenAir, { areaM2, pressurePa: p }: OpenSurface, surfaceC: number): Drawn {
  const { draughtMolS: a, flameMolS, steamShare, surfaceFilm, tempC } = air;
  const airWK = areaM2 * (surfaceFilm + WET_EMISSIVITY * radiativeCoefficient(tempC, surfaceC));
  const gainW = airWK * (tempC - surfaceC);
  const saturated = saturationPressurePa(surfaceC);
  const conductance = PER_FILM * surfaceFilm * areaM2 * p;
  const base = ROOM_VAPOUR_SHARE * a + flameMolS;
  const leastPa = p * Math.max(steamShare, base / (base + a));
  if (leastPa >= saturated) {
    const dewW = CONDENSING_FILM * areaM2 * (dewPointC(leastPa) - surfaceC);
    return { lossW: -gainW - dewW, steamKgS: 0, vapourPa: leastPa, airWK };
  }
  // At the boil nothing holds the vapour back: the logarithm diverges, and the search stays below.
  if (saturated >= p) return { lossW: Infinity, steamKgS: Infinity, vapourPa: leastPa, airWK };
  // Steam that the draught carries off at the pressure it makes: convex and rising, so Newton comes from above.
  const reach = Math.log((p * a) / (p - saturated));
  let steamKgS = conductance * Math.log((p - leastPa) / (p - saturated));
  const ownPa = (m: number): number => (p * (m / MOL_KG + base)) / (m / MOL_KG + base + a);
  if (ownPa(steamKgS) > leastPa) {
    for (let i = 0; i < 8; i++) {
      const whole = steamKgS / MOL_KG + base + a;
      const error = steamKgS - conductance * (reach - Math.log(whole));
      const next = Math.max(0, steamKgS - error / (1 + conductance / (MOL_KG * whole)));
      if (Math.abs(next - steamKgS) < 1e-12) break;
      steamKgS = next;
    }
  }
  return {
    lossW: steamKgS * latentHeatJKg(surfaceC) - gainW,
    steamKgS,
    vapourPa: Math.max(leastPa, ownPa(steamKgS)),
    airWK,
  };
}

/**
 * Into room air by free convection: Ra over a quarter of the width, Sh = 0.54 Ra^1/4 or 0.15 Ra^1/3, Stefan flow, heat
 * by analogy. Handbook correlations for a plate facing up.
 */
function intoRoom(air: RoomAir, { areaM2, pressurePa: p }: OpenSurface, surfaceC: number): Drawn {
  const { tempC, vapourPa, spanM, exposed, transfer } = air;
  const saturated = Math.min(saturationPressurePa(surfaceC), 0.999 * p);
  const meanK = (surfaceC + tempC) / 2 + KELVIN;
  const density = (pa: number, c: number): number =>
    (p * AIR_KG_MOL - pa * (AIR_KG_MOL - WATER_KG_MOL)) / (GAS_JMOLK * (c + KELVIN));
  const room = density(vapourPa, tempC);
  const damp = density(saturated, surfaceC);
  const mean = (room + damp) / 2;
  const diffusivity = 2.42e-5 * (meanK / 293) ** 1.81;
  const viscosity = (1.8e-5 * (meanK / 293) ** 0.76) / mean;
  const lengthM = spanM / 4;
  const rayleigh = Math.max(0, (GRAVITY * (room - damp) * lengthM ** 3) / (mean * viscosity * diffusivity));
  const sherwood = rayleigh < 1e7 ? 0.54 * rayleigh ** 0.25 : 0.15 * Math.cbrt(rayleigh);
  const perPa = (((sherwood * diffusivity) / lengthM) * WATER_KG_MOL) / (GAS_JMOLK * meanK);
  const film = perPa / PER_FILM;
  const open = areaM2 * exposed * transfer;
  const steamKgS = Math.max(0, open * perPa * p * Math.log((p - vapourPa) / (p - saturated)));
  const airWK = open * film + areaM2 * WET_EMISSIVITY * radiativeCoefficient(tempC, surfaceC);
  return {
    lossW: steamKgS * latentHeatJKg(surfaceC) + airWK * (surfaceC - tempC),
    steamKgS,
    vapourPa,
    airWK,
  };
}

/** Temperature at which water has this vapour pressure, °C, from 0 up; `saturationPressurePa` inverted by Newton. */
function dewPointC(vapourPa: number): number {
  let tempC = 80;
  for (let i = 0; i < 6; i++) {
    const pa = saturationPressurePa(tempC);
    tempC += (Math.log(vapourPa / pa) * (257.14 + tempC) ** 2) / (18.678 * 257.14);
  }
  return Math.max(0, tempC);
}

const drawn = (surface: OpenSurface, surfaceC: number): Drawn =>
  surface.air.kind === 'oven' ? intoOven(surface.air, surface, surfaceC) : intoRoom(surface.air, surface, surfaceC);

/**
 * Flow through an open surface over liquid at `liquidC`. The surface is cooler than the liquid by as much as brings up
 * the heat it loses, or at its temperature where it gains. Source: docs/model.md, “Open pots”.
 */
export function surfaceFlow(surface: OpenSurface, liquidC: number): SurfaceFlow {
  const as = drawn(surface, liquidC);
  if (as.lossW <= 0) return { ...as, surfaceC: liquidC };
  const { areaM2, liquidTransfer } = surface;
  const surfaceC = rootOfRising(
    (c) => drawn(surface, c).lossW - broughtUp(liquidC, liquidC - c, liquidTransfer) * areaM2,
    liquidC - STARTS_BELOW_K,
    liquidC,
  );
  return { ...drawn(surface, surfaceC), surfaceC };
}

/** Temperature at which wet meat in this oven air neither warms nor dries: its wet bulb, °C. */
export function wetBulbC({ tempC, meatFilm }: OvenAir, vapourPa: number, pressurePa: number): number {
  return rootOfRising(
    (middle) => {
      const saturated = Math.min(saturationPressurePa(middle), 0.9999 * pressurePa);
      const steamW =
        saturated <= vapourPa
          ? 0
          : PER_FILM *
            meatFilm *
            pressurePa *
            Math.log((pressurePa - vapourPa) / (pressurePa - saturated)) *
            latentHeatJKg(middle);
      const gainW = (meatFilm + WET_EMISSIVITY * radiativeCoefficient(tempC, middle)) * (tempC - middle);
      return steamW - gainW;
    },
    dewPointC(vapourPa),
    100,
  );
}
