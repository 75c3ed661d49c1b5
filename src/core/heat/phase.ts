import { type FlowTable } from './flowTable';
import { radiativeCoefficient, WET_EMISSIVITY } from './radiation';

/**
 * Hot gas around a pot: convection and radiation, for each kind of surface. Areas in m². Radiation is that of grey
 * walls in a large enclosure, linearised about the mean of gas and surface.
 */
export interface GasCoefficient {
  /** Convection alone, W/m²K. */
  readonly convectionWM2K: number;
  /** Factor on both: this kitchen's oven, at the pot's place in it. */
  readonly scale: number;
  /** Wall with liquid behind it, plus what the wall above the liquid of an open pot conducts down to it. */
  readonly wallM2: number;
  readonly wallEmissivity: number;
  /** Paper on the liquid. */
  readonly paperM2: number;
  /** Wall and cover above the liquid of a covered pot, behind which steam carries the heat on. */
  readonly dryWallM2: number;
  readonly coverM2: number;
  readonly coverEmissivity: number;
}

/** Steam condenses on anything below its dew point. */
export interface Condensing {
  readonly conductanceWK: number;
  readonly dewC: number;
}

/** The surroundings of the pot between two changes of heat or lid. SI units. */
export interface PotPhase {
  /** `driven`: heat flows from the surroundings; `held`: the cook keeps the liquid at `holdC`. */
  readonly mode: 'driven' | 'held';
  readonly gas?: GasCoefficient | undefined;
  /** What walls, lid and base lose to the room, before `wallsFactor`. */
  readonly walls?: FlowTable | undefined;
  readonly wallsFactor: number;
  /** What passes through an open surface, and how much cooler it is over it. */
  readonly surface?: FlowTable | undefined;
  readonly condensing?: Condensing | undefined;
  /** Oven or room air, °C; and whether it drops when the door is opened. */
  readonly ambientC: number;
  readonly behindDoor: boolean;
  /** Net heat from a burner, W. */
  readonly powerW: number;
  readonly holdC: number;
  /** Share of open-surface evaporation that passes the lid, 0 to 1. */
  readonly lidLeak: number;
  /** Mass-transfer coefficient below a lid, kg/(s m² Pa); 0 where `surface` has the steam. */
  readonly massTransfer: number;
  readonly ambientVapourPa: number;
  /** Heat-transfer coefficient on what is above the liquid, W/m²K. */
  readonly topFilmWM2K: number;
  /** How much cooler than the liquid a covered pot keeps its pieces, K. */
  readonly headspaceDropK: number;
  /** Factor on how much of a piece is above the liquid; 0.5 once the pieces have been turned. */
  readonly exposureScale: number;
}

/** When one heat gives way to the next: by the clock, or by what this particle's pot does. */
export type StageEnd =
  | { readonly kind: 'clock'; readonly atS: number }
  /** This long after it began. */
  | { readonly kind: 'elapsed'; readonly seconds: number }
  /** The liquid reaches a temperature, from whichever side it was on at the start. */
  | { readonly kind: 'liquid'; readonly tempC: number }
  /** The contents have dropped to this. */
  | { readonly kind: 'level'; readonly liquidKg: number }
  /** The slowest quarter of every size class has this cook value, min. */
  | { readonly kind: 'cookValue'; readonly minutes: readonly number[] };

/** A stretch of one heat; `phases` are its phases for each state of lid and turning on the grid. */
export interface RunPhase {
  readonly phases: readonly PotPhase[];
  /** Undefined for the last. */
  readonly until?: StageEnd | undefined;
}

/** Coefficient between the dry wall or lid and the steam below it, W/m²K. Estimate, no source. */
export const INNER_FILM = 8;

/** A phase as numbers in one block, so that a step reads no objects. */
export const PHASE_SIZE = 21;
export const WALLS_FACTOR = 0;
export const AMBIENT_C = 1;
/** 1 if the gas temperature drops when a door is opened. */
export const BEHIND_DOOR = 2;
export const POWER_W = 3;
export const HOLD_C = 4;
export const LID_LEAK = 5;
export const MASS_TRANSFER = 6;
/** Surface resistance of what is above the liquid, m²K/W. */
export const TOP_RESISTANCE = 7;
export const HEADSPACE_DROP_K = 8;
export const EXPOSURE_SCALE = 9;
/** The gas's coefficients: all areas are 0 where there is none. */
const CONVECTION = 10;
const SCALE = 11;
const WALL_M2 = 12;
const WALL_EMISSIVITY = 13;
const PAPER_M2 = 14;
const DRY_WALL_M2 = 15;
const COVER_M2 = 16;
const COVER_EMISSIVITY = 17;
/** Condensation: conductance, and the dew point; minus infinity where nothing condenses. */
export const CONDENSING_WK = 18;
export const DEW_C = 19;
/** 1 if the cook keeps the liquid at its temperature. */
export const THERMOSTATIC = 20;

/** Writes a phase into its block. */
export function packPhase(phase: PotPhase, into: Float64Array): void {
  into[THERMOSTATIC] = phase.mode === 'held' ? 1 : 0;
  into[WALLS_FACTOR] = phase.wallsFactor;
  into[AMBIENT_C] = phase.ambientC;
  into[BEHIND_DOOR] = phase.behindDoor ? 1 : 0;
  into[POWER_W] = phase.powerW;
  into[HOLD_C] = phase.holdC;
  into[LID_LEAK] = phase.lidLeak;
  into[MASS_TRANSFER] = phase.massTransfer;
  into[TOP_RESISTANCE] = 1 / phase.topFilmWM2K;
  into[HEADSPACE_DROP_K] = phase.headspaceDropK;
  into[EXPOSURE_SCALE] = phase.exposureScale;
  const { gas, condensing } = phase;
  into[CONVECTION] = gas ? gas.convectionWM2K : 0;
  into[SCALE] = gas ? gas.scale : 0;
  into[WALL_M2] = gas ? gas.wallM2 : 0;
  into[WALL_EMISSIVITY] = gas ? gas.wallEmissivity : 0;
  into[PAPER_M2] = gas ? gas.paperM2 : 0;
  into[DRY_WALL_M2] = gas ? gas.dryWallM2 : 0;
  into[COVER_M2] = gas ? gas.coverM2 : 0;
  into[COVER_EMISSIVITY] = gas ? gas.coverEmissivity : 0;
  into[CONDENSING_WK] = condensing ? condensing.conductanceWK : 0;
  into[DEW_C] = condensing ? condensing.dewC : -Infinity;
}

/** Conductance from gas at `gasC`, as packed, into a pot whose liquid is at `liquidC`, W/K. */
export function gasConductanceWK(packed: Float64Array, gasC: number, liquidC: number): number {
  const black = radiativeCoefficient(gasC, liquidC);
  const moving = packed[CONVECTION] as number;
  const scale = packed[SCALE] as number;
  const wall = (moving + (packed[WALL_EMISSIVITY] as number) * black) * scale;
  const cover = (moving + (packed[COVER_EMISSIVITY] as number) * black) * scale;
  return (
    wall * (packed[WALL_M2] as number) +
    (moving + WET_EMISSIVITY * black) * scale * (packed[PAPER_M2] as number) +
    ((wall * INNER_FILM) / (wall + INNER_FILM)) * (packed[DRY_WALL_M2] as number) +
    ((cover * INNER_FILM) / (cover + INNER_FILM)) * (packed[COVER_M2] as number)
  );
}
