import { type HeatStage, sameHeat } from '../choices';
import { type BraiseRequest, type HeatThen, slowestAtTarget, type TimedHeat, type TimedLid } from '../forecast';
import { type LidKind } from '../larder';

/** Heats and lids of a braise as the engine takes them. */
export interface Heats {
  readonly heats: readonly TimedHeat[];
  readonly lids: readonly TimedLid[];
}

/** Where a braise is in its stages: those from the present one on, and since when that is on. */
export interface AtStage {
  readonly stages: readonly HeatStage[];
  readonly sinceMin: number;
  /** Since when it is on as it now is, where it was changed on the way. */
  readonly changedMin?: number;
}

/** A stage's clock end, min from the start; undefined where the pot itself ends it. */
function clockEnd({ until }: HeatStage, sinceMin: number, likelyMin: number): number | undefined {
  if (until.kind === 'minutes') return sinceMin + until.minutes;
  if (until.kind === 'before') return Math.max(sinceMin, Math.round(likelyMin - until.minutes));
  return undefined;
}

/** The stages after one that the pot itself ends, as what follows it. */
function thenOf(stages: readonly HeatStage[]): HeatThen | undefined {
  const [now, next] = stages;
  if (!now || !next || now.until.kind === 'end') return undefined;
  const { until } = now;
  const after: HeatThen['after'] =
    until.kind === 'left'
      ? { kind: 'level', litres: until.litres }
      : until.kind === 'stage'
        ? { kind: 'stage', stage: until.stage }
        : { kind: 'minutes', minutes: until.minutes };
  const then = thenOf(stages.slice(1));
  return { after, heat: next.heat, lid: next.lid, ...(then && { then }) };
}

/**
 * Stages as the engine takes them, when the meat is as wanted at `likelyMin`. Stages by the clock begin on the clock, not
 * before `notBeforeMin` but for the present one; from the first that the pot itself ends the others follow from it.
 */
export function heatsOf(
  { stages, sinceMin, changedMin = sinceMin }: AtStage,
  likelyMin: number,
  notBeforeMin = 0,
): Heats {
  const heats: TimedHeat[] = [];
  const lids: TimedLid[] = [];
  let atMin = sinceMin;
  for (const [i, stage] of stages.entries()) {
    const endMin = clockEnd(stage, atMin, likelyMin);
    const then = endMin === undefined ? thenOf(stages.slice(i)) : undefined;
    const skipped = endMin !== undefined && endMin <= atMin && i < stages.length - 1;
    if (!skipped) {
      const fromMin = i === 0 ? changedMin : atMin;
      heats.push({ atMin: fromMin, heat: stage.heat, ...(then && { then }) });
      lids.push({ atMin: fromMin, lid: stage.lid });
    }
    if (endMin === undefined || endMin === Infinity) break;
    atMin = Math.max(endMin, notBeforeMin);
  }
  return { heats, lids: lids.filter((l, i) => i === 0 || l.lid !== lids[i - 1]?.lid) };
}

const counted = (stages: readonly HeatStage[]): boolean => stages.some((s) => s.until.kind === 'before');
/** What is counted back from the end moves the end: half way between guess and answer each time, it soon stands still. */
const TRIES = 6;
const STILL_MIN = 1;

/** The request with these stages, those that are counted back from the end put where they belong. */
export function withCourse(request: BraiseRequest, at: AtStage, notBeforeMin = 0): BraiseRequest {
  const planned = (likelyMin: number): BraiseRequest => ({ ...request, ...heatsOf(at, likelyMin, notBeforeMin) });
  if (!counted(at.stages)) return planned(Infinity);
  let likelyMin = slowestAtTarget(planned(Infinity)).atMin;
  for (let i = 0; i < TRIES; i++) {
    const found = slowestAtTarget(planned(likelyMin)).atMin;
    // With what comes last it would never be ready: then it does not come.
    if (!Number.isFinite(found)) return planned(Infinity);
    if (Math.abs(found - likelyMin) < STILL_MIN) break;
    likelyMin = (likelyMin + found) / 2;
  }
  return planned(likelyMin);
}

/** The stages that are left once a heat or lid was recorded: on to the next where that is what it asks for. */
export function afterRecord(
  stages: readonly HeatStage[],
  recorded: Partial<Pick<HeatStage, 'heat' | 'lid'>>,
): { readonly stages: readonly HeatStage[]; readonly moved: boolean } {
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
  const changed = (s: HeatStage, i: number): HeatStage => {
    if (recorded.heat && (i === 0 || sameHeat(s.heat, now.heat))) return { ...s, heat: recorded.heat };
    return i === 0 ? { ...s, ...recorded } : s;
  };
  return { stages: stages.map(changed), moved: false };
}
