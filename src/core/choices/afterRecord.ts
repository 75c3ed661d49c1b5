import { sameHeat } from './heatSchedule';
import { type HeatPhase } from './stages';
import { type LidKind } from '../larder';

/** The remaining phases after a heat or lid was recorded: on to the next if that is what it asks for. */
export function afterRecord(
  stages: readonly HeatPhase[],
  recorded: Partial<Pick<HeatPhase, 'heat' | 'lid'>>,
): { readonly stages: readonly HeatPhase[]; readonly moved: boolean } {
  const [now, next, ...later] = stages;
  if (!now) return { stages, moved: false };
  if (next) {
    const asNext =
      recorded.heat !== undefined
        ? sameHeat(recorded.heat, next.heat) && !sameHeat(now.heat, next.heat)
        : recorded.lid === next.lid && now.lid !== next.lid && sameHeat(now.heat, next.heat);
    if (asNext) {
      const lid: LidKind = recorded.lid ?? (recorded.heat ? next.lid : now.lid);
      return { stages: [{ ...next, lid }, ...later], moved: true };
    }
  }
  const changed = (s: HeatPhase, i: number): HeatPhase => {
    if (recorded.heat && (i === 0 || sameHeat(s.heat, now.heat))) return { ...s, heat: recorded.heat };
    return i === 0 ? { ...s, ...recorded } : s;
  };
  return { stages: stages.map(changed), moved: false };
}
