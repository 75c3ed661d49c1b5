import { type EffectiveEvent } from './events';
import { toEngineHistory, observedBy, RECORDS } from './records';
import { type CookState } from './state';
import {
  advance,
  ajarChance,
  type BraiseRequest,
  type Ensemble,
  INDEX,
  type Learnable,
  type Prior,
  priorEnsemble,
  readyEta,
  summarise,
  type TimedHeat,
  type TimedLid,
  type TimedOpening,
  type LatentParameter,
  UNKNOWN_COUNT,
  weights,
} from '../forecast';
import { afterRecord, type PlanInput } from '../choices';
import { braiseRequest, type PlannedLooks, plannedRequest, withCourse, withLidLifts } from '../plan';
import { MINUTE_MS } from '../quantity';

/** Records this close together are one lift of the lid. */
const ONE_LOOK_MIN = 2;

/** What one record did to the forecast. */
export interface Update {
  readonly eventId: string;
  /** Change in the median fork-tender time, min; positive is later. */
  readonly shiftMin: number;
  /** Change in the width of the 80% range, min; negative is surer. */
  readonly widthMin: number;
  /** The parameter it said most about, and its value now. */
  readonly about: UpdatedParameter | undefined;
  /** When the meat will be as wanted after it: 10th, 50th and 90th percentile, min after the meat met the liquid. */
  readonly ready: ReadyMinutes;
}

