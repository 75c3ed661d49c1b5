import { ROOM_C } from '../material';
import { smoothStep } from '../numbers';
import { FlowTable } from './flowTable';
import {
  type OpenSurface,
  type OvenAir,
  rimShelterFactor,
  roomAirOver,
  ROOM_VAPOUR_PA,
  surfaceFlow,
  wetBulbC,
} from './openSurface';
import { type Condensing, type GasCoefficient, INNER_FILM, type PotPhase } from './phase';
import { radiativeCoefficient } from './radiation';
import { type PotWalls, type Stand, wallsLossW } from './walls';
import { STILL_MASS_TRANSFER } from './drying';
import { boilingPointC, latentHeatJKg, saturationPressurePa } from './water';
import { type LidKind, LIDS, POT_MATTER } from '../larder';

/** A gas flame burns inside the oven: it draws in air and adds its own water. Electric if not said. */
export type OvenFuel = 'electric' | 'gas';

/** How the pot is heated. Temperatures in °C; power is what reaches the pot, W. */
export type Heat =
  | { readonly kind: 'oven'; readonly tempC: number; readonly fan: boolean; readonly burns?: OvenFuel | undefined }
  | { readonly kind: 'simmer'; readonly tempC: number }
  | { readonly kind: 'power'; readonly powerW: number }
  | { readonly kind: 'bath'; readonly tempC: number }
  | {
      readonly kind: 'steamOven';
      readonly tempC: number;
      /** Share of the air that is steam, 0 to 1; full if not given. */
      readonly humidity?: number | undefined;
    }
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
  /** Factors on how much air the oven draws, on what moving air carries off an open surface, and on heat lost. */
  readonly draught: number;
  readonly surfaceTransfer: number;
  readonly potLoss: number;
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
  draught: 1,
  surfaceTransfer: 1,
  potLoss: 1,
  lidAjar: false,
};

/** The pot as its surroundings see it. */
export interface PotShell extends PotWalls {
  /** Circumference, m. */
  readonly rimM: number;
  readonly wallAboveLiquidM: number;
  readonly pressurePa: number;
  /** Coefficient from contents to wall, W/m²K, and factor on how fast heat rises to the surface: thick liquid is slower. */
  readonly innerFilmWM2K: number;
  readonly liquidTransfer: number;
}

/** Air movement around a pot in an oven, as a coefficient, W/m²K. Estimate within what is measured in baking ovens. */
const CONVECTION = { still: 5, fan: 15, gas: 5, grill: 8, steam: 15 } as const;
/** The same over a liquid surface down in its pot, where fast air does not reach, W/m²K. Estimate. */
const SURFACE_FILM = { still: 5, fan: 9, gas: 6, grill: 8, steam: 9 } as const;
/** Room air an oven draws in, m³/h. Estimate: half to twice as much. */
const DRAUGHT_M3H = { still: 1.5, fan: 3, gas: 6, grill: 20, steam: 1.5 } as const;
type GasKind = keyof typeof CONVECTION;
/** Air of a room in mol per m³. */
const ROOM_MOL_M3 = 41.3;
/** Water a gas flame makes, mol/s per kelvin above the room: 1 kW at 150 °C. */
const FLAME_MOLS_PER_K = 8.3 / 128 / 3600;
/** Coefficient of condensing steam, W/m²K. Estimate, no source. */
const CONDENSING_FILM = 150;
/** Most of a steam oven's gas that is steam, as a share. */
const STEAM_SHARE = 0.95;
/** With less steam than this its dew point is below 46 °C: nothing in a hot oven is as cool for long. */
const LEAST_CONDENSING = 0.1;
/** Mass-transfer coefficient below a lid that leaks with a fan outside, kg/(s m² Pa), and vapour there. Estimates. */
const FAN_MASS_TRANSFER = 6e-8;
const OVEN_VAPOUR_PA = 6000;
const GRILL_VAPOUR_PA = 3000;
/** How much cooler the air over an open pot in a room keeps what stands out of the liquid, K. Estimate, no source. */
const ROOM_COOLER_K = 12;
/** Coefficient on meat that stands out of an open pot, W/m²K: wet and evaporating in an oven, or in a room. */
const OPEN_TOP_FILM = { oven: 150, room: 60 } as const;
/** Temperature from which the wall above an open surface conducts heat down, °C. */
const WALL_C = 95;
/** A barbecue's air temperature is half as certain as an oven's: 15 K against 8 K. */
const GRILL_OFFSET_SCALE = 15 / 8;
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

