import { ROOM_C } from '../material';
import { smoothStep } from '../numbers';
import { radiativeCoefficient, type Condensing, type GasCoefficient, INNER_FILM, type PotPhase } from './phase';
import { boilingPointC, saturationPressurePa } from './water';
import { type LidKind, LIDS, type PotMaterial, POT_MATTER } from '../larder';

/** How the pot is heated. Temperatures in °C; power is what reaches the pot, W. */
export type Heat =
  | { readonly kind: 'oven'; readonly tempC: number; readonly fan: boolean }
  | { readonly kind: 'simmer'; readonly tempC: number }
  | { readonly kind: 'power'; readonly powerW: number }
  | { readonly kind: 'bath'; readonly tempC: number }
  | { readonly kind: 'steamOven'; readonly tempC: number }
  | { readonly kind: 'grill'; readonly tempC: number }
  | { readonly kind: 'off' };

/** Parameters of one kitchen that affect the pot's heat balance, as offsets and factors (0 and 1 when as expected). */
export interface KitchenFactors {
  readonly ovenOffsetK: number;
  readonly ovenFilm: number;
  readonly topFilm: number;
  readonly lidLeak: number;
  readonly holdOffsetK: number;
  /** Factor on what a burner puts into the pot. */
  readonly burner: number;
  /** The lid does not fit as stated, but leaks like one set ajar. */
  readonly lidAjar: boolean;
}

export const AS_EXPECTED: KitchenFactors = {
  ovenOffsetK: 0,
  ovenFilm: 1,
  topFilm: 1,
  lidLeak: 1,
  holdOffsetK: 0,
  burner: 1,
  lidAjar: false,
};

/** The pot as its surroundings see it. */
export interface PotShell {
  /** Inner width, and the circumference. */
  readonly spanM: number;
  readonly rimM: number;
  readonly baseM2: number;
  /** Side wall up to the liquid line, and above it. */
  readonly wetSideM2: number;
  readonly drySideM2: number;
  readonly wallAboveLiquidM: number;
  readonly wallThicknessM: number;
  readonly material: PotMaterial;
  readonly pressurePa: number;
}

/** Air movement around a pot in an oven, as a coefficient, W/m²K. Estimate within what is measured in baking ovens. */
const CONVECTION = { still: 5, fan: 15, grill: 8, steam: 15 } as const;
/** Coefficient of condensing steam, W/m²K. Estimate, no source. */
const CONDENSING_FILM = 150;
/** Share of a steam oven's gas that is steam. */
const STEAM_SHARE = 0.95;
const STILL_MASS_TRANSFER = 3.2e-8;
const FAN_MASS_TRANSFER = 6e-8;
const OVEN_VAPOUR_PA = 6000;
const ROOM_VAPOUR_PA = 1500;
const GRILL_VAPOUR_PA = 3000;
/** Temperature from which the wall above an open surface conducts heat down, °C. */
const WALL_C = 95;
/** A barbecue's air temperature is half as certain as an oven's: 15 K against 8 K. */
const GRILL_OFFSET_SCALE = 15 / 8;
/** Walls above the liquid shelter an open surface: most where they are as high as half the pot's width. */
const MIN_SHELTERED = 0.6;
/** What a cook calls a simmer is this far below the boil. */
const SIMMER_BELOW_BOIL_K = 2;
/** Set this far below the boil, a pot is controlled by eye, and this far below it by a thermometer. */
const BY_EYE_K = 5;
const BY_THERMOMETER_K = 8;

/** Seconds in which a cold oven's air comes within a third of its setting. */
export const COLD_OVEN_TAU_S = 420;
const DOOR_DROP_K = { still: 45, fan: 60 } as const;

/** The air around the pot: how far it drops when a door or lid opens, K, and whether it starts cold. */
const AIR: { readonly [Kind in Heat['kind']]: { readonly beginsCold: boolean; readonly dropK: number } } = {
  oven: { beginsCold: true, dropK: DOOR_DROP_K.still },
  grill: { beginsCold: true, dropK: DOOR_DROP_K.still },
  steamOven: { beginsCold: false, dropK: DOOR_DROP_K.still },
  simmer: { beginsCold: false, dropK: 0 },
  power: { beginsCold: false, dropK: 0 },
  bath: { beginsCold: false, dropK: 0 },
  off: { beginsCold: false, dropK: 0 },
};

