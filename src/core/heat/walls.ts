import { radiativeCoefficient } from './radiation';
import { POT_MATTER, type PotMaterial } from '../larder';

/** The walls of a pot. SI units. */
export interface PotWalls {
  readonly heightM: number;
  /** Inner width. */
  readonly spanM: number;
  readonly baseM2: number;
  /** Side wall up to the liquid line, and above it. */
  readonly wetSideM2: number;
  readonly drySideM2: number;
  readonly wallThicknessM: number;
  readonly material: PotMaterial;
}

/** What the base stands on: a board, a rack with air below it, or a lit burner, which lets nothing out. */
export type Stand = 'board' | 'rack' | 'burner';

/** Coefficient from contents to wall, W/m²K: thicker contents, lower. Order of magnitude from literature. */
export const INNER_FILM = { thin: 200, sauce: 100, gravy: 45 } as const;

/** Air around a pot, and what is between. */
export interface AroundWalls {
  readonly airC: number;
  /** Covered: steam under the lid warms the lid and the wall above the liquid. */
  readonly lid: boolean;
  /** Emissivity of the lid where it is not the pot's: foil. */
  readonly lidEmissivity?: number | undefined;
  readonly stand: Stand;
  /** Coefficient from contents to wall, W/m²K. */
  readonly inner: number;
  /** Resistance of cloth around it, m²K/W. */
  readonly wrap?: number;
  /** Coefficient of moving air, the least there is, W/m²K. */
  readonly least?: number;
}

/** Coefficient of steam condensing under the lid, W/m²K. */
const STEAM_FILM = 80;
const BOARD_FILM = 3;
const CLOTH_EMISSIVITY = 0.9;
/** Of the wall above an open pot's liquid, this share is as warm as the wall below it. Estimate, no source. */
const OPEN_WALL_SHARE = 0.5;

/** A face of the pot: its free-convection factor (side 1.42, lid 1.32, underside 0.59), length, and how it radiates. */
interface Face {
  readonly factor: number;
  readonly lengthM: number;
  readonly emissivity: number;
}

/**
 * Flux, W/m², from `tempC` through a resistance `inner`, m²K/W, to the air, with the surface temperature found by
 * bisection. Source: McAdams (1954).
 */
function wallFlux(tempC: number, inner: number, airC: number, face: Face, least = 0): number {
  if (Math.abs(tempC - airC) < 1e-6) return 0;
  let low = Math.min(tempC, airC);
  let high = Math.max(tempC, airC);
  const hotter = tempC > airC;
  for (let i = 0; i < 40; i++) {
    const surface = (low + high) / 2;
    const over = Math.abs(surface - airC);
    const moving = Math.max(least, face.factor * (over / face.lengthM) ** 0.25);
    const outer = (moving + face.emissivity * radiativeCoefficient(surface, airC)) * (surface - airC);
    if ((tempC - surface) / inner > outer === hotter) {
      if (hotter) low = surface;
      else high = surface;
    } else if (hotter) high = surface;
    else low = surface;
  }
  return (tempC - (low + high) / 2) / inner;
}

/** Heat leaving a pot at `tempC` through its walls, lid and base, W; negative if it gains. */
export function wallsLossW(pot: PotWalls, around: AroundWalls, tempC: number): number {
  const { airC, lid, stand, inner, wrap = 0, least } = around;
  const matter = POT_MATTER[pot.material];
  const wall = pot.wallThicknessM / matter.conductivityWMK;
  const emissivity = wrap > 0 ? CLOTH_EMISSIVITY : matter.emissivity;
  const side: Face = { factor: 1.42, lengthM: pot.heightM, emissivity };
  const top: Face = { factor: 1.32, lengthM: pot.spanM, emissivity: around.lidEmissivity ?? emissivity };
  const under: Face = { factor: 0.59, lengthM: pot.spanM, emissivity: emissivity / 2 };
  const wetInner = 1 / inner + wall + wrap;
  const dryInner = 1 / STEAM_FILM + wall + wrap;
  const through = (resistance: number, face: Face): number => wallFlux(tempC, resistance, airC, face, least);
  const below =
    stand === 'burner'
      ? 0
      : stand === 'board'
        ? pot.baseM2 * BOARD_FILM * (tempC - airC)
        : pot.baseM2 * through(wetInner, under);
  if (!lid) return (pot.wetSideM2 + OPEN_WALL_SHARE * pot.drySideM2) * through(wetInner, side) + below;
  return (
    pot.wetSideM2 * through(wetInner, side) +
    pot.drySideM2 * through(dryInner, side) +
    pot.baseM2 * through(dryInner, top) +
    below
  );
}