/**
 * What the wall above the liquid of an open pot adds, as wall area at the liquid's temperature, m²: gas heats it outside
 * with its whole film, inside with moving air alone, and it conducts the heat down like a fin.
 */
function finM2(shell: PotShell, outsideFilm: number, insideFilm: number): number {
  const heightM = shell.wallAboveLiquidM;
  if (heightM <= 0) return 0;
  const { conductivityWMK } = POT_MATTER[shell.material];
  const decay = Math.sqrt((outsideFilm + insideFilm) / (conductivityWMK * shell.wallThicknessM));
  return ((shell.rimM * Math.tanh(decay * heightM)) / decay) * (1 + insideFilm / outsideFilm);
}

/** The gas around a pot, °C and Pa; undefined on the stove and in a bath. */
interface Gas {
  readonly kind: GasKind;
  readonly tempC: number;
  /** Vapour outside a lid, Pa; and what takes off steam that passes it, kg/(s m² Pa). */
  readonly vapourPa: number;
  readonly massTransfer: number;
  /** Share of the gas that the oven keeps as steam. */
  readonly steamShare: number;
}

function gasOf(heat: Heat, factors: KitchenFactors, pressurePa: number): Gas | undefined {
  switch (heat.kind) {
    case 'oven':
      return {
        kind: heat.burns === 'gas' ? 'gas' : heat.fan ? 'fan' : 'still',
        massTransfer: heat.fan ? FAN_MASS_TRANSFER : STILL_MASS_TRANSFER,
        tempC: heat.tempC + factors.ovenOffsetK,
        vapourPa: OVEN_VAPOUR_PA,
        steamShare: 0,
      };
    case 'grill':
      return {
        kind: 'grill',
        massTransfer: STILL_MASS_TRANSFER,
        tempC: heat.tempC + factors.ovenOffsetK * GRILL_OFFSET_SCALE,
        vapourPa: GRILL_VAPOUR_PA,
        steamShare: 0,
      };
    case 'steamOven': {
      const tempC = heat.tempC + factors.ovenOffsetK;
      const saturated = Math.min(1, saturationPressurePa(Math.min(tempC, 110)) / pressurePa);
      const steamShare = Math.min(STEAM_SHARE, heat.humidity ?? 1) * saturated;
      return {
        kind: 'steam',
        massTransfer: STILL_MASS_TRANSFER,
        tempC,
        vapourPa: steamShare * pressurePa,
        steamShare,
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
function gasAround(shell: PotShell, lidKind: LidKind, { kind, tempC }: Gas, factors: KitchenFactors): GasCoefficient {
  const lid = LIDS[lidKind];
  const { emissivity } = POT_MATTER[shell.material];
  const { covers } = lid;
  const moving = CONVECTION[kind];
  const scale = factors.ovenFilm;
  const inside = rimShelterFactor(shell.wallAboveLiquidM, shell.spanM) * moving * scale;
  const fin = covers ? 0 : finM2(shell, (moving + emissivity * radiativeCoefficient(tempC, WALL_C)) * scale, inside);
  return {
    convectionWM2K: moving,
    scale,
    wallM2: shell.baseM2 + shell.wetSideM2 + fin,
    wallEmissivity: emissivity,
    paperM2: lidKind === 'cartouche' ? shell.baseM2 : 0,
    dryWallM2: covers ? shell.drySideM2 : 0,
    coverM2: covers ? shell.baseM2 : 0,
    coverEmissivity: lid.emissivity ?? emissivity,
  };
}

/** The air of the oven over an open pot. */
function airOver(shell: PotShell, { kind, tempC, steamShare }: Gas, factors: KitchenFactors): OvenAir {
  const draughtMolS = (DRAUGHT_M3H[kind] * factors.draught * ROOM_MOL_M3) / 3600;
  const exposed = rimShelterFactor(shell.wallAboveLiquidM, shell.spanM);
  return {
    kind: 'oven',
    tempC,
    surfaceFilm: SURFACE_FILM[kind] * exposed * factors.surfaceTransfer,
    meatFilm: CONVECTION[kind],
    draughtMolS,
    flameMolS: kind === 'gas' ? Math.max(0, tempC - ROOM_C) * FLAME_MOLS_PER_K : 0,
    steamShare,
  };
}

/** An open surface by the temperature of its liquid; a bottom gone dry keeps only what its air gives or takes. */
function surfaceTable(shell: PotShell, air: OpenSurface['air']): FlowTable {
  const { pressurePa, baseM2, liquidTransfer } = shell;
  const boilC = boilingPointC(pressurePa);
  const surface: OpenSurface = { areaM2: baseM2, pressurePa, liquidTransfer, air };
  return new FlowTable((liquidC) => {
    const wetC = Math.min(liquidC, boilC);
    const { lossW, steamKgS, airWK, vapourPa } = surfaceFlow(surface, wetC);
    const coolerK = air.kind === 'room' ? ROOM_COOLER_K : wetC - wetBulbC(air, vapourPa, pressurePa);
    return { dryW: lossW - steamKgS * latentHeatJKg(wetC), steamKgS, airWK, coolerK };
  });
}

/** What a pot in a room loses through its walls, for each shell, lid and stand: the same in every particle. */
const wallTables = new WeakMap<PotShell, Map<string, FlowTable>>();

function wallTable(shell: PotShell, lidKind: LidKind, stand: Stand): FlowTable {
  const known = wallTables.get(shell) ?? new Map<string, FlowTable>();
  wallTables.set(shell, known);
  const key = `${lidKind}/${stand}`;
  const lid = lidKind !== 'none';
  const found =
    known.get(key) ??
    new FlowTable((liquidC) => ({
      dryW: wallsLossW(
        shell,
        { airC: ROOM_C, lid, lidEmissivity: LIDS[lidKind].emissivity, stand, inner: shell.innerFilmWM2K },
        liquidC,
      ),
      steamKgS: 0,
      airWK: 0,
      coolerK: 0,
    }));
  known.set(key, found);
  return found;
}

/** The temperature at which the cook keeps the liquid, °C; undefined where heat flows freely. */
function heldC(heat: Heat, pressurePa: number, factors: KitchenFactors): number | undefined {
  if (heat.kind === 'bath') return heat.tempC;
  if (heat.kind === 'simmer') return manualSimmerC(heat.tempC, boilingPointC(pressurePa)) + factors.holdOffsetK;
  return undefined;
}

/**
 * Steam condensing on the walls, and on lid or paper; above the liquid, under a lid, it is passed on by steam inside.
 * What condenses on an open surface is that surface's own.
 */
function condensingOn(shell: PotShell, lidKind: LidKind, dewC: number): Condensing {
  const { baseM2, wetSideM2, drySideM2 } = shell;
  const wet = CONDENSING_FILM * (baseM2 + wetSideM2);
  const above = LIDS[lidKind].covers
    ? (baseM2 + drySideM2) / (1 / CONDENSING_FILM + 1 / INNER_FILM)
    : lidKind === 'none'
      ? 0
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
  const lit = heat.kind === 'simmer' || (heat.kind === 'power' && heat.powerW > 0);
  return {
    mode: holdC === undefined ? 'driven' : 'held',
    gas: gas && gasAround(shell, lidKind, gas, factors),
    walls: gas ? undefined : wallTable(shell, lidKind, lit ? 'burner' : 'board'),
    wallsFactor: factors.potLoss,
    surface:
      open && !inBath
        ? surfaceTable(
            shell,
            gas
              ? airOver(shell, gas, factors)
              : roomAirOver(shell.wallAboveLiquidM, shell.spanM, { transfer: factors.surfaceTransfer }),
          )
        : undefined,
    condensing:
      gas && gas.steamShare >= LEAST_CONDENSING ? condensingOn(shell, lidKind, boilingPointC(gas.vapourPa)) : undefined,
    ambientC: gas?.tempC ?? ROOM_C,
    behindDoor: gas !== undefined,
    powerW: heat.kind === 'power' ? heat.powerW * factors.burner : 0,
    holdC: holdC ?? 0,
    lidLeak: inBath || open ? 0 : Math.min(1, lid.leak * factors.lidLeak),
    massTransfer: open ? 0 : (gas?.massTransfer ?? STILL_MASS_TRANSFER),
    ambientVapourPa: gas?.vapourPa ?? ROOM_VAPOUR_PA,
    topFilmWM2K: (open ? OPEN_TOP_FILM[gas ? 'oven' : 'room'] : lid.topFilmWM2K) * factors.topFilm,
    headspaceDropK: inBath || open ? 0 : lid.headspaceDropK,
    exposureScale: turned ? 0.5 : 1,
  };
}
