import { type Heat } from '../heat';
import { type Cut, type LidKind, LIDS, type PotMaterial } from '../larder';
import { type MeatGroup, type PotShape, type WaterGiver } from '../material';
import { type TargetStage } from '../tenderness';

/** What ends a heat by itself, in this kitchen's own time. */
export type HeatEnd =
  /** The liquid comes to a temperature, from whichever side. */
  | { readonly kind: 'liquid'; readonly tempC: number }
  /** So much is left in the pot. */
  | { readonly kind: 'level'; readonly litres: number }
  /** It has been on so long. */
  | { readonly kind: 'minutes'; readonly minutes: number }
  /** Every piece is at a stage of the fork scale. */
  | { readonly kind: 'stage'; readonly stage: TargetStage };

export interface TimedHeat {
  readonly atMin: number;
  readonly heat: Heat;
  /** What it gives way to by itself, unless the clock brings another heat first. */
  readonly then?: HeatThen;
}

/** What follows a heat that ends by itself; under the lid that was on where it names none. */
export interface HeatThen {
  readonly after: HeatEnd;
  readonly heat: Heat;
  readonly lid?: LidKind;
  readonly then?: HeatThen;
}

export interface TimedLid {
  readonly atMin: number;
  readonly lid: LidKind;
  /** Somebody said so, and did not only mean to. */
  readonly recorded?: boolean;
}

export interface TimedOpening {
  readonly atMin: number;
  readonly seconds: number;
}

/** A reading that nothing explains, from which the pot goes on. */
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

/** The lid whose fit the forecast has to guess: the first that is meant to sit, or the first there is. */
export function lidInDoubt({ heats, lids }: Pick<BraiseRequest, 'heats' | 'lids'>): LidKind | undefined {
  const all = lids.map((l) => l.lid);
  for (const timed of heats) {
    for (let next = timed.then; next; next = next.then) if (next.lid !== undefined) all.push(next.lid);
  }
  return all.find((lid) => LIDS[lid].sits) ?? all[0];
}

/** The cut a group is of. */
export function cutOf(request: Pick<BraiseRequest, 'cut'>, group: Pick<MeatGroup, 'cut'>): Cut {
  return group.cut ?? request.cut;
}

/** One braise as the engine sees it. SI units; minutes count from the moment the pieces meet the liquid. */
export interface BraiseRequest {
  /** The cut the forecast is about; of mixed meats the one that is last. */
  readonly cut: Cut;
  readonly groups: readonly MeatGroup[];
  readonly pot: PotShape & { readonly massKg: number; readonly material: PotMaterial };
  readonly liquidL: number;
  readonly liquidTempC: number;
  /** A sauce thick enough to hinder stirring by convection. */
  readonly thickLiquid: boolean;
  /** What lies in the pot besides meat, from the start or later. */
  readonly vegetables: readonly WaterGiver[];
  /** Those that are in it from the start lie as a bed under the meat. */
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
  /** The stage the cook waits for; the fork twisting when left out. */
  readonly target?: TargetStage;
  readonly thicknessMeasured: boolean;
  readonly altitudeM: number;
  /** End of the forecast; chosen so that the slowest likely animal is past tender when left out. */
  readonly horizonMin?: number;
  readonly seed: number;
}

/** A braise to which nothing happens on the way: no turn, no look, no top-up, no smoking first, oven hot. */
export const NO_INTERVENTIONS = {
  thickLiquid: false,
  turnsAtMin: [],
  openings: [],
  topUps: [],
  preCook: [],
  coldOven: false,
} as const satisfies Partial<BraiseRequest>;
