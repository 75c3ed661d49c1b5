import { type Heat } from '../heat';
import { type Cut, type LidKind, LIDS, type PotMaterial } from '../larder';
import { type MeatGroup, type PotShape, type WaterSource } from '../material';
import { type TargetDoneness } from '../tenderness';

/** What ends a heat by itself, at each particle's own time. */
export type HeatEnd =
  /** The liquid reaches a temperature, from either side. */
  | { readonly kind: 'liquid'; readonly tempC: number }
  /** This much is left in the pot. */
  | { readonly kind: 'level'; readonly litres: number }
  /** It has lasted this long. */
  | { readonly kind: 'minutes'; readonly minutes: number }
  /** Every piece has a doneness. */
  | { readonly kind: 'stage'; readonly stage: TargetDoneness };

export interface TimedHeat {
  readonly atMin: number;
  readonly heat: Heat;
  /** What follows by itself, unless the clock brings another heat first. */
  readonly then?: HeatThen;
}

/** What follows a self-ending heat; under the same lid if it names none. */
export interface HeatThen {
  readonly after: HeatEnd;
  readonly heat: Heat;
  readonly lid?: LidKind;
  readonly then?: HeatThen;
}

export interface TimedLid {
  readonly atMin: number;
  readonly lid: LidKind;
  /** It was recorded, not only planned. */
  readonly recorded?: boolean;
}

export interface TimedOpening {
  readonly atMin: number;
  readonly seconds: number;
}

/** An unexplained reading from which the pot continues. */
export interface Correction {
  readonly atMin: number;
  readonly litres?: number;
  readonly tempC?: number;
}

export interface TimedTopUp {
  readonly atMin: number;
  readonly litres: number;
  readonly tempC: number;
}

/** Warming or smoking before the liquid: the pieces in air or smoke. */
export interface PreCook {
  readonly minutes: number;
  readonly tempC: number;
  readonly filmWM2K: number;
}

/** The lid whose fit the forecast has to guess: the first one meant to fit, or else the first. */
export function lidInDoubt({ heats, lids }: Pick<BraiseRequest, 'heats' | 'lids'>): LidKind | undefined {
  const all = lids.map((l) => l.lid);
  for (const timed of heats) {
    for (let next = timed.then; next; next = next.then) if (next.lid !== undefined) all.push(next.lid);
  }
  return all.find((lid) => LIDS[lid].sits) ?? all[0];
}

/** The cut of a group. */
export function cutOf(request: Pick<BraiseRequest, 'cut'>, group: Pick<MeatGroup, 'cut'>): Cut {
  return group.cut ?? request.cut;
}

/** One braise as the engine sees it. SI units; minutes count from when the meat met the liquid. */
export interface BraiseRequest {
  /** The cut being forecast; of mixed meats the one that is ready last. */
  readonly cut: Cut;
  readonly groups: readonly MeatGroup[];
  readonly pot: PotShape & { readonly massKg: number; readonly material: PotMaterial };
  readonly liquidL: number;
  readonly liquidTempC: number;
  /** A sauce thick enough to hinder convection. */
  readonly thickLiquid: boolean;
  /** Contents other than meat, from the start or later. */
  readonly vegetables: readonly WaterSource[];
  /** Those in from the start lie as a bed under the meat. */
  readonly bedUnder?: boolean;
  /** Ascending; the first at 0. */
  readonly heats: readonly TimedHeat[];
  /** Ascending; the first at 0. */
  readonly lids: readonly TimedLid[];
  readonly turnsAtMin: readonly number[];
  readonly openings: readonly TimedOpening[];
  readonly topUps: readonly TimedTopUp[];
  readonly corrections?: readonly Correction[];
  readonly preCook: readonly PreCook[];
  /** The oven was cold when the pot went in. */
  readonly coldOven: boolean;
  /** The doneness the cook waits for; fork-tender by default. */
  readonly target?: TargetDoneness;
  readonly thicknessMeasured: boolean;
  readonly altitudeM: number;
  /** End of the forecast; by default late enough for the slowest likely animal to be past tender. */
  readonly horizonMin?: number;
  readonly seed: number;
}

/** A braise to which nothing happens on the way: no turning, no checks, no top-up, no smoking first, oven hot. */
export const NO_INTERVENTIONS = {
  thickLiquid: false,
  turnsAtMin: [],
  openings: [],
  topUps: [],
  preCook: [],
  coldOven: false,
} as const satisfies Partial<BraiseRequest>;
