import { latentHeatJKg, saturationPressurePa } from '../heat';
import { POT_MATTER, type PotMaterial } from '../larder';
import { potBaseM2, potRimM, type PotShape, potSpanM, ROOM_C, wallThicknessM } from '../material';

/** A pot with its lid. SI units. */
export type KeptPot = PotShape & { readonly massKg: number; readonly material: PotMaterial };

/** Surroundings of a pot. Temperatures in °C, power in W, coefficients in W/m²K. */
export type Ambient =
  | {
      readonly kind: 'room';
      readonly airC?: number;
      readonly lid: boolean;
      /** Resistance of cloth around it, m²K/W. */
      readonly wrap?: number;
      /** Burner power while simmering; 0 on a board. */
      readonly powerW?: number;
      /** Fan blowing on it. */
      readonly moved?: boolean;
    }
  | { readonly kind: 'fridge'; readonly airC: number; readonly lid: boolean; readonly fan?: boolean }
  | { readonly kind: 'oven'; readonly airC: number }
  | { readonly kind: 'bath'; readonly waterC: number; readonly stirred: boolean; readonly lid: boolean };

/** Heat and steam leaving the pot at one temperature. */
export interface PotLoss {
  /** Through wall, lid, base and open surface, W; negative if it gains. */
  readonly dryW: number;
  readonly steamKgS: number;
}

const SIGMA = 5.670374e-8;
const KELVIN = 273.15;
const STILL_MASS_TRANSFER = 3.2e-8;
const LID_LEAK = 0.02;
const OPEN_EMISSIVITY = 0.95;
/** Coefficient of steam condensing under the lid, W/m²K. */
const STEAM_FILM = 80;
const OVEN_DRY_FILM = 8;
const OVEN_STILL_FILM = 5;
const MOVED_FILM = 12;
const FAN_FILM = 12;
const BOARD_FILM = 3;
const CLOTH_EMISSIVITY = 0.9;
const SEA_LEVEL_PA = 101_325;
const VAPOUR_PA = { room: 1500, fridge: 700, oven: 6000, bath: 1500 } as const;

/** Coefficient from contents to wall, W/m²K: thicker contents, lower. Order of magnitude from literature. */
export const INNER_FILM = { thin: 200, sauce: 100, gravy: 45 } as const;
export type InnerFilm = keyof typeof INNER_FILM;
/** The same in series with the water outside, in a bath. Estimate, no source. */
const BATH_FILMS = { still: { inner: 150, outer: 120 }, stirred: { inner: 300, outer: 300 } } as const;

const radiation = (emissivity: number, surfaceC: number, airC: number): number =>
  4 * emissivity * SIGMA * ((surfaceC + airC) / 2 + KELVIN) ** 3;

/** A surface of the pot: its free-convection factor (side 1.42, lid 1.32, underside 0.59) and length. */
interface PotSurface {
  readonly factor: number;
  readonly lengthM: number;
  readonly radiates: number;
}

/**
 * Flux, W/m², from `tempC` through `inner` to the air, with the surface temperature found by bisection. Source: McAdams
 * (1954).
 */
function flux(tempC: number, inner: number, airC: number, emissivity: number, face: PotSurface, least: number): number {
  if (Math.abs(tempC - airC) < 1e-6) return 0;
  let low = Math.min(tempC, airC);
  let high = Math.max(tempC, airC);
  const hotter = tempC > airC;
  for (let i = 0; i < 40; i++) {
    const surface = (low + high) / 2;
    const over = Math.abs(surface - airC);
    const moving = Math.max(least, face.factor * (over / face.lengthM) ** 0.25);
    const outer = (moving + radiation(emissivity, surface, airC) * face.radiates) * (surface - airC);
    if ((tempC - surface) / inner > outer === hotter) {
      if (hotter) low = surface;
      else high = surface;
    } else if (hotter) high = surface;
    else low = surface;
  }
  return (tempC - (low + high) / 2) / inner;
}

function steam(tempC: number, areaM2: number, leak: number, vapourPa: number, pressurePa: number): number {
  const vapour = Math.min(saturationPressurePa(tempC), 0.97 * pressurePa);
  if (vapour <= vapourPa) return 0;
  return leak * STILL_MASS_TRANSFER * areaM2 * pressurePa * Math.log((pressurePa - vapourPa) / (pressurePa - vapour));
}