/** Drop in air temperature around the pot when it is opened, K; a fan blows out more of it. */
export function openingDropK(heat: Heat): number {
  return heat.kind === 'oven' && heat.fan ? DOOR_DROP_K.fan : AIR[heat.kind].dropK;
}

/** How far the air is below its setting without preheating, K; undefined where nothing is preheated. */
export function coldStartDropK(heat: Heat): number | undefined {
  return AIR[heat.kind].beginsCold && 'tempC' in heat ? heat.tempC - ROOM_C : undefined;
}

/**
 * Liquid temperature for a stovetop simmer set to `setC`: controlled by eye it is two kelvin below the boil, whatever
 * it is called; set far below, it is held there by a thermometer. Monotonic.
 */
export function manualSimmerC(setC: number, boilC: number): number {
  const byEye = smoothStep(setC, boilC - BY_THERMOMETER_K, boilC - BY_EYE_K);
  const simmer = Math.max(setC, boilC - SIMMER_BELOW_BOIL_K);
  return Math.min(boilC, setC + (simmer - setC) * byEye);
}

/** Share of open-surface evaporation left by walls `wallM` above it, from 1 to 0.6. */
export function rimShelterFactor(wallM: number, spanM: number): number {
  const open = 1 - Math.min(1, wallM / (spanM / 2));
  return MIN_SHELTERED + (1 - MIN_SHELTERED) * open * open;
}

/**
 * What the wall above the liquid of an open pot adds, as wall area at the liquid's temperature, m²: gas heats it on
 * both sides and it conducts the heat down like a fin.
 */
function finM2(shell: PotShell, filmWM2K: number): number {
  const heightM = shell.wallAboveLiquidM;
  if (heightM <= 0) return 0;
  const { conductivityWMK } = POT_MATTER[shell.material];
  const decay = Math.sqrt((2 * filmWM2K) / (conductivityWMK * shell.wallThicknessM));
  return (2 * shell.rimM * Math.tanh(decay * heightM)) / decay;
}

/** The gas around a pot, °C and Pa; undefined on the stove and in a bath. */
interface Gas {
  /** Air movement alone, W/m²K, and the vapour it carries off, kg/(s m² Pa). */
  readonly moving: number;
  readonly massTransfer: number;
  readonly tempC: number;
  readonly vapourPa: number;
}

function gasOf(heat: Heat, factors: KitchenFactors, pressurePa: number): Gas | undefined {
  switch (heat.kind) {
    case 'oven':
      return {
        moving: heat.fan ? CONVECTION.fan : CONVECTION.still,
        massTransfer: heat.fan ? FAN_MASS_TRANSFER : STILL_MASS_TRANSFER,
        tempC: heat.tempC + factors.ovenOffsetK,
        vapourPa: OVEN_VAPOUR_PA,
      };
    case 'grill':
      return {
        moving: CONVECTION.grill,
        massTransfer: STILL_MASS_TRANSFER,
        tempC: heat.tempC + factors.ovenOffsetK * GRILL_OFFSET_SCALE,
        vapourPa: GRILL_VAPOUR_PA,
      };
    case 'steamOven': {
      const tempC = heat.tempC + factors.ovenOffsetK;
      return {
        moving: CONVECTION.steam,
        massTransfer: STILL_MASS_TRANSFER,
        tempC,
        vapourPa: Math.min(STEAM_SHARE * pressurePa, saturationPressurePa(Math.min(tempC, 110))),
      };
    }
    case 'simmer':
    case 'bath':
    case 'power':
    case 'off':
      return undefined;
  }
}

