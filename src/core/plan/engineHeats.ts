import { type HeatPhase } from '../choices';
import { type BraiseRequest, type HeatThen, slowestAtTarget, type TimedHeat, type TimedLid } from '../forecast';

/** Heats and lids of a braise in the engine's form. */
export interface Heats {
  readonly heats: readonly TimedHeat[];
  readonly lids: readonly TimedLid[];
}

/** Where a braise is in its phases: those from the present one on, and when that began. */
export interface AtStage {
  readonly stages: readonly HeatPhase[];
  readonly sinceMin: number;
  /** Since when the present settings apply, if they were changed during the phase. */
  readonly changedMin?: number;
}

/** A phase's end by the clock, min from the start; undefined if the pot itself ends it. */
function clockEnd({ until }: HeatPhase, sinceMin: number, likelyMin: number): number | undefined {
  if (until.kind === 'minutes') return sinceMin + until.minutes;
  if (until.kind === 'before') return Math.max(sinceMin, Math.round(likelyMin - until.minutes));
  return undefined;
}

/** The phases after one that the pot itself ends, as its followers. */
function thenOf(stages: readonly HeatPhase[]): HeatThen | undefined {
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
 * Phases in the engine's form, if the meat is as wanted at `likelyMin`. Timed phases begin by the clock, and later ones
 * not before `notBeforeMin`; from the first phase the pot itself ends, the others follow from it.
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

const counted = (stages: readonly HeatPhase[]): boolean => stages.some((s) => s.until.kind === 'before');
/** A phase counted back from the end moves the end: stepping halfway between guess and answer converges quickly. */
const TRIES = 6;
const STILL_MIN = 1;

/** The request with these phases, those counted back from the end at their proper times. */
export function withCourse(request: BraiseRequest, at: AtStage, notBeforeMin = 0): BraiseRequest {
  const planned = (likelyMin: number): BraiseRequest => ({ ...request, ...heatsOf(at, likelyMin, notBeforeMin) });
  if (!counted(at.stages)) return planned(Infinity);
  let likelyMin = slowestAtTarget(planned(Infinity)).atMin;
  for (let i = 0; i < TRIES; i++) {
    const found = slowestAtTarget(planned(likelyMin)).atMin;
    // With the last phase it would never be ready, so it is left out.
    if (!Number.isFinite(found)) return planned(Infinity);
    if (Math.abs(found - likelyMin) < STILL_MIN) break;
    likelyMin = (likelyMin + found) / 2;
  }
  return planned(likelyMin);
}