/**
 * Heat loss of a pot with `litres` at `tempC`. Wall above the liquid and lid are warmed by steam; an open surface
 * steams and radiates, less the deeper it lies below the rim. Source: docs/model.md, “Keeping warm, cooling, storing”;
 * free-convection coefficients after McAdams (1954), those of baths and boards are estimates.
 */
export function potLoss(
  pot: KeptPot,
  litres: number,
  where: Ambient,
  tempC: number,
  film: InnerFilm = 'thin',
  pressurePa = SEA_LEVEL_PA,
): PotLoss {
  const base = potBaseM2(pot);
  const rim = potRimM(pot);
  const span = potSpanM(pot);
  const level = Math.min(pot.heightM, litres / 1000 / base);
  const wet = rim * level;
  const dry = rim * (pot.heightM - level);
  const matter = POT_MATTER[pot.material];
  const wall = wallThicknessM(pot) / matter.conductivityWMK;
  const inner = INNER_FILM[film];
  const open = base * (0.6 + 0.4 * Math.exp((-2.5 * (pot.heightM - level)) / (span / 2)));
  if (where.kind === 'bath') {
    const films = BATH_FILMS[where.stirred ? 'stirred' : 'still'];
    const through =
      1 / (1 / Math.min(films.inner, film === 'gravy' ? INNER_FILM.gravy : Infinity) + wall + 1 / films.outer);
    const bath = through * (base + wet) * (tempC - where.waterC);
    if (where.lid) return { dryW: bath, steamKgS: 0 };
    const surface = (4 + radiation(OPEN_EMISSIVITY, tempC, ROOM_C)) * base * (tempC - ROOM_C);
    return { dryW: bath + surface, steamKgS: steam(tempC, open, 1, VAPOUR_PA.bath, pressurePa) };
  }
  if (where.kind === 'oven') {
    const outer = OVEN_STILL_FILM + radiation(matter.emissivity, tempC, where.airC);
    const dryArea = dry + base;
    const conductance = outer * (base + wet) + dryArea / (1 / outer + 1 / OVEN_DRY_FILM);
    return {
      dryW: conductance * (tempC - where.airC),
      steamKgS: steam(tempC, base, LID_LEAK, VAPOUR_PA.oven, pressurePa),
    };
  }
  const airC = where.airC ?? ROOM_C;
  const wrap = where.kind === 'room' ? (where.wrap ?? 0) : 0;
  const emissivity = wrap > 0 ? CLOTH_EMISSIVITY : matter.emissivity;
  const least = where.kind === 'fridge' ? (where.fan === true ? FAN_FILM : 0) : where.moved === true ? MOVED_FILM : 0;
  const side: PotSurface = { factor: 1.42, lengthM: pot.heightM, radiates: 1 };
  const top: PotSurface = { factor: 1.32, lengthM: span, radiates: 1 };
  const under: PotSurface = { factor: 0.59, lengthM: span, radiates: 0.5 };
  const wetInner = 1 / inner + wall + wrap;
  const dryInner = 1 / STEAM_FILM + wall + wrap;
  const to = (resistance: number, face: PotSurface): number => flux(tempC, resistance, airC, emissivity, face, least);
  const baseW =
    where.kind === 'fridge'
      ? base * to(wetInner, under)
      : where.powerW === undefined
        ? base * (tempC - airC) * BOARD_FILM
        : -where.powerW;
  const vapour = VAPOUR_PA[where.kind];
  if (where.lid) {
    return {
      dryW: wet * to(wetInner, side) + dry * to(dryInner, side) + base * to(dryInner, top) + baseW,
      steamKgS: steam(tempC, base, LID_LEAK, vapour, pressurePa),
    };
  }
  const surface = (4 + radiation(OPEN_EMISSIVITY, tempC, airC)) * base * (tempC - airC);
  return {
    dryW: (wet + dry / 2) * to(wetInner, side) + surface + baseW,
    steamKgS: steam(tempC, open, 1, vapour, pressurePa),
  };
}

/** Heat leaving a pot, W, steam included. */
export const lossW = ({ dryW, steamKgS }: PotLoss, tempC: number): number => dryW + steamKgS * latentHeatJKg(tempC);
