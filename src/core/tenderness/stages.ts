import { type Cut } from '../larder';

/** The fork scale, from raw to too far. */
export const STAGES = ['holds', 'drags', 'gives', 'twists', 'falls', 'strings'] as const;

export type Stage = (typeof STAGES)[number];

/** Stages a braise can be stopped at. */
export const TARGET_STAGES = ['gives', 'twists', 'falls'] as const;

export type TargetStage = (typeof TARGET_STAGES)[number];

/** By which stage it has gone past its best. */
export const TARGETS: Readonly<Record<TargetStage, { readonly until: 'falls' | 'strings' }>> = {
  gives: { until: 'falls' },
  twists: { until: 'strings' },
  falls: { until: 'strings' },
};

/** Share of the fork-tender cook value at which a fork first goes in with a push. Modeller's judgement. */
const DRAGS_RATIO = 0.35;

/**
 * Cook values, min, at which each stage from `drags` on begins, for an animal of ordinary toughness; scale all of them
 * by the same factor for a tougher one. Ascending.
 */
export function stageThresholds(cut: Cut): readonly [number, number, number, number, number] {
  const { gives, twists, falls, strings } = cut.cookValue;
  return [DRAGS_RATIO * twists, gives, twists, falls, strings];
}

/** Stage reached at `cookValueMin` by an animal whose toughness factor is `toughness` (1 = ordinary). */
export function stageAt(cut: Cut, cookValueMin: number, toughness = 1): Stage {
  const reached = stageThresholds(cut).filter((threshold) => cookValueMin >= threshold * toughness).length;
  return STAGES[reached] ?? 'strings';
}

export function stageIndex(stage: Stage): number {
  return STAGES.indexOf(stage);
}
