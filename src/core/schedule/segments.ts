import { type Segment } from './solve';
import { type Message } from '../message';
import { type HeatMode } from '../choices';

/** Minutes of each part of the work. */
export interface WorkMinutes {
  readonly prep: number;
  readonly sear: number;
  readonly base: number;
  readonly liquid: number;
  readonly finish: number;
  readonly plate: number;
}

/** What the day consists of, before scheduling. Minutes after the meat met the liquid unless stated otherwise. */
export interface DayPlan {
  readonly work: WorkMinutes;
  /** Part of `work.prep` that is chopping and can be interrupted. */
  readonly chopMin: number;
  /** Part of that which is only needed late, and when. */
  readonly lateChop: { readonly minutes: number; readonly neededAtMin: number } | undefined;
  /** Smoked or warmed dry before the pot; undefined if not. */
  readonly bare: { readonly minutes: number; readonly smoke: boolean } | undefined;
  readonly batches: readonly { readonly minutes: number; readonly recoverMinutes: number }[];
  readonly panHeatsMin: number;
  /** Steps of the base, and whether each must not be left. */
  readonly baseSteps: readonly { readonly minutes: number; readonly stay: boolean }[];
  readonly wineMin: number;
  /** When the meat is as wanted in half of all particles, and in the wanted share of them. */
  readonly likelyMin: number;
  readonly readyMin: number;
  /** Wanted probability of serving on time, 0 to 1. */
  readonly confidence: number;
  /** Lifts of the lid, and what goes in then, if anything. */
  readonly looks: readonly { readonly atMin: number; readonly adds?: Message }[];
  /** The main heat: its texts are `task.light` and `task.braise`. */
  readonly heat: HeatMode;
  /** Where the pot mainly is. */
  readonly place: 'oven' | 'burner' | 'grill';
  /** Where it is from when on, the first from the start, and what is done then. */
  readonly stages: readonly PotPlacement[];
  readonly reduceMin: number;
  /** Soft herbs added at plating, by id. */
  readonly lastHerbs: readonly string[];
  readonly sides: readonly string[];
  readonly eaters: number;
  /** The meat is salted this many hours before prep; undefined if salted then. */
  readonly saltAheadHours: number | undefined;
  /** Cooked before the day it is eaten; undefined if eaten at once. */
  readonly ahead: AheadWork | undefined;
}

/** The pot in one place, under one lid. */
export interface PotPlacement {
  readonly fromMin: number;
  /** Its texts are `task.light` and `span.braise`. */
  readonly heat: HeatMode;
  readonly place: 'oven' | 'burner' | 'grill';
  /** Preheating before the pot comes, min. */
  readonly warmsMin: number;
  readonly says: Message;
}

/** What cooking ahead requires. Minutes. */
export interface AheadWork {
  /** Latest time for the pot to be in the fridge, min from serving. */
  readonly fridgeByMin: number;
  readonly iceWaterMin: number;
  /** Pieces to take off the bone while cold. */
  readonly boning: number;
  readonly reheatMin: number;
}

const LAY_MIN = 1;

const TURN_MIN = 1;

/** Between turns the pan is left to sizzle this long. */
const FACE_WAIT_MIN = 3;

const LOOK_MIN = 2;

const INTO_OVEN_MIN = 2;

const SEASON_MIN = 2;

export const whole = (minutes: number): number => Math.max(0, Math.round(minutes));

export const hands = (minutes: number, stay = false): Segment => ({ minutes, hands: true, stay });

export const free = (minutes: number): Segment => ({ minutes, hands: false });

/** Trims segments to a total; the last one takes up the difference. */
function totalling(segments: readonly Segment[], minutes: number): Segment[] {
  const out = segments.filter((s) => s.minutes > 0);
  let over = out.reduce((sum, s) => sum + s.minutes, 0) - minutes;
  for (let i = out.length - 1; i >= 0 && over > 0; i--) {
    const s = out[i] as Segment;
    const cut = Math.min(over, s.minutes);
    out[i] = { ...s, minutes: s.minutes - cut };
    over -= cut;
  }
  if (over < 0) out.push(free(-over));
  return out.filter((s) => s.minutes > 0);
}

/** Searing minute by minute: hands to lay and turn, free while a side browns. */
export function searSegments(day: Pick<DayPlan, 'batches' | 'panHeatsMin' | 'work'>): Segment[] {
  if (day.work.sear <= 0) return [];
  const segments: Segment[] = [free(whole(day.panHeatsMin))];
  day.batches.forEach((batch, i) => {
    segments.push(hands(LAY_MIN, true));
    let left = whole(batch.minutes) - LAY_MIN;
    while (left > FACE_WAIT_MIN) {
      segments.push(free(FACE_WAIT_MIN), hands(TURN_MIN));
      left -= FACE_WAIT_MIN + TURN_MIN;
    }
    if (left > 0) segments.push(hands(left));
    if (i < day.batches.length - 1) segments.push(free(whole(batch.recoverMinutes)));
  });
  return totalling(segments, day.work.sear);
}