/** 10th, 50th and 90th percentile of a time, min after the meat met the liquid; `Infinity` where it never comes. */
export interface ReadyMinutes {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/**
 * Value of a parameter after the records: a temperature in K, a factor, or the probability that the lid does not fit.
 */
export interface UpdatedParameter {
  readonly unknown: Learnable;
  readonly value: number;
  /** Change in standard deviations of the earlier belief. */
  readonly movedSd: number;
}

/** Minutes after the meat met the liquid. */
function minuteOf(intoPotMs: number, atMs: number): number {
  return Math.max(0, (atMs - intoPotMs) / MINUTE_MS);
}

function openings(events: readonly EffectiveEvent[], intoPotMs: number): TimedOpening[] {
  const out: { atMin: number; seconds: number }[] = [];
  for (const event of events) {
    const seconds = RECORDS[event.act.kind].openSeconds;
    const atMin = minuteOf(intoPotMs, event.atMs);
    if (seconds === 0 || atMin === 0) continue;
    const last = out.at(-1);
    if (last && atMin - last.atMin < ONE_LOOK_MIN) last.seconds = Math.max(last.seconds, seconds);
    else out.push({ atMin, seconds });
  }
  return out;
}

/**
 * Heat and lid as recorded, then the planned phases still to come: a phase that is overdue and not recorded has not
 * begun, and begins at `notBeforeMin`.
 */
function withHeats(
  planned: BraiseRequest,
  input: PlanInput,
  events: readonly EffectiveEvent[],
  start: number,
  notBeforeMin: number,
): BraiseRequest {
  let stages = input.course;
  let sinceMin = 0;
  let changedMin = 0;
  const heats: TimedHeat[] = [];
  const lids: TimedLid[] = [];
  for (const { act, atMs } of events) {
    if (act.kind !== 'heat' && act.kind !== 'lid') continue;
    const atMin = minuteOf(start, atMs);
    const before = stages[0];
    const after = afterRecord(stages, act.kind === 'heat' ? { heat: act.heat } : { lid: act.lid });
    if (before && atMin > changedMin) {
      heats.push({ atMin: changedMin, heat: before.heat });
      lids.push({ atMin: changedMin, lid: before.lid, recorded: changedMin > 0 });
    }
    stages = after.stages;
    changedMin = atMin;
    if (after.moved) sinceMin = atMin;
  }
  const off = events.find((e) => e.act.kind === 'offHeat');
  const offMin = off ? minuteOf(start, off.atMs) : Infinity;
  const changed = heats.length > 0;
  const rest = withCourse(planned, { stages, sinceMin, changedMin }, notBeforeMin);
  const all = [
    ...heats,
    ...rest.heats.filter((h) => h.atMin < offMin),
    ...(offMin < Infinity ? [{ atMin: offMin, heat: { kind: 'off' as const } }] : []),
  ];
  const covers = [...lids, ...rest.lids.map((l) => (changed && l.atMin === changedMin ? { ...l, recorded: true } : l))];
  return {
    ...rest,
    // An unchanged heat or lid is not a new one.
    heats: all.filter((h, i) => i === 0 || h.then || JSON.stringify(h.heat) !== JSON.stringify(all[i - 1]?.heat)),
    lids: covers.filter((l, i) => i === 0 || l.lid !== covers[i - 1]?.lid),
  };
}

/** The braise so far as input for the engine: the plan with every recorded act. */
export function requestOf(
  state: CookState,
  events: readonly EffectiveEvent[] = state.events,
  notBeforeMin = 0,
): BraiseRequest {
  const planned = braiseRequest(state.input);
  const start = state.intoPotMs;
  if (start === undefined) return planned;
  const happened = events.map((e) => toEngineHistory(e.act, minuteOf(start, e.atMs)));
  return {
    ...withHeats(planned, state.input, events, start, notBeforeMin),
    turnsAtMin: happened.flatMap((h) => h.turnsAtMin ?? []),
    openings: openings(events, start),
    topUps: happened.flatMap((h) => h.topUps ?? []),
  };
}

function meanZ(ensemble: Ensemble, w: Float64Array, unknown: LatentParameter): { mean: number; sd: number } {
  let mean = 0;
  let square = 0;
  for (let i = 0; i < ensemble.count; i++) {
    const z = ensemble.z[i * UNKNOWN_COUNT + INDEX[unknown]] as number;
    mean += (w[i] as number) * z;
    square += (w[i] as number) * z * z;
  }
  return { mean, sd: Math.sqrt(Math.max(0, square - mean * mean)) };
}

/** Parameters worth naming to a cook; the others are kept but seldom matter. */
const NAMED: readonly LatentParameter[] = [
  'toughness',
  'ovenOffset',
  'hold',
  'lidLeak',
  'thickness',
  'meatStart',
  'liquidStart',
  'burner',
];
const ADDITIVE: readonly LatentParameter[] = ['ovenOffset', 'hold', 'meatStart', 'liquidStart'];
const WORTH_SAYING_SD = 0.25;
/** From this probability of a badly fitting lid on, it is worth a check. */
const WORTH_A_LOOK = 0.3;

function mostMoved(before: Ensemble, after: Ensemble): UpdatedParameter | undefined {
  if (after.surprise) return { unknown: after.surprise, movedSd: 0, value: 0 };
  const wBefore = weights(before);
  const wAfter = weights(after);
  let best: UpdatedParameter | undefined;
  for (const unknown of NAMED) {
    const from = meanZ(before, wBefore, unknown);
    const to = meanZ(after, wAfter, unknown);
    const movedSd = (to.mean - from.mean) / Math.max(from.sd, 1e-6);
    if (Math.abs(movedSd) < WORTH_SAYING_SD || Math.abs(movedSd) <= Math.abs(best?.movedSd ?? 0)) continue;
    best = { unknown, movedSd, value: toPhysicalValue(after.prior, unknown, to.mean) };
  }
  const sits = ajarChance(before);
  const value = ajarChance(after);
  const movedSd = (value - sits) / Math.sqrt(Math.max(sits * (1 - sits), 1e-6));
  const says = value > Math.max(sits, WORTH_A_LOOK) && Math.abs(movedSd) > Math.abs(best?.movedSd ?? 0);
  return says ? { unknown: 'lidAjar', movedSd, value } : best;
}

/** Converts a z-score to kelvin or a factor. */
export function toPhysicalValue(prior: Prior, unknown: LatentParameter, z: number): number {
  const law = prior[unknown];
  const value = law.mean + law.sd * z;
  return ADDITIVE.includes(unknown) ? value : Math.exp(value);
}

/** The steps of one braise's forecast: after the plan, then after every record that mattered. */
export interface Learning {
  /** Planned checks; those still to come stay in the forecast. */
  readonly looks: PlannedLooks;
  readonly ensemble: Ensemble;
  readonly lessons: readonly Update[];
}

/** Records later than this say nothing about the braise: the pot was forgotten. */
export const FORGOTTEN_MIN = 3 * 24 * 60;

/** How one record changes the forecast. `events` are all effective events up to and including it. */
export function learnOne(
  previous: Learning,
  state: CookState,
  events: readonly EffectiveEvent[],
  event: EffectiveEvent,
): Learning {
  if (state.intoPotMs === undefined || !RECORDS[event.act.kind].movesForecast) return previous;
  const atMin = minuteOf(state.intoPotMs, event.atMs);
  if (atMin > FORGOTTEN_MIN) return previous;
  const done = requestOf(
    state,
    events.filter((e) => e.act.kind !== 'offHeat'),
    atMin + ONE_LOOK_MIN,
  );
  const request = withLidLifts(done, previous.looks, atMin + ONE_LOOK_MIN);
  const observations = [...previous.ensemble.observations, ...observedBy(event.act, atMin, previous.ensemble)];
  const ensemble = advance(previous.ensemble, request, observations);
  const before = readyEta(summarise(previous.ensemble));
  const after = readyEta(summarise(ensemble));
  return {
    looks: previous.looks,
    ensemble,
    lessons: [
      ...previous.lessons,
      {
        eventId: event.id,
        shiftMin: after.p50 - before.p50,
        widthMin: after.p90 - after.p10 - (before.p90 - before.p10),
        about:
          observations.length > previous.ensemble.observations.length
            ? mostMoved(previous.ensemble, ensemble)
            : undefined,
        ready: { p10: after.p10, p50: after.p50, p90: after.p90 },
      },
    ],
  };
}

/** The forecast of a braise before anything was recorded: its plan's. */
export function learnNothing(
  input: PlanInput,
  options: { readonly particles?: number; readonly prior?: Prior } = {},
): Learning {
  const { looks, request } = plannedRequest(input);
  return { looks, ensemble: priorEnsemble(request, options), lessons: [] };
}

/** Follows all effective events of a braise from its plan on. */
export function learnAll(
  state: CookState,
  options: { readonly particles?: number; readonly prior?: Prior } = {},
): Learning {
  let following = learnNothing(state.input, options);
  state.events.forEach((event, i) => {
    following = learnOne(following, state, state.events.slice(0, i + 1), event);
  });
  return following;
}
