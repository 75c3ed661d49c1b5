import {
  type AroundWalls,
  boilingPointC,
  INNER_FILM,
  latentHeatJKg,
  type PotWalls,
  radiativeCoefficient,
  roomAirOver,
  ROOM_VAPOUR_PA,
  saturationPressurePa,
  STILL_MASS_TRANSFER,
  surfaceFlow,
  wallsLossW,
} from '../heat';
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

/** What passes a heavy lid. Estimate. */
const LID_LEAK = 0.02;
const OVEN_DRY_FILM = 8;
const OVEN_STILL_FILM = 5;
const MOVED_FILM = 12;
const FAN_FILM = 12;
const SEA_LEVEL_PA = 101_325;
const VAPOUR_PA = { room: ROOM_VAPOUR_PA, fridge: 700, oven: 6000, bath: ROOM_VAPOUR_PA } as const;

export type InnerFilm = keyof typeof INNER_FILM;
/** The same in series with the water outside, in a bath. Estimate, no source. */
const BATH_FILMS = { still: { inner: 150, outer: 120 }, stirred: { inner: 300, outer: 300 } } as const;

function steam(tempC: number, areaM2: number, leak: number, vapourPa: number, pressurePa: number): number {
  const vapour = Math.min(saturationPressurePa(tempC), 0.97 * pressurePa);
  if (vapour <= vapourPa) return 0;
  return leak * STILL_MASS_TRANSFER * areaM2 * pressurePa * Math.log((pressurePa - vapourPa) / (pressurePa - vapour));
}

/**
 * Heat loss of a pot with `litres` at `tempC`. Wall above the liquid and lid are warmed by steam; an open surface
 * steams as it does in a braise, less the deeper it lies below the rim. Source: docs/model.md, “Keeping warm, cooling,
 * storing”; the coefficients of baths are estimates.
 */
export function potLoss(
  pot: KeptPot,
  litres: number,
  where: Ambient,
  tempC: number,
  film: InnerFilm = 'thin',
  pressurePa = SEA_LEVEL_PA,
): PotLoss {
  const baseM2 = potBaseM2(pot);
  const rimM = potRimM(pot);
  const spanM = potSpanM(pot);
  const level = Math.min(pot.heightM, litres / 1000 / baseM2);
  const shell: PotWalls = {
    heightM: pot.heightM,
    spanM,
    baseM2,
    wetSideM2: rimM * level,
    drySideM2: rimM * (pot.heightM - level),
    wallThicknessM: wallThicknessM(pot),
    material: pot.material,
  };
  const inner = INNER_FILM[film];
  const open = (airC: number, vapourPa: number): PotLoss => {
    const air = roomAirOver(pot.heightM - level, spanM, { tempC: airC, vapourPa });
    const surface = { areaM2: baseM2, pressurePa, liquidTransfer: inner / INNER_FILM.thin, air };
    const { lossW: all, steamKgS } = surfaceFlow(surface, Math.min(tempC, boilingPointC(pressurePa)));
    return { dryW: all - steamKgS * latentHeatJKg(tempC), steamKgS };
  };
  if (where.kind === 'bath') {
    const films = BATH_FILMS[where.stirred ? 'stirred' : 'still'];
    const wall = shell.wallThicknessM / POT_MATTER[pot.material].conductivityWMK;
    const through =
      1 / (1 / Math.min(films.inner, film === 'gravy' ? INNER_FILM.gravy : Infinity) + wall + 1 / films.outer);
    const bath = through * (baseM2 + shell.wetSideM2) * (tempC - where.waterC);
    if (where.lid) return { dryW: bath, steamKgS: 0 };
    const surface = open(ROOM_C, VAPOUR_PA.bath);
    return { ...surface, dryW: bath + surface.dryW };
  }
  if (where.kind === 'oven') {
    const outer = OVEN_STILL_FILM + POT_MATTER[pot.material].emissivity * radiativeCoefficient(tempC, where.airC);
    const conductance =
      outer * (baseM2 + shell.wetSideM2) + (shell.drySideM2 + baseM2) / (1 / outer + 1 / OVEN_DRY_FILM);
    return {
      dryW: conductance * (tempC - where.airC),
      steamKgS: steam(tempC, baseM2, LID_LEAK, VAPOUR_PA.oven, pressurePa),
    };
  }
  const airC = where.airC ?? ROOM_C;
  const around: AroundWalls = {
    airC,
    lid: where.lid,
    inner,
    stand: where.kind === 'fridge' ? 'rack' : where.powerW === undefined ? 'board' : 'burner',
    wrap: where.kind === 'room' ? (where.wrap ?? 0) : 0,
    least: where.kind === 'fridge' ? (where.fan === true ? FAN_FILM : 0) : where.moved === true ? MOVED_FILM : 0,
  };
  const walls = wallsLossW(shell, around, tempC) - (where.kind === 'room' ? (where.powerW ?? 0) : 0);
  if (where.lid) return { dryW: walls, steamKgS: steam(tempC, baseM2, LID_LEAK, VAPOUR_PA[where.kind], pressurePa) };
  const surface = open(airC, VAPOUR_PA[where.kind]);
  return { ...surface, dryW: walls + surface.dryW };
}

/** Heat leaving a pot, W, steam included. */
export const lossW = ({ dryW, steamKgS }: PotLoss, tempC: number): number => dryW + steamKgS * latentHeatJKg(tempC);
