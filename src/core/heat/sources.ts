import { FRIDGE_C, ROOM_C } from '../material';
import { type PotPhase } from './run';
import { type LidKind, LIDS, type PotMaterial, radiantFactor } from '../larder';

/** How the pot is heated. Temperatures in °C; power is what reaches the pot, W. */
export type Heat =
  | { readonly kind: 'oven'; readonly tempC: number; readonly fan: boolean }
  | { readonly kind: 'simmer'; readonly tempC: number }
  | { readonly kind: 'power'; readonly powerW: number }
  | { readonly kind: 'bath'; readonly tempC: number }
  | { readonly kind: 'steamOven'; readonly tempC: number }
  | { readonly kind: 'grill'; readonly tempC: number }
  | { readonly kind: 'iceWater'; readonly stirred: boolean }
  | { readonly kind: 'fridge'; readonly fan: boolean }
  | { readonly kind: 'off' };

/** Unknowns of one kitchen that touch the pot's heat balance, as offsets and factors (0 and 1 when as expected). */
export interface KitchenFactors {
  readonly ovenOffsetK: number;
  readonly ovenFilm: number;
  readonly topFilm: number;
  readonly lidLeak: number;
  readonly holdOffsetK: number;
}

export const AS_EXPECTED: KitchenFactors = { ovenOffsetK: 0, ovenFilm: 1, topFilm: 1, lidLeak: 1, holdOffsetK: 0 };

/** Surfaces of the pot, m². */
export interface PotSurfaces {
  readonly base: number;
  /** Side wall up to the liquid line. */
  readonly wetSide: number;
  readonly drySide: number;
}

const STILL_FILM = 11;
const FAN_FILM = 20;
const GRILL_FILM = 18;
/** Film between the dry wall or lid and the liquid below it, W/m²K. */
const INNER_FILM = 8;
const STEAM_FILM = 150;
const STILL_MASS_TRANSFER = 3.2e-8;
const FAN_MASS_TRANSFER = 6e-8;
const OVEN_VAPOUR_PA = 6000;
const ROOM_VAPOUR_PA = 1500;
const GRILL_VAPOUR_PA = 3000;
/** From the liquid through the wall into ice water, W/m²K: a film inside and one outside. */
const ICE_WATER_FILM = { still: 1 / (1 / 150 + 1 / 120), stirred: 1 / (1 / 300 + 1 / 300) } as const;
const FRIDGE_FILM = { still: 10, fan: 20 } as const;
const FRIDGE_VAPOUR_PA = 700;
const COOLING_MASS_TRANSFER = 2e-8;
/** A grill's air is known half as well as an oven's: 15 K against 8 K. */
const GRILL_OFFSET_SCALE = 15 / 8;
/** Steep walls above the liquid shelter an open surface. */
const TALL_WALL_M = 0.05;
const TALL_WALL_FACTOR = 0.6;

/** Seconds in which a cold oven's air comes within a third of its setting. */
export const COLD_OVEN_TAU_S = 420;
const DOOR_DROP_K = { still: 45, fan: 60 } as const;

/** What the air around the pot does: how far it falls when a door or lid opens, K, and whether it begins cold. */
const AIR: { readonly [Kind in Heat['kind']]: { readonly beginsCold: boolean; readonly dropK: number } } = {
  oven: { beginsCold: true, dropK: DOOR_DROP_K.still },
  grill: { beginsCold: true, dropK: DOOR_DROP_K.still },
  steamOven: { beginsCold: false, dropK: DOOR_DROP_K.still },
  simmer: { beginsCold: false, dropK: 0 },
  power: { beginsCold: false, dropK: 0 },
  bath: { beginsCold: false, dropK: 0 },
  iceWater: { beginsCold: false, dropK: 0 },
  fridge: { beginsCold: false, dropK: 0 },
  off: { beginsCold: false, dropK: 0 },
};

/** Fall of the air around the pot when it is opened, K; a fan blows more of it out. */
export function openingDropK(heat: Heat): number {
  return heat.kind === 'oven' && heat.fan ? DOOR_DROP_K.fan : AIR[heat.kind].dropK;
}

/** How far the air lacks of its setting when nothing was warmed up, K; undefined where there is nothing to warm. */
export function coldStartDropK(heat: Heat): number | undefined {
  return AIR[heat.kind].beginsCold && 'tempC' in heat ? heat.tempC - ROOM_C : undefined;
}