/** Hot gas around the pot under this lid. */
function gasAround(shell: PotShell, lidKind: LidKind, { moving, tempC }: Gas, scale: number): GasCoefficient {
  const lid = LIDS[lidKind];
  const { emissivity } = POT_MATTER[shell.material];
  const { covers } = lid;
  const wet = shell.baseM2 + shell.wetSideM2;
  const fin = covers ? 0 : finM2(shell, (moving + emissivity * radiativeCoefficient(tempC, WALL_C)) * scale);
  return {
    convectionWM2K: moving,
    scale,
    wallM2: wet + fin,
    wallEmissivity: emissivity,
    surfaceM2: covers ? 0 : shell.baseM2,
    dryWallM2: covers ? shell.drySideM2 : 0,
    coverM2: covers ? shell.baseM2 : 0,
    coverEmissivity: lid.emissivity ?? emissivity,
  };
}

/** The temperature at which the cook keeps the liquid, °C; undefined where heat flows freely. */
function heldC(heat: Heat, pressurePa: number, factors: KitchenFactors): number | undefined {
  if (heat.kind === 'bath') return heat.tempC;
  if (heat.kind === 'simmer') return manualSimmerC(heat.tempC, boilingPointC(pressurePa)) + factors.holdOffsetK;
  return undefined;
}

/** What a pot on the stove loses to the room, W/K. */
function stoveLossWK({ baseM2, wetSideM2, drySideM2 }: PotShell, open: boolean): number {
  return open ? 10 * (wetSideM2 + drySideM2) + 8 * baseM2 : 10 * (wetSideM2 + drySideM2 + baseM2);
}

/** Steam at `tempC` condensing on the pot; above the liquid, under a lid, it is passed on by steam inside. */
function condensingOn(shell: PotShell, lidKind: LidKind, dewC: number): Condensing {
  const { baseM2, wetSideM2, drySideM2 } = shell;
  const wet = CONDENSING_FILM * (baseM2 + wetSideM2);
  const above = LIDS[lidKind].covers
    ? (baseM2 + drySideM2) / (1 / CONDENSING_FILM + 1 / INNER_FILM)
    : CONDENSING_FILM * baseM2;
  return { conductanceWK: wet + above, dewC };
}

/** A lid stated to fit that does not leaks like one set ajar. */
function lidAsItSits(said: LidKind, ajar: boolean): LidKind {
  return ajar && LIDS[said].sits ? 'ajar' : said;
}

/**
 * The heat, lid and turning in force as coefficients of the pot's balance. The basis of each coefficient stands beside
 * it; docs/model.md has the results.
 */
export function potPhase(
  heat: Heat,
  saidLid: LidKind,
  turned: boolean,
  shell: PotShell,
  factors: KitchenFactors,
): PotPhase {
  const { pressurePa } = shell;
  const lidKind = lidAsItSits(saidLid, factors.lidAjar);
  const lid = LIDS[lidKind];
  const open = lidKind === 'none';
  const inBath = heat.kind === 'bath';
  const gas = gasOf(heat, factors, pressurePa);
  const holdC = heldC(heat, pressurePa, factors);
  const leak = open ? rimShelterFactor(shell.wallAboveLiquidM, shell.spanM) : Math.min(1, lid.leak * factors.lidLeak);
  return {
    mode: holdC === undefined ? 'driven' : 'held',
    conductanceWK: gas ? 0 : stoveLossWK(shell, open),
    gas: gas && gasAround(shell, lidKind, gas, factors.ovenFilm),
    condensing:
      gas && heat.kind === 'steamOven' ? condensingOn(shell, lidKind, boilingPointC(gas.vapourPa)) : undefined,
    ambientC: gas?.tempC ?? ROOM_C,
    behindDoor: gas !== undefined,
    powerW: heat.kind === 'power' ? heat.powerW * factors.burner : 0,
    holdC: holdC ?? 0,
    lidLeak: inBath ? 0 : leak,
    massTransfer: gas?.massTransfer ?? STILL_MASS_TRANSFER,
    ambientVapourPa: gas?.vapourPa ?? ROOM_VAPOUR_PA,
    topFilmWM2K: lid.topFilmWM2K * factors.topFilm,
    headspaceDropK: inBath ? 0 : lid.headspaceDropK,
    exposureScale: turned ? 0.5 : 1,
  };
}
