import { type Cut } from '../larder';

/** The fork scale, from raw to too far. */
export const DONENESS_STAGES = ['holds', 'drags', 'gives', 'twists', 'falls', 'strings'] as const;

export type Doneness = (typeof DONENESS_STAGES)[number];

/** Doneness levels a braise can aim for. */
export const TARGET_STAGES = ['gives', 'twists', 'falls'] as const;

export type TargetDoneness = (typeof TARGET_STAGES)[number];

/** The doneness at which it has gone past its best. */
export const TARGETS: Readonly<Record<TargetDoneness, { readonly until: 'falls' | 'strings' }>> = {
  gives: { until: 'falls' },
  twists: { until: 'strings' },
  falls: { until: 'strings' },
};

/** Share of the fork-tender cook value at which a fork first goes in with a push. Estimate, no source. */
const DRAGS_RATIO = 0.35;

/**
 * Cook values, min, at which each doneness from `drags` on begins, for an animal of ordinary toughness; scale all of
 * them by the same factor for a tougher one. Ascending.
 */
export function donenessThresholds(cut: Cut): readonly [number, number, number, number, number] {
  const { gives, twists, falls, strings } = cut.cookValue;
  return [DRAGS_RATIO * twists, gives, twists, falls, strings];
}

/** Doneness at `cookValueMin` for an animal whose toughness factor is `toughness` (1 = ordinary). */
export function donenessAt(cut: Cut, cookValueMin: number, toughness = 1): Doneness {
  const reached = donenessThresholds(cut).filter((threshold) => cookValueMin >= threshold * toughness).length;
  return DONENESS_STAGES[reached] ?? 'strings';
}

export function donenessIndex(stage: Doneness): number {
  return DONENESS_STAGES.indexOf(stage);
}
