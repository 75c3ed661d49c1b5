import { type ProblemId } from './problemIds';
import { type CookAct, type EffectiveEvent, type Verdict } from './events';
import { type Message } from '../message';
import { type CoolMethod, type HoldMethod } from '../storage';
import { type StoredBatch } from './storedBatches';
import { type HeatPhase, type PlanHeat, type PlanInput } from '../choices';
import { type LidKind } from '../larder';
import { MINUTE_MS } from '../quantity';

/** One minute, ms. */

export type CookPhase = 'preparing' | 'braising' | 'offHeat' | 'finished';

/** A record that contradicts the others: it has no effect, and is shown with the reason. */
export interface RejectedEvent {
  readonly event: EffectiveEvent;
  readonly why: Message;
}

/** A timer set by a cook. */
export interface SetTimer {
  readonly name: string;
  readonly setMs: number;
  readonly endsMs: number;
}

/** Everything that follows from the plan and the effective events. */
export interface CookState extends AfterHeat {
  readonly input: PlanInput;
  readonly phase: CookPhase;
  readonly events: readonly EffectiveEvent[];
  /** Recorded and not undone, but rejected. */
  readonly rejected: readonly RejectedEvent[];
  readonly intoPotMs: number | undefined;
  readonly offHeatMs: number | undefined;
  readonly finishedMs: number | undefined;
  readonly verdict: Verdict | undefined;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** The heat phases from the present one on, as changed by records, and when the present one began. */
  readonly stages: readonly HeatPhase[];
  readonly stageSinceMs: number | undefined;
  readonly turned: boolean;
  /** Steps recorded as done or skipped, and when. */
  readonly steps: ReadonlyMap<string, { readonly how: 'done' | 'skipped'; readonly atMs: number }>;
  /** Running timers, by id. */
  readonly timers: ReadonlyMap<string, SetTimer>;
  /** Reported problems, oldest first. */
  readonly troubles: readonly { readonly id: ProblemId; readonly eventId: string; readonly atMs: number }[];
}

/** State of the sauce, serving and leftovers. */
export interface AfterHeat {
  readonly hold: { readonly way: HoldMethod; readonly atMs: number } | undefined;
  /** Pieces counted out, in the order in which the plan counts them in. */
  readonly counted: readonly number[] | undefined;
  readonly servedMs: number | undefined;
  readonly cooling: { readonly way: CoolMethod; readonly atMs: number } | undefined;
  /** Stored boxes, as they are now. */
  readonly lots: readonly StoredBatch[];
}

type ActOf<K extends CookAct['kind']> = Extract<CookAct, { kind: K }>;

/** Effective events of one kind, oldest first. */
export function eventsOf<K extends CookAct['kind']>(
  events: readonly EffectiveEvent[],
  kind: K,
): (EffectiveEvent & { readonly act: ActOf<K> })[] {
  return events.filter((e): e is EffectiveEvent & { readonly act: ActOf<K> } => e.act.kind === kind);
}

/** How long a reading overrides the estimate, min. */
const READING_HOLDS_MIN = 20;

/** The latest record of a kind that is still valid for the pot. */
export function latestValid<K extends CookAct['kind']>(
  state: CookState,
  kind: K,
  nowMs: number,
): (EffectiveEvent & { readonly act: ActOf<K> }) | undefined {
  const last = eventsOf(state.events, kind).at(-1);
  return last && nowMs - last.atMs < READING_HOLDS_MIN * MINUTE_MS ? last : undefined;
}