/**
 * The heat, lid and turning in force as the coefficients of the pot's balance. `wallAboveLiquidM` is how far the wall
 * stands over the liquid. Coefficients were calibrated to how pots warm and dry in kitchens; see docs/model.md.
 */
export function potPhase(
  heat: Heat,
  lidKind: LidKind,
  turned: boolean,
  pot: { readonly surfaces: PotSurfaces; readonly material: PotMaterial; readonly wallAboveLiquidM: number },
  factors: KitchenFactors,
): PotPhase {
  const lid = LIDS[lidKind];
  const open = lidKind === 'none';
  const { base, wetSide, drySide } = pot.surfaces;
  const leak = Math.min(1, lid.leak * (open ? 1 : factors.lidLeak));
  const sheltered = open && pot.wallAboveLiquidM > TALL_WALL_M ? TALL_WALL_FACTOR : 1;
  const common = {
    lidLeak: leak * sheltered,
    topFilmWM2K: lid.topFilmWM2K * factors.topFilm,
    headspaceDropK: lid.headspaceDropK,
    exposureScale: turned ? 0.5 : 1,
    powerW: 0,
    holdC: 0,
  };
  const toRoom = open ? 10 * (wetSide + drySide) + 8 * base : 10 * (wetSide + drySide + base);
  const onStove = {
    ...common,
    conductanceWK: toRoom,
    ambientC: ROOM_C,
    massTransfer: STILL_MASS_TRANSFER,
    ambientVapourPa: ROOM_VAPOUR_PA,
  };
  const inAir = (film: number, massTransfer: number, vapourPa: number, ambientC: number): PotPhase => {
    const h = film * radiantFactor(pot.material) * factors.ovenFilm;
    const dry = base + drySide;
    return {
      ...common,
      mode: 'driven',
      conductanceWK: open ? h * (base + wetSide + base) : h * (base + wetSide) + dry / (1 / h + 1 / INNER_FILM),
      ambientC,
      massTransfer,
      ambientVapourPa: vapourPa,
    };
  };
  switch (heat.kind) {
    case 'oven':
      return heat.fan
        ? inAir(FAN_FILM, FAN_MASS_TRANSFER, OVEN_VAPOUR_PA, heat.tempC + factors.ovenOffsetK)
        : inAir(STILL_FILM, STILL_MASS_TRANSFER, OVEN_VAPOUR_PA, heat.tempC + factors.ovenOffsetK);
    case 'grill':
      return inAir(
        GRILL_FILM,
        STILL_MASS_TRANSFER,
        GRILL_VAPOUR_PA,
        heat.tempC + factors.ovenOffsetK * GRILL_OFFSET_SCALE,
      );
    case 'steamOven':
      return {
        ...common,
        mode: 'driven',
        lidLeak: 0,
        conductanceWK: STEAM_FILM * (2 * base + wetSide + drySide),
        ambientC: heat.tempC + factors.ovenOffsetK,
        massTransfer: STILL_MASS_TRANSFER,
        ambientVapourPa: OVEN_VAPOUR_PA,
      };
    case 'simmer':
      return { ...onStove, mode: 'held', holdC: heat.tempC + factors.holdOffsetK };
    case 'bath':
      return { ...onStove, mode: 'held', holdC: heat.tempC, lidLeak: 0, headspaceDropK: 0 };
    case 'iceWater':
      return {
        ...onStove,
        mode: 'driven',
        conductanceWK: ICE_WATER_FILM[heat.stirred ? 'stirred' : 'still'] * (base + wetSide),
        ambientC: 0,
        massTransfer: COOLING_MASS_TRANSFER,
      };
    case 'fridge':
      return {
        ...onStove,
        mode: 'driven',
        conductanceWK: FRIDGE_FILM[heat.fan ? 'fan' : 'still'] * (2 * base + wetSide + drySide),
        ambientC: FRIDGE_C,
        massTransfer: COOLING_MASS_TRANSFER,
        ambientVapourPa: FRIDGE_VAPOUR_PA,
      };
    case 'power':
      return { ...onStove, mode: 'driven', powerW: heat.powerW };
    case 'off':
      return { ...onStove, mode: 'driven' };
  }
}
