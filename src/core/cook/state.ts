import { type ProblemId } from './problemIds';
import { type CookAct, type EffectiveEvent, type Verdict } from './events';
import { type Message } from '../message';
import { type CoolMethod, type HoldMethod } from '../keep';
import { type StoredBatch } from './storedBatches';
import { type HeatStage, type PlanHeat, type PlanInput } from '../choices';
import { type LidKind } from '../larder';
import { MINUTE_MS } from '../quantity';

/** A minute, ms. */

export type CookPhase = 'preparing' | 'braising' | 'offHeat' | 'finished';

/** A record that makes no sense beside the others: it changes nothing, and is shown with the reason. */
export interface Pointless {
  readonly event: EffectiveEvent;
  readonly why: Message;
}

/** A timer a cook has set. */
export interface SetTimer {
  readonly name: string;
  readonly setMs: number;
  readonly endsMs: number;
}

/** All that follows from the plan and the standing events. */
export interface CookState extends AfterHeat {
  readonly input: PlanInput;
  readonly phase: CookPhase;
  readonly events: readonly EffectiveEvent[];
  /** Recorded and not taken back, and yet not standing. */
  readonly pointless: readonly Pointless[];
  readonly intoPotMs: number | undefined;
  readonly offHeatMs: number | undefined;
  readonly finishedMs: number | undefined;
  readonly verdict: Verdict | undefined;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** The stages of heat from the present one on, as records have changed them, and since when that is on. */
  readonly stages: readonly HeatStage[];
  readonly stageSinceMs: number | undefined;
  readonly turned: boolean;
  /** Steps that were said to be done or left out, and when. */
  readonly steps: ReadonlyMap<string, { readonly how: 'done' | 'skipped'; readonly atMs: number }>;
  /** Timers that were set and not stopped, by their id. */
  readonly timers: ReadonlyMap<string, SetTimer>;
  /** Troubles that were told of, oldest first. */
  readonly troubles: readonly { readonly id: ProblemId; readonly eventId: string; readonly atMs: number }[];
}

/** What holds of the sauce, the table and what is left over. */
export interface AfterHeat {
  readonly hold: { readonly way: HoldMethod; readonly atMs: number } | undefined;
  /** What was counted out, in the order in which the plan counts in. */
  readonly counted: readonly number[] | undefined;
  readonly servedMs: number | undefined;
  readonly cooling: { readonly way: CoolMethod; readonly atMs: number } | undefined;
  /** Boxes put away, as they now are. */
  readonly lots: readonly StoredBatch[];
}

type ActOf<K extends CookAct['kind']> = Extract<CookAct, { kind: K }>;

/** Standing events of one kind, oldest first. */
export function eventsOf<K extends CookAct['kind']>(
  events: readonly EffectiveEvent[],
  kind: K,
): (EffectiveEvent & { readonly act: ActOf<K> })[] {
  return events.filter((e): e is EffectiveEvent & { readonly act: ActOf<K> } => e.act.kind === kind);
}

/** A reading speaks for so long, min; then the estimate does. */
const READING_HOLDS_MIN = 20;

/** The last record of a kind, while it still speaks for the pot. */
export function latestValid<K extends CookAct['kind']>(
  state: CookState,
  kind: K,
  nowMs: number,
): (EffectiveEvent & { readonly act: ActOf<K> }) | undefined {
  const last = eventsOf(state.events, kind).at(-1);
  return last && nowMs - last.atMs < READING_HOLDS_MIN * MINUTE_MS ? last : undefined;
}