export function baseSegments(day: DayPlan): Segment[] {
  const segments = day.baseSteps.flatMap((s): Segment[] => {
    const minutes = whole(s.minutes);
    if (minutes === 0) return [];
    if (s.stay) return [hands(minutes, true)];
    return minutes > 2 ? [hands(1), free(minutes - 2), hands(1)] : [hands(minutes)];
  });
  return totalling(segments, day.work.base);
}

export function liquidSegments(day: DayPlan): Segment[] {
  const wine = whole(day.wineMin);
  const rest = Math.max(0, day.work.liquid - wine - LOOK_MIN - INTO_OVEN_MIN);
  return totalling(
    [hands(LOOK_MIN, true), free(wine), free(rest), hands(INTO_OVEN_MIN)],
    Math.max(INTO_OVEN_MIN, day.work.liquid),
  );
}

/**
 * The braise with its checks and heat changes, each taking a person for two minutes, and the spare time at its end;
 * each stretch at the pot's place then.
 */
export function braiseSegments(day: DayPlan, handsMin: number): Segment[] {
  const total = Math.max(1, Math.ceil(day.readyMin + handsMin));
  const looked = lookSegments([...day.looks, ...day.stages.slice(1).map(({ fromMin }) => ({ atMin: fromMin }))], total);
  if (day.stages.every((s) => s.place === day.place)) return looked;
  const out: Segment[] = [];
  let at = 0;
  for (const segment of looked) {
    let left = segment.minutes;
    while (left > 0) {
      const i = day.stages.findLastIndex((s) => whole(s.fromMin) <= at);
      const until = whole(day.stages[i + 1]?.fromMin ?? Infinity);
      const minutes = Math.min(left, Number.isFinite(until) ? Math.max(1, until - at) : left);
      out.push({ ...segment, minutes, place: day.stages[i]?.place ?? day.place });
      at += minutes;
      left -= minutes;
    }
  }
  return out;
}

/** `total` minutes with a person at each check. */
function lookSegments(looks: readonly { readonly atMin: number }[], total: number): Segment[] {
  const out: Segment[] = [];
  let at = 0;
  for (const look of [...looks].sort((a, b) => a.atMin - b.atMin)) {
    const from = whole(look.atMin);
    if (from < at || from + LOOK_MIN > total) continue;
    if (from > at) out.push(free(from - at));
    out.push(hands(LOOK_MIN));
    at = from + LOOK_MIN;
  }
  if (at < total) out.push(free(total - at));
  return out;
}

/** After the braise: lifting out, straining and skimming by hand; then the sauce reduces unattended and is seasoned. */
export function finishParts(day: DayPlan): { readonly lift: Segment[]; readonly reduce: Segment[] } {
  const reduce = Math.min(whole(day.reduceMin), Math.max(0, day.work.finish - SEASON_MIN - 1));
  const lift = Math.max(1, day.work.finish - reduce - SEASON_MIN);
  return {
    lift: [hands(lift)],
    reduce: [free(reduce), hands(SEASON_MIN)].filter((s) => s.minutes > 0),
  };
}

const FIRE_LOOK_EVERY_MIN = 30;

/** Bare meat in smoke or warm air, checked every half hour: the fire as much as the meat. */
export function bareSegments(minutes: number): Segment[] {
  const looks = Math.max(1, Math.floor(minutes / FIRE_LOOK_EVERY_MIN));
  return totalling(
    [hands(2), ...Array.from({ length: looks }).flatMap(() => [free(FIRE_LOOK_EVERY_MIN - 1), hands(1)])],
    whole(minutes),
  );
}

const STIR_ICE_EVERY_MIN = 10;

export const COLD_FAT_MIN = 5;

export const BONING_MIN_EACH = 1;

/** From the heat into the fridge: into ice water, stirred, into the fridge. */
export function coolSegments(ahead: AheadWork): Segment[] {
  const stirs = Math.floor(whole(ahead.iceWaterMin) / STIR_ICE_EVERY_MIN);
  const rest = whole(ahead.iceWaterMin) - stirs * STIR_ICE_EVERY_MIN;
  return [
    hands(3),
    ...Array.from({ length: stirs }).flatMap(() => [free(STIR_ICE_EVERY_MIN - 1), hands(1)]),
    free(rest),
    hands(2),
  ];
}

/** Reheating it, checked and stirred now and then. */
export function reheatSegments(ahead: AheadWork): Segment[] {
  return totalling(
    Array.from({ length: Math.ceil(whole(ahead.reheatMin) / STIR_ICE_EVERY_MIN) }).flatMap(() => [
      hands(1),
      free(STIR_ICE_EVERY_MIN - 1),
    ]),
    whole(ahead.reheatMin),
  );
}

export const AHEAD_LIFT_MIN = 3;
